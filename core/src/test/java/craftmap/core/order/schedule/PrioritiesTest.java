package craftmap.core.order.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PrioritiesTest {
  @Test
  void theHighestIsFirstAndOfThoseWithTheSameTheLowerNumber() {
    for (int seed = 0; seed < 400; seed++) {
      Random dice = new Random(seed);
      double[] keys = new double[dice.nextInt(150)];
      List<Integer> expected = new ArrayList<>();
      for (int i = 0; i < keys.length; i++) {
        // few values, so that many steps are as urgent as others
        keys[i] = seed % 2 == 0 ? dice.nextInt(7) - 3.5 : dice.nextGaussian();
        expected.add(i);
      }
      expected.sort(Comparator.comparingDouble(i -> -keys[i]));
      assertThat(Priorities.highestFirst(keys))
          .as("seed %d", seed)
          .containsExactly(expected.stream().mapToInt(i -> i).toArray());
    }
  }
}
