package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static craftmap.core.order.schedule.Works.dry;
import static craftmap.core.order.schedule.Works.link;
import static craftmap.core.order.schedule.Works.step;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.measure.Level;
import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.finding.OrderFinding.Rule;
import craftmap.core.order.finding.OrderMend;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
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
    return new Problem(work, bench, MONDAY, 10, Problem.Settled.past(past));
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

  private static WorkStep using(String id, int minutes, Material material, Doing doing) {
    WorkStep plain = step(id, minutes, "front");
    return new WorkStep(
        id,
        "piece",
        "front",
        doing,
        id,
        1,
        1,
        plain.handsOn(),
        plain.on(),
        Set.of(),
        Optional.of(dry(90)),
        material);
  }

  private static Material twoPart(int potLife) {
    return new Material(
        "filler",
        Material.ANY_COLD,
        Optional.of(new Dry(Dry.For.FRESH, Duration.ofMinutes(potLife), DryingLaw.WARMTH)),
        Optional.empty(),
        Duration.ZERO,
        false,
        Optional.empty());
  }

  private static Material worked(int open) {
    return new Material(
        "paste",
        Material.ANY_COLD,
        Optional.empty(),
        Optional.of(dry(open)),
        Duration.ZERO,
        false,
        Optional.empty());
  }

  private static Work only(WorkStep... steps) {
    return new Work(List.of(steps), List.of());
  }

  private static List<OrderFinding> all(Problem problem) {
    Schedule schedule = ListScheduler.longestChainFirst().schedule(problem).orElseThrow();
    return Minding.of(problem, schedule, -1);
  }

  /** Three quarters of 40 minutes are 30: 31 are too long, and go in two parts. */
  @Test
  void aMixIsUsedUpWithinThreeQuartersOfItsPotLife() {
    Problem fits = problem(only(using("fill", 30, twoPart(40), Doing.FILL)), USUAL, Map.of());
    assertThat(all(fits)).isEmpty();
    Problem longer = problem(only(using("fill", 31, twoPart(40), Doing.FILL)), USUAL, Map.of());
    OrderFinding found = all(longer).getFirst();
    assertThat(found.rule()).isEqualTo(Rule.POT_LIFE);
    assertThat(found.times()).containsExactly(Duration.ofMinutes(31), Duration.ofMinutes(30));
    assertThat(found.mends()).containsExactly(new OrderMend.InParts("fill", 2));
  }

  /** A warm bench has a mix go off sooner. */
  @Test
  void aPotLifeIsThatOfTheBench() {
    Bench warm = bench(DayClimate.always(new Climate(31, 50)), 1, Hours.Stretch.of(9, 17));
    Work work = only(using("fill", 20, twoPart(40), Doing.FILL));
    assertThat(all(problem(work, USUAL, Map.of()))).isEmpty();
    assertThat(all(problem(work, warm, Map.of())).getFirst().times())
        .containsExactly(Duration.ofMinutes(20), Duration.ofMinutes(15));
  }

  @Test
  void aPatternGoesInWhileThePasteIsOpenAndABlendIsMadeWhileItIsWet() {
    assertThat(found(problem(only(using("roll", 26, worked(25), Doing.LAY)), USUAL, Map.of()), -1))
        .containsExactly(Rule.EMBOSS_WET);
    assertThat(found(problem(only(using("sky", 26, worked(25), Doing.COAT)), USUAL, Map.of()), -1))
        .containsExactly(Rule.BLEND_WET);
    assertThat(found(problem(only(using("sky", 25, worked(25), Doing.COAT)), USUAL, Map.of()), -1))
        .isEmpty();
  }

  /** A coat at four is still wet when the night gets too cold for it: in the morning it is not. */
  @Test
  void aFilmThatGetsTooColdBeforeItIsDryIsTold() {
    Bench coldNights =
        bench(
            DayClimate.of(new Climate(20, 50), 8, 18, new Climate(7, 55)),
            1,
            Hours.Stretch.of(9, 18));
    Work work =
        new Work(
            List.of(
                step("wash", 460, "front"), using("seal", 30, Works.noColderThan(10), Doing.COAT)),
            List.of(Link.after("wash", "seal")));
    Problem problem = problem(work, coldNights, Map.of());
    OrderFinding cold =
        all(problem).stream().filter(f -> f.rule() == Rule.COLD_NIGHT).findFirst().orElseThrow();
    assertThat(cold.stepId()).isEqualTo("seal");
    // the next morning at nine
    assertThat(cold.mends()).containsExactly(new OrderMend.BeginAt("seal", 24 * 60));
    assertThat(found(problem(work, USUAL, Map.of()), -1)).doesNotContain(Rule.COLD_NIGHT);
  }

  @Test
  void whatWaitsForWarmerAirIsTold() {
    Bench late =
        bench(
            DayClimate.of(new Climate(19, 50), 11, 20, new Climate(6, 60)),
            1,
            Hours.Stretch.of(9, 17));
    Problem problem =
        problem(only(using("seal", 30, Works.noColderThan(10), Doing.COAT)), late, Map.of());
    OrderFinding found =
        all(problem).stream()
            .filter(f -> f.rule() == Rule.WAITS_FOR_WARMTH)
            .findFirst()
            .orElseThrow();
    assertThat(found.times()).containsExactly(Duration.ofMinutes(120));
  }

  @Test
  void whatKeepsADayAndIsNeededOnMoreIsTold() {
    Material casein =
        new Material(
            "milk",
            Material.ANY_COLD,
            Optional.empty(),
            Optional.empty(),
            Duration.ZERO,
            true,
            Optional.empty());
    WorkStep one = using("first", 30, casein, Doing.COAT);
    WorkStep two = using("second", 30, casein, Doing.COAT);
    Work days = new Work(List.of(one, two), List.of(link("first", "second", 600)));
    OrderFinding found = all(problem(days, USUAL, Map.of())).getFirst();
    assertThat(found.rule()).isEqualTo(Rule.CASEIN_FRESH);
    assertThat(found.count()).isEqualTo(2);
    Work sameDay = new Work(List.of(one, two), List.of(link("first", "second", 60)));
    assertThat(all(problem(sameDay, USUAL, Map.of()))).isEmpty();
  }

  @Test
  void whatWasDoneOnWetPaintIsTold() {
    Work work = new Work(List.of(step("a", 30), step("b", 30)), List.of(link("a", "b", 240)));
    Instant end = MONDAY.minusSeconds(36_000);
    Problem.Past a = new Problem.Past(end.minusSeconds(1800), end);
    Problem.Past b = new Problem.Past(end.plusSeconds(3600), end.plusSeconds(5400));
    assertThat(found(problem(work, USUAL, Map.of("a", a, "b", b)), 0))
        .containsExactly(Rule.DONE_TOO_SOON);
  }

  @Test
  void whatIsFixedOntoWetPaintStopsAndWhatIsFixedIntoTheNightIsMovedOnly() {
    Work work = new Work(List.of(step("a", 30), step("b", 30)), List.of(link("a", "b", 240)));
    Problem wet =
        new Problem(
            work,
            USUAL,
            MONDAY,
            10,
            new Problem.Settled(Map.of(), Map.of("b", MONDAY.plusSeconds(7200))));
    OrderFinding soon = all(wet).getFirst();
    assertThat(soon.rule()).isEqualTo(Rule.FIXED_TOO_SOON);
    assertThat(soon.other()).isEqualTo("a");
    assertThat(soon.mends())
        .containsExactly(new OrderMend.BeginAt("b", 270), new OrderMend.LeaveOpen("b"));
    Problem night =
        new Problem(
            work,
            USUAL,
            MONDAY,
            10,
            new Problem.Settled(Map.of(), Map.of("b", MONDAY.plusSeconds(3600 * 14))));
    assertThat(all(night).stream().map(OrderFinding::rule)).containsExactly(Rule.FIXED_MOVED);
  }

  /**
   * Size that is brushed on at half past four is dry long before somebody is back in the morning:
   * it waits, and is told to.
   */
  @Test
  void whatWaitsSoThatNoWindowIsMissedIsTold() {
    Work work =
        new Work(
            List.of(step("wash", 450), step("size", 20), step("foil", 30)),
            List.of(Link.after("wash", "size"), link("size", "foil", 15).within(dry(90))));
    OrderFinding held = all(problem(work, USUAL, Map.of())).getFirst();
    assertThat(held.rule()).isEqualTo(Rule.HELD_FOR_WINDOW);
    assertThat(held.stepId()).isEqualTo("size");
    // from 16:30 until nine
    assertThat(held.times()).containsExactly(Duration.ofMinutes(990), Duration.ofMinutes(90));
    Work early =
        new Work(List.of(step("wash", 300), step("size", 20), step("foil", 30)), work.links());
    assertThat(found(problem(early, USUAL, Map.of()), -1)).doesNotContain(Rule.HELD_FOR_WINDOW);
  }

  /** Hands are full until half past four; from then on nobody would be there for the foil. */
  @Test
  void whatIsHeldOnceHandsAreFreeIsTold() {
    Work work =
        new Work(
            List.of(step("wash", 300), step("size", 20), step("foil", 30), step("crates", 150)),
            List.of(Link.after("wash", "size"), link("size", "foil", 15).within(dry(90))));
    Problem.Settled fixed =
        new Problem.Settled(Map.of(), Map.of("crates", MONDAY.plusSeconds(3600 * 5)));
    OrderFinding held =
        all(new Problem(work, USUAL, MONDAY, 10, fixed)).stream()
            .filter(f -> f.rule() == Rule.HELD_FOR_WINDOW)
            .findFirst()
            .orElseThrow();
    assertThat(held.stepId()).isEqualTo("size");
    assertThat(held.times().getFirst()).isEqualTo(Duration.ofMinutes(990));
    // begun at two it would be in time: then it waits for hands, not for its window
    Work shorter =
        new Work(
            List.of(step("wash", 300), step("size", 20), step("foil", 30), step("crates", 30)),
            work.links());
    assertThat(found(new Problem(shorter, USUAL, MONDAY, 10, fixed), -1))
        .doesNotContain(Rule.HELD_FOR_WINDOW);
  }

  /** Whatever is found, what is offered ends it, and stops nothing else. */
  @Tag("thorough")
  @Test
  void aMendEndsWhatItIsOfferedFor() {
    Random dice = new Random(35711);
    int mended = 0;
    for (int i = 0; i < 120; i++) {
      Work work = Works.any(dice, 2 + dice.nextInt(3), 2 + dice.nextInt(3), dice.nextInt(3) == 0);
      work =
          work.with(
              s -> using(s, s.id().endsWith("0") ? twoPart(9 + dice.nextInt(60)) : s.material()));
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2)).withPlaces(50);
      Map<String, Instant> fixed = new HashMap<>();
      WorkStep any = work.steps().get(dice.nextInt(work.steps().size()));
      fixed.put(any.id(), MONDAY.plusSeconds(60L * dice.nextInt(3000)));
      Problem problem = new Problem(work, bench, MONDAY, 30, new Problem.Settled(Map.of(), fixed));
      Optional<Schedule> schedule = ListScheduler.longestChainFirst().schedule(problem);
      if (schedule.isEmpty()) {
        continue;
      }
      List<OrderFinding> before = Minding.of(problem, schedule.get(), -1);
      for (OrderFinding f : before) {
        for (OrderMend mend : f.mends()) {
          Problem then = mend(work, bench, fixed, problem, mend);
          Optional<Schedule> other = new ListScheduler(20, 3).schedule(then);
          assertThat(other).as("case %d, %s by %s", i, f, mend).isPresent();
          List<OrderFinding> after = Minding.of(then, other.get(), -1);
          assertThat(after)
              .as("case %d, %s by %s", i, f, mend)
              .noneMatch(a -> a.rule() == f.rule() && sameStep(a.stepId(), f.stepId()));
          assertThat(stops(after)).as("case %d, %s", i, f).isSubsetOf(stops(before));
          mended++;
        }
      }
    }
    assertThat(mended).isGreaterThan(100);
  }

  private static boolean sameStep(String a, String b) {
    return a.split("[~/]")[0].equals(b.split("[~/]")[0]);
  }

  private static Set<String> stops(List<OrderFinding> found) {
    return found.stream()
        .filter(f -> f.rule().level() == Level.STOP)
        .map(f -> f.rule() + " " + f.stepId().split("[~/]")[0])
        .collect(Collectors.toSet());
  }

  private static WorkStep using(WorkStep s, Material material) {
    return new WorkStep(
        s.id(),
        s.pieceId(),
        s.row(),
        s.doing(),
        s.what(),
        s.n(),
        s.of(),
        s.handsOn(),
        s.on(),
        s.with(),
        s.wet(),
        material);
  }

  private static Problem mend(
      Work work, Bench bench, Map<String, Instant> fixed, Problem problem, OrderMend mend) {
    Map<String, Instant> then = new HashMap<>(fixed);
    Work other = work;
    switch (mend) {
      case OrderMend.InParts(String step, int parts) -> {
        other = work.inParts(Map.of(step.split("[~/]")[0], parts));
        if (then.containsKey(step) && parts > 1) {
          then.put(step + "~1", then.remove(step));
        }
      }
      case OrderMend.BeginAt(String step, int minute) -> then.put(step, problem.instant(minute));
      case OrderMend.LeaveOpen(String step) -> then.remove(step);
      case OrderMend.DoAgain _, OrderMend.FromNow _, OrderMend.LeaveOrderOpen _ ->
          throw new IllegalStateException("nothing is done yet, and no order was asked for");
    }
    return new Problem(other, bench, MONDAY, 30, new Problem.Settled(Map.of(), then));
  }
}
