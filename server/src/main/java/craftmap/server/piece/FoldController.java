package craftmap.server.piece;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The piece folded up: each face as triangles, with their places on the face and in the room. */
@RestController
@RequestMapping("/api/pieces/{id}/fold")
class FoldController {
  private final Pieces pieces;

  FoldController(Pieces pieces) {
    this.pieces = pieces;
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping
  List<FoldedFace> fold(Asker asker, @PathVariable String id) {
    return FoldedFace.of(pieces.get(asker.studio(), id).plan().faces());
  }
}
