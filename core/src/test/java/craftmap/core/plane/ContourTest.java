package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.SvgReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ContourTest {
  /** A half disc of radius 50 on a level foot. */
  private static Contour halfDisc() {
    Arc arc = Arc.circular(new Point(50, 50), 50, Math.PI, Math.PI);
    return new Contour(List.of(arc, new Line(arc.to(), arc.from())));
  }

  @Test
  void aHalfDiscHasItsAreaItsLengthAndItsBox() {
    Contour half = halfDisc();
    assertThat(half.areaMm2()).isCloseTo(Math.PI * 2500 / 2, within(1e-9));
    assertThat(half.lengthMm()).isCloseTo(Math.PI * 50 + 100, within(1e-9));
    assertThat(half.extent().topMm()).isCloseTo(0, within(1e-9));
    assertThat(half.extent().heightMm()).isCloseTo(50, within(1e-9));
    assertThat(half.extent().widthMm()).isCloseTo(100, within(1e-9));
  }

  @Test
  void anArcReachesFurtherThanItsEndsWhereItCrossesAQuarter() {
    Arc arc = Arc.circular(new Point(0, 0), 10, Math.toRadians(-100), Math.toRadians(20));
    assertThat(arc.extent().topMm()).isCloseTo(-10, within(1e-12));
    Arc beside = Arc.circular(new Point(0, 0), 10, Math.toRadians(-80), Math.toRadians(60));
    assertThat(beside.extent().topMm()).isGreaterThan(-10);
  }

  @Test
  void strokesThatDoNotMeetMakeNoContour() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                new Contour(
                    List.of(
                        new Line(new Point(0, 0), new Point(10, 0)),
                        new Line(new Point(10, 1), new Point(0, 0)))))
        .withMessageContaining("gap");
    assertThatIllegalArgumentException().isThrownBy(() -> new Contour(List.of()));
    assertThatIllegalArgumentException().isThrownBy(() -> Arc.circular(new Point(0, 0), 0, 0, 1));
    assertThatIllegalArgumentException().isThrownBy(() -> Arc.circular(new Point(0, 0), 5, 0, 7));
  }

  @Test
  void turnedOverItKeepsItsAreaRunsClockwiseAndComesBack() {
    Random random = new Random(2);
    for (int i = 0; i < 300; i++) {
      Contour contour = anyConvex(random);
      double about = random.nextDouble() * 500;
      Contour turned = contour.mirroredAt(about);
      assertThat(turned.areaMm2()).isCloseTo(contour.areaMm2(), within(1e-6));
      assertThat(swept(turned)).isPositive();
      assertThat(turned.extent().leftMm())
          .isCloseTo(2 * about - contour.extent().rightMm(), within(1e-9));
      Contour back = turned.mirroredAt(about);
      for (int k = 0; k < contour.corners().size(); k++) {
        assertThat(back.corners().get(k).distanceMm(contour.corners().get(k))).isLessThan(1e-9);
      }
    }
  }

  @Test
  void movedItIsTheSameElsewhere() {
    Random random = new Random(3);
    for (int i = 0; i < 300; i++) {
      Contour contour = anyConvex(random);
      Contour moved = contour.movedBy(-70, 1234.5);
      assertThat(moved.areaMm2()).isCloseTo(contour.areaMm2(), within(1e-4));
      assertThat(moved.lengthMm()).isCloseTo(contour.lengthMm(), within(1e-9));
      assertThat(moved.extent().topMm()).isCloseTo(contour.extent().topMm() + 1234.5, within(1e-9));
    }
  }

  /** Straight sides and, now and then, a side bulged out to an arc. */
  private static Contour anyConvex(Random random) {
    int n = 3 + random.nextInt(6);
    List<Point> corners = new ArrayList<>();
    for (int k = 0; k < n; k++) {
      double a = 2 * Math.PI * (k + 0.1 + random.nextDouble() * 0.8) / n;
      corners.add(new Point(400 + 200 * Math.cos(a), 400 + 200 * Math.sin(a)));
    }
    List<Stroke> strokes = new ArrayList<>();
    for (int k = 0; k < n; k++) {
      Point from = corners.get(k);
      Point to = corners.get((k + 1) % n);
      double start = Math.atan2(from.yMm() - 400, from.xMm() - 400);
      double end = Math.atan2(to.yMm() - 400, to.xMm() - 400);
      double sweep = (end - start + 4 * Math.PI) % (2 * Math.PI);
      strokes.add(
          random.nextBoolean()
              ? new Line(from, to)
              : Arc.circular(new Point(400, 400), 200, start, sweep));
    }
    return new Contour(strokes);
  }

  private static double swept(Contour contour) {
    return contour.strokes().stream().mapToDouble(Stroke::sweptMm2).sum();
  }

  @Test
  void pathDataOfArcsOverHalfATurnIsReadBackUnambiguously() {
    for (double degrees : new double[] {10, 90, 179, 180, 181, 270, 359}) {
      double sweep = Math.toRadians(degrees);
      Arc arc = Arc.circular(new Point(100, 100), 80, 0.4, sweep);
      Contour pie =
          degrees == 180
              ? new Contour(List.of(arc, new Line(arc.to(), arc.from())))
              : new Contour(
                  List.of(
                      arc,
                      new Line(arc.to(), new Point(100, 100)),
                      new Line(new Point(100, 100), arc.from())));
      String svg =
          "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='200mm'"
              + " viewBox='0 0 200 200'><path d='"
              + pie.pathData()
              + "'/></svg>";
      assertThat(SvgReader.read(svg).openings().areaMm2())
          .as(degrees + " degrees")
          .isCloseTo(pie.areaMm2(), within(0.1));
    }
  }

  @Test
  void aBoxIsHeldUpToTheLineAndNotBeyond() {
    var region = Planar.area(halfDisc(), List.of(), Contour.FLATNESS_MM);
    assertThat(Planar.holds(region, new Box(20, 10.1, 60, 39.9))).isTrue();
    assertThat(Planar.holds(region, new Box(10, 5, 60, 40))).isFalse();
    assertThat(Planar.holds(region, new Box(50, 49, 0.005, 0.005))).isTrue();
  }
}
