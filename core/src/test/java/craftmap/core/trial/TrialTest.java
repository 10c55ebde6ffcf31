package craftmap.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.design.Shapes;
import craftmap.core.measure.MeasureSheet;
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
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

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
  void sheetsCoverAFaceWithOverlap() {
    Design paper = of(DesignKind.PAPER, Map.of("width", 330.0, "height", 330.0), Map.of());
    Trial trial = trial(front(), paper);
    assertThat(trial.verdict()).isEqualTo(new Trial.Covers(6));
    assertThat(trial.needs()).contains(new Trial.Need(StockUnit.SHEETS, 6));
    double left = trial.placed().stream().mapToDouble(p -> p.onFace().leftMm()).min().orElseThrow();
    assertThat(left).isCloseTo((870 - 3 * 330 + 16) / 2.0, within(1e-9));
  }

  @Test
  void aNapkinCountsByItsQuartersOnceOneIsNotEnough() {
    Design napkin = of(DesignKind.NAPKIN, Map.of(), Map.of());
    Trial trial = trial(front(), napkin);
    assertThat(trial.verdict()).isEqualTo(new Trial.Fits(true, false));
    Trial low = trial(face(new RectangleOutline(870, 160)), napkin);
    assertThat(low.placed()).hasSize(6);
    assertThat(low.needs()).contains(new Trial.Need(StockUnit.SHEETS, 2));
  }

  @Test
  void stripsOfFoilAreAsLongAsTheFaceIsThere() {
    Design foil = of(DesignKind.FOIL, Map.of("width", 80.0, "overlap", 5.0), Map.of());
    Trial trial = trial(front(), foil);
    assertThat(trial.verdict()).isEqualTo(new Trial.Strips(6, 1));
    assertThat(trial.needs().orElseThrow().quantity()).isCloseTo(6 * 870, within(1e-6));
    double round = trial(face(OvalOutline.circle(300)), foil).needs().orElseThrow().quantity();
    assertThat(round).isLessThan(4 * 300).isGreaterThan(Math.PI * 150 * 150 / 80);
  }

  @Test
  void plasterFabricGoesOnInLayers() {
    Design fabric = of(DesignKind.PLASTER_FABRIC, Map.of("layers", 3.0), Map.of());
    Trial trial = trial(front(), fabric);
    assertThat(trial.needs().orElseThrow().quantity()).isCloseTo(3 * 5 * 870, within(1e-6));
  }

  @Test
  void trimGoesRoundTheFace() {
    Design trim = of(DesignKind.MOULDING, Map.of(), Map.of("form", "LENGTHS"));
    assertThat(trial(front(), trim).needs().orElseThrow().quantity())
        .isCloseTo(2 * (870 + 420), within(0.01));
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
              assertThat(p.strips()).isEqualTo(3);
              assertThat(p.turns()).isCloseTo(3 * 870 / 160.0, within(1e-6));
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
    assertThat(trial.placed()).hasSizeGreaterThan(50);
    for (Placed a : trial.placed()) {
      for (Placed b : trial.placed()) {
        if (a != b) {
          double dx = a.onFace().centre().xMm() - b.onFace().centre().xMm();
          double dy = a.onFace().centre().yMm() - b.onFace().centre().yMm();
          assertThat(Math.hypot(dx, dy)).isGreaterThan(20 - 1e-6);
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
        .isInstanceOf(Trial.NoRow.class);
  }

  @Test
  void aZoneKnowsItsArea() {
    Design zone = of(DesignKind.PAINTED_ZONE, Map.of(), Map.of());
    Trial trial = trial(front(plate(new Box(0, 0, 100, 100))), zone);
    assertThat(((Trial.Zone) trial.verdict()).areaMm2())
        .isCloseTo(870 * 420 - 100 * 100, within(1.0));
  }
}
