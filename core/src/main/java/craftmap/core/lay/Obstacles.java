package craftmap.core.lay;

import craftmap.core.design.DesignKind;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.KeepOut;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/** The keep-outs of a face that count for a kind of design, ready to be asked often. */
public final class Obstacles {
  private final List<Obstacle> all;

  private Obstacles(List<Obstacle> all) {
    this.all = all;
  }

  public static Obstacles on(Face face, DesignKind kind) {
    return new Obstacles(
        face.keepOuts().stream()
            .filter(k -> k.forbids(kind))
            .map(k -> Obstacle.of(k, face))
            .toList());
  }

  /** True where the inside of the box lies on one of them. */
  public boolean hit(Box box) {
    for (Obstacle obstacle : all) {
      if (obstacle.hit(box)) {
        return true;
      }
    }
    return false;
  }

  List<Obstacle> each() {
    return all;
  }

  /** One keep-out; upright boxes, the most of them, are judged by plain comparison. */
  record Obstacle(KeepOut keepOut, Box box, Geometry area, PreparedGeometry prepared) {
    static Obstacle of(KeepOut keepOut, Face face) {
      if (keepOut.area() instanceof Area.Upright upright) {
        return new Obstacle(keepOut, upright.box(), null, null);
      }
      Geometry area = keepOut.area().on(face.outline());
      Envelope e = area.getEnvelopeInternal();
      Box around =
          new Box(
              e.getMinX(),
              e.getMinY(),
              Math.max(e.getWidth(), Tolerance.EXACT.lengthMm()),
              Math.max(e.getHeight(), Tolerance.EXACT.lengthMm()));
      return new Obstacle(keepOut, around, area, PreparedGeometryFactory.prepare(area));
    }

    boolean hit(Box other) {
      double t = Tolerance.EXACT.lengthMm();
      if (!box.overlaps(other, t)) {
        return false;
      }
      if (area == null) {
        return true;
      }
      // touching from outside is no hit, so the box is taken a hair smaller
      Box inside =
          new Box(
              other.leftMm() + t,
              other.topMm() + t,
              Math.max(t, other.widthMm() - 2 * t),
              Math.max(t, other.heightMm() - 2 * t));
      return prepared.intersects(Planar.polygon(inside));
    }

    double distanceMm(Box other) {
      return area == null ? box.distanceMm(other) : area.distance(Planar.polygon(other));
    }
  }
}
