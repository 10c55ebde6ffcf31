package craftmap.core.lay.pass;

import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * A short way through places: always on to the nearest one not yet visited, from the one furthest
 * to the top left; then stretches of the way are turned round as long as that makes it shorter.
 */
public final class Walk {
  /** Longer walks are left as they come: the gain is small and the work grows with the square. */
  private static final int MOST_TO_SHORTEN = 220;

  private static final double WORTH_MM = 1e-6;

  private Walk() {}

  static List<Integer> through(List<Integer> places, IntFunction<Point> at) {
    List<Integer> left = new ArrayList<>(places);
    List<Integer> walk = new ArrayList<>(places.size());
    Point here = null;
    while (!left.isEmpty()) {
      int next = 0;
      double nearest = Double.POSITIVE_INFINITY;
      for (int i = 0; i < left.size(); i++) {
        Point p = at.apply(left.get(i));
        double far = here == null ? p.xMm() + p.yMm() : here.distanceMm(p);
        if (far < nearest - WORTH_MM) {
          nearest = far;
          next = i;
        }
      }
      int place = left.remove(next);
      walk.add(place);
      here = at.apply(place);
    }
    return walk.size() <= MOST_TO_SHORTEN ? shortened(walk, at) : walk;
  }

  private static List<Integer> shortened(List<Integer> walk, IntFunction<Point> at) {
    Point[] p = walk.stream().map(at::apply).toArray(Point[]::new);
    Integer[] order = walk.toArray(Integer[]::new);
    boolean shorter = true;
    while (shorter) {
      shorter = false;
      for (int i = 0; i < p.length - 2; i++) {
        for (int k = i + 2; k < p.length; k++) {
          double now = p[i].distanceMm(p[i + 1]) + after(p, k, p[k]);
          double turned = p[i].distanceMm(p[k]) + after(p, k, p[i + 1]);
          if (turned < now - WORTH_MM) {
            turn(p, i + 1, k);
            turn(order, i + 1, k);
            shorter = true;
          }
        }
      }
    }
    return List.of(order);
  }

  private static double after(Point[] p, int k, Point from) {
    return k + 1 < p.length ? from.distanceMm(p[k + 1]) : 0;
  }

  private static <T> void turn(T[] of, int from, int to) {
    for (int i = from, k = to; i < k; i++, k--) {
      T swapped = of[i];
      of[i] = of[k];
      of[k] = swapped;
    }
  }
}
