package craftmap.core.lay.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.design.MotifBox;
import craftmap.core.design.Prints;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SpoilSearchTest {
  private static final double STEP = 0.1;

  private static double tenth(Random random, double from, double to) {
    return Math.round((from + random.nextDouble() * (to - from)) * 10) / 10.0;
  }

  /** Fronts in a grid with gaps, a picture larger than they are, knobs on some. */
  private static SpoilSearch.Problem problem(Random random, double freeX, double freeY) {
    int columns = 1 + random.nextInt(4);
    int rows = 1 + random.nextInt(8 / columns);
    List<Box> windows = new ArrayList<>();
    List<Box> knobs = new ArrayList<>();
    double y = 0;
    double width = 0;
    for (int r = 0; r < rows; r++) {
      double h = tenth(random, 20, 60);
      double x = 0;
      for (int c = 0; c < columns; c++) {
        double w = 40;
        windows.add(new Box(x, y, w, h));
        if (random.nextInt(3) == 0) {
          knobs.add(Box.around(new Point(x + 20, Math.rint(y + h / 2)), 6, 6));
        }
        x += w + 0.4;
      }
      width = x - 0.4;
      y += h + 0.4;
    }
    double height = y - 0.4;
    List<MotifBox> motifs = new ArrayList<>();
    int n = 1 + random.nextInt(20);
    for (int i = 0; i < n; i++) {
      double w = tenth(random, 4, 30);
      double h = tenth(random, 4, 30);
      motifs.add(
          Prints.motif(
              "m" + i,
              1 + random.nextInt(5),
              tenth(random, 0, width + freeX - w),
              tenth(random, 0, height + freeY - h),
              w,
              h));
    }
    return new SpoilSearch.Problem(
        windows,
        knobs,
        motifs,
        new Point(-freeX, -freeY),
        new Point(0, 0),
        new Point(-freeX / 2, -freeY / 2));
  }

  /** By the meaning of the words, place by place. */
  private static int weightAt(SpoilSearch.Problem p, double x, double y) {
    int weight = 0;
    for (MotifBox m : p.motifs()) {
      Box b =
          new Box(m.box().leftMm() + x, m.box().topMm() + y, m.box().widthMm(), m.box().heightMm());
      double t = 1e-6;
      boolean inside =
          p.windows().stream()
              .anyMatch(
                  w ->
                      b.leftMm() >= w.leftMm() - t
                          && b.rightMm() <= w.rightMm() + t
                          && b.topMm() >= w.topMm() - t
                          && b.bottomMm() <= w.bottomMm() + t);
      boolean hit = p.hindrances().stream().anyMatch(h -> b.overlaps(h, t));
      weight += inside && !hit ? 0 : m.importance();
    }
    return weight;
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
  void noPlaceOnATenthOfAMillimetreSpoilsLess(long seed) {
    SpoilSearch.Problem p = problem(new Random(seed), 8, 8);
    SpoilSearch.Found best = SpoilSearch.best(p, 1).getFirst();
    int least = Integer.MAX_VALUE;
    for (int i = 0; i <= 8 / STEP; i++) {
      for (int k = 0; k <= 8 / STEP; k++) {
        least = Math.min(least, weightAt(p, -8 + i * STEP, -8 + k * STEP));
      }
    }
    assertThat(best.weight()).isEqualTo(least);
    assertThat(weightAt(p, best.shift().xMm(), best.shift().yMm())).isEqualTo(least);
  }

  @ParameterizedTest
  @ValueSource(longs = {31, 32, 33, 34, 35, 36, 37, 38, 39, 40})
  void norInALongSlideOneWay(long seed) {
    SpoilSearch.Problem p = problem(new Random(seed), 0, 120);
    SpoilSearch.Found best = SpoilSearch.best(p, 1).getFirst();
    int least = Integer.MAX_VALUE;
    for (int k = 0; k <= 120 / STEP; k++) {
      least = Math.min(least, weightAt(p, 0, -120 + k * STEP));
    }
    assertThat(best.weight()).isEqualTo(least);
  }

  @Test
  void theNextBestSpoilsSomethingElse() {
    // two fronts; either the heron or the moon is cut, never both need be
    SpoilSearch.Problem p =
        new SpoilSearch.Problem(
            List.of(new Box(0, 0, 100, 100), new Box(0, 110, 100, 100)),
            List.of(),
            List.of(
                Prints.motif("heron", 5, 10, 60, 40, 50), Prints.motif("moon", 3, 10, 125, 40, 80)),
            new Point(0, -20),
            new Point(0, 0),
            new Point(0, -10));
    List<SpoilSearch.Found> found = SpoilSearch.best(p, 3);
    assertThat(found).extracting(SpoilSearch.Found::weight).isSorted();
    assertThat(found.getFirst().spoilt()).isEmpty();
    assertThat(found.getFirst().shift().yMm()).isBetween(-15.0, -10.0);
  }

  @Test
  void whereNothingDecidesThePictureLiesInTheMiddle() {
    SpoilSearch.Problem p =
        new SpoilSearch.Problem(
            List.of(new Box(0, 0, 100, 100)),
            List.of(),
            List.of(),
            new Point(-40, -30),
            new Point(0, 0),
            new Point(-20, -15));
    assertThat(SpoilSearch.best(p, 4))
        .singleElement()
        .satisfies(f -> assertThat(f.shift()).isEqualTo(new Point(-20, -15)));
  }

  @Test
  void aKnobSpoilsWhatItSitsOnButNotWhatItTouches() {
    MotifBox moon = Prints.motif("moon", 3, 0, 0, 20, 20);
    SpoilSearch.Problem tight =
        new SpoilSearch.Problem(
            List.of(new Box(0, 0, 30, 20)),
            List.of(new Box(20, 0, 10, 20)),
            List.of(moon),
            new Point(0, 0),
            new Point(10, 0),
            new Point(10, 0));
    SpoilSearch.Found found = SpoilSearch.best(tight, 1).getFirst();
    assertThat(found.spoilt()).isEmpty();
    assertThat(found.shift().xMm()).isZero();
  }

  /**
   * A picture is slid no farther than it must be for a motif to be whole: to where its edge comes
   * to the edge of a window, or of what it would lie on.
   */
  @ParameterizedTest
  @CsvSource({
    // the motif; where it is wished; where it has to be
    "60.37, 30, 40, 20, 0, 0, -0.37, 0",
    "-0.41, 30, 40, 20, 0, 0, 0.41, 0",
    "30, 80.53, 20, 20, 0, 0, 0, -0.53",
    "30, -0.67, 20, 20, 0, 0, 0, 0.67",
    // wished elsewhere, it is off its place all the same
    "60.37, 30, 40, 20, 3, -2, -0.37, -2",
    "30, 80.53, 20, 20, 3, 2, 3, -0.53"
  })
  void aMotifIsSlidJustIntoItsWindow(
      double x, double y, double w, double h, double wx, double wy, double atX, double atY) {
    SpoilSearch.Problem p =
        new SpoilSearch.Problem(
            List.of(new Box(0, 0, 100, 100)),
            List.of(),
            List.of(Prints.motif("moon", 3, x, y, w, h)),
            new Point(-20, -20),
            new Point(20, 20),
            new Point(wx, wy));
    SpoilSearch.Found found = SpoilSearch.best(p, 1).getFirst();
    assertThat(found.spoilt()).isEmpty();
    assertThat(found.shift().distanceMm(new Point(atX, atY))).isLessThan(1e-9);
  }

  @ParameterizedTest
  @CsvSource({
    // the knob; how far the moon in the middle has to give way to it
    "38.79, 40, 4, 20, 2.79, 0",
    "57.89, 40, 4, 20, -2.11, 0",
    "40, 38.63, 20, 4, 0, 2.63",
    "40, 57.37, 20, 4, 0, -2.63"
  })
  void andJustOffWhatItWouldLieOn(double x, double y, double w, double h, double atX, double atY) {
    SpoilSearch.Problem p =
        new SpoilSearch.Problem(
            List.of(new Box(0, 0, 100, 100)),
            List.of(new Box(x, y, w, h)),
            List.of(Prints.motif("moon", 3, 40, 40, 20, 20)),
            new Point(-20, -20),
            new Point(20, 20),
            new Point(0, 0));
    assertThat(SpoilSearch.at(p, new Point(0, 0)))
        .extracting(MotifBox::importance)
        .containsExactly(3);
    SpoilSearch.Found found = SpoilSearch.best(p, 1).getFirst();
    assertThat(found.spoilt()).isEmpty();
    assertThat(found.shift().distanceMm(new Point(atX, atY))).isLessThan(1e-9);
    assertThat(SpoilSearch.at(p, found.shift())).isEmpty();
  }

  /** What is told of a place is what the words mean, wherever it is. */
  @ParameterizedTest
  @ValueSource(longs = {51, 52, 53, 54, 55, 56, 57, 58})
  void whatIsSpoiltAtAPlaceIsWhatTheWordsMean(long seed) {
    Random random = new Random(seed);
    SpoilSearch.Problem p = problem(random, 30, 30);
    for (int i = 0; i < 200; i++) {
      Point shift = new Point(-30 * random.nextDouble(), -30 * random.nextDouble());
      int told = SpoilSearch.at(p, shift).stream().mapToInt(MotifBox::importance).sum();
      assertThat(told).isEqualTo(weightAt(p, shift.xMm(), shift.yMm()));
    }
    List<SpoilSearch.Found> all = SpoilSearch.best(p, 6);
    assertThat(all).extracting(SpoilSearch.Found::weight).isSorted();
    assertThat(all).extracting(SpoilSearch.Found::spoilt).doesNotHaveDuplicates();
    assertThat(all).allSatisfy(f -> assertThat(SpoilSearch.at(p, f.shift())).isEqualTo(f.spoilt()));
  }
}
