package craftmap.server.coats;

import craftmap.server.paper.Paper;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What goes under, between and over the lays of a piece; changed by edits of its plan. */
@RestController
@RequestMapping("/api/pieces/{id}/coats")
class CoatsController {
  private final Pieces pieces;
  private final PlanViews views;
  private final ShelfService shelf;
  private final Hiding hiding;

  CoatsController(Pieces pieces, PlanViews views, ShelfService shelf, Hiding hiding) {
    this.hiding = hiding;
    this.views = views;
    this.pieces = pieces;
    this.shelf = shelf;
  }

  /** The coats on paper, to be ticked off. */
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
   * Writes onto the label of a paint how well it hid, and answers with the coats as they are now.
   */
  @PostMapping("/{groupId}/bands/{band}/took")
  CoatsView took(
      Asker asker,
      @PathVariable String id,
      @PathVariable String groupId,
      @PathVariable String band,
      @RequestBody Took took) {
    hiding.took(asker.studio(), id, groupId, band, took.coats());
    return coats(asker, id);
  }

  @GetMapping
  CoatsView coats(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    return new CoatViews(
            piece.plan(),
            pieces.read(studio, piece.plan()),
            pieces.coats(studio, piece.plan()),
            shelf.coatShelf(studio.id()),
            views.notes(studio, piece),
            studio.tape())
        .view();
  }
}
