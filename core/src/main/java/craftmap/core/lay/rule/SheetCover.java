package craftmap.core.lay.rule;

import craftmap.core.design.MotifBox;
import craftmap.core.lay.sheet.SheetPart;
import java.util.List;

/**
 * A face covered by sheets side by side.
 *
 * @param turned the sheets lie a quarter turned
 * @param pitchAcrossMm from one sheet's edge to the next one's
 * @param sheets that are opened
 * @param leastSheets what the area asks for
 */
public record SheetCover(
    Way way,
    int columns,
    int rows,
    boolean turned,
    double pitchAcrossMm,
    double pitchDownMm,
    List<SheetPart> parts,
    int sheets,
    int leastSheets,
    List<MotifBox> spoilt)
    implements Arrangement, SheetWork {
  public SheetCover {
    parts = List.copyOf(parts);
    spoilt = List.copyOf(spoilt);
  }

  @Override
  public int count() {
    return columns;
  }

  @Override
  public int across() {
    return rows;
  }
}
