package craftmap.core.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Parts that may begin anywhere in the repeat, alone or together with those they meet. */
class MeetingPartsTest {
  private static final double WIDE = 301.7;

  private static NestPart part(double heightMm, double downMm, int meets) {
    return new NestPart(WIDE, heightMm, false, 0, downMm, meets);
  }

  private static NestStock sheets(double heightMm, double repeatMm, int count) {
    return NestStock.repeating(new Box(0, 0, WIDE, heightMm), count, 2 * WIDE, repeatMm);
  }

  private static Nested plan(List<NestPart> parts, NestStock... stock) {
    return Nesting.plan(
        NestTask.of(parts, List.of(stock), 0),
        NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER),
        done -> true);
  }

  /**
   * Parts that meet lie as far apart in the repeat as told; none overlap; all lie on their sheet.
   */
  private static void isSound(
      Nested nested, List<NestPart> parts, double repeat, NestStock... stock) {
    Map<Integer, Double> begun = new HashMap<>();
    for (Nested.Sheet sheet : nested.sheets()) {
      Box usable = stock[sheet.stock()].usable();
      for (Nested.Placed p : sheet.parts()) {
        NestPart part = parts.get(p.part());
        assertThat(p.at().topMm()).isGreaterThanOrEqualTo(usable.topMm() - 2e-3);
        assertThat(p.at().bottomMm()).isLessThanOrEqualTo(usable.bottomMm() + 2e-3);
        assertThat(sheet.parts()).noneMatch(o -> o != p && o.at().overlaps(p.at(), 2e-3));
        double further = p.at().topMm() - part.downMm();
        double wanted =
            part.meets() == NestPart.AS_TOLD
                ? 0
                : begun.computeIfAbsent(part.meets(), first -> further);
        double apart = further - wanted;
        assertThat(apart - repeat * Math.rint(apart / repeat)).isCloseTo(0, within(0.01));
      }
    }
  }

  @Test
  void partsThatMeetNothingShareWhatOneOfThemWouldTake() {
    // each begins 200 into a repeat of 240: one a sheet of 480, for the next would begin at 440
    List<NestPart> told = new ArrayList<>();
    List<NestPart> together = new ArrayList<>();
    List<NestPart> free = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      told.add(part(143, 200, NestPart.AS_TOLD));
      together.add(part(143, 200, 1));
      free.add(part(143, 200, i + 1));
    }
    NestStock stock = sheets(480, 240, 9);
    assertThat(plan(told, stock).newSheets()).isEqualTo(3);
    assertThat(plan(together, stock).newSheets()).as("begun at 0 and 240").isEqualTo(2);
    assertThat(plan(together, stock).least()).isEqualTo(2);
    assertThat(plan(free, stock).newSheets()).as("one under the other").isEqualTo(1);
    assertThat(plan(free, stock).isProven()).isTrue();
  }

  @Test
  void aLockedPartSaysWhereThoseBeginThatMeetIt() {
    List<NestPart> parts = List.of(part(100, 0, 7), part(100, 130, 7));
    NestStock stock = sheets(480, 200, 9);
    Nested nested =
        Nesting.plan(
            new NestTask(
                parts,
                List.of(stock),
                0,
                List.of(new NestTask.Locked(0, 0, 1, new Box(0, 61, WIDE, 100), false))),
            NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER),
            done -> true);
    isSound(nested, parts, 200, stock);
    assertThat(nested.newSheets()).isEqualTo(1);
    assertThat(nested.sheets().getFirst().parts())
        .anySatisfy(
            p -> {
              assertThat(p.part()).isEqualTo(1);
              assertThat(p.at().topMm()).isCloseTo(191, within(0.01));
            });
  }

  /**
   * Whole figures, one way: what is told as the least is the least, found by trying every beginning
   * of every set of parts that meet, and every way to put them on sheets.
   */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void theLeastIsTheLeastOfAllWays(long seed) {
    Dice dice = new Dice(seed);
    for (int round = 0; round < 6; round++) {
      int sheet = 11 + (int) (dice.next() * 9);
      int repeat = 3 + (int) (dice.next() * 6);
      List<NestPart> parts = new ArrayList<>();
      int n = 3 + (int) (dice.next() * 3);
      for (int i = 0; i < n; i++) {
        int meets = (int) (dice.next() * 3);
        int tall = 2 + (int) (dice.next() * (sheet / 2.0));
        parts.add(part(tall, (int) (dice.next() * repeat), meets == 0 ? i + 10 : meets));
      }
      NestStock left =
          NestStock.repeating(new Box(0, 0, WIDE, sheet), 9, 2 * WIDE, repeat)
              .leftover(new Box(0, 3, WIDE, 6));
      NestStock stock = sheets(sheet, repeat, 9);
      Nested nested = plan(parts, left, stock);
      isSound(nested, parts, repeat, left, stock);
      int least = new Brute(parts, sheet, repeat, 3, 9).least();
      assertThat(nested.unplaced()).as("%d: %s", round, parts).isEmpty();
      assertThat(nested.newSheets()).as("%d: %s", round, parts).isEqualTo(least);
      assertThat(nested.least()).as("%d: %s", round, parts).isEqualTo(least);
    }
  }

  /** One leftover from a place to another, and sheets. */
  private record Brute(List<NestPart> parts, int sheet, int repeat, int leftFrom, int leftTo) {
    int least() {
      for (int sheets = 0; ; sheets++) {
        if (fits(0, new HashMap<>(), new ArrayList<>(), sheets)) {
          return sheets;
        }
      }
    }

    private record At(int bin, int from, int to) {}

    private boolean fits(int i, Map<Integer, Integer> begun, List<At> taken, int sheets) {
      if (i == parts.size()) {
        return true;
      }
      NestPart part = parts.get(i);
      int tall = (int) part.heightMm();
      for (int bin = 0; bin <= sheets; bin++) {
        int from = bin == 0 ? leftFrom : 0;
        int to = bin == 0 ? leftTo : sheet;
        for (int y = from; y + tall <= to; y++) {
          int further = Math.floorMod(y - (int) part.downMm(), repeat);
          Integer wanted = begun.get(part.meets());
          At at = new At(bin, y, y + tall);
          if (wanted != null && wanted != further
              || taken.stream()
                  .anyMatch(o -> o.bin == at.bin && o.from < at.to && at.from < o.to)) {
            continue;
          }
          Map<Integer, Integer> next = new HashMap<>(begun);
          next.put(part.meets(), further);
          List<At> with = new ArrayList<>(taken);
          with.add(at);
          if (fits(i + 1, next, with, sheets)) {
            return true;
          }
        }
      }
      return false;
    }
  }
}
