package craftmap.core.lay;

import craftmap.core.plane.Point;
import craftmap.core.plane.TurnedBox;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.RolledUp;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Where something on a rolled-up face is met once more when one goes on past the seam: moved on by
 * the circumference, or turned on about the apex by as much as the development is open.
 */
public record Seam(Point about, double turnRad, double dxMm) {

  /** Going on past the right end, and past the left one; none on faces that are not rolled up. */
  public static List<Seam> of(Outline outline) {
    return outline.rolledUp().map(Seam::of).orElse(List.of());
  }

  private static List<Seam> of(RolledUp wall) {
    return switch (wall) {
      case CylinderOutline c -> both(new Point(0, 0), 0, c.circumferenceMm());
      case ConeOutline c -> both(c.apex(), c.widerAtTheTop() ? c.openRad() : -c.openRad(), 0);
    };
  }

  private static List<Seam> both(Point about, double turnRad, double dxMm) {
    return List.of(new Seam(about, turnRad, dxMm), new Seam(about, -turnRad, -dxMm));
  }

  private AffineTransformation motion() {
    return AffineTransformation.rotationInstance(turnRad, about.xMm(), about.yMm())
        .compose(AffineTransformation.translationInstance(dxMm, 0));
  }

  public Geometry beyond(Geometry area) {
    return motion().transform(area);
  }

  public Placement beyond(Placement at) {
    return new Placement(
        beyond(at.centre()), at.turnDeg() + Math.toDegrees(turnRad), at.mirrored(), at.scale());
  }

  public TurnedBox beyond(TurnedBox box) {
    return new TurnedBox(
        beyond(box.centre()),
        box.widthMm(),
        box.heightMm(),
        box.turnDeg() + Math.toDegrees(turnRad));
  }

  private Point beyond(Point p) {
    double x = p.xMm() - about.xMm();
    double y = p.yMm() - about.yMm();
    double c = Math.cos(turnRad);
    double s = Math.sin(turnRad);
    return about.movedBy(x * c - y * s + dxMm, x * s + y * c);
  }
}
