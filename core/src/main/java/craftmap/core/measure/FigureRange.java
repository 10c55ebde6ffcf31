package craftmap.core.measure;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

/**
 * Which figures a field accepts that is not a length, with its unit: shares, minutes, volumes.
 *
 * @param unit as it stands behind a figure: "min", "ml", "%"
 * @param places decimals that are shown
 */
public record FigureRange(String unit, double least, double most, int places) {
  public static final FigureRange PERCENT = new FigureRange("%", 0, 100, 1);
  public static final FigureRange MILLILITRES = new FigureRange("ml", 0, 100_000, 1);
  public static final FigureRange GRAMS = new FigureRange("g", 0, 100_000, 1);
  public static final FigureRange MINUTES = new FigureRange("min", 0, 60 * 24 * 60, 1);
  public static final FigureRange SPREAD = new FigureRange("m²/l", 0.05, 50, 2);
  public static final FigureRange DENSITY = new FigureRange("g/ml", 0.3, 5, 2);
  public static final FigureRange CELSIUS = new FigureRange("°C", -10, 60, 0);

  /**
   * Returns the figure when it lies in the range, both ends included.
   *
   * @throws RefusedInput naming {@code field} otherwise
   */
  public double check(Figure field, double figure) {
    if (!Double.isFinite(figure)) {
      throw new RefusedInput(field, given(figure), said("is-not-a-figure"), accepted());
    }
    if (figure < least || figure > most) {
      throw new RefusedInput(
          field,
          given(show(figure)),
          said(figure < least ? "is-too-small" : "is-too-large"),
          accepted());
    }
    return figure + 0.0;
  }

  /** Of a field whose name has no figures in it. */
  public double check(String field, double figure) {
    return check(said(field), figure);
  }

  /** The figure with its unit. */
  public String show(double figure) {
    return Decimals.show(figure, places) + (unit.isEmpty() ? "" : " " + unit);
  }

  private Figure accepted() {
    return said("a-figure-from-to", given(Decimals.show(least, places)), given(show(most)));
  }
}
