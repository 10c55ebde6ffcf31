package craftmap.core.supply;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * What a medium stands in.
 *
 * @param tareG the empty container with its lid, if it was ever weighed
 */
public record Container(BigDecimal holds, StockUnit unit, Optional<BigDecimal> tareG) {

  /**
   * The level, from the weight of the container as it stands on the scale.
   *
   * @throws RefusedInput when the tare is not known or weighs more
   */
  public BigDecimal byWeight(BigDecimal grossG, double densityGPerMl) {
    BigDecimal tare =
        tareG.orElseThrow(
            () ->
                new RefusedInput(
                    "weight",
                    given(StockUnit.G.show(grossG)),
                    said("says-nothing-while-the-empty-containers-weight-is-not"),
                    said("the-tare-first-or-a-level")));
    BigDecimal net = grossG.subtract(tare);
    if (net.signum() < 0) {
      throw new RefusedInput(
          "weight",
          given(StockUnit.G.show(grossG)),
          said("is-less-than-the-empty-container"),
          said("at-least", given(StockUnit.G.show(tare))));
    }
    return unit == StockUnit.G
        ? net
        : net.divide(BigDecimal.valueOf(densityGPerMl), Booking.DECIMALS, RoundingMode.HALF_UP);
  }

  /** The level, from how full it looks: a half, a third. */
  public BigDecimal byEye(double share) {
    if (!(share >= 0 && share <= 1)) {
      throw new RefusedInput(
          "level", given(share), said("is-no-share-of-a-container"), said("from-0-to-1"));
    }
    return holds
        .multiply(BigDecimal.valueOf(share))
        .setScale(unit.isCounted() ? 0 : 1, RoundingMode.HALF_UP);
  }
}
