package craftmap.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.design.Shapes;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.KeptAnswers;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayAnswers;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Proposal;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.Shelves;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plane.Box;
import craftmap.core.supply.StockUnit;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

class TrialTest {
  private static final Card CARD = new Card("d", "Design", "motif", "", Rights.MAY_BE_SOLD);

  private static Face face(Outline outline, KeepOut... keepOuts) {
    return new Face(
        "front",
        "Front",
        outline,
        MakeUp.values()[0],
        Finish.values()[0],
        new Colour("#EFE9DC"),
        Set.of(),
        0,
        Relief.FLAT,
        Marks.ofKeepOuts(List.of(keepOuts)));
  }

  private static Face front(KeepOut... keepOuts) {
    return face(new RectangleOutline(870, 420), keepOuts);
  }

  private static KeepOut plate(Box box, DesignKind... forbids) {
    return new KeepOut("plate", "Lock plate", new Area.Upright(box), Set.of(forbids));
  }

  private static Design of(
      DesignKind kind, Map<String, Double> numbers, Map<String, String> choices) {
    return kind.read(CARD, new MeasureSheet(numbers, choices), Optional.empty());
  }

  private static Trial trial(Face face, Design design) {
    return Trial.of(face, design, List.of());
  }

  @Test
  void aTransferThatFitsStandsInTheMiddleAndTakesASheet() {
    Trial trial =
        trial(front(), of(DesignKind.TRANSFER, Map.of("width", 600.0, "height", 400.0), Map.of()));
    assertThat(trial.verdict()).isEqualTo(new Trial.Fits(true, false));
    assertThat(trial.placed()).containsExactly(new Placed(new Box(135, 10, 600, 400), 0));
    assertThat(trial.needs()).contains(new Trial.Need(StockUnit.SHEETS, 1));
  }

  @Test
  void whatIsTooLargeSaysByHowMuch() {
    Trial wide =
        trial(front(), of(DesignKind.TRANSFER, Map.of("width", 878.0, "height", 400.0), Map.of()));
    assertThat(wide.verdict())
        .isInstanceOfSatisfying(
            Trial.TooLarge.class,
            t -> {
              assertThat(t.tooWideMm()).isCloseTo(8, within(0.02));
              assertThat(t.tooTallMm()).isZero();
            });
    Trial tall =
        trial(front(), of(DesignKind.TRANSFER, Map.of("width", 300.0, "height", 450.0), Map.of()));
    assertThat(tall.verdict())
        .isInstanceOfSatisfying(
            Trial.TooLarge.class, t -> assertThat(t.tooTallMm()).isCloseTo(30, within(0.02)));
    Trial both =
        trial(front(), of(DesignKind.TRANSFER, Map.of("width", 900.0, "height", 450.0), Map.of()));
    assertThat(both.verdict())
        .isInstanceOfSatisfying(
            Trial.TooLarge.class,
            t -> {
              assertThat(t.tooWideMm()).isCloseTo(30, within(0.02));
              assertThat(t.tooTallMm()).isCloseTo(30, within(0.02));
            });
  }

  @Test
  void onARoundFaceTheCornersCount() {
    Face round = face(OvalOutline.circle(300));
    Design square = of(DesignKind.TRANSFER, Map.of("width", 212.0, "height", 212.0), Map.of());
    assertThat(trial(round, square).verdict()).isInstanceOf(Trial.Fits.class);
    Design larger = of(DesignKind.TRANSFER, Map.of("width", 214.0, "height", 214.0), Map.of());
    assertThat(trial(round, larger).verdict()).isInstanceOf(Trial.TooLarge.class);
  }

  @Test
  void aKeepOutInTheMiddleMovesItAsideOrIsNamed() {
    KeepOut middle = plate(new Box(410, 180, 50, 60));
    Design small = of(DesignKind.TRANSFER, Map.of("width", 120.0, "height", 100.0), Map.of());
    assertThat(trial(front(middle), small).verdict()).isEqualTo(new Trial.Fits(false, false));
    Design large = of(DesignKind.TRANSFER, Map.of("width", 860.0, "height", 400.0), Map.of());
    assertThat(trial(front(middle), large).verdict()).isEqualTo(new Trial.InTheWay("Lock plate"));
    KeepOut onlyPaper = plate(new Box(410, 180, 50, 60), DesignKind.PAPER);
    assertThat(trial(front(onlyPaper), large).verdict()).isEqualTo(new Trial.Fits(true, false));
  }

  @Test
  void aMouldingLiesSidewaysWhereOnlyThatFits() {
    Design tall = of(DesignKind.MOULDING, Map.of("width", 60.0, "height", 500.0), Map.of());
    assertThat(trial(front(), tall).verdict()).isEqualTo(new Trial.Fits(true, true));
    Design upright =
        of(
            DesignKind.MOULDING,
            Map.of("width", 60.0, "height", 500.0),
            Map.of("direction", "UPRIGHT"));
    assertThat(trial(front(), upright).verdict()).isInstanceOf(Trial.TooLarge.class);
  }

  @Test
  void aHandedPairTakesTwo() {
    Design pair = of(DesignKind.MOULDING, Map.of(), Map.of("form", "HANDED_PAIR"));
    assertThat(trial(front(), pair).needs()).contains(new Trial.Need(StockUnit.PIECES, 2));
  }

  @Test
  void sheetsCoverAFaceWithOverlapAndAreUsedUpToTheLastPiece() {
    Design paper = of(DesignKind.PAPER, Map.of("width", 330.0, "height", 330.0), Map.of());
    Trial trial = trial(front(), paper);
    // 878 x 428 with what is trimmed: nine square decimetres a sheet are not enough for three
    assertThat(trial.verdict()).isEqualTo(new Trial.Covers(4));
    assertThat(trial.needs()).contains(new Trial.Need(StockUnit.SHEETS, 4));
  }

  @Test
  void stripsOfFoilRunTheWayThatTakesLeastOfTheRoll() {
    Design foil = of(DesignKind.FOIL, Map.of("width", 80.0, "overlap", 5.0), Map.of());
    Trial trial = trial(front(), foil);
    // twelve down, each 10 longer than the face is high; six across would take 6 x 880
    assertThat(trial.verdict()).isEqualTo(new Trial.Strips(12, 1));
    assertThat(trial.needs().orElseThrow().quantity()).isCloseTo(12 * 430, within(1e-6));
    double round = trial(face(OvalOutline.circle(300)), foil).needs().orElseThrow().quantity();
    assertThat(round).isLessThan(4 * 310).isGreaterThan(Math.PI * 150 * 150 / 80);
  }

  @Test
  void plasterFabricGoesOnInLayers() {
    Design fabric = of(DesignKind.PLASTER_FABRIC, Map.of("layers", 3.0), Map.of());
    Trial trial = trial(front(), fabric);
    assertThat(trial.needs().orElseThrow().quantity()).isCloseTo(3 * 5 * 880, within(1e-6));
  }

  @Test
  void trimGoesRoundTheFaceAndTakesWholeStockLengths() {
    Design trim = of(DesignKind.MOULDING, Map.of("stock", 1000.0), Map.of("form", "LENGTHS"));
    Trial trial = trial(front(), trim);
    assertThat(trial.verdict()).isEqualTo(new Trial.AllRound(2 * (870 + 420)));
    assertThat(trial.needs().orElseThrow().quantity()).isCloseTo(3000, within(1e-6));
  }

  /** What is told before a design is chosen is what is told once it is laid. */
  @Tag("thorough")
  @Test
  void whatATrialTakesIsWhatTheLayTakes() {
    Random random = new Random(1212);
    for (int i = 0; i < 120; i++) {
      double w = 90 + random.nextDouble() * 1100;
      double h = 90 + random.nextDouble() * 900;
      Design design =
          switch (i % 6) {
            case 0 -> of(DesignKind.PAPER, sized(random), Map.of("direction", "UPRIGHT"));
            case 1 -> of(DesignKind.NAPKIN, Map.of(), Map.of());
            case 2 -> of(DesignKind.FOIL, Map.of("width", 80.0, "overlap", 5.0), Map.of());
            case 3 -> of(DesignKind.MOULDING, Map.of("stock", 900.0), Map.of("form", "LENGTHS"));
            case 4 -> of(DesignKind.PLASTER_FABRIC, Map.of(), Map.of());
            default ->
                of(
                    DesignKind.PAPER,
                    Map.of("width", 500.0, "height", 700.0, "repeatX", 91.7, "repeatY", 77.3),
                    Map.of());
          };
      Trial trial = trial(face(new RectangleOutline(w, h)), design);
      LayReading laid = laid(design, w, h);
      if (laid instanceof LayReading.Laid there) {
        assertThat(trial.needs().map(Trial.Need::quantity).orElse(0.0))
            .as("%s on %s x %s", design.kind(), w, h)
            .isEqualTo(there.takes().offTheShelf(design));
      } else {
        assertThat(trial.verdict()).isInstanceOf(Trial.NoRow.class);
      }
    }
  }

  /** Who looks for words in a shelf is told of the same designs again with every letter. */
  @Tag("thorough")
  @Test
  void whatWasTriedIsNotWorkedOutAgainAndWhatIsOtherIs() {
    KeptAnswers kept = new KeptAnswers();
    Random random = new Random(72091);
    List<Design> designs =
        List.of(
            of(DesignKind.PAPER, Map.of("width", 331.3, "height", 477.1), Map.of()),
            of(DesignKind.NAPKIN, Map.of(), Map.of()),
            of(DesignKind.DOTS, Map.of("diameter", 8.3, "gap", 31.7), Map.of()),
            of(DesignKind.FOIL, Map.of("width", 81.7, "overlap", 5.3), Map.of()),
            of(DesignKind.TEXTURE, Map.of("paste", 2.1, "height", 161.3), Map.of()));
    for (int i = 0; i < 4; i++) {
      double w = 290.3 + random.nextDouble() * 700;
      double h = 190.7 + random.nextDouble() * 500;
      double x = w * 0.3;
      List<Geometry> inset = List.of(new RectangleOutline(w / 5, h / 5).region());
      List<Trial> tried = new ArrayList<>();
      for (Design design : designs) {
        for (Face face :
            List.of(
                face(new RectangleOutline(w, h)),
                face(new RectangleOutline(w, h), plate(new Box(x, h * 0.4, 41.3, 37.9))),
                face(new RectangleOutline(w, h), plate(new Box(x + 0.7, h * 0.4, 41.3, 37.9))))) {
          for (List<Geometry> insets : List.of(List.<Geometry>of(), inset)) {
            int before = kept.worked();
            Trial first = Trial.of(face, insets, design, List.of(), kept);
            assertThat(kept.worked()).isEqualTo(before + 1);
            assertThat(Trial.of(face, insets, design, List.of(), kept)).isEqualTo(first);
            assertThat(kept.worked()).isEqualTo(before + 1);
            assertThat(Trial.of(face, insets, design, List.of(), LayAnswers.NONE))
                .as("%s on %s x %s", design.kind(), w, h)
                .isEqualTo(first);
            tried.add(first);
          }
        }
      }
      // a plate, or a door set in, is seen
      assertThat(Set.copyOf(tried).size()).isGreaterThan(designs.size());
    }
  }

  private static Map<String, Double> sized(Random random) {
    return Map.of(
        "width", 200 + random.nextDouble() * 500, "height", 200 + random.nextDouble() * 500);
  }

  /** The same design laid by the rule that is proposed for it. */
  private static LayReading laid(Design design, double w, double h) {
    FormNote form = new FormNote(FormKind.SIGN, Map.of("width", w, "height", h), Map.of());
    String face = form.read().faces().faces().getFirst().id();
    Shelf shelf = Shelves.with(design, Optional.empty());
    LayRule rule =
        Proposal.of(face(new RectangleOutline(w, h)), design, List.of()).orElseThrow().rule();
    Lay lay = Lay.fresh("l", face, Optional.of("d"), rule, new Lay.Pot(Optional.empty(), 1));
    return new PlanReader(shelf, TapeDivision.MM_1)
        .read(new Plan("P", form, Map.of(), List.of(lay)))
        .face(face)
        .lays()
        .getFirst();
  }

  @Test
  void pasteIsAreaTimesThicknessWithLoss() {
    Design roller = of(DesignKind.TEXTURE, Map.of("paste", 2.0, "height", 160.0), Map.of());
    Trial trial = trial(front(), roller);
    assertThat(trial.verdict())
        .isInstanceOfSatisfying(
            Trial.Pasted.class,
            p -> {
              assertThat(p.pasteMl()).isCloseTo(870 * 420 * 2 / 1000.0 * 1.1, within(0.01));
              assertThat(p.strips()).isEqualTo(6);
              assertThat(p.turns()).isCloseTo(6 * 420 / 160.0, within(1e-6));
            });
  }

  @Test
  void anImageIsEnlargedUntilItFills() {
    Design image = of(DesignKind.ENLARGED_IMAGE, Map.of("width", 200.0, "height", 150.0), Map.of());
    assertThat(trial(front(), image).verdict())
        .isInstanceOfSatisfying(
            Trial.Enlarged.class,
            e -> {
              assertThat(e.scale()).isCloseTo(2.8, within(1e-9));
              assertThat(e.pages()).isPositive();
            });
  }

  @Test
  void dotsKeepTheirDistanceAndStayOnTheFace() {
    Design dots = of(DesignKind.DOTS, Map.of("diameter", 8.0, "gap", 12.0), Map.of());
    Trial trial = trial(face(OvalOutline.circle(200)), dots);
    // round a plate they go round its rim
    assertThat(trial.verdict()).isEqualTo(new Trial.Dotted(trial.placed().size()));
    assertThat(trial.placed()).hasSizeGreaterThan(20);
    for (Placed a : trial.placed()) {
      for (Placed b : trial.placed()) {
        if (a != b) {
          double dx = a.onFace().centre().xMm() - b.onFace().centre().xMm();
          double dy = a.onFace().centre().yMm() - b.onFace().centre().yMm();
          assertThat(Math.hypot(dx, dy)).isGreaterThan(8);
        }
      }
    }
  }

  @Test
  void aStencilIsTriedAsARowAndTakesNothing() {
    Trial trial = trial(front(), Shapes.block(96, 60, 180, 120));
    assertThat(trial.verdict())
        .isInstanceOfSatisfying(Trial.Row.class, r -> assertThat(r.whole()).isEqualTo(7));
    assertThat(trial.needs()).isEmpty();
    assertThat(trial(front(), Shapes.block(96, 430, 180, 500)).verdict())
        .isInstanceOfSatisfying(
            Trial.TooLarge.class,
            t -> {
              assertThat(t.tooTallMm()).isCloseTo(10, within(1e-6));
              assertThat(t.tooWideMm()).isZero();
            });
  }

  @Test
  void aZoneKnowsItsArea() {
    Design zone = of(DesignKind.PAINTED_ZONE, Map.of(), Map.of());
    Trial trial = trial(front(plate(new Box(0, 0, 100, 100))), zone);
    assertThat(((Trial.Zone) trial.verdict()).areaMm2())
        .isCloseTo(870 * 420 - 100 * 100, within(1.0));
  }
}
