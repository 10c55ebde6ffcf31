package craftmap.core.order.bench;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;

/** What people, rooms and places are called. */
final class Names {
  private static final int LONGEST = 40;

  private Names() {}

  static String checked(String given) {
    String name = given == null ? "" : given.strip();
    if (name.isEmpty() || name.length() > LONGEST) {
      throw new RefusedInput(
          "name",
          name.isEmpty() ? said("empty") : given(name),
          said("cannot-be-used"),
          said("a-name-of-1-to-characters", given(LONGEST)));
    }
    return name;
  }
}
