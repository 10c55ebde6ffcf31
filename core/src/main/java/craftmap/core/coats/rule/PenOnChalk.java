package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.InHand;
import craftmap.core.coats.LayHere;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** A pen clogs on chalky paint, and its line runs, until that is sealed. */
final class PenOnChalk implements CoatRule {
  @Override
  public String id() {
    return "pen-on-chalk";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay drawn : seen.lays(LayHere::isDrawn)) {
      Optional<Band.Coat> under =
          seen.buildUp().coatsUnder(drawn).filter(c -> c.where().tintsAll()).findFirst();
      if (under
          .filter(c -> c.role() == Role.PAINT && c.of().medium().wear().needsSeal())
          .isPresent()) {
        InHand clear = seen.clearCoat();
        found.at(
            drawn,
            Level.RISK,
            List.of(
                seen.coat(
                    "seal-chalk",
                    clear,
                    1,
                    Optional.of(drawn),
                    new Figure.Named(clear.medium().name()))),
            Seen.named(drawn),
            Seen.named(under.get()));
      }
    }
  }
}
