package craftmap.core.design;

import craftmap.core.measure.RefusedInput;
import java.util.Arrays;

/** Lists of numbers as SVG attributes hold them, parted by spaces or commas. */
final class SvgNumbers {
  private SvgNumbers() {}

  /**
   * Reads the list.
   *
   * @param count how many there must be, or -1 for any even number of at least six (a polygon)
   */
  static double[] list(String text, int count, String field) {
    String accepted = count < 0 ? "at least three points" : count + " numbers";
    double[] numbers;
    try {
      numbers =
          Arrays.stream(text.strip().split("[\\s,]+")).mapToDouble(Double::parseDouble).toArray();
    } catch (NumberFormatException notANumber) {
      throw new RefusedInput(field, text, "is not a list of numbers", accepted);
    }
    boolean counted =
        count < 0 ? numbers.length >= 6 && numbers.length % 2 == 0 : numbers.length == count;
    if (!counted || !Arrays.stream(numbers).allMatch(Double::isFinite)) {
      throw new RefusedInput(field, text, "has the wrong number of numbers", accepted);
    }
    return numbers;
  }
}
