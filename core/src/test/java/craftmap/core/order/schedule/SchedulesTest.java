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
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class SchedulesTest {
  private static final Scheduler SCHEDULER = new CpScheduler(new ListScheduler(30, 1), 4);

  private static Schedule schedule(Problem problem) {
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    Checked.check(problem, schedule);
    return schedule;
  }

  private static LocalDateTime ready(Problem problem, Schedule schedule) {
    return LocalDateTime.ofInstant(problem.instant(schedule.finish()), problem.bench().zone());
  }

  @Test
  void aCoatThatWaitsPastTheHoursIsDoneTheNextDay() {
    Work work = new Work(List.of(step("a", 40), step("b", 40)), List.of(link("a", "b", 240)));
    Problem problem = new Problem(work, bench(Hours.Stretch.of(9, 13)), MONDAY, 6);
    Schedule schedule = schedule(problem);
    assertThat(ready(problem, schedule)).isEqualTo("2027-01-05T09:40");
    assertThat(schedule.isProven()).isTrue();
  }

  @Test
  void oneFaceIsWorkedWhileTheOtherDries() {
    Work work =
        new Work(
            List.of(
                step("a1", 30, "a"), step("a2", 30, "a"), step("b1", 30, "b"), step("b2", 30, "b")),
            List.of(link("a1", "a2", 60), link("b1", "b2", 60)));
    Problem problem = new Problem(work, bench(Hours.Stretch.of(9, 17)), MONDAY, 6);
    Schedule schedule = schedule(problem);
    assertThat(ready(problem, schedule)).isEqualTo("2027-01-04T11:30");
    assertThat(schedule.isProven()).isTrue();
    assertThat(schedule.visits(problem)).isEqualTo(1);
  }

  @Test
  void aPieceFromTheWashToItsHardware() {
    Problem problem =
        new Problem(chest(), bench(Hours.Stretch.of(9, 12), Hours.Stretch.of(13, 17)), MONDAY, 8);
    Schedule schedule = schedule(problem);
    assertThat(ready(problem, schedule)).isEqualTo("2027-01-05T15:50");
    assertThat(schedule.isProven()).isTrue();
    assertThat(leastOverAllOrders(problem)).isEqualTo(schedule.finish());
  }

  private static Work chest() {
    return new Work(
        List.of(
            step("wash", 25),
            step("prime", 30),
            step("coat1", 40),
            step("coat2", 40),
            step("cut", 45),
            step("stencil", 70),
            step("seal", 30),
            step("hardware", 20)),
        List.of(
            link("wash", "prime", 60),
            link("prime", "coat1", 240),
            link("coat1", "coat2", 120),
            link("coat2", "stencil", 60),
            Link.after("cut", "stencil"),
            link("stencil", "seal", 60),
            link("seal", "hardware", 120)));
  }

  /** A colder night: what was painted at four is not dry at nine. */
  @Test
  void aColdNightPutsTheNextCoatOff() {
    Work work = new Work(List.of(step("a", 40), step("b", 40)), List.of(link("a", "b", 1200)));
    Bench warm = bench(DayClimate.always(Climate.OF_LABELS), 1, Hours.Stretch.of(9, 17));
    Bench cold =
        bench(
            DayClimate.of(Climate.OF_LABELS, 8, 20, new Climate(14, 70)),
            1,
            Hours.Stretch.of(9, 17));
    assertThat(
            ready(new Problem(work, warm, MONDAY, 6), schedule(new Problem(work, warm, MONDAY, 6))))
        .isEqualTo("2027-01-05T09:40");
    Problem problem = new Problem(work, cold, MONDAY, 6);
    assertThat(ready(problem, schedule(problem))).isAfter("2027-01-05T12:00");
  }

  /** What has to follow in time is not begun before the night. */
  @Test
  void nothingIsBegunThatCannotBeFinishedInTime() {
    Work work =
        new Work(
            List.of(step("long", 400), step("size", 20), step("foil", 60)),
            List.of(Link.after("long", "size"), link("size", "foil", 30).within(dry(90))));
    Problem problem = new Problem(work, bench(Hours.Stretch.of(9, 17)), MONDAY, 6);
    Schedule schedule = schedule(problem);
    // there are 80 minutes left of Monday, and size, half an hour and the foil take 110
    assertThat(ready(problem, schedule)).isEqualTo("2027-01-05T10:50");
    assertThat(schedule.isProven()).isTrue();
  }

  @Test
  void whatTakesLongerThanAnybodyIsThereIsTorn() {
    Work work =
        new Work(List.of(step("sand", 500), step("dust", 10)), List.of(Link.after("sand", "dust")));
    Problem problem =
        new Problem(work, bench(Hours.Stretch.of(9, 12), Hours.Stretch.of(13, 17)), MONDAY, 6);
    Schedule schedule = schedule(problem);
    assertThat(schedule.steps()).hasSize(4);
    assertThat(problem.work().handsOn().toMinutes()).isEqualTo(510);
  }

  @Test
  void whatGoesNowhereIsSaidToGoNowhere() {
    Work work = new Work(List.of(step("a", 40), step("b", 40)), List.of(link("a", "b", 90_000)));
    assertThat(SCHEDULER.schedule(new Problem(work, bench(Hours.Stretch.of(9, 17)), MONDAY, 6)))
        .isEmpty();
  }

  @Test
  void nothingToDoIsDoneAtOnce() {
    Schedule schedule = schedule(new Problem(Work.NONE, bench(Hours.Stretch.of(9, 17)), MONDAY, 6));
    assertThat(schedule.finish()).isZero();
  }

  /** On small cases the finish is the least over all orders. */
  @Test
  void theFinishIsTheLeastOverAllOrders() {
    Random dice = new Random(60221);
    for (int i = 0; i < 60; i++) {
      Work work = Works.any(dice, 2 + dice.nextInt(2), 2, false);
      Bench bench = Works.anyBench(dice, 1).withPlaces(50);
      Problem problem = new Problem(work, bench, from(dice), 14);
      Schedule schedule = schedule(problem);
      assertThat(schedule.isProven()).isTrue();
      assertThat(schedule.finish()).as("case %d", i).isEqualTo(leastOverAllOrders(problem));
    }
  }

  /** With windows too: no beginnings on any minute end sooner. */
  @Test
  void theFinishIsTheLeastOverAllBeginnings() {
    Random dice = new Random(31415);
    for (int i = 0; i < 40; i++) {
      Problem problem = Works.ofFewMinutes(dice);
      Optional<Schedule> found = SCHEDULER.schedule(problem);
      int least = EveryBeginning.least(problem);
      assertThat(found.isPresent()).as("case %d", i).isEqualTo(least < Integer.MAX_VALUE);
      found.ifPresent(
          s -> {
            Checked.check(problem, s);
            assertThat(s.isProven()).isTrue();
            assertThat(s.finish()).isEqualTo(least);
          });
    }
  }

  /** Whatever is asked, what is answered can be worked, and the bound is none that it breaks. */
  @Tag("thorough")
  @Test
  void everyScheduleCanBeWorked() {
    Random dice = new Random(16180);
    for (int i = 0; i < 60; i++) {
      Work work = Works.any(dice, 2 + dice.nextInt(5), 1 + dice.nextInt(4), true);
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      Problem problem = new Problem(work, bench, from(dice), 21);
      Optional<Schedule> list = ListScheduler.longestChainFirst().schedule(problem);
      list.ifPresent(s -> Checked.check(problem, s));
      ListScheduler.inTheOrderOfThePlan(problem).ifPresent(s -> Checked.check(problem, s));
      Optional<Schedule> found = new CpScheduler(new ListScheduler(10, 3), 1).schedule(problem);
      if (found.isPresent()) {
        Checked.check(problem, found.get());
        assertThat(found.get().least()).isLessThanOrEqualTo(found.get().finish());
        list.ifPresent(
            s -> {
              assertThat(found.get().finish()).isLessThanOrEqualTo(s.finish());
              assertThat(found.get().least()).isLessThanOrEqualTo(s.finish());
            });
      }
    }
  }

  /** One stencil for two faces: it lies on the first until that is dry, or it does not. */
  @Test
  void aStencilThatStaysUntilItIsDryIsNotFreeForAnotherFace() {
    List<WorkStep> faces = List.of(stencilled("lid", 20), stencilled("front", 30));
    Bench bench = bench(Hours.Stretch.of(9, 17));
    Problem wet = new Problem(new Work(faces, List.of()), bench, MONDAY, 6);
    assertThat(ready(wet, schedule(wet))).isEqualTo("2027-01-04T09:50");
    Work kept = new Work(faces, List.of()).with(s -> s.keeping(dry(47)));
    Problem dry = new Problem(kept, bench, MONDAY, 6);
    Schedule schedule = schedule(dry);
    assertThat(ready(dry, schedule)).isEqualTo("2027-01-04T10:37");
    assertThat(schedule.isProven()).isTrue();
    // one lay over both follows itself: it is one step after the other anyway
    Problem same =
        new Problem(
            kept.with(
                s ->
                    new WorkStep(
                        s.id(),
                        s.pieceId(),
                        s.row(),
                        s.doing(),
                        "lay",
                        1,
                        1,
                        s.handsOn(),
                        s.on(),
                        s.with(),
                        s.wet(),
                        s.material(),
                        s.kept())),
            bench,
            MONDAY,
            6);
    assertThat(ready(same, schedule(same))).isEqualTo("2027-01-04T09:50");
  }

  private static WorkStep stencilled(String face, int minutes) {
    WorkStep plain = step(face, minutes, face);
    return new WorkStep(
        face,
        "piece",
        face,
        plain.doing(),
        face,
        1,
        1,
        plain.handsOn(),
        plain.on(),
        java.util.Set.of("design reeds"),
        Optional.empty(),
        plain.material());
  }

  /** Whoever needs what stays somewhere waits for it, and never ends sooner than where it moves. */
  @Tag("thorough")
  @Test
  void whatStaysWhereItWasUsedIsWaitedFor() {
    Random dice = new Random(57721);
    int later = 0;
    for (int i = 0; i < 40; i++) {
      Work free = Works.any(dice, 3 + dice.nextInt(2), 2 + dice.nextInt(2), false);
      Work kept =
          free.with(
              s ->
                  s.with().isEmpty()
                      ? s
                      : s.keeping(
                          new Dry(
                              Dry.For.TOUCH,
                              Duration.ofSeconds(7201 + dice.nextInt(29_000)),
                              DryingLaw.WATER)));
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      Instant begin = from(dice);
      Problem problem = new Problem(kept, bench, begin, 21);
      Schedule schedule = schedule(problem);
      ListScheduler.longestChainFirst().schedule(problem).ifPresent(s -> Checked.check(problem, s));
      Schedule moves = schedule(new Problem(free, bench, begin, 21));
      assertThat(schedule.finish()).as("case %d", i).isGreaterThanOrEqualTo(moves.least());
      later += schedule.finish() > moves.finish() ? 1 : 0;
    }
    assertThat(later).isGreaterThan(6);
  }

  /**
   * After half of it went otherwise, what is done stays, and what is left waits for when it was
   * done.
   */
  @Test
  void whatIsDoneStaysAndWhatIsLeftFollowsFromIt() {
    Random dice = new Random(57721);
    for (int i = 0; i < 40; i++) {
      Work work = Works.any(dice, 2 + dice.nextInt(3), 2 + dice.nextInt(3), dice.nextBoolean());
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2)).withPlaces(50);
      Instant from = from(dice);
      Optional<Schedule> first =
          new ListScheduler(3, 1).schedule(new Problem(work, bench, from, 21));
      if (first.isEmpty()) {
        continue;
      }
      Map<String, Problem.Past> past = new HashMap<>();
      int half = first.get().steps().size() / 2;
      Instant now = from;
      for (Placed p : first.get().steps().subList(0, half)) {
        // as planned, but late by a while
        Instant end = from.plusSeconds(60L * (p.to() + dice.nextInt(20)));
        past.put(p.stepId(), new Problem.Past(end.minusSeconds(60L * (1 + dice.nextInt(90))), end));
        now = end.isAfter(now) ? end : now;
      }
      Problem left = new Problem(work, bench, now, 21, Problem.Settled.past(past));
      Schedule then = SCHEDULER.schedule(left).orElseThrow();
      for (Placed p : then.steps()) {
        Problem.Past did = past.get(p.stepId());
        if (did != null) {
          assertThat(left.instant(p.to())).isEqualTo(did.to());
        } else {
          assertThat(left.instant(p.from())).isAfterOrEqualTo(now);
        }
      }
      for (Link l : work.links()) {
        if (past.containsKey(l.from()) && !past.containsKey(l.to())) {
          Instant end = past.get(l.from()).to();
          Instant begin = left.instant(then.of(l.to()).orElseThrow().from());
          assertThat(begin).isAfterOrEqualTo(end);
          l.atLeast()
              .filter(d -> !bench.fan())
              .ifPresent(
                  d ->
                      assertThat(java.time.Duration.between(end, begin).toSeconds() * 2L)
                          .isGreaterThanOrEqualTo(d.label().toSeconds()));
        }
      }
      assertThat(then.finish()).isGreaterThanOrEqualTo(then.least());
    }
  }

  /** Asked again it is the same to the minute. */
  @Tag("thorough")
  @Test
  void theSamePlanHasTheSameSchedule() {
    Random dice = new Random(27182);
    for (int i = 0; i < 5; i++) {
      Work work = Works.any(dice, 4, 4, true);
      Bench bench = Works.anyBench(dice, 2);
      Instant from = from(dice);
      assertThat(SCHEDULER.schedule(new Problem(work, bench, from, 21)))
          .isEqualTo(SCHEDULER.schedule(new Problem(work, bench, from, 21)));
    }
  }

  /** Another pair of hands, a fan, and more places never end later, where it is proven. */
  @Test
  void moreNeverEndsLater() {
    Random dice = new Random(14142);
    int compared = 0;
    for (int i = 0; i < 25; i++) {
      Work work = Works.any(dice, 3, 3, false);
      Bench bench = Works.anyBench(dice, 1);
      Instant from = from(dice);
      Schedule now = schedule(new Problem(work, bench, from, 21));
      for (Bench more :
          List.of(bench.and(bench.people().getFirst()), bench.withPlaces(40), bench.blown(true))) {
        Schedule then = schedule(new Problem(work, more, from, 21));
        if (then.isProven()) {
          compared++;
          assertThat(then.finish()).isLessThanOrEqualTo(now.finish());
        }
      }
    }
    assertThat(compared).isGreaterThan(40);
  }

  private static Instant from(Random dice) {
    return MONDAY.plusSeconds(3600L * dice.nextInt(9000));
  }

  /** Every step as early as it goes, in every order in which it goes. */
  private static int leastOverAllOrders(Problem problem) {
    int[] best = {Integer.MAX_VALUE};
    int[] ends = new int[problem.size()];
    Arrays.fill(ends, -1);
    orders(problem, ends, 0, 0, best);
    return best[0];
  }

  private static void orders(Problem problem, int[] ends, int done, int hands, int[] best) {
    if (done == ends.length) {
      best[0] = Math.min(best[0], hands);
      return;
    }
    for (int i = 0; i < ends.length; i++) {
      int ready = hands;
      boolean may = ends[i] < 0;
      for (Problem.Follow f : problem.before(i)) {
        may &= ends[f.from()] >= 0;
        ready = may ? Math.max(ready, problem.ready(f, ends[f.from()])) : ready;
      }
      if (may) {
        int begin = problem.earliest(i, 0, ready);
        if (begin + problem.duration(i) < best[0]) {
          ends[i] = begin + problem.duration(i);
          orders(problem, ends, done + 1, ends[i], best);
          ends[i] = -1;
        }
      }
    }
  }
}
