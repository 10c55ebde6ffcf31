package craftmap.core.graph;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * On graphs of any kind. Positions laid anywhere by hand disturb each other in ways that no grid
 * does: a ring of five takes three passes though no three of them disturb one another.
 */
class ColouringTest {
  private static Graph graph(int size, boolean[][] near) {
    Graph.Pairs pairs = new Graph.Pairs(size);
    for (int i = 0; i < size; i++) {
      for (int k = 0; k < size; k++) {
        if (near[i][k]) {
          // both ways, as whoever looks from each thing in turn does
          pairs.add(i, k);
        }
      }
    }
    return pairs.graph();
  }

  private static boolean[][] random(Random random, int size, double share) {
    boolean[][] near = new boolean[size][size];
    for (int i = 0; i < size; i++) {
      for (int k = 0; k < i; k++) {
        near[i][k] = random.nextDouble() < share;
        near[k][i] = near[i][k];
      }
    }
    return near;
  }

  /** By trying every colour at every place. */
  private static int fewest(boolean[][] near) {
    for (int allowed = near.length == 0 ? 0 : 1; ; allowed++) {
      if (canBe(near, new int[near.length], 0, allowed)) {
        return allowed;
      }
    }
  }

  private static boolean canBe(boolean[][] near, int[] colour, int i, int allowed) {
    if (i == near.length) {
      return true;
    }
    for (int c = 0; c < Math.min(i + 1, allowed); c++) {
      boolean free = true;
      for (int k = 0; k < i; k++) {
        free &= !near[i][k] || colour[k] != c;
      }
      colour[i] = c;
      if (free && canBe(near, colour, i + 1, allowed)) {
        return true;
      }
    }
    return false;
  }

  private static void isProper(Colouring colouring, boolean[][] near) {
    for (int i = 0; i < near.length; i++) {
      assertThat(colouring.colourOf(i)).isBetween(0, colouring.colours() - 1);
      for (int k = 0; k < near.length; k++) {
        if (near[i][k]) {
          assertThat(colouring.colourOf(i)).isNotEqualTo(colouring.colourOf(k));
        }
      }
    }
  }

  /** Named twice, or both ways round, a pair is still one; lists rise however pairs came. */
  @Test
  void aGraphIsTheSameInWhateverOrderItsPairsAreNamed() {
    Random random = new Random(5_113);
    for (int round = 0; round < 60; round++) {
      int size = 1 + random.nextInt(40);
      boolean[][] near = random(random, size, random.nextDouble());
      List<int[]> named = new ArrayList<>();
      for (int i = 0; i < size; i++) {
        for (int k = 0; k < i; k++) {
          for (int times = near[i][k] ? 1 + random.nextInt(3) : 0; times > 0; times--) {
            named.add(random.nextBoolean() ? new int[] {i, k} : new int[] {k, i});
          }
        }
      }
      Collections.shuffle(named, random);
      Graph.Pairs pairs = new Graph.Pairs(size);
      named.forEach(p -> pairs.add(p[0], p[1]));
      Graph graph = pairs.graph();
      assertThat(graph.size()).isEqualTo(size);
      for (int i = 0; i < size; i++) {
        boolean[] row = near[i];
        assertThat(graph.of(i)).isEqualTo(IntStream.range(0, size).filter(k -> row[k]).toArray());
      }
    }
  }

  @Test
  void asFewAsPossibleAreFoundAndSaidToBe() {
    Random random = new Random(17_291);
    for (int round = 0; round < 700; round++) {
      int size = random.nextInt(13);
      boolean[][] near = random(random, size, random.nextDouble());
      Colouring colouring = Colouring.of(graph(size, near));
      isProper(colouring, near);
      assertThat(colouring.colours()).as("round %d", round).isEqualTo(fewest(near));
      assertThat(colouring.proven()).as("round %d", round).isTrue();
    }
  }

  /** Rings of odd length: no clique tells that two colours are too few, only looking does. */
  @Test
  void anOddRingTakesThree() {
    for (int size : new int[] {5, 7, 9, 23, 63}) {
      boolean[][] near = new boolean[size][size];
      for (int i = 0; i < size; i++) {
        int next = (i + 1) % size;
        near[i][next] = true;
        near[next][i] = true;
      }
      Colouring colouring = Colouring.of(graph(size, near));
      isProper(colouring, near);
      assertThat(colouring.colours()).isEqualTo(3);
      assertThat(colouring.proven()).as("a ring of %d", size).isTrue();
    }
  }

  /** Each step adds what takes a colour more and has no three that disturb one another. */
  private static boolean[][] grown(boolean[][] near) {
    int n = near.length;
    boolean[][] more = new boolean[2 * n + 1][2 * n + 1];
    for (int i = 0; i < n; i++) {
      for (int k = 0; k < n; k++) {
        if (near[i][k]) {
          more[i][k] = true;
          more[i][n + k] = true;
          more[n + k][i] = true;
        }
      }
      more[n + i][2 * n] = true;
      more[2 * n][n + i] = true;
    }
    return more;
  }

  @Test
  void whatHasNoThreeTogetherMayTakeFour() {
    boolean[][] pair = {{false, true}, {true, false}};
    boolean[][] ring = grown(pair);
    boolean[][] eleven = grown(ring);
    Colouring colouring = Colouring.of(graph(11, eleven));
    isProper(colouring, eleven);
    assertThat(colouring.colours()).isEqualTo(4);
    assertThat(colouring.proven()).isTrue();
  }

  /**
   * Made of groups in which nobody disturbs another, so that as many colours as there are groups
   * will do; whoever takes the most pressed first needs more for some of them.
   */
  @Test
  void whatIsKnownToTakeFewTakesNoMore() {
    Random random = new Random(2_903);
    int proven = 0;
    for (int round = 0; round < 150; round++) {
      int size = 24 + random.nextInt(Colouring.EXACT_UP_TO - 24);
      int groups = 3 + random.nextInt(2);
      double share = (groups == 3 ? 4.7 : 8.9) / size * groups / (groups - 1);
      int[] group = random.ints(size, 0, groups).toArray();
      boolean[][] near = new boolean[size][size];
      for (int i = 0; i < size; i++) {
        for (int k = 0; k < i; k++) {
          near[i][k] = group[i] != group[k] && random.nextDouble() < share;
          near[k][i] = near[i][k];
        }
      }
      Colouring colouring = Colouring.of(graph(size, near));
      isProper(colouring, near);
      if (colouring.proven()) {
        proven++;
        assertThat(colouring.colours()).as("round %d", round).isLessThanOrEqualTo(groups);
      }
    }
    assertThat(proven).isGreaterThan(140);
  }

  /** Far too many for looking at all: proper, and proven only where a clique says so. */
  @Test
  void ofManyNothingIsPromisedThatIsNotKnown() {
    Random random = new Random(640);
    for (int round = 0; round < 8; round++) {
      int size = 90 + random.nextInt(60);
      boolean[][] near = random(random, size, 0.05 + random.nextDouble() * 0.3);
      Colouring colouring = Colouring.of(graph(size, near));
      isProper(colouring, near);
      if (colouring.proven()) {
        assertThat(largestClique(near)).isEqualTo(colouring.colours());
      }
    }
    boolean[][] ring = new boolean[65][65];
    for (int i = 0; i < 65; i++) {
      ring[i][(i + 1) % 65] = true;
      ring[(i + 1) % 65][i] = true;
    }
    assertThat(Colouring.of(graph(65, ring)).proven()).isFalse();
  }

  private static int largestClique(boolean[][] near) {
    return clique(near, new ArrayList<>(), 0);
  }

  private static int clique(boolean[][] near, List<Integer> of, int from) {
    int best = of.size();
    for (int i = from; i < near.length; i++) {
      int one = i;
      if (of.stream().allMatch(k -> near[one][k])) {
        of.add(i);
        best = Math.max(best, clique(near, of, i + 1));
        of.removeLast();
      }
    }
    return best;
  }
}
