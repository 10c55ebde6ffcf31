package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

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
}
