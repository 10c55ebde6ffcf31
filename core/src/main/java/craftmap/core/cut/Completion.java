package craftmap.core.cut;

import craftmap.core.measure.Tolerance;
import java.util.Arrays;
import java.util.Optional;

/**
 * Fills one length after the other to the end: each takes the longest piece that is left and, of
 * the rest, every set that leaves no more than all lengths together may waste. Where little may be
 * wasted there are few such sets, and that is where putting piece after piece goes astray.
 */
final class Completion {
  private final double[] pieces;
  private final double[] from;
  private final double roomMm;
  private final int[] in;
  private final long mostSteps;
  private long steps;

  private Completion(double[] pieces, double roomMm, long mostSteps) {
    this.pieces = pieces;
    this.roomMm = roomMm;
    this.mostSteps = mostSteps;
    this.in = new int[pieces.length];
    this.from = new double[pieces.length + 1];
    for (int i = pieces.length - 1; i >= 0; i--) {
      from[i] = from[i + 1] + pieces[i];
    }
  }

  /**
   * What came of it.
   *
   * @param impossible every way was tried
   * @param in the length of each piece
   */
  record Answer(boolean impossible, Optional<int[]> in) {}

  /**
   * Asks for so many lengths.
   *
   * @param pieces longest first
   */
  static Answer of(double[] pieces, double roomMm, int lengths, long mostSteps) {
    Completion completion = new Completion(pieces, roomMm, mostSteps);
    Arrays.fill(completion.in, -1);
    double spare = lengths * roomMm - completion.from[0];
    if (completion.fill(0, spare)) {
      return new Answer(false, Optional.of(completion.in));
    }
    return new Answer(completion.steps <= mostSteps, Optional.empty());
  }

  private boolean fill(int length, double spare) {
    int first = 0;
    while (first < pieces.length && in[first] >= 0) {
      first++;
    }
    if (first == pieces.length) {
      return true;
    }
    in[first] = length;
    if (add(length, first + 1, roomMm - pieces[first], spare)) {
      return true;
    }
    in[first] = -1;
    return false;
  }

  /** Decides on the pieces from one on: into this length, or not. */
  private boolean add(int length, int at, double free, double spare) {
    if (++steps > mostSteps) {
      return false;
    }
    int i = at;
    while (i < pieces.length && (in[i] >= 0 || Tolerance.EXACT.greater(pieces[i], free))) {
      i++;
    }
    if (i == pieces.length) {
      return !Tolerance.EXACT.greater(free, spare) && fill(length + 1, spare - free);
    }
    // even with all that is left it would waste too much
    if (Tolerance.EXACT.greater(free - from[i], spare)) {
      return false;
    }
    in[i] = length;
    if (add(length, i + 1, free - pieces[i], spare)) {
      return true;
    }
    in[i] = -1;
    // without this piece every other one of its length stays out as well
    int next = i + 1;
    while (next < pieces.length && pieces[next] == pieces[i]) {
      next++;
    }
    return add(length, next, free, spare);
  }
}
