package craftmap.core.order.bench;

/**
 * What something covers where it lies, or what there is to lie on: a rectangle, which may be turned
 * by a quarter.
 *
 * @param longMm the longer side
 */
public record Footprint(double longMm, double shortMm) {
  public Footprint {
    if (!(shortMm >= 0 && longMm >= shortMm) || Double.isInfinite(longMm)) {
      throw new IllegalArgumentException(
          "impossible state: covers " + longMm + " by " + shortMm + " mm");
    }
  }

  /** Of two sides, whichever is the longer. */
  public static Footprint of(double oneMm, double otherMm) {
    return new Footprint(Math.max(oneMm, otherMm), Math.min(oneMm, otherMm));
  }

  /** Whether something of this size finds room on it; what is just as large does. */
  public boolean holds(Footprint other) {
    return other.longMm <= longMm + ROUNDING_MM && other.shortMm <= shortMm + ROUNDING_MM;
  }

  /** What a length is off by that was typed in inches. */
  private static final double ROUNDING_MM = 0.01;

  public double areaMm2() {
    return longMm * shortMm;
  }
}
