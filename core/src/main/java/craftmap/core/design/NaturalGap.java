package craftmap.core.design;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;

/** The gap a motif was drawn for: told itself, or by its repeat from motif to motif. */
final class NaturalGap {
  private NaturalGap() {}

  /** What is told of a motif that repeats. */
  enum Told {
    BY_GAP,
    BY_REPEAT
  }

  static double ask(MeasureSheet sheet, Box printed, String label, double typicalMm) {
    if (sheet.choice("told", "its-row-is-told-by-the", Told.BY_GAP) == Told.BY_GAP) {
      return sheet.distance("gap", label, typicalMm);
    }
    double wide = printed.widthMm();
    double repeat = sheet.length("repeat", "repeat", wide + typicalMm, LengthRange.SIZE);
    if (repeat < wide) {
      throw new RefusedInput(
          "repeat", mm(repeat), said("is-less-than-the-motif-is-wide"), said("at-least", mm(wide)));
    }
    return repeat - wide;
  }
}
