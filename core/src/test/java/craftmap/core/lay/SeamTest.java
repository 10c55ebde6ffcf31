package craftmap.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.plane.TurnedBox;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import org.junit.jupiter.api.Test;

class SeamTest {
  @Test
  void aFlatFaceHasNone() {
    assertThat(Seam.of(new RectangleOutline(300, 200))).isEmpty();
  }

  @Test
  void roundACylinderOneMeetsTheSameAfterItsCircumference() {
    List<Seam> seams = Seam.of(new CylinderOutline(500, 200));
    Placement at = Placement.at(new Point(20, 60), 30);
    assertThat(seams.getFirst().beyond(at).centre()).isEqualTo(new Point(520, 60));
    assertThat(seams.getLast().beyond(at).centre()).isEqualTo(new Point(-480, 60));
    assertThat(seams.getFirst().beyond(at).turnDeg()).isEqualTo(30);
  }

  @Test
  void roundAConeTheOneEndComesToLieOnTheOther() {
    for (ConeOutline cone :
        List.of(new ConeOutline(754, 565, 230), new ConeOutline(400, 700, 300))) {
      var region = cone.region();
      for (Seam seam : Seam.of(cone)) {
        var beyond = seam.beyond(region);
        // the two developments share one edge and no area
        assertThat(Planar.intersection(region, beyond).getArea()).isCloseTo(0, within(1.0));
        assertThat(region.buffer(0.5).intersects(beyond)).isTrue();
        assertThat(beyond.getArea()).isCloseTo(region.getArea(), within(1e-3));
      }
    }
  }

  @Test
  void thereAndBackIsWhereItWas() {
    ConeOutline cone = new ConeOutline(754, 565, 230);
    List<Seam> both = Seam.of(cone);
    TurnedBox box = new TurnedBox(new Point(100, 120), 60, 40, 17);
    TurnedBox back = both.getLast().beyond(both.getFirst().beyond(box));
    assertThat(back.centre().distanceMm(box.centre())).isCloseTo(0, within(1e-9));
    assertThat(back.turnDeg()).isCloseTo(17, within(1e-9));
  }
}
