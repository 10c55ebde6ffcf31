package craftmap.core.order.climate;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.util.Collections;
import java.util.List;

/** The climate of a room through the day, hour by hour from midnight, by the clock on its wall. */
public record DayClimate(List<Climate> hours) {
  public static final int HOURS = 24;

  public DayClimate {
    hours = List.copyOf(hours);
    if (hours.size() != HOURS) {
      throw new RefusedInput("climate", given(hours.size()), said("is-no-day"), said("24-hours"));
    }
  }

  /** The same all day and night. */
  public static DayClimate always(Climate climate) {
    return new DayClimate(Collections.nCopies(HOURS, climate));
  }

  /** One by day and another by night. */
  public static DayClimate of(Climate day, int fromHour, int toHour, Climate night) {
    Climate[] hours = new Climate[HOURS];
    for (int h = 0; h < HOURS; h++) {
      hours[h] = h >= fromHour && h < toHour ? day : night;
    }
    return new DayClimate(List.of(hours));
  }

  public Climate at(int hour) {
    return hours.get(hour);
  }

  /** All day warmer by so much, or colder. */
  public DayClimate warmer(double celsius) {
    return new DayClimate(
        hours.stream().map(c -> new Climate(c.celsius() + celsius, c.dampPercent())).toList());
  }

  /** All day drier by so much, or damper; never beyond what can be. */
  public DayClimate damper(double percent) {
    return new DayClimate(
        hours.stream()
            .map(c -> new Climate(c.celsius(), Math.clamp(c.dampPercent() + percent, 5, 100)))
            .toList());
  }
}
