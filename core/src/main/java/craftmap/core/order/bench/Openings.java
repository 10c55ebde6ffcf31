package craftmap.core.order.bench;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;

/** The stretches in which somebody works, in whole minutes from a beginning. */
public record Openings(List<Opening> all) {
  /**
   * One stretch.
   *
   * @param day how many days after the first, by the studio's clock
   */
  public record Opening(int from, int to, int day) {}

  public Openings {
    all = List.copyOf(all);
  }

  /** Those of a person; what has begun before is cut off. */
  public static Openings of(Person person, ZoneId zone, Instant from, int minutes) {
    List<Opening> all = new ArrayList<>();
    LocalDate first = from.atZone(zone).toLocalDate();
    for (int day = 0; ; day++) {
      LocalDate date = first.plusDays(day);
      if (Duration.between(from, date.atStartOfDay(zone).toInstant()).toMinutes() > minutes) {
        return new Openings(all);
      }
      if (person.off().contains(date)) {
        continue;
      }
      for (Hours.Stretch stretch : person.hours().on(date.getDayOfWeek())) {
        // an hour that the clock leaps over is lost, one that it strikes twice is worked once
        int begin = minute(from, date.atTime(stretch.from()).atZone(zone), true);
        int end = minute(from, date.atTime(stretch.to()).atZone(zone), false);
        begin = Math.max(begin, 0);
        end = Math.min(end, minutes);
        if (begin < end) {
          all.add(new Opening(begin, end, day));
        }
      }
    }
  }

  private static int minute(Instant from, ZonedDateTime at, boolean up) {
    long seconds = Duration.between(from, at.toInstant()).toSeconds();
    return Math.toIntExact(up ? Math.ceilDiv(seconds, 60) : Math.floorDiv(seconds, 60));
  }

  /**
   * The earliest beginning from a minute on of so much work in one go; none where there is none.
   */
  public int earliest(int from, int minutes) {
    for (int i = Math.max(0, beganBy(from)); i < all.size(); i++) {
      Opening o = all.get(i);
      int begin = Math.max(from, o.from());
      if (begin + minutes <= o.to()) {
        return begin;
      }
    }
    return NEVER;
  }

  /** The latest beginning of so much work that ends by a minute; none where there is none. */
  public int latest(int by, int minutes) {
    for (int i = beganBy(by); i >= 0; i--) {
      Opening o = all.get(i);
      int end = Math.min(by, o.to());
      if (end - minutes >= o.from()) {
        return end - minutes;
      }
    }
    return -NEVER;
  }

  /** The day on which a minute lies, where somebody works then; else the day before it. */
  public int day(int minute) {
    int last = beganBy(minute);
    return last < 0 ? 0 : all.get(last).day();
  }

  /** The number of the last stretch that begins no later than a minute; below 0 where none does. */
  private int beganBy(int minute) {
    int low = 0;
    int high = all.size();
    while (low < high) {
      int middle = (low + high) / 2;
      if (all.get(middle).from() <= minute) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low - 1;
  }

  public int longest() {
    return all.stream().mapToInt(o -> o.to() - o.from()).max().orElse(0);
  }

  public static final int NEVER = Integer.MAX_VALUE / 2;
}
