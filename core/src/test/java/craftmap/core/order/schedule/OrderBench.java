package craftmap.core.order.schedule;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.work.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
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

  /** As many as the page asks for. */
  private static final int ROUNDS = 500;

  @Test
  void threePiecesOfTwentySteps() {
    run("60 steps in 3 pieces", 3, 4, 5, 1, 0.3);
  }

  @Test
  void twelvePiecesOfFourHundredSteps() {
    run("400 steps in 12 pieces", 12, 4, 8, 2, 0.6);
  }

  /**
   * The list alone, which every answer begins with: what slows it down is windows and few places.
   */
  @Test
  void listsOfOtherStudios() {
    list("without windows, with room for all", false, 50);
    list("with windows, with room for all", true, 50);
    list("with windows, with two places to dry", true, 2);
  }

  private static void list(String what, boolean windows, int places) {
    List<Double> times = new ArrayList<>();
    int steps = 0;
    for (int s = 0; s < 3 * STUDIOS; s++) {
      Random dice = new Random(s);
      Work work = Works.any(dice, 3 + dice.nextInt(8), 1 + dice.nextInt(5), windows);
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2)).withPlaces(places);
      Problem problem = new Problem(work, bench, Works.MONDAY, 60);
      long start = System.nanoTime();
      new ListScheduler(ROUNDS, 1).schedule(problem);
      times.add((System.nanoTime() - start) / 1e6);
      steps += problem.size();
    }
    times.sort(Double::compare);
    System.out.printf(
        "%s, %d studios, %d steps: %.1f s in all, median %.0f ms, slowest %.0f ms%n",
        what,
        times.size(),
        steps,
        times.stream().mapToDouble(t -> t).sum() / 1e3,
        times.get(times.size() / 2),
        times.getLast());
  }

  private static void run(String what, int pieces, int groups, int each, int people, double work) {
    List<Double> times = new ArrayList<>();
    int proven = 0;
    double gap = 0;
    double worst = 0;
    double byList = 0;
    double byChain = 0;
    for (int s = 0; s < STUDIOS; s++) {
      Problem problem = Works.handsFull(new Random(s), pieces, groups, each, people);
      long start = System.nanoTime();
      Schedule found =
          new CpScheduler(new ListScheduler(ROUNDS, 1), work).schedule(problem).orElseThrow();
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
}
