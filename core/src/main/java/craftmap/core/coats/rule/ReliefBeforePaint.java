package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.LayHere;
import craftmap.core.coats.Where;
import craftmap.core.design.PaintedZone;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** What stands out goes on before colour, or the face is painted round it again. */
final class ReliefBeforePaint implements CoatRule {
  @Override
  public String id() {
    return "relief-before-paint";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay relief : seen.lays(LayHere::isRelief)) {
      Optional<Band> colour =
          seen.buildUp().under(relief).reversed().stream()
              .filter(b -> b instanceof Band.Coat c && c.role() == Role.PAINT)
              .findFirst();
      if (colour.isEmpty()) {
        continue;
      }
      boolean blend =
          seen.buildUp().under(relief).stream().anyMatch(ReliefBeforePaint::cannotBeMatched);
      double again = Math.min(1, relief.lay().areaMm2() / seen.surface().areaMm2());
      found.at(
          relief,
          blend ? Level.STOP : Level.TIP,
          List.of(seen.moved("relief-first", relief, lowest(seen), Seen.named(relief))),
          Seen.named(relief),
          new Figure.Volume(seen.ml(colour.get()) * again),
          new Figure.Area(relief.lay().areaMm2()));
    }
  }

  /** The first of what is put on wet: relief stands under all of it. */
  private static Optional<Band> lowest(Seen seen) {
    return seen.buildUp().bands().stream().filter(b -> b instanceof Band.Coat).findFirst();
  }

  /** A blend that is painted over in one place shows it. */
  private static boolean cannotBeMatched(Band band) {
    return switch (band) {
      case Band.OfLay lay -> lay.lay().design().filter(PaintedZone.class::isInstance).isPresent();
      case Band.Coat coat -> coat.where() instanceof Where.Blended;
      case Band.Step _ -> false;
    };
  }
}
