package craftmap.core.surface.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Point;
import java.awt.geom.Line2D;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What a front that is not square shows. */
class SquarenessTest {
  /** A worked example: a front taped with four sides and both diagonals. */
  private static final QuadOutline TAPED =
      new QuadOutline(902, 455, 905, 451, 1010, OptionalDouble.of(1011));

  @Test
  void theWorkedExampleOfAFrontOutOfSquare() {
    Squareness square = TAPED.squareness();
    double[] expected = {90.417, 89.963, 89.783, 89.837};
    for (int i = 0; i < 4; i++) {
      assertThat(square.anglesDeg().get(i)).isCloseTo(expected[i], within(0.0005));
    }
    assertThat(TAPED.areaMm2() / 1e6).isCloseTo(0.40928, within(0.000005));
    assertThat(square.diagonalMm()).isCloseTo(1011.40, within(0.005));
    assertThat(square.closureMm().getAsDouble()).isCloseTo(-0.40, within(0.005));
    assertThat(square.measureAgain()).isFalse();
    assertThat(square.lowerOnTheRightMm()).isCloseTo(4, within(1e-9));
  }

  @Test
  void aSlipOfTheTapeIsNoticedOnlyBeyondThreeMillimetres() {
    double q = TAPED.squareness().diagonalMm();
    for (double off : new double[] {2.9, -2.9}) {
      assertThat(checked(q + off).squareness().measureAgain()).isFalse();
    }
    for (double off : new double[] {3.1, -3.1}) {
      assertThat(checked(q + off).squareness().measureAgain()).isTrue();
    }
  }

  private static QuadOutline checked(double q) {
    return new QuadOutline(902, 455, 905, 451, 1010, OptionalDouble.of(q));
  }

  @Test
  void theFarEdgeDepartsFromTheDatumByWhatASquareLaidThereWouldShow() {
    // a plain trapezium on its side: right side 10 longer than left, top level
    QuadOutline leaning =
        new QuadOutline(
            1000, 410, Math.hypot(1000, 10), 400, Math.hypot(1000, 410), OptionalDouble.empty());
    assertThat(leaning.squareness().farEdgeDepartsMm(Edge.TOP)).isCloseTo(10, within(1e-9));
    assertThat(leaning.squareness().farEdgeDepartsMmPerMetre(Edge.TOP)).isCloseTo(10, within(1e-9));
    assertThat(leaning.squareness().farEdgeDepartsMm(Edge.LEFT)).isCloseTo(0, within(1e-9));
    Contour drawn = leaning.exaggerated(5);
    assertThat(drawn.corners().get(2).yMm() - drawn.corners().get(3).yMm())
        .isCloseTo(50, within(1e-9));
  }

  private static double taped(double mm) {
    return Math.round(mm);
  }

  private static QuadOutline through(Point tl, Point tr, Point br, Point bl) {
    return new QuadOutline(
        tl.distanceMm(tr),
        tr.distanceMm(br),
        br.distanceMm(bl),
        bl.distanceMm(tl),
        tl.distanceMm(br),
        OptionalDouble.empty());
  }

  /** A rectangle with each corner out by up to so much. */
  private static QuadOutline any(Random dice, double outMm) {
    double w = 240.7 + dice.nextDouble() * 900;
    double h = 240.7 + dice.nextDouble() * 900;
    return through(
        out(dice, 0, 0, outMm),
        out(dice, w, 0, outMm),
        out(dice, w, h, outMm),
        out(dice, 0, h, outMm));
  }

  private static Point out(Random dice, double x, double y, double mm) {
    return new Point(
        x + (dice.nextDouble() - 0.5) * 2 * mm, y + (dice.nextDouble() - 0.5) * 2 * mm);
  }

  /** Whatever rectangle is taped to the millimetre, its sides and one diagonal say so. */
  @Test
  void aRectangleIsSquareAsItIsTaped() {
    Random dice = new Random(90);
    for (int i = 0; i < 500; i++) {
      double w = 80 + dice.nextDouble() * 1900;
      double h = 80 + dice.nextDouble() * 1900;
      double p = taped(Math.hypot(w, h));
      QuadOutline quad =
          new QuadOutline(taped(w), taped(h), taped(w), taped(h), p, OptionalDouble.of(p));
      Squareness square = quad.squareness();
      // of a long narrow one the other diagonal gives away how the first was rounded
      assertThat(square.isSquare()).as("%s", quad).isEqualTo(!square.measureAgain());
    }
  }

  @Test
  void whatTheTapeTellsApartIsNotSquare() {
    double p = Math.hypot(870.4, 421.2);
    OptionalDouble none = OptionalDouble.empty();
    assertThat(new QuadOutline(870.4, 421.2, 870.4, 421.2, p, none).squareness().isSquare())
        .isTrue();
    assertThat(new QuadOutline(870.4, 421.2, 871.4, 421.2, p, none).squareness().isSquare())
        .isTrue();
    assertThat(new QuadOutline(870.4, 421.2, 871.5, 421.2, p, none).squareness().isSquare())
        .isFalse();
    assertThat(new QuadOutline(870.4, 421.2, 869.3, 421.2, p, none).squareness().isSquare())
        .isFalse();
    assertThat(new QuadOutline(870.4, 421.2, 870.4, 420.1, p, none).squareness().isSquare())
        .isFalse();
    assertThat(new QuadOutline(870.4, 421.2, 870.4, 422.3, p, none).squareness().isSquare())
        .isFalse();
    assertThat(new QuadOutline(870.4, 421.2, 870.4, 421.2, p + 1.3, none).squareness().isSquare())
        .isFalse();
    assertThat(new QuadOutline(870.4, 421.2, 870.4, 421.2, p - 1.3, none).squareness().isSquare())
        .isFalse();
  }

  /** A second diagonal that disagrees leaves it open whether the first was right. */
  @Test
  void whatHasToBeTapedAgainIsNotCalledSquare() {
    QuadOutline slipped = new QuadOutline(300, 400, 300, 400, 500, OptionalDouble.of(503.5));
    assertThat(slipped.squareness().measureAgain()).isTrue();
    assertThat(slipped.squareness().isSquare()).isFalse();
    QuadOutline just = new QuadOutline(300, 400, 300, 400, 500, OptionalDouble.of(503));
    assertThat(just.squareness().measureAgain()).isFalse();
    assertThat(just.squareness().isSquare()).isTrue();
  }

  /** Against the distance of points from lines as another library has it. */
  @Test
  void theFarEdgeDepartsFromAnyDatum() {
    Random dice = new Random(511);
    for (int i = 0; i < 200; i++) {
      QuadOutline quad = any(dice, 30);
      Squareness square = quad.squareness();
      List<Point> c = quad.corners();
      double top = from(c, 0, 1, 2) - from(c, 0, 1, 3);
      assertThat(square.farEdgeDepartsMm(Edge.TOP)).isCloseTo(top, within(1e-6));
      double bottom = from(c, 3, 2, 1) - from(c, 3, 2, 0);
      assertThat(square.farEdgeDepartsMm(Edge.BOTTOM)).isCloseTo(bottom, within(1e-6));
      double left = from(c, 0, 3, 2) - from(c, 0, 3, 1);
      assertThat(square.farEdgeDepartsMm(Edge.LEFT)).isCloseTo(left, within(1e-6));
      double right = from(c, 1, 2, 3) - from(c, 1, 2, 0);
      assertThat(square.farEdgeDepartsMm(Edge.RIGHT)).isCloseTo(right, within(1e-6));
      assertThat(square.farEdgeDepartsMmPerMetre(Edge.RIGHT) * quad.rightMm() / 1000)
          .isCloseTo(right, within(1e-6));
      assertThat(square.farEdgeDepartsMmPerMetre(Edge.BOTTOM) * quad.bottomMm() / 1000)
          .isCloseTo(bottom, within(1e-6));
    }
  }

  private static double from(List<Point> c, int a, int b, int p) {
    return Line2D.ptLineDist(
        c.get(a).xMm(),
        c.get(a).yMm(),
        c.get(b).xMm(),
        c.get(b).yMm(),
        c.get(p).xMm(),
        c.get(p).yMm());
  }

  /** Once it is as it is, not at all it is the rectangle of its mean sides, and in between even. */
  @Test
  void whatIsExaggeratedLeansTheSameWay() {
    Random dice = new Random(23);
    for (int i = 0; i < 100; i++) {
      QuadOutline quad = any(dice, 25);
      List<Point> as = quad.exaggerated(1).corners();
      List<Point> square = quad.exaggerated(0).corners();
      List<Point> more = quad.exaggerated(7.3).corners();
      double w = (quad.topMm() + quad.bottomMm()) / 2;
      double h = (quad.leftMm() + quad.rightMm()) / 2;
      List<Point> expected =
          List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h));
      for (int k = 0; k < 4; k++) {
        assertThat(as.get(k).distanceMm(quad.corners().get(k))).isLessThan(1e-6);
        assertThat(square.get(k).distanceMm(expected.get(k))).isLessThan(1e-6);
        double dx = as.get(k).xMm() - square.get(k).xMm();
        double dy = as.get(k).yMm() - square.get(k).yMm();
        assertThat(more.get(k).distanceMm(square.get(k).movedBy(7.3 * dx, 7.3 * dy)))
            .isLessThan(1e-6);
      }
    }
  }

  @Test
  void aCheckOfNothingIsNone() {
    QuadOutline none = (QuadOutline) OutlineKind.OUT_OF_SQUARE.read(sheet(0), List.of());
    assertThat(none.checkMm()).isEmpty();
    QuadOutline some = (QuadOutline) OutlineKind.OUT_OF_SQUARE.read(sheet(1006.2), List.of());
    assertThat(some.checkMm()).hasValue(1006.2);
    assertThat(none.squareness().closureMm()).isEmpty();
  }

  private static MeasureSheet sheet(double check) {
    return new MeasureSheet(Map.of("check", check), Map.of());
  }
}
