package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Hours;
import craftmap.core.order.work.Work;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CpSchedulerTest {
  private static final Hours.Stretch MORNING = Hours.Stretch.of(9, 12);
  private static final Hours.Stretch AFTERNOON = Hours.Stretch.of(13, 17);
  private static final double LITTLE = 0.06;
  private static final ListScheduler LIST = new ListScheduler(60, 1);

  private static Problem problem(int seed, int rows, int each) {
    Work work = Works.any(new Random(seed), rows, each, false);
    return new Problem(work, bench(MORNING, AFTERNOON), MONDAY, 40);
  }

  /** It proves, or finds sooner, some of what is not proven by list. */
  @Test
  void ofAFewStepsTheSolverTellsMoreThanWasFoundByList() {
    int more = 0;
    for (int seed = 0; seed < 12; seed++) {
      Problem problem = problem(seed, 3, 5);
      Schedule list = LIST.schedule(problem).orElseThrow();
      CpScheduler solver = new CpScheduler(LIST, LITTLE);
      assertThat(solver.mayGetAnywhere(problem)).isTrue();
      Schedule asked = solver.schedule(problem).orElseThrow();
      Checked.check(problem, asked);
      assertThat(asked.finish()).isLessThanOrEqualTo(list.finish());
      assertThat(asked.least()).isGreaterThanOrEqualTo(list.least());
      more += asked.least() > list.least() || asked.finish() < list.finish() ? 1 : 0;
    }
    assertThat(more).isPositive();
  }

  /** Nobody waits for a solver that may do no more than read what it is asked. */
  @Test
  void ofManyStepsWithLittleToDoWhatWasFoundByListIsTold() {
    for (int seed = 0; seed < 4; seed++) {
      Problem problem = problem(seed, 7, 8);
      CpScheduler solver = new CpScheduler(LIST, LITTLE);
      assertThat(solver.mayGetAnywhere(problem)).isFalse();
      assertThat(solver.schedule(problem)).isEqualTo(LIST.schedule(problem));
      assertThat(new CpScheduler(LIST, 0.3).mayGetAnywhere(problem)).isTrue();
    }
  }

  /** Where everything takes room, each step is much more to read. */
  @Test
  void whereThereMayNotBeRoomTheSolverIsAskedOfFewerSteps() {
    Work work = Works.any(new Random(3), 5, 6, false);
    CpScheduler solver = new CpScheduler(LIST, LITTLE);
    Problem roomy = new Problem(work, bench(MORNING, AFTERNOON), MONDAY, 40);
    Problem tight = new Problem(work, bench(MORNING, AFTERNOON).withPlaces(1), MONDAY, 40);
    assertThat(tight.room().mayRunOut()).isTrue();
    assertThat(solver.mayGetAnywhere(roomy)).isTrue();
    assertThat(solver.mayGetAnywhere(tight)).isFalse();
  }
}
