package craftmap.core.plane;

/** A place on a face: millimetres right of and below its top left corner. */
public record Point(double xMm, double yMm) {
  public Point {
    if (!Double.isFinite(xMm) || !Double.isFinite(yMm)) {
      throw new IllegalArgumentException("a point has finite coordinates, not " + xMm + ", " + yMm);
    }
    xMm += 0.0;
    yMm += 0.0;
  }

  public double distanceMm(Point other) {
    return Math.hypot(other.xMm - xMm, other.yMm - yMm);
  }

  public Point movedBy(double dxMm, double dyMm) {
    return new Point(xMm + dxMm, yMm + dyMm);
  }

  /** Turned over left to right about the upright line at x. */
  public Point mirroredAt(double atMm) {
    return new Point(2 * atMm - xMm, yMm);
  }
}
