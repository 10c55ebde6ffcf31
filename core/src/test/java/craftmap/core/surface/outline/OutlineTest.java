package craftmap.core.surface.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.SvgReader;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class OutlineTest {
  static Stream<Outline> everyKind() {
    return Stream.of(
        new RectangleOutline(870, 420),
        new RoundedOutline(400, 300, 40),
        new RoundedOutline(300, 300, 150),
        OvalOutline.circle(300),
        new OvalOutline(400, 260),
        new ArchOutline(400, 600, 100, ArchOutline.Curve.SEGMENT),
        new ArchOutline(400, 200, 200, ArchOutline.Curve.SEGMENT),
        new ArchOutline(400, 600, 300, ArchOutline.Curve.HALF_OVAL),
        new TrapeziumOutline(380, 420, 400),
        new QuadOutline(902, 455, 905, 451, 1010, OptionalDouble.of(1011)),
        new PolygonOutline(
            List.of(new Point(0, 0), new Point(400, 0), new Point(400, 210), new Point(0, 420))),
        new SidesOutline(List.of(300.0, 300.0, 300.0, 300.0, 300.0), List.of(485.4, 485.4)),
        new FrameOutline(500, 700, 60, 70, 80, FrameOutline.Shape.RECTANGLE),
        new FrameOutline(500, 700, 60, 60, 60, FrameOutline.Shape.OVAL),
        new FrameOutline(500, 700, 60, 60, 60, FrameOutline.Shape.OVAL_OPENING),
        new CylinderOutline(565, 120),
        new ConeOutline(754, 565, 230),
        new ConeOutline(300, 900, 140),
        new BulgeOutline(120, 90));
  }

  @Test
  void theWorkedExampleOfATaperedPot() {
    ConeOutline pot = new ConeOutline(754, 565, 230);
    assertThat(pot.outerRadiusMm()).isCloseTo(917.57, within(0.005));
    assertThat(pot.innerRadiusMm()).isCloseTo(687.57, within(0.005));
    assertThat(Math.toDegrees(pot.openRad())).isCloseTo(47.082, within(0.0005));
    assertThat(pot.areaMm2() / 1e6).isCloseTo(0.151685, within(0.0000005));
    assertThat(pot.uprightMm()).isCloseTo(228.02, within(0.005));
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void theAreaInClosedFormIsThatOfTheLineAndOfThePolygons(Outline outline) {
    double line =
        outline.contour().areaMm2()
            - outline.openings().stream().mapToDouble(Contour::areaMm2).sum();
    if (!(outline instanceof BulgeOutline)) {
      assertThat(outline.areaMm2()).isCloseTo(line, within(1e-6 * line));
    }
    double slack = 2 * Contour.FLATNESS_MM * outline.contour().lengthMm();
    assertThat(outline.region().getArea()).isCloseTo(line, within(slack));
    assertThat(outline.region().isValid()).isTrue();
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void theBoxAroundItBeginsAtNothingAndItsSidesMakeItsEdge(Outline outline) {
    assertThat(outline.contour().extent().leftMm()).isCloseTo(0, within(1e-9));
    assertThat(outline.contour().extent().topMm()).isCloseTo(0, within(1e-9));
    assertThat(outline.sides().stream().mapToDouble(Side::lengthMm).sum())
        .isCloseTo(outline.contour().lengthMm(), within(1e-6));
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void writtenDownAndReadAgainItIsTheSame(Outline outline) {
    assertThat(outline.note().read()).isEqualTo(outline);
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void itsDrawnLineReadBackHasItsArea(Outline outline) {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='2000mm' height='2000mm'"
            + " viewBox='0 0 2000 2000'><path d='"
            + outline.contour().pathData()
            + "'/></svg>";
    assertThat(SvgReader.read(svg).openings().areaMm2())
        .isCloseTo(outline.contour().areaMm2(), within(0.5));
  }

  @Test
  void aQuadMadeFromTheCornersOfAnyFourSidedFaceReturnsThem() {
    Random random = new Random(5);
    for (int i = 0; i < 2_000; i++) {
      double w = 200 + random.nextDouble() * 1500;
      double h = 200 + random.nextDouble() * 1500;
      Point tl = new Point(0, 0);
      Point tr = new Point(w, 0);
      Point br = new Point(w + off(random, w), h + off(random, h));
      Point bl = new Point(off(random, w), h + off(random, h));
      QuadOutline quad =
          new QuadOutline(
              w,
              tr.distanceMm(br),
              br.distanceMm(bl),
              bl.distanceMm(tl),
              tl.distanceMm(br),
              OptionalDouble.of(tr.distanceMm(bl)));
      double shift = Math.min(0, bl.xMm());
      List<Point> corners = quad.corners();
      assertThat(corners.get(2).distanceMm(br.movedBy(-shift, 0))).isLessThan(1e-6);
      assertThat(corners.get(3).distanceMm(bl.movedBy(-shift, 0))).isLessThan(1e-6);
      assertThat(quad.squareness().closureMm().getAsDouble()).isCloseTo(0, within(1e-6));
      assertThat(quad.squareness().anglesDeg().stream().mapToDouble(a -> a).sum())
          .isCloseTo(360, within(1e-9));
    }
  }

  private static double off(Random random, double side) {
    return (random.nextDouble() - 0.5) * side / 5;
  }

  @Test
  void anOvalsLineHasThePerimeterOfItsSeries() {
    Random random = new Random(9);
    for (int i = 0; i < 300; i++) {
      double a = 50 + random.nextDouble() * 500;
      double b = 50 + random.nextDouble() * 500;
      // Gauss and Kummer's series in h = ((a-b)/(a+b))2, to far below a thousandth here
      double h = Math.pow((a - b) / (a + b), 2);
      double sum = 0;
      double binomial = 1;
      for (int n = 0; n < 40; n++) {
        sum += binomial * binomial * Math.pow(h, n);
        binomial *= (0.5 - n) / (n + 1);
      }
      double series = Math.PI * (a + b) * sum;
      double line = new Arc(new Point(0, 0), a, b, 0.3, 2 * Math.PI).lengthMm();
      assertThat(line).isCloseTo(series, within(1e-3));
    }
  }

  @Test
  void measuresThatMakeNoOutlineAreRefusedByName() {
    refused("radius-of-the-corners", () -> new RoundedOutline(100, 60, 31));
    refused("rise-of-the-arch", () -> new ArchOutline(100, 400, 51, ArchOutline.Curve.SEGMENT));
    refused(
        "diagonal-top-left-to-bottom-right",
        () -> new QuadOutline(900, 450, 900, 450, 1351, OptionalDouble.empty()));
    refused("left-side", () -> new QuadOutline(900, 450, 900, 40, 1006, OptionalDouble.empty()));
    refused("slant", () -> new ConeOutline(900, 300, 95));
    refused("circumferences", () -> new ConeOutline(400, 400, 95));
    refused("radius-of-the-bulge", () -> new BulgeOutline(120, 59));
    refused(
        "rails-of-the-frame",
        () -> new FrameOutline(200, 200, 100, 20, 20, FrameOutline.Shape.RECTANGLE));
    refused(
        "points-of-the-outline",
        () ->
            new PolygonOutline(
                List.of(
                    new Point(0, 0), new Point(100, 100), new Point(100, 0), new Point(0, 100))));
    refused(
        "points-of-the-outline",
        () -> new PolygonOutline(List.of(new Point(0, 0), new Point(50, 50), new Point(100, 100))));
    refused("sides", () -> new SidesOutline(List.of(1.0, 2.0), List.of()));
    refused("diagonals", () -> new SidesOutline(List.of(300.0, 300.0, 300.0, 300.0), List.of()));
  }

  private static void refused(String field, Runnable making) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(making::run)
        .satisfies(r -> assertThat(r.field()).isEqualTo(field))
        .satisfies(r -> assertThat(r.fault()).isNotBlank());
  }
}
