package craftmap.core.coats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is poured for each coat. */
class EachCoatTest {
  private static double together(BandReading reading, int times) {
    return IntStream.rangeClosed(1, times).mapToDouble(reading::mlOfCoat).sum();
  }

  /** Bare wood drinks the first coat; whatever each takes, together it is what all take. */
  @Test
  void theFirstOnBareWoodTakesMoreAndAllTogetherWhatTheyTake() {
    Random dice = new Random(61107);
    int drank = 0;
    for (int i = 0; i < 40; i++) {
      boolean bare = i % 2 == 0;
      Built built =
          (bare
                  ? Built.of(MakeUp.WOOD, Finish.BARE, "#D9CFBC", "#B3202A").without(Band.PRIMER)
                  : Built.painted("#6B4A2F", "#B3202A"))
              .area(90_173 + dice.nextInt(1_700_311))
              .paint("red", "#B3202A", 0.35 + 0.6 * dice.nextDouble())
              .pot("clear-satin");
      for (BandReading reading : built.read().bands()) {
        if (reading.band() instanceof Band.Coat coat && coat.times() > 0) {
          assertThat(together(reading, coat.times()))
              .as("case %d, %s", i, coat.key())
              .isCloseTo(reading.ml(), within(1e-6 * Math.max(1, reading.ml())));
          if (coat.times() > 1) {
            boolean more = reading.mlOfCoat(1) > reading.mlOfCoat(2) * 1.01;
            assertThat(more).isEqualTo(reading.sum().orElseThrow().firstCoat() > 1.01);
            drank += more ? 1 : 0;
          }
        }
      }
    }
    assertThat(drank).isPositive();
  }
}
