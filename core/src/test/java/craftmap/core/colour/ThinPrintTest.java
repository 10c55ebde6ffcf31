package craftmap.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ThinPrintTest {
  @ParameterizedTest
  @CsvSource({
    "#6B4A2F, #F3EEE2, 51.45",
    "#B3202A, #F7F7F5, 53.40",
    "#B3202A, #9A9A98, 36.61",
    "#808080, #808080, 0"
  })
  void theDifferenceIsTheOneOfTheCie(String one, String two, double difference) {
    Lab a = new Colour(one).lab();
    Lab b = new Colour(two).lab();
    assertThat(a.ciede2000From(b)).isCloseTo(difference, within(0.01));
    assertThat(b.ciede2000From(a)).isCloseTo(difference, within(0.01));
  }

  @Test
  void aThinPrintIsNeverLighterThanItsGround() {
    Colour print = new Colour("#F0E8D0");
    assertThat(print.over(new Colour("#FFFFFF"))).isEqualTo(print);
    assertThat(print.over(new Colour("#000000"))).isEqualTo(new Colour("#000000"));
    assertThat(print.over(new Colour("#1F4650")).luminance())
        .isLessThan(new Colour("#1F4650").luminance());
  }
}
