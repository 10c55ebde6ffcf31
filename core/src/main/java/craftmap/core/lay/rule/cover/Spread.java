package craftmap.core.lay.rule.cover;

import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.plane.Convex;
import craftmap.core.plane.Point;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * How far copies of designs lie apart: between circles by their middles, between others by the
 * outlines that a thread around them would have.
 */
public final class Spread {
  /** What fills its circle that well is one. */
  private static final double ROUND = 0.97;

  private static final double COARSE_MM = 0.05;
  private static final Point MIDDLE = new Point(0, 0);

  private final Convex thread;
  private final double radius;
  private final double inner;
  private final boolean round;

  public Spread(Design design) {
    Point middle = design.printed().centre();
    this.thread =
        Convex.around(
            AffineTransformation.translationInstance(-middle.xMm(), -middle.yMm())
                .transform(design.shape()),
            COARSE_MM);
    this.radius = thread.furthestMm(MIDDLE);
    this.round = thread.areaMm2() > ROUND * Math.PI * radius * radius;
    this.inner = round ? radius : thread.edgeMm(MIDDLE);
  }

  /** However it is turned, a copy lies within a circle this wide. */
  public double acrossMm() {
    return 2 * radius;
  }

  /** However it is turned, it covers a circle this wide. */
  public double leastAcrossMm() {
    return 2 * inner;
  }

  /** The thread around a copy as it lies. */
  public Convex at(Placement p) {
    return thread.placed(p.turnDeg(), p.centre());
  }

  /** The clear distance between two copies; 0 where they touch or lie on each other. */
  public double gapMm(Placement a, Placement b) {
    return Math.max(0, signedGapMm(a, this, b));
  }

  /** The same to a copy of any design, below 0 by as much as they lie over each other. */
  public double signedGapMm(Placement here, Spread other, Placement there) {
    return round && other.round
        ? here.centre().distanceMm(there.centre()) - radius - other.radius
        : at(here).distanceMm(other.at(there));
  }

  /** The smallest clear distance between any two; 0 where there is only one. */
  public double leastGapMm(List<Item> items) {
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
