package craftmap.core.cut.cutter;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

/** The boxes by which what is left of a sheet is pulled off in pieces. */
class WeedingTest {
  private static List<Box> boxes(Box... cutOut) {
    List<Geometry> shapes = Stream.of(cutOut).map(b -> (Geometry) Planar.polygon(b)).toList();
    return Weeding.boxes(Planar.union(shapes));
  }

  @Test
  void oneThingHasOneBoxAroundIt() {
    assertThat(boxes(new Box(10, 20, 30, 40))).containsExactly(new Box(6, 16, 38, 48));
  }

  /** Every second group has a box of its own, half as far off as the one around all. */
  @Test
  void everyGapBetweenTwoIsCutOnce() {
    assertThat(boxes(new Box(0, 0, 20, 20), new Box(30, 0, 20, 20), new Box(60, 0, 20, 20)))
        .containsExactly(new Box(-2, -2, 24, 24), new Box(58, -2, 24, 24), new Box(-4, -4, 88, 28));
  }

  /** Between what stands closer than the boxes need, none would find room. */
  @Test
  void whatStandsTooCloseIsOneGroup() {
    assertThat(boxes(new Box(0, 0, 20, 20), new Box(23.9, 0, 20, 20)))
        .containsExactly(new Box(-4, -4, 51.9, 28));
    assertThat(boxes(new Box(0, 0, 20, 20), new Box(24.1, 0, 20, 20)))
        .containsExactly(new Box(-2, -2, 24, 24), new Box(-4, -4, 52.1, 28));
    // one brings two others together
    assertThat(boxes(new Box(0, 0, 20, 20), new Box(40, 0, 20, 20), new Box(15, 21, 30, 10)))
        .containsExactly(new Box(-4, -4, 68, 39));
  }

  @Test
  void rowsAreTakenFromTheTop() {
    assertThat(boxes(new Box(0, 60, 20, 20), new Box(0, 0, 20, 20), new Box(40, 0, 20, 20)))
        .containsExactly(new Box(-2, -2, 24, 24), new Box(-2, 58, 24, 24), new Box(-4, -4, 68, 88));
  }

  @Test
  void whereNothingIsCutOutThereIsNoBox() {
    assertThat(Weeding.boxes(Planar.union(List.of()))).isEmpty();
  }
}
