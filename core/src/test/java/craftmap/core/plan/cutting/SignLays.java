package craftmap.core.plan.cutting;

import craftmap.core.design.Design;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.reading.PlanReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Lays on a sign, of 600 x 400 mm where nothing else is said. */
final class SignLays {
  private static final String FACE =
      FormKind.SIGN.read(MeasureSheet.blank()).faces().faces().getFirst().id();

  private SignLays() {}

  /** The same lay so many times over. */
  static List<LayReading.Laid> laid(Optional<Design> design, LayRule rule, int lays) {
    return laid(design, rule, lays, 600, 400);
  }

  static List<LayReading.Laid> laid(
      Optional<Design> design, LayRule rule, int lays, double widthMm, double heightMm) {
    Shelf shelf =
        new Shelf() {
          @Override
          public Optional<Design> design(String id) {
            return design;
          }

          @Override
          public Optional<PotLabel> pot(String id) {
            return Optional.empty();
          }
        };
    List<Lay> all = new ArrayList<>();
    for (int i = 0; i < lays; i++) {
      all.add(
          Lay.fresh(
              "lay-" + i, FACE, design.map(d -> "d"), rule, new Lay.Pot(Optional.empty(), 1)));
    }
    Plan plan =
        new Plan(
            "Sign",
            new FormNote(FormKind.SIGN, Map.of("width", widthMm, "height", heightMm), Map.of()),
            Map.of(),
            all);
    return new PlanReader(shelf, TapeDivision.MM_1)
        .read(plan).face(FACE).lays().stream().map(LayReading.Laid.class::cast).toList();
  }
}
