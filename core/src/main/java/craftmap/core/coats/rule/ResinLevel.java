package craftmap.core.coats.rule;

import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;

/** What is poured runs off a face that does not lie level. */
final class ResinLevel implements CoatRule {
  @Override
  public String id() {
    return "resin-level";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (!seen.surface().level()) {
      seen.coats(c -> c.role() == Role.RESIN)
          .forEach(
              resin ->
                  found.at(
                      resin,
                      Level.RISK,
                      List.of(seen.without("leave-out", resin, Seen.named(resin))),
                      Seen.named(resin)));
    }
  }
}
