package craftmap.core.supply;

import java.math.BigDecimal;

/** What a stock is counted in. */
public enum StockUnit {
  SHEETS("sheets", 0),
  PIECES("pieces", 0),
  MM("mm", 1),
  ML("ml", 3),
  G("g", 3);

  private final String sign;
  private final int places;

  StockUnit(String sign, int places) {
    this.sign = sign;
    this.places = places;
  }

  /** Things are whole; lengths, volumes and weights are not. */
  public boolean isCounted() {
    return places == 0;
  }

  public int places() {
    return places;
  }

  /** The quantity with its unit, without trailing zeros. */
  public String show(BigDecimal quantity) {
    BigDecimal plain = quantity.stripTrailingZeros();
    String figure = plain.signum() == 0 ? "0" : plain.toPlainString();
    if (isCounted() && plain.abs().compareTo(BigDecimal.ONE) == 0) {
      return figure + " " + sign.substring(0, sign.length() - 1);
    }
    return figure + " " + sign;
  }
}
