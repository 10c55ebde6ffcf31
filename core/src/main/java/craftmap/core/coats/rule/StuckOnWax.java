package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** Neither glue nor paint holds on wax. */
final class StuckOnWax implements CoatRule {
  @Override
  public String id() {
    return "stuck-on-wax";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay lay : seen.lays(l -> !l.isTransfer())) {
      seen.buildUp()
          .coatsUnder(lay)
          .filter(c -> c.where().tintsAll() || c.role() == Role.METALLIC_WAX)
          .findFirst()
          .filter(c -> c.role() == Role.WAX || c.role() == Role.METALLIC_WAX)
          .ifPresent(
              under ->
                  found.at(
                      lay,
                      Level.STOP,
                      List.of(
                          seen.moved("before-wax", lay, Optional.of(under), Seen.named(lay)),
                          seen.without("leave-out", under, Seen.named(under))),
                      Seen.named(lay),
                      Seen.named(under)));
    }
  }
}
