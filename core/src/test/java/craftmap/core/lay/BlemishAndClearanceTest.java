package craftmap.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Shapes;
import craftmap.core.design.Stencil;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Box;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Point;
import java.util.List;
import org.junit.jupiter.api.Test;

class BlemishAndClearanceTest {
  private static final Stencil BLOCK = Shapes.block(40, 20, 100, 100);

  private static Item itemAt(double x, double y) {
    Box box = Box.around(new Point(x, y), 40, 20);
    return new Item(new Point(x, y), 0, box, box, 1, false);
  }

  private static BlemishCover cover(double x, double y, Item... items) {
    return BlemishCover.of(
        new Blemish("b", 1, "chip", new Point(x, y), 10),
        List.of(new BlemishCover.Print(BLOCK.openings(), List.of(items))));
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
    KeepOut plate = new KeepOut("k", "Lock plate", new Box(200, 95, 30, 10));
    assertThat(Clearance.of(List.of(plate), List.of(itemAt(100, 100), itemAt(170, 100))))
        .containsExactly(new Clearance.Clear(plate, 10));
    assertThat(Clearance.of(List.of(plate), List.of(itemAt(180, 100), itemAt(190, 100))))
        .containsExactly(new Clearance.Lands(plate, 1));
  }

  @Test
  void turnedItemsTakeTheirSheetWithThem() {
    Box box = Box.around(new Point(50, 300), 20, 40);
    Item turned = new Item(new Point(50, 300), 270, box, box, 1, false);
    assertThat(turned.sheetOnFace(BLOCK.openings(), 100, 60)).isEqualTo(new Box(0, 250, 60, 100));
    assertThat(turned.openings(BLOCK.openings()).getEnvelopeInternal().equals(box.envelope()))
        .isTrue();
  }
}
