package craftmap.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.NullSource;
import org.junit.jupiter.params.provider.ValueSource;

class ColourTest {
  @ParameterizedTest
  @NullSource
  @ValueSource(strings = {"", "#12345", "teal", "#GG0000", "1F4650"})
  void whatIsNoColourIsRefused(String hex) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Colour(hex))
        .withMessageContaining("is-not-a-colour");
  }

  @Test
  void smallLettersAreTheSameColour() {
    assertThat(new Colour("#1f4650")).isEqualTo(new Colour("#1F4650"));
  }

  @ParameterizedTest
  @CsvSource({
    "#F7F3E8, WHITE",
    "#8A8C8B, GREY",
    "#121416, BLACK",
    "#B3262E, RED",
    "#E08A2B, ORANGE",
    "#6B4A2F, BROWN",
    "#E9C93B, YELLOW",
    "#3F7A3A, GREEN",
    "#1F5F66, TEAL",
    "#2F5DA8, BLUE",
    "#6A3F8F, PURPLE",
    "#E7A3B5, PINK",
    // a cream is a white, a dark brown with little left in it black, a brick a red
    "#FBF1DC, WHITE",
    "#3C1F1B, BLACK",
    "#8A2A2E, RED",
    "#4A2420, BROWN",
    "#7A3020, RED",
    "#6B2A1E, BROWN"
  })
  void aColourIsFoundUnderTheNamePeopleCallIt(String hex, ColourFamily family) {
    assertThat(ColourFamily.of(new Colour(hex))).isEqualTo(family);
  }

  @Test
  void whiteIsLightestAndBlackDarkest() {
    assertThat(new Colour("#FFFFFF").luminance()).isCloseTo(1, within(1e-9));
    assertThat(new Colour("#000000").luminance()).isZero();
    assertThat(new Colour("#FFFFFF").lab().lightness()).isCloseTo(100, within(0.01));
    assertThat(new Colour("#FFFFFF").lab().chroma()).isLessThan(0.05);
  }

  @Test
  void aDifferenceIsNoneToItselfAndTheSameBothWays() {
    Lab teal = new Colour("#1F5F66").lab();
    Lab rust = new Colour("#A8431F").lab();
    assertThat(teal.ciede2000From(teal)).isCloseTo(0, within(1e-9));
    assertThat(teal.ciede2000From(rust)).isCloseTo(rust.ciede2000From(teal), within(1e-9));
    assertThat(teal.ciede2000From(rust)).isGreaterThan(20);
    Lab nearly = new Colour("#206067").lab();
    assertThat(teal.ciede2000From(nearly)).isLessThan(1);
  }

  @ParameterizedTest
  @CsvSource({
    "#C04020, #FFFFFF, #C04020",
    "#C04020, #000000, #000000",
    "#FFFFFF, #336699, #336699"
  })
  void overAGroundAThinPrintLetsThroughWhatItDoesNotHoldBack(
      String print, String ground, String seen) {
    assertThat(new Colour(print).over(new Colour(ground))).isEqualTo(new Colour(seen));
  }
}
