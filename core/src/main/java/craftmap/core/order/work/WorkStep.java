package craftmap.core.order.work;

import java.time.Duration;
import java.util.Optional;
import java.util.Set;

/**
 * Something one person does in one go.
 *
 * @param id the same for as long as the plan asks for it
 * @param row what it stands in a row with: the group it is done to, or what is made by itself
 * @param what it is done with or to: a band of coats, a lay
 * @param n which of several alike, from 1
 * @param of how many alike there are
 * @param on what nothing else may be done to meanwhile
 * @param with of what there is one only: a stencil, a mould
 * @param wet what lies about after it and has to dry before it can be moved; none where nothing
 *     does
 * @param minimumCelsius the coldest it may be done at
 */
public record WorkStep(
    String id,
    String pieceId,
    String row,
    Doing doing,
    String what,
    int n,
    int of,
    Duration handsOn,
    Set<String> on,
    Set<String> with,
    Optional<Dry> wet,
    double minimumCelsius) {
  /** What may be done in any cold that one can work in. */
  public static final double ANY_COLD = -100;

  public WorkStep {
    on = Set.copyOf(on);
    with = Set.copyOf(with);
    if (!handsOn.isPositive()) {
      throw new IllegalArgumentException("impossible state: step " + id + " takes no time");
    }
  }

  /**
   * What its own piece calls it, be it a part of it only: the same in a copy of the piece, and in
   * another studio.
   */
  public String key() {
    return id.substring(pieceId.length() + 1).replaceFirst(Work.PART + "\\d+$", "");
  }

  /** Whole minutes: nobody looks at the clock for less. */
  public int minutes() {
    return Math.toIntExact(Math.ceilDiv(handsOn.toSeconds(), 60));
  }

  public WorkStep lasting(Duration other) {
    return new WorkStep(id, pieceId, row, doing, what, n, of, other, on, with, wet, minimumCelsius);
  }

  public WorkStep leavingNothingWet() {
    return part(id, handsOn, false);
  }

  WorkStep part(String partId, Duration share, boolean last) {
    return new WorkStep(
        partId,
        pieceId,
        row,
        doing,
        what,
        n,
        of,
        share,
        on,
        with,
        last ? wet : Optional.empty(),
        minimumCelsius);
  }
}
