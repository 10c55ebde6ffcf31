package craftmap.core.order.schedule;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.bench.Footprint;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.bench.Person;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Thing;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

/** Steps and benches to try schedules with. */
final class Works {
  static final ZoneId UTC = ZoneId.of("UTC");

  /** A Monday, at nine. */
  static final Instant MONDAY = Instant.parse("2027-01-04T09:00:00Z");

  private Works() {}

  static WorkStep step(String id, int minutes, String... on) {
    return new WorkStep(
        id,
        "piece",
        on.length == 0 ? id : on[0],
        Doing.COAT,
        id,
        1,
        1,
        Duration.ofMinutes(minutes),
        Set.of(on),
        Set.of(),
        Optional.empty(),
        Material.NONE);
  }

  /** With nothing but a coldest temperature. */
  static Material noColderThan(double celsius) {
    return new Material(
        "", celsius, Optional.empty(), Optional.empty(), Duration.ZERO, false, Optional.empty());
  }

  static Dry dry(int minutes) {
    return new Dry(Dry.For.RECOAT, Duration.ofMinutes(minutes), DryingLaw.WATER);
  }

  static Link link(String from, String to, int minutes) {
    return Link.dry(from, to, dry(minutes));
  }

  static Bench bench(Hours.Stretch... stretches) {
    return bench(DayClimate.always(Climate.OF_LABELS), 1, stretches);
  }

  static Bench bench(DayClimate climate, int people, Hours.Stretch... stretches) {
    List<Person> all = new ArrayList<>();
    for (int p = 0; p < people; p++) {
      all.add(new Person("P" + p, Hours.everyDay(stretches), Set.of()));
    }
    return new Bench(UTC, all, climate, 50, false);
  }

  /**
   * Chains of steps on faces, a few of them crossing, with waits that are not round.
   *
   * @param windows whether some of what follows has to do so in time
   */
  static Work any(Random dice, int rows, int each, boolean windows) {
    List<WorkStep> steps = new ArrayList<>();
    List<Link> links = new ArrayList<>();
    for (int r = 0; r < rows; r++) {
      String last = null;
      Optional<Dry> lastWet = Optional.empty();
      for (int k = 0; k < each; k++) {
        String id = "r" + r + "s" + k;
        boolean wet = dice.nextInt(3) > 0;
        Dry dry =
            new Dry(
                dice.nextBoolean() ? Dry.For.TOUCH : Dry.For.RECOAT,
                Duration.ofSeconds(60L * (7 + dice.nextInt(300)) + dice.nextInt(60)),
                DryingLaw.values()[dice.nextInt(2)]);
        steps.add(
            new WorkStep(
                id,
                "piece" + r % 3,
                "row" + r,
                Doing.COAT,
                id,
                1,
                1,
                Duration.ofSeconds(60L * (4 + dice.nextInt(50)) + dice.nextInt(60)),
                Set.of("face" + r),
                dice.nextInt(4) == 0 ? Set.of("stencil" + dice.nextInt(2)) : Set.of(),
                wet ? Optional.of(dry) : Optional.empty(),
                dice.nextInt(5) == 0 ? noColderThan(14) : Material.NONE));
        if (last != null) {
          Link link = new Link(last, id, lastWet, Optional.empty());
          if (windows && dice.nextInt(4) == 0) {
            Duration most = link.atLeast().map(Dry::label).orElse(Duration.ZERO);
            link =
                link.within(
                    new Dry(
                        Dry.For.FRESH,
                        most.plusMinutes(20 + dice.nextInt(200)),
                        link.atLeast().map(Dry::law).orElse(DryingLaw.WATER)));
          }
          links.add(link);
        } else if (r > 0 && dice.nextInt(3) == 0) {
          links.add(Link.after("r" + (r - 1) + "s0", id));
        }
        last = id;
        lastWet = wet ? Optional.of(dry) : Optional.empty();
      }
    }
    return new Work(steps, links);
  }

  /** The same, of pieces and parts of them that are of all sizes. */
  static Work ofAllSizes(Random dice, Work work) {
    Map<String, Thing> pieces = new HashMap<>();
    Map<String, Thing> things = new HashMap<>();
    for (WorkStep step : work.steps()) {
      for (String face : new TreeSet<>(step.on())) {
        Thing piece =
            pieces.computeIfAbsent(
                step.pieceId(), id -> new Thing(id, "", Optional.of(anySize(dice))));
        boolean isPart = dice.nextInt(3) == 0;
        things.putIfAbsent(
            face, isPart ? new Thing(step.pieceId(), face, Optional.of(anySize(dice))) : piece);
      }
    }
    return new Work(work.steps(), work.links(), work.apart(), things);
  }

  private static Footprint anySize(Random dice) {
    return Footprint.of(137.3 + dice.nextDouble() * 900, 93.1 + dice.nextDouble() * 500);
  }

  /** Few places, of all sizes. */
  static List<DryingPlace> anyPlaces(Random dice) {
    List<DryingPlace> all = new ArrayList<>();
    int kinds = 1 + dice.nextInt(3);
    for (int k = 0; k < kinds; k++) {
      all.add(
          new DryingPlace(
              "Place " + k,
              1 + dice.nextInt(2),
              dice.nextInt(3) == 0 ? Optional.empty() : Optional.of(anySize(dice))));
    }
    return all;
  }

  static Bench anyBench(Random dice, int people) {
    DayClimate climate =
        dice.nextInt(3) == 0
            ? DayClimate.always(Climate.OF_LABELS)
            : DayClimate.of(
                new Climate(17 + dice.nextDouble() * 7, 40 + dice.nextDouble() * 25),
                8,
                18,
                new Climate(11 + dice.nextDouble() * 8, 50 + dice.nextDouble() * 30));
    List<Person> all = new ArrayList<>();
    for (int p = 0; p < people; p++) {
      Map<DayOfWeek, List<Hours.Stretch>> week = new EnumMap<>(DayOfWeek.class);
      boolean alike = dice.nextBoolean();
      for (DayOfWeek day : DayOfWeek.values()) {
        if (day != DayOfWeek.SUNDAY) {
          int begin = alike ? 9 : 8 + dice.nextInt(3);
          week.put(
              day,
              List.of(
                  new Hours.Stretch(LocalTime.of(begin, 10), LocalTime.of(12, 20)),
                  new Hours.Stretch(LocalTime.of(13, 5), LocalTime.of(17, 0))));
        }
      }
      all.add(new Person("P" + p, new Hours(week), Set.of()));
    }
    return new Bench(
        ZoneId.of("Pacific/Auckland"), all, climate, 2 + dice.nextInt(3), dice.nextBoolean());
  }

  /** Four short steps with windows, few enough to try every minute at which each may begin. */
  static Problem ofFewMinutes(Random dice) {
    List<WorkStep> steps = new ArrayList<>();
    for (int k = 0; k < 4; k++) {
      steps.add(step("s" + k, 1 + dice.nextInt(6), "face" + dice.nextInt(3)));
    }
    List<Link> links =
        List.of(
            link("s0", "s1", dice.nextInt(9)).within(dry(9 + dice.nextInt(12))),
            dice.nextBoolean()
                ? link("s1", "s2", dice.nextInt(9)).within(dry(10 + dice.nextInt(5)))
                : link("s2", "s3", 3 + dice.nextInt(1500)));
    Bench bench =
        bench(
            DayClimate.always(Climate.OF_LABELS),
            1,
            new Hours.Stretch(LocalTime.of(9, 0), LocalTime.of(9, 9 + dice.nextInt(9))));
    return new Problem(new Work(steps, links), bench, MONDAY, 4);
  }

  /**
   * Groups that are prepared, primed, painted, decorated and sealed, by a studio's hours, which
   * have to be filled to the minute for all to be done as soon as it can be.
   */
  static Problem handsFull(Random dice, int pieces, int groups, int each, int people) {
    List<WorkStep> steps = new ArrayList<>();
    List<Link> links = new ArrayList<>();
    for (int p = 0; p < pieces; p++) {
      for (int g = 0; g < groups; g++) {
        String last = null;
        for (int k = 0; k < each; k++) {
          String id = p + ":" + g + ":" + k;
          boolean preparing = k < 2;
          Dry dry =
              new Dry(
                  Dry.For.RECOAT,
                  Duration.ofMinutes(preparing ? 20 + dice.nextInt(40) : 45 + dice.nextInt(260)),
                  dice.nextInt(5) == 0 ? DryingLaw.WARMTH : DryingLaw.WATER);
          steps.add(
              new WorkStep(
                  id,
                  "p" + p,
                  p + ":" + g,
                  Doing.COAT,
                  id,
                  1,
                  1,
                  Duration.ofSeconds(240 + dice.nextInt(2400)),
                  Set.of(p + " " + g),
                  k == 4 && dice.nextBoolean() ? Set.of("stencil" + dice.nextInt(3)) : Set.of(),
                  Optional.of(dry),
                  Material.NONE));
          if (last != null) {
            WorkStep before = steps.get(steps.size() - 2);
            Link link = Link.dry(last, id, before.wet().orElseThrow());
            links.add(
                dice.nextInt(6) == 0 && before.wet().orElseThrow().label().toMinutes() < 70
                    ? link.within(
                        new Dry(
                            Dry.For.FRESH,
                            before.wet().orElseThrow().label().plusHours(1),
                            before.wet().orElseThrow().law()))
                    : link);
          }
          last = id;
        }
      }
    }
    List<Person> all = new ArrayList<>();
    for (int i = 0; i < people; i++) {
      all.add(
          new Person(
              "P" + i,
              Hours.weekdays(Hours.Stretch.of(9, 12), Hours.Stretch.of(13, 17)),
              Set.of()));
    }
    Bench bench =
        new Bench(
            ZoneId.of("Europe/Lisbon"),
            all,
            DayClimate.of(new Climate(20, 52), 8, 18, new Climate(15, 64)),
            50,
            false);
    return new Problem(new Work(steps, links), bench, MONDAY, 60);
  }

  /** A third of it is done, one in some of the rest is fixed, and all of the rest was told. */
  static Problem again(Random dice, Problem first, Schedule schedule, int oneIn) {
    int now = schedule.finish() / 3;
    Map<String, Problem.Past> past = new HashMap<>();
    Map<String, Instant> fixed = new HashMap<>();
    Map<String, Instant> told = new HashMap<>();
    for (Placed p : schedule.steps()) {
      if (p.to() <= now) {
        past.put(p.stepId(), new Problem.Past(first.instant(p.from()), first.instant(p.to())));
      } else {
        told.put(p.stepId(), first.instant(p.from()));
        if (dice.nextInt(oneIn) == 0) {
          fixed.put(p.stepId(), first.instant(p.from() + dice.nextInt(700)));
        }
      }
    }
    return new Problem(
        first.work(),
        first.bench(),
        first.instant(now),
        50,
        new Problem.Settled(past, fixed, Map.of(), told));
  }
}
