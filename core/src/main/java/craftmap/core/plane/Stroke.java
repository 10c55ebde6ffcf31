package craftmap.core.plane;

import java.util.List;

/**
 * One piece of an outline, from one point to the next: straight, or an arc of an upright ellipse.
 */
public sealed interface Stroke permits Line, Arc {
  Point from();

  Point to();

  double lengthMm();

  /**
   * Half the integral of x dy - y dx along the stroke: by Green's theorem these add up to the area
   * inside a closed outline, positive where it runs clockwise as seen (y down).
   */
  double sweptMm2();

  /** The points after {@link #from}, {@link #to} among them, no chord further off than given. */
  List<Point> flattened(double flatnessMm);

  /** The smallest and largest x and y that the stroke reaches. */
  Extent extent();

  Stroke movedBy(double dxMm, double dyMm);

  /** Turned over left to right about the upright line at x, and run the other way. */
  Stroke mirroredAt(double xMm);
}
