package craftmap.core.artwork;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Lab;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The ground a picture is printed on: the colour that most of its rim has. A picture whose rim has
 * no colour in common has none.
 *
 * @param share of the whole picture that has this colour, 0 to 1
 */
public record Background(Colour colour, double share) {
  private static final int LOOKED_AT = 400;

  /** The rim is this share of the shorter side, at least one pixel. */
  private static final double RIM = 0.04;

  private static final double MOST_OF_THE_RIM = 0.35;
  private static final double ALIKE = 10;

  public static Optional<Background> of(Pixels picture) {
    Pixels small = picture.atMost(LOOKED_AT);
    int rim = Math.max(1, (int) Math.round(RIM * Math.min(small.width(), small.height())));
    Map<Integer, Palette.Bin> bins = new HashMap<>();
    long pixels = 0;
    for (int y = 0; y < small.height(); y++) {
      for (int x = 0; x < small.width(); x++) {
        boolean onRim = x < rim || y < rim || x >= small.width() - rim || y >= small.height() - rim;
        if (onRim) {
          pixels++;
          int p = small.at(x, y);
          if (p >>> 24 >= 128) {
            bins.computeIfAbsent(Palette.binOf(p), k -> new Palette.Bin()).add(p);
          }
        }
      }
    }
    List<Palette.Bin> colours = Palette.merged(bins);
    if (colours.isEmpty() || colours.getFirst().count() < MOST_OF_THE_RIM * pixels) {
      return Optional.empty();
    }
    Colour ground = colours.getFirst().mean();
    return Optional.of(new Background(ground, shareOf(small, ground.lab())));
  }

  /** Whether a colour would not be told from the ground. */
  static boolean isLike(Colour colour, Lab ground) {
    return colour.lab().differenceFrom(ground) < ALIKE;
  }

  private static double shareOf(Pixels picture, Lab ground) {
    Map<Integer, Boolean> like = new HashMap<>();
    long count = 0;
    for (int y = 0; y < picture.height(); y++) {
      for (int x = 0; x < picture.width(); x++) {
        int p = picture.at(x, y);
        if (p >>> 24 >= 128
            && like.computeIfAbsent(
                p & 0xFFFFFF,
                rgb -> isLike(Colour.ofRgb(rgb >> 16, rgb >> 8 & 0xFF, rgb & 0xFF), ground))) {
          count++;
        }
      }
    }
    return (double) count / ((long) picture.width() * picture.height());
  }
}
