package craftmap.core.cut.nest;

/**
 * A part to cut.
 *
 * @param turns it may lie a quarter turned
 * @param acrossMm how far into the repeat of the print it begins; counts only where there is one
 * @param meets parts of one number meet each other: their beginnings are as far apart in the repeat
 *     as told, wherever the first of them begins; {@link #AS_TOLD} where it begins just there
 */
public record NestPart(
    double widthMm, double heightMm, boolean turns, double acrossMm, double downMm, int meets) {
  /** It begins where it is told to in the repeat. */
  public static final int AS_TOLD = 0;

  public NestPart {
    if (!(widthMm > 0) || !(heightMm > 0)) {
      throw new IllegalArgumentException("a part has a size, not " + widthMm + " x " + heightMm);
    }
  }

  /** A part that keeps its direction and follows no repeat. */
  public static NestPart upright(double widthMm, double heightMm) {
    return new NestPart(widthMm, heightMm, false, 0, 0, AS_TOLD);
  }

  /** The same with room for the knife on two sides. */
  NestPart grown(double knifeMm) {
    return new NestPart(widthMm + knifeMm, heightMm + knifeMm, turns, acrossMm, downMm, meets);
  }

  public double areaMm2() {
    return widthMm * heightMm;
  }
}
