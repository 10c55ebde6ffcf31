package craftmap.core.artwork;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** Painted shapes on a sheet, in the order they were painted, in millimetres. */
public final class Drawing {
  private static final int PATH_DECIMALS = 4;

  private final double widthMm;
  private final double heightMm;
  private final boolean trueSize;
  private final List<PaintedShape> shapes;

  Drawing(double widthMm, double heightMm, boolean trueSize, List<PaintedShape> shapes) {
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.trueSize = trueSize;
    this.shapes = List.copyOf(shapes);
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }

  /** False while the file says no size of a ruler: then one known measure is wanted. */
  public boolean trueSize() {
    return trueSize;
  }

  public int shapeCount() {
    return shapes.size();
  }

  /** The drawing at its true size, from one thing that was measured. */
  public Drawing scaledBy(double factor) {
    double w = LengthRange.SIZE.check("sheet-width", widthMm * factor);
    double h = LengthRange.SIZE.check("sheet-height", heightMm * factor);
    return moved(AffineTransform.getScaleInstance(factor, factor), w, h, true);
  }

  /** Only what lies in the box, which becomes the sheet. */
  public Drawing cropped(Box box) {
    if (box.leftMm() < 0
        || box.topMm() < 0
        || box.rightMm() > widthMm * (1 + 1e-9)
        || box.bottomMm() > heightMm * (1 + 1e-9)) {
      throw new RefusedInput(
          "crop",
          said("across-by-down", mm(box.widthMm()), mm(box.heightMm())),
          said("reaches-over-the-edge-of-the-picture"),
          said("a-box-within-it"));
    }
    return moved(
        AffineTransform.getTranslateInstance(-box.leftMm(), -box.topMm()),
        box.widthMm(),
        box.heightMm(),
        trueSize);
  }

  private Drawing moved(AffineTransform t, double w, double h, boolean known) {
    return new Drawing(w, h, known, shapes.stream().map(s -> s.through(t)).toList());
  }

  /** What is cut out of the sheet: dark shapes are openings, light ones are sheet again. */
  public Artwork openings() {
    return Openings.of(shapes, widthMm, heightMm);
  }

  /** The outline of all that is painted, whatever its colour. */
  public Artwork silhouette() {
    return Openings.silhouette(shapes, widthMm, heightMm);
  }

  /** The outline of all that is painted in another colour than the bare sheet has. */
  Geometry ink(Optional<Colour> bare) {
    return Openings.ink(shapes, widthMm, heightMm, bare).outline();
  }

  /** The drawing as an SVG file that has nothing in it but plain shapes. */
  public String svg() {
    StringBuilder out = new StringBuilder();
    out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
        .append(show(widthMm))
        .append("mm\" height=\"")
        .append(show(heightMm))
        .append("mm\" viewBox=\"0 0 ")
        .append(show(widthMm))
        .append(' ')
        .append(show(heightMm))
        .append("\">\n");
    shapes.forEach(s -> append(out, s));
    return out.append("</svg>\n").toString();
  }

  private static void append(StringBuilder out, PaintedShape shape) {
    out.append("<path d=\"");
    appendPath(out, shape);
    out.append("\" fill=\"").append(shape.fill().map(i -> i.colour().hex()).orElse("none"));
    out.append('"');
    shape.fill().filter(i -> i.opacity() < 1).ifPresent(i -> opacity(out, "fill-opacity", i));
    if (shape.path().getWindingRule() == PathIterator.WIND_EVEN_ODD) {
      out.append(" fill-rule=\"evenodd\"");
    }
    shape
        .line()
        .ifPresent(
            i -> {
              out.append(" stroke=\"").append(i.colour().hex()).append("\" stroke-width=\"");
              out.append(show(shape.pen().getLineWidth())).append('"');
              if (i.opacity() < 1) {
                opacity(out, "stroke-opacity", i);
              }
              out.append(
                  switch (shape.pen().getEndCap()) {
                    case java.awt.BasicStroke.CAP_ROUND -> " stroke-linecap=\"round\"";
                    case java.awt.BasicStroke.CAP_SQUARE -> " stroke-linecap=\"square\"";
                    default -> "";
                  });
              out.append(
                  switch (shape.pen().getLineJoin()) {
                    case java.awt.BasicStroke.JOIN_ROUND -> " stroke-linejoin=\"round\"";
                    case java.awt.BasicStroke.JOIN_BEVEL -> " stroke-linejoin=\"bevel\"";
                    default -> "";
                  });
            });
    out.append("/>\n");
  }

  private static void opacity(StringBuilder out, String name, Ink ink) {
    out.append(' ').append(name).append("=\"");
    out.append(Decimals.show(ink.opacity(), 3)).append('"');
  }

  private static void appendPath(StringBuilder out, PaintedShape shape) {
    double[] c = new double[6];
    for (PathIterator it = shape.path().getPathIterator(null); !it.isDone(); it.next()) {
      int kind = it.currentSegment(c);
      switch (kind) {
        case PathIterator.SEG_MOVETO -> append(out, 'M', c, 2);
        case PathIterator.SEG_LINETO -> append(out, 'L', c, 2);
        case PathIterator.SEG_QUADTO -> append(out, 'Q', c, 4);
        case PathIterator.SEG_CUBICTO -> append(out, 'C', c, 6);
        default -> out.append('Z');
      }
    }
  }

  private static void append(StringBuilder out, char command, double[] c, int count) {
    out.append(command);
    for (int i = 0; i < count; i++) {
      if (i > 0) {
        out.append(' ');
      }
      out.append(show(c[i]));
    }
  }

  private static String show(double mm) {
    return Decimals.show(mm, PATH_DECIMALS);
  }

  /** The drawing as a picture whose longer side has that many pixels; what is bare is clear. */
  public Pixels pixels(int longerSidePx) {
    double k = longerSidePx / Math.max(widthMm, heightMm);
    int w = Math.max(1, (int) Math.round(widthMm * k));
    int h = Math.max(1, (int) Math.round(heightMm * k));
    BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.scale(w / widthMm, h / heightMm);
    for (PaintedShape shape : shapes) {
      shape
          .fill()
          .ifPresent(
              ink -> {
                g.setColor(new java.awt.Color(ink.argb(), true));
                g.fill(shape.path());
              });
      shape
          .line()
          .ifPresent(
              ink -> {
                g.setColor(new java.awt.Color(ink.argb(), true));
                g.setStroke(shape.pen());
                g.draw(shape.path());
              });
    }
    g.dispose();
    return new Pixels(w, h, image.getRGB(0, 0, w, h, null, 0, w));
  }
}
