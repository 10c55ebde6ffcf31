package craftmap.core.coats.rule;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.coats.Built;
import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Where;
import craftmap.core.coats.Wish;
import craftmap.core.coats.Wishes;
import craftmap.core.coats.reading.GroupReader;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Prints;
import craftmap.core.measure.Level;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Over build-ups nobody thought of, with figures of no roundness. */
class CoatMendsTest {
  /** A mend is a promise over any plan: what was found is gone, and nothing new stops. */
  @Tag("thorough")
  @Test
  void mendsOfAnyPlanMend() {
    int tried = 0;
    List<String> rules = new ArrayList<>();
    for (int seed = 0; seed < 400; seed++) {
      Built built = any(new Random(seed));
      GroupReading before = built.read();
      Wishes wishes = before.group().wishes();
      for (CoatFinding finding : before.findings()) {
        for (CoatMend mend : finding.mends()) {
          GroupReading after = built.wishes(mend.wishes()).read();
          assertThat(after.findings())
              .as("seed %d, %s by %s", seed, finding.rule(), mend.code())
              .noneMatch(finding::isSameAs);
          assertThat(GroupReader.newStops(before.findings(), after.findings()))
              .as("seed %d, %s by %s", seed, finding.rule(), mend.code())
              .isEmpty();
          tried++;
          rules.add(finding.rule());
        }
      }
      built.wishes(wishes);
    }
    assertThat(tried).isGreaterThan(400);
    assertThat(rules.stream().distinct().count()).isGreaterThan(15);
  }

  /**
   * What is proposed to somebody who has changed nothing never fails by a rule that stops; in which
   * order lays come is the artist's own.
   */
  @Tag("thorough")
  @Test
  void whatIsProposedDoesNotFail() {
    for (int seed = 0; seed < 400; seed++) {
      Built built = any(new Random(seed)).wishes(Wishes.NONE);
      assertThat(built.read().findings())
          .as("seed %d", seed)
          .noneMatch(
              f -> f.level() == Level.STOP && !f.safety() && !f.rule().equals("stick-on-unsealed"));
    }
  }

  private static final String[] MEDIA = {
    "clear-satin",
    "clear-matt",
    "clear-wax",
    "dark-wax",
    "metallic-wax",
    "stain-block",
    "bonding-primer",
    "all-purpose-primer",
    "grey-primer",
    "oil-varnish",
    "oil-enamel",
    "pouring-resin",
    "glaze",
    "wood-stain",
    "stone-paste",
    "shellac-sealer",
    "decoupage-medium"
  };

  private static Built any(Random dice) {
    MakeUp makeUp = MakeUp.values()[dice.nextInt(MakeUp.values().length)];
    Finish finish = Finish.values()[dice.nextInt(Finish.values().length)];
    String[] colours = {"#1F4650", "#F1EADA", "#B3202A", "#C9A26B", "#6D7F42"};
    Built built =
        Built.of(makeUp, finish, colours[dice.nextInt(5)], colours[dice.nextInt(5)])
            .area(31_117.3 + dice.nextDouble() * 2_000_000)
            .pot("deep", "chalky-paint", "#1F4650", 900)
            .pot("bone", "mineral-paint", "#F1EADA", 900)
            .pot("red", "casein-paint", "#B3202A", 900);
    for (String medium : MEDIA) {
      if (dice.nextInt(3) > 0) {
        built.pot(medium);
      }
    }
    for (Exposure e : Exposure.values()) {
      if (dice.nextInt(4) == 0) {
        built.bears(e);
      }
    }
    if (dice.nextBoolean()) {
      built.masked(713.7).damaged("chip", 11.3).damaged("burn", 23.9).holes(2);
    }
    if (dice.nextBoolean()) {
      built.upright();
    }
    if (dice.nextInt(3) == 0) {
      built.lay("t", Prints.transfer(300, 300), 80_000, dice.nextBoolean() ? "" : "clear-satin", 2);
    }
    if (dice.nextInt(3) == 0) {
      built.lay("n", Prints.napkin(4), 60_000, "decoupage-medium", 1 + dice.nextInt(3));
    }
    if (dice.nextInt(3) == 0) {
      built.lay("f", Prints.foil(80, 5, "BROKEN"), 20_000, "gilding-size", 1);
    }
    if (dice.nextInt(3) == 0) {
      built.lay("m", Prints.plain(DesignKind.MOULDING, Map.of()), 9_000, "wood-glue", 1);
    }
    if (dice.nextInt(3) == 0) {
      built.lay("s", Prints.plain(DesignKind.ADHESIVE_STENCIL, Map.of()), 5_000, "", 2);
    }
    built.habits(
        Habits.USUAL
            .with(Habits.Seal.values()[dice.nextInt(2)])
            .with(Habits.Primer.values()[dice.nextInt(2)]));
    if (dice.nextInt(3) == 0) {
      built.blended(13.7 + dice.nextDouble() * 800, "deep", "bone");
    }
    if (dice.nextInt(4) == 0) {
      built.step(StepKind.RESIST);
    }
    if (dice.nextInt(4) == 0) {
      built.step(StepKind.DISTRESS);
    }
    for (int i = 0; i < dice.nextInt(4); i++) {
      String medium = MEDIA[dice.nextInt(MEDIA.length)];
      built.wish("own:" + i, Wish.of(new Wish.Product.OfKind(medium)).with(Where.ALL));
    }
    List<String> keys = built.read().buildUp().keys();
    for (int i = 0; i < 2 && !keys.isEmpty(); i++) {
      String key = keys.get(dice.nextInt(keys.size()));
      if (dice.nextBoolean()) {
        built.moved(key, keys.get(dice.nextInt(keys.size())));
      } else {
        built.without(key);
      }
    }
    return built;
  }
}
