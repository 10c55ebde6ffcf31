package craftmap.core.medium;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import java.time.Duration;
import java.util.Optional;

/**
 * How a medium is made ready, and how long it keeps.
 *
 * @param parts of a two-part medium
 * @param potLife how long a mix can be used; none where nothing is mixed
 * @param dropsPer100Ml of hardener; 0 where none is stirred in
 * @param keepsOpenedMonths once its container was opened; 0 where nothing is known of that
 * @param dilutionPercent most water or thinner that may be added
 */
public record Mixing(
    Optional<Mix> parts,
    Optional<Duration> potLife,
    double dropsPer100Ml,
    int keepsOpenedMonths,
    double dilutionPercent,
    double densityGPerMl) {
  private static final FigureRange PARTS = new FigureRange("parts", 0, 100, 2);
  private static final FigureRange MONTHS = new FigureRange("months", 0, 240, 0);
  private static final FigureRange DROPS = new FigureRange("drops", 0, 1000, 1);

  static Mixing read(MeasureSheet label, Mixing typical) {
    double partB =
        label.figure(
            "partB", "second-part-0-for-none", typical.parts.map(Mix::partB).orElse(0.0), PARTS);
    double partA =
        label.figure("partA", "first-part", typical.parts.map(Mix::partA).orElse(1.0), PARTS);
    SoldBy by =
        label.choice("mixedBy", "parts-by", typical.parts.map(Mix::by).orElse(SoldBy.VOLUME));
    if (partB > 0 && partA == 0) {
      throw new RefusedInput(
          "first-part", said("0-parts"), said("is-no-mix"), said("above-0-parts"));
    }
    return new Mixing(
        partB > 0 ? Optional.of(new Mix(partA, partB, by)) : Optional.empty(),
        Drying.maybe(label, "potLife", "pot-life-0-for-none", typical.potLife),
        label.figure("drops", "hardener-drops-per-100-ml", typical.dropsPer100Ml, DROPS),
        (int) label.figure("keeps", "keeps-once-opened", typical.keepsOpenedMonths, MONTHS),
        label.figure(
            "dilution", "thinned-by-at-most", typical.dilutionPercent, FigureRange.PERCENT),
        label.figure("density", "density", typical.densityGPerMl, FigureRange.DENSITY));
  }
}
