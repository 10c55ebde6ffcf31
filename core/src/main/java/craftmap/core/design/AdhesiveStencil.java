package craftmap.core.design;

import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/**
 * An adhesive or silkscreen stencil. It sticks to the face and must never meet an unsealed transfer
 * or fresh paint.
 *
 * @param usesInAll before its adhesive is done
 */
public record AdhesiveStencil(
    Card card,
    Picture sheet,
    double naturalGapMm,
    int usesBetweenWashes,
    int usesInAll,
    Direction direction)
    implements StencilDesign {

  static AdhesiveStencil read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture open = OpenSheet.ask(sheet, drawn);
    return new AdhesiveStencil(
        card,
        open,
        NaturalGap.ask(sheet, open.printed(0), "gap-it-was-drawn-for", 12),
        sheet.count("uses", "uses-between-washes", 3, 1, 100),
        sheet.count("usesInAll", "uses-before-it-stops-sticking", 25, 1, 1000),
        PlainSheet.direction(sheet, Direction.UPRIGHT));
  }

  @Override
  public DesignKind kind() {
    return DesignKind.ADHESIVE_STENCIL;
  }

  @Override
  public Handling handling() {
    return Handling.ONE_SIDED_STENCIL;
  }

  @Override
  public Comes comes() {
    return new Comes.AsTool(true);
  }
}
