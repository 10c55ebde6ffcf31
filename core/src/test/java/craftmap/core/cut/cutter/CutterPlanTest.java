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
import org.junit.jupiter.params.provider.CsvSource;
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

  private static CutterSheet plain(double width, double height) {
    return new CutterSheet(
        "fern", disc(width / 2, height / 2, 12), Optional.of(new Box(0, 0, width, height)));
  }

  /** What is just as large as the blade reaches is cut in one, either way round. */
  @Test
  void aSheetIsDividedOnlyWhereItIsLargerThanTheBladeReaches() {
    assertThat(CutterPlan.of(List.of(plain(295, 600)), MAT, false).tiles()).isZero();
    assertThat(CutterPlan.of(List.of(plain(600, 295)), MAT, false).tiles()).isZero();
    assertThat(CutterPlan.of(List.of(plain(295.1, 600)), MAT, false).tiles()).isEqualTo(2);
    assertThat(CutterPlan.of(List.of(plain(590, 600)), MAT, false).tiles()).isEqualTo(2);
    assertThat(CutterPlan.of(List.of(plain(885, 1200)), MAT, false).tiles()).isEqualTo(6);
    // three lengths across would be six, turned it is four
    assertThat(CutterPlan.of(List.of(plain(1200, 590)), MAT, false).tiles()).isEqualTo(4);
  }

  /** Wherever on its own sheet it lies, it is cut at the same place of the mat. */
  @Test
  void whereASheetBeginsMakesNoDifference() {
    for (double height : new double[] {190, 700}) {
      CutterPlan plan = CutterPlan.of(List.of(plain(280, height)), MAT, false);
      Geometry moved = disc(140 + 137.7, height / 2 - 88.1, 12);
      Box edge = new Box(137.7, -88.1, 280, height);
      CutterPlan other =
          CutterPlan.of(List.of(new CutterSheet("fern", moved, Optional.of(edge))), MAT, false);
      assertThat(other.mats()).hasSameSizeAs(plan.mats());
      for (int m = 0; m < plan.mats().size(); m++) {
        List<CutterPath> paths = plan.mats().get(m).paths();
        List<CutterPath> others = other.mats().get(m).paths();
        assertThat(others).hasSameSizeAs(paths);
        for (int i = 0; i < paths.size(); i++) {
          assertThat(others.get(i).start().distanceMm(paths.get(i).start())).isLessThan(1e-6);
          assertThat(others.get(i).lengthMm()).isCloseTo(paths.get(i).lengthMm(), within(1e-6));
        }
      }
    }
  }

  /** Of two tiles no one has the name of another, be there more than letters. */
  @Test
  void everyTileHasANameOfItsOwn() {
    CutterPlan strip = CutterPlan.of(List.of(plain(250, 17_850)), MAT, false);
    assertThat(strip.tiles()).isEqualTo(30);
    List<String> names = strip.mats().stream().flatMap(m -> m.names().stream()).toList();
    assertThat(names)
        .hasSize(30)
        .doesNotHaveDuplicates()
        .contains("fern A1", "fern Z1", "fern AA1", "fern AD1");
  }

  /** Where nothing is cut out no tile is, unless the sheet itself is cut to size. */
  @Test
  void anEmptyTileIsNotCut() {
    Geometry apart = Planar.union(List.of(disc(30, 30, 12), disc(30, 1500, 12)));
    CutterPlan loose =
        CutterPlan.of(List.of(new CutterSheet("gulls", apart, Optional.empty())), MAT, false);
    assertThat(loose.tiles()).isEqualTo(2);
    Box sheet = new Box(0, 0, 60, 1560);
    CutterPlan sized =
        CutterPlan.of(List.of(new CutterSheet("gulls", apart, Optional.of(sheet))), MAT, false);
    assertThat(sized.tiles()).isEqualTo(3);
  }

  /** Turned, it is turned, and not seen in a mirror. */
  @Test
  void whatIsTurnedIsNotMirrored() {
    Geometry sail =
        GEOMETRY.createPolygon(
            new Coordinate[] {
              new Coordinate(10, 10),
              new Coordinate(510, 30),
              new Coordinate(90, 170),
              new Coordinate(10, 10)
            });
    CutterSheet sheet = new CutterSheet("sail", sail, Optional.of(new Box(0, 0, 560, 190)));
    CutterPlan plan = CutterPlan.of(List.of(sheet), MAT, false);
    CutterPath cut = plan.mats().getFirst().paths().getFirst();
    List<Point> c = cut.points().subList(0, 3);
    int longest = 0;
    for (int i = 1; i < 3; i++) {
      if (side(c, i) > side(c, longest)) {
        longest = i;
      }
    }
    assertThat(side(c, longest)).isCloseTo(Math.hypot(500, 20), within(0.05));
    Point a = c.get(longest);
    Point b = c.get((longest + 1) % 3);
    Point tip = c.get((longest + 2) % 3);
    Point from = tip.distanceMm(a) < tip.distanceMm(b) ? a : b;
    Point to = from.equals(a) ? b : a;
    // from the end that is nearer to the tip, the tip lies to the right, as it was drawn
    double right =
        (to.xMm() - from.xMm()) * (tip.yMm() - from.yMm())
            - (to.yMm() - from.yMm()) * (tip.xMm() - from.xMm());
    assertThat(right).isPositive();
    assertThat(Math.abs(to.yMm() - from.yMm())).as("it lies along the mat").isGreaterThan(490);
    // and where it lay on its sheet
    Geometry edge = area(plan.mats().getFirst().paths().getLast());
    assertThat(edge.distance(GEOMETRY.createPoint(new Coordinate(from.xMm(), from.yMm()))))
        .isZero();
    assertThat(edge.getBoundary().distance(area(cut))).isCloseTo(10, within(0.05));
  }

  private static double side(List<Point> corners, int i) {
    return corners.get(i).distanceMm(corners.get((i + 1) % 3));
  }

  /** How far the blade goes is the length of all lines. */
  @Test
  void theBladeGoesAsFarAsTheLinesAreLong() {
    CutterPlan.Mat mat = CutterPlan.of(List.of(plain(200, 100)), MAT, false).mats().getFirst();
    assertThat(mat.cutMm()).isCloseTo(600 + 2 * Math.PI * 12, within(0.5));
  }

  @ParameterizedTest
  @CsvSource({"60, 60, true", "59.9, 60, false", "60, 59.9, false", "20000, 60, true"})
  void aMatIsAtLeastSixtyMillimetresEachWay(double width, double height, boolean holds) {
    try {
      assertThat(new CutterMat(width, height).usable())
          .isEqualTo(new Box(5, 5, width - 10, height - 10));
      assertThat(holds).isTrue();
    } catch (RefusedInput refused) {
      assertThat(holds).isFalse();
    }
  }

  /** Each line begins at the corner that is nearest to where the blade was, the next line first. */
  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23})
  void theBladeGoesToTheNearestLineThatMayCome(long seed) {
    List<CutterPath> paths =
        CutterPlan.of(List.of(sheet(new Random(seed), 250, 230, true)), MAT, false)
            .mats()
            .getFirst()
            .paths();
    List<Polygon> areas = paths.stream().map(CutterPlanTest::area).toList();
    Point at = new Point(0, 0);
    for (int i = 0; i < paths.size(); i++) {
      Point here = at;
      CutterPath next = paths.get(i);
      assertThat(next.points())
          .allSatisfy(
              p ->
                  assertThat(next.start().distanceMm(here))
                      .isLessThanOrEqualTo(p.distanceMm(here) + 1e-9));
      double far = toBox(areas.get(i), at);
      long around = 0;
      for (int k = 0; k < paths.size(); k++) {
        int other = k;
        boolean isInside = k != i && areas.get(k).contains(areas.get(i));
        around += isInside ? 1 : 0;
        boolean waits =
            areas.subList(i, areas.size()).stream()
                .anyMatch(a -> a != areas.get(other) && areas.get(other).contains(a));
        if (k > i && !waits) {
          assertThat(toBox(areas.get(k), at)).isGreaterThanOrEqualTo(far - 1e-9);
        }
      }
      assertThat((long) next.depth()).isEqualTo(around);
      at = next.start();
    }
  }

  private static double toBox(Polygon area, Point at) {
    return area.getEnvelope().distance(GEOMETRY.createPoint(new Coordinate(at.xMm(), at.yMm())));
  }
}
