package craftmap.core.order.bench;

import craftmap.core.order.climate.DayClimate;

/** A room that things may dry in. */
public record Room(String name, DayClimate climate) {
  public Room {
    name = Names.checked(name);
  }
}
