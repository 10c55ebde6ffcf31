package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;
import java.util.List;
import java.util.Optional;

/** A resist holds the coat over it loosely, which has to be rubbed off where it lies. */
final class ResistRubbed implements CoatRule {
  @Override
  public String id() {
    return "resist-rubbed";
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<Band> resist = seen.buildUp().band(StepKind.RESIST.key());
    Optional<Band> rubbed = seen.buildUp().band(StepKind.DISTRESS.key());
    if (resist.isPresent() && rubbed.isEmpty()) {
      found.at(
          resist.get(),
          Level.RISK,
          List.of(seen.step("rub-through", StepKind.DISTRESS, seen.firstSeal())));
    }
  }
}
