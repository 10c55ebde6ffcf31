package craftmap.server.words;

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
}
