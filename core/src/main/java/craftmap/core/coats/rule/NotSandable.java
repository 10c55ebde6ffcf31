package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.measure.Level;
import java.util.List;
import java.util.OptionalInt;

/** What may not be sanded is wiped level while it is wet, and nothing sands it later. */
final class NotSandable implements CoatRule {
  @Override
  public String id() {
    return "not-sandable";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat coat : seen.coats(c -> c.grit().isPresent())) {
      if (!coat.of().medium().wear().sandable()) {
        found.at(
            coat,
            Level.STOP,
            List.of(seen.changed("not-sanded", coat, seen.wish(coat).sanded(OptionalInt.empty()))),
            Seen.named(coat));
      }
    }
  }
}
