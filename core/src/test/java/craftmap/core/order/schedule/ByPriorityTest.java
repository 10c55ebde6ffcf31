package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.bench.Openings;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.core.order.work.Work;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class ByPriorityTest {
  private static final Hours.Stretch MORNING = Hours.Stretch.of(9, 12);
  private static final Hours.Stretch AFTERNOON = Hours.Stretch.of(13, 17);

  /** Some by a fan, and with cold nights, in which all dries at another speed. */
  private static Problem any(Random dice) {
    Work work = Works.any(dice, 2 + dice.nextInt(4), 2 + dice.nextInt(4), dice.nextBoolean());
    work = dice.nextBoolean() ? Works.ofAllSizes(dice, work) : work;
    int people = 1 + dice.nextInt(2);
    Bench bench =
        dice.nextBoolean()
            ? Works.anyBench(dice, people)
            : bench(DayClimate.always(Climate.OF_LABELS), people, MORNING, AFTERNOON);
    return new Problem(work, bench.withPlaces(1 + dice.nextInt(6)), MONDAY, 25);
  }

  private static double[] keys(Random dice, Problem problem) {
    return dice.doubles(problem.size(), 0, 1000).toArray();
  }

  private static Optional<Schedule> better(Problem problem, double[] keys, Schedule than) {
    return ByPriority.better(problem, keys, Merit.of(problem, than))
        .map(times -> times.schedule(problem, than.least()));
  }

  /** What is given up for ending too late is told by how long at least what follows takes. */
  @Test
  void whatFollowsTakesNoLessThanIsReckonedWith() {
    int exactly = 0;
    for (int seed = 0; seed < 200; seed++) {
      Random dice = new Random(seed);
      Problem problem = any(dice);
      Optional<Schedule> any = ByPriority.put(problem, keys(dice, problem), 0);
      for (Placed p : any.map(Schedule::steps).orElse(List.of())) {
        int step = problem.number(p.stepId());
        int after = problem.leastAfter(step);
        for (Problem.Follow f : problem.after(step)) {
          assertThat(after)
              .as("seed %d", seed)
              .isGreaterThanOrEqualTo(problem.duration(f.to()) + problem.leastAfter(f.to()));
        }
        int last = endOfAllThatFollows(problem, any.get(), step);
        assertThat(last - p.to()).as("seed %d", seed).isGreaterThanOrEqualTo(after);
        exactly += after > 0 && last - p.to() == after ? 1 : 0;
      }
    }
    // no less could be said
    assertThat(exactly).isGreaterThan(100);
  }

  private static int endOfAllThatFollows(Problem problem, Schedule schedule, int step) {
    String id = problem.work().steps().get(step).id();
    int last = schedule.of(id).orElseThrow().to();
    for (Problem.Follow f : problem.after(step)) {
      last = Math.max(last, endOfAllThatFollows(problem, schedule, f.to()));
    }
    return last;
  }

  /** What opens a window waits no longer than what follows it has to, to the minute. */
  @Test
  void whatOpensAWindowWaitsNoLongerThanItMust() {
    int waits = 0;
    for (int seed = 0; seed < 60; seed++) {
      Random dice = new Random(seed);
      int begin = 9 * 60 + 3 + dice.nextInt(100);
      int open = 31 + dice.nextInt(95);
      int lunch = 20 + dice.nextInt(60);
      // the first alone would go before the break, the second only after it
      Work work =
          new Work(
              List.of(Works.step("first", open - 7), Works.step("second", 23)),
              List.of(
                  Works.link("first", "second", 11)
                      .within(Works.dry(12 + dice.nextInt(lunch + 20)))));
      Problem problem =
          new Problem(
              work,
              bench(
                  new Hours.Stretch(time(begin), time(begin + open)),
                  new Hours.Stretch(time(begin + open + lunch), time(begin + open + lunch + 200))),
              MONDAY,
              3);
      Optional<Schedule> put = ByPriority.put(problem, new double[] {2, 1}, 0);
      int finish = put.map(Schedule::finish).orElse(Openings.NEVER);
      assertThat(finish).as("seed %d", seed).isEqualTo(soonest(problem));
      put.ifPresent(s -> Checked.check(problem, s));
      waits += put.isPresent() && put.get().of("first").orElseThrow().from() > begin - 540 ? 1 : 0;
    }
    assertThat(waits).isGreaterThan(10);
  }

  private static LocalTime time(int minute) {
    return LocalTime.of(minute / 60, minute % 60);
  }

  /** By trying every minute at which the first may begin. */
  private static int soonest(Problem problem) {
    Problem.Follow follow = problem.after(0).getFirst();
    int soonest = Openings.NEVER;
    for (int from = 0; from < problem.minutes(); from++) {
      if (problem.earliest(0, from) != from) {
        continue;
      }
      int end = from + problem.duration(0);
      int next = problem.earliest(1, problem.ready(follow, end));
      if (next <= problem.fresh(follow, end)) {
        soonest = Math.min(soonest, next + problem.duration(1));
      }
    }
    return soonest;
  }

  /** Given up early is only what could not have been better, and what is kept is the same. */
  @Tag("thorough")
  @Test
  void whatIsGivenUpWouldHaveEndedLater() {
    int kept = 0;
    int givenUp = 0;
    for (int seed = 0; seed < 150; seed++) {
      Random dice = new Random(seed);
      Problem problem = any(dice);
      Optional<Schedule> than = ByPriority.put(problem, keys(dice, problem), 0);
      for (int k = 0; k < 6 && than.isPresent(); k++) {
        double[] keys = keys(dice, problem);
        Optional<Schedule> whole = ByPriority.put(problem, keys, than.get().least());
        Optional<Schedule> better = better(problem, keys, than.get());
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

  /** The same where some is done, and some perhaps fixed: what is better is never given up. */
  @Test
  void whatIsBetterIsFoundWherePartOfItIsSettled() {
    int better = 0;
    int givenUp = 0;
    int settled = 0;
    for (int seed = 0; seed < 150; seed++) {
      Random dice = new Random(seed);
      Problem first = any(dice);
      Optional<Schedule> begun = ByPriority.put(first, keys(dice, first), 0);
      if (begun.isEmpty()) {
        continue;
      }
      Problem problem = Works.again(dice, first, begun.get(), dice.nextBoolean() ? 5 : NONE_OF_IT);
      Optional<Schedule> than = ByPriority.put(problem, keys(dice, problem), 0);
      for (int k = 0; k < 6 && than.isPresent(); k++) {
        double[] keys = keys(dice, problem);
        Optional<Schedule> whole = ByPriority.put(problem, keys, than.get().least());
        Optional<Schedule> found = better(problem, keys, than.get());
        found.ifPresent(f -> assertThat(f).isEqualTo(whole.orElseThrow()));
        boolean isBetter =
            whole.isPresent()
                && Merit.of(problem, whole.get()).isBetterThan(Merit.of(problem, than.get()));
        if (isBetter) {
          assertThat(found).as("seed %d", seed).isPresent();
        }
        better += isBetter ? 1 : 0;
        givenUp += whole.isPresent() && found.isEmpty() ? 1 : 0;
        settled += problem.fixed().isEmpty() ? 0 : 1;
      }
    }
    assertThat(better).isGreaterThan(100);
    assertThat(givenUp).isGreaterThan(30);
    assertThat(settled).isGreaterThan(100);
  }

  private static final int NONE_OF_IT = Integer.MAX_VALUE;

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
    assertThat(better(problem, new double[] {2, 1}, early).orElseThrow().finish())
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
