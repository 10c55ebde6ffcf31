package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

class ConvexTest {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private static Convex box(double left, double top, double w, double h) {
    return Convex.around(Planar.polygon(new Box(left, top, w, h)), 0);
  }

  /** Some points thrown about; their hull has 3 to 9 corners. */
  private static Geometry cloud(Random dice) {
    Coordinate[] points = new Coordinate[3 + dice.nextInt(9)];
    for (int i = 0; i < points.length; i++) {
      points[i] = new Coordinate(dice.nextDouble() * 37.7, dice.nextDouble() * 23.3);
    }
    return GEOMETRY.createMultiPointFromCoords(points).convexHull();
  }

  @Test
  void boxesAreApartByTheirGapAndOverEachOtherByTheShortestWayOut() {
    Convex box = box(0, 0, 40, 20);
    assertThat(box.distanceMm(box(43, 0, 10, 10))).isCloseTo(3, within(1e-12));
    assertThat(box.distanceMm(box(43, 24, 10, 10))).isCloseTo(5, within(1e-12));
    assertThat(box.distanceMm(box(40, 5, 10, 10))).isCloseTo(0, within(1e-12));
    assertThat(box.distanceMm(box(30, 5, 60, 10))).isCloseTo(-10, within(1e-12));
    assertThat(box.distanceMm(box(10, 8, 5, 3))).isCloseTo(-11, within(1e-12));
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void whatIsApartIsAsFarApartAsItsAreasAreAndWhatIsNotIsPartedByThatMuch(long seed) {
    Random dice = new Random(seed);
    int over = 0;
    for (int n = 0; n < 60; n++) {
      Geometry one = cloud(dice);
      Geometry two = cloud(dice);
      Point by = new Point(dice.nextDouble() * 60 - 30, dice.nextDouble() * 40 - 20);
      double turn = dice.nextDouble() * 360;
      Convex moved = Convex.around(two, 0).placed(turn, by);
      double told = Convex.around(one, 0).distanceMm(moved);
      assertThat(moved.distanceMm(Convex.around(one, 0))).isCloseTo(told, within(1e-9));
      double clear = one.distance(moved.polygon());
      assertThat(Math.max(0, told))
          .as("case %d of seed %d", n, seed)
          .isCloseTo(clear, within(1e-9));
      if (told < -1) {
        over++;
        // some way of that length parts them, and none that is much shorter does
        assertThat(partedWithin(one, moved.polygon(), -told * 1.001)).isTrue();
        assertThat(partedWithin(one, moved.polygon(), -told * 0.8)).isFalse();
      }
    }
    assertThat(over).isGreaterThan(5);
  }

  private static boolean partedWithin(Geometry one, Geometry two, double mm) {
    for (int i = 0; i < 720; i++) {
      double a = Math.PI * i / 360;
      Geometry there =
          AffineTransformation.translationInstance(mm * Math.cos(a), mm * Math.sin(a))
              .transform(two);
      if (Planar.intersection(one, there).getArea() < 1e-6) {
        return true;
      }
    }
    return false;
  }

  @Test
  void aThreadGoesOverDentsAndLeavesOutWhatNobodySees() {
    Geometry disc = Planar.disc(new Point(50, 50), 80);
    Convex round = Convex.around(disc, 0.05);
    assertThat(round.furthestMm(new Point(50, 50))).isCloseTo(40, within(1e-9));
    assertThat(round.edgeMm(new Point(50, 50))).isBetween(39.8, 40.0);
    assertThat(round.areaMm2()).isCloseTo(disc.getArea(), within(20.0));
    Geometry moon = Planar.difference(disc, Planar.disc(new Point(70, 50), 50));
    assertThat(Convex.around(moon, 0).areaMm2()).isGreaterThan(moon.getArea() * 1.1);
  }

  @Test
  void whatIsSmallerThanTheCoarsenessIsStillThere() {
    Convex speck = Convex.around(Planar.disc(new Point(3, 4), 0.06), 0.05);
    assertThat(speck.areaMm2()).isPositive();
    assertThat(speck.distanceMm(box(10, 3.9, 5, 0.2))).isCloseTo(6.97, within(0.01));
  }

  @Test
  void aLineHasNothingAroundIt() {
    Geometry line =
        GEOMETRY.createLineString(new Coordinate[] {new Coordinate(0, 0), new Coordinate(9, 9)});
    assertThatIllegalArgumentException().isThrownBy(() -> Convex.around(line, 0));
  }
}
