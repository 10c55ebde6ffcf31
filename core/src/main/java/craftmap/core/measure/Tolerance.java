package craftmap.core.measure;

/**
 * How near two measures must be to count as the same. A tolerance for lengths never judges an area:
 * the area form is derived from the length over which the difference would have to lie.
 */
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

  /** The same area up to a strip of this tolerance along {@code alongMm}. */
  public boolean sameArea(double aMm2, double bMm2, double alongMm) {
    return Math.abs(aMm2 - bMm2) <= lengthMm * Math.max(1, alongMm);
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
