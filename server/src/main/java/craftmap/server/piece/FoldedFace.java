package craftmap.server.piece;

import craftmap.core.form.FoldMesh;
import craftmap.core.form.Vec;
import craftmap.core.plan.PlanFace;
import craftmap.core.plane.Point;
import java.util.List;

/**
 * A face as triangles.
 *
 * @param onFace x and y in turn, in millimetres on the face
 * @param inRoom x, y and z in turn, in millimetres on the standing piece
 * @param flat whether the face stays a plane
 * @param layer how many faces it may lie on: what it is set into, what its part comes off
 */
public record FoldedFace(
    String faceId,
    List<Double> onFace,
    List<Double> inRoom,
    List<Integer> triangles,
    boolean flat,
    int layer) {
  /** All of a piece that stand somewhere. */
  public static List<FoldedFace> of(List<PlanFace> faces) {
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
        mesh.onFace().stream().flatMap(FoldedFace::numbers).toList(),
        mesh.inRoom().stream().flatMap(FoldedFace::numbers).toList(),
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
