package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

class PlanarTest {
  private static final Geometry SQUARE = Planar.polygon(new Box(0, 0, 100, 100));

  @Test
  void areasAreTakenTogetherAndFromEachOther() {
    Geometry other = Planar.polygon(new Box(50, 50, 100, 100));
    assertThat(Planar.union(List.of(SQUARE, other)).getArea()).isCloseTo(17_500, within(1e-9));
    assertThat(Planar.intersection(SQUARE, other).getArea()).isCloseTo(2500, within(1e-9));
    assertThat(Planar.difference(SQUARE, other).getArea()).isCloseTo(7500, within(1e-9));
    assertThat(Planar.union(List.of()).isEmpty()).isTrue();
  }

  @Test
  void openingsAreNotOfTheArea() {
    Contour outer = square(0, 100);
    Geometry area = Planar.area(outer, List.of(square(10, 20), square(60, 30)), 0.05);
    assertThat(area.getArea()).isCloseTo(10_000 - 400 - 900, within(1e-9));
  }

  private static Contour square(double at, double size) {
    return Contour.through(
        List.of(
            new Point(at, at),
            new Point(at + size, at),
            new Point(at + size, at + size),
            new Point(at, at + size)));
  }

  @Test
  void throughPointsItGoesStraightAndBack() {
    Geometry triangle =
        Planar.polygonThrough(List.of(new Point(0, 0), new Point(30, 0), new Point(0, 40)));
    assertThat(triangle.getArea()).isCloseTo(600, within(1e-9));
    assertThat(triangle.getLength()).isCloseTo(120, within(1e-9));
  }

  @Test
  void strokesAfterEachOtherAreALineThatIsNotClosed() {
    var path =
        Planar.path(
            List.of(
                new Line(new Point(0, 0), new Point(30, 0)),
                Arc.circular(new Point(30, 10), 10, -Math.PI / 2, Math.PI)));
    assertThat(path.isClosed()).isFalse();
    assertThat(path.getLength()).isCloseTo(30 + 10 * Math.PI, within(0.05));
    assertThat(path.getStartPoint().getX()).isZero();
    assertThat(path.getEndPoint().getY()).isCloseTo(20, within(1e-9));
  }

  @Test
  void aDiscIsRoundWithinWhatAnybodySees() {
    Geometry disc = Planar.disc(new Point(7, 8), 50);
    assertThat(disc.getNumPoints()).isEqualTo(65);
    assertThat(disc.getArea()).isCloseTo(625 * Math.PI, within(625 * Math.PI * 0.002));
    assertThat(disc.getCentroid().getX()).isCloseTo(7, within(1e-9));
  }

  @Test
  void whatLiesOnItsLineIsInside() {
    assertThat(Planar.holds(SQUARE, new Box(0, 0, 100, 100))).isTrue();
    assertThat(Planar.holds(SQUARE, new Box(10, 10, 20, 20))).isTrue();
    assertThat(Planar.holds(SQUARE, new Box(-1, 10, 20, 20))).isFalse();
    assertThat(Planar.holds(SQUARE, new Box(10, -1, 20, 20))).isFalse();
    assertThat(Planar.holds(SQUARE, new Box(81, 10, 20, 20))).isFalse();
    assertThat(Planar.holds(SQUARE, new Box(10, 81, 20, 20))).isFalse();
    // by less than a curve is flattened it may be over
    assertThat(Planar.holds(SQUARE, new Box(-0.01, 0, 100, 100))).isTrue();
  }

  @Test
  void whatIsThinnerThanThatIsWhereItsMiddleIs() {
    assertThat(Planar.holds(SQUARE, new Box(50, 50, 0.01, 30))).isTrue();
    assertThat(Planar.holds(SQUARE, new Box(50, 50, 30, 0.01))).isTrue();
    assertThat(Planar.holds(SQUARE, new Box(50, 110, 30, 0.01))).isFalse();
    assertThat(Planar.holds(SQUARE, new Box(110, 50, 0.01, 30))).isFalse();
  }
}
