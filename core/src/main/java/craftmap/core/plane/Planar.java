package craftmap.core.plane;

import craftmap.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Plane geometry that does not give up on nearly touching edges: exact first, then snapped by less
 * than anyone can see, as {@link OverlayNGRobust} climbs its ladder.
 */
public final class Planar {
  private static final int QUADRANT_SEGMENTS = 16;
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private Planar() {}

  public static Geometry intersection(Geometry a, Geometry b) {
    return OverlayNGRobust.overlay(a, b, OverlayNG.INTERSECTION);
  }

  public static Geometry difference(Geometry a, Geometry b) {
    return OverlayNGRobust.overlay(a, b, OverlayNG.DIFFERENCE);
  }

  public static Geometry union(List<Geometry> areas) {
    return areas.isEmpty() ? GEOMETRY.createPolygon() : OverlayNGRobust.union(areas);
  }

  /** The area inside a contour and outside its openings. */
  public static Geometry area(Contour outer, List<Contour> openings, double flatnessMm) {
    LinearRing shell = outer.ring(flatnessMm);
    LinearRing[] holes = openings.stream().map(o -> o.ring(flatnessMm)).toArray(LinearRing[]::new);
    return GEOMETRY.createPolygon(shell, holes);
  }

  /** Strokes that follow each other, as an open line. */
  public static LineString path(List<Stroke> strokes) {
    List<Coordinate> line = new ArrayList<>();
    Point first = strokes.getFirst().from();
    line.add(new Coordinate(first.xMm(), first.yMm()));
    for (Stroke stroke : strokes) {
      stroke
          .flattened(Contour.FLATNESS_MM)
          .forEach(p -> line.add(new Coordinate(p.xMm(), p.yMm())));
    }
    return GEOMETRY.createLineString(line.toArray(Coordinate[]::new));
  }

  /** A round area, as a polygon of 64 sides. */
  public static Geometry disc(Point middle, double diameterMm) {
    return GEOMETRY
        .createPoint(new Coordinate(middle.xMm(), middle.yMm()))
        .buffer(diameterMm / 2, QUADRANT_SEGMENTS);
  }

  /** The area inside straight lines from point to point and back. */
  public static Geometry polygonThrough(List<Point> points) {
    return GEOMETRY.createPolygon(Contour.through(points).ring(Contour.FLATNESS_MM));
  }

  public static Polygon polygon(Box box) {
    return (Polygon) GEOMETRY.toGeometry(box.envelope());
  }

  /** True when the box lies inside the area, its line counting as inside. */
  public static boolean holds(Geometry area, Box box) {
    double t = Tolerance.EXACT.lengthMm() + Contour.FLATNESS_MM;
    if (box.widthMm() <= 2 * t || box.heightMm() <= 2 * t) {
      return area.covers(
          GEOMETRY.createPoint(new Coordinate(box.centre().xMm(), box.centre().yMm())));
    }
    Box within =
        new Box(box.leftMm() + t, box.topMm() + t, box.widthMm() - 2 * t, box.heightMm() - 2 * t);
    return area.covers(polygon(within));
  }
}
