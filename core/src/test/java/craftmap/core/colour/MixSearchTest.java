package craftmap.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.PaintMix.Paint;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class MixSearchTest {
  private static final Colour WHITE = new Colour("#F7F5EE");

  @Test
  void aMixOfOneColourIsThatColour() {
    Random dice = new Random(11);
    for (int i = 0; i < 1_000; i++) {
      Colour colour = CoveringTest.any(dice);
      Lab mixed = PaintMix.mixed(List.of(colour, colour), List.of(1 + dice.nextInt(8), 3));
      assertThat(mixed.ciede2000From(colour.lab())).as("%s", colour).isLessThan(0.2);
    }
  }

  /** Even the colours at the very edge of what a screen shows have a smooth spectrum. */
  @Test
  void theCornersOfTheScreenAreMetAsWell() {
    for (int corner = 0; corner < 8; corner++) {
      Colour colour =
          Colour.ofRgb((corner & 1) * 255, (corner >> 1 & 1) * 255, (corner >> 2 & 1) * 255);
      double[] spectrum = Reflectance.of(colour);
      for (double share : spectrum) {
        assertThat(share).isBetween(0.0, 1.0);
      }
      assertThat(Reflectance.lab(spectrum).ciede2000From(colour.lab()))
          .as("%s", colour)
          .isLessThan(0.3);
    }
  }

  @Test
  void theOrderOfThePaintsDoesNotMatter() {
    Random dice = new Random(12);
    for (int i = 0; i < 200; i++) {
      Colour a = CoveringTest.any(dice);
      Colour b = CoveringTest.any(dice);
      Colour c = CoveringTest.any(dice);
      Lab one = PaintMix.mixed(List.of(a, b, c), List.of(2, 5, 3));
      Lab two = PaintMix.mixed(List.of(c, a, b), List.of(3, 2, 5));
      assertThat(one.lightness()).isCloseTo(two.lightness(), within(1e-9));
      assertThat(one.a()).isCloseTo(two.a(), within(1e-9));
      assertThat(one.b()).isCloseTo(two.b(), within(1e-9));
    }
  }

  @Tag("thorough")
  @Test
  void moreWhiteIsNeverDarker() {
    Random dice = new Random(13);
    for (int i = 0; i < 200; i++) {
      Colour colour = Colour.ofRgb(dice.nextInt(240), dice.nextInt(240), dice.nextInt(230));
      double before = 0;
      for (int white = 0; white <= 8; white++) {
        double light = PaintMix.mixed(List.of(colour, WHITE), List.of(4, white)).lightness();
        assertThat(light).isGreaterThanOrEqualTo(before);
        before = light;
      }
    }
  }

  @Test
  void blueWithYellowIsAGreen() {
    for (String blue : List.of("#1F4690", "#2A5CAA", "#27408B", "#1E5FA8")) {
      for (String yellow : List.of("#F2C81E", "#FFD500", "#E8C33A")) {
        Lab mixed = PaintMix.mixed(List.of(new Colour(blue), new Colour(yellow)), List.of(1, 4));
        assertThat(mixed.a()).as("%s with %s: %s", blue, yellow, mixed.colour()).isNegative();
        assertThat(ColourFamily.of(mixed.colour())).isIn(ColourFamily.GREEN, ColourFamily.TEAL);
      }
    }
  }

  @Test
  void redAndWhiteMakeAPinkLighterThanRed() {
    Lab mixed = PaintMix.mixed(List.of(new Colour("#B3202A"), WHITE), List.of(1, 8));
    assertThat(mixed.lightness()).isGreaterThan(new Colour("#B3202A").lab().lightness() + 15);
    assertThat(mixed.a()).isPositive();
  }

  /** "Nearest" is a promise: every mix there is, one after the other, is no nearer. */
  @Tag("thorough")
  @Test
  void noMixThereIsIsNearerThanTheNearest() {
    for (int seed = 0; seed < 8; seed++) {
      Random dice = new Random(seed);
      List<Paint> paints = paints(dice, 3 + dice.nextInt(3));
      Lab wanted = CoveringTest.any(dice).lab();
      PaintMix found = MixSearch.nearest(wanted, paints, 1).getFirst();
      double least = Double.MAX_VALUE;
      for (List<Paint> some : setsOfTwoOrThree(paints)) {
        for (List<Integer> parts : parts(some.size())) {
          Lab looks = PaintMix.mixed(some.stream().map(Paint::colour).toList(), parts);
          least = Math.min(least, looks.ciede2000From(wanted));
        }
      }
      assertThat(found.differs()).as("seed %d", seed).isCloseTo(least, within(1e-9));
    }
  }

  @Test
  void severalThatAreKeptAreOfOtherPaintsEachAndTheNearestFirst() {
    Random dice = new Random(99);
    List<Paint> paints = paints(dice, 9);
    Lab wanted = new Colour("#A9B8B2").lab();
    List<PaintMix> found = MixSearch.nearest(wanted, paints, 5);
    assertThat(found).hasSize(5);
    assertThat(found).extracting(PaintMix::differs).isSorted();
    assertThat(found)
        .extracting(m -> m.parts().stream().map(PaintMix.Part::paintId).toList())
        .doesNotHaveDuplicates();
    assertThat(found.getFirst().differs())
        .isEqualTo(MixSearch.nearest(wanted, paints, 1).getFirst().differs());
    for (PaintMix mix : found) {
      assertThat(mix.allParts()).isLessThanOrEqualTo(MixSearch.MOST_PARTS);
      assertThat(mix.parts()).allMatch(p -> p.parts() >= 1 && p.parts() <= MixSearch.MOST_OF_ONE);
      double volume = mix.parts().stream().mapToDouble(p -> mix.of(p, 137.3)).sum();
      assertThat(volume).isCloseTo(137.3, within(1e-9));
    }
  }

  @Test
  void oneOrNoPaintMakesNoMix() {
    Lab wanted = WHITE.lab();
    assertThat(MixSearch.nearest(wanted, List.of(), 3)).isEmpty();
    assertThat(MixSearch.nearest(wanted, List.of(new Paint("a", WHITE)), 3)).isEmpty();
  }

  private static List<Paint> paints(Random dice, int count) {
    List<Paint> paints = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      paints.add(new Paint("p" + i, CoveringTest.any(dice)));
    }
    return paints;
  }

  private static List<List<Paint>> setsOfTwoOrThree(List<Paint> paints) {
    List<List<Paint>> sets = new ArrayList<>();
    for (int a = 0; a < paints.size(); a++) {
      for (int b = a + 1; b < paints.size(); b++) {
        sets.add(List.of(paints.get(a), paints.get(b)));
        for (int c = b + 1; c < paints.size(); c++) {
          sets.add(List.of(paints.get(a), paints.get(b), paints.get(c)));
        }
      }
    }
    return sets;
  }

  private static List<List<Integer>> parts(int of) {
    List<List<Integer>> all = new ArrayList<>();
    for (int p = 1; p <= 8; p++) {
      for (int q = 1; q <= 8 && p + q <= 12; q++) {
        if (of == 2) {
          all.add(List.of(p, q));
        }
        for (int r = 1; of == 3 && r <= 8 && p + q + r <= 12; r++) {
          all.add(List.of(p, q, r));
        }
      }
    }
    return all;
  }
}
