package craftmap.core.surface;

import craftmap.core.plane.Point;
import craftmap.core.plane.Turns;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RolledUp;
import java.util.Optional;

/**
 * The front of a round thing, one datum over its body and its lid: what is laid as if the front
 * were in the middle of a wall, or at the foot of a lid, is turned to where the front is. Turned by
 * as much of the way round on each face, whatever its girth, so that all stands in line once it is
 * closed.
 *
 * @param deg to the right as one looks at it, of the way round the piece
 */
public record FrontDatum(double deg) {
  public FrontDatum {
    deg = Math.IEEEremainder(deg, 360);
  }

  /** The front is in the middle. */
  public static final FrontDatum MIDDLE = new FrontDatum(0);

  /** By what share of the way round it is turned. */
  public double share() {
    return deg / 360;
  }

  /** How much further round a wall it is, along its wider end. */
  public double alongMm(double roundMm) {
    return share() * roundMm;
  }

  /** By how much what stands at a face's front is turned on it, clockwise as seen. */
  public double turnDeg(Outline outline) {
    if (outline instanceof OvalOutline) {
      return -deg;
    }
    return outline.rolledUp().map(this::turnDeg).orElse(0.0);
  }

  private double turnDeg(RolledUp wall) {
    return switch (wall) {
      case CylinderOutline _ -> 0;
      case ConeOutline cone -> {
        double open = share() * Math.toDegrees(cone.openRad());
        yield cone.widerAtTheTop() ? open : -open;
      }
    };
  }

  /** Where what would be at a point is once it is turned with the front. */
  public Point turned(Outline outline, Point p) {
    if (deg == 0) {
      return p;
    }
    if (outline instanceof OvalOutline lid) {
      return around(new Point(lid.widthMm() / 2, lid.heightMm() / 2), p, -deg);
    }
    return outline.rolledUp().map(wall -> turned(wall, p)).orElse(p);
  }

  private Point turned(RolledUp wall, Point p) {
    return switch (wall) {
      case CylinderOutline c -> {
        double x = (p.xMm() + alongMm(c.circumferenceMm())) % c.circumferenceMm();
        yield new Point(x < 0 ? x + c.circumferenceMm() : x, p.yMm());
      }
      case ConeOutline cone -> around(cone.apex(), p, turnDeg(wall));
    };
  }

  private static Point around(Point middle, Point p, double clockwiseDeg) {
    double dx = p.xMm() - middle.xMm();
    double dy = p.yMm() - middle.yMm();
    double c = Turns.cos(clockwiseDeg);
    double s = Turns.sin(clockwiseDeg);
    return new Point(middle.xMm() + dx * c - dy * s, middle.yMm() + dx * s + dy * c);
  }

  /** Where its mark is on the edge of a face: at the upper rim of a wall, at the foot of a lid. */
  public Optional<Point> mark(Outline outline) {
    if (outline instanceof OvalOutline lid) {
      return Optional.of(turned(lid, new Point(lid.widthMm() / 2, lid.heightMm())));
    }
    return outline.rolledUp().map(this::mark);
  }

  private Point mark(RolledUp wall) {
    return switch (wall) {
      case CylinderOutline c -> turned(wall, new Point(c.circumferenceMm() / 2, 0));
      case ConeOutline cone -> {
        Point apex = cone.apex();
        double up = cone.widerAtTheTop() ? -cone.outerRadiusMm() : cone.innerRadiusMm();
        yield turned(wall, apex.movedBy(0, up));
      }
    };
  }
}
