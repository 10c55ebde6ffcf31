package craftmap.core.coats.rule;

import craftmap.core.measure.Level;
import craftmap.core.medium.ToolKind;

/** What is sprayed is in the air: a respirator, a draught, no flame. */
final class Spray implements CoatRule {
  @Override
  public String id() {
    return "spray";
  }

  @Override
  public boolean safety() {
    return true;
  }

  @Override
  public void look(Seen seen, Findings found) {
    seen.coats(c -> c.tool().kind() == ToolKind.SPRAYER)
        .forEach(c -> found.caution(c, Level.STOP, Seen.named(c)));
  }
}
