package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static craftmap.core.order.schedule.Works.dry;
import static craftmap.core.order.schedule.Works.link;
import static craftmap.core.order.schedule.Works.step;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.core.order.work.Apart;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What the artist fixed, and how the piece has to lie. */
class SettledTest {
  private static final CpScheduler SCHEDULER = new CpScheduler(new ListScheduler(30, 7), 1);
  private static final Bench NINE_TO_FIVE = bench(Hours.Stretch.of(9, 17));

  private static Problem fixed(Work work, Bench bench, Map<String, Instant> fixed) {
    return new Problem(work, bench, MONDAY, 14, new Problem.Settled(Map.of(), fixed));
  }

  private static int begin(Schedule schedule, String step) {
    return schedule.of(step).orElseThrow().from();
  }

  @Test
  void aFixedStepBeginsWhenItWasFixedAndTheRestGoesAround() {
    Work work =
        new Work(List.of(step("wash", 25), step("letters", 60), step("photos", 40)), List.of());
    int free =
        new ListScheduler(30, 7)
            .schedule(fixed(work, NINE_TO_FIVE, Map.of()))
            .orElseThrow()
            .finish();
    Instant quarterPast = MONDAY.plusSeconds(60 * 17);
    Problem problem = fixed(work, NINE_TO_FIVE, Map.of("letters", quarterPast));
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    Checked.check(problem, schedule);
    assertThat(problem.instant(begin(schedule, "letters"))).isEqualTo(quarterPast);
    assertThat(schedule.moved(problem)).isEmpty();
    // 25 and 40 do not go into the 17 minutes before it
    assertThat(schedule.finish()).isGreaterThan(free);
    assertThat(schedule.isProven()).isTrue();
  }

  @Test
  void whatCannotBeBegunThenIsBegunAsSoonAsItCanAndTold() {
    Work work =
        new Work(
            List.of(step("coat", 40), step("letters", 30)), List.of(link("coat", "letters", 240)));
    Instant noon = MONDAY.plusSeconds(3600 * 3);
    Problem problem = fixed(work, NINE_TO_FIVE, Map.of("letters", noon));
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    assertThat(schedule.moved(problem)).containsExactly("letters");
    assertThat(problem.instant(begin(schedule, "letters")))
        .isEqualTo(MONDAY.plusSeconds(60 * (40 + 240)));
  }

  /** A window in front of a fixed step has the one before it begin late enough. */
  @Test
  void whatHasToBeFollowedInTimeWaitsForWhatIsFixed() {
    Work work =
        new Work(
            List.of(step("size", 20), step("foil", 30)),
            List.of(link("size", "foil", 15).within(dry(45))));
    Instant three = MONDAY.plusSeconds(3600 * 6);
    Problem problem = fixed(work, NINE_TO_FIVE, Map.of("foil", three));
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    Checked.check(problem, schedule);
    assertThat(problem.instant(begin(schedule, "foil"))).isEqualTo(three);
  }

  /** Whatever is fixed to where it could stand stands there, and what is answered can be worked. */
  @Test
  void whatIsFixedToWhereItGoesStaysThere() {
    Random dice = new Random(26535);
    int kept = 0;
    for (int i = 0; i < 36; i++) {
      Work work = Works.any(dice, 2 + dice.nextInt(4), 1 + dice.nextInt(4), dice.nextInt(3) == 0);
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2)).withPlaces(50);
      Instant from = MONDAY.plusSeconds(3600L * dice.nextInt(9000));
      Optional<Schedule> any = new ListScheduler(0, 1).schedule(new Problem(work, bench, from, 21));
      if (any.isEmpty()) {
        continue;
      }
      // one of the last: nothing that comes before it is in its way where it stood already
      Placed last = any.get().steps().getLast();
      Instant at = from.plusSeconds(60L * last.from());
      Problem problem =
          new Problem(
              work, bench, from, 21, new Problem.Settled(Map.of(), Map.of(last.stepId(), at)));
      Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
      Checked.check(problem, schedule);
      assertThat(schedule.moved(problem)).as("case %d", i).isEmpty();
      assertThat(Slack.latestBeginnings(problem, schedule).get(last.stepId()))
          .isEqualTo(begin(schedule, last.stepId()));
      kept++;
    }
    assertThat(kept).isGreaterThan(20);
  }

  /** Pairs of steps that the piece lies otherwise for, of different faces. */
  private static Work turned(Random dice, Work work) {
    List<Apart> apart = new ArrayList<>();
    for (int k = 0; k < work.steps().size(); k++) {
      var one = work.steps().get(dice.nextInt(work.steps().size()));
      var other = work.steps().get(dice.nextInt(work.steps().size()));
      if (!one.on().equals(other.on())) {
        apart.add(new Apart(one.id(), other.id(), one.wet(), other.wet()));
      }
    }
    return new Work(work.steps(), work.links(), apart);
  }

  @Tag("thorough")
  @Test
  void nothingIsTurnedOntoWhatIsSoft() {
    Random dice = new Random(89793);
    int turned = 0;
    for (int i = 0; i < 36; i++) {
      Work work = turned(dice, Works.any(dice, 2 + dice.nextInt(3), 1 + dice.nextInt(4), true));
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      Problem problem =
          new Problem(work, bench, MONDAY.plusSeconds(3600L * dice.nextInt(9000)), 21);
      ListScheduler.longestChainFirst().schedule(problem).ifPresent(s -> Checked.check(problem, s));
      Optional<Schedule> found = SCHEDULER.schedule(problem);
      if (found.isPresent()) {
        Checked.check(problem, found.get());
        Problem flat =
            new Problem(new Work(work.steps(), work.links()), bench, problem.begins(), 21);
        // a bound for what need not be turned holds for what has to be
        assertThat(new Bounds(flat).finish()).isLessThanOrEqualTo(found.get().finish());
        turned += problem.isTurned() ? 1 : 0;
      }
    }
    assertThat(turned).isGreaterThan(18);
  }

  /** On small ones no beginnings on any minute end sooner, turned and fixed as they are. */
  @Tag("thorough")
  @Test
  void theFinishIsTheLeastOverAllBeginnings() {
    Random dice = new Random(32384);
    int fixed = 0;
    for (int i = 0; i < 60; i++) {
      Work plain =
          new Work(
              List.of(
                  step("s0", 1 + dice.nextInt(6), "a"),
                  step("s1", 1 + dice.nextInt(6), "b"),
                  step("s2", 1 + dice.nextInt(6), "a"),
                  step("s3", 1 + dice.nextInt(6), "b")),
              List.of(link("s0", "s2", dice.nextInt(9)), link("s1", "s3", dice.nextInt(7))));
      Work work =
          new Work(
              plain.steps(),
              plain.links(),
              List.of(
                  new Apart(
                      "s0",
                      "s1",
                      Optional.of(dry(3 + dice.nextInt(20))),
                      Optional.of(dry(4 + dice.nextInt(7)))),
                  new Apart("s2", "s3", Optional.empty(), Optional.of(dry(3 + dice.nextInt(11))))));
      Bench bench =
          bench(
              DayClimate.always(Climate.OF_LABELS),
              1,
              new Hours.Stretch(LocalTime.of(9, 0), LocalTime.of(9, 12 + dice.nextInt(14))));
      Map<String, Instant> when = new HashMap<>();
      if (dice.nextBoolean()) {
        when.put("s2", MONDAY.plusSeconds(60L * (3 + dice.nextInt(9))));
      }
      Problem problem = new Problem(work, bench, MONDAY, 4, new Problem.Settled(Map.of(), when));
      int least = EveryBeginning.least(problem);
      if (least == Integer.MAX_VALUE) {
        // it cannot begin when it was fixed: then it begins later
        assertThat(SCHEDULER.schedule(problem).map(s -> s.moved(problem)).orElse(List.of("none")))
            .isNotEmpty();
        continue;
      }
      Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
      Checked.check(problem, schedule);
      assertThat(schedule.moved(problem)).as("case %d", i).isEmpty();
      assertThat(schedule.finish()).as("case %d", i).isEqualTo(least);
      assertThat(schedule.isProven()).isTrue();
      fixed += when.size();
    }
    assertThat(fixed).isGreaterThan(10);
  }

  @Test
  void whatIsFixedIsToldAsTheReason() {
    Work work = new Work(List.of(step("photos", 30)), List.of());
    Problem problem = fixed(work, NINE_TO_FIVE, Map.of("photos", MONDAY.plusSeconds(3600 * 5)));
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    assertThat(Chain.of(problem, schedule).links().getLast().why()).isEqualTo(Chain.Why.FIXED);
  }

  @Test
  void whatDriesBelowIsToldAsTheReason() {
    Work work =
        new Work(
            List.of(step("below", 30, "base"), step("pour", 30, "top")),
            List.of(),
            List.of(new Apart("below", "pour", Optional.of(dry(120)), Optional.of(dry(600)))));
    Problem problem = new Problem(work, NINE_TO_FIVE, MONDAY, 6);
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    assertThat(begin(schedule, "pour") - schedule.of("below").orElseThrow().to()).isEqualTo(120);
    Chain.ChainLink last = Chain.of(problem, schedule).links().getLast();
    assertThat(last.why()).isEqualTo(Chain.Why.TURNED);
    assertThat(last.after()).contains("below");
  }

  /** A piece that is begun on Wednesday has nothing done to it before. */
  @Tag("thorough")
  @Test
  void aPieceIsNotBegunBeforeItIsToBe() {
    Random dice = new Random(46264);
    for (int i = 0; i < 25; i++) {
      Work work = Works.any(dice, 3 + dice.nextInt(3), 2, dice.nextBoolean());
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2)).withPlaces(50);
      Instant late = MONDAY.plusSeconds(60L * (1500 + dice.nextInt(3000)));
      Problem problem =
          new Problem(
              work,
              bench,
              MONDAY,
              21,
              new Problem.Settled(Map.of(), Map.of(), Map.of("piece1", late), Map.of()));
      Optional<Schedule> schedule = SCHEDULER.schedule(problem);
      schedule.ifPresent(
          s -> {
            Checked.check(problem, s);
            assertThat(s.steps())
                .filteredOn(p -> work.step(p.stepId()).pieceId().equals("piece1"))
                .allMatch(p -> !problem.instant(p.from()).isBefore(late));
          });
    }
  }

  /** Looked at for longer it is never worse, can be worked, and is the same when asked again. */
  @Tag("thorough")
  @Test
  void aLongSearchIsNeverWorseAndTheSameWhenAskedAgain() {
    Random dice = new Random(33832);
    int better = 0;
    for (int i = 0; i < 6; i++) {
      Work work = turned(dice, Works.any(dice, 7, 3, i % 2 == 0));
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      Problem problem = new Problem(work, bench, MONDAY.plusSeconds(3600L * dice.nextInt(900)), 60);
      Optional<Schedule> known = ListScheduler.longestChainFirst().schedule(problem);
      if (known.isEmpty()) {
        continue;
      }
      List<Double> told = new ArrayList<>();
      Schedule found = LongSearch.better(problem, known.get(), 6, 5, told::add);
      Checked.check(problem, found);
      assertThat(known.get().isBetterThan(found, problem)).isFalse();
      assertThat(found.least()).isLessThanOrEqualTo(found.finish());
      assertThat(told).isSorted();
      assertThat(LongSearch.better(problem, known.get(), 6, 5, s -> true)).isEqualTo(found);
      assertThat(LongSearch.better(problem, known.get(), 6, 5, s -> false).steps())
          .isEqualTo(known.get().steps());
      better += found.finish() < known.get().finish() ? 1 : 0;
    }
    assertThat(better).isPositive();
  }

  private static WorkStep with(String id, String tool) {
    WorkStep s = step(id, 20);
    return new WorkStep(
        id,
        s.pieceId(),
        s.row(),
        s.doing(),
        s.what(),
        1,
        1,
        s.handsOn(),
        s.on(),
        Set.of(tool),
        s.wet(),
        s.material());
  }

  /** Varnish, then the other varnish, then rinse the brush: not the one, the other, and again. */
  @Test
  void whatIsDoneWithTheSameToolIsDoneInARow() {
    Work work =
        new Work(
            List.of(
                with("a1", "brush"),
                with("b1", "roller"),
                with("a2", "brush"),
                with("b2", "roller")),
            List.of());
    Problem problem = new Problem(work, NINE_TO_FIVE, MONDAY, 6);
    Schedule byPlan = ListScheduler.inTheOrderOfThePlan(problem).orElseThrow();
    assertThat(byPlan.changes(problem)).isEqualTo(3);
    assertThat(SCHEDULER.schedule(problem).orElseThrow().changes(problem)).isEqualTo(1);
  }

  /** Fewer changes never cost an end, a visit, a wait or a window. */
  @Test
  void fewerChangesCostNothingElse() {
    Random dice = new Random(50288);
    int fewer = 0;
    for (int i = 0; i < 40; i++) {
      Work work = turned(dice, Works.any(dice, 3 + dice.nextInt(4), 1 + dice.nextInt(4), true));
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      Problem problem = new Problem(work, bench, MONDAY.plusSeconds(3600L * dice.nextInt(900)), 30);
      Optional<Schedule> first = ListScheduler.longestChainFirst().schedule(problem);
      if (first.isPresent()) {
        Schedule then = Settling.fewerChanges(problem, first.get(), 100, i);
        Checked.check(problem, then);
        assertThat(then.finish()).isLessThanOrEqualTo(first.get().finish());
        if (then.finish() == first.get().finish()) {
          assertThat(then.visits(problem)).isLessThanOrEqualTo(first.get().visits(problem));
          if (then.visits(problem) == first.get().visits(problem)) {
            assertThat(then.changes(problem)).isLessThanOrEqualTo(first.get().changes(problem));
          }
        }
        fewer += then.changes(problem) < first.get().changes(problem) ? 1 : 0;
      }
    }
    assertThat(fewer).isGreaterThan(5);
  }

  /** What was done out of its turn holds nothing up, and what is left is all planned. */
  @Tag("thorough")
  @Test
  void whatWasDoneOutOfTurnHoldsNothingUp() {
    Random dice = new Random(41971);
    for (int i = 0; i < 40; i++) {
      Work work = turned(dice, Works.any(dice, 2 + dice.nextInt(3), 2 + dice.nextInt(3), true));
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      WorkStep any = work.steps().get(dice.nextInt(work.steps().size()));
      Instant end = MONDAY.minusSeconds(60L * dice.nextInt(900));
      Problem.Past past = new Problem.Past(end.minusSeconds(600), end);
      Problem problem =
          new Problem(
              work, bench, MONDAY, 30, new Problem.Settled(Map.of(any.id(), past), Map.of()));
      Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
      assertThat(schedule.steps()).hasSize(work.steps().size());
      assertThat(schedule.least()).isLessThanOrEqualTo(schedule.finish());
      assertThat(Slack.latestBeginnings(problem, schedule)).hasSize(work.steps().size());
      assertThat(Chain.of(problem, schedule).links()).isNotEmpty();
      assertThat(Minding.of(problem, schedule, problem.notBefore()))
          .noneMatch(f -> f.stepId().equals(any.id()) && !f.mends().isEmpty());
      assertThat(WhatNow.of(problem, schedule, problem.notBefore(), 30).steps())
          .doesNotContain(any.id());
    }
  }
}
