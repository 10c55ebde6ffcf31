package craftmap.server.growth;

import java.util.ArrayList;
import java.util.List;

/**
 * What one question took as the number of something grew.
 *
 * @param name of the question, or of what is kept
 * @param points with growing numbers
 */
record Growing(String name, List<Point> points) {
  /** At the smallest sizes what does not grow at all is most of it. */
  private static final int STEPS_FROM_THE_END = 2;

  /**
   * What it took at one number of things.
   *
   * @param n how many there were
   * @param took milliseconds or megabytes
   */
  record Point(int n, double took) {}

  Growing(String name) {
    this(name, new ArrayList<>());
  }

  void add(int n, double took) {
    points.add(new Point(n, took));
  }

  Point last() {
    return points.getLast();
  }

  /**
   * The power of n that it grows with over the last steps: 0 does not grow, 1 grows as the number
   * does; n log n is a little above 1, see {@link #powerOfNLogN}.
   */
  double power() {
    Point from = begin();
    return Math.log(last().took() / from.took()) / Math.log((double) last().n() / from.n());
  }

  /** The power over the same steps of what grows as n log n. */
  double powerOfNLogN() {
    Point from = begin();
    double times = (double) last().n() / from.n() * Math.log(last().n()) / Math.log(from.n());
    return Math.log(times) / Math.log((double) last().n() / from.n());
  }

  /** Where the last steps begin. */
  Point begin() {
    return points.get(Math.max(0, points.size() - 1 - STEPS_FROM_THE_END));
  }
}
