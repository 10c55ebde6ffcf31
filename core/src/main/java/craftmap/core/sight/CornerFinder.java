package craftmap.core.sight;

import craftmap.core.artwork.Pixels;
import java.util.Optional;

/**
 * Finds the corner that somebody pointed at: the place near by that all strong edges around it run
 * through, after Förstner and Gülch (1987), to a part of a pixel.
 */
public final class CornerFinder {
  /** Farther than this a hand does not miss what it points at. */
  public static final int MOST_REACH_PX = 120;

  /** Edges fainter than this, in steps of grey, are grain and shadow. */
  private static final double FAINTEST = 4;

  private static final int NEAR = 3;
  private static final int AROUND = 7;
  private static final int STEPS = 12;

  /** In how far edges have to run more than one way. */
  private static final double LEAST_CORNER = 0.03;

  private CornerFinder() {}

  /** None where no two edges cross within reach. */
  public static Optional<Spot> near(Pixels photo, Spot pointedAt, double reachPx) {
    int reach = (int) Math.ceil(Math.min(reachPx, MOST_REACH_PX));
    int margin = reach + AROUND + 2;
    int left = (int) Math.floor(pointedAt.xPx()) - margin;
    int top = (int) Math.floor(pointedAt.yPx()) - margin;
    Greys greys = Greys.of(photo, left, top, 2 * margin + 1, 2 * margin + 1);
    double atX = pointedAt.xPx() - left;
    double atY = pointedAt.yPx() - top;
    double best = 0;
    int bestX = 0;
    int bestY = 0;
    for (int y = margin - reach; y <= margin + reach; y++) {
      for (int x = margin - reach; x <= margin + reach; x++) {
        double away = Math.hypot(x + 0.5 - atX, y + 0.5 - atY) / reachPx;
        if (away > 1) {
          continue;
        }
        Edges edges = Edges.around(greys, x + 0.5, y + 0.5, NEAR);
        double strength = edges.strength() * Math.exp(-2 * away * away);
        if (edges.isCorner() && strength > best) {
          best = strength;
          bestX = x;
          bestY = y;
        }
      }
    }
    if (best == 0) {
      return Optional.empty();
    }
    return Optional.of(refined(greys, bestX + 0.5, bestY + 0.5))
        .map(s -> new Spot(s.xPx() + left, s.yPx() + top));
  }

  /** Where the edges around it cross; stays where it is if that runs away. */
  private static Spot refined(Greys greys, double fromX, double fromY) {
    double x = fromX;
    double y = fromY;
    for (int i = 0; i < STEPS; i++) {
      Optional<Spot> next = Edges.around(greys, x, y, AROUND).crossing();
      if (next.isEmpty() || next.get().distancePx(new Spot(fromX, fromY)) > NEAR + 1) {
        return new Spot(x, y);
      }
      double moved = next.get().distancePx(new Spot(x, y));
      x = next.get().xPx();
      y = next.get().yPx();
      if (moved < 0.01) {
        break;
      }
    }
    return new Spot(x, y);
  }

  /** The edges around a place: sums over them, weighted towards the middle. */
  private record Edges(double xx, double xy, double yy, double bx, double by, double weight) {
    static Edges around(Greys greys, double midX, double midY, int radius) {
      double xx = 0;
      double xy = 0;
      double yy = 0;
      double bx = 0;
      double by = 0;
      double weight = 0;
      int fromX = (int) Math.floor(midX);
      int fromY = (int) Math.floor(midY);
      for (int y = fromY - radius; y <= fromY + radius; y++) {
        for (int x = fromX - radius; x <= fromX + radius; x++) {
          double px = x + 0.5;
          double py = y + 0.5;
          double d = Math.hypot(px - midX, py - midY) / radius;
          double w = Math.exp(-2 * d * d);
          double gx = greys.across(x, y);
          double gy = greys.down(x, y);
          xx += w * gx * gx;
          xy += w * gx * gy;
          yy += w * gy * gy;
          bx += w * (gx * gx * px + gx * gy * py);
          by += w * (gx * gy * px + gy * gy * py);
          weight += w;
        }
      }
      return new Edges(xx, xy, yy, bx, by, weight);
    }

    private double determinant() {
      return xx * yy - xy * xy;
    }

    /** How strong the weaker of two crossing edges is. */
    double strength() {
      return xx + yy == 0 ? 0 : determinant() / (xx + yy) / weight;
    }

    boolean isCorner() {
      double trace = xx + yy;
      return strength() > FAINTEST && 4 * determinant() > LEAST_CORNER * trace * trace;
    }

    Optional<Spot> crossing() {
      double det = determinant();
      return det <= 0
          ? Optional.empty()
          : Optional.of(new Spot((yy * bx - xy * by) / det, (xx * by - xy * bx) / det));
    }
  }
}
