package craftmap.server.piece;

import craftmap.core.plan.PlanReading;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Plans as they are shown: what the core made of them, in the studio's words and units. */
@Service
public class PlanViews {
  /** What is kept for any piece is free to none. */
  private static final String NO_PIECE = "";

  private final Pieces pieces;
  private final ShelfService shelf;

  PlanViews(Pieces pieces, ShelfService shelf) {
    this.pieces = pieces;
    this.shelf = shelf;
  }

  public ReadingView view(Studio studio, PlanDocument document) {
    PlanReading reading = pieces.read(studio, document);
    return views(studio).view(document.form(), reading);
  }

  /** One lay as it would be, its face's blemishes left aside: what a drag asks for. */
  public LayView view(Studio studio, PlanDocument document, String layId) {
    Pieces.ReadLay read = pieces.readLay(studio, document, layId);
    return views(studio).lays().view(read.face(), read.reading());
  }

  /** The first options of one lay with their items, to be looked at side by side. */
  List<LayView.OptionItems> options(Studio studio, PlanDocument document, String layId) {
    Pieces.ReadLay read = pieces.readLay(studio, document, layId);
    return views(studio).lays().options(read.face(), read.reading());
  }

  private ReadingViews views(Studio studio) {
    // one reading names a design many times: it is looked up once
    Map<String, Optional<OwnedDesign>> known = new HashMap<>();
    return new ReadingViews(
        studio.tape(),
        id -> known.computeIfAbsent(id, d -> shelf.design(studio.id(), d)),
        new FreeStock(() -> shelf.available(studio, NO_PIECE)));
  }
}
