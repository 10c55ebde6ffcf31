package craftmap.server.piece.document;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Times;
import craftmap.core.plan.Ordering;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What was decided about the order of the work.
 *
 * @param begins by the studio's clock, as {@code 2027-02-01T09:00}
 * @param together the ids of pieces that are worked on in between
 * @param takes minutes of steps that take other than is usual
 */
public record OrderingDoc(
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String begins,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<String> together,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, Double> takes,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, DoneDoc> done) {

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
  }

  static Ordering read(OrderingDoc doc) {
    if (doc == null) {
      return Ordering.NONE;
    }
    Map<String, Duration> takes = new TreeMap<>();
    Map<String, Ordering.Done> done = new TreeMap<>();
    if (doc.takes != null) {
      doc.takes.forEach((id, m) -> takes.put(id, minutes(m)));
    }
    if (doc.done != null) {
      doc.done.forEach((id, d) -> done.put(id, given(said("step"), d).read()));
    }
    return new Ordering(
        Optional.ofNullable(doc.begins).map(OrderingDoc::time),
        doc.together == null ? new HashSet<>() : new HashSet<>(doc.together),
        takes,
        done);
  }

  /** Absent where nothing was decided. */
  static OrderingDoc of(Ordering order) {
    if (order.isNone()) {
      return null;
    }
    Map<String, Double> takes = new TreeMap<>();
    order.takes().forEach((id, t) -> takes.put(id, Times.minutes(t)));
    Map<String, DoneDoc> done = new TreeMap<>();
    order.done().forEach((id, d) -> done.put(id, new DoneDoc(d.at(), Times.minutes(d.took()))));
    return new OrderingDoc(
        order.begins().map(LocalDateTime::toString).orElse(null),
        order.together().isEmpty() ? null : List.copyOf(order.together()),
        takes.isEmpty() ? null : takes,
        done.isEmpty() ? null : done);
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

  /** A time by the clock on the wall. */
  public static LocalDateTime time(String text) {
    try {
      return LocalDateTime.parse(text);
    } catch (DateTimeParseException e) {
      throw new RefusedInput("time", given(text), said("is-no-time"), said("a-day-and-an-hour"));
    }
  }
}
