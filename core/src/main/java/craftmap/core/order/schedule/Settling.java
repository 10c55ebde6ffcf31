package craftmap.core.order.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Makes of a schedule one that is as good by its end and visits, and better to live with. */
final class Settling {
  /** So many steps are what tries are told for; of more, a try takes longer. */
  private static final int USUAL_STEPS = 60;

  private Settling() {}

  /**
   * The same with fewer changes of tool and colour where that ends no later: step after step is
   * moved to where the same is done, and stays there if it is better.
   */
  static Schedule fewerChanges(Problem problem, Schedule schedule, int most, long seed) {
    int n = problem.size();
    Random random = new Random(seed);
    Schedule best = schedule;
    int tries = most * USUAL_STEPS / Math.max(USUAL_STEPS, n);
    for (int t = 0; t < tries && n > 1; t++) {
      double[] keys = keys(problem, best);
      int moved = random.nextInt(n);
      List<Integer> alike = new ArrayList<>();
      String kit = problem.work().steps().get(moved).kit();
      for (int i = 0; i < n; i++) {
        if (i != moved && problem.work().steps().get(i).kit().equals(kit)) {
          alike.add(i);
        }
      }
      if (problem.isDone(moved) || alike.isEmpty()) {
        continue;
      }
      // right after another, or right before it
      int to = alike.get(random.nextInt(alike.size()));
      keys[moved] = keys[to] + (random.nextBoolean() ? 0.5 : -0.5);
      Optional<Schedule> other = ByPriority.better(problem, keys, best);
      if (other.isPresent() && other.get().isBetterThan(best, problem)) {
        best = other.get();
      }
    }
    return best;
  }

  /** The same with less that is otherwise than it was told: step after step is put back. */
  static Schedule nearerToWhatWasTold(Problem problem, Schedule schedule, int most, long seed) {
    Random random = new Random(seed);
    double[] told = asTold(problem);
    Schedule best = schedule;
    for (int t = 0; t < most && best.offWhatWasTold(problem) > 0; t++) {
      double[] keys = keys(problem, best);
      // one, or a few that follow each other
      int first = random.nextInt(keys.length);
      int steps = 1 + random.nextInt(4);
      for (int k = 0; k < steps; k++) {
        int i = (first + k) % keys.length;
        keys[i] = told[i];
      }
      Optional<Schedule> other = ByPriority.better(problem, keys, best);
      if (other.isPresent() && other.get().isBetterThan(best, problem)) {
        best = other.get();
      }
    }
    return best;
  }

  /**
   * Priorities that stand for the order in which it was told; what is new is done with its next.
   */
  static double[] asTold(Problem problem) {
    double[] keys = new double[problem.size()];
    Arrays.fill(keys, Double.NaN);
    for (int i = 0; i < keys.length; i++) {
      asTold(problem, i, keys);
    }
    return keys;
  }

  private static double asTold(Problem problem, int step, double[] keys) {
    if (Double.isNaN(keys[step])) {
      double next = -problem.minutes();
      for (Problem.Follow f : problem.after(step)) {
        next = Math.max(next, asTold(problem, f.to(), keys));
      }
      keys[step] = problem.told(step).isPresent() ? -problem.told(step).getAsInt() : next;
    }
    return keys[step];
  }

  /** Priorities that stand for the order in which everything is begun. */
  private static double[] keys(Problem problem, Schedule schedule) {
    double[] keys = new double[problem.size()];
    Map<String, Integer> begins = new HashMap<>();
    schedule.steps().forEach(p -> begins.put(p.stepId(), p.from()));
    for (int i = 0; i < keys.length; i++) {
      keys[i] = -begins.get(problem.work().steps().get(i).id());
    }
    return keys;
  }

  /** Everything in the order in which it stands, each as early as it goes then. */
  static Optional<Schedule> earlier(Problem problem, Schedule schedule) {
    return ByPriority.put(problem, keys(problem, schedule), schedule.least());
  }
}
