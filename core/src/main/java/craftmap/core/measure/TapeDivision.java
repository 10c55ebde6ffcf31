package craftmap.core.measure;

/**
 * The smallest division of the studio's tape: what lengths are shown in and marks are ticked at.
 * Rounding is to the nearest division, halves away from the datum.
 */
public enum TapeDivision {
  INCH_8(LengthUnit.INCH, Length.MM_PER_INCH / 8, 8),
  INCH_16(LengthUnit.INCH, Length.MM_PER_INCH / 16, 16),
  INCH_32(LengthUnit.INCH, Length.MM_PER_INCH / 32, 32),
  MM_1(LengthUnit.MM, 1, 1),
  MM_HALF(LengthUnit.MM, 0.5, 2),
  CM_TENTH(LengthUnit.CM, 1, 10);

  private final LengthUnit unit;
  private final double mm;
  private final int perUnit;

  TapeDivision(LengthUnit unit, double mm, int perUnit) {
    this.unit = unit;
    this.mm = mm;
    this.perUnit = perUnit;
  }

  public LengthUnit unit() {
    return unit;
  }

  /** The size of one division. */
  public double mm() {
    return mm;
  }

  public long divisionsIn(double lengthMm) {
    long nearest = Math.round(Math.abs(lengthMm) / mm);
    return lengthMm < 0 ? -nearest : nearest;
  }

  /** The length as this tape can show it. */
  public double nearest(double lengthMm) {
    return divisionsIn(lengthMm) * mm;
  }

  /** The length with its unit, such as {@code 17 3/8"}, {@code 441.5 mm} or {@code 44.1 cm}. */
  public String show(double lengthMm) {
    return figure(lengthMm)
        + switch (unit) {
          case INCH -> "\"";
          case MM -> " mm";
          case CM -> " cm";
        };
  }

  /** The figure alone, as it stands beside a tape whose unit is printed on it. */
  public String figure(double lengthMm) {
    long divisions = divisionsIn(lengthMm);
    String sign = divisions < 0 ? "-" : "";
    long whole = Math.abs(divisions) / perUnit;
    long part = Math.abs(divisions) % perUnit;
    if (part == 0) {
      return sign + whole;
    }
    if (unit != LengthUnit.INCH) {
      return sign + Decimals.show(Math.abs(divisions) / (double) perUnit, 1);
    }
    long common = gcd(part, perUnit);
    String fraction = part / common + "/" + perUnit / common;
    return sign + (whole == 0 ? fraction : whole + " " + fraction);
  }

  private static long gcd(long a, long b) {
    return b == 0 ? a : gcd(b, a % b);
  }
}
