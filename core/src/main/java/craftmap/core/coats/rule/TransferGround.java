package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.LayHere;
import craftmap.core.measure.Level;
import craftmap.core.medium.Sheen;
import java.util.List;
import java.util.Optional;

/**
 * A transfer is rubbed onto clean, dry, unsealed paint: it does not hold on wax, varnish or gloss.
 */
final class TransferGround implements CoatRule {
  @Override
  public String id() {
    return "transfer-ground";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay transfer : seen.lays(LayHere::isTransfer)) {
      seen.buildUp()
          .coatsUnder(transfer)
          .filter(c -> c.where().tintsAll())
          .findFirst()
          .filter(TransferGround::letsGo)
          .ifPresent(
              under ->
                  found.at(
                      transfer,
                      Level.STOP,
                      List.of(
                          seen.moved(
                              "transfer-first", transfer, Optional.of(under), Seen.named(transfer)),
                          seen.without("leave-out", under, Seen.named(under))),
                      Seen.named(transfer),
                      Seen.named(under)));
    }
  }

  private static boolean letsGo(Band.Coat coat) {
    return switch (coat.role()) {
      case WAX, METALLIC_WAX, CLEAR_COAT, RESIN -> true;
      default -> coat.of().medium().kind().sheen() == Sheen.GLOSS;
    };
  }
}
