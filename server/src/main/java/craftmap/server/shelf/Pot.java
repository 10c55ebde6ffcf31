package craftmap.server.shelf;

import craftmap.core.medium.Medium;
import craftmap.core.medium.PotLabel;
import craftmap.core.supply.StockUnit;
import craftmap.server.stock.Holding;

/** A pot of a medium and its level. Weighed media are turned into volumes by their density. */
public record Pot(Holding holding, Medium medium) {

  public PotLabel label() {
    return medium.label(holding.id());
  }

  public double levelMl() {
    return ml(holding.level().doubleValue());
  }

  public double holdsMl() {
    return holding.holds().map(h -> ml(h.doubleValue())).orElse(levelMl());
  }

  /** A volume in the unit that the pot is counted in. */
  public double inItsUnit(double ml) {
    return holding.unit() == StockUnit.G ? ml * medium.mixing().densityGPerMl() : ml;
  }

  /** A quantity of the pot's unit as a volume. */
  public double ml(double quantity) {
    return holding.unit() == StockUnit.G ? quantity / medium.mixing().densityGPerMl() : quantity;
  }
}
