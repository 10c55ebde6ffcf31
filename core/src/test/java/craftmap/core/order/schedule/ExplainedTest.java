package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static craftmap.core.order.schedule.Works.link;
import static craftmap.core.order.schedule.Works.step;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Why a schedule ends when it does, what may be late, and what fits in between. */
class ExplainedTest {
  private static final Scheduler SCHEDULER = new CpScheduler(new ListScheduler(20, 1), 2);

  private static final Work TWO_FACES =
      new Work(
          List.of(
              step("a1", 30, "a"), step("a2", 30, "a"), step("b1", 20, "b"), step("b2", 20, "b")),
          List.of(link("a1", "a2", 100), link("b1", "b2", 30)));

  @Test
  void theChainGoesFromTheLastStepBackToTheFirst() {
    Work work =
        new Work(
            List.of(step("prime", 30), step("paint", 40), step("seal", 20)),
            List.of(link("prime", "paint", 240), link("paint", "seal", 60)));
    Problem problem = new Problem(work, bench(Hours.Stretch.of(9, 13)), MONDAY, 6);
    Chain chain = Chain.of(problem, SCHEDULER.schedule(problem).orElseThrow());
    assertThat(chain.links().stream().map(Chain.ChainLink::stepId))
        .containsExactly("prime", "paint", "seal");
    assertThat(chain.links().stream().map(Chain.ChainLink::why))
        .containsExactly(Chain.Why.BEGINS, Chain.Why.HOURS, Chain.Why.DRIES);
    // dry at half past one, when nobody is there
    assertThat(Checked.time(problem, chain.links().get(1).ready())).hasToString("13:30");
  }

  @Test
  void whatOnePersonDidBeforeIsSaid() {
    Work work = new Work(List.of(step("a", 30), step("b", 40)), List.of());
    Problem problem = new Problem(work, bench(Hours.Stretch.of(9, 13)), MONDAY, 6);
    Chain chain = Chain.of(problem, SCHEDULER.schedule(problem).orElseThrow());
    assertThat(chain.links().stream().map(Chain.ChainLink::why))
        .containsExactly(Chain.Why.BEGINS, Chain.Why.HANDS);
  }

  @Test
  void whatIsNotOnTheChainMayBeLate() {
    Problem problem = new Problem(TWO_FACES, bench(Hours.Stretch.of(9, 17)), MONDAY, 6);
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    Map<String, Integer> latest = Slack.latestBeginnings(problem, schedule);
    assertThat(schedule.finish()).isEqualTo(160);
    assertThat(latest.get("a1")).isZero();
    assertThat(latest.get("a2")).isEqualTo(130);
    // b2 has to be out of the way by a2
    assertThat(latest.get("b2")).isEqualTo(110);
    assertThat(latest.get("b1")).isEqualTo(60);
  }

  @Test
  void whatFitsIntoTheMinutesOneHasIsSaid() {
    Work work =
        TWO_FACES.and(
            new Work(
                List.of(step("cut", 25), step("stencil", 30, "a")),
                List.of(Link.after("cut", "stencil"))));
    Problem problem =
        new Problem(
            new Work(work.steps(), plus(work.links(), Link.after("a2", "stencil"))),
            bench(Hours.Stretch.of(9, 17)),
            MONDAY,
            6);
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    int now = schedule.of("a1").orElseThrow().to();
    assertThat(WhatNow.of(problem, schedule, now, 25).steps()).contains("cut");
    assertThat(WhatNow.of(problem, schedule, now, 10).steps()).isEmpty();
    // a face that is wet is left alone
    assertThat(WhatNow.of(problem, schedule, now, 60).steps()).doesNotContain("a2");
  }

  private static List<Link> plus(List<Link> links, Link more) {
    List<Link> all = new ArrayList<>(links);
    all.add(more);
    return all;
  }

  /** With everything as late as it may be, it can still be worked, and ends when it did. */
  @Test
  void allAsLateAsTheyMayBeCanStillBeWorked() {
    Random dice = new Random(299792);
    for (int i = 0; i < 60; i++) {
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      Work work = Works.any(dice, 2 + dice.nextInt(3), 1 + dice.nextInt(4), true);
      Problem problem =
          new Problem(work, bench, MONDAY.plusSeconds(3600L * dice.nextInt(5000)), 21);
      Schedule schedule = ListScheduler.longestChainFirst().schedule(problem).orElse(null);
      if (schedule == null) {
        continue;
      }
      Map<String, Integer> latest = Slack.latestBeginnings(problem, schedule);
      List<Placed> late = new ArrayList<>();
      for (Placed p : schedule.steps()) {
        int begin = latest.get(p.stepId());
        assertThat(begin).isGreaterThanOrEqualTo(p.from());
        late.add(new Placed(p.stepId(), p.person(), begin, begin + p.to() - p.from()));
      }
      Schedule then = new Schedule(late, 0);
      assertThat(then.finish()).isEqualTo(schedule.finish());
      Checked.check(problem, then);
      Chain chain = Chain.of(problem, schedule);
      assertThat(chain.links().getFirst().why()).isIn(Chain.Why.BEGINS, Chain.Why.HOURS);
    }
  }

  /** What is said to fit, put there, leaves a schedule that can be worked and ends no later. */
  @Test
  void whatIsSaidToFitPutsNothingOff() {
    Random dice = new Random(602);
    int tried = 0;
    for (int i = 0; i < 200; i++) {
      Bench bench = Works.anyBench(dice, 2);
      Work work = Works.any(dice, 4, 3, true);
      Problem problem =
          new Problem(work, bench, MONDAY.plusSeconds(3600L * dice.nextInt(5000)), 21);
      Schedule schedule = new ListScheduler(3, 5).schedule(problem).orElse(null);
      if (schedule == null) {
        continue;
      }
      Placed some = schedule.steps().get(dice.nextInt(schedule.steps().size()));
      int now = some.from() + dice.nextInt(40);
      WhatNow fits = WhatNow.of(problem, schedule, now, 45);
      for (String id : fits.steps()) {
        tried++;
        Placed was = schedule.of(id).orElseThrow();
        Map<String, Integer> latest = Slack.latestBeginnings(problem, schedule);
        List<Placed> moved = new ArrayList<>();
        // what is begun stays; the rest is as late as it may be
        for (Placed p : schedule.steps()) {
          int begin = p.from() < now ? p.from() : latest.get(p.stepId());
          if (!p.stepId().equals(id)) {
            moved.add(new Placed(p.stepId(), p.person(), begin, begin + p.to() - p.from()));
          }
        }
        int end = now + was.to() - was.from();
        assertThat(end - now).isLessThanOrEqualTo(45);
        assertThat(was.from()).isGreaterThanOrEqualTo(now);
        int who = free(moved, now, end, bench.people().size());
        moved.add(new Placed(id, who, now, end));
        Schedule then = new Schedule(moved, 0);
        assertThat(then.finish()).isLessThanOrEqualTo(schedule.finish());
        // whoever has the minutes has them, be it out of hours
        Checked.check(problem, then, id);
      }
    }
    assertThat(tried).isGreaterThan(20);
  }

  private static int free(List<Placed> steps, int from, int to, int people) {
    for (int p = 0; p < people; p++) {
      int who = p;
      if (steps.stream()
          .filter(s -> s.person() == who)
          .noneMatch(s -> s.from() < to && s.to() > from)) {
        return p;
      }
    }
    throw new AssertionError("nobody has hands then");
  }
}
