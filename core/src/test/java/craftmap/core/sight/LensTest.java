package craftmap.core.sight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;

class LensTest {
  @Test
  void whatIsStraightenedAndBentAgainIsWhereItWas() {
    Random dice = new Random(5);
    for (int n = 0; n < 500; n++) {
      Lens lens = new Lens(1777, 1333, (dice.nextDouble() - 0.5) * 2 * Lens.MOST);
      Spot seen = new Spot(dice.nextDouble() * 1777, dice.nextDouble() * 1333);
      assertThat(lens.bend(lens.straighten(seen)).distancePx(seen))
          .as("%s by %s", seen, lens)
          .isLessThan(1e-6);
    }
  }

  @Test
  void theMiddleStaysAndTheCornersGoOutwards() {
    Lens lens = new Lens(2000, 1500, 0.1);
    assertThat(lens.straighten(new Spot(1000, 750))).isEqualTo(new Spot(1000, 750));
    assertThat(lens.straighten(new Spot(0, 0)).xPx()).isLessThan(-99).isGreaterThan(-101);
    assertThat(Lens.straight(2000, 1500).straighten(new Spot(17, 23))).isEqualTo(new Spot(17, 23));
  }

  @Test
  void aFisheyeIsNoLensOfOurs() {
    assertThatThrownBy(() -> new Lens(2000, 1500, 0.4))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
