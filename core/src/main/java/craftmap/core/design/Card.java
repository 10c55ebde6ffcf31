package craftmap.core.design;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;

/**
 * What is written on the card of a design.
 *
 * @param motif what one motif is called in a sentence: "fern"
 */
public record Card(String id, String name, String motif, String note, Rights rights) {
  private static final int LONGEST_NAME = 80;
  private static final int LONGEST_MOTIF = 40;
  private static final int LONGEST_NOTE = 200;

  public Card {
    name = text("name", name, LONGEST_NAME);
    if (name.isEmpty()) {
      throw new RefusedInput(
          "name", said("empty"), said("is-missing"), said("a-name-such-as-fern-band"));
    }
    motif = text("motif", motif, LONGEST_MOTIF);
    if (motif.isEmpty()) {
      motif = "motif";
    }
    note = text("note", note, LONGEST_NOTE);
  }

  private static String text(String field, String given, int longest) {
    String text = given == null ? "" : given.strip();
    if (text.length() > longest) {
      throw new RefusedInput(
          field,
          said("characters", count(text.length())),
          said("is-too-long"),
          said("at-most-characters", given(longest)));
    }
    if (text.chars().anyMatch(Character::isISOControl)) {
      throw new RefusedInput(
          field,
          given(text.replaceAll("\\p{Cntrl}", "·")),
          said("has-control-characters"),
          said("plain-text"));
    }
    return text;
  }
}
