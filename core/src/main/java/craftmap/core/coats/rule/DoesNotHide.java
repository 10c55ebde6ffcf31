package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.CoatMend;
import craftmap.core.colour.Covering;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Coating;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** Fewer coats than it takes leave what is under them to be seen. */
final class DoesNotHide implements CoatRule {
  @Override
  public String id() {
    return "does-not-hide";
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<Band> band = seen.buildUp().band(Band.GROUND);
    if (band.isEmpty() || !(band.get() instanceof Band.Coat ground)) {
      return;
    }
    Covering covering = Covering.of(ground.of().medium().coverage().colour(), ground.hides());
    double departs = covering.departs(seen.under(ground), ground.times());
    if (departs <= Covering.HIDDEN) {
      return;
    }
    OptionalInt needed = covering.coatsToHide(seen.under(ground), Coating.MOST_COATS);
    List<CoatMend> mends = new ArrayList<>();
    if (needed.isPresent()) {
      mends.add(
          seen.changed(
              "as-many-as-hide",
              ground,
              seen.wish(ground).times(OptionalInt.of(needed.getAsInt())),
              new Figure.Count(needed.getAsInt())));
    }
    found.at(
        ground,
        Level.RISK,
        mends,
        Seen.named(ground),
        new Figure.Count(ground.times()),
        new Figure.Shift(departs));
  }
}
