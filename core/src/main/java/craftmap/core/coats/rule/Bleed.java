package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.GroupSurface;
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
    Optional<Band.Coat> shows =
        seen.coats(c -> c.role() == Role.PAINT && c.where() instanceof Where.All).stream()
            .filter(c -> c.of().medium().kind().base() != Base.SHELLAC)
            .filter(c -> seen.surface().bleedsThrough(c.of().medium().coverage().colour()))
            .findFirst();
    if (shows.isEmpty() || isBlocked(seen, shows.get())) {
      return;
    }
    InHand blocker = seen.anyOf(Role.STAIN_BLOCKER);
    found.at(
        shows.get(),
        Level.RISK,
        List.of(
            seen.primer(
                "block-it",
                blocker,
                GroupSurface.TIMES_BLOCKED,
                new Figure.Named(blocker.medium().name()))),
        Seen.named(shows.get()));
  }

  private static boolean isBlocked(Seen seen, Band over) {
    return seen.buildUp()
        .isUnder(
            over, c -> c.isUsedAs(Role.STAIN_BLOCKER) && c.times() >= GroupSurface.TIMES_BLOCKED);
  }
}
