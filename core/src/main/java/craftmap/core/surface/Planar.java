package craftmap.core.surface;

import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Plane geometry that does not give up on nearly touching edges: exact first, then snapped by less
 * than anyone can see, as {@link OverlayNGRobust} climbs its ladder.
 */
public final class Planar {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private Planar() {}

  public static Geometry intersection(Geometry a, Geometry b) {
    return OverlayNGRobust.overlay(a, b, OverlayNG.INTERSECTION);
  }

  public static Geometry difference(Geometry a, Geometry b) {
    return OverlayNGRobust.overlay(a, b, OverlayNG.DIFFERENCE);
  }

  /** The area that lies inside an odd number of rings: a ring within a ring is a hole. */
  public static Geometry evenOdd(List<Polygon> rings) {
    Geometry all = GEOMETRY.createPolygon();
    for (Polygon ring : rings) {
      Geometry sound = ring.isValid() ? ring : GeometryFixer.fix(ring);
      all = OverlayNGRobust.overlay(all, sound, OverlayNG.SYMDIFFERENCE);
    }
    return all;
  }
}
