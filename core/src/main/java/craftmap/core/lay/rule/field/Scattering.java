package craftmap.core.lay.rule.field;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;

/**
 * Copies scattered over what is free.
 *
 * @param throwing which throw of the dice, counted from the seed
 * @param leastApartMm the smallest clear distance between two of them
 */
public record Scattering(int count, int throwing, double leastApartMm, boolean full)
    implements Arrangement {
  @Override
  public Way.Scattered way() {
    return Way.Scattered.SCATTERED;
  }

  @Override
  public int across() {
    return throwing;
  }
}
