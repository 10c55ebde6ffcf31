package craftmap.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ContainerTest {
  private static final Container POT =
      new Container(new BigDecimal("473"), StockUnit.ML, Optional.of(new BigDecimal("62")));

  @Test
  void theScaleGivesTheLevelByTareAndDensity() {
    assertThat(POT.byWeight(new BigDecimal("342"), 1.4)).isEqualByComparingTo("200");
    Container jar =
        new Container(new BigDecimal("100"), StockUnit.G, Optional.of(new BigDecimal("40")));
    assertThat(jar.byWeight(new BigDecimal("75.5"), 0.85)).isEqualByComparingTo("35.5");
  }

  @Test
  void aWeightBelowTheTareOrWithoutOneIsRefused() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> POT.byWeight(new BigDecimal("61"), 1.4))
        .withMessageContaining("at-least [62 g]");
    Container unknown = new Container(new BigDecimal("473"), StockUnit.ML, Optional.empty());
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> unknown.byWeight(new BigDecimal("300"), 1.4))
        .withMessageContaining("the-tare-first-or-a-level");
  }

  @Test
  void aboutHalfIsHalfOfWhatItHolds() {
    assertThat(POT.byEye(0.5)).isEqualByComparingTo("236.5");
    assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> POT.byEye(1.2));
  }
}
