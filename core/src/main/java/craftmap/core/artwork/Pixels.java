package craftmap.core.artwork;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;

/** A picture as pixels, {@code 0xAARRGGBB}, row by row from the top left. */
public final class Pixels {
  private static final int MOST = 30_000_000;

  private final int width;
  private final int height;
  private final int[] argb;

  /** Takes the array over: nobody else may write to it any more. */
  public Pixels(int width, int height, int[] argb) {
    if (width < 1 || height < 1 || (long) width * height > MOST) {
      throw new RefusedInput(
          "picture",
          said("across-by-down", given(width), given(height)),
          said("is-no-size-for-a-picture"),
          said("1-to-30-megapixels"));
    }
    if (argb.length != width * height) {
      throw new IllegalArgumentException("impossible state: pixels and size do not agree");
    }
    this.width = width;
    this.height = height;
    this.argb = argb;
  }

  public int width() {
    return width;
  }

  public int height() {
    return height;
  }

  public int at(int x, int y) {
    return argb[y * width + x];
  }

  /** Averaged down so that the longer side has at most that many pixels. */
  Pixels atMost(int longerSide) {
    int step = (int) Math.ceil((double) Math.max(width, height) / longerSide);
    if (step <= 1) {
      return this;
    }
    int w = Math.max(1, width / step);
    int h = Math.max(1, height / step);
    int[] out = new int[w * h];
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        out[y * w + x] = mean(x * step, y * step, step);
      }
    }
    return new Pixels(w, h, out);
  }

  /** The colours weighted by how much they cover. */
  private int mean(int left, int top, int step) {
    long a = 0;
    long r = 0;
    long g = 0;
    long b = 0;
    int right = Math.min(width, left + step);
    int bottom = Math.min(height, top + step);
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < right; x++) {
        int p = at(x, y);
        int covers = p >>> 24;
        a += covers;
        r += (long) covers * (p >> 16 & 0xFF);
        g += (long) covers * (p >> 8 & 0xFF);
        b += (long) covers * (p & 0xFF);
      }
    }
    if (a == 0) {
      return 0;
    }
    int count = (right - left) * (bottom - top);
    return (int) (a / count) << 24 | (int) (r / a) << 16 | (int) (g / a) << 8 | (int) (b / a);
  }
}
