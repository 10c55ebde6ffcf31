package craftmap.core.artwork;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import java.util.Arrays;

/** Lists of numbers as SVG attributes hold them, parted by spaces or commas. */
final class SvgNumbers {
  /** Nothing that is drawn lies further; what does makes arithmetic overflow. */
  static final double FURTHEST = 1e9;

  private SvgNumbers() {}

  /**
   * Reads the list.
   *
   * @param count how many there must be; -3 for at least three points, -2 for at least two
   */
  static double[] list(String text, int count, Figure field) {
    Figure accepted =
        count < 0 ? said("at-least-points", count(-count)) : said("numbers", count(count));
    double[] numbers;
    try {
      numbers =
          Arrays.stream(text.strip().split("[\\s,]+")).mapToDouble(Double::parseDouble).toArray();
    } catch (NumberFormatException notANumber) {
      throw new RefusedInput(field, given(shown(text)), said("is-not-a-list-of-numbers"), accepted);
    }
    boolean counted =
        count < 0
            ? numbers.length >= -2 * count && numbers.length % 2 == 0
            : numbers.length == count;
    if (!Arrays.stream(numbers).allMatch(n -> Math.abs(n) <= FURTHEST)) {
      throw new RefusedInput(
          field,
          given(shown(text)),
          said("lies-further-than-any-page-reaches"),
          said("numbers-up-to-1e9"));
    }
    if (!counted) {
      throw new RefusedInput(
          field, given(shown(text)), said("has-the-wrong-number-of-numbers"), accepted);
    }
    return numbers;
  }

  private static String shown(String text) {
    return text.length() <= 40 ? text : text.substring(0, 40) + "…";
  }
}
