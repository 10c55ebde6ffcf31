package craftmap.core.design;

import craftmap.core.colour.Colour;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Dots and hand-placed spots, in rows or scattered. */
public record Dots(Card card, Colour colour, double diameterMm, double gapMm, Way way)
    implements Design {
  /** How they stand. */
  public enum Way {
    ROWS,
    SCATTERED
  }

  private static final int QUADRANT_SEGMENTS = 8;
  private static final LengthRange DIAMETER = new LengthRange(0, false, 300);

  static Dots read(Card card, MeasureSheet sheet) {
    return new Dots(
        card,
        new Colour(sheet.colour("colour", "Colour", "#B1492A")),
        sheet.length("diameter", "Diameter of a dot", 8, DIAMETER),
        sheet.distance("gap", "Gap between dots", 12),
        sheet.choice("way", "They stand", Way.ROWS));
  }

  @Override
  public DesignKind kind() {
    return DesignKind.DOTS;
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
  public Geometry shape() {
    double r = diameterMm / 2;
    return new GeometryFactory().createPoint(new Coordinate(r, r)).buffer(r, QUADRANT_SEGMENTS);
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
