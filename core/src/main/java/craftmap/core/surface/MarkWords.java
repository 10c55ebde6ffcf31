package craftmap.core.surface;

import craftmap.core.measure.RefusedInput;

/** Names that people give to what they find. */
final class MarkWords {
  static final int LONGEST = 60;

  private MarkWords() {}

  static void check(String field, String words) {
    if (words == null || words.isBlank() || words.length() > LONGEST) {
      throw new RefusedInput(
          field,
          words == null || words.isBlank() ? "empty" : words.substring(0, 20) + "…",
          "says nothing, or too much",
          "1 to " + LONGEST + " characters");
    }
  }
}
