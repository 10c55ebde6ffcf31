package craftmap.core.order.bench;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.climate.DayClimate;

/** A room that things may dry in. */
public record Room(String name, DayClimate climate) {
  private static final int LONGEST_NAME = 40;

  public Room {
    name = name == null ? "" : name.strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name",
          name.isEmpty() ? said("empty") : given(name),
          said("cannot-be-used"),
          said("a-name-of-1-to-characters", given(LONGEST_NAME)));
    }
  }
}
