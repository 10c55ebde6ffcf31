package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.InHand;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Base;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** Water crawls off oil: something that holds on both lies between. */
final class WaterOverOil implements CoatRule {
  @Override
  public String id() {
    return "water-over-oil";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat water :
        seen.coats(c -> c.isFilm() && c.of().medium().kind().base() == Base.WATER)) {
      Optional<Band.Coat> under =
          seen.buildUp().coatsUnder(water).filter(c -> c.where().tintsAll()).findFirst();
      if (under.filter(c -> c.of().medium().kind().base() == Base.OIL).isPresent()) {
        InHand blocker = seen.anyOf(Role.STAIN_BLOCKER);
        found.at(
            water,
            Level.RISK,
            List.of(
                seen.coat(
                    "hold-between",
                    blocker,
                    1,
                    Optional.of(water),
                    new Figure.Named(blocker.medium().name()))),
            Seen.named(water),
            Seen.named(under.get()));
      }
    }
  }
}
