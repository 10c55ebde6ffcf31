package craftmap.server.gather;

import static craftmap.core.measure.Figure.said;

import craftmap.core.plan.Lay;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Quantities;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Holdings;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is kept for a piece by hand, and which pieces a thing of the shelf is used on. */
@RestController
@RequestMapping("/api")
class KeptController {
  private final Pieces pieces;
  private final Holdings holdings;
  private final ClaimBook claims;

  KeptController(Pieces pieces, Holdings holdings, ClaimBook claims) {
    this.pieces = pieces;
    this.holdings = holdings;
    this.claims = claims;
  }

  record Keep(String quantity) {}

  /** A piece that something is used on. */
  record UseOnPiece(String pieceId, String pieceName, int lays, String text) {}

  /** Keeps some of a stock for a piece; 0 lets it go. */
  @Allowed(StudioRole.MAKER)
  @PutMapping("/pieces/{id}/kept/{holdingId}")
  ResponseEntity<Void> keep(
      Asker asker,
      @PathVariable String id,
      @PathVariable String holdingId,
      @RequestBody Keep keep) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    Holding holding = holdings.get(studio.id(), holdingId);
    claims.keep(
        studio.id(),
        holdingId,
        id,
        piece.name(),
        Quantities.read(said("kept"), keep.quantity(), holding.unit(), studio.tape()));
    return ResponseEntity.noContent().build();
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/designs/{id}/uses")
  List<UseOnPiece> usesOfDesign(Asker asker, @PathVariable String id) {
    return uses(asker, lay -> lay.uses(id));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/holdings/{id}/uses")
  List<UseOnPiece> usesOfPot(Asker asker, @PathVariable String id) {
    return uses(asker, lay -> lay.potId().filter(id::equals).isPresent());
  }

  private List<UseOnPiece> uses(Asker asker, Predicate<Lay> wanted) {
    Studio studio = asker.studio();
    List<UseOnPiece> uses = new ArrayList<>();
    for (SavedPlan piece : pieces.all(studio, false)) {
      int lays = (int) piece.plan().lays().stream().filter(wanted).count();
      if (lays > 0) {
        uses.add(new UseOnPiece(piece.id(), piece.name(), lays, Words.say("uses", lays)));
      }
    }
    return uses;
  }
}
