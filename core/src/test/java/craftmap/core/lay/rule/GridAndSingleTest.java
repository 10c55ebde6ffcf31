package craftmap.core.lay.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Prints;
import craftmap.core.design.Shapes;
import craftmap.core.design.Stencil;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.field.Grid;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.lay.rule.single.Single;
import craftmap.core.lay.rule.single.Stand;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Face;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class GridAndSingleTest {
  private static final Box PLATE = new Box(280, 180, 40, 40);
  private static final Stencil TILE = Shapes.block(60, 40, 90, 70);

  private static Grid grid(Grid.Pattern pattern, double gap, Grid.Cut cut) {
    return new Grid(pattern, new RunWish(gap, 0, 0.2), gap, Grid.Quarter.NOT_TURNED, cut);
  }

  @Test
  void allFourCentringsAreOfferedAndCountWholesAndParts() {
    List<LayOption> options =
        Bench.lay(
            grid(Grid.Pattern.STRAIGHT, 20, Grid.Cut.CUT_AT_THE_EDGE),
            new RectangleOutline(500, 300),
            TILE);
    assertThat(options)
        .extracting(o -> o.arrangement().way())
        .contains(
            Way.InGrid.GRID_MOTIF_MOTIF,
            Way.InGrid.GRID_GAP_MOTIF,
            Way.InGrid.GRID_MOTIF_GAP,
            Way.InGrid.GRID_GAP_GAP);
    LayOption motif =
        options.stream()
            .filter(o -> o.arrangement().way() == Way.InGrid.GRID_MOTIF_MOTIF)
            .findFirst()
            .orElseThrow();
    // across: middles at 250 - 80 k, whole from 30 to 470: 5 whole, and one part at each end;
    // down: middles at 150 - 60 k, whole from 20 to 280: 5 whole, no part shows
    GridPattern counts = (GridPattern) motif.arrangement();
    assertThat(counts.columns()).isEqualTo(7);
    assertThat(counts.rows()).isEqualTo(5);
    assertThat(counts.wholes()).isEqualTo(25);
    assertThat(counts.parts()).isEqualTo(10);
    double cut = motif.items().stream().mapToDouble(Item::share).min().orElseThrow();
    assertThat(cut).isCloseTo((250 - 240 + 30) / 60.0, within(1e-9));
  }

  /**
   * Over seeded shifts: a copy lies where one lay, moved by the shift, and no place is left out.
   */
  @Test
  void aPatternIsShiftedAsAWholeAndStillCoversTheFace() {
    Random random = new Random(20_261_203);
    Grid plain = grid(Grid.Pattern.HALF_DROP, 17.3, Grid.Cut.CUT_AT_THE_EDGE);
    for (int k = 0; k < 40; k++) {
      Point by = new Point(random.nextDouble() * 300 - 150, random.nextDouble() * 300 - 150);
      Grid shifted =
          new Grid(plain.pattern(), plain.across(), plain.downMm(), plain.turn(), plain.cut(), by);
      Point before = motifOnMotif(plain).items().getFirst().centre();
      List<Item> items = motifOnMotif(shifted).items();
      double pitchX = 2 * (60 + 17.3);
      double pitchY = 40 + 17.3;
      for (Item item : items) {
        double dx = (item.centre().xMm() - before.xMm() - by.xMm()) / (pitchX / 2);
        assertThat(dx - Math.rint(dx)).isCloseTo(0, within(1e-9));
      }
      // a rectangle is covered alike wherever the pattern begins, but for what its edges cut
      double shown = items.stream().mapToDouble(Item::share).sum() * 60 * 40;
      assertThat(shown / (500 * 300)).isCloseTo(60 * 40 / (pitchX / 2 * pitchY), within(0.09));
    }
    assertThat(((Grid) plain.note().read())).isEqualTo(plain);
  }

  private static LayOption motifOnMotif(Grid grid) {
    return Bench.lay(grid, new RectangleOutline(500, 300), TILE).stream()
        .filter(o -> o.arrangement().way() == Way.InGrid.GRID_MOTIF_MOTIF)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void spreadFillsTheFaceWithWholeCopiesAndEqualEnds() {
    LayOption spread =
        Bench.lay(
                grid(Grid.Pattern.STRAIGHT, 20, Grid.Cut.CUT_AT_THE_EDGE),
                new RectangleOutline(500, 300),
                TILE)
            .stream()
            .filter(o -> o.arrangement().way() == Way.InGrid.GRID_SPREAD)
            .findFirst()
            .orElseThrow();
    GridPattern grid = (GridPattern) spread.arrangement();
    assertThat(spread.items()).allMatch(Item::isWhole);
    assertThat(grid.gapAcrossMm()).isCloseTo((500 - 6 * 60) / 7.0, within(1e-9));
    Item first = spread.items().getFirst();
    assertThat(first.box().around().leftMm()).isCloseTo(grid.gapAcrossMm(), within(1e-9));
  }

  @Test
  void halfDropShiftsEveryOtherColumnByHalfAStep() {
    LayOption drop =
        Bench.lay(
                grid(Grid.Pattern.HALF_DROP, 20, Grid.Cut.LEFT_OUT),
                new RectangleOutline(500, 400),
                TILE)
            .getFirst();
    List<Double> heights =
        drop.items().stream().map(i -> i.centre().yMm()).distinct().sorted().toList();
    assertThat(drop.items()).allMatch(Item::isWhole);
    assertThat(heights.get(1) - heights.get(0)).isCloseTo(30, within(1e-9));
    assertThat(Bench.apart(drop.items())).isTrue();
  }

  @Test
  void aGridKeepsOffKeepOutsAndGoesAroundWhatIsLaid() {
    Face face = Bench.face(new RectangleOutline(600, 400), Bench.plate(PLATE));
    Item wreath = Item.whole(TILE, craftmap.core.lay.Placement.at(new Point(100, 100)), false);
    Room room = Room.on(face, TILE.kind()).around(List.of(wreath), 15);
    LayAnswer answer =
        grid(Grid.Pattern.BRICK, 10, Grid.Cut.CUT_AT_THE_EDGE).lay(new Laying(room, TILE));
    for (LayOption option : ((LayAnswer.Options) answer).ranked()) {
      for (Item item : option.items()) {
        var print = item.print();
        assertThat(print.intersection(Planar.polygon(PLATE)).getArea()).isLessThan(1e-6);
        assertThat(print.distance(wreath.print())).isGreaterThanOrEqualTo(15);
      }
    }
  }

  @Test
  void aSingleCopyStandsOnTheMiddleTheOpticalMiddleAndTheThirds() {
    List<LayOption> options =
        Bench.lay(
            new Single(Optional.empty(), 0, false, 1, false), new RectangleOutline(600, 400), TILE);
    assertThat(options.getFirst().items().getFirst().centre()).isEqualTo(new Point(300, 200));
    assertThat(options)
        .extracting(o -> o.items().getFirst().centre().xMm())
        .contains(200.0, 300.0, 400.0);
  }

  @Test
  void whatCannotBeTurnedOverIsNotAndACopyOverTheEdgeIsCut() {
    LayOption put =
        Bench.lay(
                new Single(Optional.of(new Point(10, 200)), 0, true, 2, false),
                new RectangleOutline(600, 400),
                TILE)
            .stream()
            .filter(o -> o.arrangement().way() == Way.Alone.STAND_PLACED)
            .findFirst()
            .orElseThrow();
    Item item = put.items().getFirst();
    assertThat(item.at().scale()).isEqualTo(1); // a plain stencil is not scaled
    assertThat(item.at().mirrored()).isTrue();
    assertThat(item.share()).isCloseTo(40 / 60.0, within(1e-9));
  }

  @Test
  void slidingHidesTheBurnThatTheMiddleLeavesBare() {
    Marks burn =
        new Marks(
            List.of(),
            List.of(),
            List.of(),
            List.of(Blemish.of("b", 1, "burn", new Point(400, 120), 14)),
            List.of());
    Face face = Bench.face(new RectangleOutline(600, 400), burn);
    LayOption covering =
        Bench.lay(new Single(Optional.empty(), 0, false, 1, true), face, TILE).stream()
            .filter(o -> o.arrangement().way() == Way.Alone.STAND_COVERING)
            .findFirst()
            .orElse(null);
    // across alone or down alone hides nothing from the middle: nothing is gained by sliding
    assertThat(covering).isNull();
    Face near =
        Bench.face(
            new RectangleOutline(600, 400),
            new Marks(
                List.of(),
                List.of(),
                List.of(),
                List.of(Blemish.of("b", 1, "burn", new Point(360, 210), 14)),
                List.of()));
    LayOption slid =
        Bench.lay(new Single(Optional.empty(), 0, false, 1, true), near, TILE).stream()
            .filter(o -> o.arrangement().way() == Way.Alone.STAND_COVERING)
            .findFirst()
            .orElseThrow();
    assertThat(craftmap.core.lay.BlemishCover.of(near.blemishes().getFirst(), slid.items()).state())
        .isEqualTo(craftmap.core.lay.BlemishCover.State.COVERED);
    assertThat(slid.items().getFirst().centre().xMm()).isBetween(335.0, 345.0);
  }

  @Test
  void onARoundTopTheEmptyCornersOfABoxMayReachOverTheRim() {
    var disc = OvalOutline.circle(300);
    List<LayOption> options =
        Bench.lay(
            new Single(Optional.of(new Point(150, 40)), 0, false, 1, false),
            disc,
            Shapes.block(60, 40, 90, 70));
    Item item =
        options.stream()
            .filter(o -> o.arrangement().way() == Way.Alone.STAND_PLACED)
            .findFirst()
            .orElseThrow()
            .items()
            .getFirst();
    assertThat(item.isWhole()).isTrue();
  }

  @Test
  void whereAMotifCanShowWholeOneThatCutsThemAllIsNotTheBest() {
    // a motif more than half as large as the face
    for (double[] face : new double[][] {{390, 260}, {452.5, 301.7}, {610, 388}}) {
      Stencil big = Shapes.block(170, 110, 240, 180);
      Grid grid =
          new Grid(
              Grid.Pattern.STRAIGHT,
              new RunWish(20, 0, 0.15),
              20,
              Grid.Quarter.NOT_TURNED,
              Grid.Cut.CUT_AT_THE_EDGE);
      List<GridPattern> ranked =
          Bench.lay(grid, new RectangleOutline(face[0], face[1]), big).stream()
              .map(o -> (GridPattern) o.arrangement())
              .toList();
      if (ranked.stream().anyMatch(g -> g.wholes() > 0)) {
        assertThat(ranked.getFirst().wholes()).isPositive();
      }
      int lastWhole = -1;
      for (int k = 0; k < ranked.size(); k++) {
        lastWhole = ranked.get(k).wholes() > 0 ? k : lastWhole;
      }
      for (int k = 0; k < lastWhole; k++) {
        assertThat(ranked.get(k).wholes()).isPositive();
      }
    }
  }

  @Test
  void aDiscForALidIsCutWhereTheNamedPartShowsWhole() {
    Design gulls =
        Prints.paper(
            500,
            700,
            Prints.motif("gull", 5, 40, 520, 90, 70),
            Prints.motif("shell", 2, 300, 60, 60, 60));
    List<LayOption> options =
        Bench.lay(new Single(Optional.empty(), 0, false, 1, false), OvalOutline.circle(160), gulls);
    Stand best = (Stand) options.getFirst().arrangement();
    assertThat(best.way()).isEqualTo(Way.Alone.STAND_ON_MOTIF);
    assertThat(best.spoilt()).extracting(MotifBox::name).doesNotContain("gull");
    // the middle of the sheet shows neither
    Stand centre =
        options.stream()
            .map(o -> (Stand) o.arrangement())
            .filter(s -> s.way() == Way.Alone.STAND_CENTRE)
            .findFirst()
            .orElseThrow();
    assertThat(centre.spoilt()).extracting(MotifBox::name).contains("gull");
  }
}
