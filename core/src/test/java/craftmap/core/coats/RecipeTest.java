package craftmap.core.coats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import java.time.Duration;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RecipeTest {
  private static Medium medium(String generic, Map<String, Double> label) {
    return Medium.read(
        "m", "Ours", GenericMedium.find(generic).orElseThrow(), new MeasureSheet(label, Map.of()));
  }

  private static Recipe recipe(Medium medium, double ml, long minutes) {
    return Recipe.of(medium, ml, 0, Duration.ofMinutes(minutes)).orElseThrow();
  }

  @Test
  void partsAreSharesOfTheBatch() {
    Medium resin = medium("pouring-resin", Map.of("partA", 4.0, "partB", 1.0, "potLife", 600.0));
    Recipe made = recipe(resin, 260, 10);
    assertThat(made.batches()).isEqualTo(1);
    assertThat(made.parts().orElseThrow().first()).isEqualTo(208);
    assertThat(made.parts().orElseThrow().second()).isCloseTo(52, within(1e-9));

    Medium other = medium("pouring-resin", Map.of("partA", 2.0, "potLife", 600.0));
    assertThat(recipe(other, 310, 10).parts().orElseThrow().first())
        .isCloseTo(206.67, within(0.01));
  }

  /** 900 ml at 40 ml a minute, 12 minutes of pot life: three of 300. */
  @Test
  void noBatchIsMoreThanCanBeLaidInThreeQuartersOfThePotLife() {
    Recipe made =
        Recipe.of(
                medium("pouring-resin", Map.of("potLife", 12.0)),
                900,
                0,
                Duration.ofSeconds(22 * 60 + 30))
            .orElseThrow();
    assertThat(made.batches()).isEqualTo(3);
    assertThat(made.eachMl()).isEqualTo(300);
  }

  @Test
  void byWeightTheScaleSaysWhatThePartsAre() {
    Recipe made = recipe(medium("two-part-filler", Map.of()), 10.2, 3);
    assertThat(made.parts().orElseThrow().first() + made.parts().orElseThrow().second())
        .isCloseTo(10.2 * 1.8, within(1e-9));
    assertThat(made.parts().orElseThrow().first() / made.parts().orElseThrow().second())
        .isCloseTo(50, within(1e-9));
    assertThat(made.spoons()).isEmpty();
  }

  @Test
  void spoonsKeepTheRatioAndMakeTheLeastTooMuch() {
    Medium resin = medium("pouring-resin", Map.of("partA", 4.0, "partB", 1.0, "potLife", 600.0));
    Recipe.Spoons spoons = recipe(resin, 26, 10).spoons().orElseThrow();
    // one set of five 5 ml spoons is 25 ml: too little by a millilitre
    assertThat(spoons).isEqualTo(new Recipe.Spoons(20, 5, 1.25, 31.25));
    assertThat(recipe(resin, 24.9, 10).spoons().orElseThrow())
        .isEqualTo(new Recipe.Spoons(4, 1, 5, 25));
    assertThat(recipe(resin, 370, 1).spoons()).isPresent();
    assertThat(recipe(resin, 900, 1).spoons()).isEmpty();
  }

  @Test
  void dropsAreRoundedUpAndPowderIsForTheDay() {
    Medium filler = medium("fine-paste", Map.of("drops", 30.0));
    assertThat(recipe(filler, 41.1, 5).drops()).isEqualTo(13);
    assertThat(recipe(filler, 40, 5).drops()).isEqualTo(12);
    assertThat(recipe(filler, 40, 5).isForTodayOnly()).isFalse();
    assertThat(recipe(medium("casein-paint", Map.of()), 220, 40).isForTodayOnly()).isTrue();
    assertThat(recipe(medium("pouring-resin", Map.of()), 220, 40).isForTodayOnly()).isFalse();
  }

  @Test
  void whatIsUsedAsItStandsNeedsNoRecipe() {
    Medium paint = medium("chalky-paint", Map.of());
    assertThat(Recipe.of(paint, 100, 0, Duration.ofMinutes(20))).isEmpty();
    assertThat(Recipe.of(paint, 100, 10, Duration.ofMinutes(20)).orElseThrow().waterMl())
        .isEqualTo(10);
    assertThat(Recipe.inBatches(paint, 100, 3)).isEmpty();
    assertThat(Recipe.inBatches(medium("casting-resin", Map.of()), 61.5, 3).orElseThrow().eachMl())
        .isEqualTo(20.5);
  }

  /** Whatever is mixed, the batches together are what is wanted, and none outlives its pot life. */
  @ParameterizedTest
  @ValueSource(ints = {2, 19, 607})
  void allBatchesTogetherAreWhatIsWanted(int seed) {
    Random dice = new Random(seed);
    for (int i = 0; i < 200; i++) {
      double a = Math.round(1 + dice.nextDouble() * 90) / 10.0;
      double b = Math.round(1 + dice.nextDouble() * 40) / 10.0;
      double life = 3 + dice.nextDouble() * 60;
      Medium resin =
          medium("pouring-resin", Map.of("partA", a, "partB", b, "potLife", life, "drops", 7.3));
      double ml = 0.3 + dice.nextDouble() * 1700;
      Duration pace = Duration.ofSeconds(20 + dice.nextInt(9000));
      Recipe made = Recipe.of(resin, ml, 0, pace).orElseThrow();
      Recipe.Parts parts = made.parts().orElseThrow();
      assertThat((parts.first() + parts.second()) * made.batches()).isCloseTo(ml, within(1e-6));
      assertThat(parts.first() * b).isCloseTo(parts.second() * a, within(1e-6));
      double minutesOfOne = pace.toSeconds() / 60.0 / made.batches();
      assertThat(minutesOfOne).isLessThanOrEqualTo(life * 0.75 + 1e-4);
      if (made.batches() > 1) {
        assertThat(pace.toSeconds() / 60.0 / (made.batches() - 1))
            .isGreaterThan(life * 0.75 - 1e-4);
      }
      assertThat(made.drops())
          .isBetween((int) (0.073 * made.eachMl()), (int) (0.073 * made.eachMl()) + 1);
      made.spoons()
          .ifPresent(
              s -> {
                assertThat(s.madeMl()).isGreaterThanOrEqualTo(made.eachMl() - 1e-6);
                assertThat(s.first() * b).isCloseTo(s.second() * a, within(1e-6));
                assertThat((s.first() + s.second()) * s.spoonMl())
                    .isCloseTo(s.madeMl(), within(1e-6));
              });
    }
  }
}
