package craftmap.core.order.bench;

import java.time.LocalDate;
import java.util.Set;

/** Somebody who works in the studio. */
public record Person(String name, Hours hours, Set<LocalDate> off) {
  public Person {
    off = Set.copyOf(off);
    name = Names.checked(name);
  }

  /** Whether two may stand in for each other at any time. */
  public boolean isFreeWhen(Person other) {
    return hours.equals(other.hours) && off.equals(other.off);
  }
}
