package craftmap.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ToleranceTest {
  private final Tolerance half = new Tolerance(0.5);

  @ParameterizedTest
  @ValueSource(doubles = {0, -0.1, Double.NaN, Double.POSITIVE_INFINITY})
  void itIsALengthAboveNothing(double mm) {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Tolerance(mm))
        .withMessageContaining("" + mm);
  }

  /** Just as far off is the same still, and no more than it. */
  @ParameterizedTest
  @CsvSource({"7, 7, true, false", "7.5, 7, true, false", "7.75, 7, false, true"})
  void whatIsNearerThanItIsTheSame(double a, double b, boolean same, boolean greater) {
    assertThat(half.sameLength(a, b)).isEqualTo(same);
    assertThat(half.sameLength(b, a)).isEqualTo(same);
    assertThat(half.greater(a, b)).isEqualTo(greater);
    assertThat(half.greater(b, a)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"0.2, 0", "0.3, 1", "-0.3, -1", "12.4, 25", "-12.4, -25"})
  void aMeasureInItsStepsIsTheNearest(double mm, long steps) {
    assertThat(half.steps(mm)).isEqualTo(steps);
  }

  /** Three tens and a hair less are three tens; a whole tenth less is two. */
  @ParameterizedTest
  @CsvSource({"30, 3", "29.9999999, 3", "29.9, 2", "9.9999999, 1", "0, 0"})
  void aStepThatIsMissedByNoiseCounts(double stretchMm, long whole) {
    assertThat(Tolerance.EXACT.wholeIn(stretchMm, 10)).isEqualTo(whole);
  }

  @Test
  void lengthsAreNearByIt() {
    assertThat(Length.ofMm(81.3).near(Length.ofMm(81.75), half)).isTrue();
    assertThat(Length.ofMm(81.3).near(Length.ofMm(82), half)).isFalse();
  }
}
