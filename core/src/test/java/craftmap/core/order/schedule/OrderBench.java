package craftmap.core.order.schedule;

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
