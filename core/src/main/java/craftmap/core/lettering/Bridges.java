package craftmap.core.lettering;

import craftmap.core.artwork.Artwork;
import craftmap.core.plane.Point;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Ties the islands of openings to the sheet round them, so that they do not fall out.
 *
 * <ol>
 *   <li>From the middle of an island, the strokes are crossed in sixteen directions; a direction
 *       costs what lies open along it, upright ones a little less because they show least.
 *   <li>The cheapest pair of opposite directions is bridged; a small island gets one bridge.
 *   <li>Bridges are as wide as the material asks for, and cut out of the curves themselves.
 * </ol>
 *
 * <p>Afterwards no island is left: each bridge reaches from within the island across the stroke
 * into sheet that is held, from the outermost island inwards.
 */
public final class Bridges {
  private static final int DIRECTIONS = 16;
  private static final double LEVEL_COSTS = 1.2;
  private static final double SLANTED_COSTS = 1.35;

  /** An island narrower than this many bridges is held by one. */
  private static final double ONE_HOLDS = 3.5;

  private static final double REACH_IN_MM = 0.4;
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private Bridges() {}

  /** One bridge, by its middle line. */
  public record Bridge(Point from, Point to, double widthMm) {}

  /** Openings without islands, and the bridges that were put in. */
  public record Bridged(List<Area> openings, List<Bridge> bridges, int islands) {
    public Bridged {
      openings = List.copyOf(openings);
      bridges = List.copyOf(bridges);
    }
  }

  /** Of openings that do not meet each other: each is bridged by itself. */
  public static Bridged bridge(List<Area> openings, double widthMm) {
    List<Area> bridged = new ArrayList<>();
    List<Bridge> all = new ArrayList<>();
    int count = 0;
    for (Area opening : openings) {
      Area own = new Area(opening);
      Geometry outline = Artwork.of(List.of(opening)).outline();
      List<Polygon> islands = islands(outline);
      count += islands.size();
      for (int i = 0; i < islands.size(); i++) {
        List<Polygon> loose = islands.subList(i + 1, islands.size());
        for (Bridge bridge : bridges(islands.get(i), outline, loose, widthMm)) {
          own.subtract(bar(bridge));
          all.add(bridge);
        }
      }
      bridged.add(own);
    }
    return new Bridged(bridged, all, count);
  }

  /** Largest first: what holds an island within an island is tied before it. */
  private static List<Polygon> islands(Geometry outline) {
    List<Polygon> islands = new ArrayList<>();
    for (int i = 0; i < outline.getNumGeometries(); i++) {
      Polygon p = (Polygon) outline.getGeometryN(i);
      for (int k = 0; k < p.getNumInteriorRing(); k++) {
        islands.add(GEOMETRY.createPolygon(p.getInteriorRingN(k)));
      }
    }
    islands.sort(Comparator.comparingDouble(Polygon::getArea).reversed());
    return islands;
  }

  private static List<Bridge> bridges(
      Polygon island, Geometry outline, List<Polygon> loose, double width) {
    Coordinate middle = middle(island);
    List<Optional<Way>> ways = new ArrayList<>();
    for (int d = 0; d < DIRECTIONS; d++) {
      ways.add(way(middle, 2 * Math.PI * d / DIRECTIONS, island, outline, loose));
    }
    int half = DIRECTIONS / 2;
    double small =
        Math.min(island.getEnvelopeInternal().getWidth(), island.getEnvelopeInternal().getHeight());
    if (small >= ONE_HOLDS * width) {
      int best = -1;
      double least = Double.POSITIVE_INFINITY;
      for (int d = 0; d < half; d++) {
        if (ways.get(d).isPresent()
            && ways.get(d + half).isPresent()
            && (ways.get(d).get().holds || ways.get(d + half).get().holds)) {
          double cost = ways.get(d).get().open + ways.get(d + half).get().open;
          if (cost * weight(d) < least) {
            least = cost * weight(d);
            best = d;
          }
        }
      }
      if (best >= 0) {
        return List.of(
            ways.get(best).get().bridge(width), ways.get(best + half).get().bridge(width));
      }
    }
    Way cheapest = null;
    double least = Double.POSITIVE_INFINITY;
    for (int d = 0; d < DIRECTIONS; d++) {
      if (ways.get(d).isPresent()
          && ways.get(d).get().holds
          && ways.get(d).get().open * weight(d) < least) {
        least = ways.get(d).get().open * weight(d);
        cheapest = ways.get(d).get();
      }
    }
    return cheapest == null ? List.of() : List.of(cheapest.bridge(width));
  }

  private static double weight(int direction) {
    int quarter = DIRECTIONS / 4;
    return direction % quarter != 0
        ? SLANTED_COSTS
        : direction % (DIRECTIONS / 2) == 0 ? LEVEL_COSTS : 1;
  }

  private static Coordinate middle(Polygon island) {
    var centroid = island.getCentroid();
    return island.contains(centroid)
        ? centroid.getCoordinate()
        : island.getInteriorPoint().getCoordinate();
  }

  /**
   * The stretch of open stroke between an island and the sheet behind it.
   *
   * @param holds false where that is an island that is loose itself
   */
  private record Way(Point from, Point to, double open, boolean holds) {
    Bridge bridge(double width) {
      return new Bridge(from, to, width);
    }
  }

  /** Out of the island along a direction, across the stroke, to the first sheet behind it. */
  private static Optional<Way> way(
      Coordinate middle, double angle, Polygon island, Geometry outline, List<Polygon> loose) {
    double dx = StrictMath.cos(angle);
    double dy = StrictMath.sin(angle);
    var box = outline.getEnvelopeInternal();
    double far = box.getWidth() + box.getHeight();
    Geometry ray =
        GEOMETRY.createLineString(
            new Coordinate[] {middle, new Coordinate(middle.x + dx * far, middle.y + dy * far)});
    double leaves = farthest(ray.intersection(island), middle);
    Geometry open = ray.intersection(outline);
    double starts = Double.POSITIVE_INFINITY;
    double ends = 0;
    for (int i = 0; i < open.getNumGeometries(); i++) {
      Geometry stretch = open.getGeometryN(i);
      if (stretch.getLength() == 0) {
        continue;
      }
      double from = nearest(stretch, middle);
      if (from >= leaves - 1e-6 && from < starts) {
        starts = from;
        ends = farthest(stretch, middle);
      }
    }
    if (!Double.isFinite(starts)) {
      return Optional.empty();
    }
    Point a =
        new Point(middle.x + dx * (starts - REACH_IN_MM), middle.y + dy * (starts - REACH_IN_MM));
    Point b = new Point(middle.x + dx * (ends + REACH_IN_MM), middle.y + dy * (ends + REACH_IN_MM));
    var behind = GEOMETRY.createPoint(new Coordinate(b.xMm(), b.yMm()));
    boolean holds = loose.stream().noneMatch(i -> i.intersects(behind));
    return Optional.of(new Way(a, b, ends - starts, holds));
  }

  private static double nearest(Geometry line, Coordinate from) {
    double nearest = Double.POSITIVE_INFINITY;
    for (Coordinate c : line.getCoordinates()) {
      nearest = Math.min(nearest, c.distance(from));
    }
    return nearest;
  }

  private static double farthest(Geometry line, Coordinate from) {
    double farthest = 0;
    for (Coordinate c : line.getCoordinates()) {
      farthest = Math.max(farthest, c.distance(from));
    }
    return farthest;
  }

  private static Area bar(Bridge bridge) {
    double length = bridge.from().distanceMm(bridge.to());
    Area bar = new Area(new Rectangle2D.Double(0, -bridge.widthMm() / 2, length, bridge.widthMm()));
    AffineTransform to =
        AffineTransform.getTranslateInstance(bridge.from().xMm(), bridge.from().yMm());
    to.rotate(bridge.to().xMm() - bridge.from().xMm(), bridge.to().yMm() - bridge.from().yMm());
    bar.transform(to);
    return bar;
  }
}
