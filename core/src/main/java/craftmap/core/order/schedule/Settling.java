package craftmap.core.order.schedule;

import java.util.Arrays;
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
    Kept kept = new Kept(problem, schedule);
    int tries = most * USUAL_STEPS / Math.max(USUAL_STEPS, n);
    for (int t = 0; t < tries && n > 1; t++) {
      int moved = random.nextInt(n);
      int alike = problem.kits().others(moved);
      if (problem.isDone(moved) || alike == 0) {
        continue;
      }
      // right after another, or right before it
      double[] keys = kept.keys.clone();
      int to = problem.kits().other(moved, random.nextInt(alike));
      keys[moved] = keys[to] + (random.nextBoolean() ? 0.5 : -0.5);
      kept.tryOut(keys);
    }
    return kept.schedule();
  }

  /** The same with less that is otherwise than it was told: step after step is put back. */
  static Schedule nearerToWhatWasTold(Problem problem, Schedule schedule, int most, long seed) {
    Random random = new Random(seed);
    double[] told = asTold(problem);
    Kept kept = new Kept(problem, schedule);
    for (int t = 0; t < most && kept.merit.offWhatWasTold() > 0; t++) {
      double[] keys = kept.keys.clone();
      // one, or a few that follow each other
      int first = random.nextInt(keys.length);
      int steps = 1 + random.nextInt(4);
      for (int k = 0; k < steps; k++) {
        int i = (first + k) % keys.length;
        keys[i] = told[i];
      }
      kept.tryOut(keys);
    }
    return kept.schedule();
  }

  /** The best so far. */
  private static final class Kept {
    private final Problem problem;
    private final int least;
    private Times times;
    private Merit merit;
    private double[] keys;

    Kept(Problem problem, Schedule schedule) {
      this.problem = problem;
      this.least = schedule.least();
      keep(Times.of(problem, schedule));
    }

    private void keep(Times better) {
      times = better;
      merit = Merit.of(problem, better);
      keys = better.keys();
    }

    void tryOut(double[] other) {
      ByPriority.better(problem, other, merit)
          .filter(found -> Merit.of(problem, found).isBetterThan(merit))
          .ifPresent(this::keep);
    }

    Schedule schedule() {
      return times.schedule(problem, least);
    }
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

  /** Everything in the order in which it stands, each as early as it goes then. */
  static Optional<Schedule> earlier(Problem problem, Schedule schedule) {
    return ByPriority.put(problem, Times.of(problem, schedule).keys(), schedule.least());
  }
}
