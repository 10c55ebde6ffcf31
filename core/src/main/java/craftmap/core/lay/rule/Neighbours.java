package craftmap.core.lay.rule;

import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Points kept in square cells, to find the nearest one without looking at all. */
final class Neighbours {
  private final double cellMm;
  private final Map<Long, List<Point>> cells = new HashMap<>();

  Neighbours(double cellMm) {
    this.cellMm = cellMm;
  }

  void add(Point p) {
    cells.computeIfAbsent(key(cell(p.xMm()), cell(p.yMm())), k -> new ArrayList<>()).add(p);
  }

  /** The distance to the nearest point; {@code most} where none is nearer than that. */
  double nearestMm(Point p, double most) {
    double nearest = most;
    long x = cell(p.xMm());
    long y = cell(p.yMm());
    for (long ring = 0; (ring - 1) * cellMm < nearest && ring <= cells.size(); ring++) {
      for (long dx = -ring; dx <= ring; dx++) {
        for (long dy = -ring; dy <= ring; dy++) {
          if (Math.max(Math.abs(dx), Math.abs(dy)) == ring) {
            for (Point other : cells.getOrDefault(key(x + dx, y + dy), List.of())) {
              nearest = Math.min(nearest, p.distanceMm(other));
            }
          }
        }
      }
    }
    return nearest;
  }

  private long cell(double mm) {
    return (long) Math.floor(mm / cellMm);
  }

  private static long key(long x, long y) {
    return (x << 32) ^ (y & 0xffffffffL);
  }
}
