package craftmap.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.colour.Colour;
import craftmap.core.design.NamedPart;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Planned;
import craftmap.core.plane.Box;
import craftmap.core.surface.Area;
import craftmap.core.surface.Zone;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A part of a picture alone, a zone of a face, and back again. */
class PartAndZoneEditTest {
  private static final NamedPart HERON = new NamedPart("heron", 4.5, NamedPart.PartEdge.TORN);

  private static Plan chest() {
    Plan chest = Bench.chest();
    return chest
        .with("front", chest.foundOn("front").with(chest.foundOn("front").marks().with(leather())))
        .and(Planned.lay("p", "front", "picture", RuleKind.ACROSS));
  }

  private static Zone leather() {
    return new Zone(
        "z", "Leather", new Colour("#6B4A2F"), new Area.Upright(new Box(101.3, 50.7, 400, 200)));
  }

  @Test
  void aPartIsLaidByARuleThatSuitsItAndTheWholeByItsOwnAgain() {
    Plan part = Bench.done(chest(), new LayEdit.UsePart("p", Optional.of(HERON)));
    Lay alone = Bench.lay(part, "p");
    assertThat(alone.pieces().part()).contains(HERON);
    assertThat(alone.rule().kind()).isEqualTo(RuleKind.SINGLE);
    Plan strewn = Bench.done(part, new LayEdit.OtherRule("p", RuleKind.SCATTER));
    assertThat(Bench.lay(strewn, "p").pieces().part()).contains(HERON);
    Lay whole = Bench.lay(Bench.done(strewn, new LayEdit.UsePart("p", Optional.empty())), "p");
    assertThat(whole.pieces().part()).isEmpty();
    assertThat(whole.rule().kind()).isEqualTo(RuleKind.ACROSS);
  }

  @Test
  void aRuleThatSuitsThePartStaysWithItsMeasures() {
    Plan single =
        Bench.done(
            chest(),
            new LayEdit.OtherRule("p", RuleKind.SINGLE),
            new LayEdit.Measure("p", Map.of("angle", 12.5), Map.of()),
            new LayEdit.UsePart("p", Optional.of(HERON)));
    assertThat(Bench.lay(single, "p").work().rule().measures()).containsEntry("angle", 12.5);
  }

  @Test
  void whatWasPickedOrPutByHandFittedWhatWasLaidBefore() {
    Plan picked =
        Bench.done(
            chest(),
            new LayEdit.OtherRule("p", RuleKind.SINGLE),
            new LayEdit.PickOption("p", Optional.of(new Pick(Way.Alone.STAND_OPTICAL, 1, 1))),
            new LayEdit.ByEye("p", new Eye(2.3, 1, 5, List.of())),
            new LayEdit.UsePart("p", Optional.of(HERON)));
    assertThat(Bench.lay(picked, "p").pick()).isEmpty();
    assertThat(Bench.lay(picked, "p").eye()).isEqualTo(Eye.NONE);
  }

  @Test
  void aPartThatIsNotThereIsRefusedAndSoAreWords() {
    NamedPart gull = new NamedPart("gull", 0, NamedPart.PartEdge.CUT);
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Bench.done(chest(), new LayEdit.UsePart("p", Optional.of(gull))))
        .withMessageContaining("heron");
    Plan words = Bench.done(chest(), new LaysEdit.LayWords("w", "front", Optional.of("Salt")));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Bench.done(words, new LayEdit.UsePart("w", Optional.of(HERON))))
        .withMessageContaining("have-no-picture");
  }

  @Test
  void aLayAimsAtAZoneWithMeasuresThatSuitItAndAtAllOfTheFaceAgain() {
    Plan aimed = Bench.done(chest(), new LayEdit.AimAt("b", Optional.of("z")));
    Lay lay = Bench.lay(aimed, "b");
    assertThat(lay.place().zoneId()).contains("z");
    assertThat(lay.rule().kind()).isEqualTo(RuleKind.RUN);
    assertThat(lay.work().rule().measures().get("distance")).isLessThan(200);
    Lay again = Bench.lay(Bench.done(aimed, new LayEdit.AimAt("b", Optional.empty())), "b");
    assertThat(again.place()).isEqualTo(Lay.Place.on("front"));
  }

  @Test
  void wordsKeepTheirWordsInTheZone() {
    Plan words =
        Bench.done(
            chest(),
            new LaysEdit.LayWords("w", "front", Optional.of("Salt\nTea")),
            new LayEdit.AimAt("w", Optional.of("z")));
    assertThat(Bench.lay(words, "w").work().rule().text()).isEqualTo("Salt\nTea");
    assertThat(Bench.lay(words, "w").place().zoneId()).contains("z");
  }

  @Test
  void aZoneThatIsNotThereIsRefused() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Bench.done(chest(), new LayEdit.AimAt("b", Optional.of("gone"))))
        .withMessageContaining("is-not-on-this-face");
  }

  @Test
  void aLayOverSeveralFacesHasNoZone() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Lay.Place("front", List.of("lid"), Optional.of("z")))
        .withMessageContaining("is-on-one-face-only");
  }
}
