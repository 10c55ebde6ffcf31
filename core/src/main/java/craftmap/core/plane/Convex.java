package craftmap.core.plane;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** What a thread drawn tightly around a shape encloses: a polygon without a dent. */
public final class Convex {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** Corners clockwise where y points up, so that out lies to the left; the first once. */
  private final double[] x;

  private final double[] y;

  private Convex(double[] x, double[] y) {
    this.x = x;
    this.y = y;
  }

  /**
   * @param coarseMm corners nearer than that to the thread without them are left out
   */
  public static Convex around(Geometry shape, double coarseMm) {
    Geometry fine = shape.convexHull();
    Geometry coarse = DouglasPeuckerSimplifier.simplify(fine, coarseMm);
    // what is smaller than the coarseness would vanish
    Geometry hull = coarse.isEmpty() ? fine : coarse;
    if (!(hull instanceof Polygon)) {
      throw new IllegalArgumentException("a thread around nothing: " + shape.getGeometryType());
    }
    Coordinate[] ring = hull.norm().getCoordinates();
    double[] x = new double[ring.length - 1];
    double[] y = new double[ring.length - 1];
    for (int i = 0; i < x.length; i++) {
      x[i] = ring[i].x;
      y[i] = ring[i].y;
    }
    return new Convex(x, y);
  }

  /** Turned about the origin, then moved. */
  public Convex placed(double turnDeg, Point by) {
    double c = Turns.cos(turnDeg);
    double s = Turns.sin(turnDeg);
    double[] px = new double[x.length];
    double[] py = new double[x.length];
    for (int i = 0; i < x.length; i++) {
      px[i] = x[i] * c - y[i] * s + by.xMm();
      py[i] = x[i] * s + y[i] * c + by.yMm();
    }
    return new Convex(px, py);
  }

  public double areaMm2() {
    return polygon().getArea();
  }

  public Polygon polygon() {
    Coordinate[] ring = new Coordinate[x.length + 1];
    for (int i = 0; i < ring.length; i++) {
      ring[i] = new Coordinate(x[i % x.length], y[i % x.length]);
    }
    return GEOMETRY.createPolygon(ring);
  }

  public Envelope envelope() {
    return new Envelope(
        Arrays.stream(x).min().orElseThrow(),
        Arrays.stream(x).max().orElseThrow(),
        Arrays.stream(y).min().orElseThrow(),
        Arrays.stream(y).max().orElseThrow());
  }

  /** How far the furthest corner is from there. */
  public double furthestMm(Point from) {
    double most = 0;
    for (int i = 0; i < x.length; i++) {
      most = Math.max(most, Math.hypot(x[i] - from.xMm(), y[i] - from.yMm()));
    }
    return most;
  }

  /** How far the nearest edge is from there. */
  public double edgeMm(Point from) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < x.length; i++) {
      least = Math.min(least, toEdge(i, from.xMm(), from.yMm()));
    }
    return least;
  }

  /**
   * The clear distance to another; below 0 where they lie over each other, by the shortest way that
   * would part them.
   */
  public double distanceMm(Convex other) {
    double apart = Math.max(partedBy(other), other.partedBy(this));
    return apart < 0 ? apart : Math.min(cornersFrom(other), other.cornersFrom(this));
  }

  /**
   * How far one would have to go along the best of this one's edges' normals until both are parted
   * (the theorem of the separating axis); below 0 where no edge parts them.
   */
  private double partedBy(Convex other) {
    double most = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < x.length; i++) {
      int k = (i + 1) % x.length;
      double length = Math.hypot(x[k] - x[i], y[k] - y[i]);
      double nx = -(y[k] - y[i]) / length;
      double ny = (x[k] - x[i]) / length;
      double least = Double.POSITIVE_INFINITY;
      for (int p = 0; p < other.x.length; p++) {
        least = Math.min(least, (other.x[p] - x[i]) * nx + (other.y[p] - y[i]) * ny);
      }
      most = Math.max(most, least);
    }
    return most;
  }

  /** The least distance from this one's corners to the other's edges. */
  private double cornersFrom(Convex other) {
    double least = Double.POSITIVE_INFINITY;
    for (int p = 0; p < x.length; p++) {
      for (int i = 0; i < other.x.length; i++) {
        least = Math.min(least, other.toEdge(i, x[p], y[p]));
      }
    }
    return least;
  }

  private double toEdge(int i, double px, double py) {
    int k = (i + 1) % x.length;
    double dx = x[k] - x[i];
    double dy = y[k] - y[i];
    double t = Math.clamp(((px - x[i]) * dx + (py - y[i]) * dy) / (dx * dx + dy * dy), 0.0, 1.0);
    return Math.hypot(px - x[i] - t * dx, py - y[i] - t * dy);
  }
}
