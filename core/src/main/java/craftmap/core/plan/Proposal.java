package craftmap.core.plan;

import craftmap.core.design.DesignKind;
import craftmap.core.design.StencilDesign;
import craftmap.core.lay.LayAnswer;
import craftmap.core.lay.Obstacles;
import craftmap.core.lay.Run;
import craftmap.core.lay.RunLine;
import craftmap.core.lay.RunWish;
import craftmap.core.plane.Box;
import craftmap.core.surface.Edge;
import craftmap.core.surface.Face;
import java.util.List;

/**
 * A first guess at a band for a stencil that the artist only looks at: along the top edge, the gap
 * as the stencil was drawn, in the first height that is still free of other bands.
 */
public record Proposal(Run run, LayAnswer answer) {
  /** Heights that read well on a front: high, at the foot, across the middle, and their thirds. */
  private static final List<Double> HEIGHTS = List.of(0.24, 0.78, 0.5, 0.36, 0.64, 0.14, 0.88);

  private static final double TYPICAL_CHANGE = 0.15;

  public static Proposal of(Face face, StencilDesign stencil, List<LayReading> alreadyLaid) {
    double height = face.outline().heightMm();
    double half = stencil.printHeightMm() / 2;
    double width = face.outline().widthMm();
    double distance = half;
    for (double share : HEIGHTS) {
      double wanted = Math.clamp(share * height, half, Math.max(half, height - half));
      Box strip = new Box(0, wanted - half, width, 2 * half);
      if (isFree(strip, face, stencil.kind(), alreadyLaid)) {
        distance = wanted;
        break;
      }
    }
    RunWish wish = new RunWish(stencil.naturalGapMm(), stencil.naturalGapMm() / 2, TYPICAL_CHANGE);
    Run run = new Run(new RunLine(Edge.TOP, distance, 0, 0), wish);
    return new Proposal(run, run.lay(face, stencil));
  }

  private static boolean isFree(
      Box strip, Face face, DesignKind kind, List<LayReading> alreadyLaid) {
    return !Obstacles.on(face, kind).hit(strip)
        && alreadyLaid.stream()
            .filter(LayReading.Laid.class::isInstance)
            .map(LayReading.Laid.class::cast)
            .flatMap(l -> l.chosen().items().stream())
            .noneMatch(i -> i.visible().overlaps(strip, 0));
  }
}
