package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.LayHere;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;

/** Under resin every edge lies flat: glued under and over. */
final class LiftedEdge implements CoatRule {
  @Override
  public String id() {
    return "lifted-edge";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay lay : seen.lays(LayHere::isGlued)) {
      boolean glued =
          lay.lay().coats() >= UNDER_AND_OVER
              || seen.buildUp().isOver(lay, c -> c.role() == Role.DECOUPAGE_MEDIUM);
      if (!glued && seen.buildUp().isOver(lay, c -> c.role() == Role.RESIN)) {
        found.at(
            lay,
            Level.STOP,
            List.of(
                seen.coat(
                    "glue-over",
                    seen.anyOf(Role.DECOUPAGE_MEDIUM),
                    1,
                    seen.buildUp().over(lay).stream().findFirst())),
            Seen.named(lay));
      }
    }
  }

  private static final int UNDER_AND_OVER = 2;
}
