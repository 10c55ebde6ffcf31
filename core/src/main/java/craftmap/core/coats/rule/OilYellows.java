package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.InHand;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Base;
import craftmap.core.medium.Role;
import java.util.List;

/** Oil yellows over the years, and what is light under it with it. */
final class OilYellows implements CoatRule {
  @Override
  public String id() {
    return "oil-yellows";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat oil :
        seen.coats(c -> c.role() == Role.CLEAR_COAT && c.of().medium().kind().base() == Base.OIL)) {
      if (seen.under(oil).colour().luminance() < LIGHT_FROM) {
        continue;
      }
      InHand water = seen.clearCoat();
      found.at(
          oil,
          Level.RISK,
          List.of(
              seen.changed(
                  "water-based",
                  oil,
                  seen.wish(oil).with(water.product()),
                  new Figure.Named(water.medium().name()))),
          Seen.named(oil));
    }
  }

  private static final double LIGHT_FROM = 0.5;
}
