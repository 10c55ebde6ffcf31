package craftmap.core.plan.edit;

import craftmap.core.form.FormNote;
import craftmap.core.plan.Plan;
import java.util.Map;

/** What is done to the piece as a whole. */
public sealed interface PieceEdit extends PlanEdit {
  record Name(String name) implements PieceEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return new Edited(plan.named(name), Told.of(Told.Code.NAMED_PIECE, name), Edited.Focus.NONE);
    }
  }

  /** It will be sold, or stays with whoever made it. */
  record ForSale(boolean forSale) implements PieceEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return new Edited(
          plan.forSale(forSale),
          Told.of(forSale ? Told.Code.FOR_SALE : Told.Code.NOT_FOR_SALE),
          Edited.Focus.NONE);
    }
  }

  /** Measures and choices of the form that were taken; the others stay. */
  record Measure(Map<String, Double> measures, Map<String, String> choices) implements PieceEdit {
    public Measure {
      measures = Map.copyOf(measures);
      choices = Map.copyOf(choices);
    }

    @Override
    public Edited to(Plan plan, Editing editing) {
      FormNote answered = plan.form().with(measures, choices);
      return new Edited(
          plan.with(answered),
          Told.of(Told.Code.MEASURED_PIECE, Answers.labels(answered.entries(), measures, choices)),
          Edited.Focus.NONE);
    }
  }
}
