package craftmap.core.finding;

import static craftmap.core.plan.Planned.laid;
import static craftmap.core.plan.Planned.lay;
import static craftmap.core.plan.Planned.read;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.form.FormKind;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Found;
import craftmap.core.plan.Founds;
import craftmap.core.plan.Lay;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindingsTest {
  private static final Map<String, Double> CHEST =
      Map.of("width", 870.0, "height", 420.0, "depth", 450.0);

  private static Lay placed(String design, double x, double y) {
    return lay(
        "l",
        "front",
        List.of(),
        design,
        List.of(),
        RuleKind.SINGLE,
        Map.of("x", x, "y", y),
        Map.of("placed", "YES"),
        OptionalDouble.empty());
  }

  private static Map<String, Found> front(List<KeepOut> keepOuts, List<Blemish> blemishes) {
    return Map.of(
        "front",
        Founds.with(
            Marks.ofKeepOuts(keepOuts)
                .and(new Marks(List.of(), List.of(), List.of(), blemishes, List.of()))));
  }

  private static KeepOut keepOut(double left, double top, double w, double h) {
    return new KeepOut("k", "Lock plate", new Area.Upright(new Box(left, top, w, h)), Set.of());
  }

  private static List<Finding> ofLay(PlanReading reading, TapeDivision tape) {
    return LayFindings.of(reading.face("front").face(), laid(reading, "front", "l"), tape);
  }

  /** A block of 60 x 40 whose middle lies at 435, 210 of a front with a lock plate to its right. */
  @ParameterizedTest
  @CsvSource({
    "465.0, KEEP_OUT_TOUCHED, RISK, 0",
    "465.4, KEEP_OUT_TOUCHED, RISK, 0",
    "471.3, KEEP_OUT_CLEAR, FINE, 6.3",
    "440, KEEP_OUT_HIT, STOP, 1",
  })
  void whatAKeepOutIsToAPrint(double left, FindingRule rule, Level level, double figure) {
    PlanReading reading =
        read(
            FormKind.CHEST,
            CHEST,
            front(List.of(keepOut(left, 190, 50, 40)), List.of()),
            placed("block", 435, 210).withPick(Founds.placedByHand()));
    Finding found = ofLay(reading, TapeDivision.MM_1).getFirst();
    assertThat(found.rule()).isEqualTo(rule);
    assertThat(found.level()).isEqualTo(level);
    assertThat(found.about()).isEqualTo(new About.OfLay("front", "l"));
    assertThat(found.figures().getFirst()).isEqualTo(new Figure.Named("Lock plate"));
    switch (rule) {
      case KEEP_OUT_CLEAR ->
          assertThat(((Figure.Length) found.figures().get(1)).mm())
              .isCloseTo(figure, org.assertj.core.api.Assertions.within(1e-9));
      case KEEP_OUT_HIT -> assertThat(found.figures().get(1)).isEqualTo(new Figure.Count(1));
      default -> assertThat(found.figures()).hasSize(1);
    }
  }

  @Test
  void whatACoarseTapeCannotTellFromTouchingTouches() {
    PlanReading reading =
        read(
            FormKind.CHEST,
            CHEST,
            front(List.of(keepOut(465.6, 190, 50, 40)), List.of()),
            placed("block", 435, 210).withPick(Founds.placedByHand()));
    assertThat(ofLay(reading, TapeDivision.MM_1).getFirst().rule())
        .isEqualTo(FindingRule.KEEP_OUT_CLEAR);
    assertThat(ofLay(reading, TapeDivision.INCH_16).getFirst().rule())
        .isEqualTo(FindingRule.KEEP_OUT_TOUCHED);
  }

  @Test
  void damageIsToldByWhatHidesIt() {
    PlanReading reading =
        read(
            FormKind.CHEST,
            CHEST,
            front(
                List.of(),
                List.of(
                    Blemish.of("under", 1, "burn", new Point(435, 210), 10),
                    Blemish.of("half", 2, "chip", new Point(465, 210), 10),
                    Blemish.of("beside", 3, "scratch", new Point(700, 60), 10))),
            placed("block", 435, 210).withPick(Founds.placedByHand()));
    List<Finding> found = FaceFindings.of(reading.face("front"), TapeDivision.MM_1);
    assertThat(found)
        .extracting(Finding::rule)
        .containsExactly(
            FindingRule.BLEMISH_COVERED, FindingRule.BLEMISH_PART, FindingRule.BLEMISH_BARE);
    assertThat(found)
        .extracting(Finding::about)
        .containsExactly(
            new About.OfMark("front", "under"),
            new About.OfMark("front", "half"),
            new About.OfMark("front", "beside"));
    assertThat(((Figure.Share) found.get(1).figures().get(2)).share())
        .isCloseTo(0.5, org.assertj.core.api.Assertions.within(1e-9));
  }

  @Test
  void aNapkinHasPliesAndTheGroundShinesThroughIt() {
    PlanReading reading =
        read(FormKind.CHEST, CHEST, Map.of(), lay("l", "front", "napkin", RuleKind.SINGLE));
    List<Finding> found = ofLay(reading, TapeDivision.MM_1);
    assertThat(found).extracting(Finding::rule).contains(FindingRule.PLIES);
    assertThat(found)
        .filteredOn(
            f -> Set.of(FindingRule.THIN_FINE, FindingRule.THIN_OVER_GROUND).contains(f.rule()))
        .hasSize(1);
  }

  private record Free(double quantity, String text) implements LayFindings.FreeStock {
    @Override
    public boolean covers(Pool pool) {
      return pool.quantity() <= quantity;
    }

    @Override
    public int left() {
      return 0;
    }

    @Override
    public int right() {
      return 0;
    }
  }

  @Test
  void theShelfIsAskedOnlyForWhatIsUsedUpAndTellsEnoughFromShort() {
    PlanReading painted =
        read(FormKind.CHEST, CHEST, Map.of(), lay("l", "front", "block", RuleKind.SINGLE));
    assertThat(
            LayFindings.againstTheShelf(
                painted.face("front").face(),
                laid(painted, "front", "l"),
                Optional.empty(),
                () -> {
                  throw new AssertionError("a stencil is not used up");
                }))
        .isEmpty();
    PlanReading boats =
        read(FormKind.CHEST, CHEST, Map.of(), lay("l", "front", "boat", RuleKind.SINGLE));
    for (double there : new double[] {0, 1, 3}) {
      Finding found =
          LayFindings.againstTheShelf(
                  boats.face("front").face(),
                  laid(boats, "front", "l"),
                  boats.poolOf("l", "boat"),
                  () -> new Free(there, there + " pieces"))
              .orElseThrow();
      assertThat(found.rule())
          .isEqualTo(there < 1 ? FindingRule.STOCK_SHORT : FindingRule.STOCK_ENOUGH);
      assertThat(found.level()).isEqualTo(there < 1 ? Level.RISK : Level.FINE);
      assertThat(found.figures()).containsExactly(new Figure.Named(there + " pieces"));
    }
  }

  @Test
  void idsAreShortAndNoTwoAreTheSame() {
    List<String> ids = Arrays.stream(FindingRule.values()).map(FindingRule::id).toList();
    assertThat(new HashSet<>(ids)).hasSameSizeAs(ids);
    assertThat(ids).allMatch(id -> id.matches("[a-z]+(-[a-z]+)*") && id.length() <= 24);
  }
}
