package craftmap.core.design;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;

/**
 * A photo or cut-out for a collage.
 *
 * @param inkRuns it must be sealed before anything wet comes near
 */
public record CutOut(Card card, Picture sheet, boolean inkRuns, Direction direction)
    implements Design {

  static CutOut read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    return new CutOut(
        card,
        PlainSheet.ask(sheet, drawn, 100, 150),
        sheet.yes("inkRuns", "its-ink-runs-when-wet", true),
        PlainSheet.direction(sheet, Direction.UPRIGHT));
  }

  @Override
  public DesignKind kind() {
    return DesignKind.COLLAGE;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.of(sheet);
  }

  @Override
  public Box printed() {
    return sheet.printed(0);
  }

  @Override
  public Handling handling() {
    return Handling.PRINTED;
  }

  @Override
  public Comes comes() {
    return new Comes.AsPieces(false);
  }
}
