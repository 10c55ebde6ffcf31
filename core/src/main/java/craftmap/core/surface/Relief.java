package craftmap.core.surface;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.RefusedInput;

/** How much more surface carved or turned work has than its flat outline. */
public record Relief(double factor) {
  public static final Relief FLAT = new Relief(1.0);
  public static final Relief PANELLED = new Relief(1.1);
  public static final Relief CARVED = new Relief(1.3);
  public static final Relief TURNED = new Relief(1.5);

  public Relief {
    if (!(factor >= 1) || !(factor <= 3)) {
      throw new RefusedInput(
          "relief-factor",
          Double.isFinite(factor) ? given(Decimals.show(factor, 2)) : given(String.valueOf(factor)),
          said("is-not-how-surfaces-are"),
          said("1-for-flat-up-to-3"));
    }
  }
}
