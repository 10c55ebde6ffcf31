package craftmap.core.lay;

import craftmap.core.measure.Tolerance;
import java.util.Arrays;
import java.util.Optional;

/**
 * How an option stands by each {@link Criterion}: whole numbers, the lower the better, so that
 * comparing them is an order and the same on every machine.
 */
public record Standing(long[] marks) implements Comparable<Standing> {
  /**
   * By what an option is judged.
   *
   * @param onKeepOuts items that land on one
   * @param slivers parts that are too small to look meant
   * @param parts items that are cut
   * @param gapChangeMm by how much the gap differs from the wish
   * @param inProportion whether the ends suit the gaps
   * @param wholes items that are not cut
   * @param listed where the kind of option stands in the list of kinds
   */
  public record Judged(
      int onKeepOuts,
      int slivers,
      boolean symmetrical,
      int parts,
      double gapChangeMm,
      boolean inProportion,
      int wholes,
      int listed) {}

  public static Standing of(Judged j) {
    long[] marks = new long[Criterion.values().length];
    marks[Criterion.CLEAR_OF_KEEP_OUTS.ordinal()] = j.onKeepOuts;
    marks[Criterion.SHOWS_A_WHOLE.ordinal()] = j.parts > 0 && j.wholes == 0 ? 1 : 0;
    marks[Criterion.NO_SLIVER.ordinal()] = j.slivers;
    marks[Criterion.SYMMETRICAL.ordinal()] = j.symmetrical ? 0 : 1;
    marks[Criterion.WHOLE_MOTIFS.ordinal()] = j.parts;
    marks[Criterion.LEAST_GAP_CHANGE.ordinal()] = Tolerance.EXACT.steps(Math.abs(j.gapChangeMm));
    marks[Criterion.END_MARGIN_IN_PROPORTION.ordinal()] = j.inProportion ? 0 : 1;
    marks[Criterion.MORE_MOTIFS.ordinal()] = -j.wholes;
    marks[Criterion.LISTED_EARLIER.ordinal()] = j.listed;
    return new Standing(marks);
  }

  /** The same for a sheet that is cut: what its cuts spoil, and how many of it are needed. */
  public Standing cutting(int spoilt, int sheets) {
    long[] more = marks.clone();
    more[Criterion.LEAST_SPOILT.ordinal()] = spoilt;
    more[Criterion.FEWEST_SHEETS.ordinal()] = sheets;
    return new Standing(more);
  }

  /** The same for runs along sides whose gaps differ. */
  public Standing differing(double mm) {
    long[] more = marks.clone();
    more[Criterion.SIDES_DIFFER_LEAST.ordinal()] = Tolerance.EXACT.steps(mm);
    return new Standing(more);
  }

  /** The same for what lies the more evenly, the further its copies keep apart. */
  public Standing apartBy(double leastMm) {
    long[] more = marks.clone();
    more[Criterion.LEAST_GAP_CHANGE.ordinal()] = -Tolerance.EXACT.steps(leastMm);
    return new Standing(more);
  }

  /** The same for what was to cover and leaves so much bare. */
  public Standing leavingBare(double mm2) {
    long[] more = marks.clone();
    more[Criterion.NOTHING_BARE.ordinal()] = Math.round(mm2);
    return new Standing(more);
  }

  /** The first criterion by which this one is worse than {@code better}; none if it is not. */
  public Optional<Criterion> worseBy(Standing better) {
    for (Criterion criterion : Criterion.values()) {
      int compared = Long.compare(marks[criterion.ordinal()], better.marks[criterion.ordinal()]);
      if (compared != 0) {
        return compared > 0 ? Optional.of(criterion) : Optional.empty();
      }
    }
    return Optional.empty();
  }

  @Override
  public int compareTo(Standing other) {
    return Arrays.compare(marks, other.marks);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Standing s && Arrays.equals(marks, s.marks);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(marks);
  }

  @Override
  public String toString() {
    return Arrays.toString(marks);
  }
}
