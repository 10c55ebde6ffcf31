package craftmap.core.order.bench;

import craftmap.core.order.climate.Stretches;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.zone.ZoneOffsetTransition;
import java.util.ArrayList;
import java.util.List;

/** The stretches in which somebody works, in whole minutes from a beginning. */
public final class Openings {
  private final List<Opening> all;

  // the same as numbers: whoever looks for an order asks for them all the time
  private final Stretches begins;
  private final int[] from;
  private final int[] to;

  /**
   * One stretch.
   *
   * @param day how many days after the first, by the studio's clock
   */
  public record Opening(int from, int to, int day) {}

  /**
   * All stretches.
   *
   * @param all the first one first, none of them overlapping another
   */
  public Openings(List<Opening> all) {
    this.all = List.copyOf(all);
    this.from = all.stream().mapToInt(Opening::from).toArray();
    this.to = all.stream().mapToInt(Opening::to).toArray();
    this.begins = new Stretches(from);
  }

  public List<Opening> all() {
    return all;
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
        int begin = minute(from, instant(zone, date.atTime(stretch.from())), true);
        int end = minute(from, instant(zone, date.atTime(stretch.to())), false);
        begin = Math.max(begin, 0);
        end = Math.min(end, minutes);
        if (begin < end) {
          all.add(new Opening(begin, end, day));
        }
      }
    }
  }

  /** An hour that the clock leaps over is lost, one that it strikes twice is worked once. */
  private static Instant instant(ZoneId zone, LocalDateTime at) {
    ZoneOffsetTransition leap = zone.getRules().getTransition(at);
    return leap != null && leap.isGap() ? leap.getInstant() : at.atZone(zone).toInstant();
  }

  private static int minute(Instant from, Instant at, boolean up) {
    long seconds = Duration.between(from, at).toSeconds();
    return Math.toIntExact(up ? Math.ceilDiv(seconds, 60) : Math.floorDiv(seconds, 60));
  }

  /**
   * The earliest beginning from a minute on of so much work in one go; none where there is none.
   */
  public int earliest(int from, int minutes) {
    for (int i = Math.max(0, begins.lastBy(from)); i < to.length; i++) {
      int begin = Math.max(from, this.from[i]);
      if (begin + minutes <= to[i]) {
        return begin;
      }
    }
    return NEVER;
  }

  /** The latest beginning of so much work that ends by a minute; none where there is none. */
  public int latest(int by, int minutes) {
    for (int i = begins.lastBy(by); i >= 0; i--) {
      int end = Math.min(by, to[i]);
      if (end - minutes >= from[i]) {
        return end - minutes;
      }
    }
    return -NEVER;
  }

  /** When the stretch ends in which a minute lies; the minute itself where nobody works then. */
  public int endOfStretch(int minute) {
    int last = begins.lastBy(minute);
    return last < 0 ? minute : Math.max(minute, to[last]);
  }

  /** The day on which a minute lies, where somebody works then; else the day before it. */
  public int day(int minute) {
    int last = begins.lastBy(minute);
    return last < 0 ? 0 : all.get(last).day();
  }

  public int longest() {
    return all.stream().mapToInt(o -> o.to() - o.from()).max().orElse(0);
  }

  public static final int NEVER = Integer.MAX_VALUE / 2;
}
