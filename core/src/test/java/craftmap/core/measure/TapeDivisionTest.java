package craftmap.core.measure;

import static craftmap.core.measure.Figure.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TapeDivisionTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "INCH_16 | 441.325 | 17 3/8\"",
        "INCH_16 | 9.525 | 3/8\"",
        "INCH_16 | 25.4 | 1\"",
        "INCH_16 | 0 | 0\"",
        "INCH_16 | 75 | 2 15/16\"",
        "INCH_32 | 419.894 | 16 17/32\"",
        "INCH_8 | 75 | 3\"",
        "INCH_16 | -9.525 | -3/8\"",
        "MM_1 | 74.5 | 75 mm",
        "MM_HALF | 74.3 | 74.5 mm",
        "MM_HALF | 74.1 | 74 mm",
        "CM_TENTH | 441 | 44.1 cm",
        "CM_TENTH | 440 | 44 cm",
      })
  void showsALengthAsTheTapeDoes(TapeDivision division, double mm, String shown) {
    assertThat(division.show(mm)).isEqualTo(shown);
  }

  @ParameterizedTest
  @EnumSource
  void whatIsShownReadsBackAsTheNearestDivision(TapeDivision division) {
    Random random = new Random(7);
    for (int i = 0; i < 2_000; i++) {
      double mm = random.nextDouble() * 3_000;
      double back = LengthReader.read(said("x"), division.show(mm), LengthUnit.MM).mm();
      assertThat(back).isCloseTo(division.nearest(mm), within(1e-9));
      assertThat(back).isCloseTo(mm, within(division.mm() / 2 + 1e-9));
    }
  }

  @ParameterizedTest
  @EnumSource
  void marksAreRoundedEachFromTheDatumSoThatErrorsNeverAddUp(TapeDivision division) {
    Random random = new Random(11);
    for (int row = 0; row < 500; row++) {
      double pitch = 5 + random.nextDouble() * 200;
      List<Double> exact = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        exact.add(10 + i * pitch);
      }
      SetOut setOut = SetOut.fromDatum(exact, division);
      assertThat(setOut.largestErrorMm()).isLessThanOrEqualTo(division.mm() / 2 + 1e-9);
      assertThat(setOut.marks()).extracting(SetOut.Mark::exactMm).isEqualTo(exact);
    }
  }

  @Test
  void theLargestErrorOfARowIsReported() {
    SetOut setOut = SetOut.fromDatum(List.of(10.0, 20.4, 30.1), TapeDivision.MM_1);
    assertThat(setOut.marks()).extracting(SetOut.Mark::tickMm).containsExactly(10.0, 20.0, 30.0);
    assertThat(setOut.largestErrorMm()).isCloseTo(0.4, within(1e-9));
  }
}
