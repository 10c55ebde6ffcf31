package craftmap.core.finding;

import static craftmap.core.plan.Planned.laid;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.colour.Colour;
import craftmap.core.design.Card;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.Shelves;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RightsFindingsTest {
  /** The first piece may be sold or not; a second piece of the collage is of another maker. */
  private static Shelf shelf(Rights first, Rights second) {
    return Shelves.of(
        id ->
            Optional.of(
                DesignKind.COLLAGE.read(
                    new Card(id, "Photo " + id, "", "", id.equals("a") ? first : second),
                    MeasureSheet.blank(),
                    Optional.empty())),
        id -> Optional.of(new PotLabel(id, "Pot", new Colour("#F1EADA"), 8)));
  }

  @ParameterizedTest
  @CsvSource({
    "MAY_BE_SOLD, MAY_BE_SOLD, 0",
    "OWN_USE_ONLY, MAY_BE_SOLD, 1",
    "MAY_BE_SOLD, ASK_FIRST, 1",
    "OWN_USE_ONLY, ASK_FIRST, 2"
  })
  void whatMayNotBeSoldIsToldOfEachPieceAndOnlyWhereItIsForSale(
      Rights first, Rights second, int told) {
    Lay lay =
        Lay.fresh(
                "l",
                "front",
                Optional.of("a"),
                RuleKind.COLLAGE.read(MeasureSheet.blank(), List.of(), ""),
                new Lay.Pot(Optional.of("p"), 1))
            .with(Lay.Pieces.of(Optional.of("a")).of(List.of("a", "b", "a")));
    Plan plan =
        new Plan(
            "P",
            new FormNote(FormKind.CHEST, Map.of("width", 870.0, "height", 420.0), Map.of()),
            Map.of(),
            List.of(lay));
    PlanReading reading = new PlanReader(shelf(first, second), TapeDivision.MM_1).read(plan);
    LayReading.Laid laid = laid(reading, "front", "l");
    var face = reading.face("front").face();
    assertThat(RightsFindings.of(face, laid, false)).isEmpty();
    List<Finding> found = RightsFindings.of(face, laid, true);
    assertThat(found).hasSize(told).allMatch(f -> f.level() == Level.RISK);
    assertThat(found)
        .allMatch(
            f -> f.figures().get(1) instanceof Figure.One one && one.of() != Rights.MAY_BE_SOLD);
  }
}
