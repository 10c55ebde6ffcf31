package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static craftmap.core.order.schedule.Works.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.work.Work;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class MeritTest {
  private static Optional<Schedule> any(Problem problem, Random dice) {
    double[] keys = dice.doubles(problem.size(), 0, 1000).toArray();
    return ByPriority.put(problem, keys, 3);
  }

  /** Counted from the schedule's own steps, one after the other. */
  @Test
  void itIsWhatTheScheduleSays() {
    int moved = 0;
    int changes = 0;
    for (int seed = 0; seed < 80; seed++) {
      Random dice = new Random(seed);
      Work work = Works.any(dice, 2 + dice.nextInt(5), 1 + dice.nextInt(5), dice.nextBoolean());
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(3));
      Problem first = new Problem(work, bench, MONDAY.plusSeconds(60L * dice.nextInt(900)), 50);
      Optional<Schedule> found = any(first, dice);
      if (found.isEmpty()) {
        continue;
      }
      Problem problem = Works.again(dice, first, found.get(), 5);
      Optional<Schedule> anew = any(problem, dice);
      if (anew.isEmpty()) {
        continue;
      }
      Schedule schedule = anew.get();
      Merit merit = Merit.of(problem, schedule);
      List<Placed> left =
          schedule.steps().stream().filter(p -> p.from() >= problem.notBefore()).toList();
      assertThat(merit.finish()).as("seed %d", seed).isEqualTo(schedule.finish());
      assertThat(merit.moved()).isEqualTo(schedule.moved(problem).size());
      assertThat(merit.visits())
          .isEqualTo(left.stream().map(p -> day(problem, p)).distinct().count());
      assertThat(merit.changes()).isEqualTo(changes(problem, left)).isNotNegative();
      assertThat(merit.offWhatWasTold()).isEqualTo(off(problem, schedule));
      assertThat(merit.sumOfStarts())
          .isEqualTo(schedule.steps().stream().mapToLong(Placed::from).sum());
      moved += merit.moved();
      changes += merit.changes();
    }
    assertThat(moved).isGreaterThan(10);
    assertThat(changes).isGreaterThan(100);
  }

  private static int day(Problem problem, Placed placed) {
    return problem.openings(placed.person()).day(placed.from());
  }

  private static int changes(Problem problem, List<Placed> left) {
    int changes = 0;
    for (int p = 0; p < problem.people(); p++) {
      int person = p;
      List<Placed> own = left.stream().filter(s -> s.person() == person).toList();
      for (int i = 1; i < own.size(); i++) {
        Placed before = own.get(i - 1);
        Placed after = own.get(i);
        boolean sameKit =
            problem.step(before.stepId()).kit().equals(problem.step(after.stepId()).kit());
        changes += day(problem, before) == day(problem, after) && !sameKit ? 1 : 0;
      }
    }
    return changes;
  }

  private static long off(Problem problem, Schedule schedule) {
    long off = 0;
    for (Placed p : schedule.steps()) {
      int told = problem.told(problem.number(p.stepId())).orElse(p.from());
      off += Math.abs(told - p.from());
    }
    return off;
  }

  @Test
  void whatStandsFirstCountsFirst() {
    Merit merit = new Merit(3, 3, 3, 3, 3, 3);
    List<Merit> better =
        List.of(
            new Merit(2, 9, 9, 9, 9, 9),
            new Merit(3, 2, 9, 9, 9, 9),
            new Merit(3, 3, 2, 9, 9, 9),
            new Merit(3, 3, 3, 2, 9, 9),
            new Merit(3, 3, 3, 3, 2, 9),
            new Merit(3, 3, 3, 3, 3, 2));
    assertThat(better).allMatch(b -> b.isBetterThan(merit)).noneMatch(merit::isBetterThan);
    assertThat(merit.isBetterThan(new Merit(3, 3, 3, 3, 3, 3))).isFalse();
  }

  /** Times are a schedule without its words, and make the same one again. */
  @Test
  void timesMakeTheSameScheduleAgain() {
    for (int seed = 0; seed < 40; seed++) {
      Random dice = new Random(seed);
      Work work = Works.any(dice, 2 + dice.nextInt(4), 1 + dice.nextInt(5), false);
      Problem problem = new Problem(work, Works.anyBench(dice, 2), MONDAY, 50);
      Optional<Schedule> schedule = any(problem, dice);
      assertThat(schedule.map(s -> Times.of(problem, s).schedule(problem, 3))).isEqualTo(schedule);
      schedule.ifPresent(
          s -> {
            double[] keys = Times.of(problem, s).keys();
            List<Integer> inTurn =
                IntStream.range(0, keys.length)
                    .boxed()
                    .sorted((a, b) -> Double.compare(keys[b], keys[a]))
                    .toList();
            assertThat(inTurn)
                .extracting(i -> s.of(problem.work().steps().get(i).id()).orElseThrow().from())
                .isSorted();
          });
    }
  }

  /** Half a schedule would be told to begin at the first minute. */
  @Test
  void aScheduleThatLacksStepsHasNoTimes() {
    Work work = new Work(List.of(step("a", 30), step("b", 30)), List.of());
    Problem problem = new Problem(work, bench(Hours.Stretch.of(9, 17)), MONDAY, 5);
    Schedule half = new Schedule(List.of(new Placed("a", 0, 0, 30)), 0);
    assertThatThrownBy(() -> Times.of(problem, half))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("1 of 2");
  }

  @Test
  void stepsShareAKitWhereNothingIsRinsedBetweenThem() {
    int alike = 0;
    for (int seed = 0; seed < 40; seed++) {
      Random dice = new Random(seed);
      Work work = Works.any(dice, 1 + dice.nextInt(6), 1 + dice.nextInt(6), false);
      Kits kits = new Kits(work);
      for (int i = 0; i < work.steps().size(); i++) {
        int step = i;
        Set<Integer> others = new HashSet<>();
        for (int k = 0; k < work.steps().size(); k++) {
          boolean same = work.steps().get(k).kit().equals(work.steps().get(i).kit());
          assertThat(kits.of(k) == kits.of(i)).isEqualTo(same);
          if (same && k != i) {
            others.add(k);
          }
        }
        assertThat(IntStream.range(0, kits.others(i)).mapToObj(n -> kits.other(step, n)))
            .isSorted()
            .containsExactlyInAnyOrderElementsOf(others);
        alike += others.size();
      }
    }
    assertThat(alike).isGreaterThan(100);
  }
}
