package craftmap.server.stock;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import craftmap.core.supply.Container;
import craftmap.core.supply.Offcut;
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

  /**
   * The leftover it is; none where it is no leftover, or where its outline is none: what an older
   * file brought in may be no outline, and must not hide the rest of the shelf.
   */
  public Optional<Offcut> leftover() {
    if (form != HoldingForm.OFFCUT) {
      return Optional.empty();
    }
    try {
      return Optional.of(new Offcut(offcut));
    } catch (RefusedInput noOutline) {
      return Optional.empty();
    }
  }

  /** How full it is, 0 to 1; 1 where nothing says how much it holds. */
  public double fullShare() {
    return holds
        .filter(h -> h.signum() > 0)
        .map(h -> Math.clamp(level.doubleValue() / h.doubleValue(), 0, 1))
        .orElse(level.signum() > 0 ? 1.0 : 0.0);
  }
}
