package craftmap.core.lay;

import craftmap.core.measure.Tolerance;
import java.util.Arrays;
import java.util.Optional;

/**
 * How an option stands by each {@link Criterion}: whole numbers, the lower the better, so that
 * comparing them is an order and the same on every machine.
 */
public record Standing(long[] marks) implements Comparable<Standing> {
  private static final double LEAST_MARGIN_IN_GAPS = 0.5;
  private static final double MOST_MARGIN_IN_GAPS = 1.5;

  public static Standing of(RunRow row, RunWish wish, int itemsOnKeepOuts) {
    long[] marks = new long[Criterion.values().length];
    marks[Criterion.CLEAR_OF_KEEP_OUTS.ordinal()] = itemsOnKeepOuts;
    marks[Criterion.NO_SLIVER.ordinal()] = row.slivers();
    marks[Criterion.SYMMETRICAL.ordinal()] = row.kind().symmetrical() ? 0 : 1;
    marks[Criterion.WHOLE_MOTIFS.ordinal()] = row.parts();
    marks[Criterion.LEAST_GAP_CHANGE.ordinal()] =
        Tolerance.EXACT.steps(Math.abs(row.gapMm() - wish.gapMm()));
    marks[Criterion.END_MARGIN_IN_PROPORTION.ordinal()] = inProportion(row) ? 0 : 1;
    marks[Criterion.MORE_MOTIFS.ordinal()] = -row.wholes();
    marks[Criterion.LISTED_EARLIER.ordinal()] = row.kind().ordinal();
    return new Standing(marks);
  }

  /** True when both ends are between half a gap and one and a half gaps wide. */
  static boolean inProportion(RunRow row) {
    return inProportion(row.startMarginMm(), row.gapMm())
        && inProportion(row.endMarginMm(), row.gapMm());
  }

  private static boolean inProportion(double marginMm, double gapMm) {
    return !Tolerance.EXACT.greater(LEAST_MARGIN_IN_GAPS * gapMm, marginMm)
        && !Tolerance.EXACT.greater(marginMm, MOST_MARGIN_IN_GAPS * gapMm);
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
