package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.InHand;
import craftmap.core.coats.LayHere;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;

/** Size that no leaf covers stays tacky until something closes it. */
final class LeafOnSize implements CoatRule {
  @Override
  public String id() {
    return "leaf-on-size";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay foil : seen.lays(LayHere::isFoil)) {
      boolean closed =
          seen.buildUp()
              .isOver(
                  foil,
                  c ->
                      c.role() == Role.CLEAR_COAT
                          || c.role() == Role.DECOUPAGE_MEDIUM
                          || c.role() == Role.RESIN
                          || c.isClearWax());
      if (!closed) {
        InHand close = seen.clearCoat();
        found.at(
            foil,
            Level.RISK,
            List.of(
                seen.coat(
                    "close-leaf",
                    close,
                    1,
                    seen.buildUp().over(foil).stream().findFirst(),
                    new Figure.Named(close.medium().name()))),
            Seen.named(foil));
      }
    }
  }
}
