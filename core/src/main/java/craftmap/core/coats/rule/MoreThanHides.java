package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.colour.Covering;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Coating;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A coat more than hides is paint and an evening for nothing. */
final class MoreThanHides implements CoatRule {
  @Override
  public String id() {
    return "more-than-hides";
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<Band> band = seen.buildUp().band(Band.GROUND);
    if (band.isEmpty() || !(band.get() instanceof Band.Coat ground) || !ground.timesChosen()) {
      return;
    }
    OptionalInt needed =
        Covering.of(ground.of().medium().coverage().colour(), ground.hides())
            .coatsToHide(seen.under(ground), Coating.MOST_COATS);
    int least = Math.max(1, needed.orElse(Coating.MOST_COATS));
    if (ground.times() > least) {
      double saved = seen.ml(ground) * (ground.times() - least) / ground.times();
      found.at(
          ground,
          Level.TIP,
          List.of(
              seen.changed(
                  "fewer-coats",
                  ground,
                  seen.wish(ground).times(OptionalInt.of(least)),
                  new Figure.Count(least))),
          Seen.named(ground),
          new Figure.Count(least),
          new Figure.Volume(saved));
    }
  }
}
