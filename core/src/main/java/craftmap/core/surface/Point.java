package craftmap.core.surface;

/** A place on a face: millimetres right of and below its top left corner. */
public record Point(double xMm, double yMm) {
  public Point {
    if (!Double.isFinite(xMm) || !Double.isFinite(yMm)) {
      throw new IllegalArgumentException("a point has finite coordinates, not " + xMm + ", " + yMm);
    }
    xMm += 0.0;
    yMm += 0.0;
  }
}
