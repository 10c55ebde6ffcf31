package craftmap.core.lay.rule;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Direction;
import craftmap.core.design.MotifBox;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * Pieces thrown and shaken: the largest first, each where it lies best among many throws; then all
 * are moved a little at a time as long as it gets better. Nothing here depends on the machine.
 */
final class CollageThrow {
  private static final int THROWS = 160;
  private static final int ROUNDS = 60;
  private static final double OUTSIDE = 1e6;
  private static final double ON_WHAT_MATTERS = 1e4;
  private static final double GOOD_ENOUGH = 0.5;

  /** From here on a motif is a face or a heron, and must neither be cut nor covered. */
  private static final int MATTERS_FROM = 4;

  private final Collage rule;
  private final List<Design> pieces;
  private final Geometry inside;
  private final org.locationtech.jts.geom.prep.PreparedGeometry prepared;
  private final Envelope over;
  private final Dice dice;
  private final Placement[] places;
  private final Box[] boxes;

  CollageThrow(Collage rule, List<Design> pieces, Geometry inside, long seed) {
    this.rule = rule;
    this.pieces = pieces;
    this.inside = inside;
    this.prepared = org.locationtech.jts.geom.prep.PreparedGeometryFactory.prepare(inside);
    this.over = inside.getEnvelopeInternal();
    this.dice = new Dice(seed);
    this.places = new Placement[pieces.size()];
    this.boxes = new Box[pieces.size()];
  }

  /** Where all lie; none where they do not all find a place. */
  Optional<List<Placement>> thrown() {
    List<Integer> order =
        java.util.stream.IntStream.range(0, pieces.size())
            .boxed()
            .sorted(
                Comparator.comparingDouble((Integer i) -> -pieces.get(i).printed().areaMm2())
                    .thenComparingInt(i -> i))
            .toList();
    for (int i : order) {
      best(i, THROWS, 0);
      if (places[i] == null) {
        return Optional.empty();
      }
    }
    double reach = Math.max(over.getWidth(), over.getHeight()) / 8;
    for (int round = 0; round < ROUNDS; round++) {
      for (int i : order) {
        best(i, 6, reach * (ROUNDS - round) / ROUNDS);
      }
    }
    for (int i : order) {
      if (cost(i, places[i], boxes[i]) > tolerated()) {
        return Optional.empty();
      }
    }
    return Optional.of(List.of(places));
  }

  private double tolerated() {
    return GOOD_ENOUGH * pieces.size();
  }

  /** The best of some throws, about where it lies now or anywhere. */
  private void best(int i, int throwing, double reach) {
    double least = places[i] == null ? OUTSIDE : cost(i, places[i], boxes[i]);
    for (int t = 0; t < throwing; t++) {
      Placement at = reach == 0 ? anywhere(i) : near(i, reach);
      Box box = Item.box(pieces.get(i), at).around();
      double cost = cost(i, at, box);
      if (cost < least) {
        least = cost;
        places[i] = at;
        boxes[i] = box;
      }
    }
  }

  private Placement anywhere(int i) {
    double w = Math.min(over.getWidth(), pieces.get(i).printWidthMm()) / 2;
    double h = Math.min(over.getHeight(), pieces.get(i).printHeightMm()) / 2;
    double x = over.getMinX() + w + dice.next() * (over.getWidth() - 2 * w);
    double y = over.getMinY() + h + dice.next() * (over.getHeight() - 2 * h);
    return Placement.at(new Point(x, y), turn(i));
  }

  private Placement near(int i, double reach) {
    Point p = places[i].centre();
    return Placement.at(p.movedBy(dice.aside() * reach, dice.aside() * reach), places[i].turnDeg());
  }

  /** What has a top keeps it up, but for hanging a little askew. */
  private double turn(int i) {
    double askew = dice.aside() * rule.tiltDeg();
    return pieces.get(i).direction() == Direction.ANY_WAY && rule.tiltDeg() > 0
        ? dice.next() * 360
        : askew;
  }

  /** Nothing where it lies well; more the worse it lies. */
  private double cost(int i, Placement at, Box box) {
    double cost = prepared.covers(Item.box(pieces.get(i), at).polygon()) ? 0 : OUTSIDE;
    if (cost > 0) {
      return cost;
    }
    double wish = rule.wishMm();
    double nearest = Double.POSITIVE_INFINITY;
    for (int k = 0; k < boxes.length; k++) {
      if (k == i || boxes[k] == null) {
        continue;
      }
      double gap = gap(box, boxes[k]);
      nearest = Math.min(nearest, gap);
      if (gap < wish) {
        cost += 10 * (wish - gap);
      }
      if (gap < 0) {
        cost += covered(i, at, box, k);
      }
    }
    if (nearest > wish && !Double.isInfinite(nearest)) {
      cost += 0.001 * (nearest - wish);
    }
    return cost;
  }

  /** Later pieces lie over earlier ones: what matters of the lower one stays bare. */
  private double covered(int i, Placement at, Box box, int k) {
    int lower = Math.min(i, k);
    Placement lies = lower == i ? at : places[k];
    Box upper = lower == i ? boxes[k] : box;
    for (MotifBox motif : Cover.motifsFromPrint(pieces.get(lower))) {
      if (motif.importance() >= MATTERS_FROM
          && upper.overlaps(onFace(pieces.get(lower), lies, motif.box()), 0.01)) {
        return ON_WHAT_MATTERS;
      }
    }
    return 0;
  }

  private Box onFace(Design d, Placement at, Box motif) {
    double dx = motif.centre().xMm() - d.printWidthMm() / 2;
    double dy = motif.centre().yMm() - d.printHeightMm() / 2;
    double c = craftmap.core.plane.Turns.cos(at.turnDeg());
    double s = craftmap.core.plane.Turns.sin(at.turnDeg());
    return new craftmap.core.plane.TurnedBox(
            at.centre().movedBy(dx * c - dy * s, dx * s + dy * c),
            motif.widthMm(),
            motif.heightMm(),
            at.turnDeg())
        .around();
  }

  /** The clear distance between two boxes; below 0 by as much as they lie over each other. */
  static double gap(Box a, Box b) {
    double dx = Math.max(b.leftMm() - a.rightMm(), a.leftMm() - b.rightMm());
    double dy = Math.max(b.topMm() - a.bottomMm(), a.topMm() - b.bottomMm());
    return dx > 0 && dy > 0 ? Math.hypot(dx, dy) : Math.max(dx, dy);
  }
}
