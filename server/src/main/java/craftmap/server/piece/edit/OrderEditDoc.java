package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.plan.OwnStep;
import craftmap.core.plan.edit.OrderEdit;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.server.piece.document.OrderingDoc;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;

/** What is done to the order of the work, as it is sent. */
public sealed interface OrderEditDoc extends EditDoc {
  /**
   * When what is left is begun.
   *
   * @param at by the studio's clock; the next time somebody works where absent
   */
  record BeginOn(@Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String at)
      implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.BeginOn(Optional.ofNullable(at).map(OrderingDoc::time));
    }
  }

  record WorkWith(String pieceId, boolean together) implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.WorkWith(given(said("piece"), pieceId), together);
    }
  }

  /**
   * How long a step takes.
   *
   * @param minutes as long as is usual where absent
   */
  record StepTakes(
      String step, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double minutes)
      implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.StepTakes(
          given(said("step"), step), Optional.ofNullable(minutes).map(OrderingDoc::minutes));
    }
  }

  /**
   * A step that is done.
   *
   * @param done not done after all where absent
   */
  record StepDone(
      String step,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OrderingDoc.DoneDoc done)
      implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.StepDone(
          given(said("step"), step), Optional.ofNullable(done).map(OrderingDoc.DoneDoc::read));
    }
  }

  /**
   * When a step is to begin.
   *
   * @param at by the studio's clock; as soon as it goes where absent
   */
  record StepBegins(String step, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String at)
      implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.StepBegins(
          given(said("step"), step), Optional.ofNullable(at).map(OrderingDoc::time));
    }
  }

  record StepInParts(String step, int parts) implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.StepInParts(given(said("step"), step), parts);
    }
  }

  /**
   * A step of one's own.
   *
   * @param key a new one where absent
   */
  record PutOwnStep(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String key,
      OrderingDoc.OwnStepDoc own)
      implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.PutOwnStep(
          key == null ? OwnStep.KEY + EditDoc.orNew(null) : key, given(said("step"), own).read());
    }
  }

  record TakeOwnStep(String key) implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.TakeOwnStep(given(said("step"), key));
    }
  }

  /**
   * Which of two steps comes first.
   *
   * @param first what is finished before the other begins
   * @param barred left open again where false
   */
  record PutFirst(String first, String next, boolean barred) implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.PutFirst(new OrderingDoc.BarDoc(first, next).read(), barred);
    }
  }

  /**
   * Something went wrong with a step.
   *
   * @param id a new one where absent
   */
  record WentWrong(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id,
      OrderingDoc.MishapDoc mishap)
      implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.WentWrong(EditDoc.orNew(id), given(said("mishap"), mishap).read());
    }
  }

  /** It did not go wrong after all. */
  record WentRight(String id) implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.WentRight(given(said("mishap"), id));
    }
  }

  /**
   * The day on which it is wanted.
   *
   * @param day on none where absent
   */
  record Promise(@Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String day)
      implements OrderEditDoc {
    @Override
    public PlanEdit edit() {
      return new OrderEdit.Promise(Optional.ofNullable(day).map(OrderingDoc::day));
    }
  }
}
