package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.QuadOutline;
import craftmap.core.surface.outline.Squareness;
import java.util.List;
import java.util.OptionalDouble;

/** How far out of square something is, from its four sides and its diagonals. */
record SquareSum(QuadOutline quad) implements Sum {
  /** The drawing leans by about this share of its width, so that one sees which way. */
  private static final double DRAWN_LEAN = 0.06;

  private static final double MOST_TIMES = 40;

  static SquareSum read(MeasureSheet sheet) {
    double top = sheet.size("top", "top", 902);
    double right = sheet.size("right", "right-side", 455);
    double bottom = sheet.size("bottom", "bottom", 905);
    double left = sheet.size("left", "left-side", 451);
    double diagonal = sheet.size("diagonal", "diagonal-top-left-to-bottom-right", 1010);
    // nothing stands for a diagonal that was not taped: it would be found to be off
    boolean isTaped = sheet.entries().stream().anyMatch(MeasureSheet.Entry::taken);
    double usual = isTaped ? 0 : 1011;
    double check =
        sheet.length("check", "other-diagonal-as-a-check-0-for-none", usual, LengthRange.DISTANCE);
    return new SquareSum(
        new QuadOutline(
            top,
            right,
            bottom,
            left,
            diagonal,
            check > 0 ? OptionalDouble.of(check) : OptionalDouble.empty()));
  }

  @Override
  public SumAnswer answer() {
    Squareness square = quad.squareness();
    List<Double> angles = square.anglesDeg();
    double worst = angles.stream().mapToDouble(a -> Math.abs(a - 90)).max().orElseThrow();
    SumAnswer.Builder answer =
        SumAnswer.of(
            square.isSquare()
                ? said("it-is-square")
                : said(
                    "corners-off-by-up-to",
                    new Figure.Angle(worst),
                    new Figure.Departs(square.farEdgeDepartsMm(Edge.TOP))));
    answer
        .line(said("corner-top-left"), new Figure.Angle(angles.get(0)))
        .line(said("corner-top-right"), new Figure.Angle(angles.get(1)))
        .line(said("corner-bottom-right"), new Figure.Angle(angles.get(2)))
        .line(said("corner-bottom-left"), new Figure.Angle(angles.get(3)))
        .line(said("area-of-the-face"), new Figure.WideArea(quad.areaMm2()))
        .line(said("other-diagonal-should-be"), new Figure.Length(square.diagonalMm()));
    square
        .closureMm()
        .ifPresent(
            off -> {
              answer.line(said("tape-and-sum-differ-by"), new Figure.Difference(off));
              if (square.measureAgain()) {
                answer.mind(
                    said("measure-again", new Figure.Length(Squareness.MEASURE_AGAIN_FROM_MM)));
              }
            });
    return answer.why(said("why-square")).drawn(drawn(square, worst));
  }

  private Sketch drawn(Squareness square, double worst) {
    double lean = Math.tan(Math.toRadians(worst));
    boolean leans = lean > 0 && !square.isSquare();
    double times = leans ? Math.clamp(DRAWN_LEAN / lean, 1, MOST_TIMES) : 1;
    double w = (quad.topMm() + quad.bottomMm()) / 2;
    double h = (quad.leftMm() + quad.rightMm()) / 2;
    Sketch.Pencil pencil =
        new Sketch.Pencil()
            .area(Sketch.StandsFor.GROUND, Planar.area(quad.exaggerated(times), List.of(), 1))
            .line(
                Sketch.StandsFor.GUIDE,
                new Point(0, 0),
                new Point(w, 0),
                new Point(w, h),
                new Point(0, h));
    List<Double> angles = square.anglesDeg();
    pencil
        .note(w * 0.14, h * 0.14, new Figure.Angle(angles.get(0)))
        .note(w * 0.86, h * 0.14, new Figure.Angle(angles.get(1)))
        .note(w * 0.86, h * 0.86, new Figure.Angle(angles.get(2)))
        .note(w * 0.14, h * 0.86, new Figure.Angle(angles.get(3)));
    if (leans) {
      pencil.note(w / 2, h / 2, said("leaning-drawn-times", new Figure.Times(times)));
    }
    return pencil.done();
  }
}
