package craftmap.core.design;

import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/**
 * A stencil on a roll with an adhesive back: a length is cut off, used, and used again on the same
 * piece while it still sticks. Its sheet is one repeat of the roll.
 */
public record StencilRoll(
    Card card,
    Picture sheet,
    double naturalGapMm,
    double rollLengthMm,
    int usesOnAPiece,
    Direction direction)
    implements StencilDesign {

  static StencilRoll read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture open = OpenSheet.ask(sheet, drawn);
    return new StencilRoll(
        card,
        open,
        NaturalGap.ask(sheet, open.printed(0), "gap-between-repeats", 0),
        sheet.size("roll", "length-of-a-full-roll", 3000),
        sheet.count("usesOnAPiece", "uses-of-a-length-on-one-piece", 3, 1, 20),
        PlainSheet.direction(sheet, Direction.TWO_WAYS));
  }

  @Override
  public DesignKind kind() {
    return DesignKind.STENCIL_ROLL;
  }

  @Override
  public int usesBetweenWashes() {
    return usesOnAPiece;
  }

  @Override
  public Handling handling() {
    return new Handling(false, true, false, true);
  }

  @Override
  public Comes comes() {
    return new Comes.ByLength(rollLengthMm);
  }
}
