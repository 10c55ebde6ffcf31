package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ArcTest {
  private static final Point MIDDLE = new Point(40, 30);

  @Test
  void aCircleIsAsLongAsItsRoundAndAQuarterAQuarterOfIt() {
    assertThat(Arc.circular(MIDDLE, 10, 0, 2 * Math.PI).lengthMm())
        .isCloseTo(62.83185307, within(1e-8));
    assertThat(Arc.circular(MIDDLE, 10, 1, -Math.PI / 2).lengthMm())
        .isCloseTo(15.70796327, within(1e-8));
    assertThat(Arc.circular(MIDDLE, 10, 0, 1).isCircular()).isTrue();
    assertThat(new Arc(MIDDLE, 10, 10.01, 0, 1).isCircular()).isFalse();
  }

  /** The complete elliptic integral of the second kind: 4 a E(e), with e squared 0.75. */
  @Test
  void anEllipseIsAsLongAsItsIntegral() {
    assertThat(new Arc(MIDDLE, 2, 1, 0, 2 * Math.PI).lengthMm())
        .isCloseTo(9.688448220547675, within(1e-9));
    assertThat(new Arc(MIDDLE, 1, 2, 0.3, -2 * Math.PI).lengthMm())
        .isCloseTo(9.688448220547675, within(1e-9));
    // a quarter of it, from axis to axis
    assertThat(new Arc(MIDDLE, 2, 1, Math.PI / 2, Math.PI / 2).lengthMm())
        .isCloseTo(9.688448220547675 / 4, within(1e-9));
  }

  /** Over seeded arcs: what is computed is what many short chords come to. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void lengthAreaAndExtentAreThoseOfItsChords(long seed) {
    Random chance = new Random(seed);
    for (int i = 0; i < 40; i++) {
      Arc arc =
          new Arc(
              new Point(200 * chance.nextDouble(), 200 * chance.nextDouble()),
              3 + 90 * chance.nextDouble(),
              3 + 90 * chance.nextDouble(),
              7 * (chance.nextDouble() - 0.5),
              2 * Math.PI * (2 * chance.nextDouble() - 1));
      int chords = 20_000;
      double length = 0;
      double area = 0;
      Extent extent = Extent.of(arc.from(), arc.from());
      Point before = arc.from();
      for (int c = 1; c <= chords; c++) {
        Point next = arc.at(arc.startRad() + arc.sweepRad() * c / chords);
        length += before.distanceMm(next);
        area += (before.xMm() * next.yMm() - next.xMm() * before.yMm()) / 2;
        extent = extent.and(next);
        before = next;
      }
      assertThat(before.distanceMm(arc.to())).isLessThan(1e-9);
      assertThat(arc.lengthMm()).isCloseTo(length, within(1e-4));
      assertThat(arc.sweptMm2()).isCloseTo(area, within(0.01));
      assertThat(arc.extent().leftMm()).isCloseTo(extent.leftMm(), within(1e-4));
      assertThat(arc.extent().topMm()).isCloseTo(extent.topMm(), within(1e-4));
      assertThat(arc.extent().rightMm()).isCloseTo(extent.rightMm(), within(1e-4));
      assertThat(arc.extent().bottomMm()).isCloseTo(extent.bottomMm(), within(1e-4));
    }
  }

  @Test
  void flattenedItIsOffByNoMoreThanItMayBe() {
    Arc arc = Arc.circular(MIDDLE, 50, 0.2, 4.7);
    List<Point> points = arc.flattened(0.05);
    Point before = arc.from();
    for (Point p : points) {
      assertThat(p.distanceMm(MIDDLE)).isCloseTo(50, within(1e-9));
      // a chord is furthest off in its middle
      Point middle = new Point((before.xMm() + p.xMm()) / 2, (before.yMm() + p.yMm()) / 2);
      assertThat(50 - middle.distanceMm(MIDDLE)).isLessThanOrEqualTo(0.05 + 1e-9);
      before = p;
    }
    assertThat(points.getLast().distanceMm(arc.to())).isLessThan(1e-9);
    // and with hardly more of them than that takes
    assertThat(points.size()).isLessThan(60);
  }

  @Test
  void movedAndTurnedOverItKeepsItsForm() {
    Arc arc = new Arc(MIDDLE, 20, 10, 0.4, 1.9);
    Arc moved = arc.movedBy(3, -4);
    assertThat(moved.from().distanceMm(arc.from().movedBy(3, -4))).isLessThan(1e-9);
    Arc over = arc.mirroredAt(55);
    // it goes on clockwise, so it begins where the other ends
    assertThat(over.from().distanceMm(arc.to().mirroredAt(55))).isLessThan(1e-9);
    assertThat(over.to().distanceMm(arc.from().mirroredAt(55))).isLessThan(1e-9);
    assertThat(over.lengthMm()).isCloseTo(arc.lengthMm(), within(1e-9));
  }

  @Test
  void itHasRadiiAndGoesRoundOnceAtMost() {
    assertThatIllegalArgumentException().isThrownBy(() -> new Arc(MIDDLE, 0, 5, 0, 1));
    assertThatIllegalArgumentException().isThrownBy(() -> new Arc(MIDDLE, 5, 0, 0, 1));
    assertThatIllegalArgumentException().isThrownBy(() -> new Arc(MIDDLE, 5, 5, Double.NaN, 1));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Arc(MIDDLE, Double.POSITIVE_INFINITY, 5, 0, 1));
    assertThatIllegalArgumentException().isThrownBy(() -> Arc.circular(MIDDLE, 5, 0, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> Arc.circular(MIDDLE, 5, 0, 6.3));
    assertThatIllegalArgumentException().isThrownBy(() -> Arc.circular(MIDDLE, 5, 0, -6.3));
    assertThat(Arc.circular(MIDDLE, 5, 0, -2 * Math.PI).lengthMm()).isPositive();
  }
}
