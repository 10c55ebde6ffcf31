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
  /** An odd number whose bits look like chance: what is multiplied by it stays apart. */
  private static final long SPREADING = 0x9E3779B97F4A7C15L;

  private static final long[] AROUND = {0, -1, 1};

  private final double cellMm;
  private final Map<Long, List<Placement>> cells = new HashMap<>();

  public Neighbours(double cellMm) {
    this.cellMm = cellMm;
  }

  public void add(Placement placed) {
    Point p = placed.centre();
    cells.computeIfAbsent(key(cell(p.xMm()), cell(p.yMm())), k -> new ArrayList<>()).add(placed);
  }

  /**
   * The distance to the nearest middle; {@code most} where none is nearer than that. Looked for no
   * more cells away than there are cells with anything in them: of the first few of a scatter, all
   * that lie farther are as lonely, and saved scatters were thrown by that.
   */
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
    return anyNearer(p, cellMm, like);
  }

  /** Whether any middle is nearer than that, which is no more than a cell is wide. */
  public boolean anyNearer(Point p, double mm) {
    return anyNearer(p, Math.min(mm, cellMm), other -> true);
  }

  private boolean anyNearer(Point p, double mm, Predicate<Placement> like) {
    long x = cell(p.xMm());
    long y = cell(p.yMm());
    // the cell itself first: what is in it is the likeliest
    for (long dx : AROUND) {
      for (long dy : AROUND) {
        for (Placement other : cells.getOrDefault(key(x + dx, y + dy), List.of())) {
          if (p.distanceMm(other.centre()) < mm && like.test(other)) {
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

  /** Another for each cell, and spread: cells side by side differ in a few low bits only. */
  private static long key(long x, long y) {
    return ((x << 32) ^ (y & 0xffffffffL)) * SPREADING;
  }
}
