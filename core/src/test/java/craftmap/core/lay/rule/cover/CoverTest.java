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
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoverTest {
  private static Cover rule(double overlap, double bleed) {
    return new Cover(
        Cover.Unit.WHOLE_SHEET,
        overlap == 0 ? Cover.Join.BUTTED : Cover.Join.OVERLAPPING,
        overlap,
        bleed,
        Cover.Turning.WHICHEVER_IS_BETTER,
        Cover.Rows.EITHER,
        Cover.Meets.EVERYWHERE,
        Optional.empty(),
        Optional.empty());
  }

  private static SheetCover of(LayOption option) {
    return (SheetCover) option.arrangement();
  }

  @Test
  void panelsFromSheetsWithAnOverlap() {
    List<LayOption> options =
        Bench.lay(rule(8, 0), new RectangleOutline(870, 420), Prints.napkin(1));
    SheetCover even =
        options.stream()
            .map(CoverTest::of)
            .filter(c -> c.way() == Way.InSheets.COVER_EVEN)
            .findFirst()
            .get();
    assertThat(even.columns()).isEqualTo(3);
    assertThat(even.rows()).isEqualTo(2);
  }

  @Tag("thorough")
  @ParameterizedTest
  @CsvSource({"870, 420, 8", "333, 1200, 0", "1500, 2000, 15", "329, 329, 8", "331, 100, 3"})
  void everySpotIsCoveredAndNothingElse(double w, double h, double overlap) {
    for (LayOption option :
        Bench.lay(rule(overlap, 4), new RectangleOutline(w, h), Prints.plainPaper(330, 450))) {
      double union =
          Planar.union(option.items().stream().map(Item::visibleArea).toList()).getArea();
      assertThat(union).isCloseTo(w * h, within(w * h * 1e-6));
      for (SheetPart part : of(option).parts()) {
        assertThat(part.cut().widthMm()).isLessThanOrEqualTo(330.0001);
        assertThat(part.cut().heightMm()).isLessThanOrEqualTo(450.0001);
        assertThat(part.cut().leftMm()).isGreaterThanOrEqualTo(-1e-6);
        assertThat(part.cut().rightMm()).isLessThanOrEqualTo(330.0001);
      }
      assertThat(of(option).sheets()).isGreaterThanOrEqualTo(of(option).leastSheets());
    }
  }

  @Test
  void rowsAreAllAlikeOrWholeFromTheTopAsIsAsked() {
    // 1000 down in sheets of 450: three of a third, or two whole ones and a strip of 100
    for (Cover.Rows rows : Cover.Rows.values()) {
      Cover rule =
          new Cover(
              Cover.Unit.WHOLE_SHEET,
              Cover.Join.BUTTED,
              0,
              0,
              Cover.Turning.AS_PRINTED,
              rows,
              Cover.Meets.EVERYWHERE,
              Optional.empty(),
              Optional.empty());
      List<Double> heights =
          of(
                  Bench.lay(rule, new RectangleOutline(300, 1000), Prints.plainPaper(330, 450))
                      .getFirst())
              .parts()
              .stream()
              .map(p -> (double) Math.round(p.cut().heightMm()))
              .toList();
      assertThat(heights)
          .as(rows.name())
          .isEqualTo(
              rows == Cover.Rows.WHOLE_FROM_TOP
                  ? List.of(450.0, 450.0, 100.0)
                  : List.of(333.0, 333.0, 333.0));
    }
  }

  @Test
  void whatAPartShowsOnTheFaceIsWhatIsCutFromTheSheet() {
    for (LayOption option :
        Bench.lay(rule(8, 4), new RectangleOutline(870, 420), Prints.plainPaper(330, 450))) {
      List<SheetPart> parts = of(option).parts();
      for (int i = 0; i < parts.size(); i++) {
        var shape = parts.get(i).shape().getEnvelopeInternal();
        Box cut = parts.get(i).cut();
        assertThat(cut.leftMm()).isLessThanOrEqualTo(shape.getMinX() + 1e-6);
        assertThat(cut.topMm()).isLessThanOrEqualTo(shape.getMinY() + 1e-6);
        assertThat(cut.rightMm()).isGreaterThanOrEqualTo(shape.getMaxX() - 1e-6);
        assertThat(cut.bottomMm()).isGreaterThanOrEqualTo(shape.getMaxY() - 1e-6);
      }
    }
  }

  private static Fronts insets(Design design, int count, double w, double h, double pitch) {
    List<Fronts.Front> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Outline outline = new RectangleOutline(w, h);
      all.add(
          new Fronts.Front(
              Room.on(Bench.face(outline, Marks.NONE), design.kind()), new Point(i * pitch, 0)));
    }
    return Fronts.of(all, 0);
  }

  @Tag("thorough")
  @ParameterizedTest
  @CsvSource({"5, 320, 1570, 404", "3, 250, 900, 277.7", "2, 700, 300, 733"})
  void aRepeatingPrintMeetsAtEverySeamAndAcrossAllFaces(
      int count, double w, double h, double pitch) {
    Design paper = Prints.repeatingPaper(500, 700, 120, 90);
    Fronts fronts = insets(paper, count, w, h, pitch);
    for (int i = 0; i < count; i++) {
      LayAnswer answer = rule(5, 4).lay(Laying.over(fronts.lookingAt(i), paper));
      for (LayOption option : ((LayAnswer.Options) answer).ranked()) {
        double acrossPhase = Double.NaN;
        double downPhase = Double.NaN;
        for (int f = 0; f < count; f++) {
          LayAnswer.Options there =
              (LayAnswer.Options) rule(5, 4).lay(Laying.over(fronts.lookingAt(f), paper));
          LayOption same =
              there.ranked().stream()
                  .filter(o -> o.arrangement().way() == option.arrangement().way())
                  .findFirst()
                  .orElseThrow();
          for (Item item : same.items()) {
            double x = phase(item.centre().xMm() + f * pitch, 120);
            double y = phase(item.centre().yMm(), 90);
            acrossPhase = Double.isNaN(acrossPhase) ? x : acrossPhase;
            downPhase = Double.isNaN(downPhase) ? y : downPhase;
            assertThat(apart(x, acrossPhase, 120)).isLessThan(1e-6);
            assertThat(apart(y, downPhase, 90)).isLessThan(1e-6);
          }
        }
      }
    }
  }

  private static double phase(double at, double repeat) {
    double m = at % repeat;
    return m < 0 ? m + repeat : m;
  }

  private static double apart(double a, double b, double repeat) {
    double off = Math.abs(a - b);
    return Math.min(off, repeat - off);
  }

  @Test
  void halvesOfASheetAreUsedAgainWhereThePrintAllowsIt() {
    // two columns of 250 out of sheets of 500: one sheet is cut in two
    SheetCover plain =
        of(
            Bench.lay(rule(0, 0), new RectangleOutline(1250, 700), Prints.plainPaper(500, 700))
                .getFirst());
    assertThat(plain.sheets()).isEqualTo(3);
    assertThat(plain.leastSheets()).isEqualTo(3);
  }

  @Test
  void aRepeatLargerThanASheetIsToldSo() {
    Design paper = Prints.repeatingPaper(500, 700, 520, 90);
    LayAnswer answer =
        rule(5, 4)
            .lay(
                new Laying(
                    Room.on(Bench.face(new RectangleOutline(900, 400), Marks.NONE), paper.kind()),
                    paper));
    assertThat(answer).isEqualTo(new LayAnswer.NoRoom(LayAnswer.Reason.REPEAT_TOO_LARGE));
  }

  @Test
  void whereASheetIsTrimmedItsMotifStaysWhole() {
    MotifBox gull = Prints.motif("gull", 5, 380, 40, 110, 100);
    Design paper = Prints.paper(500, 700, gull);
    List<LayOption> options = Bench.lay(rule(5, 0), new RectangleOutline(300, 400), paper);
    assertThat(of(options.getFirst()).spoilt()).isEmpty();
    assertThat(of(options.getFirst()).parts().getFirst().whole())
        .extracting(MotifBox::name)
        .containsExactly("gull");
  }

  @Test
  void theFirstPartIsCutFromTheFirstSheetAndEveryNextSheetHasALaterOne() {
    for (LayOption option :
        Bench.lay(rule(5, 4), new RectangleOutline(1500, 1900), Prints.plainPaper(500, 700))) {
      int opened = 0;
      for (SheetPart part : of(option).parts()) {
        assertThat(part.sheet()).isLessThanOrEqualTo(opened + 1);
        opened = Math.max(opened, part.sheet());
      }
      assertThat(opened).isEqualTo(of(option).sheets());
    }
  }

  @Test
  void aNapkinCountsByItsPrintedQuarters() {
    Cover quarters =
        new Cover(
            Cover.Unit.ONE_PICTURE,
            Cover.Join.BUTTED,
            0,
            0,
            Cover.Turning.AS_PRINTED,
            Cover.Rows.EITHER,
            Cover.Meets.EVERYWHERE,
            Optional.empty(),
            Optional.empty());
    SheetCover cover =
        of(Bench.lay(quarters, new RectangleOutline(820, 165), Prints.napkin(4)).getFirst());
    assertThat(cover.parts()).hasSize(5);
    assertThat(cover.sheets()).isEqualTo(2);
  }

  @Test
  void aRoundLidTakesADiscWithItsBleed() {
    LayOption lid = Bench.lay(rule(5, 4), OvalOutline.circle(180), Prints.napkin(1)).getFirst();
    assertThat(lid.items()).hasSize(1);
    assertThat(lid.items().getFirst().visibleArea().getArea())
        .isCloseTo(Math.PI * 90 * 90, within(60.0));
    assertThat(of(lid).parts().getFirst().cut().widthMm()).isCloseTo(188, within(0.1));
  }

  @Test
  void aRoundLidIsCutRoundTheMotifAndNotRoundItsBox() {
    // in the box around the lid the gull would fit anywhere; the lid has no corners
    Design gull = Prints.paper(300, 300, Prints.motif("gull", 5, 170, 170, 96, 96));
    for (LayOption option : Bench.lay(rule(5, 4), new OvalOutline(150, 150), gull)) {
      assertThat(of(option).spoilt()).isEmpty();
      assertThat(of(option).parts().getFirst().whole()).hasSize(1);
    }
  }
}
