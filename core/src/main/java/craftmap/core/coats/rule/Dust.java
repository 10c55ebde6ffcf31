package craftmap.core.coats.rule;

import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;
import craftmap.core.surface.Finish;

/** Dust of old paint, filler and paste is not breathed in. */
final class Dust implements CoatRule {
  @Override
  public String id() {
    return "dust";
  }

  @Override
  public boolean safety() {
    return true;
  }

  @Override
  public void look(Seen seen, Findings found) {
    boolean old =
        seen.surface().finish() == Finish.PAINTED || seen.surface().finish() == Finish.VARNISHED;
    boolean filled = seen.buildUp().step(StepKind.FILL).isPresent();
    seen.buildUp()
        .step(StepKind.SAND)
        .filter(s -> old || filled)
        .ifPresent(s -> found.caution(s, Level.STOP));
  }
}
