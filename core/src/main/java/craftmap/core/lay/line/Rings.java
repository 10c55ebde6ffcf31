package craftmap.core.lay.line;

import craftmap.core.plane.Arc;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RolledUp;
import java.util.List;
import java.util.Optional;

/** The closed lines that rings go round. */
public final class Rings {
  private Rings() {}

  /**
   * A closed line and where it is read from.
   *
   * @param datumMm along the line: the top of a rim, the front of a wall
   */
  public record Ring(Path path, double datumMm) {
    /** Read from a place that is a share of the way round further on. */
    public Ring further(double share) {
      return new Ring(path, datumMm + share * path.lengthMm());
    }
  }

  /** Inside the outline, that far from its edge; none where nothing of the face is that far in. */
  public static Optional<Ring> rim(Outline outline, double insetMm) {
    if (outline instanceof OvalOutline oval && oval.widthMm() == oval.heightMm()) {
      double radius = oval.widthMm() / 2;
      return circle(new Point(radius, radius), 2 * (radius - insetMm));
    }
    return Insets.allRound(outline, insetMm).map(p -> new Ring(p, 0));
  }

  public static Optional<Ring> circle(Point centre, double diameterMm) {
    if (!(diameterMm > 0)) {
      return Optional.empty();
    }
    Arc all = Arc.circular(centre, diameterMm / 2, -Math.PI / 2, 2 * Math.PI);
    return Optional.of(new Ring(Path.closed(List.of(all)), 0));
  }

  /** Round a rolled-up wall, that far down from its top; none on other faces. */
  public static Optional<Ring> wall(Outline outline, double downMm) {
    return outline.rolledUp().flatMap(wall -> wall(wall, downMm));
  }

  private static Optional<Ring> wall(RolledUp wall, double downMm) {
    return switch (wall) {
      case CylinderOutline c ->
          downMm >= 0 && downMm <= c.heightMm()
              ? level(
                  new Line(new Point(0, downMm), new Point(c.circumferenceMm(), downMm)),
                  c.circumferenceMm())
              : Optional.empty();
      case ConeOutline c ->
          downMm >= 0 && downMm <= c.slantMm() ? cone(c, downMm) : Optional.empty();
    };
  }

  private static Optional<Ring> cone(ConeOutline cone, double downMm) {
    double half = cone.openRad() / 2;
    boolean wide = cone.widerAtTheTop();
    double radius = wide ? cone.outerRadiusMm() - downMm : cone.innerRadiusMm() + downMm;
    double left = wide ? -Math.PI / 2 - half : Math.PI / 2 + half;
    Arc arc = Arc.circular(cone.apex(), radius, left, wide ? 2 * half : -2 * half);
    return level(arc, arc.lengthMm());
  }

  private static Optional<Ring> level(craftmap.core.plane.Stroke stroke, double length) {
    return Optional.of(new Ring(Path.closed(List.of(stroke)), length / 2));
  }
}
