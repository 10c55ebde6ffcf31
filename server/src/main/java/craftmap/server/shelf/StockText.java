package craftmap.server.shelf;

import craftmap.core.measure.TapeDivision;
import craftmap.core.supply.StockUnit;
import craftmap.server.stock.Holding;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.math.BigDecimal;

/** Quantities of stock as people say them: rolls by the tape, pots in millilitres. */
final class StockText {
  private StockText() {}

  static String of(BigDecimal quantity, StockUnit unit, TapeDivision tape) {
    return switch (unit) {
      case MM -> Measure.longText(quantity.doubleValue(), tape);
      case ML -> Words.millilitres(quantity.doubleValue());
      case SHEETS, PIECES, G -> unit.show(quantity);
    };
  }

  /** The level, and of how much where that is known. */
  static String level(Holding h, TapeDivision tape) {
    String level = of(h.level(), h.unit(), tape);
    return h.holds()
        .map(holds -> Words.say("stock.of", level, of(holds, h.unit(), tape)))
        .orElse(level);
  }
}
