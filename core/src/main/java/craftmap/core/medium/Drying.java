package craftmap.core.medium;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Times;
import java.time.Duration;
import java.util.Optional;

/**
 * How long things take with a medium, at the climate its label speaks of.
 *
 * @param recoatTo the end of the recoat window; none where it stays open
 * @param openTime how long it stays wet enough to be worked
 * @param tapeAfter when tape, or a stencil with glue on its back, may be stuck onto it; none where
 *     the label says nothing
 */
public record Drying(
    Duration touchDry,
    Duration recoatFrom,
    Optional<Duration> recoatTo,
    Duration cure,
    Optional<Duration> openTime,
    Optional<Duration> tapeAfter) {
  private static final double MINUTES_PER_HOUR = 60;
  private static final FigureRange HOURS = new FigureRange("h", 0, 24 * 90, 1);

  public Drying {
    if (recoatTo.isPresent() && recoatTo.get().compareTo(recoatFrom) < 0) {
      throw new RefusedInput(
          "recoat-until",
          given(show(recoatTo.get())),
          said("is-before-the-coat-may-be-gone-over"),
          said("0-for-no-end-or-at-least", given(show(recoatFrom))));
    }
  }

  /**
   * As it dries where all takes longer than the label says by a factor. What dries sooner is
   * touched sooner, but gone over no earlier than its label allows; a window that ends, ends as it
   * says.
   */
  public Drying slower(double factor) {
    Duration recoat = times(recoatFrom, Math.max(1, factor));
    return new Drying(
        times(touchDry, factor),
        recoatTo.map(to -> recoat.compareTo(to) > 0 ? to : recoat).orElse(recoat),
        recoatTo,
        cure,
        openTime,
        tapeAfter.map(t -> times(t, Math.max(1, factor))));
  }

  private static Duration times(Duration time, double factor) {
    return Duration.ofSeconds(Math.round(time.toSeconds() * factor));
  }

  static Drying read(MeasureSheet label, Drying typical) {
    return new Drying(
        minutes(label, "touchDry", "touch-dry-after", typical.touchDry),
        minutes(label, "recoatFrom", "next-coat-after", typical.recoatFrom),
        maybe(label, "recoatTo", "next-coat-no-later-than-0-for-no-end", typical.recoatTo),
        Times.ofMinutes(
            label.figure(
                    "cure", "cured-after", Times.minutes(typical.cure) / MINUTES_PER_HOUR, HOURS)
                * MINUTES_PER_HOUR),
        maybe(label, "openTime", "open-time-0-for-none", typical.openTime),
        maybe(label, "tapeAfter", "tape-on-it-after-0-for-never", typical.tapeAfter));
  }

  private static Duration minutes(MeasureSheet label, String key, String name, Duration typical) {
    return Times.ofMinutes(label.figure(key, name, Times.minutes(typical), FigureRange.MINUTES));
  }

  /** Where no time is told by none. */
  static Optional<Duration> maybe(
      MeasureSheet label, String key, String name, Optional<Duration> typical) {
    return Optional.of(minutes(label, key, name, typical.orElse(Duration.ZERO)))
        .filter(Duration::isPositive);
  }

  private static String show(Duration time) {
    return FigureRange.MINUTES.show(Times.minutes(time));
  }
}
