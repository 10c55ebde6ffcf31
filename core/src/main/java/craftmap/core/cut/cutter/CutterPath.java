package craftmap.core.cut.cutter;

import craftmap.core.plane.Point;
import java.util.List;

/**
 * A closed line: the blade goes down at its first point, which is its last one as well.
 *
 * @param depth around how many others it lies inside
 */
public record CutterPath(List<Point> points, int depth) {
  public CutterPath {
    points = List.copyOf(points);
    if (points.size() < 4 || !points.getFirst().equals(points.getLast())) {
      throw new IllegalArgumentException("impossible state: a path to cut is closed");
    }
  }

  public Point start() {
    return points.getFirst();
  }

  public double lengthMm() {
    double length = 0;
    for (int i = 1; i < points.size(); i++) {
      length += points.get(i).distanceMm(points.get(i - 1));
    }
    return length;
  }
}
