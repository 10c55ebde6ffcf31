package craftmap.core.sum;

import craftmap.core.colour.Colour;
import craftmap.core.measure.Figure;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** A drawing of an answer, in millimetres where it is to scale; x to the right, y down. */
public record Sketch(List<Shape> shapes, List<Note> notes) {
  public Sketch {
    shapes = List.copyOf(shapes);
    notes = List.copyOf(notes);
  }

  /** What a shape stands for. */
  public enum StandsFor {
    /** What is worked on. */
    GROUND,
    /** A whole motif, a sheet, a piece that is cut. */
    MOTIF,
    /** One of which only a part shows. */
    PART,
    /** What is poured, spread or painted. */
    WET,
    /** The second of two. */
    OTHER,
    /** What is left over. */
    REST,
    /** How it would be, or where the middle is. */
    GUIDE,
    /** Shown in its own colour. */
    COLOUR
  }

  /**
   * A part of it.
   *
   * @param points in their order; the last goes on to the first
   */
  public record Shape(StandsFor role, List<Point> points, Optional<Colour> colour) {
    public Shape {
      points = List.copyOf(points);
    }
  }

  /** A figure beside what it is of; its middle lies there. */
  public record Note(Point at, Figure text) {}

  /** Draws one. */
  static final class Pencil {
    private static final double ROUND = 96;

    private final List<Shape> shapes = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();

    Pencil box(StandsFor role, double left, double top, double width, double height) {
      return width > 0 && height > 0
          ? area(role, Planar.polygon(new Box(left, top, width, height)))
          : this;
    }

    Pencil colour(double left, double top, double width, double height, Colour colour) {
      shapes.add(
          new Shape(
              StandsFor.COLOUR,
              points(Planar.polygon(new Box(left, top, width, height))),
              Optional.of(colour)));
      return this;
    }

    Pencil line(StandsFor role, Point... points) {
      shapes.add(new Shape(role, List.of(points), Optional.empty()));
      return this;
    }

    Pencil circle(StandsFor role, Point middle, double radius) {
      List<Point> points = new ArrayList<>();
      for (int i = 0; i < ROUND; i++) {
        points.add(around(middle, radius, 2 * Math.PI * i / ROUND));
      }
      shapes.add(new Shape(role, points, Optional.empty()));
      return this;
    }

    /** A part of a ring, clockwise from the top. */
    Pencil ringPart(Point middle, double inner, double outer, double fromRad, double toRad) {
      int steps = Math.max(2, (int) Math.ceil((toRad - fromRad) / (2 * Math.PI) * ROUND));
      List<Point> points = new ArrayList<>();
      for (int i = 0; i <= steps; i++) {
        points.add(around(middle, outer, fromRad + (toRad - fromRad) * i / steps));
      }
      for (int i = steps; i >= 0; i--) {
        points.add(around(middle, inner, fromRad + (toRad - fromRad) * i / steps));
      }
      shapes.add(new Shape(StandsFor.MOTIF, points, Optional.empty()));
      return this;
    }

    /** Each part of an area by its outer line. */
    Pencil area(StandsFor role, Geometry area) {
      for (int i = 0; i < area.getNumGeometries(); i++) {
        shapes.add(new Shape(role, points(area.getGeometryN(i)), Optional.empty()));
      }
      return this;
    }

    Pencil note(double x, double y, Figure text) {
      notes.add(new Note(new Point(x, y), text));
      return this;
    }

    Sketch done() {
      return new Sketch(shapes, notes);
    }

    private static List<Point> points(Geometry part) {
      Geometry line = part instanceof Polygon polygon ? polygon.getExteriorRing() : part;
      List<Point> points =
          Arrays.stream(line.getCoordinates()).map(c -> new Point(c.x, c.y)).toList();
      boolean closed = points.size() > 1 && points.getFirst().equals(points.getLast());
      return closed ? points.subList(0, points.size() - 1) : points;
    }

    /** A point of a circle, clockwise from its top. */
    static Point around(Point middle, double radius, double rad) {
      return middle.movedBy(radius * Math.sin(rad), -radius * Math.cos(rad));
    }
  }
}
