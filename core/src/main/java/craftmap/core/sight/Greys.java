package craftmap.core.sight;

import craftmap.core.artwork.Pixels;

/** How bright each pixel of a part of a photo is, from 0 to 255. */
final class Greys {
  private final int width;
  private final int height;
  private final double[] bright;

  private Greys(int width, int height, double[] bright) {
    this.width = width;
    this.height = height;
    this.bright = bright;
  }

  /** Softened a little: single grains are no edges. */
  static Greys of(Pixels pixels, int left, int top, int width, int height) {
    double[] raw = new double[width * height];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int p =
            pixels.at(
                Math.clamp(left + x, 0, pixels.width() - 1),
                Math.clamp(top + y, 0, pixels.height() - 1));
        raw[y * width + x] =
            0.2126 * (p >> 16 & 0xFF) + 0.7152 * (p >> 8 & 0xFF) + 0.0722 * (p & 0xFF);
      }
    }
    Greys plain = new Greys(width, height, raw);
    double[] soft = new double[raw.length];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        double sum = 0;
        for (int dy = -1; dy <= 1; dy++) {
          for (int dx = -1; dx <= 1; dx++) {
            sum += plain.at(x + dx, y + dy) * (2 - Math.abs(dx)) * (2 - Math.abs(dy));
          }
        }
        soft[y * width + x] = sum / 16;
      }
    }
    return new Greys(width, height, soft);
  }

  int width() {
    return width;
  }

  int height() {
    return height;
  }

  double at(int x, int y) {
    return bright[Math.clamp(y, 0, height - 1) * width + Math.clamp(x, 0, width - 1)];
  }

  double across(int x, int y) {
    return (at(x + 1, y) - at(x - 1, y)) / 2;
  }

  double down(int x, int y) {
    return (at(x, y + 1) - at(x, y - 1)) / 2;
  }
}
