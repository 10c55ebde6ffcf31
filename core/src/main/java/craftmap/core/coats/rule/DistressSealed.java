package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;
import java.util.List;
import java.util.Optional;

/** What is rubbed through after it was closed is open again there. */
final class DistressSealed implements CoatRule {
  @Override
  public String id() {
    return "distress-sealed";
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<Band> rubbed = seen.buildUp().band(StepKind.DISTRESS.key());
    Optional<Band> seal = seen.firstSeal();
    if (rubbed.isPresent() && seal.isPresent() && isOver(seen, rubbed.get(), seal.get())) {
      found.at(
          rubbed.get(),
          Level.RISK,
          List.of(seen.moved("rub-before-seal", rubbed.get(), seal, Seen.named(seal.get()))),
          Seen.named(seal.get()));
    }
  }

  private static boolean isOver(Seen seen, Band upper, Band lower) {
    return seen.buildUp().indexOf(upper.key()) > seen.buildUp().indexOf(lower.key());
  }
}
