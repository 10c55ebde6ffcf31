package craftmap.core.sum;

import craftmap.core.measure.MeasureSheet;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Every sum there is, in the order of a day's work. */
public enum SumKind {
  RUN(Chapter.LINES, RunSum::read),
  RING(Chapter.LINES, RingSum::read),
  BORDER(Chapter.LINES, BorderSum::read),
  GRID(Chapter.LINES, GridSum::read),
  SQUARE(Chapter.TAPE, SquareSum::read),
  ROUND(Chapter.TAPE, RoundSum::read),
  SHEETS(Chapter.SHEETS, SheetsSum::read),
  STRIPS(Chapter.SHEETS, StripsSum::read),
  STOCK(Chapter.SHEETS, StockSum::read),
  COATS(Chapter.POTS, CoatsSum::read),
  HIDES(Chapter.POTS, HidesSum::read),
  MIX(Chapter.POTS, MixSum::read),
  BATCHES(Chapter.POTS, BatchesSum::read),
  PASTE(Chapter.POTS, PasteSum::read),
  POURED(Chapter.POTS, PouredSum::read),
  DRYING(Chapter.DAY, DryingSum::read),
  PRICE(Chapter.DAY, PriceSum::read);

  /** What sums are about. */
  public enum Chapter {
    LINES,
    TAPE,
    SHEETS,
    POTS,
    DAY
  }

  private final Chapter chapter;
  private final BiFunction<MeasureSheet, Usual, Sum> reader;

  SumKind(Chapter chapter, Function<MeasureSheet, Sum> reader) {
    this(chapter, (sheet, _) -> reader.apply(sheet));
  }

  SumKind(Chapter chapter, BiFunction<MeasureSheet, Usual, Sum> reader) {
    this.chapter = chapter;
    this.reader = reader;
  }

  public Chapter chapter() {
    return chapter;
  }

  /**
   * What a sum asks for with what stands on a sheet so far, which need not be an answer yet.
   *
   * @throws craftmap.core.measure.RefusedInput naming all that cannot be
   */
  public List<MeasureSheet.Entry> asks(MeasureSheet sheet, Usual usual) {
    sheet.make(() -> reader.apply(sheet, usual));
    return sheet.entries();
  }

  /**
   * The answer to what stands on a sheet. The sheet is asked for all that the sum takes; what
   * nobody has given is as usual.
   *
   * @throws craftmap.core.measure.RefusedInput naming all that cannot be
   */
  public SumAnswer answer(MeasureSheet sheet, Usual usual) {
    return sheet.make(() -> reader.apply(sheet, usual)).answer();
  }
}
