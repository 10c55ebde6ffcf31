package craftmap.core.design;

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
          "Motif box",
          name.isEmpty() ? "empty" : name.length() + " characters",
          "has no usable name",
          "a name of 1 to " + LONGEST_NAME + " characters, such as the heron");
    }
    if (importance < LEAST || importance > MOST) {
      throw new RefusedInput(
          "Importance of " + name,
          "" + importance,
          "is not on the scale",
          "1 (a leaf) to 5 (the face)");
    }
  }
}
