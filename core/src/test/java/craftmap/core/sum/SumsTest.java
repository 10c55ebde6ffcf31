package craftmap.core.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Money;
import craftmap.core.order.climate.Climate;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class SumsTest {
  private static final Usual USUAL = new Usual(Climate.OF_LABELS, new Money(1500, "EUR"), 20);

  private static SumAnswer answer(SumKind kind, Map<String, Double> numbers) {
    return answer(kind, numbers, Map.of());
  }

  private static SumAnswer answer(
      SumKind kind, Map<String, Double> numbers, Map<String, String> choices) {
    return kind.answer(new MeasureSheet(numbers, choices), USUAL);
  }

  private static List<Figure> figures(SumAnswer answer) {
    return answer.says().orElseThrow().figures();
  }

  private static double ml(Figure figure) {
    return ((Figure.Volume) figure).ml();
  }

  private static Figure line(SumAnswer answer, String code) {
    return answer.lines().stream()
        .filter(l -> l.label().code().equals(code))
        .findFirst()
        .orElseThrow()
        .figure();
  }

  private static LayOption best(SumAnswer answer) {
    return answer.ways().orElseThrow().ranked().getFirst();
  }

  @ParameterizedTest
  @EnumSource(SumKind.class)
  void everySumIsAnsweredBeforeAnybodyHasSaidAnything(SumKind kind) {
    SumAnswer answer = answer(kind, Map.of());
    assertThat(answer.says().isPresent() || answer.ways().isPresent()).isTrue();
    assertThat(answer.why()).as("why").isNotEmpty();
    assertThat(answer.sketches()).as("drawn").isNotEmpty();
    answer.ways().ifPresent(w -> assertThat(answer.sketches()).hasSameSizeAs(w.ranked()));
  }

  @Test
  void aRunAndARingAreLaidAsOnAPiece() {
    SumAnswer run = answer(SumKind.RUN, Map.of());
    RunRow row = (RunRow) best(run).arrangement();
    assertThat(row.count()).isEqualTo(7);
    assertThat(row.startMarginMm()).isCloseTo(27, within(1e-9));
    assertThat(run.ways().orElseThrow().ticks().getFirst()).startsWith(75.0).hasSize(7);

    SumAnswer ring = answer(SumKind.RING, Map.of());
    RingRows rows = (RingRows) best(ring).arrangement();
    assertThat(rows.count()).isEqualTo(14);
    assertThat(rows.gapMm()).isCloseTo(13.857, within(1e-3));
    List<Double> ticks = ring.ways().orElseThrow().ticks().getFirst();
    assertThat(ticks).hasSize(14).isSorted();
    assertThat(ticks.get(1) - ticks.get(0)).isCloseTo(754.0 / 14, within(1e-9));
  }

  @Test
  void aBorderHasTheSameGapsAsNearlyAsCanBe() {
    BorderSides sides = (BorderSides) best(answer(SumKind.BORDER, Map.of())).arrangement();
    assertThat(sides.sides().get(0).count()).isEqualTo(12);
    assertThat(sides.sides().get(0).gapMm()).isCloseTo(12.615, within(1e-3));
    assertThat(sides.sides().get(1).count()).isEqualTo(5);
    assertThat(sides.sides().get(1).gapMm()).isCloseTo(10, within(1e-9));
  }

  @Test
  void sheetsAndStripsCover() {
    SheetCover cover = (SheetCover) best(answer(SumKind.SHEETS, Map.of())).arrangement();
    assertThat(cover.columns() * cover.rows()).isEqualTo(6);
    RollStrips strips = (RollStrips) best(answer(SumKind.STRIPS, Map.of())).arrangement();
    assertThat(strips.strips() * (80 - 5) + 5).isGreaterThanOrEqualTo(380);
  }

  @Test
  void whatIsNotSquareAndWhatIsRound() {
    SumAnswer square = answer(SumKind.SQUARE, Map.of());
    assertThat(((Figure.Angle) line(square, "corner-top-left")).deg())
        .isCloseTo(90.417, within(1e-3));
    assertThat(((Figure.Angle) line(square, "corner-bottom-right")).deg())
        .isCloseTo(89.783, within(1e-3));
    assertThat(((Figure.WideArea) line(square, "area-of-the-face")).mm2())
        .isCloseTo(409_280, within(10.0));
    assertThat(((Figure.Difference) line(square, "tape-and-sum-differ-by")).mm())
        .isCloseTo(-0.40, within(0.005));
    assertThat(square.mind()).isEmpty();
    // with sides of one's own there is no second diagonal until one was taped
    SumAnswer own = answer(SumKind.SQUARE, Map.of("top", 870.0, "bottom", 870.0));
    assertThat(own.lines())
        .extracting(l -> l.label().code())
        .contains("other-diagonal-should-be")
        .doesNotContain("tape-and-sum-differ-by");
    assertThat(own.mind()).isEmpty();
    assertThat(notes(own)).contains("leaning-drawn-times");
    // and what is square is drawn so
    Map<String, Double> taped =
        Map.of("top", 870.0, "bottom", 870.0, "right", 421.0, "left", 421.0, "diagonal", 966.0);
    assertThat(notes(answer(SumKind.SQUARE, taped))).doesNotContain("leaning-drawn-times");
    assertThat(answer(SumKind.SQUARE, Map.of("check", 1017.3)).mind())
        .extracting(Figure.Said::code)
        .containsExactly("measure-again");

    SumAnswer cone = answer(SumKind.ROUND, Map.of());
    assertThat(((Figure.Length) figures(cone).get(0)).mm()).isCloseTo(917.57, within(0.005));
    assertThat(((Figure.Angle) figures(cone).get(2)).deg()).isCloseTo(47.082, within(1e-3));
    assertThat(((Figure.Length) line(cone, "stands-high")).mm()).isCloseTo(228.02, within(0.005));
    assertThat(((Figure.FineLength) line(cone, "straight-strip-stands-off")).mm())
        .isCloseTo(5.47, within(0.005));
    assertThat(((Figure.Length) line(cone, "widest-straight-strip")).mm())
        .isCloseTo(121.1, within(0.05));
    assertThat(answer(SumKind.ROUND, Map.of("bottom", 754.2)).says().orElseThrow().code())
        .isEqualTo("cut-a-rectangle");
  }

  @Test
  void whatIsInPots() {
    assertThat(ml(figures(answer(SumKind.COATS, Map.of())).getFirst()))
        .isCloseTo(395.2, within(0.05));
    List<Figure> mixed = figures(answer(SumKind.MIX, Map.of()));
    assertThat(ml(mixed.get(0))).isCloseTo(208, within(1e-9));
    assertThat(ml(mixed.get(1))).isCloseTo(52, within(1e-9));
    assertThat(figures(answer(SumKind.MIX, Map.of(), Map.of("by", "WEIGHT"))).getFirst())
        .isEqualTo(new Figure.Amount(208, 0, "g"));
    assertThat(ml(figures(answer(SumKind.PASTE, Map.of())).getFirst()))
        .isCloseTo(125.4, within(0.05));
    List<Figure> batches = figures(answer(SumKind.BATCHES, Map.of()));
    assertThat(batches.get(0)).isEqualTo(Figure.count(3));
    assertThat(ml(batches.get(1))).isCloseTo(300, within(1e-9));
    List<Figure> poured =
        figures(
            answer(
                SumKind.POURED,
                Map.of("width", 400.0, "height", 250.0, "thick", 3.0, "edge", 10.0, "loss", 0.0)));
    assertThat(ml(poured.get(0)))
        .as("(0.1 m² + 1.3 m x 10 mm) x 3 mm")
        .isCloseTo((100_000 + 13_000) * 3 / 1000.0, within(1e-9));
    assertThat(ml(poured.get(1)) + ml(poured.get(2))).isCloseTo(ml(poured.get(0)), within(1e-9));
  }

  @Test
  void dryingGoesByTheAir() {
    Map<String, Double> cold = Map.of("label", 60.0, "celsius", 15.0, "damp", 70.0);
    Duration dry = ((Figure.Time) figures(answer(SumKind.DRYING, cold)).getFirst()).time();
    assertThat(dry.toSeconds() / 3600.0).isCloseTo(2.431, within(5e-4));
    assertThat(((Figure.Times) line(answer(SumKind.DRYING, cold), "here-so-many-times")).times())
        .isCloseTo(2.431, within(5e-4));
    assertThat(
            ((Figure.Times)
                    line(answer(SumKind.DRYING, cold, Map.of("base", "OIL")), "here-so-many-times"))
                .times())
        .isCloseTo(1.516, within(5e-4));
    assertThat(
            ((Figure.Times)
                    line(answer(SumKind.DRYING, cold, Map.of("fan", "YES")), "here-so-many-times"))
                .times())
        .isCloseTo(2.431 / 2, within(5e-4));
    assertThat(
            ((Figure.Times)
                    line(
                        answer(SumKind.DRYING, cold, Map.of("fan", "YES", "until", "CURED")),
                        "here-so-many-times"))
                .times())
        .as("a fan cures nothing sooner")
        .isCloseTo(1.516, within(5e-4));
    SumAnswer damp = answer(SumKind.DRYING, Map.of("damp", 91.0));
    assertThat(damp.says().orElseThrow().code()).isEqualTo("nothing-is-put-on-in-this-air");
    assertThat(damp.mind()).extracting(Figure.Said::code).contains("too-cold-or-too-damp");
  }

  @Test
  void coatsUntilItHides() {
    SumAnswer hides = answer(SumKind.HIDES, Map.of());
    int coats = ((Figure.Count) figures(hides).getFirst()).count();
    List<Double> off =
        hides.lines().stream()
            .map(l -> ((Figure.Shift) ((Figure.Said) l.figure()).figures().getFirst()).deltaE())
            .toList();
    assertThat(off).hasSize(coats);
    assertThat(off.getLast()).isLessThanOrEqualTo(3);
    assertThat(off.subList(0, coats - 1)).allSatisfy(d -> assertThat(d).isGreaterThan(3));
    assertThat(
            answer(SumKind.HIDES, Map.of(), Map.of("under", "#336699", "paint", "#336699"))
                .says()
                .orElseThrow()
                .code())
        .isEqualTo("nothing-to-hide");
  }

  @Test
  void stockAndPrices() {
    assertThat(figures(answer(SumKind.STOCK, Map.of()))).containsExactly(Figure.count(3));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                answer(
                    SumKind.STOCK,
                    Map.of("count1", 0.0, "count2", 0.0, "count3", 0.0, "count4", 0.0)));
    assertThatExceptionOfType(RefusedInput.class)
        .as("twenty metres sixty times over, out of lengths of a millimetre")
        .isThrownBy(
            () -> answer(SumKind.STOCK, Map.of("stock", 1.0, "piece1", 20_000.0, "count1", 60.0)));
    Map<String, Double> chest =
        Map.of("piece", 40.0, "supplies", 18.5, "hours", 6.5, "hourly", 15.0, "margin", 20.0);
    assertThat(figures(answer(SumKind.PRICE, chest)))
        .as("(58.50 + 97.50) x 1.2, up to a whole one")
        .containsExactly(new Figure.Worth(18_800, "EUR"));
  }

  @Test
  void allThatIsWrongIsToldAtOnce() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> answer(SumKind.RUN, Map.of("length", -1.0, "motif", 0.0)))
        .satisfies(refused -> assertThat(refused.faults()).hasSize(2));
  }

  /** What is said to fit fits, and what is said to be covered is. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {3, 17, 271, 8191})
  void whatIsSaidHoldsForUglyFigures(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 40; i++) {
      Map<String, Double> run =
          Map.of(
              "length", 80 + random.nextDouble() * 2917.3,
              "motif", 11.3 + random.nextDouble() * 190.7,
              "gap", random.nextDouble() * 61.9,
              "ends", random.nextDouble() * 23.3,
              "change", random.nextDouble() * 40);
      theRunFits(run, answer(SumKind.RUN, run));
      theRingCloses(run);
      theSheetsCover(random);
      theStockHoldsAllPieces(random);
      theMixAddsUp(random);
      theCoatsHide(random);
    }
  }

  private static void theRunFits(Map<String, Double> asked, SumAnswer answer) {
    if (answer.ways().isEmpty()) {
      assertThat(asked.get("motif") + 2 * asked.get("ends")).isGreaterThan(asked.get("length"));
      return;
    }
    RunRow best = (RunRow) best(answer).arrangement();
    assertThat(best.count() * best.motifMm() + (best.count() - 1) * best.gapMm())
        .isCloseTo(asked.get("length") - best.startMarginMm() - best.endMarginMm(), within(1e-6));
  }

  private static void theRingCloses(Map<String, Double> asked) {
    Map<String, Double> ring =
        Map.of(
            "around",
            asked.get("length"),
            "motif",
            asked.get("motif"),
            "gap",
            asked.get("gap"),
            "change",
            asked.get("change"));
    SumAnswer answer = answer(SumKind.RING, ring);
    answer
        .ways()
        .ifPresent(
            ways -> {
              for (LayOption option : ways.ranked()) {
                RingRows rows = (RingRows) option.arrangement();
                assertThat(rows.count() * (asked.get("motif") + rows.gapMm()))
                    .isCloseTo(asked.get("length"), within(1e-6));
                assertThat(rows.gapMm()).isGreaterThan(-1e-6);
              }
            });
  }

  private static void theSheetsCover(Random random) {
    double width = 150 + random.nextDouble() * 911.7;
    double height = 90 + random.nextDouble() * 703.1;
    double overlap = random.nextDouble() * 14.9;
    SumAnswer answer =
        answer(
            SumKind.SHEETS,
            Map.of(
                "width", width,
                "height", height,
                "wide", 170.3 + random.nextDouble() * 301,
                "tall", 170.3 + random.nextDouble() * 301,
                "overlap", overlap));
    SheetCover cover = (SheetCover) best(answer).arrangement();
    assertThat(cover.bare().areaMm2()).as("left bare").isCloseTo(0, within(1e-6));
    assertThat(cover.sheets()).isGreaterThanOrEqualTo(cover.leastSheets());
    assertThat(best(answer).items().stream().mapToDouble(i -> i.visibleArea().getArea()).sum())
        .isGreaterThanOrEqualTo(width * height - 1e-3);
  }

  private static void theStockHoldsAllPieces(Random random) {
    double stock = 611.7 + random.nextDouble() * 1500;
    double saw = random.nextDouble() * 4.3;
    Map<String, Double> asked = new HashMap<>(Map.of("stock", stock, "saw", saw));
    double all = 0;
    for (int k = 1; k <= 4; k++) {
      int count = random.nextInt(5) + (k == 1 ? 1 : 0);
      double piece = 40 + random.nextDouble() * 540;
      asked.put("count" + k, (double) count);
      asked.put("piece" + k, piece);
      all += count * piece;
    }
    SumAnswer answer = answer(SumKind.STOCK, asked);
    List<Figure.Lengths> lengths =
        answer.lines().stream()
            .filter(l -> l.label().code().equals("of-length"))
            .map(l -> (Figure.Lengths) l.figure())
            .toList();
    assertThat(lengths).hasSize(((Figure.Count) figures(answer).getFirst()).count());
    assertThat(lengths.stream().flatMap(l -> l.mm().stream()).mapToDouble(m -> m).sum())
        .isCloseTo(all, within(1e-6));
    assertThat(lengths)
        .allSatisfy(
            l ->
                assertThat(l.mm().stream().mapToDouble(m -> m).sum() + (l.mm().size() - 1) * saw)
                    .isLessThanOrEqualTo(stock + 1e-6));
  }

  /** So many coats hide it, and one fewer does not. */
  private static void theCoatsHide(Random random) {
    SumAnswer answer =
        answer(
            SumKind.HIDES,
            Map.of(),
            Map.of(
                "under", "#%06X".formatted(random.nextInt(1 << 24)),
                "paint", "#%06X".formatted(random.nextInt(1 << 24)),
                "hiding", List.of("LOW", "FAIR", "GOOD", "STRONG").get(random.nextInt(4))));
    List<Double> off =
        answer.lines().stream()
            .map(l -> ((Figure.Shift) ((Figure.Said) l.figure()).figures().getFirst()).deltaE())
            .toList();
    if (answer.says().orElseThrow().code().equals("coats-hide-it")) {
      assertThat(off).hasSize(((Figure.Count) figures(answer).getFirst()).count());
      assertThat(off.getLast()).isLessThanOrEqualTo(3);
      assertThat(off.subList(0, off.size() - 1)).allSatisfy(d -> assertThat(d).isGreaterThan(3));
    } else {
      assertThat(off).allSatisfy(d -> assertThat(d).isGreaterThan(3));
    }
  }

  private static void theMixAddsUp(Random random) {
    double all = 0.7 + random.nextDouble() * 2200;
    double a = 0.3 + random.nextDouble() * 9;
    double b = 0.3 + random.nextDouble() * 9;
    List<Figure> parts = figures(answer(SumKind.MIX, Map.of("all", all, "a", a, "b", b)));
    assertThat(ml(parts.get(0)) + ml(parts.get(1))).isCloseTo(all, within(1e-9));
    assertThat(ml(parts.get(0)) * b).isCloseTo(ml(parts.get(1)) * a, within(1e-6));
  }

  private static List<String> notes(SumAnswer answer) {
    return answer.sketches().getFirst().notes().stream()
        .map(Sketch.Note::text)
        .filter(Figure.Said.class::isInstance)
        .map(f -> ((Figure.Said) f).code())
        .toList();
  }
}
