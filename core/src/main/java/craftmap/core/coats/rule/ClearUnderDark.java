package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.Habits;
import craftmap.core.coats.InHand;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;
import java.util.Optional;

/** Dark wax on bare chalky paint sinks in and cannot be pulled back. */
final class ClearUnderDark implements CoatRule {
  @Override
  public String id() {
    return "clear-under-dark";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat dark : seen.coats(Band.Coat::isDarkWax)) {
      Optional<Band.Coat> under =
          seen.buildUp()
              .coatsUnder(dark)
              .filter(c -> c.where().tintsAll() && !c.isDarkWax())
              .findFirst();
      if (under.filter(c -> !c.isClearWax() && c.of().medium().wear().needsSeal()).isPresent()) {
        found.at(
            dark,
            Level.RISK,
            List.of(between(seen, dark)),
            Seen.named(dark),
            Seen.named(under.get()));
      }
    }
  }

  /** As the school has it: clear wax, or a coat that seals. */
  private static CoatMend between(Seen seen, Band.Coat dark) {
    if (seen.habits().darkWax() == Habits.DarkWax.OVER_A_SEALED_COAT) {
      InHand clear = seen.clearCoat();
      return seen.coat(
          "clear-coat-under", clear, 1, Optional.of(dark), new Figure.Named(clear.medium().name()));
    }
    InHand wax = seen.shelf().clearWax();
    return seen.coat(
        "clear-wax-under", wax, 1, Optional.of(dark), new Figure.Named(wax.medium().name()));
  }
}
