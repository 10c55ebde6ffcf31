package craftmap.core.lay.rule.pieces;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;

/**
 * Pieces put together on one face.
 *
 * @param throwing which throw, for what is thrown
 * @param unionMm2 what they cover together, each spot counted once
 * @param groundShare of what is free, what stays bare
 * @param leastGapMm the smallest clear distance between two; below 0 where they overlap
 */
public record CollageSet(
    Way.Hung way, int count, int throwing, double unionMm2, double groundShare, double leastGapMm)
    implements Arrangement {
  @Override
  public int across() {
    return throwing;
  }
}
