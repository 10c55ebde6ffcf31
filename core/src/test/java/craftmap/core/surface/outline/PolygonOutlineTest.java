package craftmap.core.surface.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PolygonOutlineTest {
  /** Points round a middle, clockwise as seen. */
  private static List<Point> around(Random dice, int n) {
    List<Point> points = new ArrayList<>();
    for (int k = 0; k < n; k++) {
      double a = 2 * Math.PI * (k + dice.nextDouble() * 0.7) / n;
      double r = 180.3 + dice.nextDouble() * 240;
      points.add(new Point(-317.9 + r * Math.cos(a), 55.1 + r * Math.sin(a)));
    }
    return points;
  }

  private static boolean refused(List<Point> points) {
    try {
      new PolygonOutline(points);
      return false;
    } catch (RefusedInput no) {
      assertThat(no.field()).isEqualTo("points-of-the-outline");
      return true;
    }
  }

  private static PolygonOutline box(double w, double h) {
    return new PolygonOutline(
        List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)));
  }

  /** Whichever way round it was gone, it goes on clockwise from the same first corner. */
  @Test
  void theSameCornersTheOtherWayRoundAreTheSameOutline() {
    Random dice = new Random(771);
    for (int i = 0; i < 100; i++) {
      List<Point> points = around(dice, 3 + dice.nextInt(12));
      List<Point> back = new ArrayList<>(points);
      Collections.reverse(back);
      Collections.rotate(back, 1);
      assertThat(back.getFirst()).isEqualTo(points.getFirst());
      PolygonOutline outline = new PolygonOutline(points);
      assertThat(new PolygonOutline(back)).isEqualTo(outline);
      // moved, not turned: a corner lies to the next as it did
      List<Point> at = outline.points();
      for (int k = 0; k < points.size(); k++) {
        Point d = points.get(k).movedBy(-points.getFirst().xMm(), -points.getFirst().yMm());
        assertThat(at.get(k).distanceMm(at.getFirst().movedBy(d.xMm(), d.yMm()))).isLessThan(1e-9);
      }
      assertThat(at.stream().mapToDouble(Point::xMm).min().orElseThrow())
          .isCloseTo(0, within(1e-9));
      assertThat(at.stream().mapToDouble(Point::yMm).min().orElseThrow())
          .isCloseTo(0, within(1e-9));
    }
  }

  @Test
  void itsSidesAreNumberedAndTheLastOneClosesIt() {
    List<Side> sides =
        new PolygonOutline(List.of(new Point(0, 0), new Point(300, 0), new Point(0, 400))).sides();
    assertThat(sides).extracting(Side::number).containsExactly(1, 2, 3);
    assertThat(sides).extracting(Side::lengthMm).containsExactly(300.0, 500.0, 400.0);
  }

  @Test
  void threeToFourHundredPoints() {
    Random dice = new Random(12);
    assertThat(refused(around(dice, 2))).isTrue();
    assertThat(refused(around(dice, 3))).isFalse();
    assertThat(refused(around(dice, 400))).isFalse();
    assertThat(refused(around(dice, 401))).isTrue();
  }

  @Test
  void twentyMetresAreAsFarAsItGoes() {
    assertThat(box(20_000, 300).widthMm()).isEqualTo(20_000);
    assertThat(box(300, 20_000).heightMm()).isEqualTo(20_000);
    for (Runnable tooFar : List.<Runnable>of(() -> box(20_000.1, 300), () -> box(300, 20_000.1))) {
      assertThatExceptionOfType(RefusedInput.class)
          .isThrownBy(tooFar::run)
          .satisfies(r -> assertThat(r.fault()).isEqualTo("is-larger-than-20-m"));
    }
  }

  /** A sliver no wider than the core can tell has no inside; one a hair wide has. */
  @Test
  void whatIsNoWiderThanALineHasNoInside() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> box(1000, 1e-6))
        .satisfies(r -> assertThat(r.fault()).startsWith("crosses-itself"));
    assertThat(box(1000, 0.01).areaMm2()).isCloseTo(10, within(1e-6));
  }
}
