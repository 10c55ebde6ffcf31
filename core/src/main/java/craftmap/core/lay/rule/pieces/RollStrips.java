package craftmap.core.lay.rule.pieces;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;

/**
 * Strips off a roll, side by side over an area.
 *
 * @param lengthMm of all strips together, one layer
 * @param usedMm off the roll, all layers, as full or as broken as it is to be
 * @param sizedMm2 the area that is sized or wetted
 * @param level they run from side to side
 * @param eitherWay strips that run the other way are offered as well
 * @param firstMm where the first strip begins, from the edge the strips are counted from
 */
public record RollStrips(
    Way.InStrips way,
    int strips,
    double lengthMm,
    double usedMm,
    double sizedMm2,
    double firstMm,
    double pitchMm,
    boolean level,
    boolean eitherWay)
    implements Arrangement {
  @Override
  public int count() {
    return strips;
  }

  /** By this ways are told apart that differ in nothing but how they run. */
  @Override
  public int across() {
    return eitherWay && level ? 2 : 1;
  }
}
