package craftmap.server.words;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.Figure;
import craftmap.core.measure.Length;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.LengthReader;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FigureWordsTest {
  private final FigureWords millimetres = new FigureWords(TapeDivision.MM_1);

  @Test
  void aRefusalIsASentenceOfItsFourParts() {
    RefusedInput rim =
        new RefusedInput(
            "unprinted-rim",
            mm(120.25),
            said("leaves-nothing-of-the-picture"),
            said("less-than-half-of", mm(240)));
    assertThat(millimetres.refusal(rim))
        .isEqualTo(
            "Unprinted rim (120.25 mm) leaves nothing of the picture. Give less than half of"
                + " 240 mm.");
    assertThat(new FigureWords(TapeDivision.INCH_16).refusal(rim))
        .isEqualTo(
            "Unprinted rim (4.734\") leaves nothing of the picture. Give less than half of"
                + " 9.449\".");
  }

  @Test
  void whatWasTypedIsSaidAsItWasTypedWhateverSignsItHas() {
    RefusedInput typed =
        new RefusedInput(
            given("it's {0}"), given("'{1}' # |"), said("is-not-a-length"), said("one-of-them"));
    assertThat(millimetres.refusal(typed))
        .isEqualTo("it's {0} ('{1}' # |) is not a length. Give one of them.");
  }

  @Test
  void choicesAreCalledAsTheirFieldsCallThem() {
    assertThat(millimetres.text(new Figure.Among(List.of("TOP", "HALF_DROP", "NO_SUCH_CHOICE"))))
        .isEqualTo("top edge, half-dropped, no such choice");
  }

  /** What is said to be accepted is accepted by whoever types it in. */
  @ParameterizedTest
  @EnumSource(TapeDivision.class)
  void aLengthThatIsToldExactlyIsReadBackAsItWas(TapeDivision tape) {
    Random random = new Random(tape.ordinal() + 311);
    for (int k = 0; k < 2_000; k++) {
      double length = Math.round(random.nextDouble() * 290_000) / 100.0;
      String told = new FigureWords(tape).text(mm(length));
      assertThat(LengthReader.read(said("width"), told, tape.unit()).mm())
          .as(told)
          .isCloseTo(length, within(0.0135));
    }
  }

  /** Up to the longest: an end of what is accepted, typed in as it is told, is accepted. */
  @ParameterizedTest
  @EnumSource(TapeDivision.class)
  void anEndOfWhatIsAcceptedIsAcceptedAsItIsTold(TapeDivision tape) {
    Random random = new Random(tape.ordinal() + 509);
    FigureWords words = new FigureWords(tape);
    for (int k = 0; k < 2_000; k++) {
      double least = random.nextDouble() * 4_000;
      double most = least + 30 + random.nextDouble() * 15_970;
      LengthRange range = new LengthRange(least, true, most);
      for (boolean upper : new boolean[] {true, false}) {
        String told = words.text(new Figure.LengthBound(upper ? most : least, upper));
        assertThat(LengthReader.read(said("width"), told, tape.unit(), range).mm())
            .as(told)
            .isCloseTo(upper ? most : least, within(3.1));
      }
    }
    assertThat(words.text(new Figure.LengthBound(0, false))).isEqualTo("0");
    String longest = words.text(new Figure.LengthBound(Length.LONGEST.mm(), true));
    assertThat(LengthReader.read(said("width"), longest, tape.unit(), LengthRange.SIZE).mm())
        .isLessThanOrEqualTo(Length.LONGEST.mm());
  }
}
