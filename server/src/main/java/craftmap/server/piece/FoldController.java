package craftmap.server.piece;

import craftmap.core.form.FoldMesh;
import craftmap.core.form.Vec;
import craftmap.core.plan.PlanFace;
import craftmap.core.plane.Point;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
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

  /**
   * A face as triangles.
   *
   * @param onFace x and y in turn, in millimetres on the face
   * @param inRoom x, y and z in turn, in millimetres on the standing piece
   * @param flat whether the face stays a plane
   * @param layer how many faces it may lie on: what it is set into, what its part comes off
   */
  record FoldedFace(
      String faceId,
      List<Double> onFace,
      List<Double> inRoom,
      List<Integer> triangles,
      boolean flat,
      int layer) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  List<FoldedFace> fold(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    List<PlanFace> faces = pieces.get(studio, id).plan().faces();
    return faces.stream()
        .filter(f -> f.pose().isPresent())
        .map(f -> face(f, layer(f, faces)))
        .toList();
  }

  private static int layer(PlanFace face, List<PlanFace> faces) {
    return face.setInto()
        .flatMap(into -> faces.stream().filter(f -> f.face().id().equals(into)).findFirst())
        .map(parent -> layer(parent, faces) + 1)
        .orElse(face.comesOff().isPresent() ? 1 : 0);
  }

  private static FoldedFace face(PlanFace f, int layer) {
    FoldMesh mesh = FoldMesh.of(f.face().outline(), f.pose().orElseThrow());
    return new FoldedFace(
        f.face().id(),
        mesh.onFace().stream().flatMap(FoldController::numbers).toList(),
        mesh.inRoom().stream().flatMap(FoldController::numbers).toList(),
        mesh.triangles().stream().flatMap(t -> List.of(t[0], t[1], t[2]).stream()).toList(),
        f.pose().orElseThrow().isFlat(),
        layer);
  }

  private static java.util.stream.Stream<Double> numbers(Point p) {
    return java.util.stream.Stream.of(fine(p.xMm()), fine(p.yMm()));
  }

  private static java.util.stream.Stream<Double> numbers(Vec v) {
    return java.util.stream.Stream.of(fine(v.x()), fine(v.y()), fine(v.z()));
  }

  /** A hundredth of a millimetre is finer than any screen. */
  private static double fine(double mm) {
    return Math.round(mm * 100) / 100.0;
  }
}
