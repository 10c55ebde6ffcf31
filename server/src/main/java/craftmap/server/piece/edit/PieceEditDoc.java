package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.answers;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.plan.edit.PieceEdit;
import craftmap.core.plan.edit.PlanEdit;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;

/** What is done to the piece as a whole, as it is sent. */
public sealed interface PieceEditDoc extends EditDoc {
  record NamePiece(String name) implements PieceEditDoc {
    @Override
    public PlanEdit edit() {
      return new PieceEdit.Name(given(said("name-of-the-piece"), name));
    }
  }

  record PieceForSale(boolean forSale) implements PieceEditDoc {
    @Override
    public PlanEdit edit() {
      return new PieceEdit.ForSale(forSale);
    }
  }

  record MeasurePiece(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, Double> measures,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, String> choices)
      implements PieceEditDoc {
    @Override
    public PlanEdit edit() {
      return new PieceEdit.Measure(
          answers(said("measure"), measures), answers(said("choice"), choices));
    }
  }
}
