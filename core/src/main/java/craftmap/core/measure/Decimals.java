package craftmap.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Decimal figures as text: nearest, half away from zero, without trailing zeros. */
public final class Decimals {
  private Decimals() {}

  public static String show(double value, int places) {
    BigDecimal rounded =
        BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }
}
