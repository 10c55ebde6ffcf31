package craftmap.core.coats;

import craftmap.core.measure.Times;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Mix;
import craftmap.core.medium.SoldBy;
import java.time.Duration;
import java.util.Optional;

/**
 * How so much of a medium is made ready: what goes into one batch, and how many batches there are.
 *
 * @param eachMl of one batch, before water
 * @param parts of one batch; none where it is one part
 * @param waterMl stirred into one batch
 * @param drops of hardener into one batch
 * @param potLife how long a batch can be used; none where nothing sets
 */
public record Recipe(
    int batches,
    double eachMl,
    Optional<Parts> parts,
    double waterMl,
    int drops,
    Optional<Duration> potLife) {
  /** What can be used as long as this is mixed for the day, and thrown away in the evening. */
  private static final Duration A_DAY = Duration.ofHours(8);

  private static final double[] SPOONS_ML = {15, 5, 2.5, 1.25};

  /** Nobody counts more spoons than this of one part. */
  private static final int MOST_SPOONS = 24;

  /** Parts as labels give them are whole in tenths. */
  private static final int TENTHS = 10;

  private static final double EXACT = 1e-9;

  /**
   * The two parts of one batch.
   *
   * @param first in grams where they are mixed by weight, else in millilitres
   * @param ratio as the label gives it
   */
  public record Parts(double first, double second, Mix ratio) {
    public SoldBy by() {
      return ratio.by();
    }
  }

  /** So many level spoons of each part: the ratio is exact, and a little more is made. */
  public record Spoons(int first, int second, double spoonMl, double madeMl) {}

  /**
   * For one coat, or one pouring.
   *
   * @param water in millilitres for all of it
   * @param pace how long it takes to lay all of it
   * @return none where it is used as it stands in its pot
   */
  public static Optional<Recipe> of(Medium medium, double ml, double water, Duration pace) {
    Optional<Mix> mix = medium.mixing().parts();
    double dropsPerMl = medium.mixing().dropsPer100Ml() / 100;
    if (!(ml > 0) || mix.isEmpty() && !(water > 0) && !(dropsPerMl > 0)) {
      return Optional.empty();
    }
    int batches =
        medium
            .mixing()
            .potLife()
            .filter(life -> pace.isPositive())
            .map(life -> Batches.of(ml, ml / Times.minutes(pace), life, mix).count())
            .orElse(1);
    return Optional.of(of(medium, batches, ml / batches, water / batches));
  }

  /** In batches that are given: as many as the mould is filled. */
  public static Optional<Recipe> inBatches(Medium medium, double ml, int batches) {
    return medium.mixing().parts().isEmpty() && !(medium.mixing().dropsPer100Ml() > 0)
        ? Optional.empty()
        : Optional.of(of(medium, batches, ml / batches, 0));
  }

  private static Recipe of(Medium medium, int batches, double eachMl, double waterMl) {
    return new Recipe(
        batches,
        eachMl,
        medium.mixing().parts().map(m -> parts(medium, m, eachMl)),
        waterMl,
        // a drop too little never sets
        (int) Math.ceil(medium.mixing().dropsPer100Ml() / 100 * eachMl - EXACT),
        medium.mixing().potLife());
  }

  private static Parts parts(Medium medium, Mix mix, double eachMl) {
    double all = mix.by() == SoldBy.WEIGHT ? eachMl * medium.mixing().densityGPerMl() : eachMl;
    return new Parts(all * mix.shareOfA(), all * (1 - mix.shareOfA()), mix);
  }

  /** Whether it is mixed for the day only. */
  public boolean isForTodayOnly() {
    return parts.isPresent() && potLife.filter(l -> l.compareTo(A_DAY) >= 0).isPresent();
  }

  /**
   * With spoons of one size, filled level: of the sizes there are the one that makes the least too
   * much. None by weight, or where it would be more spoons than anybody counts.
   */
  public Optional<Spoons> spoons() {
    if (parts.isEmpty() || parts.get().by() == SoldBy.WEIGHT) {
      return Optional.empty();
    }
    Mix ratio = parts.get().ratio();
    Optional<Spoons> best = Optional.empty();
    for (int times = 1; times <= TENTHS; times++) {
      double a = ratio.partA() * times;
      double b = ratio.partB() * times;
      if (isWhole(a) && isWhole(b)) {
        for (double spoon : SPOONS_ML) {
          double setMl = (a + b) * spoon;
          int sets = (int) Math.ceil(eachMl / setMl - EXACT);
          Spoons made =
              new Spoons(
                  (int) Math.round(a) * sets, (int) Math.round(b) * sets, spoon, sets * setMl);
          if (Math.max(made.first(), made.second()) <= MOST_SPOONS
              && best.filter(s -> s.madeMl() <= made.madeMl() + EXACT).isEmpty()) {
            best = Optional.of(made);
          }
        }
        return best;
      }
    }
    return best;
  }

  private static boolean isWhole(double figure) {
    return Math.abs(figure - Math.rint(figure)) < EXACT;
  }
}
