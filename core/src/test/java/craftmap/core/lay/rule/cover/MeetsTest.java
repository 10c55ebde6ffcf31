package craftmap.core.lay.rule.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Printing;
import craftmap.core.design.Prints;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.Fronts;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where a print has to meet, and what it spares where it need not. */
class MeetsTest {
  private static Cover rule(
      double overlap, double bleed, Cover.Meets meets, Optional<FurtherSeam> seam) {
    return new Cover(
        Cover.Unit.WHOLE_SHEET,
        overlap == 0 ? Cover.Join.BUTTED : Cover.Join.OVERLAPPING,
        overlap,
        bleed,
        Cover.Turning.AS_PRINTED,
        Cover.Rows.EITHER,
        meets,
        seam,
        Optional.empty());
  }

  private static Fronts drawers(double w, List<Double> heights, double gap) {
    List<Fronts.Front> all = new ArrayList<>();
    double y = 0;
    for (double h : heights) {
      all.add(
          new Fronts.Front(
              Room.on(Bench.face(new RectangleOutline(w, h), Marks.NONE), DesignKind.PAPER),
              new Point(0, y)));
      y += h + gap;
    }
    return Fronts.of(all, 0);
  }

  private static List<LayOption> lay(Cover rule, Fronts fronts, Design paper) {
    LayAnswer answer = rule.lay(Laying.over(fronts, paper));
    return answer instanceof LayAnswer.Options options ? options.ranked() : List.of();
  }

  private static SheetCover of(LayOption option) {
    return (SheetCover) option.arrangement();
  }

  private static int fewest(List<LayOption> options) {
    return options.stream().mapToInt(o -> of(o).sheets()).min().orElseThrow();
  }

  @Test
  void threeFrontsComeFromOneSheetWhereNothingHasToMeet() {
    Design paper = Prints.repeatingPaper(500, 480, 100, 320);
    Fronts fronts = drawers(470, List.of(143.0, 143.0, 143.0), 27);
    assertThat(fewest(lay(rule(0, 4, Cover.Meets.NOWHERE, Optional.empty()), fronts, paper)))
        .isEqualTo(1);
    assertThat(fewest(lay(rule(0, 4, Cover.Meets.EVERYWHERE, Optional.empty()), fronts, paper)))
        .isGreaterThan(1);
  }

  @Test
  void aPrintThatMeetsEverywhereMayStillBeginWhereItSparesASheet() {
    // in line with the middle or the top edge of all, the third front begins 340 into 400
    Design paper = Prints.repeatingPaper(500, 480, 100, 400);
    Fronts fronts = drawers(470, List.of(143.0, 143.0, 143.0), 27);
    List<LayOption> options =
        lay(rule(0, 0, Cover.Meets.EVERYWHERE, Optional.empty()), fronts, paper);
    Optional<LayOption> anywhere =
        options.stream().filter(o -> of(o).way() == Way.InSheets.COVER_BEGUN_ANYWHERE).findFirst();
    for (LayOption o : options) {
      assertThat(of(o).missMm()).isLessThan(0.01);
    }
    anywhere.ifPresent(
        a ->
            assertThat(options)
                .filteredOn(o -> o != a)
                .allMatch(o -> of(o).sheets() > of(a).sheets()));
    assertThat(fewest(options)).isEqualTo(2);
  }

  /**
   * Over seeded fronts: it is offered, and only where it takes fewer sheets than all the others.
   */
  @Tag("thorough")
  @Test
  void anotherBeginningIsOfferedJustWhereItSparesASheet() {
    Dice dice = new Dice(31);
    int offered = 0;
    for (int i = 0; i < 60; i++) {
      double repeat = 150.3 + dice.next() * 250;
      Design paper = Prints.repeatingPaper(500, 420 + dice.next() * 90, 97.3, repeat);
      List<Double> heights = new ArrayList<>();
      for (int f = 0; f < 3; f++) {
        heights.add(90.7 + dice.next() * 90);
      }
      Fronts fronts = drawers(303.1 + dice.next() * 150, heights, 20 + dice.next() * 80);
      List<LayOption> options =
          lay(rule(0, 0, Cover.Meets.EVERYWHERE, Optional.empty()), fronts, paper);
      for (LayOption o : options) {
        if (of(o).way() == Way.InSheets.COVER_BEGUN_ANYWHERE) {
          offered++;
          assertThat(of(o).missMm()).isLessThan(0.01);
          assertThat(options)
              .filteredOn(other -> other != o)
              .allMatch(other -> of(other).sheets() > of(o).sheets());
        }
      }
    }
    assertThat(offered).isPositive();
  }

  /** A picture that does not repeat, in parts that show any of it. */
  @Test
  void aPictureMayBeCutAnywhereToo() {
    Design picture = Prints.paper(500, 480, Prints.motif("moon", 3, 200, 200, 60, 60));
    Fronts fronts = drawers(470, List.of(143.0, 143.0, 143.0), 27);
    assertThat(fewest(lay(rule(0, 0, Cover.Meets.EVERYWHERE, Optional.empty()), fronts, picture)))
        .as("each shows the same spot")
        .isEqualTo(3);
    List<LayOption> free = lay(rule(0, 0, Cover.Meets.NOWHERE, Optional.empty()), fronts, picture);
    assertThat(fewest(free)).isEqualTo(1);
    List<SheetPart> parts = of(free.getFirst()).parts();
    for (SheetPart p : parts) {
      assertThat(parts).noneMatch(o -> o != p && o.cut().overlaps(p.cut(), 0.01));
    }
  }

  @Test
  void whatDoesNotRepeatIsNotAskedWhereItMeets() {
    assertThat(Printing.canBeginAnywhere(Prints.plainPaper(500, 480))).isFalse();
    assertThat(Printing.canBeginAnywhere(Prints.napkin(4, Prints.motif("gull", 4, 30, 30, 60, 50))))
        .isFalse();
    assertThat(Printing.canBeginAnywhere(Prints.repeatingPaper(500, 480, 90, 90))).isTrue();
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void whatHasToMeetMeetsAndAllIsCovered(long seed) {
    Dice dice = new Dice(seed);
    Design paper =
        Prints.repeatingPaper(
            380 + dice.next() * 300,
            400 + dice.next() * 300,
            60 + dice.next() * 130,
            60 + dice.next() * 170);
    double w = 290.3 + dice.next() * 700;
    List<Double> heights = new ArrayList<>();
    int n = 1 + (int) (dice.next() * 4);
    for (int i = 0; i < n; i++) {
      heights.add(90.7 + dice.next() * 210);
    }
    Fronts fronts = drawers(w, heights, dice.next() * 30);
    for (Cover.Meets meets : Cover.Meets.values()) {
      Optional<FurtherSeam> seam =
          dice.next() < 0.5
              ? Optional.empty()
              : Optional.of(
                  new FurtherSeam(
                      dice.next() < 0.5
                          ? FurtherSeam.Way.DOWN_THE_FACE
                          : FurtherSeam.Way.ACROSS_THE_FACE,
                      (int) (dice.next() * n),
                      20 + dice.next() * 200));
      for (LayOption option : lay(rule(dice.next() * 9, 3.3, meets, seam), fronts, paper)) {
        for (int f = 0; f < n; f++) {
          List<Item> items = option.seenFrom(f).items();
          double union = Planar.union(items.stream().map(Item::visibleArea).toList()).getArea();
          assertThat(union).isCloseTo(w * heights.get(f), within(0.5));
        }
        SheetCover cover = of(option);
        assertThat(cover.missMm()).as("%s %s", meets, cover.way()).isLessThan(0.02);
        assertThat(cover.sheets()).isGreaterThanOrEqualTo(cover.leastSheets());
        for (SheetPart part : cover.parts()) {
          Box cut = part.cut();
          assertThat(cut.leftMm()).isGreaterThanOrEqualTo(-0.01);
          assertThat(cut.topMm()).isGreaterThanOrEqualTo(-0.01);
          assertThat(cut.rightMm()).isLessThanOrEqualTo(paper.printed().widthMm() + 0.01);
          assertThat(cut.bottomMm()).isLessThanOrEqualTo(paper.printed().heightMm() + 0.01);
          assertThat(cover.parts())
              .noneMatch(
                  o -> o != part && o.sheet() == part.sheet() && o.cut().overlaps(cut, 0.02));
        }
      }
    }
  }

  @Test
  void aFurtherSeamPartsOnlyTheFaceItIsOn() {
    Design paper = Prints.repeatingPaper(700, 480, 100, 120);
    Fronts fronts = drawers(600, List.of(143.0, 143.0), 4);
    FurtherSeam seam = new FurtherSeam(FurtherSeam.Way.DOWN_THE_FACE, 1, 222.2);
    LayOption option =
        lay(rule(7, 0, Cover.Meets.EVERYWHERE, Optional.of(seam)), fronts, paper).getFirst();
    assertThat(option.seenFrom(0).items()).hasSize(1);
    List<Item> parted = option.seenFrom(1).items();
    assertThat(parted).hasSize(2);
    assertThat(SheetPart.boxOf(parted.get(0).visibleArea()).rightMm())
        .as("the first lies 7 under the second")
        .isCloseTo(229.2, within(1e-6));
    assertThat(SheetPart.boxOf(parted.get(1).visibleArea()).leftMm())
        .isCloseTo(222.2, within(1e-6));
  }

  @Test
  void aRuleWithASeamIsReadAsItWasWritten() {
    for (FurtherSeam.Way way : FurtherSeam.Way.values()) {
      Cover rule =
          rule(6, 4, Cover.Meets.ON_EACH_FACE, Optional.of(new FurtherSeam(way, 2, 71.25)));
      assertThat(rule.note().read()).isEqualTo(rule);
      assertThat(rule.mirrored(500).mirrored(500)).isEqualTo(rule);
    }
  }
}
