package craftmap.core.design;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/**
 * Artwork or lettering cut on a plotter to the size the face wants.
 *
 * @param leastBridgeMm what the film needs between two openings to hold; vinyl needs none
 */
public record CustomCut(
    Card card,
    Picture sheet,
    Film film,
    double naturalGapMm,
    double leastBridgeMm,
    double smallestScale,
    double largestScale,
    Direction direction)
    implements StencilDesign {
  /** What it is cut from. */
  public enum Film {
    STENCIL_FILM,
    VINYL
  }

  private static final FigureRange SCALE = new FigureRange("%", 5, 2000, 0);
  private static final LengthRange BRIDGE = LengthRange.DISTANCE.upTo(30);

  static CustomCut read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture open = OpenSheet.ask(sheet, drawn);
    Film film = sheet.choice("film", "cut-from", Film.STENCIL_FILM);
    return new CustomCut(
        card,
        open,
        film,
        sheet.distance("gap", "gap-it-was-drawn-for", 20),
        sheet.length("bridge", "narrowest-bridge-that-holds", film == Film.VINYL ? 0 : 1.5, BRIDGE),
        sheet.figure("smallest", "cut-no-smaller-than", 50, SCALE) / 100,
        sheet.figure("largest", "cut-no-larger-than", 300, SCALE) / 100,
        PlainSheet.direction(sheet, Direction.UPRIGHT));
  }

  @Override
  public DesignKind kind() {
    return DesignKind.CUSTOM_CUT;
  }

  @Override
  public int usesBetweenWashes() {
    return 1;
  }

  @Override
  public Handling handling() {
    return Handling.DRAWN;
  }

  @Override
  public Comes comes() {
    return new Comes.ByHand();
  }
}
