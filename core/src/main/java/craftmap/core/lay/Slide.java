package craftmap.core.lay;

import craftmap.core.surface.Blemish;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.locationtech.jts.geom.Geometry;

/**
 * Finds where, within its freedom, a lay hides the most damage. The freedom is tried in even steps,
 * finely enough that no blemish is stepped over, then the best step again ten times finer; of two
 * places that hide as much the one nearer to where the lay stood counts.
 */
public final class Slide {
  private static final int MOST_STEPS = 240;
  private static final int FINER = 10;
  private static final double STEPS_PER_BLEMISH = 6;

  /** Less than this is nothing gained, in mm2. */
  private static final double WORTH_MM2 = 0.5;

  private Slide() {}

  /** The best place; none where sliding hides no more than standing still. */
  public static Optional<Double> along(
      double from,
      double to,
      double stands,
      DoubleFunction<List<Item>> at,
      List<Blemish> blemishes) {
    if (!(to > from) || blemishes.isEmpty()) {
      return Optional.empty();
    }
    double smallest = blemishes.stream().mapToDouble(Blemish::diameterMm).min().orElseThrow();
    int steps =
        (int) Math.clamp(Math.ceil((to - from) / smallest * STEPS_PER_BLEMISH), 1, MOST_STEPS);
    double step = (to - from) / steps;
    Best best = new Best(stands, coveredMm2(at.apply(stands), blemishes));
    double still = best.covered;
    for (int i = 0; i <= steps; i++) {
      best = best.or(from + i * step, stands, at, blemishes);
    }
    double about = best.place;
    for (int i = -FINER; i <= FINER; i++) {
      double place = Math.clamp(about + i * step / FINER, from, to);
      best = best.or(place, stands, at, blemishes);
    }
    return best.covered > still + WORTH_MM2 ? Optional.of(best.place) : Optional.empty();
  }

  private record Best(double place, double covered) {
    Best or(double other, double stands, DoubleFunction<List<Item>> at, List<Blemish> blemishes) {
      double there = coveredMm2(at.apply(other), blemishes);
      boolean better =
          there > covered + WORTH_MM2 / FINER
              || (there > covered - WORTH_MM2 / FINER
                  && Math.abs(other - stands) < Math.abs(place - stands));
      return better ? new Best(other, there) : this;
    }
  }

  /** How much of all blemishes lies under prints. */
  public static double coveredMm2(List<Item> items, List<Blemish> blemishes) {
    double covered = 0;
    for (Blemish blemish : blemishes) {
      Geometry disc = BlemishCover.disc(blemish);
      for (Item item : items) {
        if (item.visibleArea().getEnvelopeInternal().intersects(disc.getEnvelopeInternal())) {
          covered += item.hidden(disc).getArea();
        }
      }
    }
    return covered;
  }
}
