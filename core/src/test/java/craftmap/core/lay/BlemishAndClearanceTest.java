package craftmap.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.PrintedInk;
import craftmap.core.artwork.SvgReader;
import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Picture;
import craftmap.core.design.Prints;
import craftmap.core.design.Shapes;
import craftmap.core.design.Stencil;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Planar;
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
import java.util.Optional;
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

  /** A transfer of which only a disc in a corner of its sheet is printed. */
  private static Item transfer(Point at, double turnDeg) {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='120mm'"
            + " viewBox='0 0 200 120'><circle cx='40' cy='30' r='25' fill='#eef'/></svg>";
    Picture sheet =
        new Picture(
            200,
            120,
            Optional.empty(),
            Optional.empty(),
            List.of(),
            Optional.of(PrintedInk.of("a", () -> SvgReader.read(svg), Optional.empty())));
    Design design =
        DesignKind.TRANSFER.read(Prints.card(), MeasureSheet.blank(), Optional.of(sheet));
    return Item.whole(design, Placement.at(at, turnDeg), false);
  }

  @Test
  void aTransferHidesByItsInkAndNotByItsClearSheet() {
    Item upright = transfer(new Point(300, 200), 0);
    assertThat(cover(240, 170, upright).state()).isEqualTo(BlemishCover.State.COVERED);
    assertThat(cover(300, 200, upright).state()).isEqualTo(BlemishCover.State.BARE);
    assertThat(cover(265, 170, upright).share()).isBetween(0.4, 0.5);
    Item upsideDown = transfer(new Point(300, 200), 180);
    assertThat(cover(360, 230, upsideDown).state()).isEqualTo(BlemishCover.State.COVERED);
    assertThat(cover(240, 170, upsideDown).state()).isEqualTo(BlemishCover.State.BARE);
  }

  @Test
  void whatIsCutOffHidesNothing() {
    Item cut =
        Item.cutTo(
                transfer(new Point(300, 200), 0).design(),
                Placement.at(new Point(300, 200)),
                Planar.polygon(new Box(240, 0, 400, 400)),
                false)
            .orElseThrow();
    assertThat(cover(240, 170, cut).share()).isCloseTo(0.5, within(1e-6));
    assertThat(cover(225, 170, cut).state()).isEqualTo(BlemishCover.State.BARE);
  }

  @Test
  void aHoleLiesUnderAPrintWhereAnyOfItDoes() {
    Item sheet = transfer(new Point(300, 200), 0);
    assertThat(sheet.liesOver(new Point(240, 170), 6)).isTrue();
    assertThat(sheet.liesOver(new Point(240, 197), 6)).isTrue();
    assertThat(sheet.liesOver(new Point(240, 199), 6)).isFalse();
    assertThat(itemAt(100, 100).liesOver(new Point(122, 100), 6)).isTrue();
    assertThat(itemAt(100, 100).liesOver(new Point(124, 100), 6)).isFalse();
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
