package craftmap.core.order.schedule;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import craftmap.core.order.bench.Openings;
import craftmap.core.solver.Solvers;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Asks a constraint solver, which begins from the best schedule that was put together by list. It
 * works alone and for a measured amount of work, so that its answer is the same on any machine.
 */
public final class CpScheduler implements Scheduler {
  private static final long SEED = 1;

  /** So much later it may be ready for everything to begin when it was fixed. */
  private static final int LATER_AS_FIXED = 3 * 24 * 60;

  /**
   * Of so many steps, for all the work it might do, the solver gets to a search: of more, all of it
   * goes into reading what it is asked. Measured: of 60 steps it got nowhere with 0.06.
   */
  private static final int STEPS_IT_READS = 800;

  /** Where there may not be room for all that is wet, so many times as much is to be read. */
  private static final int AS_MUCH_WITH_ROOM = 2;

  private final ListScheduler start;
  private final double work;

  /**
   * @param work how much the solver may do, in its own measure: about as many seconds
   */
  public CpScheduler(ListScheduler start, double work) {
    this.start = start;
    this.work = work;
  }

  @Override
  public Optional<Schedule> schedule(Problem problem) {
    Optional<Schedule> found = start.search(problem);
    if (found.isEmpty() || problem.size() == 0) {
      return found;
    }
    if (!Solvers.areThere() || !mayGetAnywhere(problem)) {
      return found.map(s -> start.settled(problem, s));
    }
    return Optional.of(new Asking(problem, found.get()).best());
  }

  /** Whether the solver may do enough to come to a search: reading alone answers nothing. */
  boolean mayGetAnywhere(Problem problem) {
    int read = problem.size() * (problem.room().mayRunOut() ? AS_MUCH_WITH_ROOM : 1);
    return read <= work * STEPS_IT_READS;
  }

  /** One problem that is asked about. */
  private final class Asking {
    private final Problem problem;
    private final Bounds bounds;
    private final int start;
    private Schedule best;

    Asking(Problem problem, Schedule start) {
      this.problem = problem;
      this.start = start.least();
      this.bounds = new Bounds(problem);
      this.best = start;
    }

    Schedule best() {
      if (!best.moved(problem).isEmpty()) {
        asFixed();
      }
      int least = Math.max(start, best.least());
      if (best.finish() > least) {
        Schedule sooner = new Soonest(problem, bounds, best, least, work * 0.7).look();
        best = sooner;
        least = sooner.least();
        Settling.earlier(problem, best).ifPresent(this::take);
      }
      int visits = fewestVisits();
      if (best.visits(problem) > visits) {
        fewerVisits(visits);
        Settling.earlier(problem, best).ifPresent(this::take);
      }
      return new Schedule(CpScheduler.this.start.settled(problem, best).steps(), least);
    }

    /** Looks for one in which everything begins when the artist fixed it, be it ready later. */
    private void asFixed() {
      int by = best.finish();
      for (int step : problem.fixed()) {
        by = Math.max(by, problem.fixed(step).orElseThrow() + problem.duration(step));
      }
      by = Math.min(problem.minutes(), by + LATER_AS_FIXED);
      OrderModel model = new OrderModel(problem, bounds, by, Set.of());
      if (model.isPossible()) {
        CpSolver solver = Solvers.solver(SEED, work * 0.5);
        CpSolverStatus status = Solvers.solve(solver, model.cp());
        if (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE) {
          take(model.schedule(solver));
          Settling.earlier(problem, best).ifPresent(this::take);
        }
      }
    }

    /** On fewer days than this there are not enough hours by then, however they are spent. */
    private int fewestVisits() {
      Map<Integer, Integer> hours = new HashMap<>();
      for (int p = 0; p < problem.people(); p++) {
        for (Openings.Opening o : problem.openings(p).all()) {
          int from = Math.max(o.from(), problem.notBefore());
          int to = Math.min(o.to(), best.finish());
          if (from < to) {
            hours.merge(o.day(), to - from, Integer::sum);
          }
        }
      }
      int work = 0;
      for (int i = 0; i < problem.size(); i++) {
        work += problem.isDone(i) ? 0 : problem.duration(i);
      }
      int days = 0;
      for (int most : hours.values().stream().sorted(Comparator.reverseOrder()).toList()) {
        if (work <= 0) {
          break;
        }
        work -= most;
        days++;
      }
      return days;
    }

    /** Among those that end as soon, one of fewer days. */
    private void fewerVisits(int least) {
      OrderModel model = new OrderModel(problem, bounds, best);
      Map<Integer, BoolVar> days = model.days();
      LinearExprBuilder count = LinearExpr.newBuilder();
      days.values().forEach(count::add);
      model.cp().addLinearConstraint(count.build(), least, best.visits(problem));
      model.hint(best);
      model.cp().minimize(count.build());
      CpSolver solver = Solvers.solver(SEED, work * 0.3);
      CpSolverStatus status = Solvers.solve(solver, model.cp());
      if (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE) {
        take(model.schedule(solver));
      }
    }

    private void take(Schedule other) {
      if (other.isBetterThan(best, problem)) {
        best = other;
      }
    }
  }
}
