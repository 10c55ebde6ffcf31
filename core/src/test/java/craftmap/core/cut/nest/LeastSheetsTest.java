package craftmap.core.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LeastSheetsTest {
  private static List<NestPart> parts(int count, double width, double height) {
    List<NestPart> parts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      parts.add(NestPart.upright(width, height));
    }
    return parts;
  }

  @ParameterizedTest
  @CsvSource({
    "1, 10, 10, 1", // one part, however small, needs a sheet
    "4, 250, 350, 1", // four quarters
    "5, 250, 350, 2", // by their area
    "3, 260, 240, 2", // wider than half: two of 240 stand over each other on 700, not three
    "2, 260, 360, 2", // wider and taller than half: never two
    "3, 200, 400, 2", // taller than half: two of 200 lie beside each other on 500
  })
  void theBoundIsTheLargestOfAreaHeightsAndWidths(
      int count, double width, double height, int least) {
    assertThat(LeastSheets.of(parts(count, width, height), 500, 700)).isEqualTo(least);
  }

  @Test
  void partsThatTurnAreBoundedByTheirAreaOnly() {
    List<NestPart> turning = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      turning.add(new NestPart(260, 240, true, 0, 0, NestPart.AS_TOLD));
    }
    assertThat(LeastSheets.of(turning, 500, 700)).isEqualTo(1);
  }

  @Test
  void nothingToCutNeedsNothing() {
    assertThat(LeastSheets.of(List.of(), 500, 700)).isZero();
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void noPlanThatIsEverFoundIsBelowIt(long seed) {
    Random random = new Random(seed);
    List<NestPart> parts = new ArrayList<>();
    for (int i = 0; i < 5 + random.nextInt(25); i++) {
      parts.add(NestPart.upright(30 + random.nextInt(400), 30 + random.nextInt(500)));
    }
    Nested found =
        Nesting.plan(
            NestTask.of(parts, List.of(NestStock.sheets(new Box(0, 0, 500, 700), 99)), 0),
            NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER),
            s -> true);
    assertThat(found.unplaced()).isEmpty();
    assertThat(found.newSheets()).isGreaterThanOrEqualTo(LeastSheets.of(parts, 500, 700));
  }
}
