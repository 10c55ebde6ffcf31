package craftmap.core.plan;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.mishap.Trouble;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/**
 * What the artist decided about when things are done.
 *
 * @param begins from when on what is left to do is planned, by the studio's clock; none while it is
 *     the next time somebody works
 * @param promised the day on which it is wanted: all of it is to be ready before that day
 * @param together other pieces that are worked on in between
 * @param steps what was decided about single steps, by the steps' keys
 * @param own steps that nothing in the plan asks for, by their keys
 * @param bars which of two steps comes first where the plan leaves it open
 * @param mishaps what went wrong and is mended, by ids of their own
 */
public record Ordering(
    Optional<LocalDateTime> begins,
    Optional<LocalDate> promised,
    Set<String> together,
    Map<String, StepChoice> steps,
    Map<String, OwnStep> own,
    Set<Bar> bars,
    Map<String, Mishap> mishaps) {
  public static final Ordering NONE =
      new Ordering(
          Optional.empty(), Optional.empty(), Set.of(), Map.of(), Map.of(), Set.of(), Map.of());

  public static final int MOST_TOGETHER = 20;
  private static final int MOST_STEPS = 2000;
  private static final int MOST_OWN = 200;
  private static final int MOST_BARS = 500;
  private static final int MOST_MISHAPS = 200;
  static final int LONGEST_ID = 160;
  private static final int FIRST_YEAR = 2000;
  private static final int LAST_YEAR = 2199;
  static final FigureRange MINUTES = new FigureRange("min", 0.1, 24 * 60, 1);

  /** When the first of its steps was finished; none of a piece that nobody has begun. */
  public Optional<Instant> begun() {
    return steps.values().stream()
        .flatMap(s -> s.done().stream())
        .map(Done::at)
        .min(Comparator.naturalOrder());
  }

  /** When a step was finished, and how long it took. */
  public record Done(Instant at, Duration took) {
    public Done {
      checkYear(at.atOffset(ZoneOffset.UTC).getYear(), at);
      checkTime(took);
    }
  }

  /** One step is finished before another begins, by their keys. */
  public record Bar(String first, String next) implements Comparable<Bar> {
    public Bar {
      checkId(first);
      checkId(next);
      if (first.equals(next)) {
        throw new RefusedInput(
            "step", given(first), said("is-not-accepted"), said("two-different-steps"));
      }
    }

    @Override
    public int compareTo(Bar other) {
      int byFirst = first.compareTo(other.first);
      return byFirst != 0 ? byFirst : next.compareTo(other.next);
    }
  }

  public Ordering {
    together = Collections.unmodifiableSet(new TreeSet<>(together));
    steps = Collections.unmodifiableMap(new TreeMap<>(steps));
    own = Collections.unmodifiableMap(new TreeMap<>(own));
    bars = Collections.unmodifiableSet(new TreeSet<>(bars));
    mishaps = Collections.unmodifiableMap(new TreeMap<>(mishaps));
    checkCount("pieces-together", together.size(), MOST_TOGETHER);
    checkCount("steps", steps.size(), MOST_STEPS);
    checkCount("own-steps", own.size(), MOST_OWN);
    checkCount("orders-of-steps", bars.size(), MOST_BARS);
    checkCount("mishaps", mishaps.size(), MOST_MISHAPS);
    mishaps.forEach(
        (id, mishap) -> {
          Mishap.checkId(id);
          checkId(mishap.step());
        });
    begins.ifPresent(b -> checkYear(b.getYear(), b));
    promised.ifPresent(p -> checkYear(p.getYear(), p));
    steps.keySet().forEach(Ordering::checkId);
    own.keySet().forEach(OwnStep::checkKey);
  }

  private static void checkCount(String what, int count, int most) {
    if (count > most) {
      throw new RefusedInput(
          what, given(count), said("are-too-many"), said("at-most", given(most)));
    }
  }

  static void checkTime(Duration time) {
    MINUTES.check("minutes-of-the-step", time.toSeconds() / 60.0);
  }

  static void checkYear(int year, Object time) {
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

  /** The same with nothing done yet and nothing fixed to a day: for another piece like this one. */
  public Ordering notBegun() {
    Map<String, StepChoice> again = new TreeMap<>();
    steps.forEach(
        (key, s) -> {
          StepChoice left = s.notBegun();
          if (!left.isNone()) {
            again.put(key, left);
          }
        });
    again.keySet().removeIf(Mishap::isMend);
    return new Ordering(Optional.empty(), Optional.empty(), together, again, own, bars, Map.of());
  }

  public boolean isNone() {
    return equals(NONE);
  }

  /** Whether it was said when it begins, or any of it is done. */
  public boolean isBegun() {
    return begins.isPresent() || steps.values().stream().anyMatch(s -> s.done().isPresent());
  }

  /** What was decided about a step. */
  public StepChoice step(String key) {
    return steps.getOrDefault(key, StepChoice.NONE);
  }

  public Ordering beginning(Optional<LocalDateTime> at) {
    return new Ordering(at, promised, together, steps, own, bars, mishaps);
  }

  public Ordering promised(Optional<LocalDate> day) {
    return new Ordering(begins, day, together, steps, own, bars, mishaps);
  }

  public Ordering with(String pieceId, boolean worked) {
    Set<String> all = new TreeSet<>(together);
    if (worked) {
      all.add(pieceId);
    } else {
      all.remove(pieceId);
    }
    return new Ordering(begins, promised, all, steps, own, bars, mishaps);
  }

  /** With something else decided about a step. */
  public Ordering with(String key, UnaryOperator<StepChoice> change) {
    Map<String, StepChoice> all = new TreeMap<>(steps);
    StepChoice then = change.apply(step(key));
    if (then.isNone()) {
      all.remove(key);
    } else {
      all.put(key, then);
    }
    return new Ordering(begins, promised, together, all, own, bars, mishaps);
  }

  public Ordering with(String key, OwnStep step) {
    Map<String, OwnStep> all = new TreeMap<>(own);
    all.put(key, step);
    return new Ordering(begins, promised, together, steps, all, bars, mishaps);
  }

  /** Without a step of one's own, and all that was decided about it. */
  public Ordering without(String ownKey) {
    Map<String, OwnStep> left = new TreeMap<>(own);
    left.remove(ownKey);
    Map<String, StepChoice> choices = new TreeMap<>(steps);
    choices.remove(ownKey);
    Set<Bar> other = new TreeSet<>(bars);
    other.removeIf(b -> b.first().equals(ownKey) || b.next().equals(ownKey));
    return new Ordering(begins, promised, together, choices, left, other, mishaps);
  }

  public Ordering with(Bar bar, boolean barred) {
    Set<Bar> all = new TreeSet<>(bars);
    if (barred) {
      all.add(bar);
    } else {
      all.remove(bar);
    }
    return new Ordering(begins, promised, together, steps, own, all, mishaps);
  }

  /** With something that went wrong. */
  public Ordering with(String id, Mishap mishap) {
    Map<String, Mishap> all = new TreeMap<>(mishaps);
    all.put(id, mishap);
    return new Ordering(begins, promised, together, steps, own, bars, all);
  }

  /** The share of a step that was not done because what it takes ran out; 0 where it did not. */
  public double leftToDo(String stepKey) {
    return mishaps.values().stream()
        .filter(m -> m.step().equals(stepKey) && m.trouble() == Trouble.RAN_OUT)
        .mapToDouble(Mishap::share)
        .max()
        .orElse(0);
  }

  /** As if something had not gone wrong: without what was decided about mending it. */
  public Ordering withoutMishap(String id) {
    Map<String, Mishap> left = new TreeMap<>(mishaps);
    left.remove(id);
    Map<String, StepChoice> choices = new TreeMap<>(steps);
    choices.keySet().removeIf(key -> Mishap.isMend(key) && Mishap.idOf(key).equals(id));
    return new Ordering(begins, promised, together, choices, own, bars, left);
  }
}
