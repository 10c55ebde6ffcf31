package craftmap.core.solver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

class SolversTest {
  private static final int TOO_MANY = 3;

  @BeforeEach
  void thereAreSome() {
    assumeThat(Solvers.areThere()).isTrue();
  }

  /** The largest of what is below a bound and no multiple of three. */
  private static CpModel model(int below) {
    CpModel model = new CpModel();
    var x = model.newIntVar(0, below, "x");
    var third = model.newIntVar(0, below, "third");
    var rest = model.newIntVar(1, 2, "rest");
    model.addEquality(x, LinearExpr.weightedSum(new IntVar[] {third, rest}, new long[] {3, 1}));
    model.maximize(x);
    return model;
  }

  @Tag("thorough")
  @Test
  void theSameSeedAndWorkGiveTheSame() {
    for (int below : new int[] {7, 42, 1001}) {
      CpSolver once = Solvers.solver(7, 1);
      CpSolver again = Solvers.ofManyWays(7, 1);
      assertThat(Solvers.solve(once, model(below))).isEqualTo(CpSolverStatus.OPTIMAL);
      assertThat(Solvers.solve(again, model(below))).isEqualTo(CpSolverStatus.OPTIMAL);
      assertThat(once.objectiveValue())
          .isEqualTo(again.objectiveValue())
          .isEqualTo(below % 3 == 0 ? below - 1 : below);
    }
  }

  /**
   * However many people ask at once, the room that solvers take is bounded; all have their turn.
   */
  @Tag("thorough")
  @Test
  @Timeout(120)
  void noMoreWorkAtOnceThanThereAreTurns() throws Exception {
    CountDownLatch goOn = new CountDownLatch(1);
    Set<CpSolver> begun = ConcurrentHashMap.newKeySet();
    List<Future<CpSolverStatus>> answers = new ArrayList<>();
    try (ExecutorService people = Executors.newFixedThreadPool(Solvers.AT_ONCE + TOO_MANY)) {
      try {
        for (int i = 0; i < Solvers.AT_ONCE + TOO_MANY; i++) {
          CpSolver solver = Solvers.solver(i, 1);
          solver.getParameters().setLogSearchProgress(true).setLogToStdout(false);
          solver.setLogCallback(
              _ -> {
                begun.add(solver);
                waitFor(goOn);
              });
          answers.add(people.submit(() -> Solvers.solve(solver, model(100))));
        }
        while (Solvers.waiting() < TOO_MANY || begun.size() < Solvers.AT_ONCE) {
          Thread.onSpinWait();
        }
        assertThat(begun).hasSize(Solvers.AT_ONCE);
        assertThat(Solvers.waiting()).isEqualTo(TOO_MANY);
      } finally {
        goOn.countDown();
      }
      for (Future<CpSolverStatus> answer : answers) {
        assertThat(answer.get()).isEqualTo(CpSolverStatus.OPTIMAL);
      }
    }
    assertThat(begun).hasSize(Solvers.AT_ONCE + TOO_MANY);
  }

  private static void waitFor(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  @Test
  @Timeout(60)
  void whoeverFailsHandsItsTurnBack() {
    for (int i = 0; i <= Solvers.AT_ONCE; i++) {
      assertThatThrownBy(() -> Solvers.solve(Solvers.solver(1, 1), null))
          .isInstanceOf(NullPointerException.class);
    }
    assertThat(Solvers.solve(Solvers.withoutRelaxation(1, 1), model(10)))
        .isEqualTo(CpSolverStatus.OPTIMAL);
  }
}
