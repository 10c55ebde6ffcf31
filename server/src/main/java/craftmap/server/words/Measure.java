package craftmap.server.words;

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

  public static String fineText(double mm, TapeDivision tape) {
    return tape.unit() == LengthUnit.INCH ? TapeDivision.INCH_32.show(mm) : Words.fineMm(mm);
  }
}
