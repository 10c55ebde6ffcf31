package craftmap.core.lay.rule.run;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.Tolerance;

/**
 * One way to share out a line: motifs of equal width at equal pitch.
 *
 * @param lineMm the line's length
 * @param motifMm the motif's width along the line
 * @param count motifs in all, whole and part
 * @param gapMm clear distance between neighbours
 * @param firstStartMm where the first motif begins, from the line's start; negative when it runs
 *     off
 */
public record RunRow(
    Way.OnLine way, double lineMm, double motifMm, int count, double gapMm, double firstStartMm)
    implements Arrangement {
  public double pitchMm() {
    return motifMm + gapMm;
  }

  public double startMm(int index) {
    return firstStartMm + index * pitchMm();
  }

  public double centreMm(int index) {
    return startMm(index) + motifMm / 2;
  }

  /** Clear distance from the start of the line to the first motif; negative where it runs off. */
  public double startMarginMm() {
    return firstStartMm;
  }

  /** Clear distance from the last motif to the end of the line; negative where it runs off. */
  public double endMarginMm() {
    return lineMm - startMm(count - 1) - motifMm;
  }

  /** The share of a motif that lies on the line, above 0 and up to 1. */
  public double share(int index) {
    double from = Math.max(0, startMm(index));
    double to = Math.min(lineMm, startMm(index) + motifMm);
    boolean whole = Tolerance.EXACT.sameLength(to - from, motifMm);
    return whole ? 1 : (to - from) / motifMm;
  }

  public boolean isWhole(int index) {
    return share(index) == 1;
  }

  /** Motifs cut by an end of the line: only the first and the last can be. */
  public int parts() {
    if (count == 1) {
      return isWhole(0) ? 0 : 1;
    }
    return (isWhole(0) ? 0 : 1) + (isWhole(count - 1) ? 0 : 1);
  }

  public int wholes() {
    return count - parts();
  }

  public int slivers() {
    int first = share(0) < Laying.SLIVER_SHARE ? 1 : 0;
    return count == 1 ? first : first + (share(count - 1) < Laying.SLIVER_SHARE ? 1 : 0);
  }

  /** The same row begun elsewhere. */
  RunRow slid(Way.OnLine otherWay, double startMm) {
    return new RunRow(otherWay, lineMm, motifMm, count, gapMm, startMm);
  }
}
