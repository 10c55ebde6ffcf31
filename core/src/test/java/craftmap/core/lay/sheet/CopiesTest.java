package craftmap.core.lay.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.graph.Colouring;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** From how many copies of a picture its parts are cut. */
class CopiesTest {
  private static List<Box> any(Random dice, int n, double largest) {
    List<Box> windows = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      windows.add(
          new Box(
              dice.nextDouble() * 400,
              dice.nextDouble() * 300,
              5 + dice.nextDouble() * largest,
              5 + dice.nextDouble() * largest));
    }
    return windows;
  }

  private static void noSpotIsCutTwice(List<Box> windows, Copies copies) {
    for (int i = 0; i < windows.size(); i++) {
      for (int j = 0; j < i; j++) {
        if (copies.of().get(i).equals(copies.of().get(j))) {
          assertThat(windows.get(i).overlaps(windows.get(j), 1e-6)).isFalse();
        }
      }
    }
    assertThat(new TreeSet<>(copies.of()))
        .as("every copy is used")
        .hasSize(copies.count())
        .allMatch(c -> c >= 0 && c < copies.count());
    assertThat(copies.least()).isBetween(deepestByLooking(windows), copies.count());
  }

  /** Between all edges there are only so many spots to look at. */
  private static int deepestByLooking(List<Box> windows) {
    int most = 0;
    for (double x : between(windows, true)) {
      for (double y : between(windows, false)) {
        int here = 0;
        for (Box w : windows) {
          here += w.leftMm() < x && x < w.rightMm() && w.topMm() < y && y < w.bottomMm() ? 1 : 0;
        }
        most = Math.max(most, here);
      }
    }
    return most;
  }

  private static List<Double> between(List<Box> windows, boolean across) {
    TreeSet<Double> edges = new TreeSet<>();
    for (Box w : windows) {
      edges.add(across ? w.leftMm() : w.topMm());
      edges.add(across ? w.rightMm() : w.bottomMm());
    }
    List<Double> spots = new ArrayList<>();
    Double last = null;
    for (double edge : edges) {
      if (last != null) {
        spots.add((last + edge) / 2);
      }
      last = edge;
    }
    return spots;
  }

  private static boolean canBe(List<Box> windows, int copies, int[] of, int i) {
    if (i == windows.size()) {
      return true;
    }
    for (int c = 0; c < copies; c++) {
      boolean free = true;
      for (int j = 0; j < i && free; j++) {
        free = of[j] != c || !windows.get(i).overlaps(windows.get(j), 1e-6);
      }
      of[i] = c;
      if (free && canBe(windows, copies, of, i + 1)) {
        return true;
      }
    }
    return false;
  }

  /** Against trying every way to share them out. */
  @Test
  void noFewerCopiesCanBe() {
    int several = 0;
    for (int seed = 0; seed < 200; seed++) {
      Random dice = new Random(seed);
      List<Box> windows = any(dice, 1 + dice.nextInt(9), 220);
      Copies copies = Copies.of(windows);
      noSpotIsCutTwice(windows, copies);
      assertThat(copies.least()).isEqualTo(copies.count());
      assertThat(canBe(windows, copies.count() - 1, new int[windows.size()], 0))
          .as("seed %d", seed)
          .isFalse();
      several += copies.count() > 2 ? 1 : 0;
    }
    assertThat(several).isGreaterThan(50);
  }

  /** Of more than can be proven it is still said what every plan needs. */
  @Tag("thorough")
  @Test
  void ofManyPartsTheLeastIsWhatLiesOnOneSpot() {
    int unproven = 0;
    for (int seed = 0; seed < 20; seed++) {
      List<Box> windows = any(new Random(seed), 3 * Colouring.EXACT_UP_TO, 90);
      Copies copies = Copies.of(windows);
      noSpotIsCutTwice(windows, copies);
      assertThat(Copies.deepest(windows)).isEqualTo(deepestByLooking(windows));
      unproven += copies.least() == Copies.deepest(windows) ? 1 : 0;
    }
    assertThat(unproven).isPositive();
  }

  @Test
  void whatOnlyTouchesComesFromOneCopy() {
    List<Box> row = List.of(new Box(0, 0, 100, 80), new Box(100, 0, 60, 80), new Box(0, 80, 90, 9));
    assertThat(Copies.of(row)).isEqualTo(new Copies(List.of(0, 0, 0), 1, 1));
    assertThat(Copies.deepest(row)).isEqualTo(1);
    assertThat(Copies.of(List.of(new Box(0, 0, 100, 80), new Box(99.9, 0, 60, 80))).count())
        .isEqualTo(2);
  }
}
