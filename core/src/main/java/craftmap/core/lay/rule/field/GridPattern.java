package craftmap.core.lay.rule.field;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;

/**
 * Columns and rows.
 *
 * @param columns that show at least in part
 * @param rows that show at least in part
 * @param wholes copies that are not cut
 * @param parts copies that are cut
 */
public record GridPattern(
    Way.InGrid way,
    int columns,
    int rows,
    double gapAcrossMm,
    double gapDownMm,
    int wholes,
    int parts)
    implements Arrangement {
  @Override
  public int count() {
    return columns;
  }

  @Override
  public int across() {
    return rows;
  }
}
