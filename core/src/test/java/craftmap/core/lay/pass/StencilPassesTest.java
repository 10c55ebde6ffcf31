package craftmap.core.lay.pass;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plane.Box;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StencilPassesTest {
  private static List<StencilPasses.Position> run(int n, double pitch, double print, double sheet) {
    List<StencilPasses.Position> positions = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double centre = 1000 + i * pitch;
      positions.add(
          new StencilPasses.Position(
              TurnedBox.of(new Box(centre - print / 2, 0, print, 60)),
              TurnedBox.of(new Box(centre - sheet / 2, -20, sheet, 100))));
    }
    return positions;
  }

  @ParameterizedTest
  @CsvSource({"7, 120, 96, 180, 2", "7, 120, 96, 130, 1", "1, 120, 96, 500, 1", "3, 10, 9, 900, 3"})
  void workedRuns(int n, double pitch, double print, double sheet, int passes) {
    assertThat(StencilPasses.of(run(n, pitch, print, sheet), 5).passes()).hasSize(passes);
  }

  @Test
  void neighboursAlternateAndEachPassIsWalkedAlongTheLine() {
    StencilPasses passes = StencilPasses.of(run(7, 120, 96, 180), 5);
    assertThat(passes.passes()).containsExactly(List.of(0, 2, 4, 6), List.of(1, 3, 5));
    assertThat(passes.passOfEach()).containsExactly(1, 2, 1, 2, 1, 2, 1);
    assertThat(passes.washes()).isEqualTo(2);
  }

  @Test
  void theSheetIsWashedWithinAPassWhenItsUsesRunOut() {
    assertThat(StencilPasses.of(run(7, 120, 96, 130), 3).washes()).isEqualTo(3);
  }

  @Test
  void passesAreProperAndAsFewAsTheFormulaSays() {
    Random random = new Random(9);
    for (int i = 0; i < 2_000; i++) {
      int n = 1 + random.nextInt(40);
      double print = 10 + random.nextDouble() * 100;
      double pitch = print * (1 + random.nextDouble());
      double sheet = print * (1 + random.nextDouble() * 5);
      List<StencilPasses.Position> positions = run(n, pitch, print, sheet);
      StencilPasses passes = StencilPasses.of(positions, 4);
      for (List<Integer> pass : passes.passes()) {
        for (int a : pass) {
          for (int b : pass) {
            assertThat(a != b && disturb(positions.get(a), positions.get(b))).isFalse();
          }
        }
      }
      int reach = (int) Math.ceil((print + sheet) / 2 / pitch) - 1;
      assertThat(passes.passes()).hasSize(Math.min(n, 1 + reach));
    }
  }

  static boolean disturb(StencilPasses.Position a, StencilPasses.Position b) {
    return a.sheet().overlaps(b.print(), 1e-6) || b.sheet().overlaps(a.print(), 1e-6);
  }
}
