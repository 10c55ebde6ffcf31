package craftmap.core.plan.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.cut.nest.NestSearch;
import craftmap.core.cut.nest.Rests;
import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.supply.Offcut;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DesignCutTest {
  private static List<LayReading.Laid> laid(
      Design design, RuleKind rule, Map<String, String> choices, int lays) {
    return SignLays.laid(
        Optional.of(design), rule.read(new MeasureSheet(Map.of(), choices), List.of(), ""), lays);
  }

  private static DesignCut.Leftover leftover(
      String id, double left, double top, double w, double h) {
    return new DesignCut.Leftover(
        id,
        new Offcut(
            List.of(
                new Point(left, top),
                new Point(left + w, top),
                new Point(left + w, top + h),
                new Point(left, top + h))));
  }

  private static DesignCut cut(
      Design design, List<LayReading.Laid> lays, List<DesignCut.Leftover> leftovers, int sheets) {
    return cut(design, lays, leftovers, sheets, CutWish.PLAIN);
  }

  private static DesignCut cut(
      Design design,
      List<LayReading.Laid> lays,
      List<DesignCut.Leftover> leftovers,
      int sheets,
      CutWish wish) {
    List<DesignCut.Source> sources =
        lays.stream().map(l -> new DesignCut.Source("piece", l)).toList();
    return DesignCut.of(design, sources, leftovers, sheets, wish, share -> true);
  }

  private static void isSound(DesignCut cut, Box sheet) {
    for (DesignCut.Sheet s : cut.sheets()) {
      double used = 0;
      for (int i = 0; i < s.pieces().size(); i++) {
        Box a = s.pieces().get(i).window();
        used += a.areaMm2();
        for (int k = 0; k < i; k++) {
          assertThat(a.overlaps(s.pieces().get(k).window(), 0.02)).isFalse();
        }
        assertThat(s.rests()).noneMatch(r -> r.overlaps(a, 0.02));
      }
      used += s.rests().stream().mapToDouble(Box::areaMm2).sum();
      if (s.leftoverId().isEmpty()) {
        // a sheet is its pieces, what is kept, and scrap
        assertThat(used + DesignCut.scrapMm2(sheet, s)).isCloseTo(sheet.areaMm2(), within(0.1));
      }
    }
    assertThat(cut.newSheets()).isGreaterThanOrEqualTo(cut.least());
  }

  @Test
  void aPictureLaidTwiceTakesTwoSheetsForItShowsTheSameSpot() {
    Design picture = Prints.transfer(600, 450, Prints.motif("moon", 3, 200, 100, 100, 100));
    DesignCut cut = cut(picture, laid(picture, RuleKind.ACROSS, Map.of(), 2), List.of(), 5);
    isSound(cut, new Box(0, 0, 600, 450));
    assertThat(cut.newSheets()).isEqualTo(2);
    assertThat(cut.least()).isEqualTo(2);
    assertThat(cut.isEnough()).isTrue();
  }

  @Test
  void withOneSheetOnTheShelfTheSecondHasNone() {
    Design picture = Prints.transfer(600, 450, Prints.motif("moon", 3, 200, 100, 100, 100));
    DesignCut cut = cut(picture, laid(picture, RuleKind.ACROSS, Map.of(), 2), List.of(), 1);
    assertThat(cut.isEnough()).isFalse();
    assertThat(cut.unplaced()).extracting(DesignCut.Piece::layId).containsOnly("lay-1");
  }

  @Test
  void aLeftoverThatStillShowsItIsCutFirst() {
    Design napkin = Prints.transfer(300, 300, Prints.motif("gull", 3, 20, 20, 60, 60));
    List<LayReading.Laid> lays = laid(napkin, RuleKind.SINGLE, Map.of(), 1);
    DesignCut fresh = cut(napkin, lays, List.of(leftover("small", 0, 0, 100, 100)), 3);
    assertThat(fresh.newSheets()).isEqualTo(1);
    DesignCut used = cut(napkin, lays, List.of(leftover("all", 0, 0, 300, 300)), 3);
    assertThat(used.newSheets()).isZero();
    assertThat(used.sheets().getFirst().leftoverId()).contains("all");
  }

  @Test
  void aRepeatingPaperIsCutFromLeftoversThenFromTheFewestSheets() {
    Design paper = Prints.repeatingPaper(500, 700, 100, 100);
    List<LayReading.Laid> lays = laid(paper, RuleKind.COVER, Map.of("join", "BUTTED"), 1);
    DesignCut fresh = cut(paper, lays, List.of(), 9);
    isSound(fresh, new Box(0, 0, 500, 700));
    DesignCut withLeftover = cut(paper, lays, List.of(leftover("l", 0, 200, 500, 500)), 9);
    isSound(withLeftover, new Box(0, 0, 500, 700));
    assertThat(withLeftover.newSheets()).isLessThanOrEqualTo(fresh.newSheets());
    // the repeat goes on from the print's corner, on a leftover as well
    for (DesignCut.Sheet s : withLeftover.sheets()) {
      for (DesignCut.Piece p : s.pieces()) {
        DesignCut.Piece same =
            fresh.sheets().stream()
                .flatMap(f -> f.pieces().stream())
                .filter(f -> f.number() == p.number())
                .findFirst()
                .orElseThrow();
        double off = (p.window().leftMm() - same.window().leftMm()) % 100;
        assertThat(Math.min(Math.abs(off), 100 - Math.abs(off))).isLessThan(1e-6);
      }
    }
  }

  @Test
  void fourPicturesComeFromOneNapkin() {
    Design napkin = Prints.napkin(4, Prints.motif("gull", 4, 30, 30, 60, 50));
    List<LayReading.Laid> lays =
        laid(napkin, RuleKind.COVER, Map.of("unit", "ONE_PICTURE", "join", "BUTTED"), 1);
    DesignCut cut = cut(napkin, lays, List.of(), 20);
    isSound(cut, new Box(0, 0, 330, 330));
    int pieces = cut.sheets().stream().mapToInt(s -> s.pieces().size()).sum();
    assertThat(cut.newSheets()).isEqualTo(Math.ceilDiv(pieces, 4));
  }

  @Test
  void aLockedPartStaysAndTheOthersAreCutAroundIt() {
    Design paper = Prints.repeatingPaper(500, 700, 100, 100);
    List<LayReading.Laid> lays = laid(paper, RuleKind.COVER, Map.of("join", "BUTTED"), 2);
    DesignCut before = cut(paper, lays, List.of(), 9);
    DesignCut.Piece first =
        before.sheets().stream()
            .flatMap(s -> s.pieces().stream())
            .filter(p -> p.number() == 1)
            .findFirst()
            .orElseThrow();
    double right = 500 - first.window().widthMm();
    double along = Math.floor((right - first.window().leftMm()) / 100) * 100;
    Box moved =
        new Box(
            first.window().leftMm() + Math.max(0, along),
            first.window().topMm(),
            first.window().widthMm(),
            first.window().heightMm());
    CutWish wish =
        new CutWish(
            NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER),
            0,
            List.of(new CutWish.Locked(1, Optional.empty(), 1, moved, false)));
    DesignCut after = cut(paper, lays, List.of(), 9, wish);
    isSound(after, new Box(0, 0, 500, 700));
    assertThat(after.isEnough()).isTrue();
    assertThat(
            after.sheets().stream()
                .flatMap(s -> s.pieces().stream())
                .filter(p -> p.number() == 1)
                .findFirst()
                .orElseThrow()
                .window())
        .isEqualTo(moved);
  }

  @Test
  void leftoversCanBeLeftWhereTheyAre() {
    Design picture = Prints.transfer(300, 300, Prints.motif("gull", 3, 20, 20, 60, 60));
    List<LayReading.Laid> lays = laid(picture, RuleKind.SINGLE, Map.of(), 1);
    CutWish wish =
        new CutWish(NestSearch.quick(NestSearch.Preference.LEFTOVERS_KEPT), 0, List.of());
    DesignCut cut = cut(picture, lays, List.of(leftover("all", 0, 0, 300, 300)), 3, wish);
    assertThat(cut.newSheets()).isEqualTo(1);
    assertThat(cut.sheets()).noneMatch(s -> s.leftoverId().isPresent());
  }

  @Test
  void tooMuchRoomForTheKnifeIsRefused() {
    assertThatThrownBy(
            () ->
                new CutWish(
                    NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER), 80, List.of()))
        .isInstanceOf(RefusedInput.class)
        .hasMessageContaining("room-for-the-knife")
        .hasMessageContaining("80");
  }

  @Test
  void restsAreTheLargestStraightPiecesAndNeverOverlap() {
    Box sheet = new Box(0, 0, 500, 700);
    List<Box> cut = List.of(new Box(100, 100, 200, 300), new Box(350, 500, 100, 150));
    List<Box> rests = Rests.of(sheet, cut, 60);
    assertThat(rests).isNotEmpty();
    for (int i = 0; i < rests.size(); i++) {
      Box r = rests.get(i);
      assertThat(cut).noneMatch(c -> c.overlaps(r, 1e-6));
      assertThat(Math.min(r.widthMm(), r.heightMm())).isGreaterThanOrEqualTo(60);
      for (int k = 0; k < i; k++) {
        assertThat(r.overlaps(rests.get(k), 1e-6)).isFalse();
        assertThat(r.areaMm2()).isLessThanOrEqualTo(rests.get(k).areaMm2() + 1e-6);
      }
    }
    assertThat(Rests.of(sheet, List.of(sheet), 60)).isEmpty();
  }
}
