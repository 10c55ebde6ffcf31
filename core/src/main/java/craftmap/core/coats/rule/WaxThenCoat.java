package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** What dries to a skin does not hold on wax. */
final class WaxThenCoat implements CoatRule {
  @Override
  public String id() {
    return "wax-then-coat";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat film : seen.coats(Band.Coat::isFilm)) {
      Optional<Band.Coat> wax =
          seen.buildUp()
              .coatsUnder(film)
              .filter(c -> c.role() == Role.WAX || c.role() == Role.METALLIC_WAX)
              .reduce((a, b) -> b);
      wax.ifPresent(
          under ->
              found.at(
                  film,
                  Level.STOP,
                  List.of(
                      seen.moved("before-wax", film, Optional.of(under), Seen.named(film)),
                      seen.without("leave-out", under, Seen.named(under))),
                  Seen.named(film),
                  Seen.named(under)));
    }
  }
}
