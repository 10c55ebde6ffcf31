package craftmap.server.exchange;

import craftmap.core.measure.Decimals;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.PlanReading;
import craftmap.core.surface.Face;
import craftmap.server.piece.PathData;
import java.util.List;

/** The map of a piece, or its faces as templates, as SVG in millimetres with named groups. */
final class MapSvg {
  private static final double GAP_MM = 20;
  private static final int DECIMALS = 3;

  private final StringBuilder out = new StringBuilder();

  private MapSvg() {}

  /** The net, in true colours, with everything that is marked and laid. */
  static String map(String name, PlanReading reading) {
    double width = 1;
    double height = 1;
    for (PlanReading.FaceReading face : reading.faces()) {
      if (face.place().onNet().isPresent()) {
        width = Math.max(width, face.place().onNet().get().rightMm());
        height = Math.max(height, face.place().onNet().get().bottomMm());
      }
    }
    MapSvg svg = new MapSvg();
    svg.open(name, width, height);
    for (PlanReading.FaceReading face : reading.faces()) {
      face.place().onNet().ifPresent(box -> svg.face(face, box.leftMm(), box.topMm(), true));
    }
    return svg.close();
  }

  /** Every face by itself, one below the other, outlines only, for templates. */
  static String templates(String name, PlanReading reading) {
    List<PlanReading.FaceReading> faces =
        reading.faces().stream().filter(f -> f.place().shown()).toList();
    double width = faces.stream().mapToDouble(f -> f.face().outline().widthMm()).max().orElse(1);
    double height = faces.stream().mapToDouble(f -> f.face().outline().heightMm() + GAP_MM).sum();
    MapSvg svg = new MapSvg();
    svg.open(name, width, Math.max(1, height));
    double y = 0;
    for (PlanReading.FaceReading face : faces) {
      svg.face(face, 0, y, false);
      y += face.face().outline().heightMm() + GAP_MM;
    }
    return svg.close();
  }

  private void open(String name, double width, double height) {
    out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
        .append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
        .append(mm(width))
        .append("mm\" height=\"")
        .append(mm(height))
        .append("mm\" viewBox=\"0 0 ")
        .append(mm(width))
        .append(' ')
        .append(mm(height))
        .append("\">\n<title>")
        .append(text(name))
        .append("</title>\n");
  }

  private String close() {
    return out.append("</svg>\n").toString();
  }

  private void face(PlanReading.FaceReading reading, double left, double top, boolean coloured) {
    Face face = reading.face();
    out.append("<g id=\"face-")
        .append(text(face.id()))
        .append("\" transform=\"translate(")
        .append(mm(left))
        .append(' ')
        .append(mm(top))
        .append(")\">\n<title>")
        .append(text(face.name()))
        .append("</title>\n");
    path(
        "outline", PathData.of(face.outline()), coloured ? face.ground().hex() : "none", "#25313A");
    if (coloured) {
      face.marks()
          .zones()
          .forEach(
              z ->
                  path("zone", PathData.of(z.area().on(face.outline())), z.colour().hex(), "none"));
      for (LayReading lay : reading.lays()) {
        if (lay instanceof LayReading.Laid laid) {
          out.append("<g class=\"lay\" id=\"lay-").append(text(lay.lay().id())).append("\">\n");
          String colour = laid.paint().map(p -> p.colour().hex()).orElse("#6C6A62");
          laid.items().forEach(i -> path("item", PathData.of(i.print()), colour, "none"));
          out.append("</g>\n");
        }
      }
    }
    face.keepOuts()
        .forEach(
            k -> path("keep-out", PathData.of(k.area().on(face.outline())), "none", "#A8431F"));
    face.marks()
        .breaks()
        .forEach(
            b ->
                out.append("<line class=\"break\" x1=\"")
                    .append(mm(b.from().xMm()))
                    .append("\" y1=\"")
                    .append(mm(b.from().yMm()))
                    .append("\" x2=\"")
                    .append(mm(b.to().xMm()))
                    .append("\" y2=\"")
                    .append(mm(b.to().yMm()))
                    .append("\" stroke=\"#25313A\" stroke-width=\"0.5\"/>\n"));
    face.marks()
        .holes()
        .forEach(
            h -> h.centres().forEach(c -> circle("hole", c.xMm(), c.yMm(), h.diameterMm() / 2)));
    if (coloured) {
      reading
          .face()
          .blemishes()
          .forEach(b -> circle("blemish", b.centre().xMm(), b.centre().yMm(), b.diameterMm() / 2));
    }
    out.append("</g>\n");
  }

  private void path(String kind, String data, String fill, String stroke) {
    out.append("<path class=\"")
        .append(kind)
        .append("\" d=\"")
        .append(data)
        .append("\" fill=\"")
        .append(fill)
        .append("\" fill-rule=\"evenodd\" stroke=\"")
        .append(stroke)
        .append("\" stroke-width=\"0.3\"/>\n");
  }

  private void circle(String kind, double x, double y, double r) {
    out.append("<circle class=\"")
        .append(kind)
        .append("\" cx=\"")
        .append(mm(x))
        .append("\" cy=\"")
        .append(mm(y))
        .append("\" r=\"")
        .append(mm(r))
        .append("\" fill=\"none\" stroke=\"#25313A\" stroke-width=\"0.3\"/>\n");
  }

  private static String mm(double value) {
    return Decimals.show(value, DECIMALS);
  }

  static String text(String words) {
    return words
        .replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }
}
