package craftmap.core.order.schedule;

/** Puts steps in the order of their priorities. */
final class Priorities {
  /** So few stand in order sooner by moving each to its place. */
  private static final int FEW = 8;

  private Priorities() {}

  /**
   * The numbers of all steps, the highest priority first; of those with the same the lower number.
   * Asked for with every order that is tried, so nothing is made but the answer and room for it.
   */
  static int[] highestFirst(double[] keys) {
    int[] steps = new int[keys.length];
    for (int i = 0; i < steps.length; i++) {
      steps[i] = i;
    }
    sort(steps.clone(), steps, 0, steps.length, keys);
    return steps;
  }

  /** Sorts a part of what both hold into the second. */
  private static void sort(int[] from, int[] into, int start, int end, double[] keys) {
    if (end - start <= FEW) {
      moveEach(into, start, end, keys);
      return;
    }
    int middle = (start + end) >>> 1;
    sort(into, from, start, middle, keys);
    sort(into, from, middle, end, keys);
    int one = start;
    int other = middle;
    for (int k = start; k < end; k++) {
      boolean takesOne = other == end || one < middle && keys[from[one]] >= keys[from[other]];
      into[k] = takesOne ? from[one++] : from[other++];
    }
  }

  private static void moveEach(int[] steps, int start, int end, double[] keys) {
    for (int k = start + 1; k < end; k++) {
      int step = steps[k];
      int at = k;
      while (at > start && keys[steps[at - 1]] < keys[step]) {
        steps[at] = steps[at - 1];
        at--;
      }
      steps[at] = step;
    }
  }
}
