package craftmap.core.surface.outline;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;

/** Corners found from two known ones and the tape's distance to each. */
final class Triangles {
  private Triangles() {}

  /**
   * The corner at a distance from a and from b, on the side that is clockwise of a to b as seen.
   *
   * @throws RefusedInput when the three lengths close no triangle
   */
  static Point corner(Point a, Point b, double fromAMm, double fromBMm, Figure field) {
    double base = a.distanceMm(b);
    double along = (base * base + fromAMm * fromAMm - fromBMm * fromBMm) / (2 * base);
    double up2 = fromAMm * fromAMm - along * along;
    if (!(up2 > Tolerance.EXACT.lengthMm())) {
      throw new RefusedInput(
          field,
          mm(fromAMm),
          said("does-not-meet-the-other-sides"),
          said(
              "a-length-between-and-or-measure-again",
              mm(Math.abs(base - fromBMm)),
              mm(base + fromBMm)));
    }
    double up = Math.sqrt(up2);
    double ux = (b.xMm() - a.xMm()) / base;
    double uy = (b.yMm() - a.yMm()) / base;
    return new Point(a.xMm() + along * ux - up * uy, a.yMm() + along * uy + up * ux);
  }
}
