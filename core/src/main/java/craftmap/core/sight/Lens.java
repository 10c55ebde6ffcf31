package craftmap.core.sight;

/**
 * What a lens does to straight lines, by one figure: a spot at a distance r from the middle of the
 * photo, as a share of half its diagonal, stands at r (1 + k r²) where lines are straight. Above
 * nothing straight lines bow outwards as through the wide lens of a telephone.
 */
public record Lens(int widthPx, int heightPx, double bulge) {
  /** More is a fisheye, not the lens of a telephone. */
  public static final double MOST = 0.2;

  private static final int STEPS = 12;

  /** Without any. */
  public static Lens straight(int widthPx, int heightPx) {
    return new Lens(widthPx, heightPx, 0);
  }

  public Lens {
    if (widthPx < 1 || heightPx < 1 || Math.abs(bulge) > MOST) {
      throw new IllegalArgumentException(
          "no lens: " + widthPx + " x " + heightPx + ", bulge " + bulge);
    }
  }

  double halfDiagonalPx() {
    return Math.hypot(widthPx, heightPx) / 2;
  }

  /** Where it would stand if lines were straight. */
  public Spot straighten(Spot seen) {
    double dx = seen.xPx() - widthPx / 2.0;
    double dy = seen.yPx() - heightPx / 2.0;
    double r = Math.hypot(dx, dy) / halfDiagonalPx();
    double by = 1 + bulge * r * r;
    return new Spot(widthPx / 2.0 + dx * by, heightPx / 2.0 + dy * by);
  }

  /** The other way round. */
  public Spot bend(Spot straight) {
    double dx = straight.xPx() - widthPx / 2.0;
    double dy = straight.yPx() - heightPx / 2.0;
    double r = Math.hypot(dx, dy) / halfDiagonalPx();
    double by = r == 0 ? 1 : bent(bulge, r) / r;
    return new Spot(widthPx / 2.0 + dx * by, heightPx / 2.0 + dy * by);
  }

  /** The r for which r (1 + k r²) is what is asked, by Newton's steps. */
  static double bent(double bulge, double straight) {
    // where the lens turns back on itself nothing is seen: the last that is
    double farthest = bulge < 0 ? 0.99 / Math.sqrt(-3 * bulge) : Double.MAX_VALUE;
    double r = Math.min(straight, farthest);
    for (int i = 0; i < STEPS; i++) {
      double off = r * (1 + bulge * r * r) - straight;
      r = Math.clamp(r - off / (1 + 3 * bulge * r * r), 0, farthest);
    }
    return r;
  }
}
