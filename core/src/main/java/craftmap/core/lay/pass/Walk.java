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
    int n = places.size();
    int[] left = places.stream().mapToInt(k -> k).toArray();
    double[] x = new double[n];
    double[] y = new double[n];
    for (int i = 0; i < n; i++) {
      Point p = at.apply(left[i]);
      x[i] = p.xMm();
      y[i] = p.yMm();
    }
    List<Integer> walk = new ArrayList<>(n);
    double hereX = 0;
    double hereY = 0;
    for (int rest = n; rest > 0; rest--) {
      int next = 0;
      double nearest = Double.POSITIVE_INFINITY;
      for (int i = 0; i < rest; i++) {
        double dx = x[i] - hereX;
        double dy = y[i] - hereY;
        double far = rest == n ? x[i] + y[i] : dx * dx + dy * dy;
        if (far < nearest - WORTH_MM) {
          nearest = far;
          next = i;
        }
      }
      walk.add(left[next]);
      hereX = x[next];
      hereY = y[next];
      // the others keep their order, so that of equal ways the earlier one is taken
      System.arraycopy(left, next + 1, left, next, rest - next - 1);
      System.arraycopy(x, next + 1, x, next, rest - next - 1);
      System.arraycopy(y, next + 1, y, next, rest - next - 1);
    }
    return n <= MOST_TO_SHORTEN ? shortened(walk, at) : walk;
  }

  private static List<Integer> shortened(List<Integer> walk, IntFunction<Point> at) {
    Point[] p = walk.stream().map(at::apply).toArray(Point[]::new);
    Integer[] order = walk.toArray(Integer[]::new);
    boolean shorter = true;
    while (shorter) {
      shorter = false;
      for (int i = 0; i < p.length - 2; i++) {
        double step = distance(p[i], p[i + 1]);
        for (int k = i + 2; k < p.length; k++) {
          double across = distance(p[i], p[k]);
          // a way that is turned round is shorter only where one of its two new steps is
          if (across >= step && k + 1 < p.length && !isNearer(p, i, k)) {
            continue;
          }
          double now = step + after(p, k, p[k]);
          double turned = across + after(p, k, p[i + 1]);
          if (turned < now - WORTH_MM) {
            turn(p, i + 1, k);
            turn(order, i + 1, k);
            step = distance(p[i], p[i + 1]);
            shorter = true;
          }
        }
      }
    }
    return List.of(order);
  }

  private static boolean isNearer(Point[] p, int i, int k) {
    return squared(p[i + 1], p[k + 1]) < squared(p[k], p[k + 1]);
  }

  private static double after(Point[] p, int k, Point from) {
    return k + 1 < p.length ? distance(from, p[k + 1]) : 0;
  }

  /** Of places on a face, whose squares are far from what a number holds. */
  private static double distance(Point a, Point b) {
    return Math.sqrt(squared(a, b));
  }

  private static double squared(Point a, Point b) {
    double dx = a.xMm() - b.xMm();
    double dy = a.yMm() - b.yMm();
    return dx * dx + dy * dy;
  }

  private static <T> void turn(T[] of, int from, int to) {
    for (int i = from, k = to; i < k; i++, k--) {
      T swapped = of[i];
      of[i] = of[k];
      of[k] = swapped;
    }
  }
}
