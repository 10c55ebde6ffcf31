package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static craftmap.core.order.schedule.Works.dry;
import static craftmap.core.order.schedule.Works.link;
import static craftmap.core.order.schedule.Works.step;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Hours;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FillingTest {
  private static final Hours.Stretch MORNING = Hours.Stretch.of(9, 12);
  private static final Hours.Stretch AFTERNOON = Hours.Stretch.of(13, 17);
  private static final int MORNING_MINUTES = 180;
  private static final int AFTERNOON_MINUTES = 240;

  /** Two days of work cut up at random: put together rightly there is no idle minute in them. */
  @Test
  void hoursThatCanBeFilledAreFilledToTheMinute() {
    for (int seed = 0; seed < 40; seed++) {
      Random dice = new Random(seed);
      List<Integer> minutes = new ArrayList<>();
      for (int stretch :
          List.of(MORNING_MINUTES, AFTERNOON_MINUTES, MORNING_MINUTES, AFTERNOON_MINUTES)) {
        for (int left = stretch; left > 0; ) {
          int piece = left < 20 ? left : Math.min(left, 11 + dice.nextInt(37));
          minutes.add(piece);
          left -= piece;
        }
      }
      Collections.shuffle(minutes, dice);
      List<WorkStep> steps = new ArrayList<>();
      for (int i = 0; i < minutes.size(); i++) {
        steps.add(step("s" + i, minutes.get(i)));
      }
      Problem problem =
          new Problem(new Work(steps, List.of()), bench(MORNING, AFTERNOON), MONDAY, 5);
      Schedule schedule = new ListScheduler(200, 1).schedule(problem).orElseThrow();
      Checked.check(problem, schedule);
      assertThat(schedule.isProven()).as("seed %d, %s", seed, minutes).isTrue();
      assertThat(schedule.finish()).isEqualTo(24 * 60 + 8 * 60);
    }
  }

  /** 50 and 45 leave 85 of the morning: 60 and 25 fill it, though 70 is more urgent. */
  @Test
  void whatFillsTheMorningIsTakenBeforeWhatIsMoreUrgent() {
    Work work =
        new Work(
            List.of(step("a", 50), step("b", 45), step("c", 70), step("d", 60), step("e", 25)),
            List.of());
    Problem problem = new Problem(work, bench(MORNING, AFTERNOON), MONDAY, 5);
    double[] order = Filling.order(problem, new double[] {5, 4, 3, 2, 1}, 90);
    assertThat(begun(problem, order)).containsExactly("a", "b", "d", "e", "c");
    assertThat(begun(problem, Filling.order(problem, new double[] {5, 4, 3, 2, 1}, 0)))
        .containsExactly("a", "b", "c", "d", "e");
  }

  /** Size that is tacky for an hour is not laid on before noon, even where it would fill it. */
  @Test
  void nothingIsTakenToFillThatWouldMissItsWindow() {
    Work work =
        new Work(
            List.of(step("long", 150), step("size", 30), step("foil", 40), step("sand", 20)),
            List.of(link("size", "foil", 20).within(dry(50))));
    Problem problem = new Problem(work, bench(MORNING, AFTERNOON), MONDAY, 5);
    double[] order = Filling.order(problem, new double[] {9, 8, 1, 2}, 60);
    assertThat(begun(problem, order)).containsExactly("long", "sand", "size", "foil");
  }

  /** What waits for something is never before it, whatever is urgent. */
  @Test
  void whatFollowsComesAfter() {
    for (int seed = 0; seed < 60; seed++) {
      Random dice = new Random(seed);
      Work work = Works.any(dice, 4, 5, true);
      Problem problem = new Problem(work, Works.anyBench(dice, 1 + dice.nextInt(2)), MONDAY, 40);
      double[] urgency = dice.doubles(problem.size()).toArray();
      double[] order = Filling.order(problem, urgency, dice.nextInt(200));
      List<String> ids = problem.work().steps().stream().map(WorkStep::id).toList();
      for (Link link : problem.work().links()) {
        double first = order[ids.indexOf(link.from())];
        double next = order[ids.indexOf(link.to())];
        assertThat(next).as("%s in seed %d", link, seed).isLessThanOrEqualTo(first);
      }
    }
  }

  private static List<String> begun(Problem problem, double[] order) {
    return IntStream.range(0, order.length)
        .boxed()
        .sorted(Comparator.comparingDouble(i -> -order[i]))
        .map(i -> problem.work().steps().get(i).id())
        .toList();
  }
}
