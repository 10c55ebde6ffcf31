package craftmap.server.gather;

import craftmap.core.plan.LayReading;
import craftmap.core.supply.Provision;
import craftmap.server.shelf.Pot;
import java.util.List;
import java.util.Optional;

/** What a piece takes, pot by pot. */
public record Gathering(List<Need> needs, List<LayReading> notLaid) {

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
