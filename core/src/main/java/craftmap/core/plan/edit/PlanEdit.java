package craftmap.core.plan.edit;

import craftmap.core.plan.Plan;
import java.util.List;

/** Something a person does to a plan. */
public sealed interface PlanEdit
    permits PieceEdit, FaceEdit, MarkEdit, LayEdit, LaysEdit, CoatEdit, OrderEdit {
  /** The plan with this done; refused where it cannot be done to the plan as it is. */
  Edited to(Plan plan, Editing editing);

  /**
   * What it takes over from where it stands now, as a copy does: whoever makes it means that as
   * they have seen it.
   */
  default boolean takesOver(Subject subject) {
    return false;
  }

  /** All of them, one after the other; what is told and looked at is the last. */
  static Edited all(Plan plan, List<? extends PlanEdit> edits, Editing editing) {
    Edited edited = new Edited(plan, new Told(Told.Code.NOTHING, List.of()), Edited.Focus.NONE);
    for (PlanEdit edit : edits) {
      edited = edit.to(edited.plan(), editing);
    }
    return edited;
  }
}
