package craftmap.core.artwork;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Map;
import java.util.function.BiFunction;

/** The shapes of SVG as paths. */
final class SvgShapes {
  private static final Figure FIELD = said("artwork");

  private SvgShapes() {}

  /**
   * The shape's path.
   *
   * @param refused makes the refusal, which knows the line: what it is, what is wrong with it
   */
  static Path2D.Double shape(
      String name, Map<String, String> own, BiFunction<Figure, Figure, RefusedInput> refused) {
    Path2D.Double path = new Path2D.Double();
    switch (name) {
      case "path" -> path.append(SvgPath.read(text(name, "d", own, refused)), false);
      case "circle" -> {
        double r = number(own, "r");
        ellipse(path, number(own, "cx"), number(own, "cy"), r, r);
      }
      case "ellipse" ->
          ellipse(path, number(own, "cx"), number(own, "cy"), number(own, "rx"), number(own, "ry"));
      case "rect" -> rectangle(path, own);
      case "line" -> {
        path.moveTo(number(own, "x1"), number(own, "y1"));
        path.lineTo(number(own, "x2"), number(own, "y2"));
      }
      case "polygon", "polyline" -> {
        double[] points =
            SvgNumbers.list(
                text(name, "points", own, refused), name.equals("polygon") ? -3 : -2, FIELD);
        for (int i = 0; i + 1 < points.length; i += 2) {
          if (i == 0) {
            path.moveTo(points[0], points[1]);
          } else {
            path.lineTo(points[i], points[i + 1]);
          }
        }
        if (name.equals("polygon")) {
          path.closePath();
        }
      }
      default ->
          throw refused.apply(
              said("element", given(name)), said("is-not-a-shape-that-is-read-here"));
    }
    return path;
  }

  private static void ellipse(Path2D.Double path, double cx, double cy, double rx, double ry) {
    if (rx > 0 && ry > 0) {
      EllipseArc.appendWhole(path, cx, cy, rx, ry);
    }
  }

  /** Corners are arcs of ellipses; a missing radius is the other one, neither over half a side. */
  private static void rectangle(Path2D.Double path, Map<String, String> own) {
    double x = number(own, "x");
    double y = number(own, "y");
    double w = number(own, "width");
    double h = number(own, "height");
    if (!(w > 0) || !(h > 0)) {
      return;
    }
    double rx = Math.min(own.containsKey("rx") ? number(own, "rx") : number(own, "ry"), w / 2);
    double ry = Math.min(own.containsKey("ry") ? number(own, "ry") : number(own, "rx"), h / 2);
    if (!(rx > 0) || !(ry > 0)) {
      path.append(new Rectangle2D.Double(x, y, w, h), false);
      return;
    }
    path.moveTo(x + rx, y);
    path.lineTo(x + w - rx, y);
    EllipseArc.append(path, x + w - rx, y, rx, ry, 0, false, true, x + w, y + ry);
    path.lineTo(x + w, y + h - ry);
    EllipseArc.append(path, x + w, y + h - ry, rx, ry, 0, false, true, x + w - rx, y + h);
    path.lineTo(x + rx, y + h);
    EllipseArc.append(path, x + rx, y + h, rx, ry, 0, false, true, x, y + h - ry);
    path.lineTo(x, y + ry);
    EllipseArc.append(path, x, y + ry, rx, ry, 0, false, true, x + rx, y);
    path.closePath();
  }

  private static String text(
      String name,
      String attribute,
      Map<String, String> own,
      BiFunction<Figure, Figure, RefusedInput> refused) {
    String value = own.get(attribute);
    if (value == null || value.isBlank()) {
      throw refused.apply(said("element", given(name)), said("lacks-its", given(attribute)));
    }
    return value;
  }

  private static double number(Map<String, String> own, String attribute) {
    String value = own.get(attribute);
    return value == null ? 0 : SvgNumbers.list(value.strip().replaceFirst("px$", ""), 1, FIELD)[0];
  }
}
