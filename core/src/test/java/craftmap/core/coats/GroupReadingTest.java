package craftmap.core.coats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.design.Prints;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Role;
import craftmap.core.medium.ToolKind;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

class GroupReadingTest {
  private static Band.Coat coat(GroupReading reading, String key) {
    return (Band.Coat) reading.band(key).orElseThrow().band();
  }

  private static List<String> keys(GroupReading reading) {
    return reading.buildUp().keys();
  }

  @Test
  void whatNothingIsPutOnIsLeftAsItIs() {
    GroupReading reading = Built.bareWood().pot("chalky-paint").read();
    assertThat(reading.bands()).isEmpty();
    assertThat(reading.findings()).isEmpty();
    assertThat(reading.shows()).isEqualTo(new Colour("#D9CFBC"));
  }

  @Test
  void deepPaintOverOldWaxOnPineIsBuiltUpFromTheWood() {
    GroupReading reading =
        Built.of(MakeUp.WOOD, Finish.WAXED, "#C9A26B", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 258)
            .pot("clear-satin")
            .read();
    assertThat(keys(reading))
        .containsExactly(
            "step:WAX_OFF", "step:CLEAN", "step:SAND", "step:DUST_OFF", "ground", "seal");
    assertThat(coat(reading, "ground").times()).isEqualTo(2);
    assertThat(reading.band("ground").orElseThrow().shades())
        .extracting(s -> Math.round(s.departs() * 100) / 100.0)
        .containsExactly(9.65, 1.77);
    assertThat(reading.shows().lab().ciede2000From(new Colour("#1F4650").lab()))
        .isLessThan(Covering.HIDDEN);
  }

  /** Four coats of red over a white primer, three over a grey one. */
  @Test
  void greyUnderRedSavesACoatAgainstWhite() {
    Built built =
        Built.of(MakeUp.LAMINATE, Finish.BARE, "#F7F7F5", "#B3202A")
            .paint("red", "#B3202A", 0.6)
            .pot("white", "bonding-primer", "#F7F7F5", 5_000)
            .pot("grey", "bonding-primer", "#9A9A98", 5_000)
            .wish(Band.PRIMER, Wish.of(new Wish.Product.OfPot("white")));
    GroupReading white = built.read();
    assertThat(coat(white, Band.GROUND).times()).isEqualTo(4);
    CoatFinding tip =
        white.findings().stream()
            .filter(f -> f.rule().equals("primer-shade"))
            .findFirst()
            .orElseThrow();
    GroupReading grey = built.wishes(tip.mends().getFirst().wishes()).read();
    assertThat(coat(grey, Band.PRIMER).of().potId()).hasValue("grey");
    assertThat(grey.ml()).isLessThan(white.ml());
    assertThat(grey.handsOn()).isLessThan(white.handsOn());
    assertThat(grey.findings()).noneMatch(f -> f.rule().equals("primer-shade"));
  }

  @Test
  void aPrimerThatSavesNothingIsNotTaken() {
    GroupReading reading =
        Built.of(MakeUp.BOARD, Finish.PAINTED, "#C9A26B", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .pot("grey-primer")
            .read();
    assertThat(keys(reading)).doesNotContain(Band.PRIMER);
    assertThat(reading.findings()).noneMatch(f -> f.rule().equals("primer-shade"));
  }

  @Test
  void whoAlwaysPrimesGetsAPrimer() {
    Habits always = Habits.USUAL.with(Habits.Primer.ALWAYS);
    Built built =
        Built.painted("#C9A26B", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .pot("grey-primer");
    assertThat(keys(built.habits(always).read())).contains(Band.PRIMER);
  }

  @Test
  void laminateAsksForABondingPrimerAndTakesOneThatIsNotOwnedRatherThanNone() {
    GroupReading reading =
        Built.of(MakeUp.LAMINATE, Finish.BARE, "#DAD8D0", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .pot("all-purpose-primer")
            .read();
    assertThat(coat(reading, Band.PRIMER).role()).isEqualTo(Role.BONDING_PRIMER);
    assertThat(coat(reading, Band.PRIMER).of().isOwned()).isFalse();
    assertThat(reading.findings()).extracting(CoatFinding::rule).contains("not-owned");
  }

  @Test
  void aLightGroundOverOldWoodIsBlockedTwice() {
    GroupReading reading =
        Built.of(MakeUp.WOOD, Finish.VARNISHED, "#8A5A34", "#F1EADA")
            .pot("bone", "chalky-paint", "#F1EADA", 5_000)
            .pot("stain-block")
            .read();
    assertThat(coat(reading, Band.PRIMER).role()).isEqualTo(Role.STAIN_BLOCKER);
    assertThat(coat(reading, Band.PRIMER).times()).isEqualTo(2);
    assertThat(reading.findings()).noneMatch(f -> f.rule().equals("bleed"));
  }

  @Test
  void whatTheArtistChangedStaysWhileTheRestIsProposedAnew() {
    Built built =
        Built.of(MakeUp.WOOD, Finish.WAXED, "#C9A26B", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .pot("red", "casein-paint", "#B3202A", 5_000)
            .pot("clear-wax");
    GroupReading before = built.wish(Band.GROUND, Wish.OPEN.times(3).with(ToolKind.BRUSH)).read();
    assertThat(coat(before, Band.GROUND).times()).isEqualTo(3);
    GroupReading after = built.habits(Habits.USUAL.with(Habits.Seal.WAX)).read();
    assertThat(coat(after, Band.GROUND).times()).isEqualTo(3);
    assertThat(coat(after, Band.GROUND).tool().kind()).isEqualTo(ToolKind.BRUSH);
    assertThat(keys(after)).contains(Band.WAX).doesNotContain(Band.SEAL);
  }

  @Test
  void aBandThatWasMovedStaysWhereItWasPutAndWhatIsNewFindsItsPlace() {
    Built built =
        Built.painted("#C9A26B", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .pot("clear-satin")
            .lay("paper", Prints.plainPaper(300, 300), 90_000, "decoupage-medium", 3)
            .moved("lay:paper", "ground");
    assertThat(keys(built.read())).containsSubsequence("lay:paper", "ground", "seal");
    GroupReading more =
        built.lay("second", Prints.plainPaper(300, 300), 90_000, "decoupage-medium", 3).read();
    assertThat(keys(more)).containsSubsequence("lay:paper", "ground", "lay:second", "seal");
  }

  @Test
  void whatIsWornIsSealedForIt() {
    GroupReading reading =
        Built.painted("#C9A26B", "#1F4650")
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .pot("clear-matt")
            .pot("clear-satin")
            .bears(Exposure.WEAR)
            .habits(Habits.USUAL.with(Habits.Seal.WAX))
            .read();
    // wax alone does not bear it, and the matt coat bears splashes only
    assertThat(coat(reading, Band.SEAL).of().potId()).hasValue("clear-satin");
    assertThat(coat(reading, Band.SEAL).times()).isEqualTo(3);
    assertThat(reading.findings()).noneMatch(f -> f.rule().equals("seal-wear"));
  }

  @Test
  void aColourThatNobodyOwnsIsTriedOnAsIf() {
    GroupReading reading =
        Built.painted("#C9A26B", "#7A2E58").pot("deep", "chalky-paint", "#1F4650", 5_000).read();
    Band.Coat ground = coat(reading, Band.GROUND);
    assertThat(ground.of().isOwned()).isFalse();
    assertThat(ground.of().medium().coverage().colour()).isEqualTo(new Colour("#7A2E58"));
  }

  /** V = 1.84 x (1.25 + 1) / 11 x 1000 x 1.05 */
  @Test
  void theVolumeIsTheOneOneWorksOut() {
    Coating sum = new Coating(1_840_000, 2, 11, 0.05, 1, 1.25);
    assertThat(sum.volumeMl()).isCloseTo(395.2, within(0.1));
    GroupReading reading =
        Built.of(MakeUp.WOOD, Finish.BARE, "#D9CFBC", "#1F4650")
            .area(1_840_000)
            .pot("deep", "chalky-paint", "#1F4650", 5_000)
            .wish(Band.GROUND, Wish.OPEN.times(2).with(ToolKind.BRUSH))
            .read();
    assertThat(reading.band(Band.GROUND).orElseThrow().ml()).isCloseTo(395.2, within(0.1));
  }

  @Test
  void wipedBackTakesAThirdAndHighSpotsTheirShare() {
    Built built =
        Built.painted("#1F4650", "#1F4650")
            .pot("glaze")
            .pot("metallic-wax")
            .wish("own:a", Wish.of(new Wish.Product.OfPot("glaze")).with(Where.ALL))
            .wish("own:b", Wish.of(new Wish.Product.OfPot("glaze")).with(new Where.WipedBack()))
            .wish("own:c", Wish.of(new Wish.Product.OfPot("metallic-wax")));
    GroupReading reading = built.read();
    double all = reading.band("own:a").orElseThrow().ml();
    assertThat(reading.band("own:b").orElseThrow().ml()).isCloseTo(all * 0.35, within(1e-9));
    assertThat(coat(reading, "own:c").where()).isEqualTo(new Where.HighSpots(0.12));
  }

  /** A band along the edges is no more than the whole. */
  @Test
  void aBandAlongTheEdgesIsItsWidthTimesTheEdge() {
    assertThat(new Where.Edges(10).share(100_000, 1_400)).isCloseTo(0.14, within(1e-12));
    assertThat(new Where.Edges(1_000).share(100_000, 1_400)).isEqualTo(1);
  }

  @Test
  void sandpapersAreNeverMoreThanTwiceAsFineAsTheOneBefore() {
    for (MakeUp makeUp : MakeUp.values()) {
      for (Finish finish : Finish.values()) {
        GroupReading reading =
            Built.of(makeUp, finish, "#C9A26B", "#1F4650").pot("chalky-paint").read();
        reading
            .buildUp()
            .step(StepKind.SAND)
            .ifPresent(
                s -> {
                  for (int i = 1; i < s.grits().size(); i++) {
                    assertThat(s.grits().get(i))
                        .isBetween(s.grits().get(i - 1), 2 * s.grits().get(i - 1));
                  }
                });
      }
    }
  }

  @Test
  void damageIsFilledByWhatGoesIntoIt() {
    GroupReading reading =
        Built.painted("#C9A26B", "#1F4650").damaged("chip", 12).damaged("burn", 20).read();
    BandReading fill = reading.band("step:FILL").orElseThrow();
    // the burn is no hollow: pi/4 x 12^2 x 3 x 0.6
    assertThat(fill.ml()).isCloseTo(Math.PI / 4 * 144 * 3 * 0.6 / 1000, within(1e-9));
  }

  /** "Hides" and "the fewest" are promises: over many shelves, every primer and number is tried. */
  @Test
  void theBestChoiceHidesAndNoOtherThatLacksNothingTakesFewerCoats() {
    Random dice = new Random(20261128);
    int compared = 0;
    for (int i = 0; i < 400; i++) {
      Colour now = any(dice);
      Colour wanted = any(dice);
      String[] paints = {"chalky-paint", "casein-paint", "artist-acrylic"};
      Built built =
          Built.of(MakeUp.BOARD, Finish.BARE, now.hex(), wanted.hex())
              .area(37_311.7 + dice.nextDouble() * 900_000)
              .pot("paint", paints[dice.nextInt(3)], wanted.hex(), 9_000);
      int primers = dice.nextInt(4);
      for (int p = 0; p < primers; p++) {
        built.pot("p" + p, "all-purpose-primer", any(dice).hex(), 9_000);
      }
      GroupReading reading = built.read();
      if (reading.choices().isEmpty()) {
        continue;
      }
      PrimerChoice best = reading.choices().getFirst();
      assertThat(best.hides()).isTrue();
      int least = leastByTrying(built, reading, primers);
      assertThat(best.coats()).as("case %d", i).isEqualTo(least);
      compared++;
    }
    assertThat(compared).isGreaterThan(300);
  }

  private static int leastByTrying(Built built, GroupReading reading, int primers) {
    Colour now = reading.surface().now();
    Band.Coat paint = coat(reading, Band.GROUND);
    Covering covering = Covering.of(paint.of().medium().coverage().colour(), paint.hides());
    int least = Integer.MAX_VALUE;
    for (int n = 1; n <= 12; n++) {
      if (covering.hides(now.lab(), n)) {
        least = n;
        break;
      }
    }
    for (PrimerChoice choice : reading.choices()) {
      if (choice.primer().isEmpty()) {
        continue;
      }
      var medium = choice.primer().get().medium();
      Covering primer = Covering.of(medium.coverage().colour(), medium.coverage().hides());
      for (int k = 1; k <= 3; k++) {
        for (int n = 1; n <= 12; n++) {
          if (covering.hides(primer.over(now.lab(), k), n)) {
            least = Math.min(least, k + n);
            break;
          }
        }
      }
    }
    return least;
  }

  /** What a way to the ground is told to take is what its bands take, wherever they go. */
  @Test
  void theChosenWayTakesWhatItsBandsTakeAndIsNeverSaidNotToHide() {
    Random dice = new Random(20261129);
    Where[] places = {Where.ALL, new Where.WipedBack(), new Where.Edges(13.7)};
    for (int i = 0; i < 300; i++) {
      Colour wanted = any(dice);
      GroupReading reading =
          Built.of(MakeUp.values()[dice.nextInt(10)], Finish.BARE, any(dice).hex(), wanted.hex())
              .area(41_311.3 + dice.nextDouble() * 800_000)
              .pot("paint", "casein-paint", wanted.hex(), 9_000)
              .pot("p", "all-purpose-primer", any(dice).hex(), 9_000)
              .wish(Band.GROUND, Wish.OPEN.with(places[dice.nextInt(3)]).with(ToolKind.SPONGE))
              .wish(Band.PRIMER, Wish.OPEN.with(ToolKind.SPRAYER))
              .read();
      if (reading.chosen().isEmpty()) {
        continue;
      }
      PrimerChoice chosen = reading.chosen().get();
      double bands = reading.band(Band.GROUND).orElseThrow().ml();
      double primer = reading.band(Band.PRIMER).map(BandReading::ml).orElse(0.0);
      assertThat(chosen.paintMl()).as("case %d", i).isCloseTo(bands, within(1e-9));
      assertThat(chosen.primerMl()).as("case %d", i).isCloseTo(primer, within(1e-9));
      if (chosen.hides()) {
        assertThat(reading.findings()).noneMatch(f -> f.rule().equals("does-not-hide"));
      } else {
        assertThat(reading.findings()).anyMatch(f -> f.rule().equals("does-not-hide"));
      }
    }
  }

  /** Wax comes off with wax remover and dirt with a wash, by the label of the pot that is owned. */
  @Test
  void eachStepTakesWhatIsMadeForIt() {
    GroupReading reading =
        Built.of(MakeUp.WOOD, Finish.WAXED, "#C9A26B", "#1F4650")
            .pot("a-stripper", "gel-stripper", "#E7E0C8", 900)
            .pot("b-remover", "wax-remover", "#E9E6DA", 900)
            .pot("c-wash", "surface-wash", "#E4ECEA", 900)
            .damaged("chip", 11)
            .read();
    assertThat(reading.band("step:WAX_OFF").orElseThrow().potId()).hasValue("b-remover");
    assertThat(reading.band("step:CLEAN").orElseThrow().potId()).hasValue("c-wash");
    assertThat(reading.band("step:FILL").orElseThrow().potId()).isEmpty();
    // 0.782 m2 twice at 8 m2 a litre
    assertThat(reading.band("step:WAX_OFF").orElseThrow().ml())
        .isCloseTo(2 * 782 / 8.0, within(1e-9));
  }

  static Colour any(Random dice) {
    return Colour.ofRgb(dice.nextInt(256), dice.nextInt(256), dice.nextInt(256));
  }

  @Test
  void aSchemeLeavesItsLaysAndNotesBehind() {
    Wishes wishes =
        Wishes.NONE
            .with(Band.GROUND, Wish.OPEN.times(3))
            .with(StepKind.STRIP)
            .ordered(List.of("lay:a", "ground"))
            .noted(new Wishes.Overruled("bleed", "ground", "sealed years ago"));
    Wishes scheme = wishes.asScheme();
    assertThat(scheme.order()).containsExactly("ground");
    assertThat(scheme.overruled()).isEmpty();
    assertThat(scheme.coat(Band.GROUND).times()).isEqualTo(OptionalInt.of(3));
    assertThat(scheme.steps()).containsExactly(StepKind.STRIP);
  }
}
