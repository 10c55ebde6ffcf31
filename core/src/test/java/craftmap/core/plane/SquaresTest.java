package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SquaresTest {
  private static List<Integer> touched(List<Box> boxes, Box place) {
    List<Integer> found = new ArrayList<>();
    Squares.over(boxes).touchedBy(place, found::add);
    return found;
  }

  @Test
  void nothingLiesAmongNone() {
    assertThat(touched(List.of(), new Box(-3.7, 2.1, 40.3, 9.9))).isEmpty();
  }

  @Test
  void aPlaceBeyondAllMeetsNone() {
    List<Box> row = List.of(new Box(0, 0, 10.3, 4.1), new Box(12.7, 0.2, 10.3, 4.1));
    assertThat(touched(row, new Box(400, 0, 10, 4))).isEmpty();
    assertThat(touched(row, new Box(-90, -90, 10, 4))).isEmpty();
    assertThat(touched(row, new Box(-90, -90, 1000, 1000))).containsExactlyInAnyOrder(0, 1);
  }

  /**
   * Of sizes that have nothing in common, in heaps, in rows and far apart: as by looking at all.
   */
  @Test
  void whatMeetsAPlaceIsFoundOnceAndNothingElse() {
    Random random = new Random(40_951);
    for (int round = 0; round < 300; round++) {
      double spread = Math.pow(10, random.nextDouble() * 4);
      double tall = random.nextInt(4) == 0 ? 0.01 : spread;
      List<Box> boxes = new ArrayList<>();
      for (int i = random.nextInt(60); i >= 0; i--) {
        double size = random.nextInt(9) == 0 ? 40 : 1;
        boxes.add(
            new Box(
                (random.nextDouble() - 0.4) * spread,
                (random.nextDouble() - 0.4) * tall,
                (0.03 + random.nextDouble() * 17.3) * size,
                (0.03 + random.nextDouble() * 11.9) * size));
      }
      if (random.nextBoolean()) {
        // one that begins exactly where another ends
        Box last = boxes.getLast();
        boxes.add(new Box(last.rightMm(), last.topMm(), last.widthMm(), last.heightMm()));
      }
      for (int question = 0; question < 12; question++) {
        Box place =
            question % 3 == 0
                ? boxes.get(random.nextInt(boxes.size()))
                : new Box(
                    (random.nextDouble() - 0.5) * 1.7 * spread,
                    (random.nextDouble() - 0.5) * 1.7 * tall,
                    0.01 + random.nextDouble() * 61.7,
                    0.01 + random.nextDouble() * 23.3);
        List<Integer> expected =
            IntStream.range(0, boxes.size())
                .filter(i -> boxes.get(i).distanceMm(place) == 0)
                .boxed()
                .toList();
        assertThat(touched(boxes, place))
            .as("round %d, %s among %s", round, place, boxes)
            .containsExactlyInAnyOrderElementsOf(expected);
      }
    }
  }
}
