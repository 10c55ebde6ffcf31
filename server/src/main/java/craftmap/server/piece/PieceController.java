package craftmap.server.piece;

import craftmap.core.measure.RefusedInput;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Version;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * A piece's plan: read, saved with If-Match, undone and redone. A plan sent for reading only is
 * worked out and not kept.
 */
@RestController
@RequestMapping("/api")
class PieceController {
  private final Pieces pieces;
  private final PlanViews views;

  PieceController(Pieces pieces, PlanViews views) {
    this.pieces = pieces;
    this.views = views;
  }

  /**
   * A piece.
   *
   * @param undo what undo would take back; absent at the beginning of its history
   * @param redo what redo would bring again; absent at the end
   */
  record PieceView(
      String id,
      long version,
      PlanDocument document,
      ReadingView reading,
      Instant savedAt,
      boolean archived,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String undo,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String redo) {}

  record NewPiece(String name, PlanDocument.FormDoc form) {}

  /**
   * A changed plan.
   *
   * @param summary the change in words, for the history
   * @param gesture saves with the same gesture become one step of the history
   */
  record PlanChange(
      PlanDocument document,
      String summary,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String gesture) {}

  /**
   * What one lay comes to.
   *
   * @param faceId on which of its faces; the first where absent
   * @param pieceId the piece whose plan it is, so that its own claims count as its own
   */
  record LayQuestion(
      PlanDocument document,
      String layId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId) {}

  record LayEditQuestion(PlanDocument document, LayEdits.LayEdit edit) {}

  record EditQuestion(PlanDocument document, PlanEdits.Edit edit) {}

  @PostMapping("/pieces")
  ResponseEntity<PieceView> start(Asker asker, @RequestBody NewPiece fresh) {
    Studio studio = asker.studio();
    if (fresh.form() == null) {
      throw new RefusedInput("Form", "empty", "is missing", "a form with its measures");
    }
    return answer(HttpStatus.CREATED, studio, pieces.start(studio, fresh.name(), fresh.form()));
  }

  @GetMapping("/pieces/{id}")
  ResponseEntity<PieceView> piece(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, pieces.get(studio, id));
  }

  @PutMapping("/pieces/{id}")
  ResponseEntity<PieceView> save(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody PlanChange change) {
    Studio studio = asker.studio();
    if (change.document() == null) {
      throw new RefusedInput("Document", "empty", "is missing", "the whole plan");
    }
    SavedPlan saved =
        pieces.save(
            studio,
            id,
            Version.of(ifMatch).number(),
            change.document(),
            change.summary(),
            Optional.ofNullable(change.gesture()));
    return answer(HttpStatus.OK, studio, saved);
  }

  @PostMapping("/pieces/{id}/undo")
  ResponseEntity<PieceView> undo(
      Asker asker, @PathVariable String id, @RequestHeader("If-Match") String ifMatch) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, pieces.undo(studio, id, Version.of(ifMatch).number()));
  }

  @PostMapping("/pieces/{id}/redo")
  ResponseEntity<PieceView> redo(
      Asker asker, @PathVariable String id, @RequestHeader("If-Match") String ifMatch) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, pieces.redo(studio, id, Version.of(ifMatch).number()));
  }

  @PostMapping("/pieces/{id}/copy")
  ResponseEntity<PieceView> copy(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return answer(HttpStatus.CREATED, studio, pieces.copy(studio, id));
  }

  @PostMapping("/pieces/{id}/archive")
  ResponseEntity<PieceView> archive(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, pieces.archive(studio, id, true));
  }

  @PostMapping("/pieces/{id}/restore")
  ResponseEntity<PieceView> restore(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, pieces.archive(studio, id, false));
  }

  @DeleteMapping("/pieces/{id}")
  ResponseEntity<Void> delete(Asker asker, @PathVariable String id) {
    pieces.delete(asker.studio(), id);
    return ResponseEntity.noContent().build();
  }

  @PostMapping("/edits")
  PlanEdits.Edited edit(@RequestBody EditQuestion question) {
    if (question.document() == null || question.edit() == null) {
      throw new RefusedInput("Edit", "empty", "is missing", "a plan and what to change in it");
    }
    return PlanEdits.edit(question.document(), question.edit());
  }

  @PostMapping("/lay-edits")
  LayEdits.LayEdited editLay(Asker asker, @RequestBody LayEditQuestion question) {
    if (question.document() == null || question.edit() == null) {
      throw new RefusedInput("Edit", "empty", "is missing", "a plan and what to change in it");
    }
    return pieces.edit(asker.studio(), question.document(), question.edit());
  }

  @PostMapping("/readings")
  ReadingView read(Asker asker, @RequestBody PlanDocument document) {
    return views.view(asker.studio(), document, PlanViews.NO_PIECE);
  }

  @PostMapping("/readings/lay")
  LayView readLay(Asker asker, @RequestBody LayQuestion question) {
    return views.view(asker.studio(), question);
  }

  /** The first options of a lay, each with its items. */
  @PostMapping("/readings/options")
  List<LayView.OptionItems> readOptions(Asker asker, @RequestBody LayQuestion question) {
    return views.options(asker.studio(), question);
  }

  private ResponseEntity<PieceView> answer(HttpStatus status, Studio studio, SavedPlan saved) {
    PieceView view =
        new PieceView(
            saved.id(),
            saved.version(),
            saved.document(),
            views.view(studio, saved),
            saved.savedAt(),
            saved.archived(),
            saved.undo().orElse(null),
            saved.redo().orElse(null));
    return ResponseEntity.status(status)
        .header(HttpHeaders.ETAG, "\"" + saved.version() + "\"")
        .body(view);
  }
}
