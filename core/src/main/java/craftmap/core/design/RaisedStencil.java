package craftmap.core.design;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/** Paste is drawn through a thick sheet: the relief is as high as the sheet is thick. */
public record RaisedStencil(
    Card card,
    Picture sheet,
    double naturalGapMm,
    int usesBetweenWashes,
    double thicknessMm,
    Direction direction)
    implements StencilDesign {
  private static final LengthRange THICKNESS = LengthRange.THICKNESS.upTo(15);

  static RaisedStencil read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture open = OpenSheet.ask(sheet, drawn);
    return new RaisedStencil(
        card,
        open,
        NaturalGap.ask(sheet, open.printed(0), "gap-it-was-drawn-for", 20),
        sheet.count("uses", "uses-between-washes", 1, 1, 100),
        sheet.length("thickness", "thickness-of-the-sheet", 2.5, THICKNESS),
        PlainSheet.direction(sheet, Direction.UPRIGHT));
  }

  /** Paste in one motif, without loss. */
  public double reliefMm3() {
    return openings().areaMm2() * thicknessMm;
  }

  @Override
  public DesignKind kind() {
    return DesignKind.RAISED_STENCIL;
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
