package craftmap.core.artwork;

import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.distance.DistanceOp;

/**
 * What a sheet with these openings is like to cut and to use.
 *
 * <p>Islands are pieces of sheet that an opening surrounds: they would fall out. A bridge is sheet
 * between two openings, or between two arms of one opening. The narrowest of the first kind is the
 * shortest distance between two openings. The second kind is found by letting an opening grow: it
 * first closes round a piece of sheet when it has grown by half its narrowest bridge.
 *
 * @param islands largest first
 * @param bridge the narrowest; none where a single plain opening has nothing to bridge
 * @param rimMm from the openings to the nearest edge of the sheet
 */
public record StencilCheck(List<Island> islands, Optional<Bridge> bridge, double rimMm) {
  /** Bridges wider than this hold on any film; wider ones are not looked for. */
  static final double WIDEST_MM = 30;

  /** A narrower bridge of film tears when the sheet is lifted wet. */
  private static final double TEARS_BELOW_MM = 1.2;

  /** A brush or roller is wider than this beyond the print. */
  private static final double LEAST_RIM_MM = 8;

  private static final double EXACT_ENOUGH_MM = 0.01;
  private static final double LEAST_ISLAND_MM2 = 0.1;
  private static final double FIRST_STEP_MM = 0.4;

  /** What hangs on a bridge less than this many times as wide is no more than its end. */
  private static final double STEP = 1.25;

  /** An opening this near to its convex hull has no arms. */
  private static final double NEARLY_CONVEX = 0.97;

  /** Growing in steps of this fineness keeps round corners round to a hundredth. */
  private static final int QUADRANT_SEGMENTS = 16;

  public StencilCheck {
    islands = List.copyOf(islands);
  }

  /** Whether its narrowest bridge may tear in use. */
  public boolean mayTear() {
    return bridge.isPresent() && bridge.get().widthMm() < TEARS_BELOW_MM;
  }

  /** Whether paint will run over its edge where nothing is masked beside it. */
  public boolean needsMasking() {
    return rimMm < LEAST_RIM_MM;
  }

  /** A piece of sheet that would fall out, by a point of its outline. */
  public record Island(Point at, double areaMm2) {}

  /** The narrowest stretch of sheet; from and to where it lies between two openings. */
  public record Bridge(double widthMm, Optional<Point> from, Optional<Point> to) {}

  public static StencilCheck of(Artwork artwork, double sheetWidthMm, double sheetHeightMm) {
    List<Polygon> openings = new ArrayList<>();
    for (Object p : PolygonExtracter.getPolygons(artwork.outline())) {
      openings.add((Polygon) p);
    }
    return new StencilCheck(
        islands(openings), bridge(openings), rim(artwork, sheetWidthMm, sheetHeightMm));
  }

  private static List<Island> islands(List<Polygon> openings) {
    List<Island> islands = new ArrayList<>();
    for (Polygon opening : openings) {
      for (int i = 0; i < opening.getNumInteriorRing(); i++) {
        Polygon island = opening.getFactory().createPolygon(opening.getInteriorRingN(i));
        if (island.getArea() < LEAST_ISLAND_MM2) {
          continue; // shapes that touch leave specks that no knife would make
        }
        islands.add(new Island(point(island.getInteriorPoint().getCoordinate()), island.getArea()));
      }
    }
    islands.sort(Comparator.comparingDouble(Island::areaMm2).reversed());
    return islands;
  }

  private static Optional<Bridge> bridge(List<Polygon> openings) {
    Optional<Bridge> narrowest = between(openings);
    for (Polygon opening : openings) {
      double limit = narrowest.map(Bridge::widthMm).orElse(WIDEST_MM);
      double own = withinOne(opening, limit);
      if (own < limit) {
        narrowest = Optional.of(new Bridge(own, Optional.empty(), Optional.empty()));
      }
    }
    return narrowest;
  }

  private static Optional<Bridge> between(List<Polygon> openings) {
    STRtree tree = new STRtree();
    for (int i = 0; i < openings.size(); i++) {
      tree.insert(openings.get(i).getEnvelopeInternal(), i);
    }
    double best = WIDEST_MM;
    Coordinate[] ends = null;
    for (int i = 0; i < openings.size(); i++) {
      var near = openings.get(i).getEnvelopeInternal().copy();
      near.expandBy(best);
      for (Object found : tree.query(near)) {
        int j = (Integer) found;
        if (j <= i
            || openings.get(i).getEnvelopeInternal().distance(openings.get(j).getEnvelopeInternal())
                >= best) {
          continue;
        }
        DistanceOp distance = new DistanceOp(edge(openings.get(i)), edge(openings.get(j)));
        if (distance.distance() < best) {
          best = distance.distance();
          ends = distance.nearestPoints();
        }
      }
    }
    return ends == null
        ? Optional.empty()
        : Optional.of(new Bridge(best, Optional.of(point(ends[0])), Optional.of(point(ends[1]))));
  }

  private static Geometry edge(Polygon opening) {
    return opening.getBoundary();
  }

  /**
   * The narrowest bridge between arms of one opening, or {@code limit} where it is no narrower.
   * What the opening closes round vanishes again as it grows on, so the first growth that closes
   * round anything is looked for step by step, and then narrowed down.
   */
  private static double withinOne(Polygon opening, double limit) {
    Polygon filled = opening.getFactory().createPolygon(opening.getExteriorRing());
    double convexity = filled.getArea() / filled.convexHull().getArea();
    if (convexity > NEARLY_CONVEX) {
      return limit;
    }
    double low = 0;
    double high = FIRST_STEP_MM;
    while (!closesRound(filled, high / 2)) {
      if (high >= limit) {
        return limit;
      }
      low = high;
      high = Math.min(limit, high * STEP);
    }
    while (high - low > EXACT_ENOUGH_MM) {
      double middle = (low + high) / 2;
      if (closesRound(filled, middle / 2)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return (low + high) / 2;
  }

  private static boolean closesRound(Polygon opening, double growMm) {
    Geometry grown = opening.buffer(growMm, QUADRANT_SEGMENTS);
    for (Object p : PolygonExtracter.getPolygons(grown)) {
      if (((Polygon) p).getNumInteriorRing() > 0) {
        return true;
      }
    }
    return false;
  }

  private static double rim(Artwork artwork, double width, double height) {
    var print = artwork.print();
    return Math.max(
        0,
        Math.min(
            Math.min(print.leftMm(), print.topMm()),
            Math.min(width - print.rightMm(), height - print.bottomMm())));
  }

  private static Point point(Coordinate c) {
    return new Point(c.x, c.y);
  }
}
