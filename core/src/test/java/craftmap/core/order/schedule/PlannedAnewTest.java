package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static craftmap.core.order.schedule.Works.link;
import static craftmap.core.order.schedule.Works.step;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.work.Work;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The day went otherwise: what is done stays, and as little as possible is otherwise than told. */
class PlannedAnewTest {
  private static final CpScheduler SCHEDULER = new CpScheduler(new ListScheduler(200, 7), 0.1);

  private static Map<String, Instant> told(Problem problem, Schedule schedule) {
    Map<String, Instant> told = new HashMap<>();
    schedule.steps().forEach(p -> told.put(p.stepId(), problem.instant(p.from())));
    return told;
  }

  /** Four that could be done in any order are done in the order in which they were told. */
  @Test
  void whatIsAsGoodIsDoneAsItWasTold() {
    Work work =
        new Work(List.of(step("a", 30), step("b", 30), step("c", 30), step("d", 30)), List.of());
    Bench bench = bench(Hours.Stretch.of(9, 17));
    Map<String, Instant> told =
        Map.of(
            "c", MONDAY,
            "a", MONDAY.plusSeconds(30 * 60),
            "d", MONDAY.plusSeconds(60 * 60),
            "b", MONDAY.plusSeconds(90 * 60));
    Problem problem = new Problem(work, bench, MONDAY, 14, Problem.Settled.NOTHING.told(told));
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    assertThat(schedule.steps()).extracting(Placed::stepId).containsExactly("c", "a", "d", "b");
    assertThat(Merit.of(problem, schedule).offWhatWasTold()).isZero();
  }

  /** What is new is done before what waits for it, wherever that was told to be. */
  @Test
  void whatIsNewGoesBeforeWhatWaitsForIt() {
    Work work =
        new Work(
            List.of(step("a", 30), step("new", 20), step("b", 30)), List.of(link("new", "b", 40)));
    Map<String, Instant> told = Map.of("a", MONDAY, "b", MONDAY.plusSeconds(30 * 60));
    Problem problem =
        new Problem(
            work, bench(Hours.Stretch.of(9, 17)), MONDAY, 14, Problem.Settled.NOTHING.told(told));
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    Checked.check(problem, schedule);
    // it dries while the other is done: nothing can be sooner
    assertThat(schedule.finish()).isEqualTo(20 + 40 + 30);
  }

  /** Seeded studios whose first steps took half as long, or twice, as they should have. */
  @Tag("thorough")
  @Test
  void lessIsMovedThanIfNothingHadBeenToldAndItEndsNoLater() {
    long moved = 0;
    long movedOtherwise = 0;
    int tried = 0;
    for (int seed = 0; seed < 40; seed++) {
      Random dice = new Random(seed);
      Work work = Works.any(dice, 3, 4, dice.nextBoolean());
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      Problem first = new Problem(work, bench, MONDAY, 40);
      Optional<Schedule> known = SCHEDULER.schedule(first);
      if (known.isEmpty()) {
        continue; // some windows go nowhere at such a bench
      }
      tried++;
      Schedule before = known.get();
      Map<String, Problem.Past> past = new HashMap<>();
      Instant now = MONDAY;
      for (Placed p : before.steps().subList(0, 1 + dice.nextInt(4))) {
        Instant from = first.instant(p.from());
        from = from.isBefore(now) ? now : from;
        int took = Math.max(1, (p.to() - p.from()) * (dice.nextBoolean() ? 2 : 1) / 2 + 3);
        now = from.plus(Duration.ofMinutes(took));
        past.put(p.stepId(), new Problem.Past(from, now));
      }
      Map<String, Instant> told = told(first, before);
      Problem anew = new Problem(work, bench, now, 40, Problem.Settled.past(past).told(told));
      Problem untold = new Problem(work, bench, now, 40, Problem.Settled.past(past));
      Schedule after = SCHEDULER.schedule(anew).orElseThrow();
      Schedule otherwise = SCHEDULER.schedule(untold).orElseThrow();
      if (after.isProven() && otherwise.isProven()) {
        assertThat(after.finish()).as("seed %d", seed).isEqualTo(otherwise.finish());
      }
      Problem late = new Problem(work, bench, now, 40, Problem.Settled.NOTHING.told(told));
      Checked.check(late, SCHEDULER.schedule(late).orElseThrow());
      moved += Merit.of(anew, after).offWhatWasTold();
      movedOtherwise += Merit.of(anew, otherwise).offWhatWasTold();
    }
    assertThat(tried).isGreaterThan(30);
    assertThat(moved).isLessThan(movedOtherwise);
  }

  /** What is done already is not counted as moved, however long it took. */
  @Test
  void whatIsDoneIsNotMoved() {
    Work work = new Work(List.of(step("a", 30), step("b", 30)), List.of(link("a", "b", 60)));
    Map<String, Instant> told = Map.of("a", MONDAY, "b", MONDAY.plusSeconds(90 * 60));
    Instant late = MONDAY.plusSeconds(55 * 60);
    Problem problem =
        new Problem(
            work,
            bench(Hours.Stretch.of(9, 17)),
            late,
            14,
            Problem.Settled.past(Map.of("a", new Problem.Past(MONDAY, late))).told(told));
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    assertThat(Merit.of(problem, schedule).offWhatWasTold()).isEqualTo(25);
  }
}
