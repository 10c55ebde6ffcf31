package craftmap.server.order;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.mishap.Remedy;
import craftmap.core.order.mishap.Trouble;
import craftmap.core.plan.Ordering;
import craftmap.server.logbook.LogEntry;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/**
 * Something told at the bench.
 *
 * @param id chosen by whoever tells: sent again it is the same telling
 * @param step the key of the step
 * @param toldAt when it was tapped
 * @param at when the step was finished; when it was tapped where absent
 * @param minutes that it took; only of what is done
 * @param usedMl out of its pot; as planned where absent
 * @param levelMl what is left in the pot, looked at afterwards
 * @param weighsG what the pot weighs afterwards, with its lid
 * @param note in the artist's own words
 * @param trouble what went wrong; only of what did, as the three below
 * @param remedy what is done about it
 * @param share how much of it went wrong, or is left to do: 0 to 1; all of it where absent
 */
record Telling(
    String id,
    String step,
    LogEntry.LogKind kind,
    Instant toldAt,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Instant at,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double minutes,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double usedMl,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double levelMl,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double weighsG,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Trouble trouble,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Remedy remedy,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double share) {
  private static final int LONGEST_NOTE = 600;
  private static final int LONGEST_ID = 36;
  private static final int LONGEST_KEY = 160;
  private static final FigureRange POURED = new FigureRange("ml", 0, 20_000, 1);
  private static final FigureRange WEIGHED = new FigureRange("g", 0, 50_000, 1);

  /**
   * As it is taken; what is wrong with it is wrong with it alone, not with those sent beside it.
   */
  Telling checked() {
    checkLength("id", needed("id", id), LONGEST_ID);
    checkLength("step", needed("step", step), LONGEST_KEY);
    needed("kind", kind);
    check("used-ml", usedMl, POURED);
    check("level-ml", levelMl, POURED);
    check("weighs-g", weighsG, WEIGHED);
    if (noted().length() > LONGEST_NOTE) {
      throw new RefusedInput(
          "note",
          said("characters", count(noted().length())),
          said("is-too-long"),
          said("at-most-characters", given(LONGEST_NOTE)));
    }
    return new Telling(
        id,
        step,
        kind,
        needed("told-at", toldAt).truncatedTo(ChronoUnit.MILLIS),
        at == null ? null : at.truncatedTo(ChronoUnit.MILLIS),
        minutes,
        usedMl,
        levelMl,
        weighsG,
        noted(),
        trouble,
        remedy,
        share);
  }

  /** What went wrong, with the step that has to be mended. */
  Mishap mishap(String at) {
    return new Mishap(at, needed("trouble", trouble), needed("remedy", remedy), shareOrAll());
  }

  private double shareOrAll() {
    return share == null ? 1 : share;
  }

  private static void checkLength(String field, String value, int most) {
    if (value.isBlank() || value.length() > most) {
      throw new RefusedInput(
          field, given(value), said("is-not-accepted"), said("1-to-characters", given(most)));
    }
  }

  private static <T> T needed(String field, T value) {
    if (value == null) {
      throw new RefusedInput(field, said("empty"), said("is-missing"), said("a-value"));
    }
    return value;
  }

  private static void check(String field, Double value, FigureRange range) {
    if (value != null) {
      range.check(field, value);
    }
  }

  /**
   * When it was finished and how long it took, as a plan keeps it.
   *
   * @param tapped where it was not said when it was finished
   */
  Ordering.Done done(Instant tapped) {
    double took = needed("minutes", minutes);
    Instant finished = at == null || at.isAfter(tapped) ? tapped : at;
    return new Ordering.Done(finished, Duration.ofMillis(Math.round(took * 60_000)));
  }

  String noted() {
    return note == null ? "" : note.strip();
  }
}
