package craftmap.server.piece;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.PlanReading;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import java.util.List;
import org.springframework.stereotype.Service;

/** Plans as they are shown: what the core made of them, in the studio's words and units. */
@Service
public class PlanViews {
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
  public ReadingView.LayView view(Studio studio, PlanDocument document, String layId) {
    PlanDocument.LayDoc lay =
        document.lays().stream()
            .filter(l -> l.id().equals(layId))
            .findFirst()
            .orElseThrow(
                () -> new RefusedInput("Lay", layId, "is not in this plan", "one of its lays"));
    PlanDocument alone =
        new PlanDocument(
            document.schema(), document.name(), document.form(), document.faces(), List.of(lay));
    PlanReading.FaceReading face = pieces.read(studio, alone).face(lay.faceId());
    return views(studio).lays().view(face.face(), face.lays().getFirst());
  }

  private ReadingViews views(Studio studio) {
    return new ReadingViews(studio.tape(), id -> shelf.stencil(studio.id(), id));
  }
}
