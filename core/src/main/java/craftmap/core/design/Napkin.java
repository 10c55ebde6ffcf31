package craftmap.core.design;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A printed napkin: only its printed ply is used, and it shows what is under it.
 *
 * @param quarters how often the picture is printed on one napkin: 1, 2 or 4
 * @param part what of its picture is laid alone, with its border; none for all of it
 */
public record Napkin(
    Card card,
    Picture sheet,
    int plies,
    int quarters,
    Optional<Repeat> repeat,
    Direction direction,
    Optional<MotifBox> part)
    implements PrintedSheet {

  static Napkin read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture plain = PlainSheet.ask(sheet, drawn, 330, 330);
    int plies = sheet.count("plies", "plies", 3, 1, 4);
    int quarters = sheet.count("quarters", "pictures-on-one-napkin", 4, 1, 4);
    if (quarters == 3) {
      throw new RefusedInput(
          "pictures-on-one-napkin",
          said("3"),
          said("is-no-way-to-fold-a-napkin"),
          said("1-2-or-4"));
    }
    return new Napkin(
        card,
        plain,
        plies,
        quarters,
        Repeat.ask(sheet),
        PlainSheet.direction(sheet, Direction.UPRIGHT),
        Optional.empty());
  }

  /** The same napkin laid opened out: all its pictures are one print, each with its motifs. */
  public Napkin openedOut() {
    return new Napkin(card, withMotifsEverywhere(), plies, 1, repeat, direction, part);
  }

  /** The same napkin with a part of its picture laid alone. */
  @Override
  public Napkin showing(MotifBox alone) {
    return new Napkin(card, sheet, plies, quarters, repeat, direction, Optional.of(alone));
  }

  private Picture withMotifsEverywhere() {
    Box one = onePicture();
    List<MotifBox> motifs = new ArrayList<>();
    for (double y = 0; y < sheet.heightMm() - 1; y += one.heightMm()) {
      for (double x = 0; x < sheet.widthMm() - 1; x += one.widthMm()) {
        for (MotifBox m : sheet.motifs()) {
          Box b = m.box();
          if (b.rightMm() <= one.rightMm() && b.bottomMm() <= one.bottomMm()) {
            Box moved = new Box(b.leftMm() + x, b.topMm() + y, b.widthMm(), b.heightMm());
            motifs.add(new MotifBox(m.name(), moved, m.importance()));
          }
        }
      }
    }
    return new Picture(
        sheet.widthMm(), sheet.heightMm(), sheet.shape(), sheet.background(), motifs);
  }

  /** One of its pictures: the upper left one; or the part of it that is laid alone. */
  @Override
  public Box printed() {
    return part.map(MotifBox::box).orElseGet(this::onePicture);
  }

  @Override
  public Box print() {
    return new Box(0, 0, sheet.widthMm(), sheet.heightMm());
  }

  /** One of the pictures that are printed on it: the upper left one. */
  public Box onePicture() {
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
