package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class NestedRingsTest {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private static Polygon square(double x, double y, double size) {
    return Planar.polygon(new Box(x, y, size, size));
  }

  @Test
  void nothingIsNoArea() {
    assertThat(NestedRings.area(List.of()).isEmpty()).isTrue();
  }

  @Test
  void aRingWithinARingIsAHoleAndOneWithinThatAnAreaAgain() {
    Geometry area =
        NestedRings.area(
            List.of(square(30, 30, 10), square(0, 0, 100), square(20, 20, 40), square(200, 0, 5)));
    assertThat(area.getArea()).isCloseTo(10_000 - 1600 + 100 + 25, within(1e-9));
    assertThat(area.getNumGeometries()).isEqualTo(3);
    assertThat(area.isValid()).isTrue();
    assertThat(holes(area)).isEqualTo(1);
  }

  @Test
  void twoHolesBesideEachOtherAreBothOfTheOneRoundThem() {
    Geometry area =
        NestedRings.area(List.of(square(10, 10, 20), square(0, 0, 100), square(60, 60, 30)));
    assertThat(area.getNumGeometries()).isEqualTo(1);
    assertThat(holes(area)).isEqualTo(2);
    assertThat(area.getArea()).isCloseTo(10_000 - 400 - 900, within(1e-9));
  }

  /** Its box holds the other, its inside does not. */
  @Test
  void whatLiesInTheBayOfARingIsNoHole() {
    Polygon bay =
        GEOMETRY.createPolygon(
            new Coordinate[] {
              new Coordinate(0, 0),
              new Coordinate(100, 0),
              new Coordinate(100, 10),
              new Coordinate(10, 10),
              new Coordinate(10, 90),
              new Coordinate(100, 90),
              new Coordinate(100, 100),
              new Coordinate(0, 100),
              new Coordinate(0, 0)
            });
    Geometry area = NestedRings.area(List.of(bay, square(40, 40, 20)));
    assertThat(area.getArea()).isCloseTo(bay.getArea() + 400, within(1e-9));
    assertThat(holes(area)).isZero();
  }

  @Test
  void aRingThatTouchesItselfIsMendedIntoAreas() {
    // a bow tie: two triangles that meet in a point
    Polygon bow =
        GEOMETRY.createPolygon(
            new Coordinate[] {
              new Coordinate(0, 0),
              new Coordinate(10, 10),
              new Coordinate(10, 0),
              new Coordinate(0, 10),
              new Coordinate(0, 0)
            });
    Geometry area = NestedRings.area(List.of(bow));
    assertThat(area.isValid()).isTrue();
    assertThat(area.getNumGeometries()).isEqualTo(2);
    assertThat(area.getArea()).isCloseTo(50, within(1e-9));
  }

  /** Over seeded nests in any order: a place is inside when an odd number of rings is round it. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void aPlaceIsInsideWhereAnOddNumberOfRingsIsRoundIt(long seed) {
    Random chance = new Random(seed);
    List<Polygon> rings = new ArrayList<>();
    nest(rings, 0, 0, 400, 4, chance);
    Collections.shuffle(rings, chance);
    Geometry area = NestedRings.area(rings);
    assertThat(area.isValid()).isTrue();
    for (int i = 0; i < 300; i++) {
      var at =
          GEOMETRY.createPoint(
              new Coordinate(410 * chance.nextDouble() - 5, 410 * chance.nextDouble() - 5));
      long round = rings.stream().filter(r -> r.contains(at)).count();
      if (rings.stream().noneMatch(r -> r.getExteriorRing().isWithinDistance(at, 1e-6))) {
        assertThat(area.contains(at)).as("%s in %d rings", at, round).isEqualTo(round % 2 == 1);
      }
    }
  }

  /** A square, and in each of its quarters perhaps another, and so on. */
  private static void nest(
      List<Polygon> rings, double x, double y, double size, int deep, Random chance) {
    double in = size * (0.02 + 0.05 * chance.nextDouble());
    double own = size - 2 * in;
    rings.add(square(x + in, y + in, own));
    for (int quarter = 0; quarter < 4 && deep > 0; quarter++) {
      if (chance.nextInt(3) > 0) {
        nest(
            rings,
            x + in + quarter % 2 * own / 2,
            y + in + quarter / 2 * own / 2,
            own / 2,
            deep - 1,
            chance);
      }
    }
  }

  private static int holes(Geometry area) {
    int holes = 0;
    for (int i = 0; i < area.getNumGeometries(); i++) {
      holes += ((Polygon) area.getGeometryN(i)).getNumInteriorRing();
    }
    return holes;
  }
}
