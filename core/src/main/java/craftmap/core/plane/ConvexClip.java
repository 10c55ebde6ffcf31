package craftmap.core.plane;

import java.util.Optional;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * How much of an area lies in a convex one. Cut off by one side after the other, a ring may come
 * out with stretches that run to and fro along a side; they hold no area, so that the sum is right
 * where the shape would not be (Sutherland and Hodgman, Reentrant polygon clipping, 1974). Nothing
 * is overlaid, which for a print of hundreds of corners is most of the work of cutting it; and of a
 * print in many pieces only those are cut that a side may run through.
 */
public final class ConvexClip {
  /** More corners than what is cut by a face and its keep-outs has, as a rule. */
  private static final int MOST_CORNERS = 12;

  /** The corners, in turn, with the inside on the left of each side. */
  private final double[] x;

  private final double[] y;

  private ConvexClip(double[] x, double[] y) {
    this.x = x;
    this.y = y;
  }

  /** None where an area is not convex, is in parts, or has many corners. */
  public static Optional<ConvexClip> of(Geometry area) {
    if (!(area instanceof Polygon polygon)
        || polygon.isEmpty()
        || polygon.getNumInteriorRing() > 0
        || polygon.getNumPoints() > MOST_CORNERS + 1) {
      return Optional.empty();
    }
    CoordinateSequence ring = polygon.getExteriorRing().getCoordinateSequence();
    boolean left = Orientation.isCCW(ring);
    int corners = ring.size() - 1;
    double[] x = new double[corners];
    double[] y = new double[corners];
    for (int i = 0; i < corners; i++) {
      int from = left ? i : corners - 1 - i;
      x[i] = ring.getX(from);
      y[i] = ring.getY(from);
    }
    ConvexClip clip = new ConvexClip(x, y);
    return clip.isConvex() ? Optional.of(clip) : Optional.empty();
  }

  /**
   * No corner lies beyond any side. That it turns one way at every corner would not do: so does a
   * ring that runs into a slit and back, which is what an overlay leaves of a hairline seam.
   */
  private boolean isConvex() {
    for (int side = 0; side < x.length; side++) {
      for (int corner = 0; corner < x.length; corner++) {
        if (beside(side, x[corner], y[corner]) < 0) {
          return false;
        }
      }
    }
    return true;
  }

  /** Above 0 to the left of a side, below on its right; by how far times the length of the side. */
  private double beside(int side, double px, double py) {
    int next = (side + 1) % x.length;
    return (x[next] - x[side]) * (py - y[side]) - (y[next] - y[side]) * (px - x[side]);
  }

  /** How much of it lies inside, in square millimetres. */
  public double areaOf(Geometry area) {
    double sum = 0;
    for (int i = 0; i < area.getNumGeometries(); i++) {
      if (area.getGeometryN(i) instanceof Polygon polygon) {
        sum += insideOf(polygon.getExteriorRing());
        for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
          sum -= insideOf(polygon.getInteriorRingN(hole));
        }
      }
    }
    return sum;
  }

  private double insideOf(LinearRing of) {
    CoordinateSequence ring = of.getCoordinateSequence();
    Envelope around = of.getEnvelopeInternal();
    int n = ring.size() - 1;
    double[] px = new double[n];
    double[] py = new double[n];
    for (int i = 0; i < n; i++) {
      px[i] = ring.getX(i);
      py[i] = ring.getY(i);
    }
    for (int side = 0; side < x.length && n > 0; side++) {
      if (furthest(side, around, -1) >= 0) {
        continue;
      }
      if (furthest(side, around, 1) <= 0) {
        return 0;
      }
      double[] cutX = new double[2 * n];
      double[] cutY = new double[2 * n];
      int kept = 0;
      for (int i = 0; i < n; i++) {
        int to = (i + 1) % n;
        double here = beside(side, px[i], py[i]);
        double there = beside(side, px[to], py[to]);
        if (here >= 0) {
          cutX[kept] = px[i];
          cutY[kept++] = py[i];
        }
        if (here >= 0 != there >= 0) {
          double at = here / (here - there);
          cutX[kept] = px[i] + at * (px[to] - px[i]);
          cutY[kept++] = py[i] + at * (py[to] - py[i]);
        }
      }
      px = cutX;
      py = cutY;
      n = kept;
    }
    return Math.abs(turned(px, py, n));
  }

  /** How far a corner of a box lies to the left of a side at most (1) or at least (-1). */
  private double furthest(int side, Envelope box, int sign) {
    int next = (side + 1) % x.length;
    double alongX = (x[next] - x[side]) * sign;
    double alongY = (y[next] - y[side]) * sign;
    return beside(
        side,
        alongY > 0 ? box.getMinX() : box.getMaxX(),
        alongX > 0 ? box.getMaxY() : box.getMinY());
  }

  /** The area that a ring goes around, seen from its first corner so that no large numbers meet. */
  private static double turned(double[] px, double[] py, int n) {
    double twice = 0;
    for (int i = 1; i + 1 < n; i++) {
      twice += (px[i] - px[0]) * (py[i + 1] - py[0]) - (px[i + 1] - px[0]) * (py[i] - py[0]);
    }
    return twice / 2;
  }
}
