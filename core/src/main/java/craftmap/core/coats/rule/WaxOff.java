package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;
import craftmap.core.medium.Base;
import craftmap.core.surface.Finish;
import java.util.List;
import java.util.Optional;

/** Old wax, and what took it off, are gone before anything with water in it. */
final class WaxOff implements CoatRule {
  @Override
  public String id() {
    return "wax-off";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (seen.surface().finish() != Finish.WAXED) {
      return;
    }
    Optional<Band> first = seen.worked().filter(WaxOff::isRepelled).findFirst();
    Optional<Band.Step> off = seen.buildUp().step(StepKind.WAX_OFF);
    if (first.isPresent()
        && (off.isEmpty()
            || seen.buildUp().indexOf(off.get().key())
                > seen.buildUp().indexOf(first.get().key()))) {
      Optional<Band> before = seen.buildUp().bands().stream().findFirst();
      found.at(
          first.get(),
          Level.STOP,
          List.of(seen.step("wax-off", StepKind.WAX_OFF, before)),
          Seen.named(first.get()));
    }
  }

  private static boolean isRepelled(Band band) {
    return !(band instanceof Band.Coat coat) || coat.of().medium().kind().base() != Base.WAX;
  }
}
