package craftmap.core.lay.rule.cover;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.RuleNote;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;
import java.util.Optional;

/**
 * Which slice of a print shows where its sheet is larger than what is cut from it: how far into the
 * print the first part begins.
 */
public record Slice(double acrossMm, double downMm) {
  /** What says it. */
  private enum Chosen {
    WHERE_MOTIFS_STAY_WHOLE,
    SLID_BY_HAND
  }

  static Optional<Slice> read(MeasureSheet sheet) {
    return switch (sheet.choice("slice", "slice-that-shows", Chosen.WHERE_MOTIFS_STAY_WHOLE)) {
      case WHERE_MOTIFS_STAY_WHOLE -> Optional.empty();
      case SLID_BY_HAND ->
          Optional.of(
              new Slice(
                  sheet.distance("sliceAcross", "print-begins-across", 0),
                  sheet.distance("sliceDown", "print-begins-down", 0)));
    };
  }

  static void write(Optional<Slice> slice, RuleNote.Writer note) {
    note.put("slice", slice.isPresent() ? Chosen.SLID_BY_HAND : Chosen.WHERE_MOTIFS_STAY_WHOLE);
    slice.ifPresent(s -> note.put("sliceAcross", s.acrossMm).put("sliceDown", s.downMm));
  }

  /** Where the first part begins. */
  Point at() {
    return new Point(acrossMm, downMm);
  }

  /** Whether a part that leaves so much of its sheet can begin there. */
  boolean fits(Spare spare) {
    return !Tolerance.EXACT.greater(acrossMm, spare.acrossMm)
        && !Tolerance.EXACT.greater(downMm, spare.downMm);
  }

  /** How much of its sheet a part leaves. */
  record Spare(double acrossMm, double downMm) {
    static final Spare NONE = new Spare(0, 0);

    Spare atMost(Spare other) {
      return new Spare(Math.max(acrossMm, other.acrossMm), Math.max(downMm, other.downMm));
    }
  }

  /** Refuses what no way of laying it leaves enough of a sheet for. */
  void refusePast(Spare most) {
    refusePast("print-begins-across", acrossMm, most.acrossMm);
    refusePast("print-begins-down", downMm, most.downMm);
  }

  private static void refusePast(String field, double mm, double spareMm) {
    if (Tolerance.EXACT.greater(mm, spareMm)) {
      throw new RefusedInput(
          field, mm(mm), said("is-further-than-the-sheet-reaches"), said("0-to", mm(spareMm)));
    }
  }

  /** How far into its repeat a print begins; 0 where it does not repeat that way. */
  double phaseMm(double repeatMm, boolean across) {
    return repeatMm > 0 ? (across ? acrossMm : downMm) % repeatMm : 0;
  }
}
