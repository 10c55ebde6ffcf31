package craftmap.core.lay.rule.cover;

import craftmap.core.design.MotifBox;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.SheetPart;
import java.util.List;

/**
 * Parts round a wall.
 *
 * @param round parts in one row
 * @param partMm how wide a part is round the wider end, with its overlap
 * @param seamsMm where the seams are, from the seam behind
 * @param sagMm how far straight edges stand off the curve; 0 where parts are cut to it
 * @param overlapAtNarrowEndMm by how much parts overlap at the narrow end
 * @param missMm by how much a repeating print misses where the ring closes
 * @param bare what of the wall is not covered
 * @param seamsInFront seams that one sees from the front
 */
public record Wrapping(
    Way.AllRound way,
    int round,
    int rows,
    double partMm,
    List<Double> seamsMm,
    double sagMm,
    double overlapAtNarrowEndMm,
    double missMm,
    int seamsInFront,
    List<SheetPart> parts,
    int sheets,
    int leastSheets,
    List<MotifBox> spoilt,
    Bare bare)
    implements Arrangement, SheetWork {
  public Wrapping {
    seamsMm = List.copyOf(seamsMm);
    parts = List.copyOf(parts);
    spoilt = List.copyOf(spoilt);
  }

  @Override
  public int count() {
    return round;
  }

  @Override
  public int across() {
    return rows;
  }
}
