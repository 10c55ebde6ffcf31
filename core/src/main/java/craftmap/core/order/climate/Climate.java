package craftmap.core.order.climate;

import craftmap.core.measure.FigureRange;

/** How warm and how damp the air is. */
public record Climate(double celsius, double dampPercent) {
  private static final FigureRange DAMP = new FigureRange("%", 5, 100, 0);

  /** What labels speak of. */
  public static final Climate OF_LABELS = new Climate(21, 50);

  /** In damper air than this nothing that dries is put on. */
  public static final double DAMPEST_PERCENT = 85;

  public Climate {
    celsius = FigureRange.CELSIUS.check("temperature", celsius);
    dampPercent = DAMP.check("damp", dampPercent);
  }

  /**
   * What the air still takes up, in kPa: the vapour pressure deficit by Tetens' formula, 0.6108
   * e^(17.27 T / (T + 237.3)) (1 - RH / 100).
   */
  public double deficitKpa() {
    return 0.6108 * Math.exp(17.27 * celsius / (celsius + 237.3)) * (1 - dampPercent / 100);
  }

  /** Whether something may be put on that its label allows no colder than this. */
  public boolean allows(double minimumCelsius) {
    return celsius >= minimumCelsius && dampPercent <= DAMPEST_PERCENT;
  }
}
