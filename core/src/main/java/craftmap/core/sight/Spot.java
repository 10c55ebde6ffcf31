package craftmap.core.sight;

/** A place on a photo: pixels right of and below its top left corner. */
public record Spot(double xPx, double yPx) {
  public Spot {
    if (!Double.isFinite(xPx) || !Double.isFinite(yPx)) {
      throw new IllegalArgumentException("a spot is finite, not " + xPx + ", " + yPx);
    }
  }

  public double distancePx(Spot other) {
    return Math.hypot(other.xPx - xPx, other.yPx - yPx);
  }
}
