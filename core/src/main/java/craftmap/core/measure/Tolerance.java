package craftmap.core.measure;

/** How near two lengths must be to count as the same. It never judges an area. */
public record Tolerance(double lengthMm) {
  /** The core is exact to this; anything nearer is arithmetic noise. */
  public static final Tolerance EXACT = new Tolerance(1e-6);

  public Tolerance {
    if (!(lengthMm > 0) || !Double.isFinite(lengthMm)) {
      throw new IllegalArgumentException("a tolerance is a positive length, not " + lengthMm);
    }
  }

  public boolean sameLength(double aMm, double bMm) {
    return Math.abs(aMm - bMm) <= lengthMm;
  }

  /** True where {@code a} exceeds {@code b} by more than noise. */
  public boolean greater(double aMm, double bMm) {
    return aMm > bMm + lengthMm;
  }

  /**
   * The measure in whole steps of this tolerance. Comparing steps, unlike comparing "within a
   * tolerance", is transitive, so that a ranking built on it is an order.
   */
  public long steps(double mm) {
    return Math.round(mm / lengthMm);
  }

  /** Whole steps in a stretch, counting one that is missed by noise only. */
  public long wholeIn(double stretchMm, double stepMm) {
    return (long) Math.floor((stretchMm + lengthMm) / stepMm);
  }
}
