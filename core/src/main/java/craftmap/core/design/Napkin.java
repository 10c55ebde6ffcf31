package craftmap.core.design;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import java.util.Optional;

/**
 * A printed napkin: only its printed ply is used, and it shows what is under it.
 *
 * @param quarters how often the picture is printed on one napkin: 1, 2 or 4
 */
public record Napkin(
    Card card, Picture sheet, int plies, int quarters, Optional<Repeat> repeat, Direction direction)
    implements Design {

  static Napkin read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture plain = PlainSheet.ask(sheet, drawn, 330, 330);
    int plies = sheet.count("plies", "Plies", 3, 1, 4);
    int quarters = sheet.count("quarters", "Pictures on one napkin", 4, 1, 4);
    if (quarters == 3) {
      throw new RefusedInput(
          "Pictures on one napkin", "3", "is no way to fold a napkin", "1, 2 or 4");
    }
    return new Napkin(
        card,
        plain,
        plies,
        quarters,
        Repeat.ask(sheet),
        PlainSheet.direction(sheet, Direction.UPRIGHT));
  }

  /** The same napkin laid opened out: all its pictures are one print. */
  public Napkin openedOut() {
    return new Napkin(card, sheet, plies, 1, repeat, direction);
  }

  /** One of its pictures: the upper left one. */
  @Override
  public Box printed() {
    double w = sheet.widthMm() / (quarters == 4 ? 2 : 1);
    double h = sheet.heightMm() / (quarters == 1 ? 1 : 2);
    return new Box(0, 0, w, h);
  }

  @Override
  public DesignKind kind() {
    return DesignKind.NAPKIN;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.of(sheet);
  }

  @Override
  public Handling handling() {
    return Handling.PRINTED;
  }

  @Override
  public Comes comes() {
    return new Comes.AsSheets();
  }
}
