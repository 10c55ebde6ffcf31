package craftmap.core.coats.rule;

import craftmap.core.measure.Level;
import craftmap.core.medium.Base;

/** Rags with oil on them can catch fire by themselves. */
final class OilyRags implements CoatRule {
  @Override
  public String id() {
    return "oily-rags";
  }

  @Override
  public boolean safety() {
    return true;
  }

  @Override
  public void look(Seen seen, Findings found) {
    seen.coats(c -> c.of().medium().kind().base() == Base.OIL)
        .forEach(c -> found.caution(c, Level.STOP, Seen.named(c)));
  }
}
