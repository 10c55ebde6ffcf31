package craftmap.server.gather;

import craftmap.core.plan.LayReading;
import craftmap.core.supply.Provision;
import craftmap.server.shelf.Pot;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** What a piece takes, pot by pot. */
public record Gathering(List<Need> needs, List<LayReading> notLaid) {

  /**
   * One pot and the lays that draw on it.
   *
   * @param stillNeededMl for the lays that are not done
   */
  public record Need(Pot pot, List<Use> uses, double stillNeededMl, Provision provision) {}

  /**
   * One lay's use.
   *
   * @param booked what the ledger says it took; none while it is not done
   */
  public record Use(LayReading.Laid laid, Optional<BigDecimal> booked) {
    public boolean isDone() {
      return booked.isPresent();
    }
  }

  public List<Use> uses() {
    return needs.stream().flatMap(n -> n.uses().stream()).toList();
  }
}
