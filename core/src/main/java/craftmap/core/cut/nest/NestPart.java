package craftmap.core.cut.nest;

/**
 * A part to cut.
 *
 * @param turns it may lie a quarter turned
 * @param acrossMm how far into the repeat of the print it begins; counts only where there is one
 */
public record NestPart(
    double widthMm, double heightMm, boolean turns, double acrossMm, double downMm) {
  public NestPart {
    if (!(widthMm > 0) || !(heightMm > 0)) {
      throw new IllegalArgumentException("a part has a size, not " + widthMm + " x " + heightMm);
    }
  }

  /** A part that keeps its direction and follows no repeat. */
  public static NestPart upright(double widthMm, double heightMm) {
    return new NestPart(widthMm, heightMm, false, 0, 0);
  }

  public double areaMm2() {
    return widthMm * heightMm;
  }
}
