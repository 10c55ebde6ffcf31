package craftmap.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.medium.ToolKind;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What plans take from the log: near what is true, and honest about how near. */
class LearnedTest {
  private static final int RUNS = 400;
  private static final Topic BRUSHED = Skill.of(Skill.Craft.COAT, ToolKind.BRUSH).topic();
  private static final Topic TEAL = Topic.hides("teal");

  /** From a normal distribution, by twelve throws. */
  private static double normal(Dice dice) {
    return IntStream.range(0, 12).mapToDouble(i -> dice.next()).sum() - 6;
  }

  private static Learned paces(Dice dice, double truth, int count) {
    List<Observation> seen = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      seen.add(Observation.of(BRUSHED, truth * Math.exp(0.22 * normal(dice)), true));
    }
    return Learned.from(seen);
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 4, 7, 19, 60})
  void whatIsMeasuredIsCoveredAsOftenAsIsSaid(int count) {
    int covered = 0;
    for (int run = 0; run < RUNS; run++) {
      Dice dice = new Dice(7_000L * count + run);
      double typical = 3.7 + 23.1 * dice.next();
      double truth = typical * Math.exp(0.27 * normal(dice));
      Estimate learned = paces(dice, truth, count).estimate(BRUSHED, typical);
      assertThat(learned.count()).isEqualTo(count);
      covered += learned.low() <= truth && truth <= learned.high() ? 1 : 0;
    }

    assertThat(100.0 * covered / RUNS).isBetween(90.0, 98.0);
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 4, 9, 30})
  void whatHidesIsCoveredAsOftenAsIsSaid(int count) {
    int covered = 0;
    for (int run = 0; run < RUNS; run++) {
      Dice dice = new Dice(91_000L * count + run);
      double label = new double[] {0.5, 0.65, 0.8, 0.9}[run % 4];
      double truth = logistic(logit(label) + 0.85 * normal(dice));
      Learned learned = hidden(dice, truth, count);
      Estimate share = learned.estimate(TEAL, label);
      covered += share.low() <= truth && truth <= share.high() ? 1 : 0;
    }

    assertThat(100.0 * covered / RUNS).isBetween(90.0, 98.0);
  }

  /** Each time on another ground, put on a little thicker or thinner. */
  private static Learned hidden(Dice dice, double truth, int count) {
    List<Observation> seen = new ArrayList<>();
    while (seen.size() < count) {
      Colour paint = colour(dice);
      Colour under = colour(dice);
      double share = logistic(logit(truth) + 0.13 * normal(dice));
      int coats = Covering.of(paint, share).coatsToHide(under.lab(), 60).orElse(0);
      if (coats > 0) {
        seen.add(Observation.hid("teal", under, paint, coats));
      }
    }
    return Learned.from(seen);
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(ints = {1, 3, 8, 25})
  void whatDriesIsCoveredAsOftenAsIsSaid(int count) {
    int covered = 0;
    for (int run = 0; run < RUNS; run++) {
      Dice dice = new Dice(55_000L * count + run);
      double truth = Math.exp(0.33 * normal(dice));
      List<Observation> seen = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        double dry = truth * Math.exp(0.14 * normal(dice));
        double looked = 0.4 + 0.9 * dice.next();
        double again = looked * (1.2 + dice.next());
        seen.add(
            dry <= looked
                ? Observation.dry("teal", 0, looked)
                : dry <= again
                    ? Observation.dry("teal", looked, again)
                    : Observation.wet("teal", again));
      }
      Estimate ratio = Learned.from(seen).estimate(Topic.dries("teal"), 1);
      covered += ratio.low() <= truth && truth <= ratio.high() ? 1 : 0;
    }

    assertThat(100.0 * covered / RUNS).isBetween(90.0, 98.0);
  }

  @Tag("thorough")
  @Test
  void figuresComeToWhatIsTrueAndAreSurerTheMoreIsSeen() {
    for (long seed = 1; seed <= 40; seed++) {
      Dice dice = new Dice(seed);
      double typical = 16.67;
      double truth = typical * (0.55 + 1.4 * dice.next());
      double share = 0.35 + 0.5 * dice.next();

      Estimate some = paces(new Dice(seed), truth, 3).estimate(BRUSHED, typical);
      Estimate many = paces(new Dice(seed), truth, 1_500).estimate(BRUSHED, typical);
      Estimate hides = hidden(dice, share, 250).estimate(TEAL, 0.8);

      assertThat(many.value()).isCloseTo(truth, within(truth * 0.03));
      assertThat(many.high() / many.low()).isLessThan(some.high() / some.low());
      assertThat(hides.value()).isCloseTo(share, within(0.025));
    }
  }

  @Test
  void nothingSeenIsAsIsTypical() {
    Estimate pace = Learned.NONE.estimate(BRUSHED, 16.67);

    assertThat(pace.value()).isCloseTo(16.67, within(1e-9));
    assertThat(pace.count()).isZero();
    assertThat(pace.low()).isLessThan(16.67 / 1.2);
    assertThat(Learned.NONE.estimate(TEAL, 0.8).value()).isCloseTo(0.8, within(0.003));
    assertThat(Learned.NONE.minutes(Skill.of(Skill.Craft.SAND), 12.5)).isEqualTo(12.5);
    assertThat(Learned.NONE.spread("teal", "BRUSH", 10.7, 0.05)).isCloseTo(10.7, within(1e-12));
  }

  /** One observation goes half of the way, nine go nine tenths of it: on the scale of ratios. */
  @Test
  void whatIsTypicalCountsAsOneObservation() {
    List<Observation> seen = new ArrayList<>();
    seen.add(Observation.of(BRUSHED, 40, true));

    assertThat(Learned.from(seen).estimate(BRUSHED, 10).value()).isCloseTo(20, within(1e-9));

    IntStream.range(0, 8).forEach(_ -> seen.add(Observation.of(BRUSHED, 40, true)));

    assertThat(Learned.from(seen).estimate(BRUSHED, 10).value())
        .isCloseTo(10 * Math.pow(4, 0.9), within(1e-9));
  }

  /** "It took me 3" over a ground: over that ground the next plan says 3. */
  @Tag("thorough")
  @Test
  void toldOnceTheSameGroundTakesAsManyAgain() {
    int told = 0;
    for (long seed = 1; seed <= 600; seed++) {
      Dice dice = new Dice(seed);
      Colour paint = colour(dice);
      Colour under = colour(dice);
      double label = new double[] {0.5, 0.65, 0.8, 0.9}[(int) (seed % 4)];
      int coats = 1 + (int) (6 * dice.next());
      if (Covering.of(paint, 0).hides(under.lab(), 1)) {
        continue;
      }
      Learned learned = Learned.from(List.of(Observation.hid("teal", under, paint, coats)));
      Estimate share = learned.estimate(TEAL, label);

      assertThat(Covering.of(paint, share.value()).coatsToHide(under.lab(), 60))
          .as("%s over %s with %d coats, label %s", paint, under, coats, label)
          .hasValue(coats);
      assertThat(share.value()).isBetween(share.low(), share.high());
      told++;
    }
    assertThat(told).isGreaterThan(500);
  }

  @Test
  void aClockThatRanOnIsKeptAndNotCounted() {
    Effort effort = new Effort(Skill.of(Skill.Craft.COAT, ToolKind.BRUSH), 1.3, 5, 16.67, 16.67);
    List<Observation> seen =
        List.of(effort.took(5 + 1.3 * 20).orElseThrow(), effort.took(600).orElseThrow());

    assertThat(seen).extracting(Observation::counts).containsExactly(true, false);
    assertThat(Learned.from(seen).count(BRUSHED)).isEqualTo(1);
    assertThat(effort.took(4.9)).as("less than getting the brush out takes").isEmpty();
  }

  @Test
  void aFigureThatIsSwitchedOffIsAsIsTypicalAndTheOthersAreNot() {
    Learned learned =
        Learned.from(
            List.of(
                Observation.of(BRUSHED, 40, true),
                Observation.of(Skill.of(Skill.Craft.SAND).topic(), 25, true),
                Observation.hid("teal", new Colour("#6B4A2F"), new Colour("#F3EEE2"), 4)));

    Learned off = learned.without(Set.of(BRUSHED, TEAL));

    assertThat(off.minutes(Skill.of(Skill.Craft.COAT, ToolKind.BRUSH), 10)).isEqualTo(10);
    assertThat(off.count(TEAL)).isZero();
    assertThat(off.minutes(Skill.of(Skill.Craft.SAND), 12.5)).isGreaterThan(12.5);
    assertThat(off).isNotEqualTo(learned);
    assertThat(learned.without(Set.of())).isEqualTo(learned);
  }

  /** What goes half as far is taken twice; what stays in the tool is learned along with it. */
  @Test
  void aMediumThatGoesLessFarSpreadsLess() {
    Topic topic = Topic.spread("teal", "BRUSH");
    List<Observation> seen = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      seen.add(Observation.went(topic, 10.7 / 1.05, 80, 128));
    }
    Learned learned = Learned.from(seen);

    assertThat(learned.spread("teal", "BRUSH", 10.7, 0.05))
        .isCloseTo(10.7 * 80 / 128, within(0.05));
    assertThat(learned.spread("teal", "ROLLER", 10.7, 0.10)).isCloseTo(10.7, within(1e-9));
    assertThat(learned.spread("bone", "BRUSH", 10.7, 0.05)).isCloseTo(10.7, within(1e-9));
  }

  @Test
  void whatIsTakenBesideWhatStaysIsALossAndNeverAGain() {
    List<Observation> seen = new ArrayList<>();
    for (int i = 0; i < 50; i++) {
      seen.add(Observation.took(Topic.takes(Topic.PASTE), 1.10, 40, 30));
    }

    assertThat(Learned.from(seen).loss(Topic.PASTE, 0.10)).isZero();
    assertThat(Learned.from(seen).loss(Topic.CASTINGS, 0.10)).isCloseTo(0.10, within(1e-9));
  }

  /** It is touched sooner where it dries sooner, but gone over no sooner than its label allows. */
  @Test
  void whatIsLearnedNeverShortensWhatALabelForbids() {
    Medium paint = GenericMedium.of(Role.PAINT).orElseThrow().medium();
    List<Observation> quick = new ArrayList<>();
    List<Observation> slow = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      quick.add(Observation.dry(paint.id(), 0.3, 0.5));
      slow.add(Observation.dry(paint.id(), 1.7, 2.1));
    }

    Medium sooner = Learned.from(quick).medium(paint);
    Medium later = Learned.from(slow).medium(paint);

    assertThat(sooner.drying().touchDry()).isLessThan(paint.drying().touchDry());
    assertThat(sooner.drying().recoatFrom()).isEqualTo(paint.drying().recoatFrom());
    assertThat(sooner.drying().cure()).isEqualTo(paint.drying().cure());
    assertThat(later.drying().recoatFrom())
        .isGreaterThan(Duration.ofMinutes(paint.drying().recoatFrom().toMinutes() * 3 / 2));
    paint
        .drying()
        .recoatTo()
        .ifPresent(to -> assertThat(later.drying().recoatFrom()).isLessThanOrEqualTo(to));
  }

  @Test
  void topicsAreReadAsTheyAreWritten() {
    for (Topic topic :
        List.of(BRUSHED, TEAL, Topic.takes(Topic.PASTE), Topic.spread("m-1", "ROLLER"))) {
      assertThat(Topic.read(topic.key())).isEqualTo(topic);
    }
    assertThatThrownBy(() -> Topic.read("LUCK|x|y")).isInstanceOf(RefusedInput.class);
    assertThatThrownBy(() -> Topic.read("HIDES|x")).isInstanceOf(RefusedInput.class);
  }

  private static Colour colour(Dice dice) {
    return new Colour(
        "#%02X%02X%02X"
            .formatted(
                (int) (256 * dice.next()), (int) (256 * dice.next()), (int) (256 * dice.next())));
  }

  private static double logit(double share) {
    return Math.log(share / (1 - share));
  }

  private static double logistic(double x) {
    return 1 / (1 + Math.exp(-x));
  }
}
