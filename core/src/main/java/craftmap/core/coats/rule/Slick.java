package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.InHand;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** Paint slides off what is slick unless something that names it lies between. */
final class Slick implements CoatRule {
  @Override
  public String id() {
    return "slick";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (!seen.surface().isSlick()) {
      return;
    }
    Optional<Band.Coat> first =
        seen.coats(c -> c.isFilm() && c.role() != Role.CLEAR_COAT).stream()
            .filter(c -> !c.isUsedAs(Role.BONDING_PRIMER))
            .filter(c -> !seen.buildUp().isUnder(c, u -> u.isUsedAs(Role.BONDING_PRIMER)))
            .findFirst();
    if (first.isPresent()) {
      InHand primer = seen.anyOf(Role.BONDING_PRIMER);
      found.at(
          first.get(),
          Level.RISK,
          List.of(seen.primer("bond-it", primer, 1, new Figure.Named(primer.medium().name()))),
          Seen.named(first.get()),
          new Figure.One(seen.surface().makeUp()));
    }
  }
}
