package craftmap.core.coats.rule;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.coats.Band;
import craftmap.core.coats.Built;
import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Wish;
import craftmap.core.coats.Wishes;
import craftmap.core.coats.reading.GroupReader;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Prints;
import craftmap.core.medium.ToolKind;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class CoatRulesTest {
  private static final Map<String, Supplier<Built>> FIRES = new LinkedHashMap<>();
  private static final Map<String, Supplier<Built>> SILENT = new LinkedHashMap<>();

  private static void rule(String id, Supplier<Built> fires, Supplier<Built> silent) {
    FIRES.put(id, fires);
    SILENT.put(id, silent);
  }

  /** Board that was painted, in a colour that hides easily: nothing much to be found. */
  private static Built plain() {
    return Built.painted("#C9A26B", "#1F4650")
        .pot("deep", "chalky-paint", "#1F4650", 5_000)
        .pot("clear-satin")
        .pot("clear-wax")
        .pot("dark-wax")
        .pot("metallic-wax")
        .pot("stain-block")
        .pot("bonding-primer")
        .pot("all-purpose-primer")
        .pot("wood-stain")
        .pot("oil-varnish")
        .pot("oil-enamel")
        .pot("pouring-resin")
        .pot("decoupage-medium")
        .pot("stone-paste")
        .pot("glaze");
  }

  private static Built wood(Finish finish, String wanted) {
    Built built = Built.of(MakeUp.WOOD, finish, "#C9A26B", wanted);
    return built
        .pot("deep", "chalky-paint", "#1F4650", 5_000)
        .pot("bone", "chalky-paint", "#F1EADA", 5_000)
        .pot("clear-satin")
        .pot("stain-block");
  }

  private static Built withTransfer(String pot) {
    return plain().lay("t", Prints.transfer(300, 300), 90_000, pot, 2);
  }

  private static Built withPaper(int coats) {
    return plain().lay("p", Prints.plainPaper(300, 300), 90_000, "decoupage-medium", coats);
  }

  private static Built blend(double bandMm) {
    return plain().pot("bone", "chalky-paint", "#F1EADA", 5_000).blended(bandMm, "deep", "bone");
  }

  static {
    rule("clean-first", () -> plain().without("step:CLEAN"), CoatRulesTest::plain);
    rule(
        "wax-off",
        () -> wood(Finish.WAXED, "#1F4650").without("step:WAX_OFF"),
        () -> wood(Finish.WAXED, "#1F4650"));
    rule(
        "slick",
        () ->
            Built.of(MakeUp.LAMINATE, Finish.BARE, "#DAD8D0", "#1F4650")
                .pot("deep", "chalky-paint", "#1F4650", 5_000)
                .pot("bonding-primer")
                .without(Band.PRIMER),
        () ->
            Built.of(MakeUp.LAMINATE, Finish.BARE, "#DAD8D0", "#1F4650")
                .pot("deep", "chalky-paint", "#1F4650", 5_000)
                .pot("bonding-primer"));
    rule(
        "bleed",
        () -> wood(Finish.VARNISHED, "#F1EADA").without(Band.PRIMER),
        () -> wood(Finish.VARNISHED, "#F1EADA"));
    rule(
        "primer-shade",
        () -> plain().wish(Band.PRIMER, Wish.of(new Wish.Product.OfPot("all-purpose-primer"))),
        CoatRulesTest::plain);
    rule(
        "relief-before-paint",
        () ->
            plain()
                .lay("m", Prints.plain(DesignKind.MOULDING, Map.of()), 9_000, "wood-glue", 1)
                .moved("lay:m", null),
        () -> plain().lay("m", Prints.plain(DesignKind.MOULDING, Map.of()), 9_000, "wood-glue", 1));
    rule(
        "not-sandable",
        () ->
            plain()
                .wish(
                    "own:x",
                    Wish.of(new Wish.Product.OfPot("stone-paste")).sanded(OptionalInt.of(220))),
        () -> plain().added("x", "stone-paste"));
    rule(
        "stick-on-unsealed",
        () ->
            withTransfer("")
                .lay("s", Prints.plain(DesignKind.ADHESIVE_STENCIL, Map.of()), 5_000, "", 2),
        () ->
            plain()
                .lay("s", Prints.plain(DesignKind.ADHESIVE_STENCIL, Map.of()), 5_000, "", 2)
                .lay("t", Prints.transfer(300, 300), 90_000, "clear-satin", 2));
    rule(
        "transfer-ground",
        () -> withTransfer("clear-satin").added("w", "clear-wax").moved("own:w", "lay:t"),
        () -> withTransfer("clear-satin"));
    rule(
        "stuck-on-wax",
        () -> withPaper(3).added("w", "clear-wax").moved("own:w", "lay:p"),
        () -> withPaper(3));
    rule(
        "transfer-seal",
        () -> withTransfer("").without(Band.SEAL),
        () -> withTransfer("clear-satin"));
    rule(
        "thin-over-dark",
        () ->
            plain()
                .pot("bone", "chalky-paint", "#FDFDFB", 5_000)
                .lay("n", Prints.napkin(4), 60_000, "decoupage-medium", 3),
        () ->
            Built.painted("#C9A26B", "#FDFDFB")
                .pot("bone", "chalky-paint", "#FDFDFB", 5_000)
                .lay("n", Prints.napkin(4), 60_000, "decoupage-medium", 3));
    rule(
        "lifted-edge",
        () -> withPaper(1).added("r", "pouring-resin"),
        () -> withPaper(3).added("r", "pouring-resin"));
    rule(
        "leaf-on-size",
        () ->
            plain()
                .lay("f", Prints.foil(80, 5, "BROKEN"), 20_000, "gilding-size", 1)
                .without(Band.SEAL),
        () -> plain().lay("f", Prints.foil(80, 5, "BROKEN"), 20_000, "gilding-size", 1));
    rule(
        "pen-on-chalk",
        () -> plain().lay("i", Prints.image(200, 200, 10), 40_000, "", 1),
        () ->
            plain()
                .lay("i", Prints.image(200, 200, 10), 40_000, "", 1)
                .added("c", "clear-satin")
                .moved("own:c", "lay:i"));
    rule(
        "clear-under-dark",
        () -> plain().added("d", "dark-wax").without(Band.SEAL),
        () -> plain().added("d", "dark-wax"));
    rule(
        "wax-then-coat",
        () -> plain().added("w", "clear-wax").added("c", "clear-satin").moved("own:w", "own:c"),
        () -> plain().added("c", "clear-satin").added("w", "clear-wax"));
    rule(
        "metallic-last",
        () -> plain().added("m", "metallic-wax").added("d", "dark-wax").moved("own:m", "own:d"),
        () -> plain().added("d", "dark-wax").added("m", "metallic-wax"));
    rule(
        "stain-splash",
        () ->
            Built.bareWood()
                .pot("wood-stain")
                .masked(900)
                .added("s", "wood-stain")
                .without("step:MASK"),
        () -> Built.bareWood().pot("wood-stain").added("s", "wood-stain"));
    rule(
        "mask-plan", () -> plain().masked(1_200).without("step:MASK"), () -> plain().masked(1_200));
    rule(
        "seal-wear",
        () -> plain().bears(Exposure.WEAR).without(Band.SEAL),
        () -> plain().bears(Exposure.WEAR));
    rule("food", () -> plain().bears(Exposure.FOOD_NEAR), CoatRulesTest::plain);
    rule(
        "damage-bare",
        () -> plain().damaged("chip", 14).without("step:FILL"),
        () -> plain().damaged("chip", 14));
    rule(
        "right-side",
        () ->
            plain()
                .lay("p", Prints.repeatingPaper(300, 300, 50, 50), 90_000, "decoupage-medium", 3),
        () -> withPaper(3));
    rule("hole-plan", () -> withPaper(3).holes(2), () -> withPaper(3));
    rule(
        "resin-level",
        () -> plain().upright().added("r", "pouring-resin"),
        () -> plain().added("r", "pouring-resin"));
    rule("strip", () -> wood(Finish.WAXED, "#1F4650"), CoatRulesTest::plain);
    rule("dust", CoatRulesTest::plain, () -> wood(Finish.BARE, "#1F4650"));
    rule(
        "lead-first",
        () -> wood(Finish.VARNISHED, "#1F4650").without("step:TEST_FOR_LEAD"),
        () -> wood(Finish.VARNISHED, "#1F4650"));
    rule(
        "spray",
        () -> plain().wish(Band.GROUND, Wish.OPEN.with(ToolKind.SPRAYER)),
        CoatRulesTest::plain);
    rule("oily-rags", () -> plain().added("o", "oil-varnish"), CoatRulesTest::plain);
    rule(
        "hot-work",
        () ->
            plain()
                .added("r", "pouring-resin")
                .wish(Band.PRIMER, Wish.of(new Wish.Product.OfPot("stain-block"))),
        () -> plain().added("r", "pouring-resin"));
    rule("tip-over", () -> plain().tall(1_880), CoatRulesTest::plain);
    rule(
        "does-not-hide",
        () -> plain().wish(Band.GROUND, Wish.OPEN.times(1)),
        () -> plain().wish(Band.GROUND, Wish.OPEN.times(2)));
    rule(
        "more-than-hides",
        () -> plain().wish(Band.GROUND, Wish.OPEN.times(4)),
        () -> plain().wish(Band.GROUND, Wish.OPEN.times(2)));
    rule(
        "water-over-oil",
        () -> plain().added("o", "oil-enamel").moved("own:o", Band.GROUND),
        () -> plain().added("o", "oil-enamel").without(Band.SEAL));
    rule("unsealed", () -> plain().without(Band.SEAL), CoatRulesTest::plain);
    rule(
        "grain-raised",
        () -> wood(Finish.BARE, "#1F4650"),
        () ->
            wood(Finish.BARE, "#1F4650").wish(Band.GROUND, Wish.OPEN.sanded(OptionalInt.of(220))));
    rule(
        "oil-yellows",
        () ->
            Built.painted("#F1EADA", "#F1EADA")
                .pot("oil-varnish")
                .pot("clear-satin")
                .added("o", "oil-varnish"),
        () -> plain().added("o", "oil-varnish"));
    rule(
        "too-thin",
        () -> plain().wish(Band.GROUND, Wish.OPEN.thinned(0.3)),
        () -> plain().wish(Band.GROUND, Wish.OPEN.thinned(0.1)));
    rule("blend-wet", () -> blend(900).area(4_000_000), () -> blend(20).area(40_000));
    rule(
        "resist-rubbed",
        () -> plain().step(StepKind.RESIST),
        () -> plain().step(StepKind.RESIST).step(StepKind.DISTRESS));
    rule(
        "distress-sealed",
        () -> plain().step(StepKind.DISTRESS).moved(StepKind.DISTRESS.key(), null),
        () -> plain().step(StepKind.DISTRESS));
    rule("scuff-first", () -> plain().without("step:SAND"), CoatRulesTest::plain);
    rule(
        "pot-short",
        () -> Built.painted("#C9A26B", "#1F4650").pot("deep", "chalky-paint", "#1F4650", 20),
        CoatRulesTest::plain);
    rule("not-owned", () -> Built.painted("#C9A26B", "#7A2E58"), CoatRulesTest::plain);
  }

  static Stream<String> ids() {
    return CoatRules.ALL.stream().map(CoatRule::id);
  }

  private static List<String> found(Built built) {
    return built.read().findings().stream().map(CoatFinding::rule).toList();
  }

  @Test
  void everyRuleIsTriedHere() {
    assertThat(FIRES.keySet()).containsExactlyInAnyOrderElementsOf(ids().toList());
    assertThat(CoatRules.ALL).extracting(CoatRule::id).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @MethodSource("ids")
  void aRuleFindsWhatItIsFor(String id) {
    assertThat(found(FIRES.get(id).get())).contains(id);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void aRuleIsSilentWhereAllIsWell(String id) {
    assertThat(found(SILENT.get(id).get())).doesNotContain(id);
  }

  static Stream<Arguments> mended() {
    return FIRES.entrySet().stream()
        .flatMap(
            e ->
                e.getValue().get().read().findings().stream()
                    .filter(f -> f.rule().equals(e.getKey()))
                    .flatMap(f -> f.mends().stream().map(m -> Arguments.of(e.getKey(), f, m))));
  }

  /** A mend is a promise: once taken, what was found is gone, and nothing new stops. */
  @ParameterizedTest
  @MethodSource("mended")
  void whatIsTakenMends(String id, CoatFinding finding, CoatMend mend) {
    Built built = FIRES.get(id).get();
    GroupReading before = built.read();
    GroupReading after = built.wishes(mend.wishes()).read();
    assertThat(after.findings()).noneMatch(finding::isSameAs);
    assertThat(GroupReader.newStops(before.findings(), after.findings())).isEmpty();
  }

  /** Rules that nothing in the build-up can mend: the label, the shop, the place, the person. */
  private static final List<String> NOT_MENDED_HERE =
      List.of(
          "food",
          "hole-plan",
          "right-side",
          "strip",
          "dust",
          "spray",
          "oily-rags",
          "hot-work",
          "tip-over",
          "pot-short",
          "not-owned");

  @Test
  void everythingElseIsMended() {
    List<String> mended = mended().map(a -> (String) a.get()[0]).distinct().toList();
    List<String> all = new ArrayList<>(ids().toList());
    all.removeAll(NOT_MENDED_HERE);
    assertThat(mended).containsAll(all);
  }

  /** Dark wax goes over clear wax, or over a sealed coat, as the studio has learnt it. */
  @Test
  void whatMendsDarkWaxFollowsTheSchool() {
    for (Habits.DarkWax school : Habits.DarkWax.values()) {
      Built built = FIRES.get("clear-under-dark").get().habits(Habits.USUAL.with(school));
      List<CoatMend> mends =
          built.read().findings().stream()
              .filter(f -> f.rule().equals("clear-under-dark"))
              .flatMap(f -> f.mends().stream())
              .toList();
      assertThat(mends)
          .extracting(CoatMend::code)
          .containsExactly(
              school == Habits.DarkWax.OVER_CLEAR_WAX ? "clear-wax-under" : "clear-coat-under");
    }
  }

  @Test
  void whatWasNotedIsNoLongerOpenAndComesLast() {
    Built built = plain().without("step:CLEAN");
    CoatFinding dirty =
        built.read().findings().stream()
            .filter(f -> f.rule().equals("clean-first"))
            .findFirst()
            .orElseThrow();
    GroupReading read = built.read();
    GroupReading after =
        built
            .wishes(
                read.group()
                    .wishes()
                    .noted(
                        new Wishes.Overruled(
                            "clean-first", dirty.band().orElseThrow(), "washed on Monday")))
            .read();
    assertThat(after.open()).noneMatch(dirty::isSameAs);
    assertThat(after.findings().getLast().note()).hasValue("washed on Monday");
  }

  @Test
  void whatOnlyHurtsPeopleIsSafety() {
    assertThat(CoatRules.ALL.stream().filter(CoatRule::safety).map(CoatRule::id))
        .containsExactlyInAnyOrder(
            "food", "strip", "dust", "lead-first", "spray", "oily-rags", "hot-work", "tip-over");
    assertThat(StepKind.values()).startsWith(StepKind.TEST_FOR_LEAD);
  }
}
