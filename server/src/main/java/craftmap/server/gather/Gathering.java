package craftmap.server.gather;

import craftmap.core.design.Design;
import craftmap.core.plan.LayReading;
import craftmap.core.supply.Provision;
import craftmap.core.supply.StockUnit;
import craftmap.server.shelf.Pot;
import craftmap.server.stock.Holding;
import java.util.List;
import java.util.Optional;

/** What a piece takes, pot by pot and design by design. */
public record Gathering(List<Need> needs, List<DesignNeed> designs, List<LayReading> notLaid) {

  /**
   * One pot and the lays that draw on it.
   *
   * @param stillNeededMl for the lays that are not done
   * @param othersMl what other pieces, who asked before, may count on
   * @param provision against what this piece may count on, in millilitres
   */
  public record Need(
      Pot pot, List<Use> uses, double stillNeededMl, double othersMl, Provision provision) {}

  /**
   * A design that is used up: sheets, pieces, lengths.
   *
   * @param stock what there is of it, the fullest first
   * @param mine what this piece may count on
   * @param isUsed the ledger says that it was taken
   */
  public record DesignNeed(
      Design design,
      StockUnit unit,
      List<Wanted> wanted,
      List<Holding> stock,
      double mine,
      boolean isUsed,
      Provision provision) {
    public boolean isCutFromSheets() {
      return unit == StockUnit.SHEETS;
    }

    public double quantity() {
      return wanted.stream().mapToDouble(Wanted::quantity).sum();
    }
  }

  /** What one lay takes of a design. */
  public record Wanted(LayReading.Laid laid, double quantity) {}

  /**
   * One lay's use.
   *
   * @param bookedMl what the ledger says it took; none while it is not done
   */
  public record Use(LayReading.Laid laid, Optional<Double> bookedMl) {
    public boolean isDone() {
      return bookedMl.isPresent();
    }
  }

  public List<Use> uses() {
    return needs.stream().flatMap(n -> n.uses().stream()).toList();
  }
}
