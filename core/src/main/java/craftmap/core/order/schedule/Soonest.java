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

  /**
   * Whether one pair of hands can do all by a minute is told with less than this, nearly always.
   */
  private static final double TO_TELL = 0.15;

  /** With more hands the least is seldom met: most of the work is kept for what comes near it. */
  private static final double SHARE_TO_TRY_THE_LEAST = 0.25;

  /** With more hands, what cannot be done in time is seen at once or not for long. */
  private static final double TO_SEE_IT_AT_ONCE = 0.02;

  /**
   * Of more steps than this reading a question takes long, and a list is answered at once anyway.
   */
  private static final int MOST_STEPS_TO_ASK_ABOUT = 120;

  /** With less than this a solver comes to nothing. */
  private static final double TOO_LITTLE = 0.01;

  private final Problem problem;
  private final Bounds bounds;
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
    this.left = work;
  }

  /** The best that was found, with what is proven to be the least. */
  Schedule look() {
    if (problem.size() <= MOST_STEPS_TO_ASK_ABOUT) {
      askByWhen();
      if (isOpen()) {
        // what is found without a relaxation is where all ways go on from
        lookOnFromTheBest(Solvers.withoutRelaxation(SEED, left / 2));
      }
    }
    if (isOpen()) {
      lookOnFromTheBest(Solvers.ofManyWays(SEED, left));
    }
    return new Schedule(best.steps(), least);
  }

  private boolean isOpen() {
    return least < best.finish() && left > TOO_LITTLE;
  }

  /** The least first, then halfway between it and what is not known to be possible. */
  private void askByWhen() {
    boolean isOnePairOfHands = problem.people() == 1;
    double most = isOnePairOfHands ? TO_TELL : left * SHARE_TO_TRY_THE_LEAST;
    int by = least;
    int end = best.finish();
    while (least < end && isOpen()) {
      CpSolverStatus answer = canAllBeDoneBy(by, Math.min(left, most));
      if (answer == CpSolverStatus.UNKNOWN) {
        end = by;
      } else if (answer != CpSolverStatus.INFEASIBLE) {
        end = best.finish();
      }
      by = (least + end) >>> 1;
      most = isOnePairOfHands ? TO_TELL : TO_SEE_IT_AT_ONCE;
    }
  }

  private CpSolverStatus canAllBeDoneBy(int by, double work) {
    OrderModel model = new OrderModel(problem, bounds, by, Set.copyOf(best.moved(problem)));
    CpSolverStatus answer = CpSolverStatus.INFEASIBLE;
    if (model.isPossible()) {
      answer = answer(model, Solvers.withoutRelaxation(SEED, work));
    }
    if (answer == CpSolverStatus.INFEASIBLE) {
      least = by + 1;
    }
    return answer;
  }

  private void lookOnFromTheBest(CpSolver solver) {
    OrderModel model = new OrderModel(problem, bounds, best);
    IntVar finish = model.finish(least);
    model.hint(best);
    model.cp().addHint(finish, best.finish());
    model.cp().minimize(finish);
    if (answer(model, solver) != CpSolverStatus.UNKNOWN) {
      least = Math.max(least, (int) Math.ceil(solver.bestObjectiveBound() - 1e-6));
    }
  }

  private CpSolverStatus answer(OrderModel model, CpSolver solver) {
    CpSolverStatus answer = Solvers.solve(solver, model.cp());
    left -= solver.response().getDeterministicTime();
    boolean isFound = answer == CpSolverStatus.OPTIMAL || answer == CpSolverStatus.FEASIBLE;
    if (isFound) {
      Schedule found = model.schedule(solver);
      best = found.isBetterThan(best, problem) ? found : best;
    }
    return isFound || answer == CpSolverStatus.INFEASIBLE ? answer : CpSolverStatus.UNKNOWN;
  }
}
