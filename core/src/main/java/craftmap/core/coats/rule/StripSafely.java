package craftmap.core.coats.rule;

import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;

/** What dissolves wax and paint goes through skin and into the air. */
final class StripSafely implements CoatRule {
  @Override
  public String id() {
    return "strip";
  }

  @Override
  public boolean safety() {
    return true;
  }

  @Override
  public void look(Seen seen, Findings found) {
    seen.buildUp()
        .steps()
        .filter(s -> s.kind() == StepKind.STRIP || s.kind() == StepKind.WAX_OFF)
        .forEach(s -> found.caution(s, Level.STOP));
  }
}
