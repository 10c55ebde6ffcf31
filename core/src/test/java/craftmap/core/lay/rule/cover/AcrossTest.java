package craftmap.core.lay.rule.cover;

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
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AcrossTest {
  private static final Design PICTURE = Prints.transfer(400, 600);

  private static Fronts fronts(Design design, Marks marks, Box... boxes) {
    List<Fronts.Front> all = new ArrayList<>();
    for (Box b : boxes) {
      Room room =
          Room.on(
              Bench.face(new RectangleOutline(b.widthMm(), b.heightMm()), marks), design.kind());
      all.add(new Fronts.Front(room, new Point(b.leftMm(), b.topMm())));
    }
    return Fronts.of(all, 0);
  }

  private static Fronts drawers(Design design) {
    return fronts(
        design,
        Marks.NONE,
        new Box(0, 0, 400, 180),
        new Box(0, 184, 400, 180),
        new Box(0, 368, 400, 220));
  }

  private static Across at(double x, double y) {
    return new Across(
        0, 0, false, Optional.of(new Point(x, y)), Set.of(), Across.LaidFrom.THE_FIRST_PART);
  }

  private static LayOption option(Fronts fronts, Design design, Across rule, Way way) {
    LayAnswer.Options options = (LayAnswer.Options) rule.lay(Laying.over(fronts, design));
    return options.ranked().stream()
        .filter(o -> o.arrangement().way() == way)
        .findFirst()
        .orElseThrow();
  }

  private static List<double[]> windows(LayOption option) {
    return ((AcrossFronts) option.arrangement())
        .parts().stream()
            .map(p -> p.shape().getEnvelopeInternal())
            .map(e -> new double[] {e.getMinY(), e.getMaxY()})
            .toList();
  }

  @Test
  void throughGapsThePictureGoesOnBehindThem() {
    List<double[]> windows =
        windows(option(drawers(PICTURE), PICTURE, at(0, -6), Way.OverFaces.ACROSS_PLACED));
    assertThat(windows.get(0)).containsExactly(new double[] {6, 186}, within(1e-9));
    assertThat(windows.get(1)).containsExactly(new double[] {190, 370}, within(1e-9));
    assertThat(windows.get(2)).containsExactly(new double[] {374, 594}, within(1e-9));
  }

  @Test
  void closedUpNothingIsLost() {
    Design tall = Prints.transfer(400, 592);
    Across rule =
        new Across(6, 0, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART);
    List<double[]> windows =
        windows(option(drawers(tall), tall, rule, Way.OverFaces.ACROSS_CLOSED_UP));
    assertThat(windows.get(0)).containsExactly(new double[] {6, 186}, within(1e-9));
    assertThat(windows.get(1)).containsExactly(new double[] {186, 366}, within(1e-9));
    assertThat(windows.get(2)).containsExactly(new double[] {366, 586}, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"2, 2", "3, 1", "1, 5", "4, 2"})
  void windowsOfNeighboursMeetOnThePicture(int columns, int rows) {
    Design design = Prints.transfer(900, 900);
    List<Box> boxes = new ArrayList<>();
    for (int r = 0; r < rows; r++) {
      for (int c = 0; c < columns; c++) {
        boxes.add(new Box(c * 203.7, r * 151.3, 200, 150));
      }
    }
    Fronts fronts = fronts(design, Marks.NONE, boxes.toArray(Box[]::new));
    LayOption closed =
        option(
            fronts,
            design,
            new Across(0, 0, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART),
            Way.OverFaces.ACROSS_CLOSED_UP);
    List<SheetPart> parts = ((AcrossFronts) closed.arrangement()).parts();
    for (int i = 0; i < parts.size(); i++) {
      var e = parts.get(i).shape().getEnvelopeInternal();
      if ((i + 1) % columns != 0) {
        assertThat(parts.get(i + 1).shape().getEnvelopeInternal().getMinX())
            .isCloseTo(e.getMaxX(), within(0.01));
      }
      if (i + columns < parts.size()) {
        assertThat(parts.get(i + columns).shape().getEnvelopeInternal().getMinY())
            .isCloseTo(e.getMaxY(), within(0.01));
      }
    }
  }

  @Test
  void aGapBesideWhichAFaceGoesOnIsNotPushedTogether() {
    // two doors over one drawer that is as wide as both
    Fronts wardrobe =
        fronts(
            PICTURE,
            Marks.NONE,
            new Box(0, 0, 198, 500),
            new Box(202, 0, 198, 500),
            new Box(0, 506, 400, 90));
    List<Box> closed = wardrobe.closedUp().all().stream().map(Fronts.Front::box).toList();
    assertThat(closed.get(1).leftMm()).isEqualTo(202);
    assertThat(closed.get(2).topMm()).isEqualTo(500);
  }

  @Test
  void theImportantMotifStaysWhole() {
    MotifBox heron = Prints.motif("heron", 5, 100, 150, 120, 160);
    MotifBox moon = Prints.motif("moon", 2, 300, 200, 60, 60);
    Design design = Prints.transfer(400, 760, heron, moon);
    Across rule =
        new Across(0, 6, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART);
    LayOption best = option(drawers(design), design, rule, Way.OverFaces.ACROSS_THROUGH);
    AcrossFronts across = (AcrossFronts) best.arrangement();
    assertThat(across.spoilt()).isEmpty();
    assertThat(across.parts())
        .anySatisfy(p -> assertThat(p.whole()).extracting(MotifBox::name).contains("heron"));
    List<LayOption> all =
        ((LayAnswer.Options) rule.lay(Laying.over(drawers(design), design))).ranked();
    assertThat(all)
        .extracting(o -> weight((AcrossFronts) o.arrangement()))
        .as("what spoils more stands further down")
        .isSorted();
  }

  private static int weight(AcrossFronts a) {
    return a.spoilt().stream().mapToInt(MotifBox::importance).sum();
  }

  @Test
  void whatIsCutOffOnPurposeShowsNowhereAndSpoilsNothing() {
    MotifBox words = Prints.motif("lettering", 5, 20, 150, 360, 60);
    Design design = Prints.transfer(400, 600, words);
    Across cut =
        new Across(
            0, 6, false, Optional.empty(), Set.of("lettering"), Across.LaidFrom.THE_FIRST_PART);
    AcrossFronts across =
        (AcrossFronts)
            option(drawers(design), design, cut, Way.OverFaces.ACROSS_THROUGH).arrangement();
    assertThat(across.spoilt()).isEmpty();
    for (SheetPart part : across.parts()) {
      assertThat(
              part.shape().intersection(craftmap.core.plane.Planar.polygon(words.box())).getArea())
          .isCloseTo(0, within(1e-6));
    }
  }

  @Test
  void whatIsCutOffAtAnEdgeIsLeftOutsideTheFaces() {
    MotifBox words = Prints.motif("lettering", 5, 20, 620, 360, 60);
    Design design = Prints.transfer(420, 700, words);
    Across cut =
        new Across(
            0, 6, false, Optional.empty(), Set.of("lettering"), Across.LaidFrom.THE_FIRST_PART);
    AcrossFronts across =
        (AcrossFronts)
            option(drawers(design), design, cut, Way.OverFaces.ACROSS_THROUGH).arrangement();
    double shown = across.parts().stream().mapToDouble(p -> p.shape().getArea()).sum();
    assertThat(shown).as("no face is left bare").isCloseTo(400 * 580, within(1e-3));
    assertThat(across.shift().yMm() + 620).isGreaterThanOrEqualTo(588 - 1e-6);
  }

  @Test
  void aKnobOnAMotifSpoilsIt() {
    MotifBox moon = Prints.motif("moon", 4, 0, 0, 400, 600);
    Design design = Prints.transfer(400, 600, moon);
    Marks knob =
        new Marks(
            List.of(),
            List.of(craftmap.core.surface.Hole.single("h", "Knob", new Point(200, 300), 8)),
            List.of(),
            List.of(),
            List.of());
    Fronts door = fronts(design, knob, new Box(0, 0, 400, 600));
    AcrossFronts across =
        (AcrossFronts)
            option(
                    door,
                    design,
                    new Across(
                        0, 0, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART),
                    Way.OverFaces.ACROSS_IN_PLACE)
                .arrangement();
    assertThat(across.spoilt()).containsExactly(moon);
  }

  private static List<SheetPart> parts(Fronts fronts, Design design, Across rule, Way way) {
    return ((AcrossFronts) option(fronts, design, rule, way).arrangement()).parts();
  }

  @Test
  void partsAreCutLargerWhereThereIsPictureAndNothingElseOfItFaces() {
    Across rule =
        new Across(0, 6, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART);
    List<SheetPart> parts = parts(drawers(PICTURE), PICTURE, rule, Way.OverFaces.ACROSS_THROUGH);
    // 6 of picture are left above and below; to the sides the drawers are as wide as the sheet
    assertThat(parts.stream().map(p -> p.cut().topMm())).containsExactly(0.0, 190.0, 374.0);
    assertThat(parts.stream().map(p -> p.cut().bottomMm())).containsExactly(186.0, 370.0, 600.0);
    assertThat(parts).allMatch(p -> p.cut().leftMm() == 0 && p.cut().rightMm() == 400);
  }

  @Test
  void askedForTheGapIsSharedByHalves() {
    Across rule =
        new Across(0, 6, true, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART);
    List<SheetPart> parts = parts(drawers(PICTURE), PICTURE, rule, Way.OverFaces.ACROSS_THROUGH);
    assertThat(parts.stream().map(p -> p.cut().topMm())).containsExactly(0.0, 188.0, 372.0);
    assertThat(parts.stream().map(p -> p.cut().bottomMm())).containsExactly(188.0, 372.0, 600.0);
  }

  @Test
  void aTwoPartTransferOverThreeDrawersComesOutOfItsOwnSheet() {
    // 35 x 24 1/2 inches over drawers with gaps of 4
    Design design = Prints.transferInParts(2, 889, 622.3);
    Fronts drawers =
        fronts(
            design,
            Marks.NONE,
            new Box(0, 0, 800, 204),
            new Box(0, 208, 800, 204),
            new Box(0, 412, 800, 204));
    Across rule =
        new Across(0, 6, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART);
    for (LayOption option : ((LayAnswer.Options) rule.lay(Laying.over(drawers, design))).ranked()) {
      AcrossFronts across = (AcrossFronts) option.arrangement();
      for (int column = 0; column < 2; column++) {
        int c = column;
        double down =
            across.parts().stream()
                .filter(p -> (p.shape().getCentroid().getX() > 444.5 ? 1 : 0) == c)
                .mapToDouble(p -> p.cut().heightMm())
                .sum();
        assertThat(down).isLessThanOrEqualTo(622.3);
      }
      assertThat(across.sheets()).isEqualTo(1);
    }
  }

  @Test
  void noTwoPartsOfOneSheetEverOverlap() {
    Random random = new Random(505);
    for (int i = 0; i < 120; i++) {
      int columns = 1 + random.nextInt(3);
      int rows = 1 + random.nextInt(4);
      double w = 83.7 + random.nextDouble() * 160;
      double h = 61.3 + random.nextDouble() * 140;
      double gapAcross = random.nextDouble() * 15;
      double gapDown = random.nextDouble() * 15;
      List<Box> boxes = new ArrayList<>();
      for (int r = 0; r < rows; r++) {
        // every other row half a front over, as drawers under doors are
        double over = r % 2 == 1 && random.nextBoolean() ? w / 2 : 0;
        for (int c = 0; c < columns; c++) {
          boxes.add(new Box(over + c * (w + gapAcross), r * (h + gapDown), w, h));
        }
      }
      Design design =
          Prints.transferInParts(
              1 + random.nextInt(3),
              columns * (w + gapAcross) + random.nextDouble() * 60,
              rows * (h + gapDown) + random.nextDouble() * 60);
      Across rule =
          new Across(
              0,
              random.nextDouble() * 25,
              random.nextBoolean(),
              Optional.empty(),
              Set.of(),
              Across.LaidFrom.THE_FIRST_PART);
      Fronts fronts = fronts(design, Marks.NONE, boxes.toArray(Box[]::new));
      for (LayOption option :
          ((LayAnswer.Options) rule.lay(Laying.over(fronts, design))).ranked()) {
        AcrossFronts across = (AcrossFronts) option.arrangement();
        assertThat(across.leastSheets()).isLessThanOrEqualTo(across.sheets());
        for (SheetPart p : across.parts()) {
          Box shown = SheetPart.boxOf(p.shape());
          assertThat(p.cut().leftMm()).isLessThanOrEqualTo(shown.leftMm() + 1e-6);
          assertThat(p.cut().bottomMm()).isGreaterThanOrEqualTo(shown.bottomMm() - 1e-6);
          assertThat(p.cut().rightMm()).isLessThanOrEqualTo(design.printWidthMm() + 1e-6);
          for (SheetPart q : across.parts()) {
            if (p.number() < q.number() && p.sheet() == q.sheet()) {
              assertThat(p.cut().overlaps(q.cut(), 1e-6))
                  .as("case %s: %s and %s", i, p.cut(), q.cut())
                  .isFalse();
            }
          }
        }
      }
    }
  }

  @Test
  void aTransferInPartsIsLaidPartByPartAndItsJointSpoilsNothing() {
    MotifBox heron = Prints.motif("heron", 5, 150, 250, 100, 100);
    Design design = Prints.transferInParts(2, 400, 600, heron);
    Fronts door = fronts(design, Marks.NONE, new Box(0, 0, 400, 600));
    AcrossFronts across =
        (AcrossFronts)
            option(
                    door,
                    design,
                    new Across(
                        0, 0, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART),
                    Way.OverFaces.ACROSS_IN_PLACE)
                .arrangement();
    assertThat(across.parts()).hasSize(2);
    assertThat(across.seamsMm()).containsExactly(300.0);
    assertThat(across.spoilt()).isEmpty();
  }

  @Test
  void nothingIsTurnedOver() {
    for (LayOption o :
        ((LayAnswer.Options)
                new Across(0, 6, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART)
                    .lay(Laying.over(drawers(PICTURE), PICTURE)))
            .ranked()) {
      assertThat(o.items()).noneMatch(i -> i.at().mirrored());
    }
  }

  @Test
  void seenFromEveryFrontTheOptionsAreTheSame() {
    MotifBox heron = Prints.motif("heron", 5, 100, 150, 120, 160);
    Design design = Prints.transfer(430, 640, heron);
    Fronts fronts = drawers(design);
    Across rule =
        new Across(0, 6, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART);
    List<Pick> first =
        ((LayAnswer.Options) rule.lay(Laying.over(fronts, design)))
            .ranked().stream().map(LayOption::asPick).toList();
    for (int i = 1; i < 3; i++) {
      LayAnswer.Options there =
          (LayAnswer.Options) rule.lay(Laying.over(fronts.lookingAt(i), design));
      assertThat(there.ranked()).extracting(LayOption::asPick).isEqualTo(first);
      for (Item item : there.best().items()) {
        assertThat(item.visible().topMm()).isGreaterThanOrEqualTo(-1e-6);
      }
    }
  }
}
