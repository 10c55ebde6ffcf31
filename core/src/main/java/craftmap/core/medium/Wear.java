package craftmap.core.medium;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;

/**
 * What a medium bears, wet and dry.
 *
 * @param minimumCelsius the coldest it may be put on at
 * @param heatCelsius the hottest that it bears when it is cured
 * @param food whether its label allows food on it
 */
public record Wear(
    double minimumCelsius,
    boolean sandable,
    boolean needsSeal,
    WaterResistance water,
    double heatCelsius,
    boolean food) {
  private static final FigureRange HEAT = new FigureRange("°C", 30, 300, 0);

  static Wear read(MeasureSheet label, Wear typical) {
    return new Wear(
        label.figure("minimum", "no-colder-than", typical.minimumCelsius, FigureRange.CELSIUS),
        label.yes("sandable", "may-be-sanded", typical.sandable),
        label.yes("needsSeal", "needs-a-seal", typical.needsSeal),
        label.choice("water", "bears-water", typical.water),
        label.figure("heat", "bears-heat-up-to", typical.heatCelsius, HEAT),
        label.yes("food", "label-allows-food-on-it", typical.food));
  }
}
