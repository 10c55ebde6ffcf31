package craftmap.server.shelf;

import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.supply.StockUnit;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How much of a design a piece may count on: what nobody asked for, and what it asked for itself.
 *
 * @param left of that, pieces of the left hand
 * @param right of that, pieces of the right hand
 * @param text the quantity as people say it
 */
public record Available(StockUnit unit, double quantity, double left, double right, String text) {
  /** Whether it covers what all lays of a piece take together, of each hand where it has hands. */
  public boolean covers(Pool pool) {
    double t = Tolerance.EXACT.lengthMm();
    return pool.isHanded()
        ? pool.left() <= left + t && pool.right() <= right + t
        : pool.quantity() <= quantity + t;
  }

  public static String text(double quantity, StockUnit unit, TapeDivision tape) {
    return StockText.of(
        BigDecimal.valueOf(quantity).setScale(unit.places(), RoundingMode.UP), unit, tape);
  }

  /** A quantity of anything, also of what comes out of pots. */
  public static String amount(double quantity, StockUnit unit, TapeDivision tape) {
    return switch (unit) {
      case ML -> Words.millilitres(quantity);
      case G -> Words.grams(quantity);
      case SHEETS, PIECES, MM -> text(Math.max(0, quantity), unit, tape);
    };
  }
}
