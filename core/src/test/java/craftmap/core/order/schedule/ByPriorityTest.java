package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Hours;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.core.order.work.Work;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ByPriorityTest {
  private static final Hours.Stretch MORNING = Hours.Stretch.of(9, 12);
  private static final Hours.Stretch AFTERNOON = Hours.Stretch.of(13, 17);

  private static Problem any(Random dice, Problem.Settled settled) {
    Work work = Works.any(dice, 2 + dice.nextInt(4), 2 + dice.nextInt(4), dice.nextBoolean());
    work = dice.nextBoolean() ? Works.ofAllSizes(dice, work) : work;
    return new Problem(
        work,
        bench(DayClimate.always(Climate.OF_LABELS), 1 + dice.nextInt(2), MORNING, AFTERNOON)
            .withPlaces(1 + dice.nextInt(6)),
        MONDAY,
        25,
        settled);
  }

  private static double[] keys(Random dice, Problem problem) {
    return dice.doubles(problem.size(), 0, 1000).toArray();
  }

  /** Given up early is only what could not have been better, and what is kept is the same. */
  @Test
  void whatIsGivenUpWouldHaveEndedLater() {
    int kept = 0;
    int givenUp = 0;
    for (int seed = 0; seed < 150; seed++) {
      Random dice = new Random(seed);
      Problem problem = any(dice, Problem.Settled.NOTHING);
      Optional<Schedule> than = ByPriority.put(problem, keys(dice, problem), 0);
      for (int k = 0; k < 6 && than.isPresent(); k++) {
        double[] keys = keys(dice, problem);
        Optional<Schedule> whole = ByPriority.put(problem, keys, than.get().least());
        Optional<Schedule> better = ByPriority.better(problem, keys, than.get());
        boolean endsNoLater = whole.isPresent() && whole.get().finish() <= than.get().finish();
        assertThat(better.isPresent()).as("seed %d", seed).isEqualTo(endsNoLater);
        better.ifPresent(b -> assertThat(b).isEqualTo(whole.get()));
        better.ifPresent(b -> Checked.check(problem, b));
        kept += endsNoLater ? 1 : 0;
        givenUp += endsNoLater ? 0 : 1;
      }
    }
    assertThat(kept).isGreaterThan(100);
    assertThat(givenUp).isGreaterThan(100);
  }

  /** Ready later is better still where more of it begins when the artist fixed it. */
  @Test
  void whatIsFixedIsNotGivenUpForBeingLate() {
    Work work = new Work(List.of(Works.step("a", 60), Works.step("b", 60)), List.of());
    Instant late = MONDAY.plus(Duration.ofHours(6));
    Problem problem =
        new Problem(
            work,
            bench(MORNING, AFTERNOON),
            MONDAY,
            5,
            new Problem.Settled(Map.of(), Map.of("b", late)));
    Schedule early =
        new Schedule(List.of(new Placed("a", 0, 0, 60), new Placed("b", 0, 60, 120)), 0);
    assertThat(ByPriority.better(problem, new double[] {2, 1}, early).orElseThrow().finish())
        .isEqualTo(7 * 60);
  }

  /** One after the other, whatever is urgent: the longest gap is found, and no minute twice. */
  @Test
  void hoursBetweenWhatIsFixedAreUsed() {
    Work work =
        new Work(
            List.of(Works.step("fixed", 60), Works.step("long", 90), Works.step("short", 55)),
            List.of());
    Problem problem =
        new Problem(
            work,
            bench(MORNING, AFTERNOON),
            MONDAY,
            5,
            new Problem.Settled(Map.of(), Map.of("fixed", MONDAY.plus(Duration.ofHours(1)))));
    Schedule schedule = ByPriority.put(problem, new double[] {3, 2, 1}, 0).orElseThrow();
    Checked.check(problem, schedule);
    assertThat(schedule.of("fixed").orElseThrow().from()).isEqualTo(60);
    assertThat(schedule.of("short").orElseThrow().from()).isZero();
    assertThat(schedule.of("long").orElseThrow().from()).isEqualTo(4 * 60);
  }
}
