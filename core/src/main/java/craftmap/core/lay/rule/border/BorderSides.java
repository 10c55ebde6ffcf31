package craftmap.core.lay.rule.border;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;
import java.util.List;

/**
 * Runs along the sides of a face.
 *
 * @param sides clockwise from the top
 * @param corners copies or pieces that sit in corners
 */
public record BorderSides(Way.OnBorder way, List<Side> sides, int corners) implements Arrangement {
  /**
   * One side.
   *
   * @param count motifs between the corners, those folded round a corner counted half
   * @param lengthMm what is shared out between the corners
   */
  public record Side(int count, double lengthMm, double gapMm) {}

  public BorderSides {
    sides = List.copyOf(sides);
  }

  /** Motifs on the first side, which is the top one. */
  @Override
  public int count() {
    return sides.getFirst().count();
  }

  /** Motifs on the second side. */
  @Override
  public int across() {
    return sides.get(1 % sides.size()).count();
  }

  public double leastGapMm() {
    return sides.stream().mapToDouble(Side::gapMm).min().orElseThrow();
  }

  public double largestGapMm() {
    return sides.stream().mapToDouble(Side::gapMm).max().orElseThrow();
  }

  /** By how much the gaps of two sides differ. */
  public double differMm() {
    return largestGapMm() - leastGapMm();
  }

  /** The gap that is furthest from the wish, less the wish. */
  public double changeMm(double wishedMm) {
    double less = wishedMm - leastGapMm();
    double more = largestGapMm() - wishedMm;
    return less > more ? -less : more;
  }
}
