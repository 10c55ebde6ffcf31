package craftmap.core.measure;

import static craftmap.core.measure.Figure.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Which figures and lengths are taken, and what is said of those that are not. */
class FigureRangeTest {
  private static final FigureRange SHARE = new FigureRange("%", 5, 95, 1);

  @ParameterizedTest
  @ValueSource(doubles = {5, 37.3, 95})
  void bothEndsAreWithin(double figure) {
    assertThat(SHARE.check("coverage", figure)).isEqualTo(figure);
  }

  @ParameterizedTest
  @CsvSource({
    "4.9, is-too-small",
    "95.1, is-too-large",
    "NaN, is-not-a-figure",
    "Infinity, is-not-a-figure"
  })
  void whatLiesOutsideIsRefusedWithWhatWouldDo(double figure, String fault) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> SHARE.check(said("coverage"), figure))
        .withMessageContaining("a-figure-from-to [5, 95 %]")
        .extracting(RefusedInput::fault)
        .isEqualTo(fault);
  }

  @Test
  void aFigureThatHasNoUnitStandsAlone() {
    assertThat(new FigureRange("", 0, 10, 2).show(3.456)).isEqualTo("3.46");
    assertThat(FigureRange.DENSITY.show(1.2)).isEqualTo("1.2 g/ml");
  }

  /** Nothing below nothing is shown: a minus before a zero would be read as a fault. */
  @Test
  void noughtHasNoSign() {
    assertThat(1 / new FigureRange("°C", -5, 5, 0).check("room", -0.0)).isPositive();
    assertThat(1 / LengthRange.DISTANCE.check("gap", -0.0)).isPositive();
    assertThat(1 / Length.ofMm(-0.0).mm()).isPositive();
  }

  @Test
  void whatIsThinIsToldFinerThanATapeShows() {
    assertThat(LengthRange.THICKNESS.isFine()).isTrue();
    assertThat(LengthRange.THICKNESS.upTo(12).isFine()).isTrue();
    assertThat(LengthRange.SIZE.isFine()).as("longer").isFalse();
    assertThat(LengthRange.DISTANCE.upTo(50).isFine()).as("may be nothing").isFalse();
  }

  @ParameterizedTest
  @CsvSource({"0.5, 30", "1, 60", "2.017, 121", "61.26, 3676"})
  void minutesAreKeptToTheSecond(double minutes, long seconds) {
    assertThat(Times.ofMinutes(minutes)).hasSeconds(seconds);
    assertThat(Times.minutes(Times.ofMinutes(minutes))).isEqualTo(seconds / 60.0);
  }
}
