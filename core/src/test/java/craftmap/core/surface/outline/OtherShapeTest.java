package craftmap.core.surface.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** One outline made another, and what all of them tell alike. */
class OtherShapeTest {
  /** Whatever it becomes, it lies where the first lay and is no larger. */
  @ParameterizedTest
  @EnumSource(OutlineKind.class)
  void itTakesTheBoxOver(OutlineKind kind) {
    Random dice = new Random(kind.name().hashCode());
    for (int i = 0; i < 40; i++) {
      double w = 90.3 + dice.nextDouble() * 900;
      double h = 90.3 + dice.nextDouble() * 900;
      Outline other = OtherShape.asLargeAs(new RectangleOutline(w, h), kind).read();
      assertThat(other.note().kind()).isEqualTo(kind);
      switch (kind) {
        // round, it has the smaller of both
        case CIRCLE -> assertThat(other.widthMm()).isCloseTo(Math.min(w, h), within(1e-6));
        case BULGE ->
            assertThat(((BulgeOutline) other).acrossMm()).isCloseTo(Math.min(w, h), within(1e-9));
        // unrolled, it is a part of a ring: its wider end is as wide, and it is as long
        case CONE -> {
          assertThat(((ConeOutline) other).topMm()).isCloseTo(w, within(1e-9));
          assertThat(((ConeOutline) other).bottomMm()).isCloseTo(w * 0.8, within(1e-9));
          assertThat(((ConeOutline) other).slantMm()).isCloseTo(h, within(1e-9));
        }
        default -> {
          assertThat(other.widthMm()).isCloseTo(w, within(1e-6));
          assertThat(other.heightMm()).isCloseTo(h, within(1e-6));
        }
      }
    }
  }

  @Test
  void cornersRiseAndRailsFollowTheSmallerSide() {
    Outline now = new RectangleOutline(480, 240);
    assertThat(OtherShape.asLargeAs(now, OutlineKind.ROUNDED).measures())
        .containsEntry("radius", 30.0);
    assertThat(OtherShape.asLargeAs(now, OutlineKind.ARCH).measures()).containsEntry("rise", 60.0);
    assertThat(OtherShape.asLargeAs(now, OutlineKind.FRAME).measures()).containsEntry("side", 40.0);
  }

  @ParameterizedTest
  @EnumSource(OutlineKind.class)
  void everyKindHasTypicalMeasures(OutlineKind kind) {
    OutlineNote typical = OtherShape.typical(kind);
    assertThat(typical.kind())
        .isEqualTo(kind == OutlineKind.POLYGON ? OutlineKind.SIDES_AND_DIAGONALS : kind);
    assertThat(typical.measures()).isNotEmpty();
    assertThat(typical.read().areaMm2()).isPositive();
  }

  static List<Outline> everyKind() {
    return OutlineTest.everyKind().toList();
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void itReachesAlongItsEdgesAsFarAsItsBox(Outline outline) {
    for (Edge level : List.of(Edge.TOP, Edge.BOTTOM)) {
      assertThat(outline.edgeLengthMm(level)).isEqualTo(outline.widthMm());
    }
    for (Edge upright : List.of(Edge.LEFT, Edge.RIGHT)) {
      assertThat(outline.edgeLengthMm(upright)).isEqualTo(outline.heightMm());
    }
    // told at once or measured on the line, it is as wide and as high
    assertThat(outline.widthMm())
        .isCloseTo(outline.contour().extent().widthMm(), within(1e-6))
        .isPositive();
    assertThat(outline.heightMm())
        .isCloseTo(outline.contour().extent().heightMm(), within(1e-6))
        .isPositive();
    assertThat(outline.wraps())
        .isEqualTo(outline instanceof ConeOutline || outline instanceof CylinderOutline);
  }

  /** Told at once for a rectangle, it is what the polygons say. */
  @Tag("thorough")
  @ParameterizedTest
  @MethodSource("everyKind")
  void whatItHoldsIsWhatLiesInsideOfItsArea(Outline outline) {
    Random dice = new Random(66);
    int inside = 0;
    for (int i = 0; i < 200; i++) {
      double w = outline.widthMm();
      double h = outline.heightMm();
      Box box =
          new Box(
              (dice.nextDouble() * 1.1 - 0.1) * w,
              (dice.nextDouble() * 1.1 - 0.1) * h,
              dice.nextDouble() * w / 9,
              dice.nextDouble() * h / 9);
      assertThat(outline.holds(box)).isEqualTo(Planar.holds(outline.region(), box));
      inside += outline.holds(box) ? 1 : 0;
    }
    assertThat(inside).isBetween(1, 199);
  }

  @Test
  void whatLiesOnTheLineOfARectangleIsInside() {
    Outline board = new RectangleOutline(417.3, 233.1);
    assertThat(board.holds(new Box(0, 0, 417.3, 233.1))).isTrue();
    assertThat(board.holds(new Box(-1e-7, -1e-7, 417.3, 233.1))).isTrue();
    assertThat(board.holds(new Box(-0.01, 0, 100, 100))).isFalse();
    assertThat(board.holds(new Box(0, -0.01, 100, 100))).isFalse();
    assertThat(board.holds(new Box(317.31, 0, 100, 100))).isFalse();
    assertThat(board.holds(new Box(0, 133.11, 100, 100))).isFalse();
    assertThat(board.holds(new Box(317.3, 133.1, 100, 100))).isTrue();
  }

  @Test
  void aTrapeziumStandsCentred() {
    for (TrapeziumOutline one :
        List.of(new TrapeziumOutline(380, 423.4, 400), new TrapeziumOutline(423.4, 380, 400))) {
      assertThat(one.widthMm()).isEqualTo(423.4);
      List<Point> c = one.contour().corners();
      assertThat(c.get(0).xMm() + c.get(1).xMm()).isCloseTo(423.4, within(1e-9));
      assertThat(c.get(2).xMm() + c.get(3).xMm()).isCloseTo(423.4, within(1e-9));
      assertThat(c.get(1).xMm() - c.get(0).xMm()).isCloseTo(one.topMm(), within(1e-9));
      assertThat(c.get(2).xMm() - c.get(3).xMm()).isCloseTo(one.bottomMm(), within(1e-9));
    }
  }

  @Test
  void theOpeningOfAFrameLiesWithinItsRails() {
    FrameOutline frame =
        new FrameOutline(503.1, 700, 61.3, 70, 83, FrameOutline.Shape.OVAL_OPENING);
    assertThat(frame.openings()).hasSize(1);
    Extent opening = frame.openings().getFirst().extent();
    assertThat(opening.leftMm()).isCloseTo(61.3, within(1e-6));
    assertThat(opening.topMm()).isCloseTo(70, within(1e-6));
    assertThat(opening.rightMm()).isCloseTo(503.1 - 61.3, within(1e-6));
    assertThat(opening.bottomMm()).isCloseTo(700 - 83, within(1e-6));
  }

  @Test
  void answersAreAddedAndTakenAwayAndAllQuestionsAreTold() {
    OutlineNote note =
        new OutlineNote(OutlineKind.FRAME, Map.of("width", 417.3), Map.of(), List.of());
    OutlineNote more = note.with(Map.of("height", 233.1), Map.of("shape", "OVAL"));
    assertThat(more.measures()).containsOnly(Map.entry("width", 417.3), Map.entry("height", 233.1));
    assertThat(more.read()).isInstanceOf(FrameOutline.class);
    assertThat(((FrameOutline) more.read()).shape()).isEqualTo(FrameOutline.Shape.OVAL);
    assertThat(more.without("width").measures()).containsOnlyKeys("height");
    assertThat(more.entries())
        .extracting(MeasureSheet.Entry::key, MeasureSheet.Entry::taken)
        .contains(tuple("width", true), tuple("side", false), tuple("shape", true));
    List<Point> corners = List.of(new Point(0, 0), new Point(10, 0), new Point(0, 10));
    assertThat(note.through(corners).points()).isEqualTo(corners);
    assertThat(note.through(corners).measures()).isEqualTo(note.measures());
  }
}
