package craftmap.server.print;

import craftmap.core.plane.Point;
import craftmap.core.surface.Break;
import craftmap.core.surface.Face;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Zone;
import craftmap.server.paper.Page;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * What is marked on a face, on paper: keep-outs hatched, breaks as double lines, holes as rings.
 */
final class FaceMarksFigure {
  private static final double HATCH_ON_PAPER_MM = 2.2;
  private static final int RING_CORNERS = 20;

  private final Page page;
  private final Face face;
  private final double left;
  private final double top;
  private final double scale;

  FaceMarksFigure(Page page, Face face, double left, double top, double scale) {
    this.page = page;
    this.face = face;
    this.left = left;
    this.top = top;
    this.scale = scale;
  }

  void draw() {
    face.marks().zones().forEach(this::zone);
    face.keepOuts().forEach(this::keepOut);
    face.marks().breaks().forEach(this::broken);
    face.marks().holes().forEach(this::hole);
  }

  /** The rings of polygons, on paper. */
  static List<double[][]> rings(Geometry area, double left, double top, double scale) {
    List<double[][]> rings = new ArrayList<>();
    for (int i = 0; i < area.getNumGeometries(); i++) {
      if (area.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
        rings.add(ring(polygon.getExteriorRing(), left, top, scale));
        for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
          rings.add(ring(polygon.getInteriorRingN(hole), left, top, scale));
        }
      }
    }
    return rings;
  }

  private static double[][] ring(LineString line, double left, double top, double scale) {
    Coordinate[] c = line.getCoordinates();
    double[][] ring = new double[c.length][];
    for (int i = 0; i < c.length; i++) {
      ring[i] = new double[] {left + c[i].x / scale, top + c[i].y / scale};
    }
    return ring;
  }

  private void zone(Zone zone) {
    rings(zone.area().on(face.outline()), left, top, scale).forEach(r -> page.outline(r, 0.4, 0.6));
  }

  private void keepOut(KeepOut keepOut) {
    Geometry area = keepOut.area().on(face.outline());
    rings(area, left, top, scale).forEach(r -> page.outline(r, 0.8, 0.2));
    // hatched: slanting lines, cut to the area
    var e = area.getEnvelopeInternal();
    double step = HATCH_ON_PAPER_MM * scale;
    for (double d = step; d < e.getWidth() + e.getHeight(); d += step) {
      Coordinate from = new Coordinate(e.getMinX() + d, e.getMinY());
      Coordinate to = new Coordinate(e.getMinX() + d - e.getHeight(), e.getMaxY());
      Geometry line =
          area.getFactory().createLineString(new Coordinate[] {from, to}).intersection(area);
      for (int i = 0; i < line.getNumGeometries(); i++) {
        Coordinate[] c = line.getGeometryN(i).getCoordinates();
        if (c.length >= 2) {
          page.line(x(c[0].x), y(c[0].y), x(c[c.length - 1].x), y(c[c.length - 1].y), 0.4, 0.45);
        }
      }
    }
  }

  private void broken(Break b) {
    double dx = b.to().xMm() - b.from().xMm();
    double dy = b.to().yMm() - b.from().yMm();
    // on paper a double line is never closer than it can be seen
    double apart = Math.max(b.widthMm() / scale, 0.6) / 2;
    double ox = -dy / b.lengthMm() * apart;
    double oy = dx / b.lengthMm() * apart;
    for (int side = -1; side <= 1; side += 2) {
      page.line(
          x(b.from().xMm()) + side * ox,
          y(b.from().yMm()) + side * oy,
          x(b.to().xMm()) + side * ox,
          y(b.to().yMm()) + side * oy,
          0.5,
          0.2);
    }
  }

  private void hole(Hole hole) {
    double radius = Math.max(hole.diameterMm() / 2 / scale, 0.9);
    for (Point centre : hole.centres()) {
      double[][] ring = new double[RING_CORNERS][];
      for (int i = 0; i < RING_CORNERS; i++) {
        double a = 2 * Math.PI * i / RING_CORNERS;
        ring[i] =
            new double[] {
              x(centre.xMm()) + radius * Math.cos(a), y(centre.yMm()) + radius * Math.sin(a)
            };
      }
      page.outline(ring, 0.7, 0);
    }
  }

  private double x(double mm) {
    return left + mm / scale;
  }

  private double y(double mm) {
    return top + mm / scale;
  }
}
