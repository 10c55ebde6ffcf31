package craftmap.core.lay.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** How much larger the parts of a picture are cut than what they show. */
class TrimmingTest {
  private static final Box PICTURE = new Box(0, 0, 900, 700);

  private static void isCut(Box cut, double left, double top, double right, double bottom) {
    assertThat(cut.leftMm()).isCloseTo(left, within(1e-9));
    assertThat(cut.topMm()).isCloseTo(top, within(1e-9));
    assertThat(cut.rightMm()).isCloseTo(right, within(1e-9));
    assertThat(cut.bottomMm()).isCloseTo(bottom, within(1e-9));
  }

  private static List<Box> cut(double allowance, boolean intoGaps, Box... shown) {
    return Trimming.windows(List.of(shown), PICTURE, allowance, intoGaps);
  }

  @Test
  void aPartByItselfIsLargerAllRoundAsFarAsThereIsPicture() {
    isCut(cut(15, false, new Box(100.3, 50, 200, 90)).getFirst(), 85.3, 35, 315.3, 155);
    isCut(cut(15, true, new Box(4, 7, 890, 690)).getFirst(), 0, 0, 900, 700);
  }

  @Test
  void towardsAnotherItIsNoLargerOrTakesHalfOfWhatLiesBetween() {
    Box left = new Box(100, 100, 200, 300);
    Box right = new Box(311, 150, 120.5, 90);
    List<Box> none = cut(15, false, left, right);
    isCut(none.get(0), 85, 85, 300, 415);
    isCut(none.get(1), 311, 135, 446.5, 255);
    List<Box> half = cut(15, true, left, right);
    isCut(half.get(0), 85, 85, 305.5, 415);
    isCut(half.get(1), 305.5, 135, 446.5, 255);
    // no more than the allowance, however much lies between
    isCut(cut(3, true, left, right).get(0), 97, 97, 303, 403);
    // and the other way about
    isCut(cut(15, true, right, left).get(1), 85, 85, 305.5, 415);
  }

  @Test
  void aboveAndBelowAsBeside() {
    Box upper = new Box(100, 100, 200, 80);
    Box lower = new Box(250, 187, 200, 120);
    List<Box> none = cut(10, false, upper, lower);
    isCut(none.get(0), 90, 90, 310, 180);
    isCut(none.get(1), 240, 187, 460, 317);
    List<Box> half = cut(10, true, lower, upper);
    isCut(half.get(1), 90, 90, 310, 183.5);
    isCut(half.get(0), 240, 183.5, 460, 317);
  }

  /** What meets along an edge is cut along it. */
  @Test
  void partsThatTouchAreCutWhereTheyTouch() {
    List<Box> both = cut(10, true, new Box(100, 100, 200, 80), new Box(300, 100, 50, 80));
    isCut(both.get(0), 90, 90, 300, 190);
    isCut(both.get(1), 300, 90, 360, 190);
  }

  /** Neither faces the other: they keep off each other along the wider way, and only there. */
  @Test
  void acrossACornerTheyKeepOffAlongTheWiderWay() {
    Box one = new Box(100, 100, 100, 100);
    List<Box> right = cut(15, false, one, new Box(212, 205, 100, 100));
    isCut(right.get(0), 85, 85, 206, 215);
    isCut(right.get(1), 206, 190, 327, 320);
    List<Box> below = cut(15, false, one, new Box(205, 212, 100, 100));
    isCut(below.get(0), 85, 85, 215, 206);
    isCut(below.get(1), 190, 206, 320, 327);
    List<Box> left = cut(15, false, one, new Box(-12 - 5, 205, 105, 100));
    isCut(left.get(0), 94, 85, 215, 215);
    List<Box> above = cut(15, false, one, new Box(205, 8, 100, 80));
    isCut(above.get(0), 85, 94, 215, 215);
    // far enough apart neither minds
    isCut(cut(15, false, one, new Box(231, 231, 100, 100)).get(0), 85, 85, 215, 215);
  }

  /** No spot of the picture is cut into two parts, and none of a part is lost. */
  @Test
  void noSpotIsCutIntoTwoParts() {
    int grown = 0;
    for (int seed = 0; seed < 400; seed++) {
      Random dice = new Random(seed);
      List<Box> shown = apart(dice);
      double allowance = 0.3 + dice.nextDouble() * 40;
      boolean intoGaps = dice.nextBoolean();
      List<Box> cut = Trimming.windows(shown, PICTURE, allowance, intoGaps);
      for (int i = 0; i < shown.size(); i++) {
        Box own = shown.get(i);
        Box all = cut.get(i);
        assertThat(all.leftMm()).isBetween(own.leftMm() - allowance, own.leftMm());
        assertThat(all.topMm()).isBetween(own.topMm() - allowance, own.topMm());
        assertThat(all.rightMm()).isBetween(own.rightMm() - 1e-9, own.rightMm() + allowance + 1e-9);
        assertThat(all.bottomMm())
            .isBetween(own.bottomMm() - 1e-9, own.bottomMm() + allowance + 1e-9);
        assertThat(all.leftMm()).isGreaterThanOrEqualTo(0);
        assertThat(all.bottomMm()).isLessThanOrEqualTo(700 + 1e-9);
        for (int j = 0; j < i; j++) {
          assertThat(all.overlaps(cut.get(j), 1e-6)).as("seed %d: %d and %d", seed, i, j).isFalse();
        }
        grown += all.widthMm() > own.widthMm() + 1e-6 ? 1 : 0;
      }
    }
    assertThat(grown).isGreaterThan(500);
  }

  private static List<Box> apart(Random dice) {
    List<Box> shown = new ArrayList<>();
    for (int tries = 0; tries < 30 && shown.size() < 7; tries++) {
      Box box =
          new Box(
              dice.nextDouble() * 700,
              dice.nextDouble() * 500,
              20 + dice.nextDouble() * 180,
              20 + dice.nextDouble() * 180);
      if (shown.stream().noneMatch(b -> b.overlaps(box, 0))) {
        shown.add(box);
      }
    }
    return shown;
  }
}
