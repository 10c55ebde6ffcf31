package craftmap.server.piece;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Plan;
import craftmap.core.plan.edit.Edited;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.document.FormDoc;
import craftmap.server.piece.document.PlanDocument;
import craftmap.server.piece.document.PlanMapper;
import craftmap.server.piece.edit.ChangeDoc;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.piece.edit.ToldWords;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.ReadingView;
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
  private final PlanReadings readings;
  private final PlanChanges changing;
  private final PlanViews views;
  private final LayQuestions questions;

  PieceController(
      Pieces pieces,
      PlanReadings readings,
      PlanChanges changing,
      PlanViews views,
      LayQuestions questions) {
    this.questions = questions;
    this.pieces = pieces;
    this.readings = readings;
    this.changing = changing;
    this.views = views;
  }

  /**
   * A piece.
   *
   * @param practice begun to try things on, and thrown away afterwards
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
      boolean practice,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String undo,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String redo) {}

  record NewPiece(String name, FormDoc form) {}

  /**
   * A whole plan that takes the place of another.
   *
   * @param summary the change in words, for the history
   * @param gesture saves with the same gesture become one step of the history
   */
  record PlanChange(
      PlanDocument document,
      String summary,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String gesture) {}

  /**
   * A piece after an edit.
   *
   * @param faceId the face to look at now
   * @param layId the lay to look at now
   */
  record EditedView(
      PieceView piece,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String layId) {}

  /** Edits of a plan that is kept elsewhere. */
  record EditQuestion(PlanDocument document, List<EditDoc> edits) {}

  /**
   * What a plan would be.
   *
   * @param summary what was done, in words
   */
  record EditedPlan(
      PlanDocument document,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String layId,
      String summary) {}

  @Allowed(StudioRole.MAKER)
  @PostMapping("/pieces")
  ResponseEntity<PieceView> start(Asker asker, @RequestBody NewPiece fresh) {
    Studio studio = asker.studio();
    if (fresh.form() == null) {
      throw new RefusedInput(
          "form", said("empty"), said("is-missing"), said("a-form-with-its-measures"));
    }
    return answer(
        HttpStatus.CREATED,
        studio,
        pieces.start(studio, fresh.name(), PlanMapper.toForm(fresh.form())));
  }

  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/pieces/{id}")
  ResponseEntity<PieceView> piece(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, pieces.get(studio, id));
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/pieces/{id}")
  ResponseEntity<PieceView> replace(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody PlanChange change) {
    Studio studio = asker.studio();
    if (change.document() == null) {
      throw new RefusedInput("document", said("empty"), said("is-missing"), said("the-whole-plan"));
    }
    SavedPlan saved =
        changing.replace(
            studio,
            id,
            Version.of(ifMatch).number(),
            PlanMapper.toPlan(change.document()),
            change.summary(),
            Optional.ofNullable(change.gesture()));
    return answer(HttpStatus.OK, studio, saved);
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/pieces/{id}/undo")
  ResponseEntity<PieceView> undo(
      Asker asker, @PathVariable String id, @RequestHeader("If-Match") String ifMatch) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, changing.undo(studio, id, Version.of(ifMatch).number()));
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/pieces/{id}/redo")
  ResponseEntity<PieceView> redo(
      Asker asker, @PathVariable String id, @RequestHeader("If-Match") String ifMatch) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, changing.redo(studio, id, Version.of(ifMatch).number()));
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/pieces/{id}/copy")
  ResponseEntity<PieceView> copy(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return answer(HttpStatus.CREATED, studio, pieces.copy(studio, id));
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/pieces/{id}/archive")
  ResponseEntity<PieceView> archive(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, pieces.archive(studio, id, true));
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/pieces/{id}/restore")
  ResponseEntity<PieceView> restore(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return answer(HttpStatus.OK, studio, pieces.archive(studio, id, false));
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/pieces/{id}")
  ResponseEntity<Void> delete(Asker asker, @PathVariable String id) {
    pieces.delete(asker.studio(), id);
    return ResponseEntity.noContent().build();
  }

  /** Makes edits and keeps what comes of it. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/pieces/{id}/edits")
  ResponseEntity<EditedView> edit(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody ChangeDoc change) {
    Studio studio = asker.studio();
    PlanChanges.EditedPiece edited =
        changing.edit(studio, id, Version.of(ifMatch).number(), PlanChanges.Change.of(change));
    return answer(
        HttpStatus.OK,
        edited.piece(),
        new EditedView(
            view(studio, edited.piece()),
            edited.focus().faceId().orElse(null),
            edited.focus().layId().orElse(null)));
  }

  /** What edits would make of a plan; nothing is kept. */
  @Allowed(StudioRole.GUEST)
  @PostMapping("/edits")
  EditedPlan wouldBe(Asker asker, @RequestBody EditQuestion question) {
    Plan plan = PlanMapper.toPlan(given(said("plan"), question.document()));
    Edited edited = readings.edited(asker.studio(), plan, ChangeDoc.edits(question.edits()));
    return new EditedPlan(
        PlanMapper.doc(edited.plan()),
        edited.focus().faceId().orElse(null),
        edited.focus().layId().orElse(null),
        ToldWords.say(edited.told()));
  }

  @Allowed(StudioRole.GUEST)
  @PostMapping("/readings")
  ReadingView read(Asker asker, @RequestBody PlanDocument document) {
    return views.view(asker.studio(), PlanMapper.toPlan(document));
  }

  @Allowed(StudioRole.GUEST)
  @PostMapping("/readings/lay")
  LayView readLay(Asker asker, @RequestBody LayQuestions.LayQuestion question) {
    return questions.view(asker.studio(), question);
  }

  /** The first options of a lay, each with its items. */
  @Allowed(StudioRole.GUEST)
  @PostMapping("/readings/options")
  List<LayView.OptionItems> readOptions(
      Asker asker, @RequestBody LayQuestions.LayQuestion question) {
    return questions.options(asker.studio(), question);
  }

  private ResponseEntity<PieceView> answer(HttpStatus status, Studio studio, SavedPlan saved) {
    return answer(status, saved, view(studio, saved));
  }

  private static <T> ResponseEntity<T> answer(HttpStatus status, SavedPlan saved, T body) {
    return ResponseEntity.status(status)
        .header(HttpHeaders.ETAG, "\"" + saved.version() + "\"")
        .body(body);
  }

  private PieceView view(Studio studio, SavedPlan saved) {
    return new PieceView(
        saved.id(),
        saved.version(),
        PlanMapper.doc(saved.plan()),
        views.view(studio, saved),
        saved.savedAt(),
        saved.archived(),
        saved.practice(),
        saved.undo().orElse(null),
        saved.redo().orElse(null));
  }
}
