package craftmap.core.order.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.work.Work;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DeadlinesTest {
  @Test
  void nothingInAScheduleEndsAfterItsDeadline() {
    int met = 0;
    for (int seed = 0; seed < 120; seed++) {
      Random dice = new Random(seed);
      Work work = Works.any(dice, 3 + dice.nextInt(6), 1 + dice.nextInt(4), seed % 2 == 0);
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      ListScheduler list = ListScheduler.longestChainFirst();
      Problem problem = new Problem(work, bench, Works.MONDAY, 60);
      Schedule schedule = list.schedule(problem).orElse(null);
      if (schedule != null && seed % 3 == 0) {
        problem = Works.again(dice, problem, schedule, 4);
        schedule = list.schedule(problem).orElse(null);
      }
      if (schedule == null) {
        continue;
      }
      int[] ends = new Deadlines(problem).ends(schedule.finish());
      for (Placed placed : schedule.steps()) {
        assertThat(placed.to())
            .as("seed %d: %s", seed, placed)
            .isLessThanOrEqualTo(ends[problem.number(placed.stepId())]);
        met += placed.to() == ends[problem.number(placed.stepId())] ? 1 : 0;
      }
    }
    assertThat(met).as("what the longest chain holds up is at its last minute").isPositive();
  }

  @Test
  void whatEndsByItsDeadlineLeavesWhatFollowsInTimeAndAMinuteLaterDoesNot() {
    for (int seed = 0; seed < 60; seed++) {
      Random dice = new Random(seed);
      Problem problem =
          new Problem(
              Works.any(dice, 3 + dice.nextInt(6), 1 + dice.nextInt(4), false),
              Works.anyBench(dice, 1),
              Works.MONDAY,
              60);
      int finish = new Bounds(problem).finish() + 60 * dice.nextInt(48);
      int[] ends = new Deadlines(problem).ends(finish);
      for (int step = 0; step < ends.length; step++) {
        int begin = ends[step] - problem.duration(step);
        assertThat(problem.earliest(step, begin))
            .as("seed %d: somebody is there", seed)
            .isEqualTo(begin);
        assertThat(followsInTime(problem, step, ends[step], ends, finish))
            .as("seed %d", seed)
            .isTrue();
        int later = problem.earliest(step, begin + 1) + problem.duration(step);
        assertThat(followsInTime(problem, step, later, ends, finish)).as("seed %d", seed).isFalse();
      }
    }
  }

  private static boolean followsInTime(Problem problem, int step, int end, int[] ends, int finish) {
    return end <= finish
        && problem.after(step).stream()
            .allMatch(
                f ->
                    problem.earliest(f.to(), problem.ready(f, end)) + problem.duration(f.to())
                        <= ends[f.to()]);
  }

  @Test
  void byAMinuteThatIsTooSoonThereIsNone() {
    Problem problem = Works.handsFull(new Random(7), 2, 3, 4, 1);
    int[] ends = new Deadlines(problem).ends(new Bounds(problem).finish() / 2);
    assertThat(Arrays.stream(ends).anyMatch(end -> end < 0)).isTrue();
  }
}
