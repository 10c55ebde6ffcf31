package craftmap.core.lay.rule.single;

import craftmap.core.lay.Placement;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;

/**
 * An enlarged image over office pages.
 *
 * @param columns pages side by side
 * @param lying the pages lie on their long side
 * @param pageWidthMm what is printed of a page, as it lies
 */
public record PageSet(
    Way.OnPages way,
    Placement at,
    int columns,
    int rows,
    boolean lying,
    double pageWidthMm,
    double pageHeightMm,
    double overlapMm,
    double imageWidthMm,
    double imageHeightMm)
    implements Arrangement {
  @Override
  public int count() {
    return columns;
  }

  @Override
  public int across() {
    return rows;
  }

  public int pages() {
    return columns * rows;
  }
}
