package craftmap.core.design;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;

/**
 * A part of a picture that has a name: "the heron", "the lettering".
 *
 * @param importance how much it would be missed, 1 (a leaf) to 5 (the face)
 */
public record MotifBox(String name, Box box, int importance) {
  public static final int LEAST = 1;
  public static final int MOST = 5;
  private static final int LONGEST_NAME = 40;

  public MotifBox {
    name = name == null ? "" : name.strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "motif-box",
          name.isEmpty() ? said("empty") : said("characters", count(name.length())),
          said("has-no-usable-name"),
          said("a-name-of-1-to-characters-such-as-the", given(LONGEST_NAME)));
    }
    if (importance < LEAST || importance > MOST) {
      throw new RefusedInput(
          said("importance-of", given(name)),
          given(importance),
          said("is-not-on-the-scale"),
          said("1-a-leaf-to-5-the-face"));
    }
  }
}
