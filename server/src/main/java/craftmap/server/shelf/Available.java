package craftmap.server.shelf;

import craftmap.core.measure.TapeDivision;
import craftmap.core.supply.StockUnit;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How much of a design a piece may count on: what nobody asked for, and what it asked for itself.
 *
 * @param text the quantity as people say it
 */
public record Available(StockUnit unit, double quantity, String text) {
  public static String text(double quantity, StockUnit unit, TapeDivision tape) {
    return StockText.of(
        BigDecimal.valueOf(quantity).setScale(unit.places(), RoundingMode.UP), unit, tape);
  }
}
