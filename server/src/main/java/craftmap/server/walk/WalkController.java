package craftmap.server.walk;

import craftmap.core.plan.Plan;
import craftmap.core.route.Stop;
import craftmap.core.route.Walk;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * A first walk along the route. Its board is a piece as any other, but on no list; it is kept by
 * taking it out of the archive, and thrown away by deleting it.
 */
@RestController
@RequestMapping("/api")
class WalkController {
  private final Pieces pieces;
  private final ShelfService shelf;

  WalkController(Pieces pieces, ShelfService shelf) {
    this.pieces = pieces;
    this.shelf = shelf;
  }

  /** A walk that was begun, and the piece that it goes over. */
  record WalkBegun(String pieceId) {}

  /** What there is to do, stop by stop. */
  record WalkView(List<WalkStop> stops) {}

  /**
   * One thing to do.
   *
   * @param todo what to do there, and what comes of it
   * @param done whether the plan shows that it was done
   */
  record WalkStop(Stop stop, String title, String todo, boolean done) {}

  /** Begins a walk with a new board. Boards of walks that were left a day ago are thrown away. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/walks")
  @ResponseStatus(HttpStatus.CREATED)
  WalkBegun begin(Asker asker) {
    Plan board = Plan.begun(Words.say("walk.board"), Walk.board());
    return new WalkBegun(pieces.startPractice(asker.studio(), board).id());
  }

  /** How far a walk has come; of a piece that is no board of a walk there is none. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/walk")
  WalkView walk(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    if (!piece.practice()) {
      throw new NoSuchElementException("No walk goes over the piece " + id + ".");
    }
    Set<Stop> done = Walk.done(piece.plan());
    return new WalkView(
        Walk.STOPS.stream()
            .map(
                s -> new WalkStop(s, Words.say("walk.title", s), todo(studio, s), done.contains(s)))
            .toList());
  }

  /** An empty studio has nothing to choose from: it is told where things come from. */
  private String todo(Studio studio, Stop stop) {
    boolean bare =
        switch (stop) {
          case CHOOSE -> shelf.designs(studio.id()).isEmpty();
          case COATS -> shelf.pots(studio.id()).isEmpty();
          default -> false;
        };
    return Words.say(bare ? "walk.bare" : "walk.todo", stop);
  }
}
