package craftmap.server.coats;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.bench.Benches;
import craftmap.server.paper.Paper;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanChanges;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.document.PlanDocument;
import craftmap.server.piece.document.PlanMapper;
import craftmap.server.piece.edit.ChangeDoc;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Version;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What goes under, between and over the lays of a piece; changed by edits of its plan. */
@RestController
@RequestMapping("/api/pieces/{id}/coats")
class CoatsController {
  private static final int NOON = 12;

  private final Pieces pieces;
  private final PlanReadings readings;
  private final PlanChanges changing;
  private final PlanViews views;
  private final ShelfService shelf;
  private final Hiding hiding;
  private final Benches benches;

  CoatsController(
      Pieces pieces,
      PlanReadings readings,
      PlanChanges changing,
      PlanViews views,
      ShelfService shelf,
      Hiding hiding,
      Benches benches) {
    this.benches = benches;
    this.hiding = hiding;
    this.views = views;
    this.pieces = pieces;
    this.readings = readings;
    this.changing = changing;
    this.shelf = shelf;
  }

  /** The coats on paper, to be ticked off. */
  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      Asker asker, @PathVariable String id, @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    Studio studio = asker.studio();
    String name = pieces.get(studio, id).name();
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename(name + ", " + Words.say("print.coats") + ".pdf", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(CoatSheet.pdf(studio.name(), name, coats(asker, id), paper));
  }

  /** How many coats of something it took until it hid. */
  record Took(int coats) {}

  /**
   * Keeps how well a paint hid, and answers with the coats as they are now: of a piece that is
   * begun already as they were, for it goes on by what was known when it was begun.
   */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/{groupId}/bands/{band}/took")
  CoatsView took(
      Asker asker,
      @PathVariable String id,
      @PathVariable String groupId,
      @PathVariable String band,
      @RequestBody Took took) {
    hiding.took(asker, id, groupId, band, took.coats());
    return coats(asker, id);
  }

  /**
   * A piece after an edit of its coats: its plan, and what was found in the coats. Left out is what
   * the lays come to, which the coats have no part in; whoever needs it anew asks for the piece.
   *
   * @param undo what undo would take back; absent at the beginning of its history
   * @param redo what redo would bring again; absent at the end
   */
  record CoatsEditedView(
      long version,
      PlanDocument document,
      Instant savedAt,
      boolean archived,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String undo,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String redo,
      CoatsView coats) {}

  /** Makes edits, keeps what comes of it, and answers at once with the coats as they are then. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/edits")
  ResponseEntity<CoatsEditedView> edit(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody ChangeDoc change) {
    Studio studio = asker.studio();
    Version made = Version.of(ifMatch);
    SavedPlan piece =
        changing.edit(studio, id, made.number(), PlanChanges.Change.of(change)).piece();
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, new Version(piece.version()).etag())
        .body(
            new CoatsEditedView(
                piece.version(),
                PlanMapper.doc(piece.plan()),
                piece.savedAt(),
                piece.archived(),
                piece.undo().orElse(null),
                piece.redo().orElse(null),
                coats(studio, piece)));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping
  CoatsView coats(Asker asker, @PathVariable String id) {
    return coats(asker.studio(), pieces.get(asker.studio(), id));
  }

  private CoatsView coats(Studio studio, SavedPlan piece) {
    return new CoatViews(
            piece.plan(),
            readings.read(studio, piece.plan()),
            readings.coats(studio, piece.plan()),
            shelf.coatShelf(studio.id(), readings.learned(studio, piece.plan())),
            views.notes(studio, piece),
            studio.tape(),
            benches.of(studio).climate().at(NOON))
        .view();
  }
}
