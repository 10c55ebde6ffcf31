package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * No schedule ends sooner than all hands together have time for: if everything is to end by a
 * minute, each step has a first and a last minute; and whatever has to be done between two minutes
 * must not be more than the hours that are worked between them. That is asked for every two such
 * minutes, and the first end at which it is never too much is looked for by halving. Tearing steps
 * apart would be allowed by it, so that it may lie below what is possible, never above.
 */
final class HandsBound {
  private final Problem problem;
  private final Bounds bounds;

  /** Minutes that are worked until a minute, by all hands together. */
  private final int[] worked;

  private final Deadlines deadlines;

  HandsBound(Problem problem, Bounds bounds) {
    this.problem = problem;
    this.bounds = bounds;
    this.worked = new int[problem.minutes() + 2];
    for (int p = 0; p < problem.people(); p++) {
      for (Openings.Opening o : problem.openings(p).all()) {
        for (int m = Math.max(o.from(), problem.notBefore()); m < o.to(); m++) {
          worked[m + 1]++;
        }
      }
    }
    for (int m = 1; m < worked.length; m++) {
      worked[m] += worked[m - 1];
    }
    this.deadlines = new Deadlines(problem);
  }

  /**
   * The first minute by which it is not too much.
   *
   * @param known a minute by which it can be done
   */
  int finish(int known) {
    int low = bounds.finish();
    int high = Math.max(low, known);
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (goes(middle)) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }

  private record Due(int step, int by) {}

  private boolean goes(int finish) {
    int[] by = deadlines.ends(finish);
    List<Due> due = new ArrayList<>();
    for (int step = 0; step < by.length; step++) {
      if (problem.isDone(step)) {
        continue;
      }
      if (by[step] < bounds.earliest(step) + problem.duration(step)) {
        return false;
      }
      due.add(new Due(step, by[step]));
    }
    due.sort(Comparator.comparingInt(Due::by));
    List<Integer> begins =
        due.stream().map(d -> bounds.earliest(d.step())).distinct().sorted().toList();
    for (int from : begins) {
      int work = 0;
      for (Due d : due) {
        if (bounds.earliest(d.step()) >= from) {
          work += problem.duration(d.step());
          if (work > worked[Math.min(d.by(), problem.minutes())] - worked[from]) {
            return false;
          }
        }
      }
    }
    return true;
  }
}
