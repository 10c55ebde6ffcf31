package craftmap.core.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StraightCutsTest {
  private static final Box SHEET = new Box(0, 0, 500, 700);

  /** Cuts a sheet as it is told, and hands back what it falls into. */
  private static List<Box> cutUp(Box sheet, List<StraightCuts.Cut> cuts) {
    List<Box> pieces = new ArrayList<>(List.of(sheet));
    for (StraightCuts.Cut c : cuts) {
      assertThat(pieces.remove(c.through())).as("%s is still in one piece", c.through()).isTrue();
      Box b = c.through();
      if (c.across()) {
        pieces.add(new Box(b.leftMm(), b.topMm(), b.widthMm(), c.atMm() - b.topMm()));
        pieces.add(new Box(b.leftMm(), c.atMm(), b.widthMm(), b.bottomMm() - c.atMm()));
      } else {
        pieces.add(new Box(b.leftMm(), b.topMm(), c.atMm() - b.leftMm(), b.heightMm()));
        pieces.add(new Box(c.atMm(), b.topMm(), b.rightMm() - c.atMm(), b.heightMm()));
      }
    }
    return pieces;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void whoCutsAsToldHoldsEveryPart(long seed) {
    List<NestPart> parts = CutApart.sheets(SHEET, new Random(seed), 14, 2);
    NestTask task = NestTask.of(parts, List.of(NestStock.sheets(SHEET, 9)), 3);
    Nested nested =
        Nesting.plan(task, NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER), done -> true);
    for (Nested.Sheet sheet : nested.sheets()) {
      List<Box> boxes = sheet.parts().stream().map(Nested.Placed::at).toList();
      Optional<StraightCuts.Order> order = StraightCuts.of(SHEET, boxes);
      assertThat(order.isPresent()).isEqualTo(sheet.straight());
      order.ifPresent(
          o -> {
            List<Box> pieces = cutUp(SHEET, o.cuts());
            assertThat(boxes)
                .allMatch(b -> pieces.stream().anyMatch(p -> isSame(p, b)), "is cut free");
            assertThat(o.freed()).hasSize(boxes.size()).doesNotHaveDuplicates();
          });
    }
  }

  private static boolean isSame(Box a, Box b) {
    return Math.abs(a.leftMm() - b.leftMm()) < 1e-5
        && Math.abs(a.topMm() - b.topMm()) < 1e-5
        && Math.abs(a.rightMm() - b.rightMm()) < 1e-5
        && Math.abs(a.bottomMm() - b.bottomMm()) < 1e-5;
  }

  @Test
  void aCommonLineIsCutOnce() {
    List<Box> four =
        List.of(
            new Box(0, 0, 250, 350),
            new Box(250, 0, 250, 350),
            new Box(0, 350, 250, 350),
            new Box(250, 350, 250, 350));
    assertThat(StraightCuts.of(SHEET, four).orElseThrow().cuts()).hasSize(3);
  }

  @Test
  void aPinwheelCannotBeCutStraight() {
    List<Box> pinwheel =
        List.of(
            new Box(0, 0, 300, 200),
            new Box(300, 0, 200, 500),
            new Box(200, 500, 300, 200),
            new Box(0, 200, 200, 500));
    assertThat(StraightCuts.of(SHEET, pinwheel)).isEmpty();
  }

  @Test
  void aSheetThatIsOnePartIsNotCut() {
    assertThat(StraightCuts.of(SHEET, List.of(SHEET)).orElseThrow().cuts()).isEmpty();
  }
}
