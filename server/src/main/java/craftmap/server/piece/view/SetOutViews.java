package craftmap.server.piece.view;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.LengthUnit;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.SetOutLine;
import craftmap.core.plane.Point;
import craftmap.server.piece.document.MarkMapper;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;

/** Says what to tick, along what. */
public final class SetOutViews {
  private SetOutViews() {}

  static LayView.SetOutView view(SetOutLine line, TapeDivision tape) {
    double error = line.marks().largestErrorMm();
    String datum = Words.say("datum", line.along());
    return new LayView.SetOutView(
        line.along(),
        Words.say("setOut", datum),
        Words.say("lay.tape." + line.along().name()),
        error < Tolerance.EXACT.lengthMm()
            ? Words.say("marks.exact")
            : Words.say("marks.rounding", datum, rounding(error, tape)),
        marks(line, tape));
  }

  private static List<LayView.MarkView> marks(SetOutLine line, TapeDivision tape) {
    List<LayView.MarkView> views = new ArrayList<>();
    List<SetOut.Mark> marks = line.marks().marks();
    boolean placed = line.places().size() == marks.size();
    for (int i = 0; i < marks.size(); i++) {
      views.add(mark(marks.get(i), tape, placed ? line.places().get(i) : null));
    }
    return List.copyOf(views);
  }

  /** Rounding errors are smaller than any division: shown finer than the tape. */
  public static String rounding(double errorMm, TapeDivision tape) {
    return tape.unit() == LengthUnit.INCH
        ? errorMm < Tolerance.EXACT.lengthMm()
            ? tape.show(0)
            : TapeDivision.INCH_32.divisionsIn(errorMm) == 0
                ? "1/64\""
                : TapeDivision.INCH_32.show(errorMm)
        : Decimals.show(errorMm, 2) + " mm";
  }

  /** A tick on the tape. */
  public static LayView.MarkView mark(SetOut.Mark mark, TapeDivision tape) {
    return mark(mark, tape, null);
  }

  private static LayView.MarkView mark(SetOut.Mark mark, TapeDivision tape, Point at) {
    return new LayView.MarkView(
        mark.number(),
        mark.exactMm(),
        mark.tickMm(),
        tape.show(mark.exactMm()),
        tape.figure(mark.exactMm()),
        at == null ? null : MarkMapper.doc(at));
  }
}
