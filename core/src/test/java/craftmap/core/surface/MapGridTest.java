package craftmap.core.surface;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.RectangleOutline;
import org.junit.jupiter.api.Test;

class MapGridTest {
  @Test
  void theGridNamesTheCellOfAPoint() {
    MapGrid grid = MapGrid.over(new RectangleOutline(900, 420));
    assertThat(grid.columns()).isEqualTo(6);
    assertThat(grid.rows()).isEqualTo(3);
    assertThat(grid.cellOf(new Point(0, 0))).isEqualTo("A1");
    assertThat(grid.cellOf(new Point(899, 419))).isEqualTo("C6");
    assertThat(grid.cellOf(new Point(460, 200))).isEqualTo("B4");
    assertThat(grid.cellOf(new Point(-20, 9000))).isEqualTo("C1");
  }

  @Test
  void boxesThatOnlyTouchDoNotOverlap() {
    Box a = new Box(0, 0, 10, 10);
    assertThat(a.overlaps(new Box(10, 0, 5, 5), 1e-6)).isFalse();
    assertThat(a.overlaps(new Box(9.9, 9.9, 5, 5), 1e-6)).isTrue();
    assertThat(a.distanceMm(new Box(13, 14, 5, 5))).isEqualTo(5);
    assertThat(a.distanceMm(new Box(5, 5, 50, 5))).isZero();
  }
}
