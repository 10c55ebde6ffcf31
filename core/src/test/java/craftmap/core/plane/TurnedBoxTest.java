package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;

class TurnedBoxTest {
  private static TurnedBox box(double x, double y, double w, double h, double deg) {
    return new TurnedBox(new Point(x, y), w, h, deg);
  }

  @ParameterizedTest
  @CsvSource({"0, 40, 10", "90, 10, 40", "180, 40, 10", "270, 10, 40", "-90, 10, 40"})
  void byQuarterTurnsItsSidesAreExact(double deg, double width, double height) {
    Box around = box(100, 50, 40, 10, deg).around();
    assertThat(around).isEqualTo(Box.around(new Point(100, 50), width, height));
    assertThat(box(100, 50, 40, 10, deg).isUpright()).isTrue();
  }

  @Test
  void turnedByLessItReachesFurther() {
    TurnedBox box = box(0, 0, 40, 10, 30);
    assertThat(box.isUpright()).isFalse();
    assertThat(box.around().widthMm()).isCloseTo(40 * Math.sqrt(0.75) + 5, within(1e-9));
    assertThat(box.around().heightMm()).isCloseTo(20 + 10 * Math.sqrt(0.75), within(1e-9));
    assertThat(box.areaMm2()).isEqualTo(400);
    // clockwise as seen: what was the top left corner has gone up and to the right
    Point corner = box.corners().getFirst();
    assertThat(corner.xMm()).isCloseTo(-20 * Math.sqrt(0.75) + 2.5, within(1e-9));
    assertThat(corner.yMm()).isCloseTo(-10 - 5 * Math.sqrt(0.75), within(1e-9));
  }

  @Test
  void anUprightBoxIsOneThatIsNotTurned() {
    Box upright = new Box(3, 4, 20, 6);
    assertThat(TurnedBox.of(upright).around()).isEqualTo(upright);
    assertThat(TurnedBox.of(upright).movedBy(1, -2).around()).isEqualTo(new Box(4, 2, 20, 6));
  }

  /** Over seeded pairs: what areas have in common says whether insides meet. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void twoOverlapJustWhereTheirAreasHaveSomethingInCommon(long seed) {
    Random chance = new Random(seed);
    int meet = 0;
    for (int i = 0; i < 400; i++) {
      TurnedBox a = any(chance);
      TurnedBox b = any(chance);
      Geometry common = Planar.intersection(a.polygon(), b.polygon());
      if (common.getArea() > 0.01 || common.getArea() == 0) {
        assertThat(a.overlaps(b, 1e-9)).as("%s and %s", a, b).isEqualTo(common.getArea() > 0);
        assertThat(b.overlaps(a, 1e-9)).isEqualTo(a.overlaps(b, 1e-9));
        meet += common.getArea() > 0 ? 1 : 0;
      }
    }
    assertThat(meet).isBetween(40, 360);
  }

  private static TurnedBox any(Random chance) {
    double deg = chance.nextInt(3) == 0 ? 90 * chance.nextInt(4) : 360 * chance.nextDouble();
    return box(
        100 * chance.nextDouble(),
        100 * chance.nextDouble(),
        5 + 60 * chance.nextDouble(),
        5 + 30 * chance.nextDouble(),
        deg);
  }

  @Test
  void byNoMoreThanTheToleranceTheyDoNotMeet() {
    TurnedBox a = box(0, 0, 20, 20, 45);
    // corner to side: its corner reaches 14.142 to the right
    TurnedBox b = box(24.042, 0, 20, 20, 0);
    assertThat(a.overlaps(b, 0)).isTrue();
    assertThat(a.overlaps(b, 0.2)).isFalse();
    assertThat(box(0, 0, 20, 20, 0).overlaps(box(20, 0, 20, 20, 0), 0)).isFalse();
    assertThat(box(0, 0, 20, 20, 0).overlaps(box(0, 19.9, 20, 20, 90), 0)).isTrue();
  }

  @Test
  void itHasASizeAndATurn() {
    assertThatIllegalArgumentException().isThrownBy(() -> box(0, 0, 0, 1, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> box(0, 0, 1, 0, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> box(0, 0, 1, 1, Double.NaN));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> box(0, 0, Double.POSITIVE_INFINITY, 1, 0));
    assertThat(box(0, 0, 1, 1, -30).turnDeg()).isEqualTo(330);
    assertThat(box(0, 0, 1, 1, 725).turnDeg()).isEqualTo(5);
  }

  @ParameterizedTest
  @CsvSource({"10, 0, 0", "0, 10, 90", "-10, 0, 180", "0, -10, 270", "10, 10, 45", "10, -10, 315"})
  void aDirectionIsClockwiseFromTheRight(double x, double y, double deg) {
    Point from = new Point(7, 3);
    assertThat(Turns.direction(from, from.movedBy(x, y))).isCloseTo(deg, within(1e-9));
  }
}
