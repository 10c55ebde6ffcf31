package craftmap.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.NamedPart;
import craftmap.core.design.Prints;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.cutting.CutWish;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** One named part of a picture laid alone. */
class NamedPartTest {
  private static final MotifBox GULL = Prints.motif("the gull", 5, 41.3, 52.7, 38.9, 27.1);
  private static final MotifBox MOON = Prints.motif("the moon", 3, 120.2, 8.4, 22.6, 22.6);

  private static NamedPart part(String name, double border) {
    return new NamedPart(name, border, NamedPart.PartEdge.CUT);
  }

  @Test
  void itIsItsBoxWithABorderOfWhatLiesAroundIt() {
    Design alone = part("the gull", 7.3).of(Prints.napkin(4, GULL));
    near(alone.printed(), new Box(34.0, 45.4, 53.5, 41.7));
    assertThat(alone.part()).map(MotifBox::name).contains("the gull");
    assertThat(alone.shapeMm2()).isCloseTo(53.5 * 41.7, within(1e-6));
  }

  @Test
  void theBorderEndsWhereThePictureDoes() {
    Design alone = part("the moon", 30).of(Prints.napkin(4, MOON));
    Box box = alone.printed();
    assertThat(box.topMm()).isZero();
    assertThat(box.rightMm()).as("its own picture, not its neighbour's").isEqualTo(165);
    assertThat(box.leftMm()).isCloseTo(90.2, within(1e-9));
  }

  @Test
  void onANapkinItIsToldOnTheFirstPictureWhicheverItWasNamedOn() {
    MotifBox third = Prints.motif("the gull", 5, 41.3, 52.7 + 165, 38.9, 27.1);
    near(
        part("the gull", 4).of(Prints.napkin(4, third)).printed(),
        part("the gull", 4).of(Prints.napkin(4, GULL)).printed());
  }

  private static void near(Box box, Box other) {
    assertThat(box.leftMm()).isCloseTo(other.leftMm(), within(1e-9));
    assertThat(box.topMm()).isCloseTo(other.topMm(), within(1e-9));
    assertThat(box.widthMm()).isCloseTo(other.widthMm(), within(1e-9));
    assertThat(box.heightMm()).isCloseTo(other.heightMm(), within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"the heron", ""})
  void whatIsNotOnThePictureIsRefusedWithWhatIs(String name) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> part(name, 0).of(Prints.napkin(4, GULL, MOON)))
        .satisfies(r -> assertThat(r.getMessage()).contains("the gull", "the moon"));
  }

  @ParameterizedTest
  @ValueSource(doubles = {-0.1, 200.1, Double.NaN})
  void aBorderBeyondReasonIsRefused(double border) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> part("the gull", border))
        .satisfies(r -> assertThat(r.getMessage()).contains("border-round-the-part"));
  }

  @Test
  void aPartIsLaidByRulesForPiecesAndNotByThoseForSheets() {
    Design alone = part("the gull", 5).of(Prints.napkin(4, GULL));
    assertThat(RuleKind.suiting(alone))
        .contains(RuleKind.SINGLE, RuleKind.SCATTER, RuleKind.RUN)
        .doesNotContain(RuleKind.COVER, RuleKind.WRAP, RuleKind.ACROSS);
  }

  /** Five of one flower: four pictures on a napkin give four, so that two napkins are opened. */
  @ParameterizedTest
  @CsvSource({"1, 1", "4, 1", "5, 2", "8, 2", "9, 3"})
  void aPictureGivesAPartOnce(int count, int napkins) {
    PlanReading reading = strewn(Prints.napkin(4, GULL), "the gull", count, 3.7);
    assertThat(laid(reading).items()).hasSize(count);
    assertThat(laid(reading).takes().sheets()).isEqualTo(napkins);
    Pool pool = reading.pools().getFirst();
    assertThat(pool.count()).isEqualTo(napkins);
    assertThat(pool.least()).isEqualTo(napkins);
  }

  @Test
  void whatIsLeftOfTheNapkinGoesBack() {
    PlanReading reading = strewn(Prints.napkin(4, GULL), "the gull", 2, 3.7);
    LayReading.Laid laid = laid(reading);
    DesignCut cut =
        DesignCut.of(
            laid.design(),
            List.of(new DesignCut.Source("p", laid)),
            List.of(),
            9,
            CutWish.PLAIN,
            done -> true);
    assertThat(cut.sheets()).hasSize(1);
    DesignCut.Sheet sheet = cut.sheets().getFirst();
    double parts = sheet.pieces().stream().mapToDouble(p -> p.window().areaMm2()).sum();
    double rests = sheet.rests().stream().mapToDouble(Box::areaMm2).sum();
    assertThat(rests).isBetween(0.6 * 330 * 330, 330 * 330 - parts + 1e-6);
    for (Box rest : sheet.rests()) {
      assertThat(sheet.pieces()).noneMatch(p -> p.window().overlaps(rest, 1e-6));
    }
  }

  /**
   * Over seeded napkins and counts of two parts: no plan could do with fewer. Each part needs a
   * picture of its own; two parts share a picture only where their borders do not touch.
   */
  @Test
  void theFewestNapkinsAreTheFewest() {
    Random random = new Random(20_261_129);
    for (int k = 0; k < 40; k++) {
      double border = random.nextDouble() * 45;
      int gulls = 1 + random.nextInt(6);
      int moons = 1 + random.nextInt(6);
      Design napkin = Prints.napkin(4, GULL, MOON);
      Box g = part("the gull", border).of(napkin).printed();
      Box m = part("the moon", border).of(napkin).printed();
      boolean apart = !g.overlaps(m, 1e-6);
      int pictures = apart ? Math.max(gulls, moons) : gulls + moons;
      List<Lay> lays = new ArrayList<>();
      lays.add(strew("a", "the gull", gulls, border));
      lays.add(strew("b", "the moon", moons, border));
      PlanReading reading = read(napkin, lays);
      int laidGulls = laid(reading, "a").items().size();
      int laidMoons = laid(reading, "b").items().size();
      assertThat(List.of(laidGulls, laidMoons)).containsExactly(gulls, moons);
      Pool pool = reading.pools().getFirst();
      assertThat(pool.count())
          .as("%d gulls, %d moons, %f", gulls, moons, border)
          .isEqualTo(Math.ceilDiv(pictures, 4));
      assertThat(pool.least()).isEqualTo(pool.count());
    }
  }

  /** A paper that repeats shows the part again and again: any of them may be cut. */
  @ParameterizedTest
  @CsvSource({"1, 1", "9, 1", "30, 1"})
  void aPrintThatRepeatsGivesAPartAsOftenAsItShowsIt(int count, int sheets) {
    MotifBox shell = Prints.motif("the shell", 4, 31.4, 22.9, 40.3, 33.1);
    Design paper = Prints.repeatingPaper(500, 700, 100, 100, shell);
    Pool pool = strewn(paper, "the shell", count, 4.6).pools().getFirst();
    assertThat(pool.count()).isEqualTo(sheets);
  }

  @Test
  void aPartIsNeverMoreThanItsPicture() {
    Random random = new Random(5);
    for (int k = 0; k < 200; k++) {
      double border = random.nextDouble() * 200;
      for (Design whole : List.of(Prints.napkin(2, GULL), Prints.transfer(307, 211, GULL, MOON))) {
        Design alone = part("the gull", border).of(whole);
        Box b = alone.printed();
        assertThat(b.leftMm()).isGreaterThanOrEqualTo(whole.printed().leftMm() - 1e-9);
        assertThat(b.topMm()).isGreaterThanOrEqualTo(whole.printed().topMm() - 1e-9);
        assertThat(b.rightMm()).isLessThanOrEqualTo(whole.printed().rightMm() + 1e-9);
        assertThat(b.bottomMm()).isLessThanOrEqualTo(whole.printed().bottomMm() + 1e-9);
        assertThat(b.leftMm()).isLessThanOrEqualTo(GULL.box().leftMm());
        assertThat(b.bottomMm()).isGreaterThanOrEqualTo(GULL.box().bottomMm());
      }
    }
  }

  @Test
  void aNameThatIsGoneIsToldAndTheRestOfThePieceIsThere() {
    PlanReading reading =
        read(
            Prints.napkin(4, GULL),
            List.of(strew("a", "the heron", 2, 0), strew("b", "the gull", 2, 0)));
    assertThat(reading.lays().getFirst()).isInstanceOf(LayReading.DoesNotFit.class);
    assertThat(laid(reading, "b").items()).hasSize(2);
  }

  @Test
  void whatShowsOnTheFaceIsWhatIsCutOutOfTheSheet() {
    for (Item item : laid(strewn(Prints.napkin(4, GULL), "the gull", 3, 6.1)).items()) {
      assertThat(item.print().getArea()).isCloseTo((38.9 + 12.2) * (27.1 + 12.2), within(1e-6));
    }
  }

  private static PlanReading strewn(Design design, String part, int count, double border) {
    return read(design, List.of(strew("a", part, count, border)));
  }

  private static Lay strew(String id, String part, int count, double border) {
    return Lay.fresh(
            id,
            SIGN,
            Optional.of("d"),
            RuleKind.SCATTER.read(
                new MeasureSheet(
                    Map.of("count", 0.0 + count, "gap", 2.0), Map.of("amount", "COUNT")),
                List.of(),
                ""),
            new Lay.Pot(Optional.empty(), 3))
        .with(Lay.Pieces.of(Optional.of("d")).showing(Optional.of(part(part, border))));
  }

  private static final String SIGN =
      FormKind.SIGN.read(MeasureSheet.blank()).faces().faces().getFirst().id();

  private static PlanReading read(Design design, List<Lay> lays) {
    return new PlanReader(Shelves.with(design, Optional.empty()), TapeDivision.MM_1)
        .read(
            new Plan(
                "P",
                new FormNote(FormKind.SIGN, Map.of("width", 1907.0, "height", 1403.0), Map.of()),
                Map.of(),
                lays));
  }

  private static LayReading.Laid laid(PlanReading reading) {
    return laid(reading, "a");
  }

  private static LayReading.Laid laid(PlanReading reading, String lay) {
    return (LayReading.Laid)
        reading.lays().stream().filter(l -> l.lay().id().equals(lay)).findFirst().orElseThrow();
  }
}
