package craftmap.core.lay.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PathTest {
  @Test
  void aBentLineIsMeasuredAlongItself() {
    Path path =
        Path.straightThrough(List.of(new Point(0, 0), new Point(300, 0), new Point(300, 400)));
    assertThat(path.lengthMm()).isEqualTo(700);
    assertThat(path.at(0)).isEqualTo(new Point(0, 0));
    assertThat(path.at(300)).isEqualTo(new Point(300, 0));
    assertThat(path.at(450).yMm()).isCloseTo(150, within(1e-9));
    assertThat(path.directionDeg(100)).isCloseTo(0, within(1e-9));
    // y runs down: a line that goes down is turned clockwise by a quarter
    assertThat(path.directionDeg(500)).isCloseTo(90, within(1e-9));
  }

  @Test
  void pastItsEndsAnOpenLineGoesStraightOn() {
    Path path = Path.straightThrough(List.of(new Point(0, 0), new Point(100, 0)));
    assertThat(path.at(-20).xMm()).isCloseTo(-20, within(1e-9));
    assertThat(path.at(130).xMm()).isCloseTo(130, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void stepsAlongALineAddUpToItsLength(long seed) {
    Random random = new Random(seed);
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      points.add(new Point(random.nextInt(900), random.nextInt(900)));
    }
    Path path = Path.straightThrough(points);
    double step = path.lengthMm() / 20_000;
    double walked = 0;
    for (int i = 0; i < 20_000; i++) {
      double one = path.at(i * step).distanceMm(path.at((i + 1) * step));
      assertThat(one).as("no step is longer than it is along the line").isLessThan(step + 1e-6);
      walked += one;
    }
    assertThat(walked).isCloseTo(path.lengthMm(), within(path.lengthMm() * 1e-3));
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0, 50, -20, 100, 0",
    "0, 0, 50, 80, 100, 0",
    "300, 100, 200, 40, 120, 160",
    "0, 0, 1, 99, 100, 100"
  })
  void anArcGoesThroughItsThreePointsOnOneCircle(
      double ax, double ay, double bx, double by, double cx, double cy) {
    Point a = new Point(ax, ay);
    Point b = new Point(bx, by);
    Point c = new Point(cx, cy);
    Path path = Path.arcThrough(a, b, c);
    assertThat(path.at(0).distanceMm(a)).isLessThan(1e-6);
    assertThat(path.at(path.lengthMm()).distanceMm(c)).isLessThan(1e-6);
    double nearest = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= 4000; i++) {
      nearest = Math.min(nearest, path.at(path.lengthMm() * i / 4000).distanceMm(b));
    }
    assertThat(nearest).isLessThan(path.lengthMm() / 3000);
    assertThat(path.lengthMm()).isGreaterThan(a.distanceMm(b) + b.distanceMm(c));
  }

  @Test
  void threePointsInOneLineMakeNoArc() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Path.arcThrough(new Point(0, 0), new Point(50, 50), new Point(100, 100)))
        .withMessageContaining("make-no-arc");
  }

  /** However small or large the three lie, and however flat as long as they bend. */
  @Test
  void anArcGoesTheWayOfItsMiddlePoint() {
    Random random = new Random(88);
    for (int i = 0; i < 500; i++) {
      double radius = Math.pow(10, -1 + 4 * random.nextDouble());
      double from = random.nextDouble() * 7;
      double sweep = (random.nextBoolean() ? 1 : -1) * (0.02 + random.nextDouble() * 6.2);
      double over = sweep * (0.1 + 0.8 * random.nextDouble());
      Point a = on(radius, from);
      Point c = on(radius, from + sweep);
      Path path = Path.arcThrough(a, on(radius, from + over), c);
      assertThat(path.lengthMm()).isCloseTo(radius * Math.abs(sweep), within(1e-4 * radius));
      assertThat(path.at(radius * Math.abs(over)).distanceMm(on(radius, from + over)))
          .isLessThan(1e-4 * radius);
      // it leads on as it lies
      double at = path.lengthMm() * random.nextDouble();
      double step = radius * 1e-4;
      Point before = path.at(at - step);
      Point after = path.at(at + step);
      double direction =
          Math.toDegrees(Math.atan2(after.yMm() - before.yMm(), after.xMm() - before.xMm()));
      double off = Math.abs(path.directionDeg(at) - direction) % 360;
      assertThat(Math.min(off, 360 - off)).isLessThan(0.01);
    }
  }

  private static Point on(double radius, double rad) {
    return new Point(77.7 + radius * Math.cos(rad), -31.1 + radius * Math.sin(rad));
  }

  /** Before its start a closed line is where it was before its end. */
  @Test
  void aClosedLineGoesRoundBothWays() {
    Path square =
        Path.closed(
            List.of(
                new Line(new Point(0, 0), new Point(100, 0)),
                new Line(new Point(100, 0), new Point(100, 100)),
                new Line(new Point(100, 100), new Point(0, 100)),
                new Line(new Point(0, 100), new Point(0, 0))));
    assertThat(square.lengthMm()).isEqualTo(400);
    assertThat(square.strokes()).hasSize(4);
    assertThat(square.at(-30).distanceMm(new Point(0, 30))).isLessThan(1e-9);
    assertThat(square.at(-430).distanceMm(new Point(0, 30))).isLessThan(1e-9);
    assertThat(square.at(830).distanceMm(new Point(30, 0))).isLessThan(1e-9);
    assertThat(square.directionDeg(-30)).isCloseTo(270, within(1e-9));
    assertThat(square.directionDeg(530)).isCloseTo(90, within(1e-9));
  }
}
