package craftmap.core.cut.cutter;

import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.hprtree.HPRtree;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Closed lines in the order they are cut: what lies inside before what is around it, so that
 * nothing moves before it is cut; of those that may come next, the nearest.
 */
final class CutOrder {
  /** Less than a blade's width: fewer points make a quieter machine. */
  private static final double SIMPLIFIED_MM = 0.015;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private final List<Polygon> rings = new ArrayList<>();
  private int[] around;
  private int[] inside;
  private int[] depth;

  private CutOrder(List<LinearRing> lines) {
    for (LinearRing line : lines) {
      Coordinate[] fewer = DouglasPeuckerSimplifier.simplify(line, SIMPLIFIED_MM).getCoordinates();
      Polygon ring = GEOMETRY.createPolygon(fewer.length >= 4 ? fewer : line.getCoordinates());
      // what is thinner than that all along is no opening, only where two curves touch
      if (ring.getArea() > SIMPLIFIED_MM * ring.getLength() / 2) {
        rings.add(ring);
      }
    }
  }

  static List<CutterPath> of(List<LinearRing> lines) {
    CutOrder order = new CutOrder(lines);
    order.nest();
    return order.walk();
  }

  /** For each line the smallest one around it. */
  private void nest() {
    int n = rings.size();
    around = new int[n];
    inside = new int[n];
    depth = new int[n];
    Arrays.fill(around, -1);
    HPRtree tree = new HPRtree();
    for (int i = 0; i < n; i++) {
      tree.insert(rings.get(i).getEnvelopeInternal(), i);
    }
    for (int i = 0; i < n; i++) {
      Polygon ring = rings.get(i);
      var within = ring.getInteriorPoint();
      for (Object found : tree.query(ring.getEnvelopeInternal())) {
        int other = (Integer) found;
        if (other != i
            && rings.get(other).getArea() > ring.getArea()
            && rings.get(other).covers(within)) {
          depth[i]++;
          if (around[i] < 0 || rings.get(other).getArea() < rings.get(around[i]).getArea()) {
            around[i] = other;
          }
        }
      }
    }
    for (int i = 0; i < n; i++) {
      if (around[i] >= 0) {
        inside[around[i]]++;
      }
    }
  }

  private List<CutterPath> walk() {
    List<CutterPath> paths = new ArrayList<>();
    boolean[] done = new boolean[rings.size()];
    Coordinate at = new Coordinate(0, 0);
    for (int step = 0; step < rings.size(); step++) {
      int next = nearest(at, done);
      done[next] = true;
      if (around[next] >= 0) {
        inside[around[next]]--;
      }
      CutterPath path = from(next, at);
      paths.add(path);
      at = new Coordinate(path.start().xMm(), path.start().yMm());
    }
    return paths;
  }

  private int nearest(Coordinate at, boolean[] done) {
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < done.length; i++) {
      if (!done[i] && inside[i] == 0) {
        var e = rings.get(i).getEnvelopeInternal();
        double dx = Math.max(0, Math.max(e.getMinX() - at.x, at.x - e.getMaxX()));
        double dy = Math.max(0, Math.max(e.getMinY() - at.y, at.y - e.getMaxY()));
        double far = Math.hypot(dx, dy);
        if (far < least) {
          least = far;
          best = i;
        }
      }
    }
    return best;
  }

  /** Begun at the corner that is nearest to where the blade is. */
  private CutterPath from(int i, Coordinate at) {
    Coordinate[] c = rings.get(i).getExteriorRing().getCoordinates();
    int first = 0;
    for (int k = 1; k < c.length - 1; k++) {
      if (c[k].distance(at) < c[first].distance(at)) {
        first = k;
      }
    }
    List<Point> points = new ArrayList<>();
    for (int k = 0; k < c.length; k++) {
      Coordinate p = c[(first + k) % (c.length - 1)];
      points.add(new Point(p.x, p.y));
    }
    return new CutterPath(points, depth[i]);
  }
}
