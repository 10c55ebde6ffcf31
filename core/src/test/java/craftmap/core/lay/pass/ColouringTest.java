package craftmap.core.lay.pass;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.graph.Colouring;
import craftmap.core.graph.Graph;
import craftmap.core.plane.Box;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Passes are proper, and on grids up to sixty positions as few as an exact search finds. */
class ColouringTest {
  private static List<StencilPasses.Position> grid(
      int columns,
      int rows,
      double pitch,
      double print,
      double sheetW,
      double sheetH,
      double shift) {
    List<StencilPasses.Position> positions = new ArrayList<>();
    for (int r = 0; r < rows; r++) {
      for (int c = 0; c < columns; c++) {
        double x = c * pitch + (r % 2) * shift;
        double y = r * pitch;
        positions.add(
            new StencilPasses.Position(
                TurnedBox.of(new Box(x - print / 2, y - print / 2, print, print)),
                TurnedBox.of(new Box(x - sheetW / 2, y - sheetH / 2, sheetW, sheetH))));
      }
    }
    return positions;
  }

  private static boolean[][] conflicts(List<StencilPasses.Position> positions) {
    int n = positions.size();
    boolean[][] near = new boolean[n][n];
    for (int i = 0; i < n; i++) {
      for (int k = 0; k < n; k++) {
        near[i][k] = i != k && StencilPassesTest.disturb(positions.get(i), positions.get(k));
      }
    }
    return near;
  }

  /** Plain trying, position by position in order, without any cleverness but symmetry. */
  private static boolean colourable(boolean[][] near, int[] colour, int i, int used, int allowed) {
    if (i == near.length) {
      return true;
    }
    for (int c = 0; c < Math.min(used + 1, allowed); c++) {
      boolean free = true;
      for (int k = 0; k < i && free; k++) {
        free = !near[i][k] || colour[k] != c;
      }
      if (free) {
        colour[i] = c;
        if (colourable(near, colour, i + 1, Math.max(used, c + 1), allowed)) {
          return true;
        }
      }
    }
    return false;
  }

  @Test
  void onGridsOfUpToSixtyNoColouringWithFewerPassesExists() {
    Random random = new Random(51);
    int proven = 0;
    for (int i = 0; i < 120; i++) {
      int columns = 2 + random.nextInt(6);
      int rows = 2 + random.nextInt(Math.max(1, 60 / columns - 2));
      if (columns * rows > 60) {
        continue;
      }
      double pitch = 100;
      var positions =
          grid(
              columns,
              rows,
              pitch,
              60 + random.nextDouble() * 30,
              100 + random.nextDouble() * 180,
              100 + random.nextDouble() * 180,
              random.nextInt(2) * 50);
      StencilPasses passes = StencilPasses.of(positions, 5);
      boolean[][] near = conflicts(positions);
      for (List<Integer> pass : passes.passes()) {
        for (int a : pass) {
          for (int b : pass) {
            assertThat(near[a][b]).isFalse();
          }
        }
      }
      int found = passes.passes().size();
      assertThat(passes.fewest()).isTrue();
      assertThat(colourable(near, new int[near.length], 0, 0, found - 1))
          .as("%d x %d in %d", columns, rows, found)
          .isFalse();
      proven++;
    }
    assertThat(proven).isGreaterThan(80);
  }

  /** The greedy ways fail on this one: a crown takes two passes, in bad order they take three. */
  @Test
  void aCrownIsPaintedInTwoPasses() {
    int[][] near = new int[6][];
    // a, A, b, B, c, C: each small letter disturbs the other two capitals
    near[0] = new int[] {3, 5};
    near[1] = new int[] {2, 4};
    near[2] = new int[] {1, 5};
    near[3] = new int[] {0, 4};
    near[4] = new int[] {1, 3};
    near[5] = new int[] {0, 2};
    Colouring colouring = Colouring.of(new Graph(List.of(near)));
    assertThat(colouring.colours()).isEqualTo(2);
    assertThat(colouring.proven()).isTrue();
  }

  @Test
  void everyPositionIsPaintedOnceAndNeighboursApartOnALargeAllOver() {
    var positions = grid(60, 50, 100, 80, 190, 170, 50);
    StencilPasses passes = StencilPasses.of(positions, 8);
    List<Integer> passOf = passes.passOfEach();
    assertThat(passOf).hasSize(3000).doesNotContainNull();
    boolean[][] near = conflicts(positions.subList(0, 240));
    for (int i = 0; i < 240; i++) {
      for (int k = 0; k < 240; k++) {
        if (near[i][k]) {
          assertThat(passOf.get(i)).isNotEqualTo(passOf.get(k));
        }
      }
    }
  }

  @Test
  void theWalkOfAPassIsNoLongerThanRowByRow() {
    var positions = grid(6, 5, 100, 50, 90, 90, 0);
    StencilPasses passes = StencilPasses.of(positions, 50);
    assertThat(passes.passes()).hasSize(1);
    double length = 0;
    List<Integer> walk = passes.passes().getFirst();
    for (int i = 1; i < walk.size(); i++) {
      length +=
          positions
              .get(walk.get(i))
              .print()
              .centre()
              .distanceMm(positions.get(walk.get(i - 1)).print().centre());
    }
    assertThat(length).isLessThanOrEqualTo(100 * 29 + 1e-6);
  }
}
