package craftmap.server.stock;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;

/** What was paid, in the smallest coin of a currency. */
public record Price(long minor, String currency) {
  private static final long MOST = 100_000_000;

  public Price {
    currency = currency == null ? "" : currency.strip().toUpperCase(Locale.ENGLISH);
    if (!currency.matches("[A-Z]{3}")) {
      throw new RefusedInput("Currency", currency, "is not a currency", "three letters: EUR");
    }
    if (minor < 0 || minor > MOST) {
      throw new RefusedInput("Price", "" + minor / 100.0, "cannot be", "0 to 1 000 000");
    }
  }

  /** From a decimal figure, comma or point. */
  public static Price read(String figure, String currency) {
    String plain = figure.strip().replace(',', '.');
    if (!plain.matches("\\d{1,7}(\\.\\d{1,2})?")) {
      throw new RefusedInput("Price", figure, "is not a price", "a figure such as 6.40");
    }
    return new Price(
        new BigDecimal(plain).movePointRight(2).setScale(0, RoundingMode.HALF_UP).longValueExact(),
        currency);
  }

  public String text() {
    return BigDecimal.valueOf(minor, 2).toPlainString() + " " + currency;
  }
}
