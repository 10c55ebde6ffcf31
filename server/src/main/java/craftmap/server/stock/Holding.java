package craftmap.server.stock;

import craftmap.core.plane.Point;
import craftmap.core.supply.Container;
import craftmap.core.supply.ShelfCode;
import craftmap.core.supply.StockUnit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * A stock and its level, the sum of its ledger.
 *
 * @param version how often it was described; bookings do not count
 */
public record Holding(
    String id,
    ShelfCode code,
    Optional<String> designId,
    Optional<String> mediumId,
    HoldingForm form,
    StockUnit unit,
    Optional<BigDecimal> holds,
    Hand hand,
    List<Point> offcut,
    NewHolding.Particulars particulars,
    BigDecimal level,
    long version) {

  /** What it stands in; only what holds something has one. */
  public Optional<Container> container() {
    return holds.map(h -> new Container(h, unit, particulars.tareG()));
  }

  /** The same at another level. */
  Holding at(BigDecimal other) {
    return new Holding(
        id, code, designId, mediumId, form, unit, holds, hand, offcut, particulars, other, version);
  }

  /** How full it is, 0 to 1; 1 where nothing says how much it holds. */
  public double fullShare() {
    return holds
        .filter(h -> h.signum() > 0)
        .map(h -> Math.clamp(level.doubleValue() / h.doubleValue(), 0, 1))
        .orElse(level.signum() > 0 ? 1.0 : 0.0);
  }
}
