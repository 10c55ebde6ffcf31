package craftmap.core.surface;

import craftmap.core.plane.Planar;
import craftmap.core.surface.outline.Side;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;

/**
 * What a face comes to.
 *
 * @param grossMm2 inside the outline
 * @param keptOutMm2 of that, what nothing may cover and what belongs to faces set into it
 * @param edgeMm2 the edge round it where that is worked too
 * @param netMm2 gross less kept out
 * @param workedMm2 net times the relief, and the edge: what a coat has to cover
 */
public record FaceMeasure(
    double grossMm2,
    double keptOutMm2,
    double netMm2,
    double edgeMm2,
    double workedMm2,
    double edgeMm,
    List<Side> sides) {
  public FaceMeasure {
    sides = List.copyOf(sides);
  }

  /**
   * Adds a face up.
   *
   * @param insets the areas of faces that are set into it
   */
  public static FaceMeasure of(Face face, List<Geometry> insets) {
    double gross = face.outline().areaMm2();
    double kept = keptOut(face, insets);
    double net = Math.max(0, gross - kept);
    double edge = face.outline().edgeMm() * face.edgeDepthMm();
    return new FaceMeasure(
        gross,
        kept,
        net,
        edge,
        net * face.relief().factor() + edge,
        face.outline().edgeMm(),
        face.outline().sides());
  }

  /** Only what keeps every kind of design off; what forbids a few is still coated. */
  private static double keptOut(Face face, List<Geometry> insets) {
    List<Geometry> off = new ArrayList<>(insets);
    for (KeepOut keepOut : face.keepOuts()) {
      if (keepOut.forbids().isEmpty()) {
        off.add(keepOut.area().on(face.outline()));
      }
    }
    if (off.isEmpty()) {
      return 0;
    }
    return Planar.intersection(Planar.union(off), face.outline().region()).getArea();
  }
}
