package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.InHand;
import craftmap.core.coats.LayHere;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Base;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** A transfer is sealed in the end, with water and never with oil or solvent. */
final class TransferSeal implements CoatRule {
  @Override
  public String id() {
    return "transfer-seal";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.OfLay transfer : seen.lays(LayHere::isTransfer)) {
      Optional<Band.Coat> over =
          seen.buildUp()
              .coatsOver(transfer)
              .filter(
                  c ->
                      c.role() == Role.CLEAR_COAT
                          || c.role() == Role.DECOUPAGE_MEDIUM
                          || c.role() == Role.RESIN)
              .findFirst();
      boolean own = transfer.lay().pot().filter(m -> !isOily(m.kind().base())).isPresent();
      if (own || over.filter(c -> !isOily(c.of().medium().kind().base())).isPresent()) {
        continue;
      }
      InHand clear = seen.clearCoat();
      Optional<Band> before =
          over.<Band>map(c -> c).or(() -> seen.buildUp().over(transfer).stream().findFirst());
      found.at(
          transfer,
          Level.STOP,
          List.of(
              seen.coat(
                  "seal-transfer", clear, 2, before, new Figure.Named(clear.medium().name()))),
          Seen.named(transfer));
    }
  }

  private static boolean isOily(Base base) {
    return base == Base.OIL || base == Base.SOLVENT;
  }
}
