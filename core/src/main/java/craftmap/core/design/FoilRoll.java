package craftmap.core.design;

import craftmap.core.colour.Colour;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Optional;

/** Foil leaf on a carrier roll: sticks only where size is bare. */
public record FoilRoll(
    Card card, Colour colour, double widthMm, double lengthMm, double overlapMm, Coverage coverage)
    implements Design, StripRoll {
  /** Complete, or broken so that the ground shows. */
  public enum Coverage {
    COMPLETE,
    BROKEN
  }

  static FoilRoll read(Card card, MeasureSheet sheet) {
    double width = sheet.size("width", "width-of-the-roll", 80);
    return new FoilRoll(
        card,
        new Colour(sheet.colour("colour", "colour", "#C9A24A")),
        width,
        sheet.size("roll", "length-of-a-full-roll", 10_000),
        sheet.length(
            "overlap",
            "strips-overlap-by",
            Math.min(5, width / 4),
            LengthRange.DISTANCE.upTo(0.5 * width)),
        sheet.choice("coverage", "coverage", Coverage.COMPLETE));
  }

  /** A strip of this length off the roll. */
  @Override
  public FoilRoll strip(double otherMm) {
    return new FoilRoll(card, colour, widthMm, otherMm, overlapMm, coverage);
  }

  @Override
  public DesignKind kind() {
    return DesignKind.FOIL;
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
