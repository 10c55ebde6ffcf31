package craftmap.core.plan.edit;

import craftmap.core.order.mishap.Mishap;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.OwnStep;
import craftmap.core.plan.Plan;
import java.time.Duration;
import java.time.LocalDate;
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

  /** It is wanted on a day, or on none. */
  record Promise(Optional<LocalDate> day) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().promised(day),
          day.map(d -> Told.of(Told.Code.PROMISED, d.toString()))
              .orElse(Told.of(Told.Code.NOT_PROMISED)));
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
      return edited(
          plan, plan.order().with(step, s -> s.taking(time)), Told.of(Told.Code.STEP_TAKES));
    }
  }

  /** When a step is to begin, by the studio's clock; as soon as it goes where nothing is told. */
  record StepBegins(String step, Optional<LocalDateTime> at) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().with(step, s -> s.beginning(at)),
          at.map(a -> Told.of(Told.Code.STEP_BEGINS, a.toString()))
              .orElse(Told.of(Told.Code.STEP_BEGINS_WHEN_IT_CAN)));
    }
  }

  /** In how many parts a step is done. */
  record StepInParts(String step, int parts) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().with(step, s -> s.inParts(parts)),
          Told.of(Told.Code.STEP_IN_PARTS, String.valueOf(parts)));
    }
  }

  /** A step was done, or was not after all. */
  record StepDone(String step, Optional<Ordering.Done> done) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().with(step, s -> s.done(done)),
          Told.of(done.isPresent() ? Told.Code.STEP_DONE : Told.Code.STEP_NOT_DONE));
    }
  }

  /** A step of one's own is put in, or is another one now. */
  record PutOwnStep(String key, OwnStep step) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      boolean there = plan.order().own().containsKey(key);
      return edited(
          plan,
          plan.order().with(key, step),
          Told.of(there ? Told.Code.OWN_STEP_CHANGED : Told.Code.OWN_STEP_PUT, step.name()));
    }
  }

  /** A step of one's own is taken out, with the order that was asked for it. */
  record TakeOwnStep(String key) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      OwnStep step = plan.order().own().get(key);
      if (step == null) {
        return edited(plan, plan.order(), Told.of(Told.Code.NOTHING));
      }
      return edited(
          plan, plan.order().without(key), Told.of(Told.Code.OWN_STEP_TAKEN, step.name()));
    }
  }

  /** One step is to be finished before another begins, or need not be any more. */
  record PutFirst(Ordering.Bar bar, boolean barred) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().with(bar, barred),
          Told.of(barred ? Told.Code.PUT_FIRST : Told.Code.LEFT_OPEN));
    }
  }

  /** Something went wrong with a step, and is mended. */
  record WentWrong(String id, Mishap mishap) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(
          plan,
          plan.order().with(id, mishap),
          Told.of(
              Told.Code.WENT_WRONG,
              Told.TROUBLE + mishap.trouble(),
              Told.REMEDY + mishap.remedy()));
    }
  }

  /** It did not go wrong after all. */
  record WentRight(String id) implements OrderEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Mishap mishap = plan.order().mishaps().get(id);
      return mishap == null
          ? edited(plan, plan.order(), Told.of(Told.Code.NOTHING))
          : edited(
              plan,
              plan.order().withoutMishap(id),
              Told.of(Told.Code.WENT_RIGHT, Told.TROUBLE + mishap.trouble()));
    }
  }

  private static Edited edited(Plan plan, Ordering order, Told told) {
    return new Edited(plan.with(order), told, Edited.Focus.NONE);
  }
}
