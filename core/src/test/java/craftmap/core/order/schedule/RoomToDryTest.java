package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static craftmap.core.order.schedule.Works.link;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.bench.Footprint;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Thing;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What lies about wet takes a place that it finds room on, and stays there until it is dry. */
class RoomToDryTest {
  private static final Scheduler SCHEDULER = new CpScheduler(new ListScheduler(40, 7), 4);
  private static final Bench LONG_DAY = bench(Hours.Stretch.of(8, 20));

  private static final Thing CHEST = new Thing("chest", "", Optional.of(Footprint.of(457, 914)));
  private static final Thing LID = new Thing("chest", "lid", Optional.of(Footprint.of(914, 470)));
  private static final Thing TIN = new Thing("tin", "", Optional.of(Footprint.of(181, 122)));
  private static final Thing CLOCK = new Thing("clock", "", Optional.of(Footprint.of(307, 307)));

  /** A step that leaves what it is done to wet for so long. */
  private static WorkStep wet(String id, int minutes, int wetFor, String... on) {
    return new WorkStep(
        id,
        "piece",
        id,
        Doing.COAT,
        id,
        1,
        1,
        Duration.ofMinutes(minutes),
        Set.of(on),
        Set.of(),
        Optional.of(new Dry(Dry.For.TOUCH, Duration.ofMinutes(wetFor), DryingLaw.WATER)),
        Material.NONE);
  }

  private static Work work(Map<String, Thing> things, List<Link> links, WorkStep... steps) {
    return new Work(List.of(steps), links, List.of(), things);
  }

  private static Problem on(Work work, DryingPlace... places) {
    return new Problem(work, LONG_DAY.with(List.of(places)), MONDAY.minusSeconds(3600), 5);
  }

  private static DryingPlace of(int count, double a, double b) {
    return new DryingPlace("Rack", count, Optional.of(Footprint.of(a, b)));
  }

  private static Schedule scheduled(Problem problem) {
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    Checked.check(problem, schedule);
    return schedule;
  }

  private static LocalTime ready(Problem problem) {
    Schedule schedule = scheduled(problem);
    assertThat(schedule.isProven()).isTrue();
    return Checked.time(problem, schedule.finish());
  }

  @Test
  void aThingTakesOnePlaceHoweverManyOfItsFacesAreWet() {
    Map<String, Thing> things = Map.of("front", CHEST, "back", CHEST, "top", LID);
    Work faces = work(things, List.of(), wet("f", 30, 60, "front"), wet("b", 30, 60, "back"));
    assertThat(ready(on(faces, of(1, 1000, 500)))).isEqualTo("09:00");
    // the lid was taken off: it waits until the chest has dried
    Work parts = work(things, List.of(), wet("f", 30, 60, "front"), wet("t", 30, 60, "top"));
    assertThat(ready(on(parts, of(1, 1000, 500)))).isEqualTo("09:30");
    assertThat(ready(on(parts, of(2, 1000, 500)))).isEqualTo("09:00");
    // one coat over both wants two places at once
    Work both = work(things, List.of(), wet("all", 30, 60, "front", "top"));
    assertThat(Minding.of(on(both, of(2, 1000, 500)), scheduled(on(both, of(2, 1000, 500))), 0))
        .isEmpty();
  }

  @Test
  void aPlaceIsTurnedByAQuarterButHoldsNothingLarger() {
    DryingPlace shelf = of(1, 500, 914);
    assertThat(shelf.holds(LID.size())).isTrue();
    assertThat(of(1, 913, 913).holds(LID.size())).isFalse();
    assertThat(of(1, 469.9, 2000).holds(LID.size())).isFalse();
    assertThat(DryingPlace.ofAnySize(1).holds(LID.size())).isTrue();
    assertThat(of(1, 100, 100).holds(Optional.empty())).isTrue();
  }

  /** Two tins on the rack, the chest on the floor: the tins do not take the chest's place. */
  @Test
  void whatIsLargeWaitsForALargePlaceAndWhatIsSmallLeavesItFree() {
    Map<String, Thing> things = Map.of("chest", CHEST, "tin", TIN, "clock", CLOCK);
    WorkStep tin = wet("tin", 20, 200, "tin");
    WorkStep clock = wet("clock", 20, 200, "clock");
    WorkStep chest = wet("chest", 20, 30, "chest");
    List<Link> inTurns = List.of(link("tin", "clock", 0), link("clock", "chest", 0));
    Work all = work(things, inTurns, tin, clock, chest);
    DryingPlace floor = new DryingPlace("Floor", 1, Optional.empty());
    assertThat(ready(on(all, floor, of(2, 400, 320)))).isEqualTo("09:00");
    // one shelf fewer: a tin lies on the floor, and the chest waits for it
    assertThat(ready(on(all, floor, of(1, 400, 320)))).isEqualTo("11:40");
  }

  /** At each moment there would be a place for each; but something would have to be moved. */
  @Test
  void whatIsWetIsNotMoved() {
    Map<String, Thing> things = Map.of("a", TIN, "b", CLOCK, "x", CHEST, "y", LID);
    // the lid lies on the large place until 8:25 and the tin on the shelf until 8:40, so that the
    // clock, done at 8:25, would take the large one: were it moved to the shelf at 8:40, the chest
    // could take its place
    WorkStep[] steps = {
      wet("y", 10, 15, "y"), wet("a", 5, 25, "a"), wet("b", 10, 300, "b"), wet("x", 5, 60, "x")
    };
    List<Link> inTurns = List.of(link("y", "a", 0), link("a", "b", 0), link("b", "x", 0));
    Work work = work(things, inTurns, steps);
    DryingPlace[] sizes = {of(1, 1000, 600), of(1, 400, 320)};
    Problem problem = on(work, sizes);
    assertThat(ready(problem)).isEqualTo("08:45");
    assertThat(ready(on(work, DryingPlace.ofAnySize(3)))).isEqualTo("08:30");
    Lying counted = new Lying();
    counted.add(LID, 10, 25);
    counted.add(TIN, 15, 40);
    counted.add(CLOCK, 25, 325);
    counted.add(CHEST, 40, 100);
    assertThat(counted.findsRoom(List.of(sizes))).isFalse();
    assertThat(counted.findsRoom(List.of(DryingPlace.ofAnySize(2)))).isTrue();
  }

  @Test
  void whatFindsNoRoomIsToldOfOnceAndPlannedAllTheSame() {
    Map<String, Thing> things = Map.of("front", CHEST, "back", CHEST, "tin", TIN);
    Work work =
        work(
            things,
            List.of(link("f", "b", 0)),
            wet("f", 30, 60, "front"),
            wet("b", 30, 60, "back"),
            wet("t", 30, 60, "tin"));
    Problem problem = on(work, of(1, 640, 480));
    Schedule schedule = scheduled(problem);
    List<OrderFinding> found = Minding.of(problem, schedule, 0);
    assertThat(found)
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.rule()).isEqualTo(OrderFinding.Rule.NO_PLACE_TO_DRY);
              assertThat(f.stepId()).isEqualTo("f");
              assertThat(f.things()).containsExactly(CHEST);
            });
    assertThat(Checked.time(problem, schedule.finish())).isEqualTo("09:30");
    Problem roomier = on(work, of(1, 640, 480), of(1, 920, 460));
    assertThat(Minding.of(roomier, scheduled(roomier), 0)).isEmpty();
  }

  /** Both doors in one go, and one place: the second door was put somewhere. */
  @Test
  void whatOneStepLeavesWetBeyondThePlacesIsPlannedAllTheSame() {
    Map<String, Thing> things = Map.of("left", CHEST, "right", LID);
    Problem problem =
        on(work(things, List.of(), wet("doors", 30, 60, "left", "right")), of(1, 1000, 600));
    assertThat(Minding.of(problem, SCHEDULER.schedule(problem).orElseThrow(), 0))
        .singleElement()
        .satisfies(f -> assertThat(f.rule()).isEqualTo(OrderFinding.Rule.NO_PLACE_TO_DRY));
  }

  /** The lid lay on the floor while the chest had the table: it goes back there, not to and fro. */
  @Test
  void whatHasDriedGoesBackToWhereItLay() {
    Map<String, Thing> things =
        Map.of(
            "front",
            CHEST,
            "top",
            LID,
            "panel",
            new Thing("screen", "", Optional.of(Footprint.of(1560, 350))));
    Work work =
        work(
            things,
            List.of(link("c", "l", 0), link("l", "again", 90), link("again", "p", 0)),
            wet("c", 10, 30, "front"),
            wet("l", 10, 60, "top"),
            wet("again", 10, 60, "top"),
            wet("p", 10, 60, "panel"));
    DryingPlace floor = new DryingPlace("Floor", 2, Optional.empty());
    Problem problem = on(work, of(1, 1000, 500), floor);
    Schedule schedule = scheduled(problem);
    WhereItDries where = WhereItDries.of(problem, schedule);
    assertThat(where.after("c").getFirst().places().getFirst().name()).isEqualTo("Rack");
    assertThat(where.after("l").getFirst().places()).containsExactly(floor);
    assertThat(where.after("again").getFirst().places()).containsExactly(floor);
    assertThat(where.after("p").getFirst().thing().pieceId()).isEqualTo("screen");
  }

  @Test
  void itIsSaidWhatIsInTheWay() {
    Map<String, Thing> things = Map.of("chest", CHEST, "top", LID);
    Work work = work(things, List.of(), wet("c", 30, 60, "chest"), wet("l", 47, 60, "top"));
    Problem problem = on(work, of(1, 1000, 500));
    Schedule schedule = scheduled(problem);
    Chain chain = Chain.of(problem, schedule);
    assertThat(chain.links().getLast().why()).isEqualTo(Chain.Why.ROOM);
    assertThat(chain.links().getLast().after()).contains(chain.links().getFirst().stepId());
    // and nothing is offered that would lie in its way
    Placed last = schedule.steps().getLast();
    Placed first = schedule.steps().getFirst();
    assertThat(WhatNow.of(problem, schedule, first.to(), 60).steps()).doesNotContain(last.stepId());
  }

  /** More was put down than there is room for: it lies where it lies, and the rest is planned. */
  @Test
  void whatLiesAboutAlreadyIsNoReasonToPlanNothing() {
    Map<String, Thing> things = Map.of("a", CHEST, "b", LID, "c", TIN);
    Work work =
        work(
            things,
            List.of(),
            wet("a", 30, 200, "a"),
            wet("b", 30, 200, "b"),
            wet("c", 30, 60, "c"));
    Map<String, Problem.Past> past = new HashMap<>();
    past.put("a", new Problem.Past(MONDAY, MONDAY.plusSeconds(1800)));
    past.put("b", new Problem.Past(MONDAY, MONDAY.plusSeconds(1860)));
    Problem problem =
        new Problem(
            work,
            LONG_DAY.with(List.of(of(1, 1000, 500))),
            MONDAY.plusSeconds(3600),
            5,
            Problem.Settled.past(past));
    Schedule schedule = SCHEDULER.schedule(problem).orElseThrow();
    // the chest has the one place until it is dry, at ten to one; the lid found room of its own
    assertThat(Checked.time(problem, schedule.of("c").orElseThrow().to())).isEqualTo("12:50");
    assertThat(schedule.isProven()).isTrue();
  }

  /** No beginnings on any minute end sooner, with whatever sizes. */
  @Tag("thorough")
  @Test
  void theFinishIsTheLeastOverAllBeginnings() {
    Random dice = new Random(30103);
    int waited = 0;
    for (int i = 0; i < 60; i++) {
      List<WorkStep> steps = new ArrayList<>();
      for (int k = 0; k < 4; k++) {
        steps.add(
            wet("s" + k, 1 + dice.nextInt(5), 5 + dice.nextInt(19), "face" + dice.nextInt(4)));
      }
      List<Link> links = new ArrayList<>();
      links.add(link("s0", "s1", dice.nextInt(6)));
      if (dice.nextBoolean()) {
        links.add(link("s2", "s3", dice.nextInt(6)));
      }
      Work work = Works.ofAllSizes(dice, new Work(steps, links));
      Bench hours = bench(new Hours.Stretch(LocalTime.of(9, 0), LocalTime.of(9, 34)));
      List<DryingPlace> places = new ArrayList<>(List.of(DryingPlace.ofAnySize(1)));
      if (dice.nextInt(3) > 0) {
        places.add(Works.anyPlaces(dice).getFirst());
      }
      Problem problem = new Problem(work, hours.with(places), MONDAY, 2);
      Optional<Schedule> found = SCHEDULER.schedule(problem);
      int least = EveryBeginning.least(problem);
      assertThat(found.isPresent()).as("case %d", i).isEqualTo(least < Integer.MAX_VALUE);
      assertThat(found).as("case %d", i).isPresent();
      Checked.check(problem, found.get());
      assertThat(found.get().isProven()).as("case %d", i).isTrue();
      assertThat(found.get().finish()).as("case %d", i).isEqualTo(least);
      int free = SCHEDULER.schedule(new Problem(work, hours, MONDAY, 2)).orElseThrow().finish();
      waited += least > free ? 1 : 0;
    }
    assertThat(waited).as("cases in which room was short").isGreaterThan(10);
  }

  /** Whatever the sizes, what is answered can be worked, and no place is taken twice. */
  @Tag("thorough")
  @Test
  void everyScheduleFindsRoom() {
    Random dice = new Random(84510);
    int later = 0;
    for (int i = 0; i < 50; i++) {
      Work work =
          Works.ofAllSizes(
              dice, Works.any(dice, 3 + dice.nextInt(4), 1 + dice.nextInt(4), dice.nextBoolean()));
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2)).with(Works.anyPlaces(dice));
      Problem problem =
          new Problem(work, bench, MONDAY.plusSeconds(3600L * dice.nextInt(9000)), 30);
      Optional<Schedule> list = ListScheduler.longestChainFirst().schedule(problem);
      list.ifPresent(s -> Checked.check(problem, s));
      Optional<Schedule> found = new CpScheduler(new ListScheduler(10, 3), 1).schedule(problem);
      found.ifPresent(
          s -> {
            Checked.check(problem, s);
            nothingIsPutOnAPlaceThatIsTaken(problem, s);
            assertThat(s.least()).isLessThanOrEqualTo(s.finish());
            list.ifPresent(l -> assertThat(s.least()).isLessThanOrEqualTo(l.finish()));
          });
      Optional<Schedule> roomy =
          new CpScheduler(new ListScheduler(10, 3), 1)
              .schedule(new Problem(work, bench.withPlaces(50), problem.begins(), 30));
      later +=
          found.isPresent() && roomy.isPresent() && found.get().finish() > roomy.get().finish()
              ? 1
              : 0;
      if (found.isPresent() && roomy.isPresent() && roomy.get().isProven()) {
        assertThat(found.get().finish()).isGreaterThanOrEqualTo(roomy.get().finish());
      }
    }
    assertThat(later).isGreaterThan(10);
  }

  /** What is told of where each thing is to be put is followed, minute by minute. */
  private static void nothingIsPutOnAPlaceThatIsTaken(Problem problem, Schedule schedule) {
    WhereItDries where = WhereItDries.of(problem, schedule);
    Map<List<DryingPlace>, Map<Integer, Set<Thing>>> lying = new HashMap<>();
    Map<Thing, Map<Integer, List<DryingPlace>>> moved = new HashMap<>();
    for (Placed p : schedule.steps()) {
      int dry = problem.dryAt(p.stepId(), p.to());
      for (WhereItDries.Spot spot : where.after(p.stepId())) {
        assertThat(spot.places()).allMatch(d -> d.holds(spot.thing().size()));
        for (int m = p.to(); m < dry; m++) {
          lying
              .computeIfAbsent(spot.places(), k -> new HashMap<>())
              .computeIfAbsent(m, k -> new HashSet<>())
              .add(spot.thing());
          List<DryingPlace> before =
              moved.computeIfAbsent(spot.thing(), k -> new HashMap<>()).put(m, spot.places());
          assertThat(before == null || before.equals(spot.places())).isTrue();
        }
      }
    }
    lying.forEach(
        (places, at) ->
            at.values()
                .forEach(
                    t ->
                        assertThat(t.size())
                            .isLessThanOrEqualTo(
                                places.stream().mapToInt(DryingPlace::count).sum())));
  }

  /** More of the largest places never end later, where it is proven. */
  @Tag("thorough")
  @Test
  void moreRoomNeverEndsLater() {
    Random dice = new Random(22360);
    for (int i = 0; i < 20; i++) {
      Work work = Works.ofAllSizes(dice, Works.any(dice, 4, 2, false));
      Bench bench = Works.anyBench(dice, 1).with(Works.anyPlaces(dice));
      Problem problem = new Problem(work, bench, MONDAY, 21);
      Schedule more = scheduled(new Problem(work, bench.withMorePlaces(3), MONDAY, 21));
      Optional<Schedule> now = SCHEDULER.schedule(problem);
      if (more.isProven() && now.isPresent()) {
        // what found no room on the list was planned as if it had some: there it is no less free
        boolean allFit =
            work.things().values().stream()
                .allMatch(t -> bench.dryingPlaces().stream().anyMatch(p -> p.holds(t.size())));
        if (allFit) {
          assertThat(more.finish()).isLessThanOrEqualTo(now.get().finish());
        }
      }
    }
  }
}
