package craftmap.core.coats;

import static craftmap.core.coats.Built.band;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Lab;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Times;
import craftmap.core.medium.Role;
import craftmap.core.medium.ToolKind;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Batches, pours, blends, and what is done for its looks. */
class WorkingTest {
  private static Built board() {
    return Built.painted("#C9A26B", "#1F4650")
        .pot("deep", "chalky-paint", "#1F4650", 5_000)
        .pot("bone", "chalky-paint", "#F1EADA", 5_000)
        .pot("rust", "chalky-paint", "#9C4A2C", 5_000)
        .pot("clear-satin")
        .pot("glaze")
        .pot("pouring-resin");
  }

  // ---- batches

  @Test
  void ninehundredMlAtFortyAMinuteWithTwelveMinutesAreThreeOfThreeHundred() {
    Batches batches = Batches.of(900, 40, Duration.ofMinutes(12), Optional.empty());
    assertThat(batches.count()).isEqualTo(3);
    assertThat(batches.eachMl()).isCloseTo(300, within(1e-9));
  }

  @Test
  void whatIsJustLaidInTimeIsOneBatch() {
    assertThat(Batches.of(360, 40, Duration.ofMinutes(12), Optional.empty()).count()).isOne();
    assertThat(Batches.of(360.1, 40, Duration.ofMinutes(12), Optional.empty()).count())
        .isEqualTo(2);
  }

  /** No batch outlives three quarters of its pot life, and one fewer would have to. */
  @Test
  void everyBatchIsLaidInTimeAndNoneIsOneTooMany() {
    Random random = new Random(71);
    for (int i = 0; i < 500; i++) {
      double ml = 3 + random.nextDouble() * 4_000;
      double speed = 0.7 + random.nextDouble() * 90;
      Duration life = Duration.ofSeconds(120 + random.nextInt(9_000));
      Batches batches = Batches.of(ml, speed, life, Optional.empty());
      double longest = 0.75 * Times.minutes(life);
      assertThat(batches.count() * batches.eachMl()).isCloseTo(ml, within(1e-6));
      assertThat(batches.eachMl() / speed).isLessThanOrEqualTo(longest + 1e-6);
      if (batches.count() > 1) {
        assertThat(ml / (batches.count() - 1) / speed).isGreaterThan(longest);
      }
    }
  }

  // ---- poured coats

  /** (area + edge) x thickness, and what stays in the cup. */
  @Test
  void aPourGoesOverTheEdgesAsThickAsItIsPoured() {
    Built built = board().area(300_000).boardEdges(43_700).added("r", "pouring-resin");
    BandReading resin = band(built.read(), "own:r");
    Band.Coat coat = (Band.Coat) resin.band();
    // half a square metre a litre lies two millimetres thick
    assertThat(coat.where()).isEqualTo(new Where.Poured(2));
    assertThat(resin.ml())
        .isCloseTo((300_000 + 43_700) * 2 / 1000.0 * (1 + coat.tool().loss()), within(1e-6));
    Wish thin = Wish.of(new Wish.Product.OfPot("pouring-resin")).with(new Where.Poured(1.3));
    assertThat(band(built.wish("own:r", thin).read(), "own:r").ml())
        .isCloseTo(resin.ml() * 1.3 / 2, within(1e-6));
  }

  @Test
  void aLargePourIsMixedInBatches() {
    BandReading small = band(board().area(80_000).added("r", "pouring-resin").read(), "own:r");
    BandReading large = band(board().area(3_900_000).added("r", "pouring-resin").read(), "own:r");
    assertThat(small.working().batches().orElseThrow().count()).isOne();
    Batches batches = large.working().batches().orElseThrow();
    assertThat(batches.count()).isGreaterThan(1);
    assertThat(batches.parts()).isPresent();
    assertThat(batches.count() * batches.eachMl()).isCloseTo(large.ml(), within(1e-6));
  }

  // ---- what has to stay wet

  @Test
  void aGlazeIsWipedInSectionsThatStayOpen() {
    for (double area : List.of(61_300.0, 907_000.0, 4_130_000.0)) {
      BandReading glaze = band(board().area(area).added("g", "glaze").read(), "own:g");
      Working.Wet wet = glaze.working().wet().orElseThrow();
      Band.Coat coat = (Band.Coat) glaze.band();
      assertThat(wet.staysMm2())
          .isCloseTo(
              Times.minutes(wet.openTime()) * coat.tool().coversM2PerMin() * 1e6, within(1e-3));
      assertThat(wet.sections() * wet.staysMm2()).isGreaterThanOrEqualTo(area);
      assertThat((wet.sections() - 1) * wet.staysMm2()).isLessThan(area);
    }
  }

  // ---- blends

  /** Each colour has its own zone and half of each band: together the whole area, once. */
  @Test
  void theColoursOfABlendShareTheAreaBetweenThem() {
    GroupReading reading = board().area(512_700).blended(70, "deep", "bone", "rust").read();
    double area =
        reading.bands().stream()
            .filter(b -> b.band() instanceof Band.Coat c && c.where() instanceof Where.Blended)
            .mapToDouble(b -> b.sum().orElseThrow().areaMm2() * b.sum().orElseThrow().where())
            .sum();
    assertThat(area).isCloseTo(512_700, within(1e-6));
    assertThat(reading.blend().stripes()).hasSize(3);
    assertThat(reading.blend().stripes())
        .extracting(s -> s.seen().colour().hex())
        .containsExactly("#1F4650", "#F1EADA", "#9C4A2C");
  }

  @Test
  void everyColourOfABlendHidesWhatIsUnderIt() {
    GroupReading reading = board().blended(70, "deep", "bone").read();
    for (BandReading band : reading.bands()) {
      if (band.band() instanceof Band.Coat coat && coat.where() instanceof Where.Blended) {
        assertThat(band.under().colour()).isEqualTo(new Colour("#C9A26B"));
        assertThat(band.shades().getLast().departs()).isLessThanOrEqualTo(3);
        assertThat(coat.times()).isGreaterThan(1);
      }
    }
  }

  /** Pure in their zones, worked together over the band, and never backwards however wide it is. */
  @Test
  void coloursOfABlendArePureUpToTheBand() {
    Blend blend = board().blended(80, "deep", "bone").read().blend();
    assertThat(blend.stops(400)).extracting(Blend.Stop::at).containsExactly(0.0, 0.4, 0.6, 1.0);
    Random random = new Random(5);
    for (int i = 0; i < 200; i++) {
      Blend any =
          board().blended(10 + random.nextDouble() * 900, "deep", "bone", "rust").read().blend();
      List<Double> at =
          any.stops(30 + random.nextDouble() * 2_000).stream().map(Blend.Stop::at).toList();
      assertThat(at).hasSize(6).isSorted();
      assertThat(at.getFirst()).isZero();
      assertThat(at.getLast()).isEqualTo(1);
    }
  }

  @Test
  void aColourOfABlendThatIsThereAlreadyIsPutOnOnce() {
    Built built =
        Built.painted("#F1EADA", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .pot("bone", "chalky-paint", "#F1EADA", 5_000)
            .blended(70, "deep", "bone");
    Band.Coat bone = (Band.Coat) band(built.read(), "own:blend-1").band();
    assertThat(bone.times()).isOne();
  }

  @Test
  void whatLiesOverABlendTintsEachOfItsColours() {
    Built built = board().blended(70, "deep", "bone");
    GroupReading plain = built.read();
    GroupReading glazed = built.added("g", "glaze").read();
    Lab under = plain.blend().stripes().getFirst().seen();
    Lab over = glazed.blend().stripes().getFirst().seen();
    assertThat(over.ciede2000From(under)).isGreaterThan(0.5);
    // what is painted over hides all of it
    GroupReading hidden =
        built
            .without("own:g")
            .wish("own:p", Wish.of(new Wish.Product.OfPot("rust")).times(5))
            .read();
    assertThat(hidden.blend().stripes()).isEmpty();
    assertThat(hidden.shows()).isEqualTo(new Colour("#9C4A2C"));
  }

  @Test
  void fromAfarABlendIsItsColoursByTheirShare() {
    GroupReading reading = board().blended(70, "deep", "bone").read();
    Lab half = new Colour("#1F4650").lab().towards(new Colour("#F1EADA").lab(), 0.5);
    assertThat(reading.shows().lab().ciede2000From(half)).isLessThan(0.6);
  }

  @Test
  void aZoneThatEndsBeforeItBeginsIsNone() {
    assertThatThrownBy(() -> new Where.Blended(0.6, 0.6, 40)).isInstanceOf(RefusedInput.class);
    assertThatThrownBy(() -> new Where.Blended(0, 1.2, 40)).isInstanceOf(RefusedInput.class);
  }

  // ---- dressing

  @Test
  void aResistLiesUnderTheLastColourAndIsRubbedBeforeTheSeal() {
    List<String> keys =
        board()
            .pot("all-purpose-primer")
            .wish(Band.PRIMER, Wish.of(new Wish.Product.OfPot("all-purpose-primer")))
            .step(StepKind.RESIST)
            .step(StepKind.DISTRESS)
            .read()
            .buildUp()
            .keys();
    assertThat(keys)
        .containsSubsequence(
            Band.PRIMER, StepKind.RESIST.key(), Band.GROUND, StepKind.DISTRESS.key(), Band.SEAL);
  }

  @Test
  void whereItIsRubbedWhatWasUnderTheLastCoatShows() {
    BandReading rubbed = band(board().step(StepKind.DISTRESS).read(), StepKind.DISTRESS.key());
    assertThat(rubbed.shades()).hasSize(1);
    assertThat(rubbed.shades().getFirst().colour()).isEqualTo(new Colour("#C9A26B"));
    assertThat(rubbed.shades().getFirst().departs()).isGreaterThan(3);
  }

  /** By the length of the edges that hands touch, at half a metre a minute. */
  @Test
  void rubbingEdgesGoesByTheirLength() {
    Built built = board().area(250_000).step(StepKind.DISTRESS);
    double edgeMm = 4 * Math.sqrt(250_000);
    assertThat(band(built.read(), StepKind.DISTRESS.key()).handsOn())
        .isEqualTo(Times.ofMinutes(edgeMm * 0.4 / 500));
    built.wish(StepKind.DISTRESS.key(), Wish.OPEN.with(new Where.Edges(9, 0.85)));
    assertThat(band(built.read(), StepKind.DISTRESS.key()).handsOn())
        .isEqualTo(Times.ofMinutes(edgeMm * 0.85 / 500));
    built.wish(StepKind.DISTRESS.key(), Wish.OPEN.with(new Where.HighSpots(0.2)));
    assertThat(band(built.read(), StepKind.DISTRESS.key()).handsOn())
        .isEqualTo(Times.ofMinutes(0.25 * 0.2 / Pace.SAND_M2_PER_MIN));
  }

  @Test
  void nothingIsDressedUnlessItIsWishedFor() {
    assertThat(board().read().buildUp().keys())
        .doesNotContain(StepKind.RESIST.key(), StepKind.DISTRESS.key());
  }

  @Test
  void splatterTakesItsShareOfACoat() {
    Wish all = Wish.of(new Wish.Product.OfPot("rust")).with(ToolKind.BRUSH);
    BandReading full = band(board().wish("own:s", all).read(), "own:s");
    BandReading spots =
        band(board().wish("own:s", all.with(new Where.Splatter(0.07))).read(), "own:s");
    assertThat(spots.ml()).isCloseTo(full.ml() * 0.07, within(1e-6));
  }

  /** Two coats and the seal, each until the next may follow, and the wash until it is dry. */
  @Test
  void waitingIsWhatTheLabelsAskForBetweenCoats() {
    GroupReading reading = board().without("step:SAND").without("step:DUST_OFF").read();
    Duration all = Duration.ZERO;
    for (BandReading band : reading.bands()) {
      if (band.band() instanceof Band.Coat coat) {
        for (int n = 0; n < coat.times(); n++) {
          all = all.plus(coat.of().medium().drying().recoatFrom());
        }
      } else if (band.band() instanceof Band.Step step && step.of().isPresent()) {
        all = all.plus(step.of().get().medium().drying().touchDry());
      }
    }
    assertThat(reading.waiting()).isEqualTo(all).isGreaterThan(Duration.ofHours(2));
  }

  @Test
  void whatIsNotOwnedIsToBeBought() {
    assertThat(board().read().toBuy())
        .extracting(p -> p.medium().kind().role())
        .containsExactly(Role.CLEANER);
    assertThat(board().pot("surface-wash").read().toBuy()).isEmpty();
  }

  @Test
  void whatLiesOverABlendDrinksNoMoreThanOverAnyPaint() {
    Built wood =
        Built.of(MakeUp.WOOD, Finish.BARE, "#C9A26B", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .pot("bone", "chalky-paint", "#F1EADA", 5_000)
            .pot("clear-satin")
            .without(Band.PRIMER);
    double overOne = band(wood.read(), Band.SEAL).ml();
    assertThat(band(wood.blended(70, "deep", "bone").read(), Band.SEAL).ml())
        .isCloseTo(overOne, within(1e-9));
  }

  /** Old paint may be rubbed through without a new coat on it. */
  @Test
  void rubbingThroughIsWorkOfItsOwn() {
    GroupReading rubbed = Built.painted("#1F4650", "#1F4650").step(StepKind.DISTRESS).read();
    assertThat(rubbed.buildUp().keys()).contains(StepKind.DISTRESS.key());
  }
}
