package craftmap.core.lay.rule.single;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;

/** One area painted freely. */
public record ZoneArea(double areaMm2) implements Arrangement {
  @Override
  public Way.Whole way() {
    return Way.Whole.ZONE;
  }

  @Override
  public int count() {
    return 1;
  }
}
