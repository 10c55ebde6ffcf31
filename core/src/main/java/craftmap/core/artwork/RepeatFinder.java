package craftmap.core.artwork;

import java.util.Optional;

/**
 * Proposes the repeat of a printed picture by laying it over itself.
 *
 * <ol>
 *   <li>The picture is averaged down to a coarse one of grey tones.
 *   <li>For every shift the overlap is compared: 1 where it is the same, 0 where it is no more
 *       alike than two unrelated pictures of these tones (normalised squared difference).
 *   <li>The smallest shift straight across that is nearly as good as the best is the pitch across,
 *       likewise down. If the picture also agrees with itself shifted by half of both, the columns
 *       are half-dropped and the pitch across is half as wide.
 *   <li>If a part of a pitch agrees as well on finer pixels, that is the pitch.
 *   <li>Each pitch is refined on finer pixels, to a fraction of one by a parabola through the three
 *       best.
 * </ol>
 */
public final class RepeatFinder {
  private static final int COARSE = 128;
  private static final int FINE = 900;

  /** Below this the picture does not repeat. */
  private static final double LEAST = 0.55;

  /** A shift this much worse than the best one is still the same repeat, seen once. */
  private static final double NEARLY = 0.9;

  private static final int MOST_PARTS = 6;
  private static final int LEAST_PITCH_PX = 8;

  /** A repeat must be seen at least this often across the sheet. */
  private static final double LEAST_TIMES = 1.6;

  private RepeatFinder() {}

  /**
   * A proposal as shares of the picture's width and height.
   *
   * @param certainty 0 to 1: how well the picture agrees with itself
   */
  public record Proposal(
      double pitchXShare, double pitchYShare, boolean halfDrop, double certainty) {}

  public static Optional<Proposal> find(Pixels picture) {
    Tones coarse = Tones.of(picture.atMost(COARSE));
    if (coarse.variance() < 4) {
      return Optional.empty();
    }
    int acrossMost = (int) (coarse.width / LEAST_TIMES);
    int downMost = (int) (coarse.height / LEAST_TIMES);
    int across = smallest(acrossMost, d -> coarse.likeness(d, 0));
    int down = smallest(downMost, d -> coarse.likeness(0, d));
    if (across == 0 || down == 0) {
      return Optional.empty();
    }
    Tones fine = Tones.of(picture.atMost(FINE));
    double kx = (double) fine.width / coarse.width;
    double ky = (double) fine.height / coarse.height;
    double x =
        shortest(refined(across * kx, kx, d -> fine.likeness(d, 0)), d -> fine.likeness(d, 0));
    double y = shortest(refined(down * ky, ky, d -> fine.likeness(0, d)), d -> fine.likeness(0, d));
    double straight =
        Math.min(fine.likeness((int) Math.round(x), 0), fine.likeness(0, (int) Math.round(y)));
    double dropped = fine.likeness((int) Math.round(x / 2), (int) Math.round(y / 2));
    boolean halfDrop = dropped > NEARLY * straight;
    return Optional.of(
        new Proposal(
            (halfDrop ? x / 2 : x) / fine.width,
            y / fine.height,
            halfDrop,
            Math.clamp(straight, 0, 1)));
  }

  private interface Likeness {
    double at(int shift);
  }

  /** The smallest shift that is a peak nearly as high as the highest; 0 where there is none. */
  private static int smallest(int most, Likeness likeness) {
    double[] scores = new double[most + 2];
    double best = 0;
    for (int d = 1; d <= most + 1; d++) {
      scores[d] = likeness.at(d);
    }
    boolean fell = false;
    int lowest = 1;
    for (int d = 2; d <= most; d++) {
      fell |= scores[d] < LEAST;
      if (!fell) {
        lowest = d + 1;
      } else {
        best = Math.max(best, scores[d]);
      }
    }
    if (best < LEAST) {
      return 0;
    }
    for (int d = lowest; d <= most; d++) {
      boolean peak = scores[d] >= scores[d - 1] && scores[d] >= scores[d + 1];
      if (peak && scores[d] >= NEARLY * best) {
        return d;
      }
    }
    return 0;
  }

  /**
   * A part of a pitch, where the picture agrees with itself as well by that: thin lines miss each
   * other on coarse pixels unless the pitch falls on whole ones.
   */
  private static double shortest(double pitch, Likeness likeness) {
    double score = likeness.at((int) Math.round(pitch));
    for (int parts = MOST_PARTS; parts > 1; parts--) {
      double part = refined(pitch / parts, 2, likeness);
      if (part > LEAST_PITCH_PX && likeness.at((int) Math.round(part)) >= NEARLY * score) {
        return part;
      }
    }
    return pitch;
  }

  private static double refined(double about, double within, Likeness likeness) {
    int from = Math.max(2, (int) Math.floor(about - 1.5 * within));
    int to = (int) Math.ceil(about + 1.5 * within);
    int best = from;
    double bestScore = Double.NEGATIVE_INFINITY;
    for (int d = from; d <= to; d++) {
      double score = likeness.at(d);
      if (score > bestScore) {
        best = d;
        bestScore = score;
      }
    }
    double before = likeness.at(best - 1);
    double after = likeness.at(best + 1);
    double bend = before - 2 * bestScore + after;
    double off = bend < 0 ? Math.clamp((before - after) / (2 * bend), -0.5, 0.5) : 0;
    return best + off;
  }

  /** Grey tones. What is clear counts as paper. */
  private static final class Tones {
    private final int width;
    private final int height;
    private final float[] tone;

    private Tones(int width, int height, float[] tone) {
      this.width = width;
      this.height = height;
      this.tone = tone;
    }

    static Tones of(Pixels p) {
      float[] tone = new float[p.width() * p.height()];
      for (int y = 0; y < p.height(); y++) {
        for (int x = 0; x < p.width(); x++) {
          int rgb = p.at(x, y);
          float covers = (rgb >>> 24) / 255f;
          float grey =
              0.299f * (rgb >> 16 & 0xFF) + 0.587f * (rgb >> 8 & 0xFF) + 0.114f * (rgb & 0xFF);
          tone[y * p.width() + x] = covers * grey + (1 - covers) * 255;
        }
      }
      return new Tones(p.width(), p.height(), tone);
    }

    double variance() {
      double sum = 0;
      double squares = 0;
      for (float t : tone) {
        sum += t;
        squares += (double) t * t;
      }
      double mean = sum / tone.length;
      return squares / tone.length - mean * mean;
    }

    /**
     * 1 where the picture, shifted, is the same; about 0 where it has nothing to do with itself.
     */
    double likeness(int dx, int dy) {
      int step = width * height > 200_000 ? 2 : 1;
      double differs = 0;
      double sum = 0;
      double squares = 0;
      long n = 0;
      for (int y = 0; y + dy < height; y += step) {
        for (int x = 0; x + dx < width; x += step) {
          double a = tone[y * width + x];
          double b = tone[(y + dy) * width + x + dx];
          differs += (a - b) * (a - b);
          sum += a + b;
          squares += a * a + b * b;
          n += 2;
        }
      }
      if (n == 0) {
        return 0;
      }
      double mean = sum / n;
      double variance = squares / n - mean * mean;
      return variance <= 0 ? 0 : 1 - differs / n / variance;
    }
  }
}
