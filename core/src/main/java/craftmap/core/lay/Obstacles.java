package craftmap.core.lay;

import craftmap.core.design.DesignKind;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.TurnedBox;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.ZonePlace;
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

  /** The same from where a zone of the face begins. */
  Obstacles from(ZonePlace zone) {
    return new Obstacles(
        all.stream()
            .map(
                o ->
                    o.prepared == null
                        ? Obstacle.upright(
                            o.keepOut,
                            new Box(
                                o.box.leftMm() - zone.at().xMm(),
                                o.box.topMm() - zone.at().yMm(),
                                o.box.widthMm(),
                                o.box.heightMm()),
                            zone.moved(o.area))
                        : Obstacle.of(o.keepOut, zone.moved(o.area)))
            .toList());
  }

  /** True where the inside of the box lies on one of them. */
  public boolean hit(Box box) {
    return hit(TurnedBox.of(box));
  }

  /** True where the inside of the box lies on one of them. */
  public boolean hit(TurnedBox box) {
    for (Obstacle obstacle : all) {
      if (obstacle.hit(box)) {
        return true;
      }
    }
    return false;
  }

  /** True where what shows of an item lies on one of them. */
  boolean hit(Geometry area) {
    for (Obstacle obstacle : all) {
      if (obstacle.hit(area)) {
        return true;
      }
    }
    return false;
  }

  boolean isEmpty() {
    return all.isEmpty();
  }

  /** Where they lie. */
  public List<Geometry> areas() {
    return all.stream().map(Obstacle::area).toList();
  }

  List<Obstacle> each() {
    return all;
  }

  /** One keep-out; upright boxes, the most of them, are judged by plain comparison. */
  record Obstacle(
      KeepOut keepOut, Box box, TurnedBox upright, Geometry area, PreparedGeometry prepared) {
    static Obstacle of(KeepOut keepOut, Face face) {
      Geometry area = keepOut.area().on(face.outline());
      if (keepOut.area() instanceof Area.Upright upright) {
        return upright(keepOut, upright.box(), area);
      }
      return of(keepOut, area);
    }

    static Obstacle upright(KeepOut keepOut, Box box, Geometry area) {
      return new Obstacle(keepOut, box, TurnedBox.of(box), area, null);
    }

    static Obstacle of(KeepOut keepOut, Geometry area) {
      Envelope e = area.getEnvelopeInternal();
      Box around =
          new Box(
              e.getMinX(),
              e.getMinY(),
              Math.max(e.getWidth(), Tolerance.EXACT.lengthMm()),
              Math.max(e.getHeight(), Tolerance.EXACT.lengthMm()));
      return new Obstacle(
          keepOut, around, TurnedBox.of(around), area, PreparedGeometryFactory.prepare(area));
    }

    boolean hit(Item item) {
      return item.clip().isPresent() ? hit(item.clip().get()) : hit(item.box());
    }

    boolean hit(TurnedBox other) {
      double t = Tolerance.EXACT.lengthMm();
      if (!upright.overlaps(other, t)) {
        return false;
      }
      // touching from outside is no hit, so the box is taken a hair smaller
      return prepared == null || prepared.intersects(smaller(other).polygon());
    }

    private static TurnedBox smaller(TurnedBox box) {
      double t = Tolerance.EXACT.lengthMm();
      return new TurnedBox(
          box.centre(),
          Math.max(t, box.widthMm() - 2 * t),
          Math.max(t, box.heightMm() - 2 * t),
          box.turnDeg());
    }

    private boolean hit(Geometry other) {
      return area.getEnvelopeInternal().intersects(other.getEnvelopeInternal())
          && area.intersection(other).getArea() > Tolerance.EXACT.lengthMm();
    }

    double distanceMm(Item item) {
      return item.clip().isEmpty() && prepared == null && item.box().isUpright()
          ? box.distanceMm(item.visible())
          : area.distance(item.visibleArea());
    }
  }
}
