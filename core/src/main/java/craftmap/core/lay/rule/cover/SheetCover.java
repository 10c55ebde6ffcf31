package craftmap.core.lay.rule.cover;

import craftmap.core.design.MotifBox;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.SheetPart;
import java.util.List;

/**
 * A face covered by sheets side by side.
 *
 * @param turned the sheets lie a quarter turned
 * @param pitchAcrossMm from one sheet's edge to the next one's
 * @param sheets that are opened
 * @param leastSheets no plan needs fewer
 * @param bare what of this face is not covered
 * @param missMm by how much a repeating print is out of step anywhere over the faces; 0 where it
 *     meets
 */
public record SheetCover(
    Way.InSheets way,
    int columns,
    int rows,
    boolean turned,
    double pitchAcrossMm,
    double pitchDownMm,
    List<SheetPart> parts,
    int sheets,
    int leastSheets,
    List<MotifBox> spoilt,
    Bare bare,
    double missMm)
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
