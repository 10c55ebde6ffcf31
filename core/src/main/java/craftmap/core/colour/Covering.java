package craftmap.core.colour;

import java.util.OptionalInt;

/**
 * What coats of a paint leave of the colour under them: the eye sees p + (c - p)(1 - h) after a
 * coat of paint p that hides the share h of c, mixed in CIE 1976 L*a*b*.
 *
 * @param share what one coat hides, 0 (clear) to 1 (nothing shows through)
 */
public record Covering(Lab paint, double share) {
  /** A difference that is not seen from a step away: by CIEDE2000. */
  public static final double HIDDEN = 3;

  public Covering {
    if (!(share >= 0 && share <= 1)) {
      throw new IllegalArgumentException("impossible state: a coat hides " + share);
    }
  }

  public static Covering of(Colour paint, double share) {
    return new Covering(paint.lab(), share);
  }

  /** What shows after a number of coats over a colour. */
  public Lab over(Lab under, int coats) {
    return paint.towards(under, Math.pow(1 - share, coats));
  }

  /** How far what shows is from the paint itself, by CIEDE2000. */
  public double departs(Lab under, int coats) {
    return over(under, coats).ciede2000From(paint);
  }

  /** Whether what was under it is not seen any more. */
  public boolean hides(Lab under, int coats) {
    return departs(under, coats) <= HIDDEN;
  }

  /** The fewest coats that hide what is under them; none where that many do not. */
  public OptionalInt coatsToHide(Lab under, int most) {
    for (int coats = 0; coats <= most; coats++) {
      if (hides(under, coats)) {
        return OptionalInt.of(coats);
      }
    }
    return OptionalInt.empty();
  }

  /**
   * What a number of coats leaves open of the share one hides.
   *
   * @param least the least that hides with so many
   * @param most the least that would have hidden with one fewer; 1 where that hides all
   */
  public record Shares(double least, double most) {}

  /** What can be said of the share one coat hides, since it took so many. */
  public static Shares sharesOf(Colour under, Colour paint, int coats) {
    return new Shares(
        leastShare(under, paint, coats), coats == 1 ? 1 : leastShare(under, paint, coats - 1));
  }

  /** By halving: what hides less hides no better. */
  private static double leastShare(Colour under, Colour paint, int coats) {
    double low = 0;
    double high = 1;
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      if (of(paint, middle).hides(under.lab(), coats)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }
}
