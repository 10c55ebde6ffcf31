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

  @Test
  void everyKindOfAnswerIsTakenAsItStandsAndTypicalOtherwise() {
    MeasureSheet sheet =
        new MeasureSheet(
            Map.of("rows", 7.0, "share", 37.5, "ridge", 12.3),
            Map.of("way", "SQUARE_CORNERED", "lined", "YES", "ground", " #1f5f66 "));
    assertThat(sheet.count("rows", "Rows", 3, 1, 10)).isEqualTo(7);
    assertThat(sheet.count("columns", "Columns", 4, 1, 10)).isEqualTo(4);
    assertThat(sheet.figure("share", "Share", 50, FigureRange.PERCENT)).isEqualTo(37.5);
    assertThat(sheet.figure("loss", "Loss", 12, FigureRange.PERCENT)).isEqualTo(12);
    assertThat(sheet.length("ridge", "Ridge", 3, LengthRange.THICKNESS)).isEqualTo(12.3);
    assertThat(sheet.choice("way", "Way", Way.ROUND)).isEqualTo(Way.SQUARE_CORNERED);
    assertThat(sheet.yes("lined", "Lined", false)).isTrue();
    assertThat(sheet.yes("backed", "Backed", false)).isFalse();
    assertThat(sheet.yes("legged", "Legged", true)).isTrue();
    assertThat(sheet.colour("ground", "Ground", "#FFFFFF")).isEqualTo("#1F5F66");
    assertThat(sheet.colour("edge", "Edge", "#A8431F")).isEqualTo("#A8431F");
    assertThat(sheet.entries())
        .extracting(MeasureSheet.Entry::taken)
        .containsExactly(true, false, true, false, true, true, true, false, false, true, false);
    assertThat(sheet.taken("ridge")).hasValue(12.3);
    assertThat(sheet.taken("valley")).isEmpty();
  }

  @Test
  void whatIsNoColourIsRefusedShortened() {
    MeasureSheet sheet =
        new MeasureSheet(Map.of(), Map.of("ground", "teal, the deep one of the estuary"));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> sheet.colour("ground", "Ground", "#FFFFFF"))
        .withMessageStartingWith("Ground (TEAL, THE DEEP ONE O): is-not-a-colour");
  }

  /** Whoever types three things wrong is told of all three, not of one after the other. */
  @Test
  void allThatIsWrongIsToldAtOnceWithTypicalOnesInTheirPlaces() {
    MeasureSheet sheet =
        new MeasureSheet(Map.of("width", -4.0, "rows", 2.5, "share", 412.0), Map.of("way", "STAR"));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                sheet.make(
                    () -> {
                      sheet.size("width", "Width", 900);
                      sheet.count("rows", "Rows", 3, 1, 10);
                      sheet.figure("share", "Share", 50, FigureRange.PERCENT);
                      return sheet.choice("way", "Way", Way.ROUND);
                    }))
        .satisfies(
            refused ->
                assertThat(refused.faults().toString()).contains("Width", "Rows", "Share", "Way"));
  }

  @Test
  void whatIsMadeOfGoodAnswersIsWhatWasMade() {
    MeasureSheet sheet = new MeasureSheet(Map.of("width", 31.7), Map.of());
    assertThat(sheet.<Double>make(() -> 2 * sheet.size("width", "Width", 900))).isEqualTo(63.4);
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
