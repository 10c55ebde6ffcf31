package craftmap.core.plane;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.index.hprtree.HPRtree;

/**
 * Rings that never cross, made into the area inside an odd number of them: a ring within a ring is
 * a hole, a ring within that an area again.
 */
public final class NestedRings {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private NestedRings() {}

  public static Geometry area(List<Polygon> rings) {
    int n = rings.size();
    HPRtree tree = new HPRtree();
    for (int i = 0; i < n; i++) {
      tree.insert(rings.get(i).getEnvelopeInternal(), i);
    }
    List<IndexedPointInAreaLocator> inside = new ArrayList<>();
    rings.forEach(r -> inside.add(new IndexedPointInAreaLocator(r)));
    int[] depth = new int[n];
    int[] parent = new int[n];
    for (int i = 0; i < n; i++) {
      Polygon ring = rings.get(i);
      Coordinate within = ring.getInteriorPoint().getCoordinate();
      parent[i] = -1;
      for (Object found : tree.query(ring.getEnvelopeInternal())) {
        int other = (Integer) found;
        boolean larger = rings.get(other).getArea() > ring.getArea();
        if (other == i || !larger || inside.get(other).locate(within) != Location.INTERIOR) {
          continue;
        }
        depth[i]++;
        if (parent[i] < 0 || rings.get(other).getArea() < rings.get(parent[i]).getArea()) {
          parent[i] = other;
        }
      }
    }
    // a ring that touches itself is mended into several areas: never a collection in a collection
    List<Geometry> areas = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      if (depth[i] % 2 == 0) {
        PolygonExtracter.getPolygons(withHoles(rings, i, depth, parent), areas);
      }
    }
    return GEOMETRY.buildGeometry(areas);
  }

  private static Geometry withHoles(List<Polygon> rings, int shell, int[] depth, int[] parent) {
    List<LinearRing> holes = new ArrayList<>();
    for (int i = 0; i < rings.size(); i++) {
      if (parent[i] == shell && depth[i] % 2 == 1) {
        holes.add(rings.get(i).getExteriorRing());
      }
    }
    Polygon whole =
        GEOMETRY.createPolygon(
            rings.get(shell).getExteriorRing(), holes.toArray(LinearRing[]::new));
    return whole.isValid() ? whole : GeometryFixer.fix(whole);
  }
}
