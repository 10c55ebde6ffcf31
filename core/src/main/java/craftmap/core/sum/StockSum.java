package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.cut.StockLengths;
import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** How many lengths of a moulding give the pieces one needs. */
record StockSum(double stockMm, double sawMm, StockLengths.Plan plan) implements Sum {
  private static final LengthRange SAW = LengthRange.DISTANCE.upTo(20);
  private static final int MOST_OF_ONE = 60;
  private static final int MOST_DRAWN = 24;

  /** More lengths than these nobody cuts, nor lists. */
  private static final int MOST_LENGTHS = 400;

  /** Pieces that are asked for before anybody has said otherwise. */
  private static final double[] LENGTHS = {540, 300, 260, 180};

  private static final int[] COUNTS = {2, 3, 2, 1};

  static StockSum read(MeasureSheet sheet) {
    double stock = sheet.size("stock", "one-length-is", 1070);
    double saw = sheet.length("saw", "the-saw-takes", 3, SAW);
    List<Double> pieces = new ArrayList<>();
    for (int i = 0; i < LENGTHS.length; i++) {
      Figure number = Figure.count(i + 1);
      int count =
          sheet.count(
              "count" + (i + 1), said("how-many-of-piece", number), COUNTS[i], 0, MOST_OF_ONE);
      double piece = sheet.size("piece" + (i + 1), said("length-of-piece", number), LENGTHS[i]);
      pieces.addAll(Collections.nCopies(count, piece));
    }
    if (pieces.isEmpty()) {
      throw new RefusedInput(
          said("how-many-of-piece", Figure.count(1)),
          Figure.count(0),
          said("is-nothing-to-cut"),
          said("at-least-one-piece"));
    }
    if (pieces.stream().mapToDouble(p -> p).sum() > stock * MOST_LENGTHS) {
      throw new RefusedInput(
          "one-length-is",
          new Figure.Length(stock),
          said("is-too-short-for-all-of-that"),
          said("at-most-so-many-lengths", Figure.given(MOST_LENGTHS)));
    }
    return new StockSum(stock, saw, StockLengths.plan(pieces, stock, saw));
  }

  @Override
  public SumAnswer answer() {
    int count = plan.lengths().size();
    SumAnswer.Builder answer =
        SumAnswer.of(
            plan.isProven()
                ? said("lengths-and-no-fewer", Figure.count(count))
                : said("lengths-perhaps-fewer", Figure.count(count), Figure.count(plan.least())));
    answer.line(said("longest-left-over"), new Figure.Length(plan.longestLeftoverMm()));
    if (plan.joined() > 0) {
      answer.mind(said("pieces-are-joined", Figure.count(plan.joined())));
    }
    Sketch.Pencil pencil = new Sketch.Pencil();
    double tall = stockMm / 22;
    for (int i = 0; i < count; i++) {
      StockLengths.Length length = plan.lengths().get(i);
      answer.line(said("of-length", Figure.count(i + 1)), new Figure.Lengths(length.piecesMm()));
      if (i < MOST_DRAWN) {
        draw(pencil, length, i * tall * 1.5, tall);
      }
    }
    return answer.why(said("why-stock", new Figure.FineLength(sawMm))).drawn(pencil.done());
  }

  private void draw(Sketch.Pencil pencil, StockLengths.Length length, double top, double tall) {
    double at = 0;
    for (double piece : length.piecesMm()) {
      pencil
          .box(Sketch.StandsFor.MOTIF, at, top, piece, tall)
          .note(at + piece / 2, top + tall / 2, new Figure.Length(piece));
      at += piece + sawMm;
    }
    pencil.box(Sketch.StandsFor.REST, at, top, Math.max(0, stockMm - at), tall);
  }
}
