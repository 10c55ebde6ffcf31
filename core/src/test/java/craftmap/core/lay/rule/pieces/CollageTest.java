package craftmap.core.lay.rule.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Prints;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.Fronts;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Way;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CollageTest {
  private static final MotifBox FACE = Prints.motif("face", 5, 30, 20, 40, 50);

  private static List<Design> photos(int n) {
    List<Design> photos = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      photos.add(i % 3 == 0 ? Prints.cutOut(150, 100) : Prints.cutOut(100, 140, FACE));
    }
    return photos;
  }

  private static List<LayOption> lay(Collage rule, Outline outline, List<Design> pieces) {
    Room room = Room.on(Bench.face(outline, Marks.NONE), pieces.getFirst().kind());
    LayAnswer answer =
        rule.lay(
            new Laying(
                room,
                Optional.of(pieces.getFirst()),
                Optional.empty(),
                pieces.subList(1, pieces.size()),
                Fronts.alone(room)));
    return answer instanceof LayAnswer.Options o ? o.ranked() : List.of();
  }

  private static Collage gap(double mm, int seed) {
    return new Collage(Collage.Spacing.GAP, mm, 10, 0, seed);
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4})
  void piecesKeepTheirGapAndTheMargin(int seed) {
    Outline top = new RectangleOutline(600, 500);
    List<LayOption> options = lay(gap(8, seed), top, photos(9));
    assertThat(options).isNotEmpty();
    for (LayOption option : options) {
      assertThat(option.items()).hasSize(9);
      for (int i = 0; i < 9; i++) {
        Box a = option.items().get(i).visible();
        assertThat(a.leftMm()).isGreaterThanOrEqualTo(10 - 1e-6);
        assertThat(a.bottomMm()).isLessThanOrEqualTo(490 + 1e-6);
        for (int k = 0; k < i; k++) {
          assertThat(a.distanceMm(option.items().get(k).visible())).isGreaterThan(7);
        }
      }
    }
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(ints = {11, 12, 13})
  void roundOnesAreSpacedByTheirCurvesAndLieCloserThanTheirBoxesWould(int seed) {
    List<Design> rounds = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      rounds.add(Prints.roundCutOut(i % 2 == 0 ? 97.3 : 71.9));
    }
    int closer = 0;
    for (LayOption option : lay(gap(6.4, seed), new RectangleOutline(411.7, 303.1), rounds)) {
      CollageSet set = (CollageSet) option.arrangement();
      List<Item> items = option.items();
      double least = Double.POSITIVE_INFINITY;
      for (int i = 0; i < items.size(); i++) {
        for (int k = 0; k < i; k++) {
          double radii = (items.get(i).box().widthMm() + items.get(k).box().widthMm()) / 2;
          double gap = items.get(i).centre().distanceMm(items.get(k).centre()) - radii;
          least = Math.min(least, gap);
          closer +=
              items.get(i).box().around().distanceMm(items.get(k).box().around()) < 6.3 ? 1 : 0;
        }
      }
      assertThat(set.leastGapMm()).isCloseTo(least, within(1e-3));
      assertThat(least).isGreaterThan(6.4 - 1);
    }
    assertThat(closer).as("neighbours across a corner").isPositive();
  }

  @Tag("thorough")
  @Test
  void theUnionIsTheFaceLessTheGroundThatIsLeft() {
    for (LayOption option :
        lay(
            new Collage(Collage.Spacing.OVERLAP, 30, 0, 8, 3),
            OvalOutline.circle(500),
            photos(12))) {
      CollageSet set = (CollageSet) option.arrangement();
      double union =
          Planar.union(option.items().stream().map(Item::visibleArea).toList()).getArea();
      double free = OvalOutline.circle(500).region().getArea();
      assertThat(set.unionMm2()).isCloseTo(union, within(1e-6));
      assertThat(set.unionMm2() + set.groundShare() * free).isCloseTo(free, within(1e-3));
    }
  }

  /** Over seeded faces and photos: further apart than in rows, still all on the face. */
  @Tag("thorough")
  @Test
  void spreadTheyLieAsFarApartAsTheFaceAllows() {
    java.util.Random random = new java.util.Random(24);
    for (int k = 0; k < 12; k++) {
      double w = 480 + random.nextDouble() * 500;
      double h = 420 + random.nextDouble() * 400;
      int n = 2 + random.nextInt(9);
      List<LayOption> options = lay(gap(3.7, k), new RectangleOutline(w, h), photos(n));
      LayOption spread =
          options.stream()
              .filter(o -> o.arrangement().way() == Way.Hung.COLLAGE_SPREAD)
              .findFirst()
              .orElseThrow();
      double gap = ((CollageSet) spread.arrangement()).leastGapMm();
      assertThat(spread.items()).hasSize(n).allMatch(Item::isWhole);
      options.stream()
          .filter(o -> o.arrangement().way() == Way.Hung.COLLAGE_IN_ROWS)
          .forEach(
              o ->
                  assertThat(gap)
                      .isGreaterThanOrEqualTo(((CollageSet) o.arrangement()).leastGapMm() - 1e-6));
      for (Item item : spread.items()) {
        assertThat(item.visible().leftMm()).isGreaterThanOrEqualTo(10 - 1e-6);
        assertThat(item.visible().rightMm()).isLessThanOrEqualTo(w - 10 + 1e-6);
        assertThat(item.visible().bottomMm()).isLessThanOrEqualTo(h - 10 + 1e-6);
      }
    }
  }

  /** A round top has no rows to begin with: twenty-five photos are spread over all of it. */
  @Tag("thorough")
  @Test
  void onARoundTopTheyAreSpreadAsWell() {
    for (int n : new int[] {5, 13, 25}) {
      LayOption spread =
          lay(
                  gap(6.1, 1),
                  OvalOutline.circle(900),
                  Collections.nCopies(n, Prints.cutOut(85.3, 56.9)))
              .stream()
              .filter(o -> o.arrangement().way() == Way.Hung.COLLAGE_SPREAD)
              .findFirst()
              .orElseThrow();
      assertThat(spread.items()).hasSize(n).allMatch(Item::isWhole);
      assertThat(((CollageSet) spread.arrangement()).leastGapMm()).isGreaterThan(6.1);
      for (Item item : spread.items()) {
        for (Point corner : corners(item.visible())) {
          assertThat(corner.distanceMm(new Point(450, 450))).isLessThanOrEqualTo(440.2);
        }
      }
      // every quarter of it has its share of them
      for (int q = 0; q < 4; q++) {
        boolean right = q % 2 == 1;
        boolean low = q / 2 == 1;
        assertThat(spread.items())
            .as("quarter %d of %d photos", q, n)
            .anyMatch(i -> i.centre().xMm() > 450 == right && i.centre().yMm() > 450 == low);
      }
    }
  }

  private static List<Point> corners(Box b) {
    return List.of(
        new Point(b.leftMm(), b.topMm()),
        new Point(b.rightMm(), b.topMm()),
        new Point(b.leftMm(), b.bottomMm()),
        new Point(b.rightMm(), b.bottomMm()));
  }

  @Test
  void inRowsAllStandUprightAndInTheMiddle() {
    LayOption rows =
        lay(gap(10, 1), new RectangleOutline(600, 500), photos(8)).stream()
            .filter(o -> o.arrangement().way() == Way.Hung.COLLAGE_IN_ROWS)
            .findFirst()
            .orElseThrow();
    assertThat(rows.items()).allMatch(i -> i.at().turnDeg() == 0);
    double left = rows.items().stream().mapToDouble(i -> i.visible().leftMm()).min().orElseThrow();
    double right =
        rows.items().stream().mapToDouble(i -> i.visible().rightMm()).max().orElseThrow();
    assertThat(left).isCloseTo(600 - right, within(1e-6));
    double top = rows.items().stream().mapToDouble(i -> i.visible().topMm()).min().orElseThrow();
    assertThat(top).isGreaterThan(10);
  }

  @Tag("thorough")
  @Test
  void whatMattersIsNeverCovered() {
    for (LayOption option :
        lay(
            new Collage(Collage.Spacing.OVERLAP, 40, 5, 0, 1),
            new RectangleOutline(420, 380),
            photos(10))) {
      List<Item> items = option.items();
      for (int i = 0; i < items.size(); i++) {
        if (items.get(i).design().picture().orElseThrow().motifs().isEmpty()) {
          continue;
        }
        Box at = items.get(i).visible();
        Box face = new Box(at.leftMm() + 30, at.topMm() + 20, 40, 50);
        for (int k = i + 1; k < items.size(); k++) {
          assertThat(items.get(k).visible().overlaps(face, 0.02)).isFalse();
        }
      }
    }
  }

  @Tag("thorough")
  @Test
  void theSameThrowIsTheSameEverywhere() {
    Outline top = new RectangleOutline(600, 500);
    assertThat(lay(gap(8, 7), top, photos(7))).isEqualTo(lay(gap(8, 7), top, photos(7)));
  }

  @Tag("thorough")
  @Test
  void whereTheyDoNotAllFitNothingIsPretended() {
    assertThat(lay(gap(8, 1), new RectangleOutline(200, 200), photos(9))).isEmpty();
  }
}
