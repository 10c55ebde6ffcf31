package craftmap.core.plan.edit;

import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;

/** What is done to the order of the work. */
public sealed interface OrderEdit extends PlanEdit {
  /** What is left is planned from then on; from the next time somebody works where none is told. */
  record BeginOn(Optional<LocalDateTime> at) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().beginning(at),
          at.map(a -> Told.of(Told.Code.BEGINS_ON, a.toString()))
              .orElse(Told.of(Told.Code.BEGINS_NEXT)));
    }
  }

  /** Another piece is worked on in between, or not any more. */
  record WorkWith(String pieceId, boolean together) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().with(pieceId, together),
          Told.of(together ? Told.Code.WORKED_WITH : Told.Code.WORKED_ALONE));
    }
  }

  /** How long a step takes; as long as is usual where nothing is told. */
  record StepTakes(String step, Optional<Duration> time) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(plan, plan.order().taking(step, time), Told.of(Told.Code.STEP_TAKES));
    }
  }

  /** A step was done, or was not after all. */
  record StepDone(String step, Optional<Ordering.Done> done) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().done(step, done),
          Told.of(done.isPresent() ? Told.Code.STEP_DONE : Told.Code.STEP_NOT_DONE));
    }
  }

  private static Edited edited(Plan plan, Ordering order, Told told) {
    return new Edited(plan.with(order), told, Edited.Focus.NONE);
  }
}
