package craftmap.core.plan;

import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.design.Shapes;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Whole pieces with lays of a few designs that every test knows. */
public final class Planned {
  private Planned() {}

  private static final PotLabel TEAL = new PotLabel("teal", "Teal", new Colour("#1F4650"), 10);
  private static final Map<String, Design> DESIGNS = new HashMap<>();

  static {
    DESIGNS.put("block", Shapes.block(60, 40, 140, 90));
    DESIGNS.put("picture", Prints.transfer(1100, 900, Prints.motif("heron", 5, 60, 200, 200, 250)));
    DESIGNS.put("napkin", Prints.napkin(4));
    DESIGNS.put("paper", Prints.repeatingPaper(500, 700, 100, 100));
    DESIGNS.put("boat", Prints.cutOut(100, 80));
    DESIGNS.put("foil", Prints.foil(80, 5, "COMPLETE"));
    DESIGNS.put("zone", Prints.zone());
  }

  public static final Shelf SHELF =
      new Shelf() {
        @Override
        public Optional<Design> design(String id) {
          return Optional.ofNullable(DESIGNS.get(id));
        }

        @Override
        public Optional<PotLabel> pot(String id) {
          return id.equals("teal") ? Optional.of(TEAL) : Optional.empty();
        }
      };

  public static Lay lay(
      String id,
      String faceId,
      List<String> alsoOn,
      String designId,
      List<String> more,
      RuleKind rule,
      Map<String, Double> measures,
      Map<String, String> choices,
      OptionalDouble clear) {
    boolean painted = designId.equals("zone") || designId.equals("block");
    return new Lay(
        id,
        Lay.Place.over(faceId, alsoOn),
        new Lay.Pieces(
            Optional.of(designId), Optional.empty(), more, Optional.empty(), Optional.empty()),
        Lay.Work.by(new RuleNote(rule, measures, choices, List.of(), "")).clear(clear),
        new Lay.Pot(painted ? Optional.of("teal") : Optional.empty(), 2),
        Lay.Keeping.OPEN);
  }

  public static Lay lay(String id, String face, String design, RuleKind rule) {
    return lay(
        id, face, List.of(), design, List.of(), rule, Map.of(), Map.of(), OptionalDouble.empty());
  }

  public static PlanReading read(
      FormKind form, Map<String, Double> measures, Map<String, Found> found, Lay... lays) {
    return new PlanReader(SHELF, TapeDivision.MM_1)
        .read(new Plan("Piece", new FormNote(form, measures, Map.of()), found, List.of(lays)));
  }

  public static LayReading.Laid laid(PlanReading reading, String face, String lay) {
    return (LayReading.Laid)
        reading.face(face).lays().stream()
            .filter(l -> l.lay().id().equals(lay))
            .findFirst()
            .orElseThrow();
  }
}
