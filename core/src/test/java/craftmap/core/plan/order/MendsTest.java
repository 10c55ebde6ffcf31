package craftmap.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.coats.Built;
import craftmap.core.coats.Habits;
import craftmap.core.measure.Times;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.mishap.Remedy;
import craftmap.core.order.mishap.Trouble;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What went wrong is mended after it went wrong, and before what waits for that. */
class MendsTest {
  private static final PlanReading BARE =
      new PlanReading(List.of(), List.of(), List.of(), List.of(), false);
  private static final Instant THEN = Instant.parse("2027-03-01T10:11:12Z");

  private static CoatsReading coats(Random dice) {
    boolean bare = dice.nextBoolean();
    Built built =
        (bare
                ? Built.of(MakeUp.WOOD, Finish.BARE, "#D9CFBC", "#B3202A")
                : Built.painted("#6B4A2F", "#B3202A"))
            .area(90_311 + dice.nextInt(2_300_777))
            .paint("red", "#B3202A", 0.3 + 0.6 * dice.nextDouble())
            .pot("stain-block")
            .pot("clear-satin");
    return new CoatsReading(Habits.USUAL, List.of(built.read()));
  }

  private static AskedOrder asked(CoatsReading coats, Ordering order) {
    return AskedOrder.of("tray", order, BARE, coats);
  }

  private static Ordering done(Ordering order, WorkStep step) {
    return order.with(
        step.key(), s -> s.done(Optional.of(new Ordering.Done(THEN, Duration.ofMinutes(7)))));
  }

  /** A case: a piece of which some is done, and something wrong with the step that was last. */
  private record Case(CoatsReading coats, Ordering order, WorkStep step, Mishap mishap) {
    Ordering wrong() {
      return order.with("m-1", mishap);
    }
  }

  private static List<Case> cases(long seed) {
    Random dice = new Random(seed);
    List<Case> all = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      CoatsReading coats = coats(dice);
      Ordering order = Ordering.NONE;
      List<WorkStep> steps = asked(coats, order).work().steps();
      int upTo = dice.nextInt(steps.size());
      for (WorkStep step : steps.subList(0, upTo + 1)) {
        order = done(order, step);
      }
      AskedOrder asked = asked(coats, order);
      for (Remedies.Offer offer :
          new Remedies(asked, BARE, coats).of(asked.work().step(steps.get(upTo).id()))) {
        for (Remedy remedy : offer.remedies()) {
          WorkStep at = asked.work().step(offer.stepId());
          double share = 0.01 + 0.99 * dice.nextDouble();
          all.add(new Case(coats, order, at, new Mishap(at.key(), offer.trouble(), remedy, share)));
        }
      }
    }
    return all;
  }

  private static List<WorkStep> mends(Work work) {
    return work.steps().stream().filter(s -> s.doing() == Doing.MEND).toList();
  }

  /** Nothing that waited for the step begins before it is mended; nothing else changes. */
  @Test
  void whatWaitsForTheStepWaitsForItsMend() {
    int mended = 0;
    for (Case c : cases(4_211)) {
      Work before = asked(c.coats(), c.order()).work();
      Work after = asked(c.coats(), c.wrong()).work();
      List<WorkStep> mends = mends(after);
      assertThat(after.steps()).as(c.mishap().toString()).containsAll(before.steps());
      assertThat(after.steps()).hasSize(before.steps().size() + mends.size());
      if (c.mishap().remedy() == Remedy.LEAVE) {
        assertThat(after).isEqualTo(before);
        continue;
      }
      mended++;
      assertThat(mends).hasSize(c.mishap().remedy() == Remedy.BLOCK_AND_AGAIN ? 2 : 1);
      WorkStep last = mends.getLast();
      assertThat(mends).allMatch(m -> after.waitsFor(m.id(), c.step().id()));
      assertThat(mends).allMatch(m -> m.on().equals(c.step().on()) && m.minutes() >= 1);
      for (WorkStep step : before.steps()) {
        boolean waits = before.waitsFor(step.id(), c.step().id());
        boolean isDone = c.order().step(step.key()).done().isPresent();
        assertThat(after.waitsFor(step.id(), last.id()))
            .as("%s of %s", step.id(), c.mishap())
            .isEqualTo(waits && !isDone);
      }
    }
    assertThat(mended).isGreaterThan(20);
  }

  /** As much as went wrong is put on again, in that share of the time, and dries as it would. */
  @Test
  void whatIsPutOnAgainTakesItsShareAndDriesAnew() {
    int again = 0;
    for (Case c : cases(77_003)) {
      if (!c.mishap().remedy().isPutOnAgain()) {
        continue;
      }
      AskedOrder before = asked(c.coats(), c.order());
      AskedOrder after = asked(c.coats(), c.wrong());
      WorkStep mend = mends(after.work()).getLast();
      Optional<Draws.Draw> planned = Draws.of(before, BARE, c.coats()).of(c.step().id());
      Draws draws = Draws.of(after, BARE, c.coats());
      assertThat(draws.of(mend.id()).isPresent()).isEqualTo(planned.isPresent());
      planned.ifPresent(
          p -> {
            Draws.Draw draw = draws.of(mend.id()).orElseThrow();
            assertThat(draw.ml()).isCloseTo(p.ml() * c.mishap().share(), within(1e-9));
            assertThat(draw.potId()).isEqualTo(p.potId());
            assertThat(draws.of(c.step().id())).contains(p);
          });
      assertThat(mend.wet()).isEqualTo(c.step().wet());
      for (Link link : before.work().links()) {
        boolean isDone = c.order().step(before.work().step(link.to()).key()).done().isPresent();
        if (link.from().equals(c.step().id()) && !isDone) {
          assertThat(after.work().links())
              .contains(new Link(mend.id(), link.to(), link.atLeast(), link.atMost()));
          assertThat(after.work().links())
              .filteredOn(l -> l.from().equals(link.from()) && l.to().equals(link.to()))
              .allMatch(l -> l.atMost().isEmpty());
          again++;
        }
      }
    }
    assertThat(again).isGreaterThan(8);
  }

  /** More of it gone wrong takes longer, and never longer than all of it with what it needs. */
  @Test
  void moreGoneWrongTakesLonger() {
    for (Case c : cases(90_901)) {
      double least = 0;
      for (double share : new double[] {0.03, 0.21, 0.57, 1}) {
        Mishap mishap =
            new Mishap(c.step().key(), c.mishap().trouble(), c.mishap().remedy(), share);
        Work work = asked(c.coats(), c.order().with("m-1", mishap)).work();
        double minutes =
            mends(work).stream().map(WorkStep::handsOn).mapToDouble(Times::minutes).sum();
        assertThat(minutes).as(mishap.toString()).isGreaterThanOrEqualTo(least);
        least = minutes;
      }
      if (c.mishap().remedy() == Remedy.OVER_AGAIN) {
        assertThat(least).isCloseTo(Times.minutes(c.step().handsOn()), within(0.02));
      }
    }
  }

  /** Scored along its tape, the film may be pulled at any time; how long it dries stays. */
  @Test
  void whatIsMadeReadyHasNoWindow() {
    CoatsReading coats =
        new CoatsReading(
            Habits.USUAL,
            List.of(
                Built.painted("#6B4A2F", "#B3202A")
                    .masked(2_100.7)
                    .paint("red", "#B3202A", 0.6)
                    .read()));
    Work plain = asked(coats, Ordering.NONE).work();
    Link window =
        plain.links().stream().filter(l -> l.atMost().isPresent()).findFirst().orElseThrow();
    WorkStep coat = plain.step(window.from());
    Mishap mishap = new Mishap(coat.key(), Trouble.MISSED_WINDOW, Remedy.SCORE, 0.731);
    Work work = asked(coats, done(Ordering.NONE, coat).with("m-1", mishap)).work();
    WorkStep mend = mends(work).getFirst();
    assertThat(work.links())
        .contains(new Link(window.from(), window.to(), window.atLeast(), Optional.empty()))
        .doesNotContain(window);
    assertThat(Times.minutes(mend.handsOn())).isCloseTo(0.731 * 2_100.7 / 600, within(0.02));
    assertThat(mend.wet()).isEmpty();
    assertThat(work.waitsFor(window.to(), mend.id())).isTrue();
    assertThat(new Remedies(asked(coats, Ordering.NONE), BARE, coats).of(plain.step(window.to())))
        .filteredOn(o -> o.trouble() == Trouble.MISSED_WINDOW)
        .singleElement()
        .satisfies(o -> assertThat(o.remedies()).containsExactly(Remedy.SCORE));
  }

  /** Once it is mended nothing of it is left to take; taken back, nothing of it is left at all. */
  @Test
  void whatIsTakenBackIsAsIfItHadNotBeen() {
    for (Case c : cases(31)) {
      Ordering wrong = c.wrong();
      for (WorkStep mend : mends(asked(c.coats(), wrong).work())) {
        StillToTake open = StillToTake.of("tray", wrong, BARE, c.coats(), Set.of());
        assertThat(open.of(mend.key(), 12.7)).isEqualTo(12.7);
        Draws draws = Draws.of(asked(c.coats(), wrong), BARE, c.coats());
        Ordering then = done(wrong, mend);
        if (draws.of(mend.id()).isPresent()) {
          assertThat(StillToTake.of("tray", then, BARE, c.coats(), Set.of()).of(mend.key(), 12.7))
              .isZero();
        }
        wrong = then;
      }
      assertThat(wrong.withoutMishap("m-1")).isEqualTo(c.order());
      assertThat(wrong.notBegun()).isEqualTo(c.order().notBegun());
    }
  }

  /** A third of a coat is sanded on a third of the face. */
  @Test
  void aPartIsMendedAsThePartThatItIs() {
    CoatsReading coats = coats(new Random(77));
    WorkStep whole =
        asked(coats, Ordering.NONE).work().steps().stream()
            .filter(s -> s.doing() == Doing.COAT)
            .findFirst()
            .orElseThrow();
    Mishap all = new Mishap(whole.key(), Trouble.MISSED_WINDOW, Remedy.SCUFF, 0.83);
    Mishap part = new Mishap(whole.key() + "~2", Trouble.MISSED_WINDOW, Remedy.SCUFF, 0.83);
    Ordering inThree = Ordering.NONE.with(whole.key(), s -> s.inParts(3));
    double minutes = scuffed(coats, Ordering.NONE.with("m-1", all));
    assertThat(scuffed(coats, inThree.with("m-1", part))).isCloseTo(minutes / 3, within(0.02));
  }

  private static double scuffed(CoatsReading coats, Ordering order) {
    return Times.minutes(mends(asked(coats, order).work()).getFirst().handsOn());
  }

  /** The blocker ran out after it was put on: what comes after it is still to be done. */
  @Test
  void theSecondOfTwoKeepsItsKeyWithoutTheFirst() {
    CoatsReading coats =
        new CoatsReading(
            Habits.USUAL,
            List.of(Built.painted("#6B4A2F", "#B3202A").paint("red", "#B3202A", 0.6).read()));
    String key =
        asked(coats, Ordering.NONE).work().steps().stream()
            .filter(s -> s.doing() == Doing.COAT)
            .map(WorkStep::key)
            .findFirst()
            .orElseThrow();
    Mishap mishap = new Mishap(key, Trouble.BLEEDS_THROUGH, Remedy.BLOCK_AND_AGAIN, 0.4);
    assertThat(mends(asked(coats, Ordering.NONE.with("m-1", mishap)).work()))
        .last()
        .extracting(WorkStep::key)
        .isEqualTo("mend:m-1:2");
  }

  /** A step that the plan does not ask for any more is not mended either. */
  @Test
  void whatIsGoneIsNotMended() {
    CoatsReading coats = coats(new Random(12));
    Ordering order =
        Ordering.NONE.with("m-1", new Mishap("gone", Trouble.RUNS, Remedy.BRUSH_OUT, 0.3));
    assertThat(asked(coats, order)).isEqualTo(asked(coats, Ordering.NONE));
  }

  /** What mends something teaches nothing of coats: it is done to a spot. */
  @Test
  void aMendTeachesNothing() {
    for (Case c : cases(5_501)) {
      AskedOrder asked = asked(c.coats(), c.wrong());
      Lessons lessons = new Lessons(asked, BARE, c.coats());
      for (WorkStep mend : mends(asked.work())) {
        assertThat(lessons.of(mend, 4.3, Optional.of(3.1))).isEmpty();
        assertThat(lessons.leavesWet(mend)).isEmpty();
      }
    }
  }
}
