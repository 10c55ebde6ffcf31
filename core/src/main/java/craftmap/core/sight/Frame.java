package craftmap.core.sight;

import craftmap.core.plane.Point;
import java.util.List;

/**
 * Both planes brought to about one around the middle, so that nothing is worked out from figures of
 * very different size: pins in the middle of the face, and the middle of the photo.
 *
 * @param face from millimetres
 * @param photo from pixels
 */
record Frame(Homography face, Homography photo, int widthPx, int heightPx) {
  static Frame around(List<Pin> pins, int widthPx, int heightPx) {
    double x = pins.stream().mapToDouble(p -> p.onFace().xMm()).average().orElseThrow();
    double y = pins.stream().mapToDouble(p -> p.onFace().yMm()).average().orElseThrow();
    Point middle = new Point(x, y);
    double far = pins.stream().mapToDouble(p -> p.onFace().distanceMm(middle)).max().orElseThrow();
    double scale = Math.hypot(widthPx, heightPx) / 2;
    return new Frame(
        Homography.scaled(1 / far, -x / far, -y / far),
        Homography.scaled(1 / scale, -widthPx / 2.0 / scale, -heightPx / 2.0 / scale),
        widthPx,
        heightPx);
  }

  /** How many pixels one is. */
  double scalePx() {
    return Math.hypot(widthPx, heightPx) / 2;
  }

  Lens lens(double bulge) {
    return new Lens(widthPx, heightPx, bulge);
  }
}
