package craftmap.core.order.schedule;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;

/**
 * Puts down one step after the other, by priority. From the longest chain first it goes on by
 * shifting priorities and by filling hours to their last minute, and keeps what is no worse. It
 * proves what the longest chain, and the hours of all hands together, do.
 */
public final class ListScheduler implements Scheduler {
  /** For so many rounds one try at fewer changes. */
  private static final int ROUNDS_FOR_A_TRY = 5;

  /**
   * Priorities alone are tried in one of so many rounds; in the others hours are filled by them.
   */
  private static final int ROUNDS_FOR_ONE_WITHOUT_FILLING = 4;

  /** Filling begins so many minutes before the end of a stretch, or up to so many more. */
  private static final int LEAST_AHEAD = 60;

  private static final int FURTHER_AHEAD = 100;

  /** So many steps are what the rounds are told for; of twice as many, a round takes four times. */
  private static final int USUAL_STEPS = 60;

  private final int most;
  private final long seed;

  /**
   * @param rounds how often priorities are shifted, for sixty steps; a quarter of it for twice as
   *     many
   */
  public ListScheduler(int rounds, long seed) {
    this.most = rounds;
    this.seed = seed;
  }

  /** The longest chain first, once. */
  public static ListScheduler longestChainFirst() {
    return new ListScheduler(0, 0);
  }

  @Override
  public Optional<Schedule> schedule(Problem problem) {
    return search(problem).map(s -> settled(problem, s));
  }

  /** The same finish on as few days, with few changes and little that is otherwise than told. */
  Schedule settled(Problem problem, Schedule schedule) {
    Schedule settled = Settling.fewerChanges(problem, schedule, most / ROUNDS_FOR_A_TRY, seed);
    return problem.isPlannedAnew()
        ? Settling.nearerToWhatWasTold(problem, settled, most / ROUNDS_FOR_A_TRY, seed)
        : settled;
  }

  /** The best it finds by its end and its visits. */
  Optional<Schedule> search(Problem problem) {
    int n = problem.size();
    Bounds bounds = new Bounds(problem);
    int least = bounds.finish();
    double[] tails = tails(problem);
    Times best = ByPriority.put(problem, tails).orElse(null);
    if (problem.isPlannedAnew()) {
      Times asTold = ByPriority.put(problem, Settling.asTold(problem)).orElse(null);
      boolean isBetter =
          best != null
              && asTold != null
              && Merit.of(problem, asTold).isBetterThan(Merit.of(problem, best));
      best = best == null || isBetter ? asTold : best;
    }
    Merit merit = best == null ? null : Merit.of(problem, best);
    if (best != null) {
      least = new HandsBound(problem, bounds).finish(merit.finish());
    }
    double usual = Math.min(1, USUAL_STEPS / (double) Math.max(1, n));
    int rounds = (int) (most * usual * usual);
    Random random = new Random(seed);
    double[] kept = tails;
    double[] keptFilling = tails;
    for (int r = 0; r < rounds && !(best != null && merit.finish() <= least); r++) {
      boolean fills = r % ROUNDS_FOR_ONE_WITHOUT_FILLING != 0;
      // far from where it stands at first, and now and then; else a few steps are shifted
      boolean anew = fills ? r % 3 == 0 : r < rounds / 4 || r % 10 == 0;
      double[] keys = anew ? tails : fills ? keptFilling : kept;
      keys = anew ? shifted(keys, random) : shiftedHereAndThere(keys, random);
      double[] order =
          fills ? Filling.order(problem, keys, LEAST_AHEAD + random.nextInt(FURTHER_AHEAD)) : keys;
      Optional<Times> other =
          best == null ? ByPriority.put(problem, order) : ByPriority.better(problem, order, merit);
      if (other.isEmpty()) {
        continue;
      }
      Merit found = Merit.of(problem, other.get());
      // what ends as soon is gone on from: it may lead where the best does not
      if (best == null || found.finish() <= merit.finish()) {
        keptFilling = fills ? keys : keptFilling;
        kept = fills ? kept : keys;
      }
      if (best == null || found.isBetterThan(merit)) {
        best = other.get();
        merit = found;
      }
    }
    if (best == null) {
      return Optional.empty();
    }
    // of a first that was found late, the hands have not been asked yet
    int hands = Math.max(least, new HandsBound(problem, bounds).finish(merit.finish()));
    return Optional.of(best.schedule(problem, hands));
  }

  private static double[] shifted(double[] keys, Random random) {
    double[] shifted = keys.clone();
    for (int i = 0; i < shifted.length; i++) {
      shifted[i] *= 1 + (0.02 + 0.5 * random.nextDouble()) * random.nextGaussian();
    }
    return shifted;
  }

  private static double[] shiftedHereAndThere(double[] keys, Random random) {
    double[] shifted = keys.clone();
    int steps = 1 + random.nextInt(Math.max(1, keys.length / 8));
    for (int k = 0; k < steps; k++) {
      shifted[random.nextInt(keys.length)] *= 1 + 0.4 * random.nextGaussian();
    }
    return shifted;
  }

  /** As it would be by hand, for ours to be set against: in the order of the plan. */
  static Optional<Schedule> inTheOrderOfThePlan(Problem problem) {
    double[] keys = new double[problem.size()];
    for (int i = 0; i < keys.length; i++) {
      keys[i] = -i;
    }
    return ByPriority.put(problem, keys, new Bounds(problem).finish());
  }

  /** What comes after each step at least, with itself: work and waiting. */
  private static double[] tails(Problem problem) {
    double[] tails = new double[problem.size()];
    Arrays.fill(tails, -1);
    for (int i = 0; i < tails.length; i++) {
      tail(problem, i, tails);
    }
    return tails;
  }

  private static double tail(Problem problem, int step, double[] tails) {
    if (tails[step] < 0) {
      double longest = 0;
      for (Problem.Follow f : problem.after(step)) {
        double wait = f.atLeast().map(d -> d.label().toSeconds() / 60.0).orElse(0.0);
        longest = Math.max(longest, wait + tail(problem, f.to(), tails));
      }
      tails[step] = problem.duration(step) + longest;
    }
    return tails[step];
  }
}
