package craftmap.core.lay.rule.border;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;

/**
 * A copy in each corner.
 *
 * @param pieces whole pieces that it takes: quarters come four from one
 */
public record CornerSet(Way.InCorners way, int corners, int pieces) implements Arrangement {
  @Override
  public int count() {
    return corners;
  }
}
