package craftmap.core.surface.outline;

import craftmap.core.plane.Box;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Planar;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** The outer line of a face, and the openings in it. */
public sealed interface Outline
    permits RectangleOutline,
        RoundedOutline,
        OvalOutline,
        ArchOutline,
        TrapeziumOutline,
        PolygonOutline,
        SidesOutline,
        QuadOutline,
        FrameOutline,
        CylinderOutline,
        ConeOutline,
        BulgeOutline {

  /** Its sides in the order of the contour, clockwise. */
  List<Side> sides();

  /** The measures it is made from, as they are written down. */
  OutlineNote note();

  default Contour contour() {
    return new Contour(sides().stream().flatMap(s -> s.strokes().stream()).toList());
  }

  /** What is cut out of it. */
  default List<Contour> openings() {
    return List.of();
  }

  default double widthMm() {
    return contour().extent().widthMm();
  }

  default double heightMm() {
    return contour().extent().heightMm();
  }

  default double areaMm2() {
    return contour().areaMm2() - openings().stream().mapToDouble(Contour::areaMm2).sum();
  }

  /** The length of the outer line; where the face is rolled up, its two ends are one seam. */
  default double edgeMm() {
    return contour().lengthMm();
  }

  /** True where the face is rolled up and its left and right ends meet in a seam. */
  default boolean wraps() {
    return rolledUp().isPresent();
  }

  /** The same as a wall; none where it is not rolled up. */
  default Optional<RolledUp> rolledUp() {
    return this instanceof RolledUp wall ? Optional.of(wall) : Optional.empty();
  }

  /** How far the box around it reaches along an edge. */
  default double edgeLengthMm(Edge edge) {
    return edge.isLevel() ? widthMm() : heightMm();
  }

  /** The area as polygons. */
  default Geometry region() {
    return region(Contour.FLATNESS_MM);
  }

  default Geometry region(double flatnessMm) {
    return Planar.area(contour(), openings(), flatnessMm);
  }

  /** True when the box lies inside, the outline itself counting as inside. */
  default boolean holds(Box box) {
    return Planar.holds(region(), box);
  }
}
