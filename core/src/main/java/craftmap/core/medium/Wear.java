package craftmap.core.medium;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;

/**
 * What a medium bears, wet and dry.
 *
 * @param minimumCelsius the coldest it may be put on at
 */
public record Wear(
    double minimumCelsius, boolean sandable, boolean needsSeal, WaterResistance water) {
  static Wear read(MeasureSheet label, Wear typical) {
    return new Wear(
        label.figure("minimum", "no-colder-than", typical.minimumCelsius, FigureRange.CELSIUS),
        label.yes("sandable", "may-be-sanded", typical.sandable),
        label.yes("needsSeal", "needs-a-seal", typical.needsSeal),
        label.choice("water", "bears-water", typical.water));
  }
}
