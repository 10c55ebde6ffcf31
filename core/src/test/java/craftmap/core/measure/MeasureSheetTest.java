package craftmap.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureSheetTest {
  private enum Way {
    ROUND,
    SQUARE_CORNERED
  }

  @Test
  void whatIsNotMeasuredYetIsTypicalAndSaysSo() {
    MeasureSheet sheet = new MeasureSheet(Map.of("width", 870.0), Map.of());
    assertThat(sheet.size("width", "Width", 900)).isEqualTo(870);
    assertThat(sheet.size("height", "Height", 420)).isEqualTo(420);
    assertThat(sheet.choice("way", "Way", Way.ROUND)).isEqualTo(Way.ROUND);
    assertThat(sheet.entries())
        .extracting(MeasureSheet.Entry::key)
        .containsExactly("width", "height", "way");
    assertThat(sheet.entries())
        .extracting(MeasureSheet.Entry::taken)
        .containsExactly(true, false, false);
  }

  @Test
  void aDistanceMayBeNothingASizeMayNot() {
    MeasureSheet sheet = new MeasureSheet(Map.of("gap", 0.0), Map.of());
    assertThat(sheet.distance("gap", "Gap", 4)).isZero();
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> sheet.size("gap", "Gap", 4))
        .withMessage(
            "Gap (0.0 mm): is-too-small; accepted: a-length-above-and-up-to [0.0 mm, 20000.0 mm]");
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 11, 2.5, -1, Double.NaN, Double.POSITIVE_INFINITY})
  void aCountIsAWholeNumberWithinItsLimits(double count) {
    MeasureSheet sheet = new MeasureSheet(Map.of("rows", count), Map.of());
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> sheet.count("rows", "Rows", 3, 1, 10))
        .withMessageStartingWith("Rows (")
        .withMessageEndingWith("a-whole-number-from-to [1, 10]");
  }

  @Test
  void aChoiceThatIsNotOnOfferNamesThoseThatAre() {
    MeasureSheet sheet = new MeasureSheet(Map.of(), Map.of("way", "STAR"));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> sheet.choice("way", "Way", Way.ROUND))
        .withMessage("Way (STAR): is-not-on-offer; accepted: ROUND, SQUARE_CORNERED");
  }
}
