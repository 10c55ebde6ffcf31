package craftmap.core.lay.rule.ring;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;
import java.util.List;

/**
 * Rings of equal count, one inside or below the other.
 *
 * @param count copies in each row
 * @param rows the length and the gap of each, the first one first
 * @param shiftMm how far the first copy stands past where the line is read from
 */
public record RingRows(Way.OnRing way, int count, List<Row> rows, double shiftMm)
    implements Arrangement {
  /** One row: how long its line is, and the clear distance between its copies. */
  public record Row(double lengthMm, double gapMm) {
    public double pitchMm(int count) {
      return lengthMm / count;
    }
  }

  public RingRows {
    rows = List.copyOf(rows);
  }

  @Override
  public int across() {
    return rows.size();
  }

  public double gapMm() {
    return rows.getFirst().gapMm();
  }

  public double pitchMm() {
    return rows.getFirst().pitchMm(count);
  }
}
