package craftmap.core.measure;

import java.util.ArrayList;
import java.util.List;

/**
 * Marks to tick along a tape that lies with its zero at the datum. Each mark is rounded from the
 * datum by itself, so the error of one never adds to the next: none is off by more than half a
 * division.
 */
public record SetOut(TapeDivision division, List<Mark> marks) {

  /**
   * One tick.
   *
   * @param number counted from the datum, from 1
   * @param exactMm where the mark belongs
   * @param tickMm where the tape can show it
   */
  public record Mark(int number, double exactMm, double tickMm) {
    /** How far the tick lies beyond the true place; negative when it falls short. */
    public double errorMm() {
      return tickMm - exactMm;
    }
  }

  public SetOut {
    marks = List.copyOf(marks);
  }

  public static SetOut fromDatum(List<Double> exactMm, TapeDivision division) {
    List<Mark> marks = new ArrayList<>(exactMm.size());
    for (double exact : exactMm) {
      marks.add(new Mark(marks.size() + 1, exact, division.nearest(exact)));
    }
    return new SetOut(division, marks);
  }

  /** The largest rounding error of the row, as a length without direction; 0 for an empty row. */
  public double largestErrorMm() {
    return marks.stream().mapToDouble(m -> Math.abs(m.errorMm())).max().orElse(0);
  }
}
