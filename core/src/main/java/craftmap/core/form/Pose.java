package craftmap.core.form;

import craftmap.core.plane.Arc;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.BulgeOutline;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;

/** How a face stands on the folded-up piece. */
public sealed interface Pose {
  /** Where a point of the face is in the room. */
  Vec at(Outline outline, Point p);

  /** True where the face stays a plane. */
  default boolean isFlat() {
    return this instanceof Flat;
  }

  /** A plane: where the face's 0, 0 is, and which way its x and y go. */
  record Flat(Vec origin, Vec right, Vec down) implements Pose {
    @Override
    public Vec at(Outline outline, Point p) {
      return origin.plus(right.times(p.xMm())).plus(down.times(p.yMm()));
    }

    /** The way the face looks, of length 1 where its axes are. */
    public Vec outwards() {
      return down.cross(right);
    }

    /** The same plane for a face that begins elsewhere on it. */
    public Flat from(double xMm, double yMm) {
      return new Flat(origin.plus(right.times(xMm)).plus(down.times(yMm)), right, down);
    }
  }

  /**
   * Rolled round an upright axis, its middle to the front, its seam behind.
   *
   * @param top the middle of the upper rim's circle
   */
  record Rolled(Vec top) implements Pose {
    @Override
    public Vec at(Outline outline, Point p) {
      if (outline.rolledUp().isEmpty()) {
        // a wall that was made another shape by hand: rolled up by its width
        return round(p.xMm() / outline.widthMm(), outline.widthMm() / (2 * Math.PI), p.yMm());
      }
      return switch (outline.rolledUp().get()) {
        case CylinderOutline c -> round(p.xMm() / c.circumferenceMm(), c.radiusMm(), p.yMm());
        case ConeOutline c -> {
          double down = c.downMm(p) / c.slantMm();
          double around = c.topMm() + (c.bottomMm() - c.topMm()) * down;
          yield round(c.turnShare(p), around / (2 * Math.PI), down * c.uprightMm());
        }
      };
    }

    private Vec round(double share, double radius, double down) {
      double angle = 2 * Math.PI * (share - 0.5);
      return top.plus(new Vec(radius * Math.sin(angle), -down, radius * Math.cos(angle)));
    }
  }

  /** Rolled round an oval: its lengths along the surface are kept, its middle is to the front. */
  record RolledOval(Vec top, double widthMm, double depthMm) implements Pose {
    private static final int STEPS = 60;

    @Override
    public Vec at(Outline outline, Point p) {
      Arc whole = new Arc(new Point(0, 0), widthMm / 2, depthMm / 2, Math.PI / 2, -2 * Math.PI);
      double girth = whole.lengthMm();
      // from the front (angle of a quarter turn, z being the oval's y) round by the right
      double along = (p.xMm() / outline.widthMm() - 0.5) * girth;
      double angle = angleAt(Math.abs(along));
      Point on = whole.at(Math.PI / 2 - Math.copySign(angle, along));
      return top.plus(new Vec(on.xMm(), -p.yMm(), on.yMm()));
    }

    /** The angle from the front whose arc is this long: by halving, to far below a hair. */
    private double angleAt(double alongMm) {
      double low = 0;
      double high = Math.PI + 1e-9;
      for (int i = 0; i < STEPS; i++) {
        double middle = (low + high) / 2;
        double length =
            new Arc(new Point(0, 0), widthMm / 2, depthMm / 2, Math.PI / 2, -middle).lengthMm();
        if (length < alongMm) {
          low = middle;
        } else {
          high = middle;
        }
      }
      return (low + high) / 2;
    }
  }

  /** A wall whose axis is tipped forward, out of the wall the piece hangs on. */
  record Tipped(Pose upright, Vec middle) implements Pose {
    @Override
    public Vec at(Outline outline, Point p) {
      Vec v = upright.at(outline, p);
      // what was the front turns down, and what hung down goes back to the wall
      return middle.plus(new Vec(v.x(), -v.z(), v.y()));
    }
  }

  /** A dome standing out from a plane, whose x and y go right and down. */
  record Domed(Vec middle, Vec right, Vec down, Vec out) implements Pose {
    @Override
    public Vec at(Outline outline, Point p) {
      if (!(outline instanceof BulgeOutline bulge)) {
        return middle
            .plus(right.times(p.xMm() - outline.widthMm() / 2))
            .plus(down.times(p.yMm() - outline.heightMm() / 2));
      }
      double over = bulge.overMm();
      double dx = p.xMm() - over;
      double dy = p.yMm() - over;
      double from = Math.hypot(dx, dy);
      if (from == 0) {
        return middle.plus(out.times(bulge.standsOutMm()));
      }
      double bend = from / bulge.radiusMm();
      double flat = bulge.radiusMm() * Math.sin(bend) / from;
      double up = bulge.radiusMm() * Math.cos(bend) - (bulge.radiusMm() - bulge.standsOutMm());
      return middle.plus(right.times(dx * flat)).plus(down.times(dy * flat)).plus(out.times(up));
    }
  }
}
