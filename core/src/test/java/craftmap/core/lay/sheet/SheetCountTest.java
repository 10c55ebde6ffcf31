package craftmap.core.lay.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SheetCountTest {
  private static final Box SHEET = new Box(0, 0, 500, 700);

  private static SheetCount.Wanted wanted(double w, double h) {
    return new SheetCount.Wanted(w, h, 0, 0);
  }

  @Test
  void whatIsLeftOfOneSheetIsUsedForTheNextPart() {
    List<SheetCount.Taken> taken =
        SheetCount.take(List.of(wanted(240, 700), wanted(240, 700), wanted(240, 700)), SHEET, 0, 0);
    assertThat(taken).extracting(SheetCount.Taken::sheet).containsExactly(1, 1, 2);
    assertThat(SheetCount.least(List.of(wanted(240, 700), wanted(240, 700)), SHEET)).isOne();
  }

  @Test
  void aRepeatingPrintIsTakenAWholeRepeatFurtherOn() {
    List<SheetCount.Taken> taken =
        SheetCount.take(
            List.of(wanted(130, 700), wanted(130, 700), wanted(130, 700)), SHEET, 120, 0);
    // the second begins at 240, so only two find room
    assertThat(taken).extracting(SheetCount.Taken::leftMm).containsExactly(0.0, 240.0, 0.0);
    assertThat(taken).extracting(SheetCount.Taken::sheet).containsExactly(1, 1, 2);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void partsNeverOverlapOrLeaveTheirSheet(long seed) {
    Random random = new Random(seed);
    List<SheetCount.Wanted> parts = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      double phase = random.nextInt(2) * 40;
      parts.add(
          new SheetCount.Wanted(
              30 + random.nextInt(200), 30 + random.nextInt(300), phase, phase / 2));
    }
    List<SheetCount.Taken> taken = SheetCount.take(parts, SHEET, 80, 60);
    for (int i = 0; i < parts.size(); i++) {
      Box a = box(parts.get(i), taken.get(i));
      assertThat(a.rightMm()).isLessThanOrEqualTo(500.0001);
      assertThat(a.bottomMm()).isLessThanOrEqualTo(700.0001);
      assertThat((a.leftMm() - parts.get(i).acrossMm()) % 80).isZero();
      assertThat((a.topMm() - parts.get(i).downMm()) % 60).isZero();
      for (int k = 0; k < i; k++) {
        boolean same = taken.get(k).sheet() == taken.get(i).sheet();
        assertThat(same && a.overlaps(box(parts.get(k), taken.get(k)), 1e-6)).isFalse();
      }
    }
    int sheets = taken.stream().mapToInt(SheetCount.Taken::sheet).max().orElseThrow();
    assertThat(sheets).isGreaterThanOrEqualTo(SheetCount.least(parts, SHEET));
  }

  private static Box box(SheetCount.Wanted w, SheetCount.Taken t) {
    return new Box(t.leftMm(), t.topMm(), w.widthMm(), w.heightMm());
  }
}
