package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.InHand;
import craftmap.core.coats.Where;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Base;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** What is in the wood, or a stain on it, comes through a light coat unless it is blocked twice. */
final class Bleed implements CoatRule {
  @Override
  public String id() {
    return "bleed";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (!seen.surface().mayBleed()) {
      return;
    }
    Optional<Band.Coat> shows =
        seen.coats(c -> c.role() == Role.PAINT && c.where() instanceof Where.All).stream()
            .filter(c -> c.of().medium().kind().base() != Base.SHELLAC)
            .filter(c -> c.of().medium().coverage().colour().luminance() >= LIGHT_FROM)
            .findFirst();
    if (shows.isEmpty() || isBlocked(seen, shows.get())) {
      return;
    }
    InHand blocker = seen.anyOf(Role.STAIN_BLOCKER);
    found.at(
        shows.get(),
        Level.RISK,
        List.of(
            seen.primer("block-it", blocker, BLOCKED, new Figure.Named(blocker.medium().name()))),
        Seen.named(shows.get()));
  }

  private static final double LIGHT_FROM = 0.3;
  private static final int BLOCKED = 2;

  private static boolean isBlocked(Seen seen, Band over) {
    return seen.buildUp()
        .isUnder(over, c -> c.isUsedAs(Role.STAIN_BLOCKER) && c.times() >= BLOCKED);
  }
}
