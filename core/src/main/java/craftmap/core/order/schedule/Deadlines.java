package craftmap.core.order.schedule;

import java.util.ArrayList;
import java.util.List;

/**
 * By when each step has to have ended if all is to end by a minute, had every step hands of its
 * own: what follows it, how long that has to wait for it, and the hours in which somebody is there.
 */
final class Deadlines {
  private final Problem problem;

  /** What follows stands before what it follows. */
  private final int[] order;

  Deadlines(Problem problem) {
    this.problem = problem;
    List<Integer> all = new ArrayList<>();
    boolean[] seen = new boolean[problem.size()];
    for (int i = 0; i < problem.size(); i++) {
      visit(i, seen, all);
    }
    this.order = all.stream().mapToInt(i -> i).toArray();
  }

  private void visit(int step, boolean[] seen, List<Integer> all) {
    if (!seen[step]) {
      seen[step] = true;
      problem.after(step).forEach(f -> visit(f.to(), seen, all));
      all.add(step);
    }
  }

  /**
   * For each step, its last end; before the beginning of time where there is none. What is done is
   * bound by nothing.
   */
  int[] ends(int finish) {
    int[] ends = new int[order.length];
    for (int step : order) {
      ends[step] = end(step, finish, ends);
    }
    return ends;
  }

  private int end(int step, int finish, int[] ends) {
    if (problem.isDone(step)) {
      return finish;
    }
    int end = finish;
    for (Problem.Follow f : problem.after(step)) {
      int next = problem.latest(f.to(), ends[f.to()]);
      int most = Math.max(0, Math.min(end, next));
      end = Math.min(end, lastEnd(problem, f, 0, most, next));
    }
    return problem.latest(step, end) + problem.duration(step);
  }

  /**
   * The last end after which what follows may still begin by a minute.
   *
   * @param first is taken to be soon enough
   * @param last none that is later is asked about
   * @param by when what follows has to begin
   */
  static int lastEnd(Problem problem, Problem.Follow follow, int first, int last, int by) {
    int low = first;
    int high = last;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (problem.ready(follow, middle) <= by) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    return low;
  }
}
