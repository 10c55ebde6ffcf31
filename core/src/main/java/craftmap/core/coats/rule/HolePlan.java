package craftmap.core.coats.rule;

import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;

/** A hole under a sheet is found again from behind, when the glue is dry. */
final class HolePlan implements CoatRule {
  @Override
  public String id() {
    return "hole-plan";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (seen.surface().extent().holes() == 0) {
      return;
    }
    seen.lays(l -> l.isGlued() || l.isTransfer()).stream()
        .findFirst()
        .ifPresent(
            lay ->
                found.at(
                    lay,
                    Level.TIP,
                    List.of(),
                    Seen.named(lay),
                    new Figure.Count(seen.surface().extent().holes())));
  }
}
