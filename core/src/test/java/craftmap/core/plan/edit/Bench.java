package craftmap.core.plan.edit;

import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Found;
import craftmap.core.plan.Founds;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Planned;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plane.Point;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Hole;
import craftmap.core.surface.Marks;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** A chest with marks and lays, and what it takes to edit it. */
public final class Bench {
  private Bench() {}

  static final Editing.Names NAMES =
      new Editing.Names() {
        @Override
        public String copyOf(String name) {
          return name + " again";
        }

        @Override
        public String face(int number) {
          return "Face " + number;
        }

        @Override
        public String mark(MarkEdit.Kind kind, int number) {
          return kind + " " + number;
        }

        @Override
        public String blemish() {
          return "chip";
        }

        @Override
        public String words() {
          return "words";
        }
      };

  /** Ids in their order, so that the same edits give the same plan. */
  public static Editing editing() {
    return new Editing(
        Planned.SHELF,
        new PlanReader(Planned.SHELF, TapeDivision.MM_1),
        () -> List.of("teal"),
        new Supplier<>() {
          private int last;

          @Override
          public String get() {
            return "new-" + ++last;
          }
        },
        NAMES);
  }

  public static Plan chest() {
    Map<String, Found> found = new LinkedHashMap<>();
    found.put(
        "front",
        Founds.with(
            Marks.ofHoles(
                    List.of(
                        Hole.single("pull", "Pull", new Point(411.7, 93.3), 5.2),
                        Hole.single("key", "Key", new Point(433.1, 140.9), 7)))
                .with(Blemish.of("burn", 4, "burn", new Point(77.7, 301.3), 12.5))));
    found.put("lid", Founds.with(Marks.NONE));
    return new Plan(
        "Sea chest",
        new FormNote(
            FormKind.CHEST, Map.of("width", 867.3, "height", 421.9, "depth", 448.1), Map.of()),
        found,
        List.of(
            Planned.lay("a", "front", "block", RuleKind.GRID),
            Planned.lay("b", "front", "block", RuleKind.RUN),
            Planned.lay("c", "lid", "block", RuleKind.SINGLE)));
  }

  public static Plan done(Plan plan, PlanEdit... edits) {
    return PlanEdit.all(plan, List.of(edits), editing()).plan();
  }

  static Lay lay(Plan plan, String id) {
    return plan.lay(id).orElseThrow();
  }
}
