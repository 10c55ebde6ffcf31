package craftmap.core.surface.outline;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How a four-sided face departs from square.
 *
 * @param anglesDeg the corner angles, top left, top right, bottom right, bottom left
 * @param diagonalMm the other diagonal as it follows from the sides
 * @param closureMm what was taped of it less what follows; over {@link #MEASURE_AGAIN_FROM_MM} the
 *     tape slipped somewhere
 * @param lowerOnTheRightMm how much longer the right side is than the left; negative where the left
 *     is longer
 */
public record Squareness(
    List<Point> corners,
    List<Double> anglesDeg,
    double diagonalMm,
    OptionalDouble closureMm,
    double lowerOnTheRightMm) {
  public static final double MEASURE_AGAIN_FROM_MM = 3;

  /** How far a length may be off as it is read from a tape of millimetres. */
  private static final double READ_TO_MM = 0.5;

  public Squareness {
    corners = List.copyOf(corners);
    anglesDeg = List.copyOf(anglesDeg);
  }

  static Squareness of(List<Point> corners, OptionalDouble tapedMm) {
    double[] angles = new double[4];
    for (int i = 0; i < 4; i++) {
      Point at = corners.get(i);
      Point before = corners.get((i + 3) % 4);
      Point after = corners.get((i + 1) % 4);
      double a = Math.atan2(before.yMm() - at.yMm(), before.xMm() - at.xMm());
      double b = Math.atan2(after.yMm() - at.yMm(), after.xMm() - at.xMm());
      double turn = Math.toDegrees(a - b);
      angles[i] = turn < 0 ? turn + 360 : turn;
    }
    double q = corners.get(1).distanceMm(corners.get(3));
    return new Squareness(
        corners,
        List.of(angles[0], angles[1], angles[2], angles[3]),
        q,
        tapedMm.isPresent() ? OptionalDouble.of(tapedMm.getAsDouble() - q) : OptionalDouble.empty(),
        corners.get(1).distanceMm(corners.get(2)) - corners.get(0).distanceMm(corners.get(3)));
  }

  public boolean measureAgain() {
    return closureMm.isPresent() && Math.abs(closureMm.getAsDouble()) > MEASURE_AGAIN_FROM_MM;
  }

  /**
   * As near as a tape can tell: opposite sides are alike, the first diagonal is that of a right
   * angle, and what was taped of the other one agrees.
   */
  public boolean isSquare() {
    double top = side(0, 1);
    double right = side(1, 2);
    double diagonal = Math.hypot(top, right);
    // of a right angle's diagonal each reading of a side makes as much as it lies along it
    return alike(top, side(3, 2), 2)
        && alike(right, side(0, 3), 2)
        && alike(side(0, 2), diagonal, 1 + (top + right) / diagonal)
        && !measureAgain();
  }

  private double side(int from, int to) {
    return corners.get(from).distanceMm(corners.get(to));
  }

  private static boolean alike(double aMm, double bMm, double readings) {
    return Math.abs(aMm - bMm) <= readings * READ_TO_MM + Tolerance.EXACT.lengthMm();
  }

  /**
   * How much the edge across departs from a datum edge: the distance of its later end from the
   * datum less that of its earlier one, in the direction the tape runs. Positive where it runs
   * away.
   */
  public double farEdgeDepartsMm(Edge datum) {
    // the datum from its start to its end, then the far edge the same way
    int[] at =
        switch (datum) {
          case TOP -> new int[] {0, 1, 3, 2};
          case BOTTOM -> new int[] {3, 2, 0, 1};
          case LEFT -> new int[] {0, 3, 1, 2};
          case RIGHT -> new int[] {1, 2, 0, 3};
        };
    Point a = corners.get(at[0]);
    Point b = corners.get(at[1]);
    return off(a, b, corners.get(at[3])) - off(a, b, corners.get(at[2]));
  }

  /** How much that is for each metre of the datum. */
  public double farEdgeDepartsMmPerMetre(Edge datum) {
    int[] ends =
        switch (datum) {
          case TOP -> new int[] {0, 1};
          case RIGHT -> new int[] {1, 2};
          case BOTTOM -> new int[] {2, 3};
          case LEFT -> new int[] {3, 0};
        };
    double length = corners.get(ends[0]).distanceMm(corners.get(ends[1]));
    return farEdgeDepartsMm(datum) / length * 1000;
  }

  private static double off(Point a, Point b, Point p) {
    double dx = b.xMm() - a.xMm();
    double dy = b.yMm() - a.yMm();
    return Math.abs(dx * (p.yMm() - a.yMm()) - dy * (p.xMm() - a.xMm())) / Math.hypot(dx, dy);
  }
}
