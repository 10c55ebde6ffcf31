package craftmap.core.measure;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthReaderTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "17 3/8\" | 441.325",
        "17-3/8 in | 441.325",
        "1' 5 3/8\" | 441.325",
        "1'5 3/8 | 441.325",
        "1 ft 5 3/8 in | 441.325",
        "3' | 914.4",
        "17.375in | 441.325",
        "⅜\" | 9.525",
        "17⅜″ | 441.325",
        "3/8\" | 9.525",
        "441mm | 441",
        "44.1 cm | 441",
        "44,1 cm | 441",
        "1.2m | 1200",
        ".5 in | 12.7",
        "441 | 441",
      })
  void readsEveryNotationOfTheBench(String text, double mm) {
    assertThat(LengthReader.read(said("width"), text, LengthUnit.MM).mm())
        .isCloseTo(mm, within(1e-9));
  }

  @Test
  void aBareNumberTakesTheStudiosUnit() {
    assertThat(LengthReader.read(said("width"), "34 1/4", LengthUnit.INCH).mm())
        .isCloseTo(869.95, within(1e-9));
    assertThat(LengthReader.read(said("width"), "87", LengthUnit.CM).mm()).isEqualTo(870);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "abc",
        "12 34",
        "1/0",
        "5 furlongs",
        "1' 30 mm",
        "--3",
        "17 3/",
        "1e5",
        "NaN",
        "'"
      })
  void refusesWhatIsNoLengthNamingFieldAndValue(String text) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> LengthReader.read(said("width"), text, LengthUnit.MM))
        .satisfies(r -> assertThat(r.field()).isEqualTo("width"))
        .satisfies(r -> assertThat(r.faults().getFirst().value()).isEqualTo(given(text)));
  }

  @ParameterizedTest
  @CsvSource({
    "0, is-too-small",
    "-5, is-below-nothing",
    "40 m, is-too-long",
  })
  void aSizeOfNothingOrBeyondAllFurnitureIsRefusedWithWhatIsAccepted(String text, String fault) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> LengthReader.read(said("width"), text, LengthUnit.MM, LengthRange.SIZE))
        .satisfies(r -> assertThat(r.fault()).isEqualTo(fault))
        .satisfies(
            r ->
                assertThat(r.faults().getFirst().accepted())
                    .isEqualTo(
                        said(
                            "a-length-above-and-up-to",
                            new Figure.LengthBound(0, false),
                            new Figure.LengthBound(20_000, true))));
  }

  @Test
  void emptyTextIsRefusedAsEmpty() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> LengthReader.read(said("depth"), "  ", LengthUnit.MM))
        .satisfies(r -> assertThat(r.fault()).isEqualTo("has-no-length-yet"));
  }

  @Test
  void theLimitItselfIsAccepted() {
    assertThat(LengthReader.read(said("width"), "20 m", LengthUnit.MM, LengthRange.SIZE).mm())
        .isEqualTo(20_000);
  }
}
