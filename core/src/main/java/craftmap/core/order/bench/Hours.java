package craftmap.core.order.bench;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** When somebody works, by the day of the week; a break is what lies between two stretches. */
public record Hours(Map<DayOfWeek, List<Stretch>> week) {
  /** Part of a day, the end not included. */
  public record Stretch(LocalTime from, LocalTime to) {
    public Stretch {
      if (!from.isBefore(to)) {
        throw new RefusedInput(
            "hours",
            given(from + " to " + to),
            said("end-before-they-begin"),
            said("an-earlier-beginning"));
      }
    }

    public static Stretch of(int fromHour, int toHour) {
      return new Stretch(LocalTime.of(fromHour, 0), LocalTime.of(toHour, 0));
    }
  }

  public Hours {
    Map<DayOfWeek, List<Stretch>> all = new EnumMap<>(DayOfWeek.class);
    week.forEach(
        (day, stretches) -> {
          for (int i = 1; i < stretches.size(); i++) {
            if (stretches.get(i).from().isBefore(stretches.get(i - 1).to())) {
              throw new RefusedInput(
                  "hours",
                  given(stretches.get(i).from()),
                  said("begin-before-the-last-end"),
                  said("from-onwards", given(stretches.get(i - 1).to())));
            }
          }
          if (!stretches.isEmpty()) {
            all.put(day, List.copyOf(stretches));
          }
        });
    week = Collections.unmodifiableMap(all);
    if (week.isEmpty()) {
      throw new RefusedInput("hours", said("none"), said("leave-no-time"), said("one-hour-a-week"));
    }
  }

  public static Hours weekdays(Stretch... stretches) {
    Map<DayOfWeek, List<Stretch>> week = new EnumMap<>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      if (day.compareTo(DayOfWeek.SATURDAY) < 0) {
        week.put(day, List.of(stretches));
      }
    }
    return new Hours(week);
  }

  public static Hours everyDay(Stretch... stretches) {
    Map<DayOfWeek, List<Stretch>> week = new EnumMap<>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      week.put(day, List.of(stretches));
    }
    return new Hours(week);
  }

  public List<Stretch> on(DayOfWeek day) {
    return week.getOrDefault(day, List.of());
  }
}
