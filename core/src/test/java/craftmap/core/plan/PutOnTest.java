package craftmap.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.colour.Colour;
import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Picture;
import craftmap.core.design.Rights;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.reading.PlanReader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What every kind of design is put on with, by every rule that suits it. */
class PutOnTest {
  private static final PotLabel POT = new PotLabel("pot", "Pot", new Colour("#1F4650"), 9.3);

  private static final List<Map<String, String>> CHOICES =
      List.of(
          Map.of(),
          Map.of("film", "VINYL"),
          Map.of("filling", "RESIN"),
          Map.of("tool", "PATTERN_ROLLER"),
          Map.of("coverage", "BROKEN"));

  private static final List<Map<String, String>> MOULDINGS =
      List.of(Map.of(), Map.of("flexibility", "RUBBERY"), Map.of("form", "LENGTHS"));

  static List<Arguments> everyKindByEveryRule() {
    List<Arguments> all = new ArrayList<>();
    for (DesignKind kind : DesignKind.values()) {
      Set<Design> seen = new HashSet<>();
      for (Map<String, String> choices : kind == DesignKind.MOULDING ? MOULDINGS : CHOICES) {
        Design design = design(kind, choices);
        if (seen.add(design)) {
          RuleKind.suiting(design).forEach(rule -> all.add(Arguments.of(kind, choices, rule)));
        }
      }
    }
    return all;
  }

  private static Design design(DesignKind kind, Map<String, String> choices) {
    return kind.read(
        new Card("d", "Reed", "", "", Rights.MAY_BE_SOLD),
        new MeasureSheet(Map.of("width", 61.7, "height", 43.3), choices),
        Optional.of(Picture.bare(61.7, 43.3)).filter(p -> needsASheet(kind)));
  }

  private static boolean needsASheet(DesignKind kind) {
    return kind == DesignKind.MOULDING || kind == DesignKind.TRANSFER;
  }

  @Tag("thorough")
  @ParameterizedTest
  @MethodSource("everyKindByEveryRule")
  void everyLayNamesItsMediumAndItsWork(
      DesignKind kind, Map<String, String> choices, RuleKind ruleKind) {
    Design design = design(kind, choices);
    for (Optional<String> pot : List.of(Optional.<String>empty(), Optional.of("pot"))) {
      laid(design, ruleKind, new Lay.Pot(pot, 2))
          .map(LayReading.Laid::takes)
          .ifPresent(
              takes -> {
                assertThat(takes.potMl() > 0).isEqualTo(design.putOn().isPresent());
                assertThat(takes.potMl() > 0 || film(takes) || water(takes))
                    .as("a medium in %s", takes)
                    .isTrue();
                assertThat(takes.find(Need.HandsOn.class).orElseThrow().time()).isPositive();
              });
    }
  }

  private static boolean film(Needs takes) {
    return takes.find(Need.Film.class).filter(f -> f.lengthMm() > 0 && f.widthMm() > 0).isPresent();
  }

  private static boolean water(Needs takes) {
    return takes.find(Need.Water.class).filter(w -> w.ml() > 0).isPresent();
  }

  @Tag("thorough")
  @ParameterizedTest
  @MethodSource("everyKindByEveryRule")
  void anotherCoatNeverTakesLess(DesignKind kind, Map<String, String> choices, RuleKind ruleKind) {
    double before = 0;
    for (int coats = 1; coats <= 3; coats++) {
      Lay.Pot pot = new Lay.Pot(Optional.of("pot"), coats);
      double ml =
          laid(design(kind, choices), ruleKind, pot).map(l -> l.takes().potMl()).orElse(before);
      assertThat(ml).isGreaterThanOrEqualTo(before);
      before = ml;
    }
  }

  /** On a small sign, or round a planter. */
  private static Optional<LayReading.Laid> laid(Design design, RuleKind ruleKind, Lay.Pot pot) {
    FormKind form = ruleKind == RuleKind.WRAP ? FormKind.PLANTER : FormKind.SIGN;
    Map<String, Double> small =
        form == FormKind.SIGN ? Map.of("width", 311.7, "height", 223.3) : Map.of();
    Plan bare = new Plan("Piece", new FormNote(form, small, Map.of()), Map.of(), List.of());
    PlanFace face = bare.faces().getFirst();
    LayRule rule = Proposal.ofKind(ruleKind, face.face(), design, List.of());
    Lay lay = Lay.fresh("l", face.face().id(), Optional.of("d"), rule, pot);
    return new PlanReader(Shelves.with(design, Optional.of(POT)), TapeDivision.MM_1)
        .of(lay, bare.and(lay), face.face().id())
        .filter(LayReading.Laid.class::isInstance)
        .map(LayReading.Laid.class::cast);
  }
}
