package craftmap.core.lay.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Design;
import craftmap.core.design.Paper;
import craftmap.core.design.Prints;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.Seam;
import craftmap.core.lay.rule.cover.Bare;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.rule.cover.Wrap;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Geometry;

/** What every rule that covers promises, over figures as they come from a tape. */
class CoveringTest {
  private static double ugly(Random random, double from, double to) {
    return Math.round((from + random.nextDouble() * (to - from)) * 10) / 10.0;
  }

  private static Design paper(Random random) {
    double w = ugly(random, 150, 700);
    double h = ugly(random, 150, 900);
    return switch (random.nextInt(3)) {
      case 0 -> Prints.plainPaper(w, h);
      case 1 -> Prints.repeatingPaper(w, h, ugly(random, 20, 110), ugly(random, 20, 260));
      default -> Prints.repeatingPaper(w, h, ugly(random, 100, 400), ugly(random, 100, 400));
    };
  }

  private static Cover cover(double overlap, double bleed, Cover.Rows rows) {
    return new Cover(
        Cover.Unit.WHOLE_SHEET,
        overlap == 0 ? Cover.Join.BUTTED : Cover.Join.OVERLAPPING,
        overlap,
        bleed,
        Cover.Turning.WHICHEVER_IS_BETTER,
        rows,
        Cover.Meets.EVERYWHERE,
        Optional.empty(),
        Optional.empty());
  }

  @ParameterizedTest
  @CsvSource({
    "300, 400, 300, 410, 100, 240, 4", // was 1 by 1, 204 x 244
    "308, 649.3, 480, 700, 120, 200, 5",
    "414.9, 200, 456.5, 300, 81.6, 60, 5"
  })
  void whatOneSheetReachesTakesOneColumnAndLeavesNothingBare(
      double w, double h, double sheetW, double sheetH, double rx, double ry, double overlap) {
    List<LayOption> options =
        Bench.lay(
            cover(overlap, 0, Cover.Rows.EITHER),
            new RectangleOutline(w, h),
            Prints.repeatingPaper(sheetW, sheetH, rx, ry));
    SheetCover best = (SheetCover) options.getFirst().arrangement();
    assertThat(best.parts()).hasSize(1);
    assertThat(best.parts().getFirst().cut().widthMm()).isCloseTo(w, within(1e-6));
    assertThat(best.parts().getFirst().cut().heightMm()).isCloseTo(h, within(1e-6));
    assertThat(best.bare()).isEqualTo(Bare.NONE);
  }

  @Tag("thorough")
  @Test
  void aCoverLeavesNothingBareOverAllItsFacesAndMeetsEverywhere() {
    Random random = new Random(1302);
    int seen = 0;
    for (int i = 0; i < 260; i++) {
      Design paper = paper(random);
      double overlap = random.nextInt(4) == 0 ? 0 : ugly(random, 1, 20);
      Cover rule =
          cover(
              overlap,
              random.nextInt(3) == 0 ? 0 : ugly(random, 1, 9),
              Cover.Rows.values()[random.nextInt(3)]);
      int columns = 1 + random.nextInt(3);
      int rows = 1 + random.nextInt(2);
      double w = ugly(random, 60, 530);
      double h = ugly(random, 60, 500);
      double gap = ugly(random, 0, 9);
      List<Fronts.Front> all = new ArrayList<>();
      for (int f = 0; f < columns * rows; f++) {
        Outline outline =
            random.nextInt(6) == 0 ? new OvalOutline(w, h) : new RectangleOutline(w, h);
        all.add(
            new Fronts.Front(
                Room.on(Bench.face(outline, Marks.NONE), paper.kind()),
                new Point(f % columns * (w + gap), f / columns * (h + gap))));
      }
      Fronts fronts = Fronts.of(all, 0);
      if (rule.lay(Laying.over(fronts, paper)) instanceof LayAnswer.Options options) {
        for (LayOption option : options.ranked()) {
          checkSheets(option, paper);
          for (int f = 0; f < all.size(); f++) {
            LayOption there = option.seenFrom(f);
            checkCovered(all.get(f).room().free(), there.items(), "case " + i);
            assertThat(((SheetCover) there.arrangement()).bare().isNone()).isTrue();
          }
          checkMeets(option, fronts, paper);
          seen++;
        }
      }
    }
    assertThat(seen).isGreaterThan(500);
  }

  private static void checkCovered(Geometry wanted, List<Item> items, String as) {
    Geometry union = Planar.union(items.stream().map(Item::visibleArea).toList());
    assertThat(Planar.difference(wanted, union).getArea()).as(as).isLessThan(0.05);
  }

  /** Every part comes out of its sheet, shows what is printed there, and has it to itself. */
  private static void checkSheets(LayOption option, Design design) {
    SheetWork work = (SheetWork) option.arrangement();
    Box print = design.printed();
    int opened = 0;
    for (SheetPart p : work.parts()) {
      assertThat(p.cut().leftMm()).isGreaterThanOrEqualTo(print.leftMm() - 1e-6);
      assertThat(p.cut().topMm()).isGreaterThanOrEqualTo(print.topMm() - 1e-6);
      assertThat(p.cut().rightMm()).isLessThanOrEqualTo(print.rightMm() + 1e-6);
      assertThat(p.cut().bottomMm()).isLessThanOrEqualTo(print.bottomMm() + 1e-6);
      Box shown = SheetPart.boxOf(p.shape());
      assertThat(shown.leftMm()).isGreaterThanOrEqualTo(p.cut().leftMm() - 1e-3);
      assertThat(shown.topMm()).isGreaterThanOrEqualTo(p.cut().topMm() - 1e-3);
      assertThat(shown.rightMm()).isLessThanOrEqualTo(p.cut().rightMm() + 1e-3);
      assertThat(shown.bottomMm()).isLessThanOrEqualTo(p.cut().bottomMm() + 1e-3);
      opened = Math.max(opened, p.sheet());
      for (SheetPart q : work.parts()) {
        if (p.number() < q.number() && p.sheet() == q.sheet()) {
          assertThat(p.cut().overlaps(q.cut(), 1e-6)).isFalse();
        }
      }
    }
    assertThat(work.sheets()).isEqualTo(opened);
    assertThat(work.leastSheets()).isLessThanOrEqualTo(opened);
  }

  /** Where the sheets lie in the plane of all faces, the print is in step with itself. */
  private static void checkMeets(LayOption option, Fronts fronts, Design design) {
    if (((Paper) design).repeat().isEmpty()) {
      return;
    }
    boolean turned = ((SheetCover) option.arrangement()).turned();
    double rx = ((Paper) design).repeat().get().pitchXMm();
    double ry = ((Paper) design).repeat().get().pitchYMm();
    Point first = null;
    for (int f = 0; f < fronts.all().size(); f++) {
      for (Item item : option.seenFrom(f).items()) {
        Point at = fronts.all().get(f).at();
        Point here = item.centre().movedBy(at.xMm(), at.yMm());
        first = first == null ? here : first;
        assertThat(step(here.xMm() - first.xMm(), turned ? ry : rx)).isLessThan(1e-6);
        assertThat(step(here.yMm() - first.yMm(), turned ? rx : ry)).isLessThan(1e-6);
      }
    }
    assertThat(((SheetCover) option.arrangement()).missMm()).isLessThan(1e-6);
  }

  private static double step(double apart, double repeat) {
    return Math.abs(apart - repeat * Math.rint(apart / repeat));
  }

  @Test
  void whatCannotBeReachedIsToldWithItsPlaceAndRanksLast() {
    Geometry wanted = Planar.polygon(new Box(0, 0, 300, 200));
    Design paper = Prints.plainPaper(204, 200);
    Room room = Room.on(Bench.face(new RectangleOutline(300, 200), Marks.NONE), paper.kind());
    Item part =
        room.place(paper, craftmap.core.lay.Placement.at(new Point(102, 100))).orElseThrow();
    Bare bare = Bare.of(wanted, List.of(part));
    assertThat(bare.areaMm2()).isCloseTo(96 * 200, within(1e-6));
    assertThat(bare.around()).contains(new Box(204, 0, 96, 200));

    var fine =
        craftmap.core.lay.Standing.of(
            new craftmap.core.lay.Standing.Judged(3, 9, false, 40, 9, false, 0, 99));
    var leaving =
        craftmap.core.lay.Standing.of(
                new craftmap.core.lay.Standing.Judged(0, 0, true, 0, 0, true, 9, 0))
            .leavingBare(bare.areaMm2());
    assertThat(fine).isLessThan(leaving);
    assertThat(leaving.worseBy(fine)).contains(craftmap.core.lay.Criterion.NOTHING_BARE);
  }

  @Test
  void rowsOfAWrapMeetAndComeFromTheFewSheetsTheyNeed() {
    Design paper = Prints.repeatingPaper(450, 200, 50, 60);
    List<LayOption> options =
        Bench.lay(
            new Wrap(Cover.Unit.WHOLE_SHEET, 5, 0, 0, 0, 2, Optional.empty()),
            new CylinderOutline(400, 300),
            paper);
    assertThat(options).isNotEmpty();
    for (LayOption option : options) {
      checkSheets(option, paper);
      checkRowsMeet(option, 50, 60, 400);
    }
  }

  private static void checkRowsMeet(LayOption option, double rx, double ry, double round) {
    Item first = option.items().getFirst();
    for (Item item : option.items()) {
      double apart = item.centre().xMm() - first.centre().xMm();
      assertThat(step(apart, rx)).isLessThan(1e-6);
      assertThat(step(item.centre().yMm() - first.centre().yMm(), ry)).isLessThan(1e-6);
    }
  }

  @Tag("thorough")
  @Test
  void aWrapLeavesNothingBareAndEveryOptionCanBeCut() {
    Random random = new Random(404);
    int seen = 0;
    for (int i = 0; i < 160; i++) {
      Design paper = paper(random);
      double c = ugly(random, 150, 1200);
      double h = ugly(random, 60, 500);
      Outline outline =
          random.nextInt(3) == 0
              ? new ConeOutline(c, c * (0.6 + 0.3 * random.nextDouble()), h)
              : new CylinderOutline(c, h);
      Wrap rule =
          new Wrap(
              Cover.Unit.WHOLE_SHEET,
              ugly(random, 1, 15),
              random.nextBoolean() ? 0 : ugly(random, 5, 30),
              random.nextBoolean() ? 0 : ugly(random, 1, 6),
              ugly(random, -40, 40),
              2,
              Optional.empty());
      for (LayOption option : Bench.lay(rule, outline, paper)) {
        Wrapping wrap = (Wrapping) option.arrangement();
        if (wrap.way() != Way.AllRound.WRAP_STRIPS) {
          checkSheets(option, paper);
        }
        assertThat(wrap.bare().isNone()).as("case %s, %s: %s", i, wrap.way(), wrap.bare()).isTrue();
        if (outline instanceof CylinderOutline) {
          List<Geometry> all = new ArrayList<>();
          for (Item item : option.items()) {
            all.add(item.visibleArea());
            Seam.of(outline).forEach(s -> all.add(s.beyond(item.visibleArea())));
          }
          Geometry wall = Planar.polygon(new Box(0, 0, c, h - rule.footMm()));
          assertThat(Planar.difference(wall, Planar.union(all)).getArea()).isLessThan(0.05);
          ((Paper) paper)
              .repeat()
              .ifPresent(r -> checkRowsMeet(option, r.pitchXMm(), r.pitchYMm(), c));
        }
        seen++;
      }
    }
    assertThat(seen).isGreaterThan(150);
  }
}
