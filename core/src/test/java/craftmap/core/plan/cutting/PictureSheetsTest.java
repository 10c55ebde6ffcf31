package craftmap.core.plan.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.design.Design;
import craftmap.core.design.Napkin;
import craftmap.core.design.Prints;
import craftmap.core.plane.Box;
import craftmap.core.supply.Offcut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Parts of pictures over all lays: no spot is cut twice, and what is told as the least is. */
class PictureSheetsTest {
  private static CutParts.Part part(int number, String lay, Box window, boolean onePicture) {
    return new CutParts.Part(
        new DesignCut.Piece(number, "piece", lay, "face", window, false),
        onePicture,
        NestPart.AS_TOLD);
  }

  private static DesignCut cut(
      Design design, List<CutParts.Part> parts, List<DesignCut.Leftover> leftovers) {
    return new PictureSheets(design, leftovers, 1_000, CutWish.PLAIN).cut(parts);
  }

  private static void isSound(DesignCut cut, List<CutParts.Part> parts, Design design) {
    int pieces = 0;
    for (DesignCut.Sheet s : cut.sheets()) {
      for (int i = 0; i < s.pieces().size(); i++) {
        for (int k = 0; k < i; k++) {
          assertThat(s.pieces().get(i).window().overlaps(s.pieces().get(k).window(), 1e-6))
              .isFalse();
        }
        pieces++;
      }
    }
    assertThat(pieces + cut.unplaced().size()).isEqualTo(parts.size());
    assertThat(cut.least()).isLessThanOrEqualTo(cut.newSheets());
    // each piece shows what it was asked to: the same spot on one of the pictures
    double w = design.printed().widthMm();
    double h = design.printed().heightMm();
    for (DesignCut.Sheet s : cut.sheets()) {
      for (DesignCut.Piece p : s.pieces()) {
        CutParts.Part asked =
            parts.stream().filter(a -> a.piece().number() == p.number()).findFirst().orElseThrow();
        double dx = p.window().leftMm() - asked.window().leftMm();
        double dy = p.window().topMm() - asked.window().topMm();
        assertThat(Math.abs(dx - w * Math.rint(dx / w))).isLessThan(1e-9);
        assertThat(Math.abs(dy - h * Math.rint(dy / h))).isLessThan(1e-9);
        assertThat(asked.onePicture() || dx == 0 && dy == 0).isTrue();
      }
    }
  }

  @Test
  void theBodyTakesThreeQuartersAndTheLidTheFourthOfOneNapkin() {
    Napkin napkin = (Napkin) Prints.napkin(4, Prints.motif("gull", 4, 30, 30, 60, 50));
    List<CutParts.Part> parts = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      parts.add(part(i + 1, "body", new Box(0, 0, 160.4, 165), true));
    }
    parts.add(part(4, "lid", new Box(20, 20, 120, 120), true));
    DesignCut cut = cut(napkin, parts, List.of());
    isSound(cut, parts, napkin);
    assertThat(cut.newSheets()).isEqualTo(1);
    assertThat(cut.least()).isEqualTo(1);
  }

  @Test
  void twoHalvesOfOneFrontComeFromOneNapkin() {
    Napkin napkin = (Napkin) Prints.napkin(1);
    List<CutParts.Part> parts =
        List.of(
            part(1, "left", new Box(0, 0, 165, 330), false),
            part(2, "right", new Box(165, 0, 165, 330), false));
    assertThat(cut(napkin, parts, List.of()).newSheets()).isEqualTo(1);
  }

  @Test
  void whatIsToldAsTheLeastIsTheLeastOverAllLays() {
    Random random = new Random(707);
    int proven = 0;
    for (int i = 0; i < 250; i++) {
      int quarters = List.of(1, 2, 4).get(random.nextInt(3));
      Design napkin = Prints.napkin(quarters);
      Box one = napkin.printed();
      List<CutParts.Part> parts = new ArrayList<>();
      int n = 2 + random.nextInt(5);
      for (int k = 0; k < n; k++) {
        boolean onePicture = quarters > 1 && random.nextInt(3) > 0;
        double maxW = onePicture ? one.widthMm() : 330;
        double maxH = onePicture ? one.heightMm() : 330;
        double w = maxW * (0.2 + 0.8 * random.nextDouble());
        double h = maxH * (0.2 + 0.8 * random.nextDouble());
        Box window =
            new Box(random.nextDouble() * (maxW - w), random.nextDouble() * (maxH - h), w, h);
        parts.add(part(k + 1, "lay" + k % 3, window, onePicture));
      }
      DesignCut cut = cut(napkin, parts, List.of());
      isSound(cut, parts, napkin);
      int fewest = fewest(parts, quarters, one);
      assertThat(cut.least()).as("case %s", i).isLessThanOrEqualTo(fewest);
      assertThat(cut.newSheets()).isGreaterThanOrEqualTo(fewest);
      proven += cut.newSheets() == cut.least() ? 1 : 0;
    }
    assertThat(proven).isGreaterThan(200);
  }

  /** Every way to put the parts onto sheets, one after the other. */
  private static int fewest(List<CutParts.Part> parts, int quarters, Box one) {
    for (int sheets = 1; ; sheets++) {
      List<List<Box>> on = new ArrayList<>();
      for (int s = 0; s < sheets; s++) {
        on.add(new ArrayList<>());
      }
      if (goes(parts, 0, on, quarters, one)) {
        return sheets;
      }
    }
  }

  private static boolean goes(
      List<CutParts.Part> parts, int i, List<List<Box>> on, int quarters, Box one) {
    if (i == parts.size()) {
      return true;
    }
    Box w = parts.get(i).window();
    int across = quarters == 4 ? 2 : 1;
    for (List<Box> sheet : on) {
      for (int q = 0; q < (parts.get(i).onePicture() ? quarters : 1); q++) {
        Box there =
            new Box(
                w.leftMm() + q % across * one.widthMm(),
                w.topMm() + q / across * one.heightMm(),
                w.widthMm(),
                w.heightMm());
        if (sheet.stream().noneMatch(t -> t.overlaps(there, 1e-6))) {
          sheet.add(there);
          if (goes(parts, i + 1, on, quarters, one)) {
            return true;
          }
          sheet.removeLast();
        }
      }
    }
    return false;
  }

  @Test
  void aLeftoverIsCutWhereItSparesASheetAndKeptWhereItDoesNot() {
    Design transfer = Prints.transfer(600, 450, Prints.motif("moon", 3, 200, 100, 100, 100));
    DesignCut.Leftover left = new DesignCut.Leftover("l", Offcut.ofBox(new Box(0, 0, 300, 450)));
    List<CutParts.Part> apart =
        List.of(
            part(1, "a", new Box(10, 10, 200, 200), false),
            part(2, "b", new Box(310, 10, 200, 200), false));
    DesignCut kept = cut(transfer, apart, List.of(left));
    assertThat(kept.newSheets()).isEqualTo(1);
    assertThat(kept.sheets()).noneMatch(s -> s.leftoverId().isPresent());
    List<CutParts.Part> twice =
        List.of(
            part(1, "a", new Box(10, 10, 200, 200), false),
            part(2, "b", new Box(20, 20, 200, 200), false),
            part(3, "b", new Box(310, 10, 200, 200), false));
    DesignCut spared = cut(transfer, twice, List.of(left));
    isSound(spared, twice, transfer);
    assertThat(spared.newSheets()).isEqualTo(1);
    assertThat(spared.least()).isEqualTo(1);
    assertThat(spared.sheets().stream().map(DesignCut.Sheet::leftoverId))
        .contains(Optional.of("l"));
  }
}
