package craftmap.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.measure.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CoatingTest {
  @Test
  void sevenFernsInTwoThinCoats() {
    double openArea = 96 * 60 * 0.31 * 7;
    assertThat(Coating.throughOpenings(openArea, 2, 11).volumeMl()).isCloseTo(2.95, within(0.005));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, -1, 13})
  void coatsOutsideReasonAreRefused(int coats) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Coating.throughOpenings(100, coats, 11))
        .withMessage("coats (%d): is-not-a-number-of-coats; accepted: 1-to [12]".formatted(coats));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -2, Double.NaN, 51})
  void aSpreadNoLabelSaysIsRefused(double spread) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new PotLabel("p", "Bone white", new Colour("#F3EEE2"), spread))
        .satisfies(r -> assertThat(r.field()).isEqualTo("spread"));
  }
}
