package craftmap.server.exchange;

import craftmap.core.coats.Blend;
import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.Picture;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.StencilDesign;
import craftmap.core.lay.Item;
import craftmap.core.measure.Decimals;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Face;
import craftmap.core.surface.Zone;
import craftmap.server.piece.view.PathData;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** The map of a piece, or its faces as templates, as SVG in millimetres with named groups. */
final class MapSvg {
  private static final double GAP_MM = 20;
  private static final int DECIMALS = 3;
  private static final String INK = "#25313A";

  private final StringBuilder out = new StringBuilder();

  /** A picture as an address that holds it all; none for what has none. */
  private final Function<Design, Optional<String>> pictures;

  private final Map<String, String> arts = new HashMap<>();
  private int parts;

  /** What gives faces their colours; none where they are outlines only. */
  private final Optional<CoatsReading> coats;

  /** Whether what only helps the work is drawn: keep-outs, breaks, holes, blemishes. */
  private final boolean marked;

  private MapSvg(
      Function<Design, Optional<String>> pictures, Optional<CoatsReading> coats, boolean marked) {
    this.coats = coats;
    this.pictures = pictures;
    this.marked = marked;
  }

  /**
   * The net, in true colours, with everything that is laid.
   *
   * @param marked whether also with everything that is marked
   */
  static String map(
      String name,
      PlanReading reading,
      CoatsReading coats,
      Function<Design, Optional<String>> pictures,
      boolean marked) {
    double width = 1;
    double height = 1;
    for (PlanReading.FaceReading face : reading.faces()) {
      if (face.place().onNet().isPresent()) {
        width = Math.max(width, face.place().onNet().get().rightMm());
        height = Math.max(height, face.place().onNet().get().bottomMm());
      }
    }
    MapSvg svg = new MapSvg(pictures, Optional.of(coats), marked);
    svg.open(name, width, height);
    for (PlanReading.FaceReading face : reading.faces()) {
      face.place().onNet().ifPresent(box -> svg.face(face, box.leftMm(), box.topMm()));
    }
    return svg.close();
  }

  /** Every face by itself, one below the other, outlines only, for templates. */
  static String templates(String name, PlanReading reading) {
    List<PlanReading.FaceReading> faces =
        reading.faces().stream().filter(f -> f.place().shown()).toList();
    double width = faces.stream().mapToDouble(f -> f.face().outline().widthMm()).max().orElse(1);
    double height = faces.stream().mapToDouble(f -> f.face().outline().heightMm() + GAP_MM).sum();
    MapSvg svg = new MapSvg(design -> Optional.empty(), Optional.empty(), true);
    svg.open(name, width, Math.max(1, height));
    double y = 0;
    for (PlanReading.FaceReading face : faces) {
      svg.face(face, 0, y);
      y += face.face().outline().heightMm() + GAP_MM;
    }
    return svg.close();
  }

  /** One face in true colours with what is laid on it, and nothing that only helps the work. */
  static String face(
      PlanReading.FaceReading face,
      CoatsReading coats,
      Function<Design, Optional<String>> pictures) {
    MapSvg svg = new MapSvg(pictures, Optional.of(coats), false);
    svg.open(face.face().name(), face.face().outline().widthMm(), face.face().outline().heightMm());
    svg.face(face, 0, 0);
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

  private void face(PlanReading.FaceReading reading, double left, double top) {
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
    path("outline", PathData.of(face.outline()), coats.map(c -> fill(c, face)).orElse("none"), INK);
    if (coats.isPresent()) {
      for (Zone z : face.marks().zones()) {
        Colour shows = coats.get().shows(face.id(), z.id()).orElse(z.colour());
        path("zone", PathData.of(z.area().on(face.outline())), shows.hex(), "none");
      }
      for (LayReading lay : reading.lays()) {
        if (lay instanceof LayReading.Laid laid) {
          out.append("<g class=\"lay\" id=\"lay-").append(text(lay.lay().id())).append("\">\n");
          laid.items().forEach(i -> item(i, laid.shownIn().map(Colour::hex)));
          out.append("</g>\n");
        }
      }
    }
    if (marked) {
      marks(face);
    }
    out.append("</g>\n");
  }

  private void marks(Face face) {
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
    if (coats.isPresent()) {
      face.blemishes()
          .forEach(b -> circle("blemish", b.centre().xMm(), b.centre().yMm(), b.diameterMm() / 2));
    }
  }

  /** A picture as it is seen; anything else as its shape in its colour. */
  private void item(Item item, Optional<String> paint) {
    Optional<String> picture =
        item.design() instanceof StencilDesign ? Optional.empty() : pictures.apply(item.design());
    if (picture.isPresent()) {
      picture(item, picture.get());
      return;
    }
    String colour =
        paint
            .or(() -> item.design().colours().stream().findFirst().map(Colour::hex))
            .orElse(item.design() instanceof PlasterFabric ? "#F2EEE4" : "#6C6A62");
    path("item", PathData.of(item.print()), colour, "none");
  }

  private void picture(Item item, String address) {
    String art = arts.get(item.design().id());
    Picture sheet = item.design().picture().orElseThrow();
    if (art == null) {
      art = "art-" + (arts.size() + 1);
      arts.put(item.design().id(), art);
      out.append(
              "<defs><image id=\"%s\" width=\"%s\" height=\"%s\" "
                  .formatted(art, mm(sheet.widthMm()), mm(sheet.heightMm())))
          .append("preserveAspectRatio=\"none\" href=\"")
          .append(address)
          .append("\"/></defs>\n");
    }
    String clip = "part-" + ++parts;
    var middle = item.design().printed().centre();
    double scale = item.at().scale();
    out.append(
            "<clipPath id=\"%s\"><path clip-rule=\"evenodd\" d=\"%s\"/></clipPath>\n"
                .formatted(clip, PathData.of(item.visibleArea())))
        .append("<g class=\"item\" clip-path=\"url(#%s)\"><use href=\"#%s\" ".formatted(clip, art))
        .append(
            "transform=\"translate(%s %s) rotate(%s) scale(%s %s) translate(%s %s)\"/></g>\n"
                .formatted(
                    mm(item.centre().xMm()),
                    mm(item.centre().yMm()),
                    mm(item.at().turnDeg()),
                    mm(item.at().mirrored() ? -scale : scale),
                    mm(scale),
                    mm(-middle.xMm()),
                    mm(-middle.yMm())));
  }

  /** What the coats of a face end with: one colour, or those that are worked together. */
  private String fill(CoatsReading of, Face face) {
    List<Blend.Stop> stops =
        of.blend(face.id()).map(b -> b.stops(face.outline().heightMm())).orElse(List.of());
    if (stops.isEmpty()) {
      return of.shows(face.id()).orElse(face.ground()).hex();
    }
    String id = "blend-" + text(face.id());
    out.append("<linearGradient id=\"")
        .append(id)
        .append("\" x1=\"0\" y1=\"1\" x2=\"0\" y2=\"0\">\n");
    for (Blend.Stop stop : stops) {
      out.append("<stop offset=\"")
          .append(Decimals.show(stop.at(), 4))
          .append("\" stop-color=\"")
          .append(stop.seen().colour().hex())
          .append("\"/>\n");
    }
    out.append("</linearGradient>\n");
    return "url(#" + id + ")";
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
