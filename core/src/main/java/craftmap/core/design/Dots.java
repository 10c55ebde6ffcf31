package craftmap.core.design;

import craftmap.core.colour.Colour;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * Dots and hand-placed spots, in rows or scattered.
 *
 * @param shape of one dot; asked for so often that it is drawn once
 */
public record Dots(
    Card card, Colour colour, double diameterMm, double gapMm, Way way, Geometry shape)
    implements Design {
  /** How they stand. */
  public enum Way {
    ROWS,
    SCATTERED
  }

  private static final LengthRange DIAMETER = new LengthRange(0, false, 300);

  static Dots read(Card card, MeasureSheet sheet) {
    Colour colour = new Colour(sheet.colour("colour", "colour", "#B1492A"));
    double across = sheet.length("diameter", "diameter-of-a-dot", 8, DIAMETER);
    return new Dots(
        card,
        colour,
        across,
        sheet.distance("gap", "gap-between-dots", 12),
        sheet.choice("way", "they-stand", Way.ROWS),
        Planar.disc(new Point(across / 2, across / 2), across));
  }

  @Override
  public DesignKind kind() {
    return DesignKind.DOTS;
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
    return new Box(0, 0, diameterMm, diameterMm);
  }

  @Override
  public double shapeMm2() {
    return Math.PI * diameterMm * diameterMm / 4;
  }

  @Override
  public Handling handling() {
    return Handling.DRAWN;
  }

  @Override
  public Comes comes() {
    return new Comes.ByHand();
  }

  @Override
  public Direction direction() {
    return Direction.ANY_WAY;
  }
}
