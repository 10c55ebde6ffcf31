package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;
import craftmap.core.surface.Finish;
import java.util.List;
import java.util.Optional;

/** Old paint is tested for lead before it is sanded. */
final class LeadTest implements CoatRule {
  @Override
  public String id() {
    return "lead-first";
  }

  @Override
  public boolean safety() {
    return true;
  }

  @Override
  public void look(Seen seen, Findings found) {
    boolean old =
        seen.surface().finish() == Finish.PAINTED || seen.surface().finish() == Finish.VARNISHED;
    Optional<Band.Step> sand = seen.buildUp().step(StepKind.SAND);
    Optional<Band.Step> test = seen.buildUp().step(StepKind.TEST_FOR_LEAD);
    boolean late =
        test.isPresent()
            && sand.isPresent()
            && seen.buildUp().indexOf(test.get().key()) > seen.buildUp().indexOf(sand.get().key());
    if (old && seen.surface().isWooden() && sand.isPresent() && (test.isEmpty() || late)) {
      found.at(
          sand.get(),
          Level.STOP,
          List.of(
              seen.step(
                  "test-for-lead",
                  StepKind.TEST_FOR_LEAD,
                  seen.buildUp().bands().stream().findFirst())));
    }
  }
}
