package craftmap.core.coats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.Times;
import craftmap.core.medium.Tool;
import craftmap.core.medium.ToolKind;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.time.Duration;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What bands take of a day, and of what is used up besides paint. */
class CoatEffortTest {
  private static final double A_SECOND = 1.0 / 60;

  private static BandReading band(Built built, String key) {
    return Built.band(built.read(), key);
  }

  private static BandReading step(Built built, StepKind kind) {
    return band(built, kind.key());
  }

  private static double minutes(BandReading band) {
    return Times.minutes(band.handsOn());
  }

  private static Built painted() {
    return Built.painted("#6B4A2F", "#B3202A")
        .paint("red", "#B3202A", 0.613)
        .pot("clear-satin")
        .pot("glaze");
  }

  /** Got out and cleaned for each coat, put on as fast as its tool goes, sanded between them. */
  @Test
  void coatsTakeTheirToolsPaceAndTheSandingBetweenThem() {
    Random dice = new Random(40_913);
    for (int i = 0; i < 60; i++) {
      double m2 = 0.0137 + dice.nextDouble() * 3.71;
      int times = 1 + dice.nextInt(5);
      ToolKind tool = ToolKind.values()[dice.nextInt(ToolKind.values().length)];
      Wish wish = Wish.of(new Wish.Product.OfPot("red")).times(times).with(tool);
      double plain = minutes(band(painted().area(m2 * 1e6).wish(Band.GROUND, wish), Band.GROUND));
      assertThat(plain)
          .as("%d coats on %.4f m² with %s", times, m2, tool)
          .isCloseTo(times * (5 + m2 / Tool.typical(tool).coversM2PerMin()), within(A_SECOND));
      Wish sanded = wish.sanded(OptionalInt.of(320));
      double more =
          minutes(band(painted().area(m2 * 1e6).wish(Band.GROUND, sanded), Band.GROUND)) - plain;
      assertThat(more).isCloseTo((times - 1) * m2 / 0.08, within(2 * A_SECOND));
    }
  }

  @Test
  void whatIsWipedBackIsGoneOverTwice() {
    double m2 = 0.8371;
    BandReading glaze = band(painted().area(m2 * 1e6).added("g", "glaze"), "own:g");
    Band.Coat coat = (Band.Coat) glaze.band();
    assertThat(minutes(glaze))
        .isCloseTo(5 + 2 * m2 / coat.tool().coversM2PerMin(), within(A_SECOND));
  }

  @Test
  void preparationGoesByTheAreaAsOftenAsItIsDone() {
    Random dice = new Random(7_717);
    for (int i = 0; i < 40; i++) {
      double m2 = 0.0191 + dice.nextDouble() * 4.3;
      Built waxed =
          Built.of(MakeUp.WOOD, Finish.WAXED, "#6B4A2F", "#B3202A")
              .paint("red", "#B3202A", 0.8)
              .area(m2 * 1e6)
              .step(StepKind.STRIP);
      BandReading waxOff = step(waxed, StepKind.WAX_OFF);
      assertThat(minutes(waxOff)).isCloseTo(2 * m2 / 0.12, within(A_SECOND));
      assertThat(waxOff.ml()).isCloseTo(2 * onePassMl(waxOff, m2), within(1e-6));
      BandReading stripped = step(waxed, StepKind.STRIP);
      assertThat(minutes(stripped)).isCloseTo(m2 / 0.03, within(A_SECOND));
      assertThat(stripped.ml()).isCloseTo(onePassMl(stripped, m2), within(1e-6));
      BandReading cleaned = step(waxed, StepKind.CLEAN);
      assertThat(minutes(cleaned)).isCloseTo(3 * m2 / 0.12, within(A_SECOND));
      assertThat(cleaned.ml()).isCloseTo(onePassMl(cleaned, m2), within(1e-6));
      assertThat(minutes(step(waxed, StepKind.DUST_OFF))).isCloseTo(m2 / 0.5, within(A_SECOND));
      // with 180 and with 220, a sheet of paper for each 0.6 m²
      BandReading sanded = step(waxed, StepKind.SAND);
      assertThat(minutes(sanded)).isCloseTo(2 * m2 / 0.08, within(A_SECOND));
      assertThat(sanded.sheets()).isCloseTo(2 * m2 / 0.6, within(1e-9));
      assertThat(waxOff.sheets() + stripped.sheets() + cleaned.sheets()).isZero();
    }
  }

  private static double onePassMl(BandReading of, double m2) {
    return 1000 * m2 / of.product().orElseThrow().medium().coverage().spreadM2PerLitre();
  }

  @Test
  void tapeGoesByItsLengthAndOnlyWhereThereIsSomething() {
    BandReading taped = step(painted().masked(4_370), StepKind.MASK);
    assertThat(minutes(taped)).isCloseTo(4_370 / 600.0, within(A_SECOND));
    assertThat(taped.tapeMm()).isEqualTo(4_370);
    assertThat(step(painted().masked(4_370), StepKind.SAND).tapeMm()).isZero();
    BandReading nothing = step(painted().step(StepKind.MASK), StepKind.MASK);
    assertThat(nothing.handsOn()).isZero();
    assertThat(nothing.effort()).isEmpty();
  }

  /** Each hollow takes its two minutes and its bowl of filler; a stain is no hollow. */
  @Test
  void hollowsAreFilledOneByOne() {
    Built built = painted().damaged("dent", 13.7).damaged("scratch", 41).damaged("burn", 30);
    BandReading filled = step(built, StepKind.FILL);
    assertThat(minutes(filled)).isCloseTo(4, within(A_SECOND));
    double dent = Math.PI / 4 * 13.7 * 13.7 * (13.7 / 4) * 0.6;
    double scratch = Math.PI / 4 * 41 * 41 * 0.8 * 0.6;
    assertThat(filled.ml()).isCloseTo((dent + scratch) / 1000, within(1e-9));
  }

  @Test
  void whatIsDoneByEyeTakesWhatItUsuallyTakes() {
    Built wood =
        Built.of(MakeUp.WOOD, Finish.PAINTED, "#6B4A2F", "#B3202A")
            .paint("red", "#B3202A", 0.8)
            .area(371_300);
    assertThat(step(wood, StepKind.TEST_FOR_LEAD).handsOn()).isEqualTo(Duration.ofMinutes(5));
    double edgeMm = 4 * Math.sqrt(371_300);
    BandReading resist =
        step(
            wood.step(StepKind.RESIST)
                .wish(StepKind.RESIST.key(), Wish.OPEN.with(new Where.Edges(6, 0.37))),
            StepKind.RESIST);
    assertThat(minutes(resist)).isCloseTo(edgeMm * 0.37 / 1000, within(A_SECOND));
    BandReading rubbed =
        step(
            wood.step(StepKind.DISTRESS)
                .wish(StepKind.DISTRESS.key(), Wish.OPEN.with(new Where.HighSpots(0.23))),
            StepKind.DISTRESS);
    assertThat(rubbed.sheets()).isCloseTo(0.3713 * 0.23 / 0.6, within(1e-9));
  }

  /** Three coats of what sets in its pot are three times the batches of one. */
  @Test
  void eachCoatOfWhatSetsIsMixedAnew() {
    Built resin = painted().pot("pouring-resin").area(2_713_000);
    Wish pour = Wish.of(new Wish.Product.OfPot("pouring-resin"));
    Batches once =
        band(resin.wish("own:r", pour.times(1)), "own:r").working().batches().orElseThrow();
    Batches thrice =
        band(resin.wish("own:r", pour.times(3)), "own:r").working().batches().orElseThrow();
    assertThat(once.count()).isGreaterThan(1);
    assertThat(thrice.count()).isEqualTo(3 * once.count());
    assertThat(thrice.eachMl()).isCloseTo(once.eachMl(), within(1e-9));
    // as much as is poured in three quarters of the time it can be used
    Band.Coat coat = (Band.Coat) band(resin, "own:r").band();
    double each = once.count() * once.eachMl();
    double minutes = 2.713 / coat.tool().coversM2PerMin();
    double life = Times.minutes(once.potLife()) * 0.75;
    assertThat(once.count()).isEqualTo((int) Math.ceil(minutes / life - 1e-9));
    assertThat(each).isCloseTo(band(resin, "own:r").ml() / 3, within(1e-6));
  }
}
