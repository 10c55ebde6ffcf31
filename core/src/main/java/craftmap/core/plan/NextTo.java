package craftmap.core.plan;

import craftmap.core.plane.Box;
import craftmap.core.surface.outline.Edge;
import java.util.ArrayList;
import java.util.List;

/**
 * A face that lies next to another when the piece is unfolded: where a band that is carried round
 * the corner goes on.
 *
 * @param edge of the other, that this one lies along
 * @param alongMm where its top left corner lies along that edge, from that of the other
 */
public record NextTo(Edge edge, String faceId, double alongMm) {
  private static final List<Edge> ASKED = List.of(Edge.LEFT, Edge.RIGHT, Edge.TOP, Edge.BOTTOM);

  /** What touches less of an edge than this is not what a hand goes on to. */
  private static final double LEAST_SHARED = 0.3;

  /** Two doors over one drawer are as near as each other, but for what their hinges take. */
  private static final double AS_NEAR_MM = 10;

  /** Where a tape is read to tenths, edges that are told to touch may lie over each other a bit. */
  private static final double MAY_OVERLAP_MM = 1;

  private record Beside(PlanFace face, double apartMm, double alongMm) {}

  /**
   * The nearest along each edge, and those as near as it: insets beside insets, walls beside walls.
   * What closes round has no neighbour, and is none.
   */
  public static List<NextTo> of(PlanFace face, List<PlanFace> faces) {
    if (!face.shown() || face.face().outline().wraps()) {
      return List.of();
    }
    List<PlanFace> alike =
        faces.stream()
            .filter(f -> f.shown() && !f.face().outline().wraps())
            .filter(f -> !f.face().id().equals(face.face().id()))
            .filter(f -> f.setInto().isPresent() == face.setInto().isPresent())
            .toList();
    List<NextTo> all = new ArrayList<>();
    for (Edge edge : ASKED) {
      List<Beside> touching = touching(face.onNet().orElseThrow(), edge, alike);
      double nearest = touching.stream().mapToDouble(Beside::apartMm).min().orElse(0);
      touching.stream()
          .filter(b -> b.apartMm() <= nearest + AS_NEAR_MM)
          .forEach(b -> all.add(new NextTo(edge, b.face().face().id(), b.alongMm())));
    }
    return all;
  }

  private static List<Beside> touching(Box own, Edge edge, List<PlanFace> faces) {
    List<Beside> touching = new ArrayList<>();
    for (PlanFace face : faces) {
      Box other = face.onNet().orElseThrow();
      double apart = apartMm(own, edge, other);
      if (apart > -MAY_OVERLAP_MM && shared(own, edge, other) > LEAST_SHARED) {
        double along = edge.isLevel() ? other.leftMm() - own.leftMm() : other.topMm() - own.topMm();
        touching.add(new Beside(face, apart, along));
      }
    }
    return touching;
  }

  private static double apartMm(Box own, Edge edge, Box other) {
    return switch (edge) {
      case LEFT -> own.leftMm() - other.rightMm();
      case RIGHT -> other.leftMm() - own.rightMm();
      case TOP -> own.topMm() - other.bottomMm();
      case BOTTOM -> other.topMm() - own.bottomMm();
    };
  }

  /** The share of the shorter of the two edges along which they lie beside each other. */
  private static double shared(Box own, Edge edge, Box other) {
    return edge.isLevel()
        ? (Math.min(own.rightMm(), other.rightMm()) - Math.max(own.leftMm(), other.leftMm()))
            / Math.min(own.widthMm(), other.widthMm())
        : (Math.min(own.bottomMm(), other.bottomMm()) - Math.max(own.topMm(), other.topMm()))
            / Math.min(own.heightMm(), other.heightMm());
  }
}
