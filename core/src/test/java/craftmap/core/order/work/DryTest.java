package craftmap.core.order.work;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.climate.DryingLaw;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DryTest {
  @Test
  void aFanHalvesTheTimeUntilItIsTouchDry() {
    Dry touch = new Dry(Dry.For.TOUCH, Duration.ofSeconds(1771), DryingLaw.WATER);
    assertThat(touch.blown())
        .isEqualTo(new Dry(Dry.For.TOUCH, Duration.ofMillis(885_500), DryingLaw.WATER));
    Dry weeks = touch.lasting(Duration.ofDays(3650));
    assertThat(weeks.blown().label()).isEqualTo(Duration.ofDays(1825));
  }

  @ParameterizedTest
  @EnumSource(value = Dry.For.class, names = "TOUCH", mode = EnumSource.Mode.EXCLUDE)
  void andNoOther(Dry.For forWhat) {
    Dry dry = new Dry(forWhat, Duration.ofMinutes(90), DryingLaw.WARMTH);
    assertThat(dry.blown()).isEqualTo(dry);
  }
}
