package craftmap.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.Shapes;
import craftmap.core.design.Stencil;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import craftmap.core.surface.Break;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class EyeAndBreakTest {
  private static final Stencil BLOCK = Shapes.block(40, 20, 60, 40);
  private static final Face FACE =
      new Face(
          "f",
          "F",
          new RectangleOutline(600, 300),
          MakeUp.WOOD,
          Finish.BARE,
          new Colour("#FFFFFF"),
          Set.of(),
          0,
          Relief.FLAT,
          Marks.NONE);
  private static final List<Item> ROW =
      List.of(item(100, 100), item(200, 100), item(300, 100), item(400, 100));

  private static Item item(double x, double y) {
    return Item.whole(BLOCK, Placement.at(new Point(x, y)), false);
  }

  @Test
  void aWobbleStaysWithinItsToleranceAndIsTheSameEachTime() {
    Room room = Room.on(FACE, BLOCK.kind());
    Eye eye = new Eye(3, 4, 9, List.of());
    Eye.Seen seen = eye.apply(room, ROW);
    assertThat(seen.items()).hasSize(4).isEqualTo(eye.apply(room, ROW).items());
    for (int i = 0; i < 4; i++) {
      Point was = ROW.get(i).centre();
      Point is = seen.items().get(i).centre();
      assertThat(Math.abs(is.xMm() - was.xMm())).isLessThanOrEqualTo(3);
      assertThat(Math.abs(is.yMm() - was.yMm())).isLessThanOrEqualTo(3);
      double turn = seen.items().get(i).at().turnDeg();
      assertThat(Math.min(turn, 360 - turn)).isLessThanOrEqualTo(4);
    }
    assertThat(seen.farthestMm()).isBetween(0.1, 3 * Math.sqrt(2));
    assertThat(new Eye(3, 4, 10, List.of()).apply(room, ROW).items()).isNotEqualTo(seen.items());
  }

  @Test
  void aCopyPutByHandStaysWhereItIsWhateverTheRuleDoes() {
    Room room = Room.on(FACE, BLOCK.kind());
    Eye eye = new Eye(0, 0, 1, List.of(new Eye.Held(2, new Point(310, 130), 15)));
    Eye.Seen seen = eye.apply(room, ROW);
    assertThat(seen.put()).isEqualTo(1);
    assertThat(seen.items().get(2).centre()).isEqualTo(new Point(310, 130));
    assertThat(seen.items().get(1)).isEqualTo(ROW.get(1));
    assertThat(seen.farthestMm()).isCloseTo(Math.hypot(10, 30), within(1e-9));
  }

  @Test
  void aWobbleBeyondReasonIsRefused() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Eye(500, 0, 1, List.of()))
        .withMessageContaining("off-its-place-by-at-most (500.0 mm)");
  }

  @Test
  void whatLiesAcrossABreakIsNamedWithWhatTheGapSwallows() {
    Break gap = new Break("b", "gap", new Point(200, 0), new Point(200, 300), 4, 0);
    assertThat(BreakCrossing.of(List.of(gap), ROW))
        .singleElement()
        .satisfies(
            c -> {
              assertThat(c.items()).containsExactly(2);
              assertThat(c.lostMm2()).isCloseTo(4 * 20, within(1e-6));
            });
    Break beside = new Break("b", "step", new Point(150, 0), new Point(150, 300), 0, 6);
    assertThat(BreakCrossing.of(List.of(beside), ROW)).isEmpty();
  }
}
