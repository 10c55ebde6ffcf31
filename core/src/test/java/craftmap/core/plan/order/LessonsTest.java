package craftmap.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.Built;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.log.Effort;
import craftmap.core.log.Learned;
import craftmap.core.log.Observation;
import craftmap.core.log.Topic;
import craftmap.core.measure.Times;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What steps teach, and that plans say what they were taught. */
class LessonsTest {
  private static final PlanReading BARE =
      new PlanReading(List.of(), List.of(), List.of(), List.of(), false);

  private static CoatsReading coats(double areaMm2, Learned learned) {
    Built built =
        Built.painted("#6B4A2F", "#B3202A")
            .area(areaMm2)
            .paint("red", "#B3202A", 0.71)
            .pot("clear-satin")
            .taught(learned);
    return new CoatsReading(Habits.USUAL, List.of(built.read()));
  }

  private static AskedOrder asked(CoatsReading coats, Ordering order) {
    return AskedOrder.of("stool", order, BARE, coats);
  }

  /** However a step is split, its parts together are the work of the band, and no more. */
  @Test
  void partsOfAStepTogetherAreTheWorkOfTheBand() {
    Random dice = new Random(4_409);
    for (int i = 0; i < 20; i++) {
      CoatsReading coats = coats(90_311 + dice.nextInt(1_800_000), Learned.NONE);
      Ordering order = Ordering.NONE;
      for (WorkStep step : asked(coats, order).work().steps()) {
        int parts = 1 + dice.nextInt(3);
        order = order.with(step.key(), s -> s.inParts(parts));
      }
      AskedOrder asked = asked(coats, order);
      Work work = asked.work();
      Lessons lessons = new Lessons(asked, BARE, coats);
      GroupReading group = coats.groups().getFirst();
      for (BandReading band : group.bands()) {
        double told =
            work.steps().stream()
                .filter(s -> s.what().equals(band.band().key()))
                .flatMap(s -> lessons.effort(s).stream())
                .mapToDouble(Effort::amount)
                .sum();
        assertThat(told)
            .as(band.band().key())
            .isCloseTo(band.effort().map(Effort::amount).orElse(0.0), within(1e-9));
      }
    }
  }

  /** What took as long as planned teaches that the plan was right. */
  @Test
  void whatTookAsLongAsPlannedTeachesThePlan() {
    CoatsReading coats = coats(637_911, Learned.NONE);
    AskedOrder asked = asked(coats, Ordering.NONE);
    Work work = asked.work();
    Lessons lessons = new Lessons(asked, BARE, coats);
    int taught = 0;
    for (WorkStep step : work.steps()) {
      for (Observation seen : lessons.of(step, Times.minutes(step.handsOn()), Optional.empty())) {
        Effort effort = lessons.effort(step).orElseThrow();
        assertThat(seen.low()).isCloseTo(effort.typical(), within(effort.typical() * 0.01));
        taught++;
      }
    }
    assertThat(taught).isGreaterThan(4);
  }

  /** Told 1.6 times as long for everything over and over, plans take nearly that much longer. */
  @Test
  void plansComeToTakeWhatStepsTook() {
    List<Observation> seen = new ArrayList<>();
    CoatsReading before = coats(511_713, Learned.NONE);
    AskedOrder asked = asked(before, Ordering.NONE);
    Work work = asked.work();
    Lessons lessons = new Lessons(asked, BARE, before);
    for (WorkStep step : work.steps()) {
      lessons
          .effort(step)
          .ifPresent(
              e -> {
                double real = e.aside() + 1.6 * (Times.minutes(e.time()) - e.aside());
                for (int n = 0; n < 60; n++) {
                  seen.addAll(lessons.of(step, real, Optional.empty()));
                }
              });
    }
    CoatsReading after = coats(511_713, Learned.from(seen));
    GroupReading was = before.groups().getFirst();
    GroupReading is = after.groups().getFirst();
    int compared = 0;
    for (BandReading band : was.bands()) {
      Optional<Effort> effort = band.effort();
      if (effort.isPresent()) {
        double aside = effort.get().aside();
        double ratio =
            (Times.minutes(is.band(band.band().key()).orElseThrow().handsOn()) - aside)
                / (Times.minutes(band.handsOn()) - aside);
        assertThat(ratio).as(band.band().key()).isCloseTo(1.6, within(0.02));
        compared++;
      }
    }
    assertThat(compared).isGreaterThan(3);
  }

  /** Measured at 1.4 times the plan, the pot goes 1.4 times less far, and so says the next plan. */
  @Test
  void whatWasPouredIsHowFarThePotGoes() {
    CoatsReading before = coats(702_211, Learned.NONE);
    AskedOrder asked = asked(before, Ordering.NONE);
    Work work = asked.work();
    Lessons lessons = new Lessons(asked, BARE, before);
    Draws draws = Draws.of(asked, BARE, before);
    WorkStep coat =
        work.steps().stream().filter(s -> s.what().equals(Band.GROUND)).findFirst().orElseThrow();
    double ml = draws.of(coat.id()).orElseThrow().ml();
    List<Observation> seen = new ArrayList<>();
    for (int n = 0; n < 80; n++) {
      seen.addAll(
          lessons.of(coat, Times.minutes(coat.handsOn()), Optional.of(ml * 1.4)).stream()
              .filter(o -> o.topic().about() == Topic.About.SPREAD)
              .toList());
    }
    assertThat(seen).hasSize(80);

    double was = before.groups().getFirst().band(Band.GROUND).orElseThrow().ml();
    double is =
        coats(702_211, Learned.from(seen)).groups().getFirst().band(Band.GROUND).orElseThrow().ml();
    assertThat(is / was).isCloseTo(1.4, within(0.01));
  }
}
