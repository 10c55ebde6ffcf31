package craftmap.core.design;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;

/** Gauze with plaster in it, in strips from a roll. */
public record PlasterFabric(
    Card card, double widthMm, double lengthMm, double overlapMm, int layers)
    implements Design, StripRoll {

  static PlasterFabric read(Card card, MeasureSheet sheet) {
    double width = sheet.size("width", "width-of-the-roll", 100);
    return new PlasterFabric(
        card,
        width,
        sheet.size("roll", "length-of-a-full-roll", 3000),
        sheet.length(
            "overlap",
            "strips-overlap-by",
            Math.min(15, width / 4),
            LengthRange.DISTANCE.upTo(0.5 * width)),
        sheet.count("layers", "layers", 2, 1, 6));
  }

  /** A strip of this length off the roll. */
  @Override
  public PlasterFabric strip(double otherMm) {
    return new PlasterFabric(card, widthMm, otherMm, overlapMm, layers);
  }

  @Override
  public DesignKind kind() {
    return DesignKind.PLASTER_FABRIC;
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
    return new Handling(false, true, true, true);
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
