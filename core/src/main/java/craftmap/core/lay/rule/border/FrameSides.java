package craftmap.core.lay.rule.border;

import craftmap.core.cut.StockLengths;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;
import java.util.List;

/**
 * Moulding round a face.
 *
 * @param sides clockwise from the top; one only where it is bent round
 * @param cutting how the pieces come out of stock lengths
 * @param bendRadiusMm the tightest bend it has to take; 0 where it is straight
 */
public record FrameSides(
    Way.InFrame way,
    List<Side> sides,
    StockLengths.Plan cutting,
    double bendRadiusMm,
    boolean bends)
    implements Arrangement {
  /**
   * One side.
   *
   * @param outerMm along its outer edge, from mitre to mitre
   * @param startMitreDeg how far from straight across the cut at its start is
   */
  public record Side(double outerMm, double innerMm, double startMitreDeg, double endMitreDeg) {}

  public FrameSides {
    sides = List.copyOf(sides);
  }

  @Override
  public int count() {
    return sides.size();
  }

  public double lengthMm() {
    return sides.stream().mapToDouble(Side::outerMm).sum();
  }
}
