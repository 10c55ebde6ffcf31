package craftmap.core.lay.rule.pieces;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Direction;
import craftmap.core.design.MotifBox;
import craftmap.core.lay.Placement;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.cover.Spread;
import craftmap.core.plane.Box;
import craftmap.core.plane.Convex;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.Arrays;
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
  private final List<Spread> spreads;
  private final Geometry inside;
  private final org.locationtech.jts.geom.prep.PreparedGeometry prepared;
  private final Envelope over;
  private final Dice dice;
  private final Lying[] lying;

  /** How a piece lies: the thread around it, and the box around that to look at first. */
  private record Lying(Placement at, Convex thread, Envelope box) {}

  CollageThrow(
      Collage rule, List<Design> pieces, List<Spread> spreads, Geometry inside, long seed) {
    this.rule = rule;
    this.pieces = pieces;
    this.spreads = spreads;
    this.inside = inside;
    this.prepared = org.locationtech.jts.geom.prep.PreparedGeometryFactory.prepare(inside);
    this.over = inside.getEnvelopeInternal();
    this.dice = new Dice(seed);
    this.lying = new Lying[pieces.size()];
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
      if (lying[i] == null) {
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
      if (cost(i, lying[i]) > tolerated()) {
        return Optional.empty();
      }
    }
    return Optional.of(Arrays.stream(lying).map(Lying::at).toList());
  }

  private double tolerated() {
    return GOOD_ENOUGH * pieces.size();
  }

  /** The best of some throws, about where it lies now or anywhere. */
  private void best(int i, int throwing, double reach) {
    double least = lying[i] == null ? OUTSIDE : cost(i, lying[i]);
    for (int t = 0; t < throwing; t++) {
      Placement at = reach == 0 ? anywhere(i) : near(i, reach);
      Convex thread = spreads.get(i).at(at);
      Lying there = new Lying(at, thread, thread.envelope());
      double cost = cost(i, there);
      if (cost < least) {
        least = cost;
        lying[i] = there;
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
    Placement now = lying[i].at();
    return Placement.at(
        now.centre().movedBy(dice.aside() * reach, dice.aside() * reach), now.turnDeg());
  }

  /** What has a top keeps it up, but for hanging a little askew. */
  private double turn(int i) {
    double askew = dice.aside() * rule.tiltDeg();
    return pieces.get(i).direction() == Direction.ANY_WAY && rule.tiltDeg() > 0
        ? dice.next() * 360
        : askew;
  }

  /** Nothing where it lies well; more the worse it lies. */
  private double cost(int i, Lying here) {
    if (!prepared.covers(here.thread().polygon())) {
      return OUTSIDE;
    }
    double cost = 0;
    double wish = rule.wishMm();
    double nearest = Double.POSITIVE_INFINITY;
    for (int k = 0; k < lying.length; k++) {
      if (k == i || lying[k] == null) {
        continue;
      }
      // what lies further off by its box is no nearer by its outline
      double atLeast = here.box().distance(lying[k].box());
      if (atLeast > 0 && atLeast >= nearest && atLeast >= wish) {
        continue;
      }
      double gap = spreads.get(i).signedGapMm(here.at(), spreads.get(k), lying[k].at());
      nearest = Math.min(nearest, gap);
      if (gap < wish) {
        cost += 10 * (wish - gap);
      }
      if (gap < 0) {
        cost += covered(i, here, k);
      }
    }
    if (nearest > wish && !Double.isInfinite(nearest)) {
      cost += 0.001 * (nearest - wish);
    }
    return cost;
  }

  /** Later pieces lie over earlier ones: what matters of the lower one stays bare. */
  private double covered(int i, Lying here, int k) {
    int lower = Math.min(i, k);
    Lying below = lower == i ? here : lying[k];
    Lying above = lower == i ? lying[k] : here;
    for (MotifBox motif : Cover.motifsFromPrint(pieces.get(lower))) {
      if (motif.importance() >= MATTERS_FROM
          && above.thread().distanceMm(onFace(pieces.get(lower), below.at(), motif.box()))
              < -0.01) {
        return ON_WHAT_MATTERS;
      }
    }
    return 0;
  }

  private static Convex onFace(Design d, Placement at, Box motif) {
    Box fromMiddle =
        new Box(
            motif.leftMm() - d.printWidthMm() / 2,
            motif.topMm() - d.printHeightMm() / 2,
            motif.widthMm(),
            motif.heightMm());
    return Convex.around(Planar.polygon(fromMiddle), 0).placed(at.turnDeg(), at.centre());
  }
}
