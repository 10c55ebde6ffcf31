package craftmap.core.measure;

/** The unit a bare number is read in. */
public enum LengthUnit {
  INCH(Length.MM_PER_INCH),
  MM(1),
  CM(10);

  private final double mm;

  LengthUnit(double mm) {
    this.mm = mm;
  }

  public double mm() {
    return mm;
  }
}
