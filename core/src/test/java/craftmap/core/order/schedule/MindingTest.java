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
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.finding.OrderFinding.Rule;
import craftmap.core.order.work.Work;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * What one is told to mind: each rule with a schedule on which it is found, and one on which it is
 * not.
 */
class MindingTest {
  private static final Work FOIL =
      new Work(
          List.of(step("size", 20), step("foil", 30)),
          List.of(link("size", "foil", 15).within(dry(45))));

  private static List<Rule> found(Problem problem, int now) {
    Schedule schedule = ListScheduler.longestChainFirst().schedule(problem).orElseThrow();
    return Minding.of(problem, schedule, now).stream().map(OrderFinding::rule).toList();
  }

  private static Problem problem(Work work, Bench bench, Map<String, Problem.Past> past) {
    return new Problem(work, bench, MONDAY, 10, past);
  }

  private static final Bench USUAL = bench(Hours.Stretch.of(9, 17));

  @Test
  void whatHasToFollowWithinMinutesIsTold() {
    assertThat(found(problem(FOIL, USUAL, Map.of()), -1)).containsExactly(Rule.SHORT_WINDOW);
    Work open = new Work(FOIL.steps(), List.of(link("size", "foil", 15).within(dry(90))));
    assertThat(found(problem(open, USUAL, Map.of()), -1)).isEmpty();
  }

  /** Size that was brushed on an hour before the rest is planned holds nothing any more. */
  @Test
  void aWindowThatWasMissedIsTold() {
    Instant end = MONDAY.minusSeconds(3600);
    Map<String, Problem.Past> sized = Map.of("size", new Problem.Past(end.minusSeconds(1200), end));
    assertThat(found(problem(FOIL, USUAL, sized), 0)).contains(Rule.WINDOW_MISSED);
    Instant late = MONDAY.minusSeconds(600);
    Map<String, Problem.Past> justSized =
        Map.of("size", new Problem.Past(late.minusSeconds(1200), late));
    assertThat(found(problem(FOIL, USUAL, justSized), 0)).doesNotContain(Rule.WINDOW_MISSED);
  }

  @Test
  void whatWasLaidTooLateIsTold() {
    Instant end = MONDAY.minusSeconds(36_000);
    Problem.Past size = new Problem.Past(end.minusSeconds(1200), end);
    Problem.Past late = new Problem.Past(end.plusSeconds(7200), end.plusSeconds(9000));
    Problem.Past inTime = new Problem.Past(end.plusSeconds(1200), end.plusSeconds(3000));
    assertThat(found(problem(FOIL, USUAL, Map.of("size", size, "foil", late)), 0))
        .containsExactly(Rule.WINDOW_MISSED);
    assertThat(found(problem(FOIL, USUAL, Map.of("size", size, "foil", inTime)), 0)).isEmpty();
  }

  @Test
  void whatShouldHaveBeenDoneIsTold() {
    Work one = new Work(List.of(step("wash", 25)), List.of());
    assertThat(found(problem(one, USUAL, Map.of()), 40)).containsExactly(Rule.LATE);
    assertThat(found(problem(one, USUAL, Map.of()), 25)).isEmpty();
  }

  @Test
  void whatDriesMuchLongerThanItsLabelSaysIsTold() {
    Work coats = new Work(List.of(step("a", 30), step("b", 30)), List.of(link("a", "b", 240)));
    Bench cold = bench(DayClimate.always(new Climate(13, 58)), 1, Hours.Stretch.of(9, 17));
    assertThat(found(problem(coats, cold, Map.of()), -1)).contains(Rule.SLOW_TO_DRY);
    assertThat(found(problem(coats, USUAL, Map.of()), -1)).isEmpty();
  }

  @Test
  void whatIsBegunAsSoonAsItIsDryInDampAirIsTold() {
    Work coats = new Work(List.of(step("a", 30), step("b", 30)), List.of(link("a", "b", 60)));
    Bench damp = bench(DayClimate.always(new Climate(21, 66)), 1, Hours.Stretch.of(9, 17));
    assertThat(found(problem(coats, damp, Map.of()), -1)).containsExactly(Rule.BARELY_DRY);
    assertThat(found(problem(coats, USUAL, Map.of()), -1)).isEmpty();
  }
}
