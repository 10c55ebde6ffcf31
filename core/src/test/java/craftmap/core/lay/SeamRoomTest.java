package craftmap.core.lay;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.design.Design;
import craftmap.core.design.Shapes;
import craftmap.core.lay.line.Rings;
import craftmap.core.lay.rule.Bench;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.ConeOutline;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class SeamRoomTest {
  /** A print on a wall shows whole, also where it goes over the seam, or stands right on it. */
  @Tag("thorough")
  @Test
  void onATaperedWallNothingIsLostAtTheSeam() {
    Random random = new Random(5_119);
    for (int round = 0; round < 150; round++) {
      ConeOutline cone =
          round == 0
              ? new ConeOutline(754, 565, 230)
              : new ConeOutline(
                  700.3 + random.nextDouble() * 200,
                  400.7 + random.nextDouble() * 200,
                  180.9 + random.nextDouble() * 90);
      Rings.Ring ring = Rings.wall(cone, 60.3).orElseThrow();
      double seam = ring.datumMm() + ring.path().lengthMm() / 2;
      double along = round % 3 == 0 ? seam : seam + (random.nextDouble() - 0.5) * 140;
      for (Design design :
          List.of(
              Shapes.block(61.3 + random.nextDouble() * 90, 21.7, 200.1, 90.9),
              Shapes.starAndMoon())) {
        Placement at = Placement.at(ring.path().at(along), ring.path().directionDeg(along));
        assertThat(Room.on(Bench.face(cone, Marks.NONE), design.kind()).place(design, at))
            .as("round %d: %s, %.2f mm off the seam of %s", round, at, along - seam, cone)
            .hasValueSatisfying(item -> assertThat(item.isWhole()).isTrue());
      }
    }
  }
}
