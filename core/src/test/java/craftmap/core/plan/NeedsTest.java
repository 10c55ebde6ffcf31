package craftmap.core.plan;

import static craftmap.core.plan.Planned.laid;
import static craftmap.core.plan.Planned.lay;
import static craftmap.core.plan.Planned.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.form.FormKind;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.Times;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Role;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NeedsTest {
  private static final Map<String, Double> CHEST =
      Map.of("width", 870.0, "height", 420.0, "depth", 450.0);

  private static Needs of(String design, RuleKind rule) {
    return laid(
            read(FormKind.CHEST, CHEST, Map.of(), lay("l", "front", design, rule)), "front", "l")
        .takes();
  }

  @ParameterizedTest
  @CsvSource({
    "block, RUN, Paint HandsOn",
    "boat, SINGLE, Pieces Coated HandsOn",
    "napkin, SINGLE, Sheets Coated HandsOn",
    "paper, COVER, Sheets Coated HandsOn",
    "foil, STRIPS, Length Coated HandsOn",
    "zone, WHOLE_FACE, Paint HandsOn",
  })
  void aLayNeedsWhatItsKindTakesAndNothingElse(String design, RuleKind rule, String sorts) {
    Needs needs = of(design, rule);
    assertThat(needs.all().stream().map(n -> n.getClass().getSimpleName()).toList())
        .containsExactly(sorts.split(" "));
  }

  @ParameterizedTest
  @CsvSource({
    "foil, STRIPS, SIZE",
    "paper, COVER, DECOUPAGE_MEDIUM",
    "napkin, SINGLE, DECOUPAGE_MEDIUM",
    "boat, SINGLE, DECOUPAGE_MEDIUM",
    "picture, SINGLE, CLEAR_COAT",
  })
  void whatIsLaidIsBrushedWithWhatHoldsOrSealsIt(String design, RuleKind rule, Role role) {
    Need.Coated coated = of(design, rule).find(Need.Coated.class).orElseThrow();
    assertThat(coated.role()).isEqualTo(role);
    assertThat(coated.sum().volumeMl()).isPositive();
  }

  /** 200 x 150 mm of napkin on flat bare wood in two coats: 0.03 m2 x 2.25 / 8 m2/l x 1.05. */
  @Test
  void withoutAPotATypicalLabelStandsIn() {
    Need.Coated coated = of("napkin", RuleKind.SINGLE).find(Need.Coated.class).orElseThrow();
    assertThat(coated.sum().spreadM2PerLitre())
        .isEqualTo(
            GenericMedium.of(Role.DECOUPAGE_MEDIUM)
                .orElseThrow()
                .medium()
                .coverage()
                .spreadM2PerLitre());
    assertThat(coated.sum().volumeMl())
        .isCloseTo(coated.mm2() / 1e6 * 2.25 / 8 * 1.05 * 1000, within(1e-9));
  }

  @Test
  void whatIsNotTakenIsNotThereAndCountsForNothing() {
    Needs none = new Needs(List.of());
    assertThat(none.find(Need.Sheets.class)).isEmpty();
    assertThat(none.sheets()).isZero();
    assertThat(none.potMl()).isZero();
    assertThat(none.offTheShelf(craftmap.core.design.Prints.plainPaper(300, 400))).isZero();
  }

  @Test
  void pasteIsItsVolumeAndWhatStaysOnTheKnife() {
    Need.Paste paste = new Need.Paste(Need.Paste.How.DRAWN_THROUGH_A_STENCIL, 23_700, 1.3, 0.1);
    assertThat(paste.volumeMl()).isCloseTo(23.7 * 1.3 * 1.1, within(1e-9));
    assertThat(new Needs(List.of(paste)).potMl()).isEqualTo(paste.volumeMl());
  }

  @Test
  void castingsComeOneBatchAfterTheOther() {
    Need.Castings castings = new Need.Castings(7, 3, Duration.ofMinutes(90), 12.5, 0.1);
    assertThat(castings.readyAfter()).isEqualTo(Duration.ofMinutes(270));
    assertThat(castings.materialMl()).isCloseTo(7 * 12.5 * 1.1, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"0, 0", "2.5, 150", "0.0083, 0", "0.0084, 1", "1440, 86400"})
  void minutesAreKeptToTheSecond(double minutes, long seconds) {
    assertThat(Times.ofMinutes(minutes)).isEqualTo(Duration.ofSeconds(seconds));
    assertThat(Times.minutes(Duration.ofSeconds(seconds))).isCloseTo(minutes, within(0.01));
  }
}
