package craftmap.core.surface;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;

/** Names that people give to what they find. */
final class MarkWords {
  static final int LONGEST = 60;

  private MarkWords() {}

  static void check(Figure field, String words) {
    if (words == null || words.isBlank() || words.length() > LONGEST) {
      throw new RefusedInput(
          field,
          words == null || words.isBlank()
              ? said("empty")
              : said("shortened", given(words.substring(0, 20))),
          said("says-nothing-or-too-much"),
          said("1-to-characters", given(LONGEST)));
    }
  }
}
