package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.LayHere;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** What sticks by its own glue lifts a transfer, leaf or fresh colour that nothing seals. */
final class StickOn implements CoatRule {
  @Override
  public String id() {
    return "stick-on-unsealed";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay stencil : seen.lays(LayHere::sticksOn)) {
      Optional<Band.OfLay> lifted =
          seen.buildUp().under(stencil).stream()
              .takeWhile(b -> !closes(b))
              .filter(Band.OfLay.class::isInstance)
              .map(Band.OfLay.class::cast)
              .filter(l -> l.lay().isTransfer() || l.lay().isFoil())
              .findFirst();
      lifted.ifPresent(
          under ->
              found.at(
                  stencil,
                  Level.STOP,
                  List.of(
                      seen.moved("stencil-first", stencil, Optional.of(under), Seen.named(stencil)),
                      seen.coat(
                          "seal-between",
                          seen.clearCoat(),
                          1,
                          Optional.of(stencil),
                          Seen.named(under))),
                  Seen.named(stencil),
                  Seen.named(under)));
    }
  }

  private static boolean closes(Band band) {
    return band instanceof Band.Coat c
        && (c.role() == Role.CLEAR_COAT || c.role() == Role.DECOUPAGE_MEDIUM);
  }
}
