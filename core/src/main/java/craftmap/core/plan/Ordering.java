package craftmap.core.plan;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.RefusedInput;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What the artist decided about when things are done.
 *
 * @param begins from when on what is left to do is planned, by the studio's clock; none while it is
 *     the next time somebody works
 * @param together other pieces that are worked on in between
 * @param takes how long steps take that take other than is usual, by the steps' keys
 * @param done steps that are done, by their keys
 */
public record Ordering(
    Optional<LocalDateTime> begins,
    Set<String> together,
    Map<String, Duration> takes,
    Map<String, Done> done) {
  public static final Ordering NONE = new Ordering(Optional.empty(), Set.of(), Map.of(), Map.of());

  public static final int MOST_TOGETHER = 20;
  private static final int MOST_STEPS = 2000;
  private static final int LONGEST_ID = 160;
  private static final int FIRST_YEAR = 2000;
  private static final int LAST_YEAR = 2199;
  private static final FigureRange MINUTES = new FigureRange("min", 0.1, 24 * 60, 1);

  /** When a step was finished, and how long it took. */
  public record Done(Instant at, Duration took) {}

  public Ordering {
    together = Collections.unmodifiableSet(new TreeSet<>(together));
    takes = Collections.unmodifiableMap(new TreeMap<>(takes));
    done = Collections.unmodifiableMap(new TreeMap<>(done));
    if (together.size() > MOST_TOGETHER) {
      throw new RefusedInput(
          "pieces-together",
          given(together.size()),
          said("are-too-many"),
          said("at-most", given(MOST_TOGETHER)));
    }
    if (takes.size() > MOST_STEPS || done.size() > MOST_STEPS) {
      throw new RefusedInput(
          "steps",
          given(Math.max(takes.size(), done.size())),
          said("are-too-many"),
          said("at-most", given(MOST_STEPS)));
    }
    begins.ifPresent(b -> checkYear(b.getYear(), b));
    done.values().forEach(d -> checkYear(d.at().atOffset(ZoneOffset.UTC).getYear(), d.at()));
    takes.values().forEach(Ordering::checkTime);
    done.values().forEach(d -> checkTime(d.took()));
    takes.keySet().forEach(Ordering::checkId);
    done.keySet().forEach(Ordering::checkId);
  }

  private static void checkTime(Duration time) {
    MINUTES.check("minutes-of-the-step", time.toSeconds() / 60.0);
  }

  private static void checkYear(int year, Object time) {
    if (year < FIRST_YEAR || year > LAST_YEAR) {
      throw new RefusedInput(
          "time",
          given(time),
          said("is-not-possible"),
          said("a-year-from-to", given(FIRST_YEAR), given(LAST_YEAR)));
    }
  }

  private static void checkId(String id) {
    if (id.isBlank() || id.length() > LONGEST_ID) {
      throw new RefusedInput(
          "step", given(id), said("is-not-accepted"), said("1-to-characters", given(LONGEST_ID)));
    }
  }

  /** The same with nothing done yet: for another piece like this one. */
  public Ordering notBegun() {
    return new Ordering(Optional.empty(), together, takes, Map.of());
  }

  public boolean isNone() {
    return equals(NONE);
  }

  public Ordering beginning(Optional<LocalDateTime> at) {
    return new Ordering(at, together, takes, done);
  }

  public Ordering with(String pieceId, boolean worked) {
    Set<String> all = new TreeSet<>(together);
    if (worked) {
      all.add(pieceId);
    } else {
      all.remove(pieceId);
    }
    return new Ordering(begins, all, takes, done);
  }

  /** As long as is usual where nothing is told. */
  public Ordering taking(String step, Optional<Duration> time) {
    Map<String, Duration> all = new TreeMap<>(takes);
    time.ifPresentOrElse(t -> all.put(step, t), () -> all.remove(step));
    return new Ordering(begins, together, all, done);
  }

  public Ordering done(String step, Optional<Done> how) {
    Map<String, Done> all = new TreeMap<>(done);
    how.ifPresentOrElse(d -> all.put(step, d), () -> all.remove(step));
    return new Ordering(begins, together, takes, all);
  }
}
