package craftmap.core.artwork;

import java.awt.geom.Path2D;

/**
 * Elliptical arcs as cubic curves. Each curve spans at most a sixteenth of the turn, where it is
 * nearer to the true arc than one part in ten million of the radius.
 *
 * <p>The conversion from end points to a centre follows the implementation notes of the SVG 1.1
 * recommendation, appendix F.6.
 */
final class EllipseArc {
  private static final double LARGEST_SPAN = Math.PI / 8;

  private EllipseArc() {}

  /** A whole ellipse as a closed ring. */
  static void appendWhole(Path2D path, double cx, double cy, double rx, double ry) {
    path.moveTo(cx + rx, cy);
    sweep(path, cx, cy, rx, ry, 0, 0, 2 * Math.PI);
    path.closePath();
  }

  /** An arc from the path's current point, the way SVG path data says it. */
  static void append(
      Path2D path,
      double fromX,
      double fromY,
      double rx,
      double ry,
      double turn,
      boolean large,
      boolean sweep,
      double toX,
      double toY) {
    if (fromX == toX && fromY == toY) {
      return;
    }
    if (rx == 0 || ry == 0) {
      path.lineTo(toX, toY);
      return;
    }
    double cos = Math.cos(turn);
    double sin = Math.sin(turn);
    double dx = (fromX - toX) / 2;
    double dy = (fromY - toY) / 2;
    double x1 = cos * dx + sin * dy;
    double y1 = -sin * dx + cos * dy;
    double reach = x1 * x1 / (rx * rx) + y1 * y1 / (ry * ry);
    if (reach > 1) {
      rx *= Math.sqrt(reach);
      ry *= Math.sqrt(reach);
    }
    double over = rx * rx * ry * ry - rx * rx * y1 * y1 - ry * ry * x1 * x1;
    double root = Math.sqrt(Math.max(0, over / (rx * rx * y1 * y1 + ry * ry * x1 * x1)));
    double k = large == sweep ? -root : root;
    double cx1 = k * rx * y1 / ry;
    double cy1 = -k * ry * x1 / rx;
    double cx = cos * cx1 - sin * cy1 + (fromX + toX) / 2;
    double cy = sin * cx1 + cos * cy1 + (fromY + toY) / 2;
    double start = Math.atan2((y1 - cy1) / ry, (x1 - cx1) / rx);
    double end = Math.atan2((-y1 - cy1) / ry, (-x1 - cx1) / rx);
    double span = end - start;
    if (sweep && span < 0) {
      span += 2 * Math.PI;
    } else if (!sweep && span > 0) {
      span -= 2 * Math.PI;
    }
    sweep(path, cx, cy, rx, ry, turn, start, span);
  }

  private static void sweep(
      Path2D path,
      double cx,
      double cy,
      double rx,
      double ry,
      double turn,
      double start,
      double span) {
    int pieces = Math.max(1, (int) Math.ceil(Math.abs(span) / LARGEST_SPAN - 1e-9));
    double step = span / pieces;
    double k = 4.0 / 3 * Math.tan(step / 4);
    double cos = Math.cos(turn);
    double sin = Math.sin(turn);
    for (int i = 0; i < pieces; i++) {
      double a = start + i * step;
      double b = a + step;
      double ax = rx * (Math.cos(a) - k * Math.sin(a));
      double ay = ry * (Math.sin(a) + k * Math.cos(a));
      double bx = rx * (Math.cos(b) + k * Math.sin(b));
      double by = ry * (Math.sin(b) - k * Math.cos(b));
      double ex = rx * Math.cos(b);
      double ey = ry * Math.sin(b);
      path.curveTo(
          cx + cos * ax - sin * ay,
          cy + sin * ax + cos * ay,
          cx + cos * bx - sin * by,
          cy + sin * bx + cos * by,
          cx + cos * ex - sin * ey,
          cy + sin * ex + cos * ey);
    }
  }
}
