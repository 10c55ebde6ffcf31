package craftmap.core.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the solver proves and finds, against trying every place on small sheets. */
class ExactNestTest {
  private static final NestSearch SEARCH =
      NestSearch.thorough(NestSearch.Preference.FEWEST_CUTS, 1);

  /** A part or a sheet in whole steps, so that every place it may have can be tried. */
  private record Steps(int wide, int tall, boolean turns) {}

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void itSaysYesJustWhereSomePlaceForEveryPartIsFound(long seed) {
    Random chance = new Random(seed);
    for (int i = 0; i < 8; i++) {
      double step = 31.7 + 20 * chance.nextDouble();
      double knife = chance.nextBoolean() ? 0 : 3.3 * chance.nextDouble();
      Steps sheet = new Steps(3 + chance.nextInt(3), 3 + chance.nextInt(2), false);
      int sheets = 1 + chance.nextInt(2);
      List<Steps> parts = new ArrayList<>();
      int area = 0;
      while (area < sheets * sheet.wide * sheet.tall - 2 && parts.size() < 6) {
        Steps part = new Steps(1 + chance.nextInt(3), 1 + chance.nextInt(3), chance.nextBoolean());
        parts.add(part);
        area += part.wide * part.tall;
      }
      boolean fits = fits(parts, 0, new boolean[sheets][sheet.wide][sheet.tall]);
      NestTask task = task(parts, sheet, sheets, step, knife);
      ExactNest.Answer answer = ExactNest.asks(task, SEARCH, sheets);
      assertThat(answer.impossible()).as("%s on %d of %s", parts, sheets, sheet).isEqualTo(!fits);
      assertThat(answer.plan().isPresent()).isEqualTo(fits);
      answer.plan().ifPresent(plan -> canBeCut(task, plan, sheets));
    }
  }

  @Test
  void whetherPartsTurnAndHowASheetIsShapedDecide() {
    List<Steps> four = List.of(new Steps(2, 2, false), new Steps(2, 2, false));
    assertThat(asked(four, new Steps(4, 2, false)).plan()).isPresent();
    assertThat(asked(four, new Steps(3, 3, false)).impossible()).isTrue();
    // turned they would do, as they are they do not
    List<Steps> tall = List.of(new Steps(1, 3, false), new Steps(1, 3, false));
    assertThat(asked(tall, new Steps(3, 2, false)).impossible()).isTrue();
    List<Steps> turning = List.of(new Steps(1, 3, true), new Steps(1, 3, true));
    assertThat(asked(turning, new Steps(3, 2, false)).plan()).isPresent();
  }

  @Test
  void aPartThatStaysIsPlannedRound() {
    List<Steps> parts = List.of(new Steps(2, 2, false), new Steps(2, 2, false));
    Steps sheet = new Steps(4, 2, false);
    NestTask free = task(parts, sheet, 1, 50, 0);
    // in the middle it leaves too little on either side
    NestTask.Locked middle = new NestTask.Locked(0, 0, 1, new Box(50, 0, 100, 100), false);
    NestTask.Locked aside = new NestTask.Locked(0, 0, 1, new Box(100.3, 0, 100, 100), false);
    assertThat(ask(free, middle).impossible()).isTrue();
    List<NestTask.Locked> plan = ask(free, aside).plan().orElseThrow();
    assertThat(plan).anySatisfy(p -> assertThat(p.at().leftMm()).isCloseTo(100.3, in(0.01)));
    canBeCut(free, plan, 1);
  }

  private static org.assertj.core.data.Offset<Double> in(double mm) {
    return org.assertj.core.api.Assertions.within(mm);
  }

  private static ExactNest.Answer ask(NestTask task, NestTask.Locked locked) {
    return ExactNest.asks(
        new NestTask(task.parts(), task.stock(), task.knifeMm(), List.of(locked)), SEARCH, 1);
  }

  private static ExactNest.Answer asked(List<Steps> parts, Steps sheet) {
    return ExactNest.asks(task(parts, sheet, 1, 43.91, 1.1), SEARCH, 1);
  }

  /** With half a millimetre to spare on a sheet, so that a thousandth decides nothing. */
  private static NestTask task(
      List<Steps> parts, Steps sheet, int sheets, double step, double knife) {
    return NestTask.of(
        parts.stream()
            .map(
                p ->
                    new NestPart(
                        p.wide * step - knife,
                        p.tall * step - knife,
                        p.turns,
                        0,
                        0,
                        NestPart.AS_TOLD))
            .toList(),
        List.of(
            NestStock.sheets(
                new Box(0, 0, sheet.wide * step - knife + 0.5, sheet.tall * step - knife + 0.5),
                sheets)),
        knife);
  }

  /** Every place of every part, one after the other. */
  private static boolean fits(List<Steps> parts, int next, boolean[][][] taken) {
    if (next == parts.size()) {
      return true;
    }
    Steps part = parts.get(next);
    for (boolean[][] sheet : taken) {
      for (int turn = 0; turn <= (part.turns ? 1 : 0); turn++) {
        int wide = turn == 0 ? part.wide : part.tall;
        int tall = turn == 0 ? part.tall : part.wide;
        for (int x = 0; x + wide <= sheet.length; x++) {
          for (int y = 0; y + tall <= sheet[0].length; y++) {
            if (isFree(sheet, x, y, wide, tall)) {
              fill(sheet, x, y, wide, tall, true);
              boolean rest = fits(parts, next + 1, taken);
              fill(sheet, x, y, wide, tall, false);
              if (rest) {
                return true;
              }
            }
          }
        }
      }
    }
    return false;
  }

  private static boolean isFree(boolean[][] sheet, int x, int y, int wide, int tall) {
    for (int i = x; i < x + wide; i++) {
      for (int k = y; k < y + tall; k++) {
        if (sheet[i][k]) {
          return false;
        }
      }
    }
    return true;
  }

  private static void fill(boolean[][] sheet, int x, int y, int wide, int tall, boolean as) {
    for (int i = x; i < x + wide; i++) {
      for (int k = y; k < y + tall; k++) {
        sheet[i][k] = as;
      }
    }
  }

  private static void canBeCut(NestTask task, List<NestTask.Locked> plan, int sheets) {
    assertThat(plan).extracting(NestTask.Locked::part).doesNotHaveDuplicates();
    assertThat(plan).hasSameSizeAs(task.parts());
    for (NestTask.Locked p : plan) {
      NestPart part = task.parts().get(p.part());
      Box usable = task.stock().get(p.stock()).usable();
      assertThat(p.copy()).isBetween(1, sheets);
      assertThat(p.at().widthMm())
          .isCloseTo(p.turned() ? part.heightMm() : part.widthMm(), in(1e-9));
      assertThat(!p.turned() || part.turns()).isTrue();
      assertThat(p.at().leftMm()).isGreaterThanOrEqualTo(usable.leftMm());
      assertThat(p.at().topMm()).isGreaterThanOrEqualTo(usable.topMm());
      assertThat(p.at().rightMm()).isLessThanOrEqualTo(usable.rightMm());
      assertThat(p.at().bottomMm()).isLessThanOrEqualTo(usable.bottomMm());
      for (NestTask.Locked other : plan) {
        if (other.part() != p.part() && other.copy() == p.copy()) {
          Box room =
              new Box(
                  other.at().leftMm() - task.knifeMm(),
                  other.at().topMm() - task.knifeMm(),
                  other.at().widthMm() + 2 * task.knifeMm(),
                  other.at().heightMm() + 2 * task.knifeMm());
          assertThat(p.at().overlaps(room, 1e-9)).as("%s beside %s", p, other).isFalse();
        }
      }
    }
  }
}
