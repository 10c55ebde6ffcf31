package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;
import java.util.List;
import java.util.Optional;

/** Nothing is sanded, filled, coated or stuck down before it is clean. */
final class CleanFirst implements CoatRule {
  @Override
  public String id() {
    return "clean-first";
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<Band> first =
        seen.buildUp().bands().stream().filter(CleanFirst::wantsClean).findFirst();
    Optional<Band.Step> clean = seen.buildUp().step(StepKind.CLEAN);
    if (first.isEmpty() || clean.isPresent() && isBefore(seen, clean.get(), first.get())) {
      return;
    }
    CoatMend mend = seen.step("clean-first", StepKind.CLEAN, first);
    found.at(first.get(), Level.STOP, List.of(mend), Seen.named(first.get()));
  }

  private static boolean wantsClean(Band band) {
    return !(band instanceof Band.Step step)
        || step.kind() == StepKind.SAND
        || step.kind() == StepKind.FILL;
  }

  private static boolean isBefore(Seen seen, Band one, Band other) {
    return seen.buildUp().indexOf(one.key()) < seen.buildUp().indexOf(other.key());
  }
}
