package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.GroupSurface;
import craftmap.core.coats.InHand;
import craftmap.core.coats.Stage;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import craftmap.core.medium.WaterResistance;
import craftmap.core.surface.Exposure;
import java.util.List;
import java.util.Optional;

/** What is sat on, set down on or washed is sealed for it. */
final class SealWear implements CoatRule {
  @Override
  public String id() {
    return "seal-wear";
  }

  @Override
  public void look(Seen seen, Findings found) {
    boolean wear = seen.surface().bears(Exposure.WEAR);
    boolean wet = seen.surface().bears(Exposure.WET);
    Optional<Band> last = seen.worked().reduce((a, b) -> b);
    if (!wear && !wet || last.isEmpty()) {
      return;
    }
    WaterResistance least = wet ? WaterResistance.WET : WaterResistance.SPLASH;
    boolean sealed =
        seen
            .coats(
                c ->
                    c.isFilm()
                        && c.where().coversAll()
                        && !c.of().medium().wear().needsSeal()
                        && c.of().medium().wear().water().compareTo(least) >= 0
                        && (c.role() == Role.RESIN || c.times() >= TWICE))
            .stream()
            .anyMatch(c -> isOverAllLays(seen, c));
    if (!sealed) {
      InHand clear = seen.shelf().clearCoat(WaterResistance.WET);
      found.at(
          last.get(),
          Level.RISK,
          List.of(
              seen.coat(
                  "seal-it",
                  clear,
                  GroupSurface.TIMES_SEALED,
                  firstWax(seen),
                  new Figure.Named(clear.medium().name()),
                  new Figure.Count(GroupSurface.TIMES_SEALED))),
          new Figure.One(wet ? Exposure.WET : Exposure.WEAR));
    }
  }

  private static final int TWICE = 2;

  private static boolean isOverAllLays(Seen seen, Band coat) {
    return seen.buildUp().over(coat).stream().noneMatch(Band.OfLay.class::isInstance);
  }

  private static Optional<Band> firstWax(Seen seen) {
    return seen.worked()
        .filter(b -> b instanceof Band.Coat c && !c.isFilm() && c.stage() == Stage.DRESS)
        .findFirst();
  }
}
