package craftmap.core.lay.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.PolygonOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Sides, corners and the beginning of a line that keeps its distance from an edge. */
class InsetsTest {
  /** A shelf's side with a step in it: five corners to the right and one to the left. */
  private static final Outline STEPPED =
      new PolygonOutline(
          List.of(
              new Point(0, 0),
              new Point(611.3, 0),
              new Point(611.3, 207.9),
              new Point(302.1, 207.9),
              new Point(302.1, 433.7),
              new Point(0, 433.7)));

  private static double toEdge(Outline outline, Point p) {
    return ((Polygon) outline.region())
        .getExteriorRing()
        .distance(new GeometryFactory().createPoint(new Coordinate(p.xMm(), p.yMm())));
  }

  @ParameterizedTest
  @CsvSource({"800, 400, 30", "210, 210, 100", "1200, 90, 44.5"})
  void ofARectangleTheLineKeepsItsDistanceAndItsCorners(double w, double h, double inset) {
    Outline outline = new RectangleOutline(w, h);
    List<Point> ring = Insets.ring(outline, inset).orElseThrow();
    assertThat(ring).hasSize(4);
    assertThat(Planar.polygonThrough(ring).getArea())
        .isCloseTo((w - 2 * inset) * (h - 2 * inset), within(1e-6));
    List<Insets.Side> sides = Insets.sides(ring);
    assertThat(sides).hasSize(4);
    assertThat(sides.stream().mapToDouble(s -> s.path().lengthMm()).sum())
        .isCloseTo(2 * (w + h) - 8 * inset, within(1e-6));
    for (Insets.Side side : sides) {
      for (int i = 0; i <= 10; i++) {
        Point p = side.path().at(side.path().lengthMm() * i / 10);
        assertThat(toEdge(outline, p)).isCloseTo(inset, within(1e-6));
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"400, 300, 25", "900, 250, 60"})
  void ofAnOvalItKeepsItsDistanceAllRoundAndBeginsAtTheTop(double w, double h, double inset) {
    Outline outline = new OvalOutline(w, h);
    Path path = Insets.allRound(outline, inset).orElseThrow();
    assertThat(path.at(0).xMm()).isCloseTo(w / 2, within(1.0));
    assertThat(path.at(0).yMm()).isCloseTo(inset, within(1.0));
    for (int i = 0; i < 200; i++) {
      assertThat(toEdge(outline, path.at(path.lengthMm() * i / 200))).isCloseTo(inset, within(0.2));
    }
    // closed: a length further on it is where it was
    assertThat(path.at(path.lengthMm() + 17).distanceMm(path.at(17))).isLessThan(1e-6);
  }

  private static PolygonOutline any(Random dice) {
    int n = 3 + dice.nextInt(6);
    List<Point> points = new ArrayList<>();
    for (int k = 0; k < n; k++) {
      double a = 2 * Math.PI * (k + dice.nextDouble() * 0.6) / n;
      points.add(new Point(500 + 431.7 * Math.cos(a), 400 + 317.3 * Math.sin(a)));
    }
    return new PolygonOutline(points);
  }

  /** The bend at a corner from the lines' own vectors. */
  private static double bend(Point before, Point at, Point after) {
    double ax = at.xMm() - before.xMm();
    double ay = at.yMm() - before.yMm();
    double bx = after.xMm() - at.xMm();
    double by = after.yMm() - at.yMm();
    return Math.toDegrees(Math.atan2(ax * by - ay * bx, ax * bx + ay * by));
  }

  /** On the edge itself they are the outline's own sides, each with the bend it begins with. */
  @Test
  void theSidesOfTheEdgeAreTheOutlines() {
    Random dice = new Random(1807);
    int bends = 0;
    for (int i = 0; i < 300; i++) {
      PolygonOutline outline = any(dice);
      List<Point> corners = outline.points();
      int n = corners.size();
      List<Insets.Side> sides = Insets.sides(Insets.ring(outline, 0).orElseThrow());
      Point first = sides.getFirst().path().at(0);
      int begin = 0;
      for (int k = 0; k < n; k++) {
        double bend = bend(corners.get((k + n - 1) % n), corners.get(k), corners.get((k + 1) % n));
        if (Math.abs(bend) > 20) {
          assertThat(first.xMm() + first.yMm())
              .isLessThanOrEqualTo(corners.get(k).xMm() + corners.get(k).yMm() + 1e-9);
          bends++;
        }
        begin = first.distanceMm(corners.get(k)) < 1e-9 ? k : begin;
      }
      double all = 0;
      int at = begin;
      for (Insets.Side side : sides) {
        assertThat(side.path().at(0).distanceMm(corners.get(at % n))).isLessThan(1e-9);
        double bend =
            bend(corners.get((at + n - 1) % n), corners.get(at % n), corners.get((at + 1) % n));
        assertThat(side.cornerDeg()).isCloseTo(bend, within(1e-6));
        double left = side.path().lengthMm();
        while (left > 1e-6) {
          left -= corners.get(at % n).distanceMm(corners.get((at + 1) % n));
          at++;
        }
        assertThat(left).isCloseTo(0, within(1e-6));
        all += side.path().lengthMm();
      }
      assertThat(all).isCloseTo(outline.edgeMm(), within(1e-6));
      assertThat(at).isEqualTo(begin + n);
    }
    assertThat(bends).isGreaterThan(500);
  }

  @Test
  void aCornerToTheLeftBendsTheOtherWay() {
    List<Insets.Side> sides = Insets.sides(Insets.ring(STEPPED, 20).orElseThrow());
    assertThat(sides)
        .extracting(s -> (double) Math.round(s.cornerDeg()))
        .containsExactly(90.0, 90.0, 90.0, -90.0, 90.0, 90.0);
    // in the inner corner the line is shorter by nothing, in the others by twice the distance
    assertThat(sides)
        .extracting(s -> Math.round(s.path().lengthMm() * 10) / 10.0)
        .containsExactly(571.3, 167.9, 309.2, 225.8, 262.1, 393.7);
  }

  /** A drop has one corner, and one side from there all round. */
  @Test
  void aLineWithOneCornerIsOneSide() {
    List<Point> drop = new ArrayList<>();
    drop.add(new Point(200, 0));
    for (int deg = -30; deg <= 210; deg += 6) {
      double a = Math.toRadians(deg);
      drop.add(new Point(200 + 100 * Math.cos(a), 200 + 100 * Math.sin(a)));
    }
    Outline outline = new PolygonOutline(drop);
    List<Insets.Side> sides = Insets.sides(Insets.ring(outline, 0).orElseThrow());
    assertThat(sides).hasSize(1);
    assertThat(sides.getFirst().path().lengthMm()).isCloseTo(outline.edgeMm(), within(1e-6));
    assertThat(sides.getFirst().path().at(0).yMm()).isCloseTo(0, within(1e-9));
  }

  @Test
  void aRoundLineHasNoSides() {
    assertThat(Insets.sides(Insets.ring(new OvalOutline(400, 300), 10).orElseThrow())).isEmpty();
  }

  /** Above the middle, at the top, and to the right from there, once round. */
  @Test
  void allRoundBeginsAboveTheMiddleAndGoesRight() {
    Random dice = new Random(1808);
    for (int i = 0; i < 200; i++) {
      PolygonOutline outline = any(dice);
      Path path = Insets.allRound(outline, 0).orElseThrow();
      double middle = outline.widthMm() / 2;
      Point start = path.at(0);
      assertThat(start.xMm()).isCloseTo(middle, within(1e-9));
      assertThat(path.at(0.5).xMm()).isGreaterThan(middle);
      assertThat(path.lengthMm()).isCloseTo(outline.edgeMm(), within(1e-6));
      for (int k = 0; k < 400; k++) {
        Point p = path.at(path.lengthMm() * k / 400);
        assertThat(Math.abs(p.xMm() - middle) > 0.1 || p.yMm() > start.yMm() - 0.3).isTrue();
      }
      assertThat(path.strokes()).allSatisfy(s -> assertThat(s.lengthMm()).isGreaterThan(1e-9));
    }
  }

  /** Where it comes by the middle more than once, it is the topmost. */
  @Test
  void ofTwoArmsTheUpperOneIsBegunOn() {
    Outline clasp =
        new PolygonOutline(
            List.of(
                new Point(0, 0),
                new Point(400, 0),
                new Point(400, 90),
                new Point(100, 90),
                new Point(100, 210),
                new Point(400, 210),
                new Point(400, 300),
                new Point(0, 300)));
    assertThat(Insets.allRound(clasp, 17).orElseThrow().at(0).yMm()).isCloseTo(17, within(1e-6));
    List<Point> turned = new ArrayList<>();
    for (Point p : ((PolygonOutline) clasp).points()) {
      turned.add(new Point(p.xMm(), 300 - p.yMm()));
    }
    assertThat(Insets.allRound(new PolygonOutline(turned), 17).orElseThrow().at(0).yMm())
        .isCloseTo(17, within(1e-6));
  }

  /** It begins on a corner that stands in the middle, without a stroke of no length. */
  @Test
  void aGableBeginsAtItsTop() {
    Outline gable =
        new PolygonOutline(List.of(new Point(150, 0), new Point(300, 210), new Point(0, 210)));
    Path path = Insets.allRound(gable, 0).orElseThrow();
    assertThat(path.at(0)).isEqualTo(new Point(150, 0));
    assertThat(path.strokes()).hasSize(3);
  }

  @Test
  void anHourglassKeepsTheLargerOfItsParts() {
    Outline hourglass =
        new PolygonOutline(
            List.of(
                new Point(0, 0),
                new Point(300, 0),
                new Point(170, 200),
                new Point(340, 480),
                new Point(-40, 480),
                new Point(130, 200)));
    List<Point> ring = Insets.ring(hourglass, 30).orElseThrow();
    assertThat(ring).allSatisfy(p -> assertThat(p.yMm()).isGreaterThan(200));
  }

  @Test
  void noLineLiesFartherInThanTheFaceReaches() {
    assertThat(Insets.ring(new RectangleOutline(300, 211.7), 105.8)).isPresent();
    assertThat(Insets.ring(new RectangleOutline(300, 211.7), 105.9)).isEmpty();
    assertThat(Insets.allRound(new RectangleOutline(300, 211.7), 105.9)).isEmpty();
  }
}
