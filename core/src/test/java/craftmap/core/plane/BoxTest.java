package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoxTest {
  private static final Box BOX = new Box(10.5, 20, 30, 40.25);

  @Test
  void itsSidesMiddleAndAreaFollowFromItsCornerAndSize() {
    assertThat(BOX.rightMm()).isEqualTo(40.5);
    assertThat(BOX.bottomMm()).isEqualTo(60.25);
    assertThat(BOX.centre()).isEqualTo(new Point(25.5, 40.125));
    assertThat(BOX.areaMm2()).isEqualTo(1207.5);
    assertThat(Box.between(10.5, 20, 40.5, 60.25)).isEqualTo(BOX);
    assertThat(Box.around(new Point(25.5, 40.125), 30, 40.25)).isEqualTo(BOX);
    assertThat(BOX.envelope().getMaxX()).isEqualTo(40.5);
    assertThat(BOX.envelope().getMinY()).isEqualTo(20);
  }

  @ParameterizedTest
  @CsvSource({
    "0, 10, true",
    "10, 10, false", // side by side they only touch
    "9.9, 10, true",
    "9.9, 0.05, true",
    "-10, 10, false",
    "-9.9, 10, true",
  })
  void insidesMeetOrTheyOnlyTouch(double at, double size, boolean overlap) {
    Box still = new Box(0, 0, 10, 10);
    assertThat(still.overlaps(new Box(at, 0, size, 10), 0)).isEqualTo(overlap);
    assertThat(new Box(at, 0, size, 10).overlaps(still, 0)).isEqualTo(overlap);
    assertThat(still.overlaps(new Box(0, at, 10, size), 0)).isEqualTo(overlap);
    assertThat(new Box(0, at, 10, size).overlaps(still, 0)).isEqualTo(overlap);
  }

  @Test
  void byNoMoreThanTheToleranceIsNotAtAll() {
    Box still = new Box(0, 0, 10, 10);
    for (Box near : new Box[] {new Box(9.5, 0, 10, 10), new Box(0, 9.5, 10, 10)}) {
      assertThat(still.overlaps(near, 0.5)).isFalse();
      assertThat(near.overlaps(still, 0.5)).isFalse();
      assertThat(still.overlaps(near, 0.49)).isTrue();
      assertThat(near.overlaps(still, 0.49)).isTrue();
    }
  }

  @ParameterizedTest
  @CsvSource({
    "13, 0, 10, 10, 3", // beside
    "-14, 2, 10, 3, 4",
    "0, 15, 10, 10, 5", // under
    "0, -16, 10, 10, 6",
    "13, 14, 10, 10, 5", // across a corner: 3, 4, 5
    "-13, -14, 10, 10, 5",
    "5, 5, 1, 1, 0", // within
    "10, 10, 1, 1, 0", // at the corner
  })
  void apartByTheShortestClearWay(
      double left, double top, double width, double height, double apart) {
    Box still = new Box(0, 0, 10, 10);
    Box other = new Box(left, top, width, height);
    assertThat(still.distanceMm(other)).isCloseTo(apart, within(1e-12));
    assertThat(other.distanceMm(still)).isCloseTo(apart, within(1e-12));
  }

  @Test
  void bothAreWithinTheSmallestBoxAroundThem() {
    assertThat(BOX.and(new Box(0, 50, 5, 20))).isEqualTo(Box.between(0, 20, 40.5, 70));
    assertThat(BOX.and(new Box(30, 0, 20, 5))).isEqualTo(Box.between(10.5, 0, 50, 60.25));
    assertThat(BOX.and(new Box(20, 30, 5, 5))).isEqualTo(BOX);
  }

  @Test
  void aBoxHasAPlaceAndASize() {
    assertThatIllegalArgumentException().isThrownBy(() -> new Box(0, 0, 0, 5));
    assertThatIllegalArgumentException().isThrownBy(() -> new Box(0, 0, 5, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> new Box(0, 0, -1, 5));
    assertThatIllegalArgumentException().isThrownBy(() -> new Box(Double.NaN, 0, 5, 5));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Box(0, Double.NEGATIVE_INFINITY, 5, 5));
    assertThatIllegalArgumentException().isThrownBy(() -> new Box(0, 0, 5, Double.NaN));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Box(0, 0, Double.POSITIVE_INFINITY, 5));
    // nothing less than nothing
    assertThat(new Box(-0.0, -0.0, 1, 1)).isEqualTo(new Box(0, 0, 1, 1));
    assertThat(new Point(-0.0, -0.0)).isEqualTo(new Point(0, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> new Point(0, Double.NaN));
  }

  @Test
  void anExtentMayBeFlat() {
    Extent line = Extent.of(new Point(7, 3), new Point(2, 3));
    assertThat(line.widthMm()).isEqualTo(5);
    assertThat(line.heightMm()).isZero();
    Extent more = line.and(new Point(1, 9.5));
    assertThat(more).isEqualTo(new Extent(1, 3, 7, 9.5));
    assertThat(more.heightMm()).isEqualTo(6.5);
  }
}
