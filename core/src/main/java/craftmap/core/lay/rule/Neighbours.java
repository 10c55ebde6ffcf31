package craftmap.core.lay.rule;

import craftmap.core.lay.Placement;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * Placed copies kept in square cells by their middles, to find the nearest without looking at all.
 */
public final class Neighbours {
  private final double cellMm;
  private final Map<Long, List<Placement>> cells = new HashMap<>();

  public Neighbours(double cellMm) {
    this.cellMm = cellMm;
  }

  public void add(Placement placed) {
    Point p = placed.centre();
    cells.computeIfAbsent(key(cell(p.xMm()), cell(p.yMm())), k -> new ArrayList<>()).add(placed);
  }

  /** The distance to the nearest middle; {@code most} where none is nearer than that. */
  public double nearestMm(Point p, double most) {
    double nearest = most;
    long x = cell(p.xMm());
    long y = cell(p.yMm());
    for (long ring = 0; (ring - 1) * cellMm < nearest && ring <= cells.size(); ring++) {
      for (long dx = -ring; dx <= ring; dx++) {
        for (long dy = -ring; dy <= ring; dy++) {
          if (Math.max(Math.abs(dx), Math.abs(dy)) == ring) {
            for (Placement other : cells.getOrDefault(key(x + dx, y + dy), List.of())) {
              nearest = Math.min(nearest, p.distanceMm(other.centre()));
            }
          }
        }
      }
    }
    return nearest;
  }

  /** Whether any whose middle is nearer than a cell is wide is like that. */
  public boolean anyNear(Point p, Predicate<Placement> like) {
    long x = cell(p.xMm());
    long y = cell(p.yMm());
    for (long dx = -1; dx <= 1; dx++) {
      for (long dy = -1; dy <= 1; dy++) {
        for (Placement other : cells.getOrDefault(key(x + dx, y + dy), List.of())) {
          if (p.distanceMm(other.centre()) < cellMm && like.test(other)) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private long cell(double mm) {
    return (long) Math.floor(mm / cellMm);
  }

  private static long key(long x, long y) {
    return (x << 32) ^ (y & 0xffffffffL);
  }
}
