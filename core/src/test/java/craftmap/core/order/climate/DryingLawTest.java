package craftmap.core.order.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DryingLawTest {
  @Test
  void labelTimesAreScaledByTheAirAndTheWarmth() {
    Climate cold = new Climate(15, 70);
    assertThat(DryingLaw.WATER.factor(cold)).isCloseTo(2.431, within(0.0005));
    assertThat(DryingLaw.WARMTH.factor(cold)).isCloseTo(1.516, within(0.0005));
    Climate hot = new Climate(28, 35);
    assertThat(DryingLaw.WATER.factor(hot)).isCloseTo(0.506, within(0.0005));
    assertThat(DryingLaw.WARMTH.factor(hot)).isCloseTo(0.616, within(0.0005));
    assertThat(DryingLaw.WATER.factor(Climate.OF_LABELS)).isCloseTo(1, within(1e-12));
    assertThat(DryingLaw.WARMTH.factor(Climate.OF_LABELS)).isCloseTo(1, within(1e-12));
  }

  @Test
  void neitherIsTrustedFarFromWhatLabelsSpeakOf() {
    assertThat(DryingLaw.WATER.factor(new Climate(-3, 99))).isEqualTo(4);
    assertThat(DryingLaw.WATER.factor(new Climate(21, 100))).isEqualTo(4);
    assertThat(DryingLaw.WATER.factor(new Climate(45, 10))).isEqualTo(0.5);
  }

  /** Warmer never dries later, and damper never sooner. */
  @Test
  void warmerIsNeverSlowerAndDamperNeverFaster() {
    Random dice = new Random(33);
    for (int i = 0; i < 2000; i++) {
      double c = -9 + dice.nextDouble() * 60;
      double damp = 6 + dice.nextDouble() * 90;
      Climate climate = new Climate(c, damp);
      for (DryingLaw law : DryingLaw.values()) {
        double here = law.factor(climate);
        assertThat(law.factor(new Climate(c + 3.7, damp))).isLessThanOrEqualTo(here);
        assertThat(law.factor(new Climate(c, damp + 3.1))).isGreaterThanOrEqualTo(here);
      }
    }
  }

  @Test
  void whatCannotBeIsRefusedByName() {
    assertThatThrownBy(() -> new Climate(71, 50))
        .isInstanceOf(RefusedInput.class)
        .hasMessageContaining("temperature");
    assertThatThrownBy(() -> new Climate(21, 101))
        .isInstanceOf(RefusedInput.class)
        .hasMessageContaining("damp");
  }
}
