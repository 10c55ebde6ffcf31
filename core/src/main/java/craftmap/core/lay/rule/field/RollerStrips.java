package craftmap.core.lay.rule.field;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;

/**
 * Strips of a pattern, side by side.
 *
 * @param lengthMm of all strips together, as far as they lie on the face
 * @param areaMm2 what they pattern together, each spot counted once
 * @param turns of the roller for that
 * @param firstMm where the first strip begins, from the edge the strips are counted from
 */
public record RollerStrips(
    Way.InStrips way,
    int strips,
    double lengthMm,
    double areaMm2,
    double turns,
    double firstMm,
    double pitchMm,
    boolean level)
    implements Arrangement {
  @Override
  public int count() {
    return strips;
  }
}
