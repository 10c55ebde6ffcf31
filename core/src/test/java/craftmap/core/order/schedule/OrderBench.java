package craftmap.core.order.schedule;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.bench.Person;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.time.Duration;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * How long it takes to put pieces into days, and how good it is, against two plain methods. Run it
 * with {@code mvn -Pbench -pl core test -Dtest=OrderBench}; the figures go into docs/benchmarks.md
 * by hand.
 */
@Tag("bench")
class OrderBench {
  private static final int STUDIOS = 20;

  @Test
  void threePiecesOfTwentySteps() {
    run("60 steps in 3 pieces", 3, 4, 5, 1, 0.3);
  }

  @Test
  void twelvePiecesOfFourHundredSteps() {
    run("400 steps in 12 pieces", 12, 4, 8, 2, 0.6);
  }

  private static void run(String what, int pieces, int groups, int each, int people, double work) {
    List<Double> times = new ArrayList<>();
    int proven = 0;
    double gap = 0;
    double worst = 0;
    double byList = 0;
    double byChain = 0;
    for (int s = 0; s < STUDIOS; s++) {
      Problem problem = problem(new Random(s), pieces, groups, each, people);
      long start = System.nanoTime();
      Schedule found =
          new CpScheduler(new ListScheduler(2000, 1), work).schedule(problem).orElseThrow();
      times.add((System.nanoTime() - start) / 1e6);
      proven += found.isProven() ? 1 : 0;
      double off = (found.finish() - found.least()) / (double) found.finish();
      gap += off;
      worst = Math.max(worst, off);
      byList += over(ListScheduler.inTheOrderOfThePlan(problem), found);
      byChain += over(ListScheduler.longestChainFirst().schedule(problem), found);
    }
    times.sort(Double::compare);
    System.out.printf(
        "%s: median %.0f ms, slowest %.0f ms, proven %d of %d, gap %.2f %% in the mean, %.2f %% at"
            + " worst; earliest start by list ends %.1f %% later, longest chain first %.1f %%%n",
        what,
        times.get(STUDIOS / 2),
        times.getLast(),
        proven,
        STUDIOS,
        gap / STUDIOS * 100,
        worst * 100,
        byList / STUDIOS * 100,
        byChain / STUDIOS * 100);
  }

  private static double over(Optional<Schedule> other, Schedule found) {
    return other.orElseThrow().finish() / (double) found.finish() - 1;
  }

  /** Groups that are prepared, primed, painted, decorated and sealed, by a studio's hours. */
  private static Problem problem(Random dice, int pieces, int groups, int each, int people) {
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
    return new Problem(new Work(steps, links), bench, Works.MONDAY, 60);
  }
}
