package craftmap.core.measure;

/** A length in millimetres: finite, and without a negative zero. */
public record Length(double mm) implements Comparable<Length> {
  public static final double MM_PER_INCH = 25.4;

  /** No piece of furniture, sheet or roll that is planned here is longer. */
  public static final Length LONGEST = new Length(20_000);

  public Length {
    if (!Double.isFinite(mm)) {
      throw new IllegalArgumentException("a length is a finite number of millimetres, not " + mm);
    }
    mm += 0.0;
  }

  public static Length ofMm(double mm) {
    return new Length(mm);
  }

  public boolean near(Length other, Tolerance tolerance) {
    return tolerance.sameLength(mm, other.mm);
  }

  @Override
  public int compareTo(Length other) {
    return Double.compare(mm, other.mm);
  }
}
