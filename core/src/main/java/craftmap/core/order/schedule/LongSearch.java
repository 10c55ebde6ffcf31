package craftmap.core.order.schedule;

import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import craftmap.core.solver.Solvers;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.DoublePredicate;

/**
 * Looks on for a better schedule of many steps, for as long as it is let. In each round some steps
 * that stand near each other, or are of one piece, may go anywhere, and all others keep the order
 * in which whoever does them does them; a constraint solver puts them together anew. In between,
 * priorities are shifted as the list does. Rounds are counted and seeded, so that as many of them
 * come to the same on any machine.
 */
public final class LongSearch {
  private static final double WORK_OF_A_ROUND = 0.12;
  private static final int FREE = 26;
  private static final int TRIES_FOR_FEWER_CHANGES = 60;

  private final Problem problem;
  private final Bounds bounds;
  private final Random dice;
  private Schedule best;

  private LongSearch(Problem problem, Schedule known, long seed) {
    this.problem = problem;
    this.bounds = new Bounds(problem);
    this.dice = new Random(seed);
    this.best = known;
  }

  /**
   * The best that is found.
   *
   * @param known what is to be bettered
   * @param rounds how often it is put together anew
   * @param seed another one looks elsewhere
   * @param goesOn told what share is done; ends the search where it says no
   */
  public static Schedule better(
      Problem problem, Schedule known, int rounds, long seed, DoublePredicate goesOn) {
    LongSearch search = new LongSearch(problem, known, seed);
    int least = known.least();
    for (int r = 0; r < rounds; r++) {
      if (!goesOn.test((double) r / rounds)) {
        break;
      }
      if (search.best.finish() > least) {
        search.round(least);
      }
      search.best = Settling.fewerChanges(problem, search.best, TRIES_FOR_FEWER_CHANGES, r);
    }
    return new Schedule(search.best.steps(), least);
  }

  private void round(int least) {
    if (!Solvers.areThere()) {
      new ListScheduler(30, dice.nextLong()).schedule(problem).ifPresent(this::take);
      return;
    }
    OrderModel model = new OrderModel(problem, bounds, best);
    model.keepOrder(best, free());
    IntVar finish = model.finish(least);
    model.hint(best);
    model.cp().addHint(finish, best.finish());
    model.cp().minimize(LinearExpr.term(finish, 1));
    CpSolver solver = Solvers.solver(dice.nextInt(1 << 20), WORK_OF_A_ROUND);
    CpSolverStatus status = Solvers.solve(solver, model.cp());
    if (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE) {
      Schedule found = model.schedule(solver);
      take(found);
      Settling.earlier(problem, found).ifPresent(this::take);
    }
  }

  /** Steps about a moment, or of one piece about it: late ones more often, they hold the end up. */
  private Set<Integer> free() {
    List<Placed> steps = best.steps();
    int middle = (int) (steps.size() * Math.sqrt(dice.nextDouble()));
    Placed about = steps.get(Math.min(middle, steps.size() - 1));
    boolean ofOnePiece = dice.nextInt(3) == 0;
    String piece = problem.step(about.stepId()).pieceId();
    List<String> near =
        steps.stream()
            .filter(s -> !ofOnePiece || problem.step(s.stepId()).pieceId().equals(piece))
            .sorted(
                java.util.Comparator.comparingInt((Placed s) -> Math.abs(s.from() - about.from()))
                    .thenComparing(Placed::stepId))
            .limit(FREE)
            .map(Placed::stepId)
            .toList();
    Set<Integer> free = new HashSet<>();
    for (int i = 0; i < problem.size(); i++) {
      if (near.contains(problem.work().steps().get(i).id())) {
        free.add(i);
      }
    }
    return free;
  }

  private void take(Schedule other) {
    if (other.isBetterThan(best, problem)) {
      best = other;
    }
  }
}
