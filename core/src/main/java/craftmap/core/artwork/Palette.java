package craftmap.core.artwork;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Lab;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The colours of a picture, most of it first. Pixels are counted in boxes of like colours; a box
 * whose mean the eye would not tell from a larger one joins it.
 */
public record Palette(List<Share> shares) {
  private static final int LOOKED_AT = 320;
  private static final int ALIKE = 12;

  public Palette {
    shares = List.copyOf(shares);
  }

  /**
   * One colour.
   *
   * @param share of what is covered, 0 to 1
   */
  public record Share(Colour colour, double share) {}

  static final class Bin {
    private long count;
    private long red;
    private long green;
    private long blue;

    void add(int rgb) {
      count++;
      red += rgb >> 16 & 0xFF;
      green += rgb >> 8 & 0xFF;
      blue += rgb & 0xFF;
    }

    void add(Bin other) {
      count += other.count;
      red += other.red;
      green += other.green;
      blue += other.blue;
    }

    long count() {
      return count;
    }

    Colour mean() {
      return Colour.ofRgb(
          Math.round((float) red / count),
          Math.round((float) green / count),
          Math.round((float) blue / count));
    }
  }

  public static Palette of(Pixels picture) {
    Pixels small = picture.atMost(LOOKED_AT);
    Map<Integer, Bin> bins = new HashMap<>();
    long covered = 0;
    for (int y = 0; y < small.height(); y++) {
      for (int x = 0; x < small.width(); x++) {
        int p = small.at(x, y);
        if (p >>> 24 >= 128) {
          bins.computeIfAbsent(binOf(p), k -> new Bin()).add(p);
          covered++;
        }
      }
    }
    long all = covered;
    return new Palette(
        merged(bins).stream().map(b -> new Share(b.mean(), (double) b.count() / all)).toList());
  }

  /** Sixteen steps in each channel. */
  static int binOf(int rgb) {
    return (rgb >> 20 & 0xF) << 8 | (rgb >> 12 & 0xF) << 4 | rgb >> 4 & 0xF;
  }

  static List<Bin> merged(Map<Integer, Bin> bins) {
    List<Map.Entry<Integer, Bin>> all = new ArrayList<>(bins.entrySet());
    all.sort(
        Comparator.comparingLong((Map.Entry<Integer, Bin> e) -> e.getValue().count())
            .reversed()
            .thenComparing(Map.Entry::getKey));
    List<Bin> kept = new ArrayList<>();
    List<Lab> labs = new ArrayList<>();
    for (Map.Entry<Integer, Bin> entry : all) {
      Lab lab = entry.getValue().mean().lab();
      int like = -1;
      for (int i = 0; i < kept.size() && like < 0; i++) {
        if (labs.get(i).differenceFrom(lab) < ALIKE) {
          like = i;
        }
      }
      if (like < 0) {
        kept.add(entry.getValue());
        labs.add(lab);
      } else {
        kept.get(like).add(entry.getValue());
      }
    }
    kept.sort(Comparator.comparingLong(Bin::count).reversed());
    return kept;
  }
}
