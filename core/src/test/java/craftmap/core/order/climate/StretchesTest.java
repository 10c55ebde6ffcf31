package craftmap.core.order.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class StretchesTest {
  @Test
  void theLastThatHasBegunIsTheOneThatALookAtAllOfThemFinds() {
    for (int seed = 0; seed < 200; seed++) {
      Random dice = new Random(seed);
      int longest = 1 + dice.nextInt(400);
      int[] begins = new int[1 + dice.nextInt(60)];
      int at = dice.nextBoolean() ? 0 : dice.nextInt(300);
      for (int i = 0; i < begins.length; i++) {
        begins[i] = at;
        at += dice.nextInt(longest);
      }
      Stretches stretches = new Stretches(begins);
      for (int minute = -3; minute < at + 200; minute++) {
        int last = -1;
        for (int i = 0; i < begins.length && begins[i] <= minute; i++) {
          last = i;
        }
        assertThat(stretches.lastBy(minute)).as("seed %d, minute %d", seed, minute).isEqualTo(last);
      }
      assertThat(stretches.lastBy(Integer.MAX_VALUE)).isEqualTo(begins.length - 1);
    }
  }

  @Test
  void ofNothingNothingHasBegun() {
    assertThat(new Stretches(new int[0]).lastBy(0)).isNegative();
    assertThat(new Stretches(new int[0]).lastBy(77_777)).isNegative();
  }
}
