package craftmap.server.coats;

import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What goes under, between and over the lays of a piece; changed by edits of its plan. */
@RestController
@RequestMapping("/api/pieces/{id}/coats")
class CoatsController {
  private final Pieces pieces;
  private final PlanViews views;
  private final ShelfService shelf;

  CoatsController(Pieces pieces, PlanViews views, ShelfService shelf) {
    this.views = views;
    this.pieces = pieces;
    this.shelf = shelf;
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
            views.view(studio, piece),
            studio.tape())
        .view();
  }
}
