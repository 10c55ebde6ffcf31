package craftmap.server.piece.document;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Times;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.mishap.Remedy;
import craftmap.core.order.mishap.Trouble;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.OwnStep;
import craftmap.core.plan.StepChoice;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What was decided about the order of the work.
 *
 * @param begins by the studio's clock, as {@code 2027-02-01T09:00}
 * @param promised the day on which it is wanted, as {@code 2027-02-20}
 * @param together the ids of pieces that are worked on in between
 * @param steps what was decided about single steps, by their keys
 * @param own steps that nothing in the plan asks for, by their keys
 * @param first which of two steps is finished before the other begins
 * @param mishaps what went wrong and is mended, by ids of their own
 */
public record OrderingDoc(
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String begins,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String promised,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<String> together,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, StepChoiceDoc> steps,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, OwnStepDoc> own,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<BarDoc> first,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, MishapDoc> mishaps) {

  /**
   * A step that is done.
   *
   * @param at when it was finished
   * @param minutes how long it took
   */
  public record DoneDoc(Instant at, Double minutes) {
    public Ordering.Done read() {
      return new Ordering.Done(given(said("time"), at), OrderingDoc.minutes(minutes));
    }

    static DoneDoc of(Ordering.Done done) {
      return new DoneDoc(done.at(), Times.minutes(done.took()));
    }
  }

  /**
   * What was decided about one step.
   *
   * @param minutes how long it takes, where that is other than is usual
   * @param begins by the studio's clock; as soon as it goes where absent
   * @param parts in one go where absent
   */
  public record StepChoiceDoc(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double minutes,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String begins,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer parts,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) DoneDoc done) {
    StepChoice read() {
      return new StepChoice(
          Optional.ofNullable(minutes).map(OrderingDoc::minutes),
          Optional.ofNullable(begins).map(OrderingDoc::time),
          parts == null ? 1 : parts,
          Optional.ofNullable(done).map(DoneDoc::read));
    }

    static StepChoiceDoc of(StepChoice choice) {
      return new StepChoiceDoc(
          choice.takes().map(Times::minutes).orElse(null),
          choice.begins().map(LocalDateTime::toString).orElse(null),
          choice.parts() == 1 ? null : choice.parts(),
          choice.done().map(DoneDoc::of).orElse(null));
    }
  }

  /**
   * A step of one's own.
   *
   * @param minutes hands on
   * @param group what it is done to; absent where the piece is not needed for it
   * @param restHours how long has to pass until what comes after it
   */
  public record OwnStepDoc(
      String name,
      Double minutes,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String group,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double restHours) {
    public OwnStep read() {
      return new OwnStep(
          given(said("name"), name),
          OrderingDoc.minutes(minutes),
          Optional.ofNullable(group),
          restHours == null ? Duration.ZERO : hours(restHours));
    }

    public static OwnStepDoc of(OwnStep step) {
      return new OwnStepDoc(
          step.name(),
          Times.minutes(step.takes()),
          step.group().orElse(null),
          step.rests().isZero() ? null : Times.minutes(step.rests()) / 60);
    }
  }

  /** One step is finished before another begins, by their keys. */
  public record BarDoc(String first, String next) {
    public Ordering.Bar read() {
      return new Ordering.Bar(given(said("step"), first), given(said("step"), next));
    }
  }

  /**
   * Something that went wrong.
   *
   * @param step the key of the step that it went wrong with
   * @param share how much of it did, or is left to do: 0 to 1
   */
  public record MishapDoc(String step, Trouble trouble, Remedy remedy, Double share) {
    public Mishap read() {
      return new Mishap(
          given(said("step"), step),
          given(said("trouble"), trouble),
          given(said("remedy"), remedy),
          given(said("share"), share));
    }

    static MishapDoc of(Mishap mishap) {
      return new MishapDoc(mishap.step(), mishap.trouble(), mishap.remedy(), mishap.share());
    }
  }

  static Ordering read(OrderingDoc doc) {
    if (doc == null) {
      return Ordering.NONE;
    }
    Map<String, StepChoice> steps = new TreeMap<>();
    Map<String, OwnStep> own = new TreeMap<>();
    Set<Ordering.Bar> bars = new HashSet<>();
    if (doc.steps != null) {
      doc.steps.forEach((key, s) -> steps.put(key, given(said("step"), s).read()));
    }
    if (doc.own != null) {
      doc.own.forEach((key, s) -> own.put(key, given(said("step"), s).read()));
    }
    if (doc.first != null) {
      doc.first.forEach(b -> bars.add(given(said("step"), b).read()));
    }
    Map<String, Mishap> mishaps = new TreeMap<>();
    if (doc.mishaps != null) {
      doc.mishaps.forEach((id, m) -> mishaps.put(id, given(said("mishap"), m).read()));
    }
    return new Ordering(
        Optional.ofNullable(doc.begins).map(OrderingDoc::time),
        Optional.ofNullable(doc.promised).map(OrderingDoc::day),
        doc.together == null ? new HashSet<>() : new HashSet<>(doc.together),
        steps,
        own,
        bars,
        mishaps);
  }

  /** Absent where nothing was decided. */
  static OrderingDoc of(Ordering order) {
    if (order.isNone()) {
      return null;
    }
    Map<String, StepChoiceDoc> steps = new TreeMap<>();
    order.steps().forEach((key, s) -> steps.put(key, StepChoiceDoc.of(s)));
    Map<String, OwnStepDoc> own = new TreeMap<>();
    order.own().forEach((key, s) -> own.put(key, OwnStepDoc.of(s)));
    List<BarDoc> bars = order.bars().stream().map(b -> new BarDoc(b.first(), b.next())).toList();
    Map<String, MishapDoc> mishaps = new TreeMap<>();
    order.mishaps().forEach((id, m) -> mishaps.put(id, MishapDoc.of(m)));
    return new OrderingDoc(
        order.begins().map(LocalDateTime::toString).orElse(null),
        order.promised().map(LocalDate::toString).orElse(null),
        order.together().isEmpty() ? null : List.copyOf(order.together()),
        steps.isEmpty() ? null : steps,
        own.isEmpty() ? null : own,
        bars.isEmpty() ? null : bars,
        mishaps.isEmpty() ? null : mishaps);
  }

  public static Duration minutes(Double minutes) {
    double given = given(said("minutes-of-the-step"), minutes);
    if (!Double.isFinite(given) || given <= 0 || given > 24 * 60) {
      throw new RefusedInput(
          "minutes-of-the-step",
          given(String.valueOf(given)),
          said("is-not-possible"),
          said("a-figure-from-to", given(0.1), given("1440 min")));
    }
    return Times.ofMinutes(given);
  }

  private static Duration hours(double hours) {
    if (!Double.isFinite(hours) || hours < 0 || hours > OwnStep.MOST_REST_HOURS) {
      throw new RefusedInput(
          "hours-to-rest",
          given(String.valueOf(hours)),
          said("is-not-possible"),
          said("a-figure-from-to", given(0), given((int) OwnStep.MOST_REST_HOURS + " h")));
    }
    return Times.ofMinutes(hours * 60);
  }

  /** A time by the clock on the wall. */
  public static LocalDateTime time(String text) {
    try {
      return LocalDateTime.parse(text);
    } catch (DateTimeParseException e) {
      throw new RefusedInput("time", given(text), said("is-no-time"), said("a-day-and-an-hour"));
    }
  }

  /** A day by the calendar on the wall. */
  public static LocalDate day(String text) {
    try {
      return LocalDate.parse(text);
    } catch (DateTimeParseException e) {
      throw new RefusedInput(
          "time", given(text), said("is-no-day"), said("a-day-such-as-2027-02-01"));
    }
  }
}
