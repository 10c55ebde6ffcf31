package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.InHand;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** What needs a seal takes up every fingermark until it has one. */
final class Unsealed implements CoatRule {
  @Override
  public String id() {
    return "unsealed";
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<Band.Coat> last =
        seen.buildUp().coats().filter(c -> c.where().tintsAll()).reduce((a, b) -> b);
    if (last.isEmpty()
        || !last.get().of().medium().wear().needsSeal()
        || last.get().role() == Role.SIZE
        // dark wax has a rule of its own
        || seen.buildUp().isOver(last.get(), c -> c.role() == Role.WAX)) {
      return;
    }
    InHand clear = seen.clearCoat();
    found.at(
        last.get(),
        Level.RISK,
        List.of(
            seen.coat(
                "seal-paint",
                clear,
                clear.medium().coverage().coats(),
                afterAll(seen),
                new Figure.Named(clear.medium().name()))),
        Seen.named(last.get()));
  }

  /** Under what is rubbed on last; over everything else. */
  private static Optional<Band> afterAll(Seen seen) {
    return seen.worked()
        .filter(
            b ->
                b instanceof Band.Coat c
                    && (c.role() == Role.METALLIC_WAX || c.role() == Role.POWDER))
        .findFirst();
  }
}
