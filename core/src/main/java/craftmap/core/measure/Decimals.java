package craftmap.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Decimal figures as text: nearest, half away from zero, without trailing zeros. */
public final class Decimals {
  private Decimals() {}

  public static String show(double value, int places) {
    return show(value, places, RoundingMode.HALF_UP);
  }

  /** Rounded as told: an upper bound down, a lower one up. */
  public static String show(double value, int places, RoundingMode rounding) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, rounding).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }
}
