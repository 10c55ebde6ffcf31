package craftmap.core.lay.rule;

import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.plane.Point;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * How far copies of a design lie apart: between circles by their middles, between others by the
 * outlines that a thread around them would have.
 */
final class Spread {
  /** What fills its circle that well is one. */
  private static final double ROUND = 0.97;

  private static final double COARSE_MM = 0.05;

  private final Geometry hull;
  private final Point middle;
  private final double radius;
  private final double inner;
  private final boolean round;

  Spread(Design design) {
    this.middle = design.printed().centre();
    Geometry around = DouglasPeuckerSimplifier.simplify(design.shape().convexHull(), COARSE_MM);
    double far = 0;
    for (Coordinate c : around.getCoordinates()) {
      far = Math.max(far, Math.hypot(c.x - middle.xMm(), c.y - middle.yMm()));
    }
    this.round = around.getArea() > ROUND * Math.PI * far * far;
    this.radius = far;
    this.hull =
        AffineTransformation.translationInstance(-middle.xMm(), -middle.yMm()).transform(around);
    this.inner =
        round
            ? far
            : hull.getBoundary().distance(hull.getFactory().createPoint(new Coordinate(0, 0)));
  }

  /** However it is turned, a copy lies within a circle this wide. */
  double acrossMm() {
    return 2 * radius;
  }

  /** However it is turned, it covers a circle this wide. */
  double leastAcrossMm() {
    return 2 * inner;
  }

  /** The clear distance between two copies; 0 where they touch or lie on each other. */
  double gapMm(Placement a, Placement b) {
    return round
        ? Math.max(0, a.centre().distanceMm(b.centre()) - 2 * radius)
        : at(a).distance(at(b));
  }

  private Geometry at(Placement p) {
    return AffineTransformation.rotationInstance(StrictMath.toRadians(p.turnDeg()))
        .translate(p.centre().xMm(), p.centre().yMm())
        .transform(hull);
  }

  /** The smallest clear distance between any two; 0 where there is only one. */
  double leastGapMm(List<Item> items) {
    STRtree tree = new STRtree();
    for (Item item : items) {
      tree.insert(envelope(item, 0), item);
    }
    double least = Double.POSITIVE_INFINITY;
    double reach = 2 * radius;
    for (int looked = 0; Double.isInfinite(least) && looked < 12 && items.size() > 1; looked++) {
      for (Item item : items) {
        for (Object other : tree.query(envelope(item, reach))) {
          if (other != item) {
            least = Math.min(least, gapMm(item.at(), ((Item) other).at()));
          }
        }
      }
      // none was near enough to be looked at, or something further off might still be nearer
      least = least > reach ? Double.POSITIVE_INFINITY : least;
      reach *= 2;
    }
    return Double.isInfinite(least) ? 0 : least;
  }

  private Envelope envelope(Item item, double more) {
    Point c = item.centre();
    double r = radius + more;
    return new Envelope(c.xMm() - r, c.xMm() + r, c.yMm() - r, c.yMm() + r);
  }
}
