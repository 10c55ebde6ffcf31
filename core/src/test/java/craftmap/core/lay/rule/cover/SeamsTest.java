package craftmap.core.lay.rule.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SeamsTest {
  @ParameterizedTest
  @CsvSource({
    "870, 330, 8, 3",
    "420, 330, 8, 2",
    "600, 190, 10, 4",
    "400, 277, 10, 2",
    "300, 330, 8, 1"
  })
  void asManySheetsAsTheLengthTakes(double length, double sheet, double overlap, int count) {
    Seams seams =
        Seams.of(Seams.Line.EVEN, Seams.Length.alone(0, length), sheet, overlap, 0).orElseThrow();
    assertThat(seams.count()).isEqualTo(count);
  }

  @ParameterizedTest
  @EnumSource(Seams.Line.class)
  void howeverTheyLineUpTheLengthIsCoveredAndNeighboursOverlap(Seams.Line line) {
    Random random = new Random(line.ordinal());
    for (int i = 0; i < 300; i++) {
      double length = 50 + random.nextInt(3000);
      double sheet = 100 + random.nextInt(600);
      double overlap = random.nextInt(30);
      double repeat = random.nextInt(3) == 0 ? 20 + random.nextInt(80) : 0;
      double from = -random.nextInt(10);
      var found = Seams.of(line, Seams.Length.alone(from, from + length), sheet, overlap, repeat);
      if (found.isEmpty()) {
        assertThat(repeat).isGreaterThan(sheet - overlap);
        assertThat(length).isGreaterThan(sheet - repeat);
        continue;
      }
      Seams seams = found.get();
      assertThat(seams.startMm(0)).isLessThanOrEqualTo(from + 1e-6);
      assertThat(seams.endMm(seams.count() - 1)).isGreaterThanOrEqualTo(from + length - 1e-6);
      assertThat(seams.partMm()).isLessThanOrEqualTo(sheet + 1e-6);
      for (int k = 1; k < seams.count(); k++) {
        assertThat(seams.endMm(k - 1) - seams.startMm(k)).isGreaterThanOrEqualTo(overlap - 1e-6);
      }
      if (repeat > 0) {
        double steps = seams.pitchMm() / repeat;
        assertThat(steps).isCloseTo(Math.rint(steps), within(1e-6));
      }
    }
  }

  @Test
  void aSeamOnTheMiddleHasTheMiddleOfItsOverlapThere() {
    Seams seams =
        Seams.of(Seams.Line.SEAM_CENTRED, Seams.Length.alone(0, 900), 330, 10, 0).orElseThrow();
    boolean onMiddle = false;
    for (int k = 1; k < seams.count(); k++) {
      onMiddle |= Math.abs((seams.startMm(k) + seams.endMm(k - 1)) / 2 - 450) < 1e-6;
    }
    assertThat(onMiddle).isTrue();
  }

  @Test
  void aSheetOnTheMiddleHasItsOwnMiddleThere() {
    Seams seams =
        Seams.of(Seams.Line.SHEET_CENTRED, Seams.Length.alone(0, 900), 330, 10, 0).orElseThrow();
    boolean onMiddle = false;
    for (int k = 0; k < seams.count(); k++) {
      onMiddle |= Math.abs((seams.startMm(k) + seams.endMm(k)) / 2 - 450) < 1e-6;
    }
    assertThat(onMiddle).isTrue();
  }
}
