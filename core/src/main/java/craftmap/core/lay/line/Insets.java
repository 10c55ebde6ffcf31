package craftmap.core.lay.line;

import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import craftmap.core.plane.Stroke;
import craftmap.core.plane.Turns;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** The line inside an outline that keeps a distance from it, along the outline's true edges. */
public final class Insets {
  /** A bend less than this belongs to a curve, not to a corner. */
  private static final double CORNER_DEG = 20;

  private static final double MITRE_LIMIT = 20;
  private static final BufferParameters MITRED =
      new BufferParameters(32, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, MITRE_LIMIT);

  private Insets() {}

  /** One side between two corners; the only one of a round line ends where it begins. */
  public record Side(Path path, double cornerDeg) {}

  /**
   * The points of the line, clockwise as seen, those of a round one as near as chords are. None
   * where nothing of the face is that far from its edge; of several parts the largest.
   */
  public static Optional<List<Point>> ring(Outline outline, double insetMm) {
    Geometry shell =
        ((Polygon) outline.region())
            .getExteriorRing()
            .getFactory()
            .createPolygon(((Polygon) outline.region()).getExteriorRing().getCoordinateSequence());
    Geometry inside = insetMm == 0 ? shell : BufferOp.bufferOp(shell, -insetMm, MITRED);
    Polygon largest = null;
    for (int i = 0; i < inside.getNumGeometries(); i++) {
      if (inside.getGeometryN(i) instanceof Polygon p
          && !p.isEmpty()
          && (largest == null || p.getArea() > largest.getArea())) {
        largest = p;
      }
    }
    if (largest == null) {
      return Optional.empty();
    }
    Coordinate[] ring = largest.getExteriorRing().getCoordinates();
    // y runs down: what the library calls anticlockwise is clockwise as seen
    boolean clockwise = Orientation.isCCW(ring);
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < ring.length - 1; i++) {
      Coordinate c = ring[clockwise ? i : ring.length - 1 - i];
      points.add(new Point(c.x, c.y));
    }
    return Optional.of(points);
  }

  /** The line all round, beginning above its middle. */
  public static Optional<Path> allRound(Outline outline, double insetMm) {
    return ring(outline, insetMm).map(Insets::fromTheTop);
  }

  private static Path fromTheTop(List<Point> ring) {
    double left = ring.stream().mapToDouble(Point::xMm).min().orElseThrow();
    double right = ring.stream().mapToDouble(Point::xMm).max().orElseThrow();
    double middle = (left + right) / 2;
    int n = ring.size();
    int first = -1;
    Point start = ring.getFirst();
    for (int i = 0; i < n; i++) {
      Point a = ring.get(i);
      Point b = ring.get((i + 1) % n);
      if (a.xMm() <= middle && b.xMm() > middle) {
        double y = a.yMm() + (b.yMm() - a.yMm()) * (middle - a.xMm()) / (b.xMm() - a.xMm());
        if (first < 0 || y < start.yMm()) {
          first = i;
          start = new Point(middle, y);
        }
      }
    }
    List<Stroke> strokes = new ArrayList<>();
    Point from = start;
    for (int k = 1; k <= n; k++) {
      Point to = ring.get((first + k) % n);
      add(strokes, from, to);
      from = to;
    }
    add(strokes, from, start);
    return Path.closed(strokes);
  }

  private static void add(List<Stroke> strokes, Point from, Point to) {
    if (from.distanceMm(to) > 1e-9) {
      strokes.add(new Line(from, to));
    }
  }

  /**
   * The sides between corners, clockwise, beginning at the corner that is nearest to the top left;
   * empty where the line has no corner.
   */
  public static List<Side> sides(List<Point> ring) {
    int n = ring.size();
    List<Integer> corners = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      if (Math.abs(bend(ring, i)) > CORNER_DEG) {
        corners.add(i);
      }
    }
    List<Side> sides = new ArrayList<>();
    int first = topLeft(ring, corners);
    for (int k = 0; k < corners.size(); k++) {
      int from = corners.get((first + k) % corners.size());
      int to = corners.get((first + k + 1) % corners.size());
      List<Stroke> strokes = new ArrayList<>();
      int i = from;
      do {
        int next = (i + 1) % n;
        add(strokes, ring.get(i), ring.get(next));
        i = next;
      } while (i != to);
      sides.add(new Side(Path.open(strokes), bend(ring, from)));
    }
    return sides;
  }

  private static int topLeft(List<Point> ring, List<Integer> corners) {
    int best = 0;
    for (int k = 1; k < corners.size(); k++) {
      Point p = ring.get(corners.get(k));
      Point q = ring.get(corners.get(best));
      if (p.xMm() + p.yMm() < q.xMm() + q.yMm()) {
        best = k;
      }
    }
    return best;
  }

  /** By how many degrees the line bends at a point, positive to the right. */
  private static double bend(List<Point> ring, int i) {
    int n = ring.size();
    double in = Turns.direction(ring.get((i + n - 1) % n), ring.get(i));
    double out = Turns.direction(ring.get(i), ring.get((i + 1) % n));
    double bend = Turns.normal(out - in);
    return bend > 180 ? bend - 360 : bend;
  }
}
