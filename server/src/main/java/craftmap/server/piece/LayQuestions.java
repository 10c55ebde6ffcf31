package craftmap.server.piece;

import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.plan.Plan;
import craftmap.server.piece.document.PlanDocument;
import craftmap.server.piece.document.PlanMapper;
import craftmap.server.piece.edit.ChangeDoc;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.piece.view.LayView;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Solves;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/**
 * One lay as it would be, which a drag asks for with every move of the hand: all in one go, so that
 * what is the same for all of it is asked of the database once.
 */
@Service
@Solves
class LayQuestions {
  /**
   * What one lay comes to.
   *
   * @param pieceId the piece whose plan it is, so that its own claims count as its own
   * @param document a plan that is kept elsewhere; the piece's as it is saved where absent
   * @param edits what would be done to it first
   * @param faceId on which of its faces; the first where absent
   */
  record LayQuestion(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PlanDocument document,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<EditDoc> edits,
      String layId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId) {}

  private final Pieces pieces;
  private final PlanReadings readings;
  private final PlanViews views;

  LayQuestions(Pieces pieces, PlanReadings readings, PlanViews views) {
    this.pieces = pieces;
    this.readings = readings;
    this.views = views;
  }

  LayView view(Studio studio, LayQuestion question) {
    Plan plan = plan(studio, question);
    Optional<String> piece = Optional.ofNullable(question.pieceId()).filter(id -> !id.isEmpty());
    // a drag sends no plan of its own: the one it looks at is the one that is saved
    return views.view(
        studio,
        lay(studio, plan, question),
        piece,
        () -> question.document() == null ? plan : pieces.plan(studio, piece.orElseThrow()));
  }

  List<LayView.OptionItems> options(Studio studio, LayQuestion question) {
    return views.options(studio, lay(studio, plan(studio, question), question));
  }

  private Plan plan(Studio studio, LayQuestion question) {
    return question.document() == null
        ? pieces.plan(studio, given(said("plan"), question.pieceId()))
        : PlanMapper.toPlan(question.document());
  }

  private PlanReadings.ReadLay lay(Studio studio, Plan plan, LayQuestion question) {
    boolean asItIs = question.edits() == null || question.edits().isEmpty();
    return readings.readLay(
        studio,
        plan,
        asItIs ? List.of() : ChangeDoc.edits(question.edits()),
        given(said("lay"), question.layId()),
        Optional.ofNullable(question.faceId()));
  }
}
