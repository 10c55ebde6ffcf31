package craftmap.core.sight;

import craftmap.core.form.Vec;
import craftmap.core.plane.Point;
import java.util.Random;

/**
 * A camera in a room, by the book: what it sees is known to the last figure.
 *
 * @param at where it stands, in millimetres; y is up
 * @param right what is right of it, of length one; up and away likewise
 * @param focal in longer sides of the photo
 */
record Camera(
    Vec at, Vec right, Vec up, Vec away, double focal, int widthPx, int heightPx, double bulge) {
  /** Looking at a place, held level but for a turn of the wrist. */
  static Camera lookingAt(
      Vec from, Vec to, double wrist, double focal, int widthPx, int heightPx, double bulge) {
    Vec away = unit(new Vec(to.x() - from.x(), to.y() - from.y(), to.z() - from.z()));
    Vec level = unit(cross(away, new Vec(0, 1, 0)));
    Vec upright = cross(level, away);
    Vec right = sum(level, Math.cos(wrist), upright, Math.sin(wrist));
    return new Camera(
        from,
        right,
        sum(level, -Math.sin(wrist), upright, Math.cos(wrist)),
        away,
        focal,
        widthPx,
        heightPx,
        bulge);
  }

  /** Somewhere in front of a face of this size that hangs with its middle at the origin. */
  static Camera somewhereBefore(double widthMm, double heightMm, double bulge, Random dice) {
    double far = 1.3 + dice.nextDouble() * 1.4;
    double size = Math.max(widthMm, heightMm);
    double side = (dice.nextDouble() - 0.5) * 1.7;
    double high = (dice.nextDouble() - 0.3) * 0.9;
    double distance = far * size;
    Vec from =
        new Vec(
            Math.sin(side) * distance,
            Math.sin(high) * distance,
            Math.cos(side) * Math.cos(high) * distance);
    Vec to = new Vec(size * 0.07 * dice.nextGaussian(), size * 0.05 * dice.nextGaussian(), 0);
    return lookingAt(
        from, to, dice.nextGaussian() * 0.04, 0.72 + dice.nextDouble() * 0.4, 2400, 1697, bulge);
  }

  Spot seen(Vec place) {
    Vec from = new Vec(place.x() - at.x(), place.y() - at.y(), place.z() - at.z());
    double depth = dot(from, away);
    double scale = focal * Math.max(widthPx, heightPx) / depth;
    Spot straight =
        new Spot(widthPx / 2.0 + dot(from, right) * scale, heightPx / 2.0 - dot(from, up) * scale);
    return new Lens(widthPx, heightPx, bulge).bend(straight);
  }

  /** A place of a face that hangs with its middle at the origin. */
  Spot seen(Point onFace, double widthMm, double heightMm) {
    return seen(new Vec(onFace.xMm() - widthMm / 2, heightMm / 2 - onFace.yMm(), 0));
  }

  static double dot(Vec a, Vec b) {
    return a.x() * b.x() + a.y() * b.y() + a.z() * b.z();
  }

  private static Vec cross(Vec a, Vec b) {
    return new Vec(
        a.y() * b.z() - a.z() * b.y(),
        a.z() * b.x() - a.x() * b.z(),
        a.x() * b.y() - a.y() * b.x());
  }

  private static Vec sum(Vec a, double byA, Vec b, double byB) {
    return new Vec(a.x() * byA + b.x() * byB, a.y() * byA + b.y() * byB, a.z() * byA + b.z() * byB);
  }

  private static Vec unit(Vec v) {
    double length = Math.sqrt(dot(v, v));
    return new Vec(v.x() / length, v.y() / length, v.z() / length);
  }
}
