package craftmap.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoveringTest {
  private static final int MOST = 12;

  /** Differences to the paint after each coat, worked out on paper beside the definition. */
  @ParameterizedTest
  @CsvSource({
    "#F3EEE2, #6B4A2F, 0.8, 8.46 1.65, 2",
    "#B3202A, #F7F7F5, 0.6, 24.42 9.08 3.49 1.37, 4",
    "#B3202A, #9A9A98, 0.6, 11.98 4.48 1.75, 3",
    "#1F4650, #C9A26B, 0.8, 9.65 1.77, 2",
  })
  void theDifferenceIsLeftThatOneWorksOut(
      String paint, String under, double share, String differences, int coats) {
    Covering covering = Covering.of(new Colour(paint), share);
    Lab ground = new Colour(under).lab();
    String[] expected = differences.split(" ");
    for (int n = 1; n <= expected.length; n++) {
      assertThat(covering.departs(ground, n))
          .as("after %d", n)
          .isCloseTo(Double.parseDouble(expected[n - 1]), within(0.01));
    }
    assertThat(covering.coatsToHide(ground, MOST)).hasValue(coats);
  }

  @Test
  void aGreyPrimerSavesNothingWhereThePaintHidesInTwoAnyway() {
    Lab primed = Covering.of(new Colour("#9B9C99"), 0.8).over(new Colour("#C9A26B").lab(), 1);
    Covering paint = Covering.of(new Colour("#1F4650"), 0.8);
    assertThat(paint.departs(primed, 1)).isCloseTo(6.60, within(0.01));
    assertThat(paint.departs(primed, 2)).isCloseTo(1.27, within(0.01));
    assertThat(paint.coatsToHide(primed, MOST)).hasValue(2);
  }

  @Test
  void noCoatIsNeededOverItsOwnColourAndNoneIsEnoughOfWhatIsClear() {
    Lab red = new Colour("#B3202A").lab();
    assertThat(Covering.of(new Colour("#B3202A"), 0.5).coatsToHide(red, MOST)).hasValue(0);
    assertThat(Covering.of(new Colour("#FFFFFF"), 0).coatsToHide(red, MOST)).isEmpty();
  }

  /** "Hides" is said of the least number of coats: that one is within three, the one before not. */
  @Test
  void theLeastNumberHidesAndOneFewerDoesNot() {
    Random dice = new Random(20261127);
    for (int i = 0; i < 2_000; i++) {
      Covering paint = Covering.of(any(dice), 0.3 + 0.65 * dice.nextDouble());
      Lab under = any(dice).lab();
      int coats = paint.coatsToHide(under, 40).orElseThrow();
      assertThat(paint.departs(under, coats)).isLessThanOrEqualTo(Covering.HIDDEN);
      if (coats > 0) {
        assertThat(paint.departs(under, coats - 1)).isGreaterThan(Covering.HIDDEN);
      }
    }
  }

  /** Anything inside of what "it took me 3" leaves open says 3; nothing outside does. */
  @Test
  void whatItTookLeavesOpenComesToAsManyCoatsAgain() {
    Random dice = new Random(7);
    int learned = 0;
    for (int i = 0; i < 300; i++) {
      Colour under = any(dice);
      Colour paint = any(dice);
      if (under.lab().ciede2000From(paint.lab()) <= 2 * Covering.HIDDEN) {
        continue;
      }
      for (int coats = 1; coats <= 5; coats++) {
        Covering.Shares shares = Covering.sharesOf(under, paint, coats);
        double inside = shares.least() + dice.nextDouble() * (shares.most() - shares.least());
        assertThat(Covering.of(paint, inside).coatsToHide(under.lab(), MOST))
            .as("%s over %s in %d", paint, under, coats)
            .hasValue(coats);
        assertThat(Covering.of(paint, shares.least() * 0.99).coatsToHide(under.lab(), MOST))
            .isNotEqualTo(OptionalInt.of(coats));
        learned++;
      }
    }
    assertThat(learned).isGreaterThan(1_000);
  }

  @Test
  void aColourComesBackFromHowTheEyeSeesIt() {
    Random dice = new Random(3);
    for (int i = 0; i < 2_000; i++) {
      Colour colour = any(dice);
      assertThat(colour.lab().colour()).isEqualTo(colour);
    }
  }

  static Colour any(Random dice) {
    return Colour.ofRgb(dice.nextInt(256), dice.nextInt(256), dice.nextInt(256));
  }
}
