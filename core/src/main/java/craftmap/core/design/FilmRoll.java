package craftmap.core.design;

import craftmap.core.colour.Colour;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Optional;

/**
 * Film or vinyl on a roll, which custom-cut stencils and lettering are cut from. It is not laid by
 * itself.
 */
public record FilmRoll(
    Card card, Colour colour, double widthMm, double lengthMm, CustomCut.Film film)
    implements Design {

  static FilmRoll read(Card card, MeasureSheet sheet) {
    return new FilmRoll(
        card,
        new Colour(sheet.colour("colour", "colour", "#C9D6DA")),
        sheet.size("width", "width-of-the-roll", 305),
        sheet.size("roll", "length-of-a-full-roll", 3000),
        sheet.choice("film", "it-is", CustomCut.Film.STENCIL_FILM));
  }

  /**
   * How much of the roll a sheet takes, whichever way it lies better; none where the roll is too
   * narrow for it either way.
   */
  public Optional<Double> lengthForMm(double sheetWidthMm, double sheetHeightMm) {
    double shorter = Math.min(sheetWidthMm, sheetHeightMm);
    double longer = Math.max(sheetWidthMm, sheetHeightMm);
    return longer <= widthMm
        ? Optional.of(shorter)
        : shorter <= widthMm ? Optional.of(longer) : Optional.empty();
  }

  @Override
  public DesignKind kind() {
    return DesignKind.FILM;
  }

  @Override
  public List<Colour> colours() {
    return List.of(colour);
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.empty();
  }

  @Override
  public Box printed() {
    return new Box(0, 0, widthMm, lengthMm);
  }

  @Override
  public Handling handling() {
    return new Handling(true, true, false, true);
  }

  @Override
  public Comes comes() {
    return new Comes.ByLength(lengthMm);
  }

  @Override
  public Direction direction() {
    return Direction.ANY_WAY;
  }
}
