package craftmap.core.order.bench;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.time.LocalDate;
import java.util.Set;

/** Somebody who works in the studio. */
public record Person(String name, Hours hours, Set<LocalDate> off) {
  private static final int LONGEST_NAME = 40;

  public Person {
    off = Set.copyOf(off);
    name = name == null ? "" : name.strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name",
          name.isEmpty() ? said("empty") : given(name),
          said("cannot-be-used"),
          said("a-name-of-1-to-characters", given(LONGEST_NAME)));
    }
  }

  /** Whether two may stand in for each other at any time. */
  public boolean isFreeWhen(Person other) {
    return hours.equals(other.hours) && off.equals(other.off);
  }
}
