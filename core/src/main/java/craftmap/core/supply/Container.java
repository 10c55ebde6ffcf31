package craftmap.core.supply;

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
                    "Weight",
                    StockUnit.G.show(grossG),
                    "says nothing while the empty container's weight is not known",
                    "the tare first, or a level"));
    BigDecimal net = grossG.subtract(tare);
    if (net.signum() < 0) {
      throw new RefusedInput(
          "Weight",
          StockUnit.G.show(grossG),
          "is less than the empty container",
          "at least " + StockUnit.G.show(tare));
    }
    return unit == StockUnit.G
        ? net
        : net.divide(BigDecimal.valueOf(densityGPerMl), Booking.DECIMALS, RoundingMode.HALF_UP);
  }

  /** The level, from how full it looks: a half, a third. */
  public BigDecimal byEye(double share) {
    if (!(share >= 0 && share <= 1)) {
      throw new RefusedInput("Level", share + "", "is no share of a container", "from 0 to 1");
    }
    return holds
        .multiply(BigDecimal.valueOf(share))
        .setScale(unit.isCounted() ? 0 : 1, RoundingMode.HALF_UP);
  }
}
