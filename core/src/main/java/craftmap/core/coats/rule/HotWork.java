package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.StepKind;
import craftmap.core.design.Moulding;
import craftmap.core.measure.Level;
import craftmap.core.medium.Base;
import craftmap.core.medium.Role;
import java.util.Optional;

/** A heat gun or a torch and the vapour of solvent do not go together. */
final class HotWork implements CoatRule {
  @Override
  public String id() {
    return "hot-work";
  }

  @Override
  public boolean safety() {
    return true;
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<Band> hot =
        seen.worked()
            .filter(b -> b instanceof Band.Coat c && c.role() == Role.RESIN || isBentWarm(b))
            .findFirst();
    Optional<Band> vapour = seen.buildUp().bands().stream().filter(HotWork::smells).findFirst();
    if (hot.isPresent() && vapour.isPresent()) {
      found.caution(hot.get(), Level.STOP, Seen.named(hot.get()), Seen.named(vapour.get()));
    }
  }

  private static boolean isBentWarm(Band band) {
    return band instanceof Band.OfLay lay
        && lay.lay()
            .design()
            .filter(
                d ->
                    d instanceof Moulding m
                        && m.flexibility() == Moulding.Flexibility.BENDS_WITH_HEAT)
            .isPresent();
  }

  private static boolean smells(Band band) {
    return switch (band) {
      case Band.Coat c -> smells(c.of().medium().kind().base());
      case Band.OfLay l -> l.lay().pot().filter(m -> smells(m.kind().base())).isPresent();
      case Band.Step s -> s.kind() == StepKind.WAX_OFF || s.kind() == StepKind.STRIP;
    };
  }

  private static boolean smells(Base base) {
    return base == Base.SOLVENT || base == Base.SHELLAC;
  }
}
