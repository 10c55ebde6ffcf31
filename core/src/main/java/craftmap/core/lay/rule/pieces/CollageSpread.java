package craftmap.core.lay.rule.pieces;

import craftmap.core.design.Design;
import craftmap.core.lay.Placement;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * Pieces spread evenly over a face of any shape:
 *
 * <ol>
 *   <li>as many places as pieces, each next one as far as can be from those before it;
 *   <li>each moved to the middle of what lies nearest to it, again and again (Lloyd's relaxation);
 *   <li>pieces laid on them in reading order, each drawn towards the middle of the face until it
 *       lies on it whole.
 * </ol>
 *
 * <p>Nothing here depends on chance or on the machine.
 */
final class CollageSpread {
  private static final int SPOTS_ACROSS = 48;
  private static final int ROUNDS = 40;
  private static final int STEPS_INWARDS = 40;

  private final List<Design> pieces;
  private final Geometry inside;
  private final PreparedGeometry prepared;
  private final List<Point> spots;

  private CollageSpread(List<Design> pieces, Geometry inside) {
    this.pieces = pieces;
    this.inside = inside;
    this.prepared = PreparedGeometryFactory.prepare(inside);
    this.spots = spots();
  }

  /** None where some piece finds no place on the face. */
  static Optional<List<Placement>> place(List<Design> pieces, Geometry inside) {
    CollageSpread spread = new CollageSpread(pieces, inside);
    return spread.spots.size() < pieces.size() ? Optional.empty() : spread.laid();
  }

  private List<Point> spots() {
    Envelope e = inside.getEnvelopeInternal();
    double step = Math.max(e.getWidth(), e.getHeight()) / SPOTS_ACROSS;
    GeometryFactory geometry = inside.getFactory();
    List<Point> all = new ArrayList<>();
    for (double y = e.getMinY() + step / 2; y < e.getMaxY(); y += step) {
      for (double x = e.getMinX() + step / 2; x < e.getMaxX(); x += step) {
        if (prepared.contains(geometry.createPoint(new Coordinate(x, y)))) {
          all.add(new Point(x, y));
        }
      }
    }
    return all;
  }

  private Optional<List<Placement>> laid() {
    Point[] places = relaxed(farApart());
    int[] inOrder =
        IntStream.range(0, places.length)
            .boxed()
            .sorted(
                Comparator.comparingLong((Integer i) -> row(places[i]))
                    .thenComparingDouble(i -> places[i].xMm()))
            .mapToInt(i -> i)
            .toArray();
    Placement[] laid = new Placement[pieces.size()];
    for (int i = 0; i < inOrder.length; i++) {
      Optional<Point> at = onFace(pieces.get(i), places[inOrder[i]]);
      if (at.isEmpty()) {
        return Optional.empty();
      }
      laid[i] = Placement.at(at.get());
    }
    return Optional.of(Arrays.asList(laid));
  }

  /** Places within half the usual height of a piece are read as one row. */
  private long row(Point at) {
    double tall = pieces.stream().mapToDouble(Design::printHeightMm).average().orElseThrow();
    return Math.round(at.yMm() / tall);
  }

  private Point[] farApart() {
    Coordinate c = inside.getCentroid().getCoordinate();
    Point middle = new Point(c.x, c.y);
    double[] nearest = new double[spots.size()];
    Arrays.fill(nearest, Double.POSITIVE_INFINITY);
    Point[] places = new Point[pieces.size()];
    places[0] = nearestTo(middle);
    for (int n = 1; n < places.length; n++) {
      int farthest = 0;
      for (int s = 0; s < nearest.length; s++) {
        nearest[s] = Math.min(nearest[s], spots.get(s).distanceMm(places[n - 1]));
        farthest = nearest[s] > nearest[farthest] ? s : farthest;
      }
      places[n] = spots.get(farthest);
    }
    return places;
  }

  private Point nearestTo(Point point) {
    return spots.stream().min(Comparator.comparingDouble(point::distanceMm)).orElseThrow();
  }

  private Point[] relaxed(Point[] from) {
    Point[] places = from;
    for (int round = 0; round < ROUNDS; round++) {
      double[] x = new double[places.length];
      double[] y = new double[places.length];
      int[] count = new int[places.length];
      for (Point spot : spots) {
        int own = 0;
        for (int p = 1; p < places.length; p++) {
          own = spot.distanceMm(places[p]) < spot.distanceMm(places[own]) ? p : own;
        }
        x[own] += spot.xMm();
        y[own] += spot.yMm();
        count[own]++;
      }
      Point[] moved = places.clone();
      for (int p = 0; p < places.length; p++) {
        if (count[p] > 0) {
          moved[p] = new Point(x[p] / count[p], y[p] / count[p]);
        }
      }
      places = moved;
    }
    return places;
  }

  private Optional<Point> onFace(Design piece, Point wished) {
    Coordinate c = inside.getCentroid().getCoordinate();
    for (int step = 0; step <= STEPS_INWARDS; step++) {
      double share = step / (double) STEPS_INWARDS;
      Point at = wished.movedBy((c.x - wished.xMm()) * share, (c.y - wished.yMm()) * share);
      if (prepared.covers(
          Planar.polygon(Box.around(at, piece.printWidthMm(), piece.printHeightMm())))) {
        return Optional.of(at);
      }
    }
    return Optional.empty();
  }
}
