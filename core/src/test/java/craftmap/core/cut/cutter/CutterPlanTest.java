package craftmap.core.cut.cutter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class CutterPlanTest {
  private static final CutterMat MAT = new CutterMat(305, 610);
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private static Polygon disc(double x, double y, double radius) {
    return (Polygon) GEOMETRY.createPoint(new Coordinate(x, y)).buffer(radius, 16);
  }

  /** Rings like the letter O, and discs, scattered over a sheet. */
  private static CutterSheet sheet(Random random, double width, double height, boolean edge) {
    List<Geometry> shapes = new ArrayList<>();
    for (double y = 20; y < height - 20; y += 40) {
      for (double x = 20; x < width - 20; x += 40) {
        double r = 6 + random.nextInt(10);
        Geometry outer = disc(x, y, r);
        shapes.add(random.nextBoolean() ? outer.difference(disc(x, y, r / 2)) : outer);
      }
    }
    return new CutterSheet(
        "sheet",
        Planar.union(shapes),
        edge ? Optional.of(new Box(0, 0, width, height)) : Optional.empty());
  }

  private static Polygon area(CutterPath path) {
    return GEOMETRY.createPolygon(
        path.points().stream()
            .map(p -> new Coordinate(p.xMm(), p.yMm()))
            .toArray(Coordinate[]::new));
  }

  private static void isSound(CutterPlan plan) {
    for (CutterPlan.Mat mat : plan.mats()) {
      List<Polygon> areas = mat.paths().stream().map(CutterPlanTest::area).toList();
      for (int i = 0; i < areas.size(); i++) {
        for (Point p : mat.paths().get(i).points()) {
          assertThat(p.xMm()).isBetween(CutterMat.MARGIN_MM - 0.05, plan.mat().widthMm() - 4.95);
          assertThat(p.yMm()).isBetween(CutterMat.MARGIN_MM - 0.05, plan.mat().heightMm() - 4.95);
        }
        for (int before = 0; before < i; before++) {
          assertThat(areas.get(before).contains(areas.get(i)))
              .as("what is around is cut after what lies inside")
              .isFalse();
        }
      }
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void insideIsCutBeforeOutsideAndNothingLeavesTheMat(long seed) {
    CutterPlan plan = CutterPlan.of(List.of(sheet(new Random(seed), 240, 200, true)), MAT, false);
    isSound(plan);
    assertThat(plan.mats()).hasSize(1);
    assertThat(plan.tiles()).isZero();
    assertThat(plan.mats().getFirst().paths().getLast().depth()).as("the edge is last").isZero();
  }

  @Test
  void aSheetLargerThanTheMatIsCutInTilesThatMakeUpTheWhole() {
    CutterSheet large = sheet(new Random(4), 700, 500, true);
    CutterPlan plan = CutterPlan.of(List.of(large), MAT, false);
    isSound(plan);
    assertThat(plan.tiles()).isGreaterThan(1);
    assertThat(plan.mats().size()).isGreaterThan(1);
    double edges = 0;
    double cutOut = 0;
    for (CutterPlan.Mat mat : plan.mats()) {
      for (CutterPath path : mat.paths()) {
        double area = area(path).getArea();
        if (path.depth() == 0) {
          edges += area;
        } else {
          cutOut += path.depth() % 2 == 1 ? area : -area;
        }
      }
    }
    assertThat(edges).as("the tiles").isCloseTo(700.0 * 500, within(1.0));
    assertThat(cutOut).as("what comes out").isCloseTo(large.cutOut().getArea(), within(60.0));
  }

  @Test
  void longSheetsLieAlongTheMatAndSmallOnesShareOne() {
    CutterSheet wide = sheet(new Random(5), 560, 120, true);
    CutterPlan plan =
        CutterPlan.of(List.of(wide, sheet(new Random(6), 200, 120, true)), MAT, false);
    isSound(plan);
    assertThat(plan.tiles()).as("turned, it fits in one piece").isZero();
    assertThat(plan.mats()).hasSize(1);
    assertThat(plan.mats().getFirst().names()).hasSize(2);
  }

  @Test
  void weedingBoxesAreClosedAndGoAroundWhatIsCutOut() {
    CutterSheet letters = sheet(new Random(7), 200, 60, false);
    int without = CutterPlan.of(List.of(letters), MAT, false).mats().getFirst().paths().size();
    CutterPlan plan = CutterPlan.of(List.of(letters), MAT, true);
    isSound(plan);
    assertThat(plan.mats().getFirst().paths().size()).isGreaterThan(without + 1);
    // no box runs through a letter
    for (CutterPath box : plan.mats().getFirst().paths()) {
      Geometry line = area(box).getBoundary();
      for (CutterPath other : plan.mats().getFirst().paths()) {
        if (other != box) {
          assertThat(line.crosses(area(other).buffer(-0.05))).isFalse();
        }
      }
    }
  }

  /** Reads a plotter file by itself: where the blade is down, in millimetres. */
  private static List<List<Point>> readBack(String file, double matHeight) {
    assertThat(file).startsWith("IN;").endsWith("PU0,0;SP0;\n");
    List<List<Point>> strokes = new ArrayList<>();
    Point at = null;
    Matcher command = Pattern.compile("(PU|PD)([-0-9,]*);").matcher(file);
    while (command.find()) {
      String[] n = command.group(2).split(",");
      List<Point> points = new ArrayList<>();
      for (int i = 0; i + 1 < n.length; i += 2) {
        points.add(
            new Point(
                Integer.parseInt(n[i]) / 40.0, matHeight - Integer.parseInt(n[i + 1]) / 40.0));
      }
      if (command.group(1).equals("PD")) {
        points.addFirst(at);
        strokes.add(points);
      }
      at = points.getLast();
    }
    return strokes;
  }

  @Test
  void thePlotterFileSaysTheSameToAFortiethOfAMillimetre() {
    CutterPlan plan = CutterPlan.of(List.of(sheet(new Random(8), 240, 200, true)), MAT, false);
    List<CutterPath> paths = plan.mats().getFirst().paths();
    List<List<Point>> strokes = readBack(PlotterFile.of(MAT, paths), 610);
    assertThat(strokes).hasSameSizeAs(paths);
    for (int i = 0; i < paths.size(); i++) {
      assertThat(strokes.get(i).getFirst()).as("closed").isEqualTo(strokes.get(i).getLast());
      for (Point p : paths.get(i).points()) {
        assertThat(strokes.get(i)).anyMatch(s -> s.distanceMm(p) < 0.02);
      }
    }
  }

  @Test
  void aMatTooSmallToHoldAnythingIsRefused() {
    assertThatThrownBy(() -> new CutterMat(20, 300))
        .isInstanceOf(RefusedInput.class)
        .hasMessageStartingWith("mat ");
  }
}
