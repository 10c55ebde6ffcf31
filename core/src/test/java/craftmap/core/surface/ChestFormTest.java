package craftmap.core.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.measure.RefusedInput;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ChestFormTest {
  @Test
  void facesTakeTheirSizesFromTheThreeMeasures() {
    List<Form.FormFace> faces = new ChestForm(870, 420, 450).faces();
    assertThat(faces)
        .extracting(Form.FormFace::id)
        .containsExactly("front", "lid", "left", "right");
    assertThat(faces)
        .extracting(f -> f.outline().widthMm() + " x " + f.outline().heightMm())
        .containsExactly("870.0 x 420.0", "870.0 x 450.0", "450.0 x 420.0", "450.0 x 420.0");
  }

  @Test
  void onTheNetNoFaceLiesOnAnotherAndNeighboursShareTheLengthOfTheirEdge() {
    Random random = new Random(3);
    for (int i = 0; i < 1_000; i++) {
      ChestForm form =
          new ChestForm(
              1 + random.nextDouble() * 3000,
              1 + random.nextDouble() * 3000,
              1 + random.nextDouble() * 3000);
      List<Box> boxes = form.faces().stream().map(Form.FormFace::onNet).toList();
      for (int a = 0; a < boxes.size(); a++) {
        for (int b = a + 1; b < boxes.size(); b++) {
          assertThat(boxes.get(a).overlaps(boxes.get(b), 0)).isFalse();
        }
      }
      assertThat(boxes.get(1).widthMm()).isEqualTo(boxes.get(0).widthMm());
      assertThat(boxes.get(2).heightMm()).isEqualTo(boxes.get(0).heightMm());
      assertThat(boxes.get(1).leftMm()).isEqualTo(boxes.get(0).leftMm());
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -1, Double.NaN, Double.POSITIVE_INFINITY, 20_000.5})
  void aMeasureThatNoChestHasIsRefusedByName(double depth) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new ChestForm(870, 420, depth))
        .satisfies(r -> assertThat(r.field()).isEqualTo("Depth"));
  }

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
