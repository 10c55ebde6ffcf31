package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import java.util.Arrays;

/**
 * When each step can begin at the earliest, had every step hands of its own: drying alone, and the
 * hours in which somebody is there.
 */
final class Bounds {
  private final Problem problem;
  private final int[] earliest;

  Bounds(Problem problem) {
    this.problem = problem;
    this.earliest = new int[problem.size()];
    Arrays.fill(earliest, -1);
    for (int i = 0; i < earliest.length; i++) {
      earliest(i);
    }
  }

  int earliest(int step) {
    if (problem.isDone(step)) {
      return problem.earliest(step, 0, 0);
    }
    if (earliest[step] < 0) {
      int ready = 0;
      for (Problem.Follow f : problem.before(step)) {
        ready = Math.max(ready, problem.ready(f, earliest(f.from()) + problem.duration(f.from())));
      }
      earliest[step] = Math.min(Openings.NEVER, problem.earliest(step, ready));
    }
    return earliest[step];
  }

  /** No schedule ends sooner. */
  int finish() {
    int finish = 0;
    for (int i = 0; i < earliest.length; i++) {
      finish = Math.max(finish, earliest(i) + problem.duration(i));
    }
    return finish;
  }
}
