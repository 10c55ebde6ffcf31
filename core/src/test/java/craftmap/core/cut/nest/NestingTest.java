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

class NestingTest {
  private static final Box SHEET = new Box(0, 0, 500, 700);

  private static Nested plan(List<NestPart> parts, List<NestStock> stock, double knife) {
    return Nesting.plan(
        NestTask.of(parts, stock, knife),
        NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER),
        done -> true);
  }

  private static void isSound(
      Nested nested, List<NestPart> parts, List<NestStock> stock, double knife) {
    boolean[] seen = new boolean[parts.size()];
    for (Nested.Sheet sheet : nested.sheets()) {
      Box usable = stock.get(sheet.stock()).usable();
      double area = 0;
      for (int i = 0; i < sheet.parts().size(); i++) {
        Nested.Placed p = sheet.parts().get(i);
        NestPart part = parts.get(p.part());
        assertThat(seen[p.part()]).as("cut once").isFalse();
        seen[p.part()] = true;
        assertThat(p.turned() && !part.turns()).isFalse();
        assertThat(p.at().widthMm())
            .isCloseTo(
                p.turned() ? part.heightMm() : part.widthMm(),
                org.assertj.core.api.Assertions.within(1e-6));
        assertThat(p.at().leftMm()).isGreaterThanOrEqualTo(usable.leftMm() - 1e-6);
        assertThat(p.at().rightMm()).isLessThanOrEqualTo(usable.rightMm() + 1e-5);
        assertThat(p.at().bottomMm()).isLessThanOrEqualTo(usable.bottomMm() + 1e-5);
        area += p.at().areaMm2();
        for (int k = 0; k < i; k++) {
          Box other = sheet.parts().get(k).at();
          Box grown =
              new Box(
                  other.leftMm() - knife,
                  other.topMm() - knife,
                  other.widthMm() + 2 * knife,
                  other.heightMm() + 2 * knife);
          assertThat(p.at().overlaps(grown, 1e-5)).as("knife room is kept").isFalse();
        }
        for (Box left : sheet.leftovers()) {
          assertThat(p.at().overlaps(left, 1e-5)).isFalse();
        }
      }
      double left = sheet.leftovers().stream().mapToDouble(Box::areaMm2).sum();
      assertThat(area + left).isLessThanOrEqualTo(usable.areaMm2() + 1e-3);
    }
    for (int i = 0; i < parts.size(); i++) {
      assertThat(seen[i] || nested.unplaced().contains(i)).isTrue();
    }
    assertThat(nested.newSheets()).isGreaterThanOrEqualTo(nested.least());
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(ints = {10, 20})
  void whatWasCutFromOneSheetGoesBackOntoOne(int pieces) {
    List<NestStock> stock = List.of(NestStock.sheets(SHEET, 10));
    int back = 0;
    for (int seed = 0; seed < 100; seed++) {
      List<NestPart> parts = CutApart.sheets(SHEET, new Random(seed), pieces, 1);
      Nested nested = plan(parts, stock, 0);
      isSound(nested, parts, stock, 0);
      back += nested.newSheets() == 1 ? 1 : 0;
    }
    assertThat(back).as("of 100").isGreaterThanOrEqualTo(95);
  }

  @Tag("thorough")
  @ParameterizedTest
  @CsvSource({"10, 3", "20, 2"})
  void severalSheetsGoBackOntoAsMany(int pieces, int sheets) {
    List<NestStock> stock = List.of(NestStock.sheets(SHEET, 20));
    int over = 0;
    for (int seed = 0; seed < 20; seed++) {
      List<NestPart> parts = CutApart.sheets(SHEET, new Random(1000 + seed), pieces, sheets);
      Nested nested = plan(parts, stock, 0);
      isSound(nested, parts, stock, 0);
      over += nested.newSheets() - sheets;
    }
    assertThat(over).as("sheets too many in 20").isLessThanOrEqualTo(2);
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void partsThatTurnWithAKnifeOnLeftoversAndSheets(long seed) {
    Random random = new Random(seed);
    List<NestPart> parts = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      parts.add(
          new NestPart(
              20 + random.nextInt(300),
              20 + random.nextInt(300),
              random.nextBoolean(),
              0,
              0,
              NestPart.AS_TOLD));
    }
    List<NestStock> stock =
        List.of(
            NestStock.sheets(SHEET, 30).leftover(new Box(40, 60, 260, 300)),
            NestStock.sheets(SHEET, 30));
    Nested nested = plan(parts, stock, 4);
    isSound(nested, parts, stock, 4);
    assertThat(nested.unplaced()).isEmpty();
    assertThat(nested.sheets().getFirst().isNew()).as("leftovers first").isFalse();
    assertThat(plan(parts, stock, 4)).as("the same again").isEqualTo(nested);
  }

  @Test
  void aRepeatIsKept() {
    List<NestPart> parts = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      parts.add(new NestPart(120, 150, false, 30, 40, NestPart.AS_TOLD));
    }
    List<NestStock> stock = List.of(NestStock.repeating(SHEET, 9, 100, 80));
    Nested nested = plan(parts, stock, 0);
    isSound(nested, parts, stock, 0);
    for (Nested.Sheet sheet : nested.sheets()) {
      for (Nested.Placed p : sheet.parts()) {
        assertThat((p.at().leftMm() - 30) % 100).isZero();
        assertThat((p.at().topMm() - 40) % 80).isZero();
      }
    }
  }

  @Test
  void theBoundIsTrueAndSometimesMet() {
    // five parts wider than half a sheet: three of 300 high need two sheets, five need three
    List<NestPart> wide = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      wide.add(NestPart.upright(260, 300));
    }
    Nested nested = plan(wide, List.of(NestStock.sheets(SHEET, 9)), 0);
    assertThat(nested.least()).isEqualTo(3);
    assertThat(nested.newSheets()).isEqualTo(3);
    assertThat(nested.isProven()).isTrue();
  }

  /** The old puzzle: four strips around a hole, which no cut from edge to edge takes apart. */
  private static final List<NestPart> PINWHEEL =
      List.of(
          NestPart.upright(300, 200),
          NestPart.upright(200, 500),
          NestPart.upright(300, 200),
          NestPart.upright(200, 500));

  @Test
  void whereStraightCutsNeedTwoSheetsPartsAreCutAround() {
    Box sheet = new Box(0, 0, 500, 700);
    Nested nested = plan(PINWHEEL, List.of(NestStock.sheets(sheet, 4)), 0);
    isSound(nested, PINWHEEL, List.of(NestStock.sheets(sheet, 4)), 0);
    assertThat(nested.newSheets()).isEqualTo(1);
    assertThat(nested.sheets().getFirst().straight()).isFalse();
    assertThat(nested.isProven()).isTrue();
  }

  @Test
  void theSolverProvesWhatCountingAreasCannot() {
    // 240 x 340 four times would fill a sheet but for 20 mm each way; a fifth and sixth part of
    // 251 x 351 take up more than the quarter that is left
    List<NestPart> parts = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      parts.add(NestPart.upright(251, 300));
    }
    Nested searched =
        Nesting.plan(
            NestTask.of(parts, List.of(NestStock.sheets(new Box(0, 0, 501, 599), 9)), 0),
            new NestSearch(NestSearch.Preference.LARGEST_LEFTOVER, 1, 50, 12, 5),
            done -> true);
    // no two lie beside or below each other
    assertThat(searched.newSheets()).isEqualTo(5);
    assertThat(searched.least()).isEqualTo(5);
  }

  @Tag("thorough")
  @Test
  void lockedPartsStayTogetherOnTheirSheets() {
    List<NestPart> parts = CutApart.sheets(SHEET, new Random(3), 12, 2);
    List<NestStock> stock = List.of(NestStock.sheets(SHEET, 9));
    NestPart a = parts.get(0);
    NestPart b = parts.get(5);
    List<NestTask.Locked> locked =
        List.of(
            new NestTask.Locked(0, 0, 7, new Box(0, 0, a.widthMm(), a.heightMm()), false),
            new NestTask.Locked(
                5,
                0,
                3,
                new Box(500 - b.widthMm(), 700 - b.heightMm(), b.widthMm(), b.heightMm()),
                false));
    Nested nested =
        Nesting.plan(
            new NestTask(parts, stock, 2, locked),
            NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER),
            done -> true);
    isSound(nested, parts, stock, 2);
    for (NestTask.Locked l : locked) {
      assertThat(nested.sheets())
          .as("part %s stays", l.part())
          .anyMatch(s -> s.parts().contains(new Nested.Placed(l.part(), l.at(), false)));
    }
    assertThat(nested.sheets())
        .as("parts of different sheets stay apart")
        .noneMatch(
            s -> s.parts().stream().map(Nested.Placed::part).toList().containsAll(List.of(0, 5)));
  }

  @Tag("thorough")
  @Test
  void whoPrefersFewCutsGetsNoMoreOfThem() {
    for (int seed = 0; seed < 8; seed++) {
      Random random = new Random(seed);
      List<NestPart> parts = new ArrayList<>();
      for (int i = 0; i < 9; i++) {
        parts.add(NestPart.upright(60 + 20 * random.nextInt(6), 60 + 20 * random.nextInt(6)));
      }
      NestTask task = NestTask.of(parts, List.of(NestStock.sheets(SHEET, 4)), 0);
      Nested few =
          Nesting.plan(task, NestSearch.quick(NestSearch.Preference.FEWEST_CUTS), done -> true);
      Nested large = plan(parts, task.stock(), 0);
      isSound(few, parts, task.stock(), 0);
      assertThat(few.newSheets()).isEqualTo(large.newSheets());
      assertThat(few.cuts(task)).isLessThanOrEqualTo(large.cuts(task));
    }
  }

  @Test
  void whatIsTooLargeIsSaidAndTheRestIsCut() {
    List<NestPart> parts = List.of(NestPart.upright(600, 10), NestPart.upright(100, 100));
    Nested nested = plan(parts, List.of(NestStock.sheets(SHEET, 1)), 0);
    assertThat(nested.unplaced()).containsExactly(0);
    assertThat(nested.sheets()).hasSize(1);
  }

  /** However tight it is, no more sheets are cut than there are. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void whatIsNotThereIsNotCut(long seed) {
    Random random = new Random(seed);
    List<NestPart> parts = CutApart.sheets(SHEET, random, 3 + random.nextInt(5), 3);
    for (int count = 0; count < 3; count++) {
      List<NestStock> stock = List.of(NestStock.sheets(SHEET, count));
      Nested nested = plan(parts, stock, 0);
      isSound(nested, parts, stock, 0);
      assertThat(nested.newSheets()).isLessThanOrEqualTo(count);
      assertThat(nested.unplaced()).as("on %d of 3 sheets", count).isNotEmpty();
    }
  }

  @Tag("thorough")
  @Test
  void whoSaysStopGetsTheBestSoFar() {
    List<NestPart> parts = CutApart.sheets(SHEET, new Random(5), 30, 1);
    parts.add(NestPart.upright(90, 90));
    List<NestStock> stock = List.of(NestStock.sheets(SHEET, 9));
    Nested nested =
        Nesting.plan(
            NestTask.of(parts, stock, 0),
            new NestSearch(NestSearch.Preference.LARGEST_LEFTOVER, 1, 1_000_000, 0, 0),
            done -> false);
    isSound(nested, parts, stock, 0);
    assertThat(nested.unplaced()).isEmpty();
  }
}
