package craftmap.core.order.schedule;

import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import craftmap.core.solver.Solvers;
import java.util.Set;

/**
 * How soon all can be done, as far as a solver may look. Whether it can be done by a minute is
 * answered in a fraction of the work that the soonest of all minutes takes: so it is asked first
 * whether the least that is known can be kept, and where it cannot, what the least is instead. With
 * one pair of hands that settles nearly all; of more, the bound is seldom met, and the best that
 * can be found is looked for from the best that is known.
 */
final class Soonest {
  private static final long SEED = 1;

  /** What one pair of hands can do by the least is found with less than this, nearly always. */
  private static final double TO_TRY_THE_LEAST = 0.15;

  /** With more hands the least is seldom met: most of the work is kept for what comes near it. */
  private static final double SHARE_TO_TRY_THE_LEAST = 0.25;

  /** What cannot be done in time is seen at once, or takes long. */
  private static final double TO_SEE_IT_AT_ONCE = 0.02;

  /** With one pair of hands what is open after the first try is worth so many times as much. */
  private static final double MORE_FOR_ONE_PAIR_OF_HANDS = 2.5;

  /** With less than this a solver comes to nothing. */
  private static final double TOO_LITTLE = 0.01;

  private final Problem problem;
  private final Bounds bounds;
  private final double work;
  private double left;
  private Schedule best;
  private int least;

  /**
   * @param best what is known
   * @param least what is known to be the least
   * @param work how much may be done
   */
  Soonest(Problem problem, Bounds bounds, Schedule best, int least, double work) {
    this.problem = problem;
    this.bounds = bounds;
    this.best = best;
    this.least = least;
    this.work = work;
    this.left = work;
  }

  /** The best that was found, with what is proven to be the least. */
  Schedule look() {
    if (isOpen()) {
      tryTheLeast();
    }
    if (isOpen() && problem.people() == 1 && work >= TO_TRY_THE_LEAST) {
      double kept = left;
      left = work * MORE_FOR_ONE_PAIR_OF_HANDS;
      settle();
      left = kept;
    }
    if (isOpen()) {
      lookOnFromTheBest();
    }
    return new Schedule(best.steps(), least);
  }

  private boolean isOpen() {
    return least < best.finish() && left > TOO_LITTLE;
  }

  private void tryTheLeast() {
    double most = problem.people() == 1 ? TO_TRY_THE_LEAST : work * SHARE_TO_TRY_THE_LEAST;
    if (canAllBeDoneBy(least, false, most) == CpSolverStatus.INFEASIBLE) {
      int end = best.finish();
      while (least < end && isOpen()) {
        int middle = (least + end) >>> 1;
        boolean isSettled =
            canAllBeDoneBy(middle, false, TO_SEE_IT_AT_ONCE) == CpSolverStatus.INFEASIBLE;
        end = isSettled ? end : middle;
      }
    }
  }

  /** Asks in all ways for as long as there are answers. */
  private void settle() {
    int by = least;
    CpSolverStatus answer = canAllBeDoneBy(by, true, left);
    while (answer != CpSolverStatus.UNKNOWN && isOpen()) {
      // where the least cannot be kept, what is known is likely to be the soonest
      by = answer == CpSolverStatus.INFEASIBLE ? best.finish() - 1 : (least + best.finish()) >>> 1;
      answer = canAllBeDoneBy(by, true, left);
    }
  }

  private CpSolverStatus canAllBeDoneBy(int by, boolean inManyWays, double work) {
    OrderModel model = new OrderModel(problem, bounds, by, Set.copyOf(best.moved(problem)));
    CpSolverStatus answer = CpSolverStatus.INFEASIBLE;
    if (model.isPossible()) {
      double most = Math.min(left, work);
      CpSolver solver = inManyWays ? Solvers.ofManyWays(SEED, most) : Solvers.solver(SEED, most);
      answer = solver.solve(model.cp());
      left -= solver.response().getDeterministicTime();
      if (answer == CpSolverStatus.OPTIMAL || answer == CpSolverStatus.FEASIBLE) {
        take(model.schedule(solver));
      }
    }
    if (answer == CpSolverStatus.INFEASIBLE) {
      least = by + 1;
    }
    return answer;
  }

  private void lookOnFromTheBest() {
    OrderModel model = new OrderModel(problem, bounds, best);
    IntVar finish = model.finish(least);
    model.hint(best);
    model.cp().addHint(finish, best.finish());
    model.cp().minimize(finish);
    CpSolver solver = Solvers.ofManyWays(SEED, left);
    CpSolverStatus answer = solver.solve(model.cp());
    if (answer == CpSolverStatus.OPTIMAL || answer == CpSolverStatus.FEASIBLE) {
      take(model.schedule(solver));
      least = Math.max(least, (int) Math.ceil(solver.bestObjectiveBound() - 1e-6));
    }
  }

  private void take(Schedule other) {
    if (other.isBetterThan(best, problem)) {
      best = other;
    }
  }
}
