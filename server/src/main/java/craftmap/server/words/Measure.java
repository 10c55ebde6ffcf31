package craftmap.server.words;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.LengthUnit;
import craftmap.core.measure.TapeDivision;

/**
 * A length for a screen or a page.
 *
 * @param mm at full precision
 * @param text as the studio's tape shows it, with its unit
 */
public record Measure(double mm, String text) {
  public static Measure of(double mm, TapeDivision tape) {
    return new Measure(mm, tape.show(mm));
  }

  /** What is finer than the tape: a thickness, a relief. */
  public static Measure fine(double mm, TapeDivision tape) {
    return new Measure(mm, fineText(mm, tape));
  }

  /**
   * What comes off a roll: beyond what one arm's tape reaches it is told in feet or metres, as it
   * is bought.
   */
  public static String longText(double mm, TapeDivision tape) {
    if (mm < LONG_MM) {
      return tape.show(mm);
    }
    if (tape.unit() != LengthUnit.INCH) {
      return Decimals.show(mm / 1000, 2) + " m";
    }
    long inches = (long) Math.ceil(mm / LengthUnit.INCH.mm() - 1e-9);
    return inches % 12 == 0 ? inches / 12 + " ft" : inches / 12 + " ft " + inches % 12 + "\"";
  }

  private static final double LONG_MM = 3048;

  public static String fineText(double mm, TapeDivision tape) {
    return tape.unit() == LengthUnit.INCH ? TapeDivision.INCH_32.show(mm) : Words.fineMm(mm);
  }
}
