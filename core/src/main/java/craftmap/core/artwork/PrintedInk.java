package craftmap.core.artwork;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Lab;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Geometry;

/**
 * What of a clear carrier is printed, and so hides what lies under it. It is worked out when it is
 * first asked for: few prints ever lie on damage. Two are the same where they are of the same
 * picture and the same carrier.
 */
public final class PrintedInk {
  /** Damage is some millimetres wide; so many pixels are finer than that on any sheet. */
  private static final int LOOKED_AT = 300;

  private static final int HALF = 128;

  private final String of;
  private final Optional<Colour> bare;
  private final Supplier<Geometry> source;
  private volatile Geometry known;

  private PrintedInk(String of, Optional<Colour> bare, Supplier<Geometry> source) {
    this.of = of;
    this.bare = bare;
    this.source = source;
  }

  /**
   * Everything painted but what has the colour of the bare carrier.
   *
   * @param of which picture it is
   * @param drawing read when it is needed
   */
  public static PrintedInk of(String of, Supplier<Drawing> drawing, Optional<Colour> bare) {
    return new PrintedInk(
        of,
        bare,
        () -> {
          Drawing drawn = drawing.get();
          try {
            return drawn.ink(bare);
          } catch (RefusedInput tangledOrEmpty) {
            return area(drawn.pixels(LOOKED_AT), drawn.widthMm(), drawn.heightMm(), bare);
          }
        });
  }

  /**
   * The pixels that are there and have not the colour of the bare carrier.
   *
   * @param of which picture it is
   * @param picture read when it is needed
   * @param bare where it is not told, it is the ground that the picture itself shows
   */
  public static PrintedInk of(
      String of, Supplier<Pixels> picture, double widthMm, double heightMm, Optional<Colour> bare) {
    return new PrintedInk(
        of,
        bare,
        () -> {
          Pixels pixels = picture.get();
          Optional<Colour> carrier = bare.or(() -> Background.of(pixels).map(Background::colour));
          return area(pixels, widthMm, heightMm, carrier);
        });
  }

  /** In the coordinates of the sheet; may be empty. */
  public Geometry area() {
    Geometry area = known;
    if (area == null) {
      area = source.get();
      known = area;
    }
    return area;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof PrintedInk ink && ink.of.equals(of) && ink.bare.equals(bare);
  }

  @Override
  public int hashCode() {
    return Objects.hash(of, bare);
  }

  @Override
  public String toString() {
    return "ink of " + of + bare.map(c -> " but " + c.hex()).orElse("");
  }

  private static Geometry area(
      Pixels picture, double widthMm, double heightMm, Optional<Colour> bare) {
    Pixels small = picture.atMost(LOOKED_AT);
    double w = widthMm / small.width();
    double h = heightMm / small.height();
    Optional<Lab> carrier = bare.map(Colour::lab);
    Map<Integer, Boolean> printed = new HashMap<>();
    List<Geometry> runs = new ArrayList<>();
    for (int y = 0; y < small.height(); y++) {
      int from = -1;
      for (int x = 0; x <= small.width(); x++) {
        boolean ink = x < small.width() && isInk(small.at(x, y), carrier, printed);
        if (ink && from < 0) {
          from = x;
        } else if (!ink && from >= 0) {
          runs.add(Planar.polygon(new Box(from * w, y * h, (x - from) * w, h)));
          from = -1;
        }
      }
    }
    return Planar.union(runs);
  }

  private static boolean isInk(int argb, Optional<Lab> bare, Map<Integer, Boolean> printed) {
    return argb >>> 24 >= HALF
        && printed.computeIfAbsent(
            argb & 0xFFFFFF,
            rgb ->
                bare.isEmpty()
                    || !Background.isLike(
                        Colour.ofRgb(rgb >> 16, rgb >> 8 & 0xFF, rgb & 0xFF), bare.get()));
  }
}
