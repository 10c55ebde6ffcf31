package craftmap.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.coats.Band;
import craftmap.core.coats.Built;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.OwnStep;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class AskedOrderTest {
  private static final GroupReading GROUP =
      Built.painted("#6B4A2F", "#B3202A").paint("red", "#B3202A", 0.6).pot("clear-satin").read();
  private static final CoatsReading COATS = new CoatsReading(Habits.USUAL, List.of(GROUP));
  private static final PlanReading BARE =
      new PlanReading(List.of(), List.of(), List.of(), List.of(), false);
  private static final Work DERIVED = StepsReader.of("chest", BARE, COATS, Set.of());

  private static AskedOrder asked(Ordering order) {
    return AskedOrder.of("chest", order, BARE, COATS);
  }

  private static final String FIRST_COAT =
      DERIVED.steps().stream()
          .filter(s -> s.what().equals(Band.GROUND))
          .map(WorkStep::key)
          .findFirst()
          .orElseThrow();

  @Test
  void whatWasDecidedAboutNothingChangesNothing() {
    assertThat(asked(Ordering.NONE).work()).isEqualTo(DERIVED);
    Ordering gone =
        Ordering.NONE
            .with("chest:gone", s -> s.inParts(3))
            .with(new Ordering.Bar("gone", FIRST_COAT), true);
    assertThat(asked(gone).work()).isEqualTo(DERIVED);
    assertThat(asked(gone).unkept()).isEmpty();
  }

  /** A third each, one after the other; what waits for the whole waits for the last of them. */
  @Test
  void aStepInPartsIsDoneOnePartAfterTheOther() {
    Work work = asked(Ordering.NONE.with(FIRST_COAT, s -> s.inParts(3))).work();
    List<WorkStep> parts =
        work.steps().stream().filter(s -> s.wholeKey().equals(FIRST_COAT)).toList();
    assertThat(parts).hasSize(3).extracting(WorkStep::partOfWhole).containsExactly(1, 2, 3);
    WorkStep whole = DERIVED.step("chest:" + FIRST_COAT);
    assertThat(parts)
        .allMatch(p -> p.handsOn().equals(whole.handsOn().dividedBy(3)))
        .extracting(p -> p.wet().isPresent())
        .containsExactly(false, false, true);
    assertThat(work.waitsFor(parts.get(2).id(), parts.get(0).id())).isTrue();
    Link next =
        DERIVED.links().stream().filter(l -> l.from().equals(whole.id())).findFirst().orElseThrow();
    assertThat(work.links())
        .contains(new Link(parts.get(2).id(), next.to(), next.atLeast(), next.atMost()));
  }

  @Test
  void eachPartHasItsOwnTimeBeginningAndEnd() {
    LocalDateTime then = LocalDateTime.of(2027, 3, 2, 14, 25);
    Ordering order =
        Ordering.NONE
            .with(FIRST_COAT, s -> s.inParts(2))
            .with(FIRST_COAT + "~2", s -> s.taking(Optional.of(Duration.ofMinutes(17))))
            .with(FIRST_COAT + "~2", s -> s.beginning(Optional.of(then)))
            .with(
                FIRST_COAT + "~1",
                s ->
                    s.done(
                        Optional.of(
                            new Ordering.Done(
                                Instant.parse("2027-03-01T10:11:12Z"), Duration.ofMinutes(9)))));
    AskedOrder asked = asked(order);
    String second = "chest:" + FIRST_COAT + "~2";
    assertThat(asked.work().step(second).handsOn()).isEqualTo(Duration.ofMinutes(17));
    assertThat(asked.begins()).containsOnlyKeys(second).containsValue(then);
    assertThat(AskedOrder.done("chest", order)).containsOnlyKeys("chest:" + FIRST_COAT + "~1");
  }

  @Test
  void aStepOfOnesOwnIsDoneToItsGroupAndRestsBeforeWhatComesAfterIt() {
    OwnStep putty =
        new OwnStep(
            "Putty the hinge holes",
            Duration.ofMinutes(20),
            Optional.of(GROUP.group().id()),
            Duration.ofHours(3));
    Ordering order =
        Ordering.NONE
            .with("own:putty", putty)
            .with(new Ordering.Bar("own:putty", FIRST_COAT), true)
            .with(
                "own:call",
                new OwnStep("Call", Duration.ofMinutes(5), Optional.empty(), Duration.ZERO));
    Work work = asked(order).work();
    WorkStep own = work.step("chest:own:putty");
    assertThat(own.on()).isEqualTo(work.step("chest:" + FIRST_COAT).on());
    assertThat(own.row()).isEqualTo(GROUP.group().id());
    assertThat(
            work.links().stream()
                .filter(l -> l.from().equals(own.id()))
                .map(l -> l.atLeast().orElseThrow().label()))
        .containsExactly(Duration.ofHours(3));
    WorkStep call = work.step("chest:own:call");
    assertThat(call.on()).isEmpty();
    assertThat(call.row()).isEqualTo(AskedOrder.BESIDES);
    assertThat(asked(order.without("own:putty")).work().steps())
        .noneMatch(s -> s.key().equals("own:putty"));
    assertThat(order.without("own:putty").bars()).isEmpty();
  }

  /** What would have steps wait for each other is told and left out; the rest is kept. */
  @Test
  void anOrderThatCannotBeIsTold() {
    String last = DERIVED.steps().getLast().key();
    Ordering order = Ordering.NONE.with(new Ordering.Bar(last, FIRST_COAT), true);
    AskedOrder asked = asked(order);
    assertThat(asked.unkept()).containsExactly(new Ordering.Bar(last, FIRST_COAT));
    assertThat(asked.work()).isEqualTo(DERIVED);
  }

  /** Whatever orders are asked for, no step waits for itself, and none is lost. */
  @Test
  void anyOrdersGiveStepsThatCanBeDone() {
    Random dice = new Random(4669);
    int unkept = 0;
    for (int i = 0; i < 150; i++) {
      Ordering order = Ordering.NONE;
      for (int k = 0; k < 6; k++) {
        WorkStep one = DERIVED.steps().get(dice.nextInt(DERIVED.steps().size()));
        WorkStep other = DERIVED.steps().get(dice.nextInt(DERIVED.steps().size()));
        if (one != other) {
          order = order.with(new Ordering.Bar(one.key(), other.key()), true);
        }
        int parts = 1 + dice.nextInt(4);
        order = order.with(one.key(), s -> s.inParts(parts));
      }
      AskedOrder asked = asked(order);
      unkept += asked.unkept().size();
      assertThat(asked.work().handsOn().toSeconds())
          .isBetween(
              DERIVED.handsOn().toSeconds() - asked.work().steps().size(),
              DERIVED.handsOn().toSeconds() + asked.work().steps().size());
      for (Ordering.Bar bar : order.bars()) {
        if (!asked.unkept().contains(bar)) {
          assertThat(
                  asked.work().steps().stream()
                      .filter(s -> s.wholeKey().equals(bar.next()))
                      .allMatch(
                          n ->
                              asked.work().steps().stream()
                                  .filter(s -> s.wholeKey().equals(bar.first()))
                                  .allMatch(f -> asked.work().waitsFor(n.id(), f.id()))))
              .as("case %d, %s", i, bar)
              .isTrue();
        }
      }
    }
    assertThat(unkept).isGreaterThan(50);
  }
}
