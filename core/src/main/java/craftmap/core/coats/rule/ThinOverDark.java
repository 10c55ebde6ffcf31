package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.InHand;
import craftmap.core.coats.LayHere;
import craftmap.core.coats.Wish;
import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A thin print over a darker ground than its own background shows the ground through. */
final class ThinOverDark implements CoatRule {
  @Override
  public String id() {
    return "thin-over-dark";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay lay : seen.lays(LayHere::isThin)) {
      Colour under = seen.under(lay).colour();
      Colour own = lay.lay().background();
      double shift = shift(own, under);
      if (shift <= Covering.HIDDEN || under.luminance() >= own.luminance()) {
        continue;
      }
      List<CoatMend> mends = new ArrayList<>();
      seen.shelf().pots().stream()
          .filter(p -> p.medium().kind().role() == Role.PAINT)
          .min(Comparator.comparingDouble((InHand p) -> shift(own, p.medium().coverage().colour())))
          .ifPresent(
              p ->
                  mends.add(
                      Findings.mend(
                          "lighter-ground",
                          seen.wishes().back(Band.GROUND).with(Band.GROUND, Wish.of(p.product())),
                          new Figure.Named(p.medium().name()))));
      found.at(
          lay,
          Level.RISK,
          mends,
          Seen.named(lay),
          new Figure.Shade(own.over(under).hex()),
          new Figure.Shift(shift));
    }
  }

  private static double shift(Colour own, Colour under) {
    return own.lab().ciede2000From(own.over(under).lab());
  }
}
