package craftmap.core.medium;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import java.time.Duration;
import java.util.Optional;

/**
 * How a medium is made ready.
 *
 * @param parts of a two-part medium
 * @param potLife how long a mix can be used; none where nothing is mixed
 * @param dilutionPercent most water or thinner that may be added
 */
public record Mixing(
    Optional<Mix> parts, Optional<Duration> potLife, double dilutionPercent, double densityGPerMl) {
  private static final FigureRange PARTS = new FigureRange("parts", 0, 100, 2);

  static Mixing read(MeasureSheet label, Mixing typical) {
    double partB =
        label.figure(
            "partB", "Second part; 0 for none", typical.parts.map(Mix::partB).orElse(0.0), PARTS);
    double partA =
        label.figure("partA", "First part", typical.parts.map(Mix::partA).orElse(1.0), PARTS);
    SoldBy by =
        label.choice("mixedBy", "Parts by", typical.parts.map(Mix::by).orElse(SoldBy.VOLUME));
    if (partB > 0 && partA == 0) {
      throw new RefusedInput("First part", "0 parts", "is no mix", "above 0 parts");
    }
    return new Mixing(
        partB > 0 ? Optional.of(new Mix(partA, partB, by)) : Optional.empty(),
        Drying.maybe(label, "potLife", "Pot life; 0 for none", typical.potLife),
        label.figure(
            "dilution", "Thinned by at most", typical.dilutionPercent, FigureRange.PERCENT),
        label.figure("density", "Density", typical.densityGPerMl, FigureRange.DENSITY));
  }
}
