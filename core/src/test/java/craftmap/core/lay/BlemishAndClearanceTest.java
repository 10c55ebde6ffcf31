package craftmap.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Shapes;
import craftmap.core.design.Stencil;
import craftmap.core.plane.Box;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class BlemishAndClearanceTest {
  private static final Stencil BLOCK = Shapes.block(40, 20, 100, 100);

  private static Item itemAt(double x, double y) {
    return Item.whole(BLOCK, Placement.at(new Point(x, y)), false);
  }

  private static BlemishCover cover(double x, double y, Item... items) {
    return BlemishCover.of(Blemish.of("b", 1, "chip", new Point(x, y), 10), List.of(items));
  }

  @Test
  void aBlemishUnderPaintIsCoveredBesideItBareAcrossItsEdgePart() {
    assertThat(cover(100, 100, itemAt(100, 100)).state()).isEqualTo(BlemishCover.State.COVERED);
    assertThat(cover(100, 150, itemAt(100, 100)).state()).isEqualTo(BlemishCover.State.BARE);
    BlemishCover half = cover(120, 100, itemAt(100, 100));
    assertThat(half.state()).isEqualTo(BlemishCover.State.PART);
    assertThat(half.share()).isCloseTo(0.5, within(1e-9));
  }

  @Test
  void twoPrintsThatMeetOnABlemishCoverItTogetherAndOverlapsCountOnce() {
    assertThat(cover(120, 100, itemAt(100, 100), itemAt(140, 100)).state())
        .isEqualTo(BlemishCover.State.COVERED);
    assertThat(cover(120, 100, itemAt(100, 100), itemAt(100, 100)).share())
        .isCloseTo(0.5, within(1e-9));
  }

  @Test
  void clearanceIsToTheNearestPrintAndLandingIsCounted() {
    KeepOut plate =
        new KeepOut("k", "Lock plate", new Area.Upright(new Box(200, 95, 30, 10)), Set.of());
    Obstacles obstacles = obstacles(plate);
    assertThat(Clearance.of(obstacles, List.of(itemAt(100, 100), itemAt(170, 100))))
        .containsExactly(new Clearance.Clear(plate, 10));
    assertThat(Clearance.of(obstacles, List.of(itemAt(180, 100), itemAt(190, 100))))
        .containsExactly(new Clearance.Lands(plate, 1));
  }

  @Test
  void aKeepOutThatForbidsOtherKindsOnlyIsNoneForAStencilAndARoundOneIsJudgedByItsCurve() {
    KeepOut noPaste =
        new KeepOut("k", "Ply", new Area.Round(new Point(0, 0), 50), Set.of(DesignKind.TEXTURE));
    assertThat(obstacles(noPaste).hit(new Box(0, 0, 5, 5))).isFalse();
    Obstacles knob =
        obstacles(new KeepOut("k", "Knob", new Area.Round(new Point(200, 200), 40), Set.of()));
    assertThat(knob.hit(new Box(214.2, 214.2, 20, 20))).isFalse();
    assertThat(knob.hit(new Box(214.0, 214.0, 20, 20))).isTrue();
    assertThat(Clearance.of(knob, List.of(itemAt(150, 200))))
        .singleElement()
        .isInstanceOfSatisfying(
            Clearance.Clear.class,
            c -> assertThat(c.byMm()).isCloseTo(10, within(Contour.FLATNESS_MM)));
  }

  private static Obstacles obstacles(KeepOut keepOut) {
    Face face =
        new Face(
            "f",
            "Front",
            new RectangleOutline(400, 400),
            MakeUp.WOOD,
            Finish.BARE,
            new Colour("#FFFFFF"),
            Set.of(),
            0,
            Relief.FLAT,
            Marks.ofKeepOuts(List.of(keepOut)));
    return Obstacles.on(face, DesignKind.STENCIL);
  }

  @Test
  void turnedItemsTakeTheirSheetWithThem() {
    Stencil low = Shapes.block(40, 20, 100, 60);
    Item turned = Item.whole(low, Placement.at(new Point(50, 300), 270), false);
    assertThat(turned.sheet(low).around()).isEqualTo(new Box(20, 250, 60, 100));
    Box print = Box.around(new Point(50, 300), 20, 40);
    assertThat(turned.print().getEnvelopeInternal().equals(print.envelope())).isTrue();
  }
}
