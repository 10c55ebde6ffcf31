package craftmap.core.coats;

import craftmap.core.colour.Colour;
import craftmap.core.colour.MixSearch;
import craftmap.core.colour.PaintMix;
import craftmap.core.design.Prints;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** How long coats take: twelve groups of about 150 bands in all, and the mixes of forty paints. */
@Tag("bench")
class CoatsBench {
  private static final int RUNS = 41;

  @Test
  void buildUpsAndFindingsOfTwelveGroups() {
    List<Built> groups = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      groups.add(group(i));
    }
    int bands = groups.stream().mapToInt(g -> g.read().bands().size()).sum();
    System.out.printf(
        "%d bands in 12 groups: %s%n", bands, ms(() -> groups.forEach(Built::read), RUNS));
    System.out.printf("one group of them: %s%n", ms(() -> groups.getFirst().read(), RUNS));
  }

  private static Built group(int i) {
    Finish finish = Finish.values()[i % Finish.values().length];
    Built built =
        Built.of(i % 2 == 0 ? MakeUp.WOOD : MakeUp.LAMINATE, finish, "#C9A26B", "#F1EADA")
            .area(731_311.7 + 10_007.3 * i)
            .masked(911)
            .damaged("chip", 11.3)
            .holes(2);
    for (String medium :
        List.of(
            "clear-satin",
            "clear-wax",
            "dark-wax",
            "metallic-wax",
            "stain-block",
            "bonding-primer",
            "all-purpose-primer",
            "grey-primer",
            "decoupage-medium")) {
      built.pot(medium);
    }
    for (int p = 0; p < 31; p++) {
      built.pot("paint" + p, "chalky-paint", any(new Random(p)).hex(), 900);
    }
    built.lay("t", Prints.transfer(300, 300), 80_000, "clear-satin", 2);
    built.lay("n", Prints.napkin(4), 60_000, "decoupage-medium", 3);
    built.added("d", "dark-wax").added("m", "metallic-wax");
    return built;
  }

  @Test
  void mixesOfFortyPaints() {
    List<Double> all = new ArrayList<>();
    for (int seed = 0; seed < 40; seed++) {
      Random dice = new Random(seed);
      List<PaintMix.Paint> paints = new ArrayList<>();
      for (int i = 0; i < 40; i++) {
        paints.add(new PaintMix.Paint("p" + i, any(dice)));
      }
      Colour wanted = any(dice);
      long start = System.nanoTime();
      MixSearch.nearest(wanted.lab(), paints, 3);
      all.add((System.nanoTime() - start) / 1e6);
    }
    all.sort(Double::compare);
    System.out.printf(
        "mixes of 40 paints: median %.0f ms, slowest %.0f ms%n", all.get(20), all.getLast());
  }

  private static Colour any(Random dice) {
    return Colour.ofRgb(dice.nextInt(256), dice.nextInt(256), dice.nextInt(256));
  }

  private static String ms(Runnable work, int runs) {
    double[] ms = new double[runs];
    for (int i = 0; i < 2 * runs; i++) {
      long start = System.nanoTime();
      work.run();
      ms[i % runs] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(ms);
    return "median %.1f ms, %.1f to %.1f ms".formatted(ms[runs / 2], ms[0], ms[runs - 1]);
  }
}
