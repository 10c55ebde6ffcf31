package craftmap.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.Built;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What steps take out of pots, and what is left to take once some of them are done. */
class DrawsTest {
  private static final PlanReading BARE =
      new PlanReading(List.of(), List.of(), List.of(), List.of(), false);

  private static CoatsReading coats(Random dice, boolean bare) {
    Built built =
        (bare
                ? Built.of(MakeUp.WOOD, Finish.BARE, "#D9CFBC", "#B3202A")
                : Built.painted("#6B4A2F", "#B3202A"))
            .area(110_311 + dice.nextInt(1_900_777))
            .paint("red", "#B3202A", 0.35 + 0.6 * dice.nextDouble())
            .pot("clear-satin");
    return new CoatsReading(Habits.USUAL, List.of(built.read()));
  }

  private static AskedOrder asked(CoatsReading coats, Ordering order) {
    return AskedOrder.of("stool", order, BARE, coats);
  }

  /** However its coats are split into parts, a band's steps take what the band takes. */
  @Test
  void theStepsOfACoatTogetherTakeWhatItTakes() {
    Random dice = new Random(30_911);
    for (int i = 0; i < 30; i++) {
      CoatsReading coats = coats(dice, i % 2 == 0);
      Ordering order = Ordering.NONE;
      for (WorkStep step : asked(coats, order).work().steps()) {
        int parts = 1 + dice.nextInt(3);
        order = order.with(step.key(), s -> s.inParts(parts));
      }
      AskedOrder asked = asked(coats, order);
      Work work = asked.work();
      Draws draws = Draws.of(asked, BARE, coats);
      GroupReading group = coats.groups().getFirst();
      int wet = 0;
      for (BandReading band : group.bands()) {
        String use = CoatsReading.useId(group, band);
        List<String> steps = draws.stepsOf(use, work);
        if (band.ml() > 0 && !steps.isEmpty()) {
          double together = steps.stream().mapToDouble(s -> draws.of(s).orElseThrow().ml()).sum();
          assertThat(together).as("case %d, %s", i, use).isCloseTo(band.ml(), within(1e-6));
          wet++;
        } else {
          assertThat(steps).as(use).isEmpty();
        }
      }
      assertThat(wet).isGreaterThan(1);
      assertThat(draws.byStep().keySet())
          .isSubsetOf(work.steps().stream().map(WorkStep::id).toList());
    }
  }

  /** The first coat on bare wood takes more than the second. */
  @Test
  void theFirstCoatTakesWhatTheWoodDrinks() {
    CoatsReading coats = coats(new Random(5), true);
    AskedOrder asked = asked(coats, Ordering.NONE);
    Work work = asked.work();
    Draws draws = Draws.of(asked, BARE, coats);
    GroupReading group = coats.groups().getFirst();
    BandReading drinks =
        group.bands().stream()
            .filter(b -> b.band() instanceof Band.Coat c && c.times() > 1)
            .filter(b -> b.sum().orElseThrow().firstCoat() > 1.01)
            .findFirst()
            .orElseGet(() -> group.band(Band.GROUND).orElseThrow());
    List<String> steps = draws.stepsOf(CoatsReading.useId(group, drinks), work);
    double first = draws.of(steps.getFirst()).orElseThrow().ml();
    double last = draws.of(steps.getLast()).orElseThrow().ml();
    assertThat(first / last).isCloseTo(drinks.sum().orElseThrow().firstCoat(), within(1e-9));
  }

  /** Whatever is done, what is left is what the other steps take, and nothing of what is booked. */
  @Test
  void whatIsLeftIsWhatTheOtherStepsTake() {
    Random dice = new Random(81_223);
    for (int i = 0; i < 30; i++) {
      CoatsReading coats = coats(dice, i % 3 == 0);
      AskedOrder asked = asked(coats, Ordering.NONE);
      Work work = asked.work();
      Draws draws = Draws.of(asked, BARE, coats);
      Ordering order = Ordering.NONE;
      Map<String, Double> left = new HashMap<>();
      for (WorkStep step : work.steps()) {
        boolean done = dice.nextBoolean();
        if (done) {
          Ordering.Done at =
              new Ordering.Done(Instant.EPOCH.plus(Duration.ofDays(20_000)), Duration.ofMinutes(7));
          order = order.with(step.key(), s -> s.done(Optional.of(at)));
        }
        draws.of(step.id()).ifPresent(d -> left.merge(d.useId(), done ? 0 : d.ml(), Double::sum));
      }
      GroupReading group = coats.groups().getFirst();
      Set<String> booked = new HashSet<>();
      for (BandReading band : group.bands()) {
        if (dice.nextInt(4) == 0) {
          booked.add(CoatsReading.useId(group, band));
        }
      }
      StillToTake still = StillToTake.of("stool", order, BARE, coats, booked);
      for (BandReading band : group.bands()) {
        String use = CoatsReading.useId(group, band);
        double expected = booked.contains(use) ? 0 : left.getOrDefault(use, band.ml());
        assertThat(still.of(use, band.ml()))
            .as("case %d, %s", i, use)
            .isCloseTo(expected, within(1e-6));
        assertThat(still.isDone(use))
            .isEqualTo(band.ml() > 0 && expected < 1e-9 || booked.contains(use));
      }
    }
  }

  @Test
  void nothingIsTakenYetOfWhatNothingIsDoneOf() {
    CoatsReading coats = coats(new Random(9), false);
    StillToTake still = StillToTake.of("stool", Ordering.NONE, BARE, coats, Set.of("one"));
    assertThat(still.of("another", 41.7)).isEqualTo(41.7);
    assertThat(still.of("one", 41.7)).isZero();
    assertThat(StillToTake.all().of("one", 41.7)).isEqualTo(41.7);
  }
}
