package craftmap.core.coats.rule;

import craftmap.core.measure.Level;

/** What is tall is fixed to the wall, and what is heavy is lifted by two. */
final class TipOver implements CoatRule {
  @Override
  public String id() {
    return "tip-over";
  }

  @Override
  public boolean safety() {
    return true;
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (seen.surface().extent().tallestMm() >= TALL_MM) {
      seen.worked().findFirst().ifPresent(b -> found.caution(b, Level.TIP));
    }
  }

  private static final double TALL_MM = 1200;
}
