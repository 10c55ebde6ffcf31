package craftmap.core.lettering;

import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Where a shape is thinner than a width: what does not come back when the shape is shrunk by half
 * the width and grown again. A sharp corner loses a little too; what is smaller than a corner's
 * loss does not count.
 */
public final class ThinPlaces {
  private static final BufferParameters ROUND = new BufferParameters(4);

  /** The line is taken this much plainer than what is looked for. */
  private static final double FINENESS = 25;

  private static final double COARSE_MM = 0.02;

  private ThinPlaces() {}

  /** A point of each thin place, from left to right. */
  public static List<Point> of(Geometry shape, double leastMm) {
    if (!(leastMm > 0)) {
      return List.of();
    }
    Geometry plain = DouglasPeuckerSimplifier.simplify(shape, leastMm / FINENESS);
    Geometry shrunk = BufferOp.bufferOp(plain, -leastMm / 2, ROUND);
    Geometry back = BufferOp.bufferOp(shrunk, leastMm / 2 + COARSE_MM, ROUND);
    Geometry lost = Planar.difference(plain, back);
    List<Point> places = new ArrayList<>();
    for (int i = 0; i < lost.getNumGeometries(); i++) {
      Geometry place = lost.getGeometryN(i);
      if (place.getArea() > leastMm * leastMm / 2) {
        var at = place.getInteriorPoint().getCoordinate();
        places.add(new Point(at.x, at.y));
      }
    }
    places.sort(java.util.Comparator.comparingDouble(Point::xMm));
    return places;
  }
}
