package craftmap.core.lay.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.lay.Placement;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Held against looking at all of them; to the left of and above the face too. */
class NeighboursTest {
  private static Point any(Random dice, double across) {
    return new Point((dice.nextDouble() - 0.4) * across, (dice.nextDouble() - 0.6) * across);
  }

  @Test
  void nearestIsWhatLookingAtAllOfThemFinds() {
    int found = 0;
    int none = 0;
    for (int seed = 0; seed < 60; seed++) {
      Random dice = new Random(seed);
      double cell = 3.7 + dice.nextDouble() * 61;
      double across = cell * (12 + dice.nextInt(30));
      Neighbours neighbours = new Neighbours(cell);
      List<Placement> all = new ArrayList<>();
      for (int i = 40 + dice.nextInt(150); i > 0; i--) {
        Placement placed = Placement.at(any(dice, across), dice.nextDouble() * 360);
        all.add(placed);
        neighbours.add(placed);
      }
      for (int i = 0; i < 60; i++) {
        Point p = any(dice, across * 1.2);
        double nearest =
            all.stream().mapToDouble(o -> p.distanceMm(o.centre())).min().orElseThrow();
        double most = dice.nextDouble() * 4 * cell;
        assertThat(neighbours.nearestMm(p, most))
            .as("seed %d", seed)
            .isCloseTo(Math.min(most, nearest), within(1e-9));
        double reach = dice.nextDouble() * cell;
        assertThat(neighbours.anyNearer(p, reach)).isEqualTo(nearest < reach);
        double turned = dice.nextDouble() * 360;
        assertThat(neighbours.anyNear(p, o -> o.turnDeg() < turned))
            .isEqualTo(
                all.stream()
                    .anyMatch(o -> p.distanceMm(o.centre()) < cell && o.turnDeg() < turned));
        found += nearest < reach ? 1 : 0;
        none += nearest < reach ? 0 : 1;
      }
    }
    assertThat(found).isGreaterThan(300);
    assertThat(none).isGreaterThan(300);
  }

  @Test
  void whereNothingLiesNothingIsNear() {
    Neighbours neighbours = new Neighbours(12.7);
    assertThat(neighbours.nearestMm(new Point(3.1, -4.1), 71.3)).isEqualTo(71.3);
    assertThat(neighbours.anyNearer(new Point(3.1, -4.1), 12.7)).isFalse();
  }
}
