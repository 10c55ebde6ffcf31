package craftmap.core.order.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Hours;
import craftmap.core.order.work.Work;
import craftmap.core.solver.Solvers;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SoonestTest {
  private static final double WORK = 0.21;
  private static final ListScheduler LIST = new ListScheduler(300, 1);

  @BeforeAll
  static void thereIsASolver() {
    assertThat(Solvers.areThere()).isTrue();
  }

  private static Schedule look(Problem problem, Schedule known, double work) {
    return new Soonest(problem, new Bounds(problem), known, known.least(), work).look();
  }

  /** Of the last one no order keeps the least that hours and drying come to: that is seen too. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(ints = {8, 18, 13})
  void withOnePairOfHandsThatIsFullTheFinishIsProven(int seed) {
    Problem problem = Works.handsFull(new Random(seed), 3, 4, 5, 1);
    Schedule list = LIST.search(problem).orElseThrow();
    assertThat(list.isProven()).isFalse();
    Schedule found = look(problem, list, WORK);
    Checked.check(problem, found);
    assertThat(found.isProven()).isTrue();
    assertThat(found.finish()).isLessThanOrEqualTo(list.finish());
    assertThat(found.least()).isGreaterThanOrEqualTo(list.least());
  }

  /** From the worst that is known and from no bound at all: it is found, and is the least. */
  @Test
  void theFinishIsTheLeastOverAllBeginnings() {
    Random dice = new Random(2_718);
    int sooner = 0;
    for (int i = 0; i < 40; i++) {
      Problem problem = Works.ofFewMinutes(dice);
      Schedule known = ListScheduler.inTheOrderOfThePlan(problem).orElse(null);
      if (known == null) {
        continue;
      }
      Schedule found = look(problem, new Schedule(known.steps(), 0), 4);
      Checked.check(problem, found);
      assertThat(found.isProven()).as("case %d", i).isTrue();
      assertThat(found.finish()).as("case %d", i).isEqualTo(EveryBeginning.least(problem));
      sooner += found.finish() < known.finish() ? 1 : 0;
    }
    assertThat(sooner).as("cases in which the known one was not the best").isPositive();
  }

  /** What is told to be the least is, where somebody else looks on from the same beginning. */
  @Tag("thorough")
  @Test
  void nobodyFindsOneThatEndsSoonerThanTheLeast() {
    int settled = 0;
    for (int seed = 0; seed < 8; seed++) {
      Random dice = new Random(7001L + seed);
      Work work = Works.any(dice, 3 + dice.nextInt(3), 3 + dice.nextInt(3), true);
      Problem problem =
          new Problem(work, Works.anyBench(dice, 1 + dice.nextInt(2)), Works.MONDAY, 60);
      Schedule list = LIST.search(problem).orElse(null);
      if (list == null) {
        continue;
      }
      Schedule found = look(problem, list, WORK);
      Checked.check(problem, found);
      settled += found.isProven() && !list.isProven() ? 1 : 0;
      for (int other = 0; other < 2; other++) {
        Schedule elsewhere = LongSearch.better(problem, list, 2, 100 + other, s -> true);
        assertThat(elsewhere.finish()).as("seed %d", seed).isGreaterThanOrEqualTo(found.least());
      }
    }
    assertThat(settled).as("of those that lists leave open").isPositive();
  }

  @Tag("thorough")
  @Test
  void theSameIsFoundAgain() {
    Problem problem = Works.handsFull(new Random(12), 3, 4, 5, 1);
    Schedule list = LIST.search(problem).orElseThrow();
    assertThat(look(problem, list, WORK)).isEqualTo(look(problem, list, WORK));
  }

  @Test
  void withHardlyAnythingToDoWhatIsKnownIsKept() {
    Problem problem = Works.handsFull(new Random(18), 3, 4, 5, 1);
    Schedule list = LIST.search(problem).orElseThrow();
    assertThat(look(problem, list, 0.005)).isEqualTo(list);
  }

  /** Of two pairs of hands more is open; what is found is no worse and the bound no lower. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(ints = {1, 9, 12})
  void withTwoPairsOfHandsTheLeastComesNearer(int seed) {
    Problem problem = Works.handsFull(new Random(seed), 3, 4, 5, 2);
    Schedule list = LIST.search(problem).orElseThrow();
    Schedule found = look(problem, list, WORK);
    Checked.check(problem, found);
    assertThat(found.finish() - found.least()).isLessThan(list.finish() - list.least());
  }

  @Test
  void whatIsProvenIsNotAskedAgain() {
    Problem problem =
        new Problem(
            Works.any(new Random(2), 1, 4, false),
            Works.bench(Hours.Stretch.of(9, 12)),
            Works.MONDAY,
            40);
    Schedule list = LIST.search(problem).orElseThrow();
    assertThat(list.isProven()).isTrue();
    assertThat(look(problem, list, WORK)).isEqualTo(list);
  }
}
