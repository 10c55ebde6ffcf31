package craftmap.core.order.work;

import java.time.Duration;
import java.util.Optional;

/**
 * What is used in a step, as far as a clock and a thermometer go.
 *
 * @param mediumId whose label says so, with its colour; empty where nothing out of a pot is used
 * @param minimumCelsius the coldest it may be put on at, and form its film at
 * @param potLife how long a mix of it can be used
 * @param workable while what is put on has to be worked: blended, or pressed into
 * @param aside of the step, getting out and cleaning what it is put on with: no mix stands then
 * @param keepsADay whether what is mixed is of no use the next day
 * @param cured when it bears what the label promises
 */
public record Material(
    String mediumId,
    double minimumCelsius,
    Optional<Dry> potLife,
    Optional<Dry> workable,
    Duration aside,
    boolean keepsADay,
    Optional<Dry> cured) {
  /** What may be done in any cold that one can work in. */
  public static final double ANY_COLD = -100;

  /** So much of a pot life is used at most: the last of it is thick already. */
  public static final double OF_POT_LIFE = 0.75;

  public static final Material NONE =
      new Material(
          "", ANY_COLD, Optional.empty(), Optional.empty(), Duration.ZERO, false, Optional.empty());

  /** How long a batch of it may be worked, by its label. */
  public Optional<Dry> batch() {
    return potLife.map(
        p -> p.lasting(Duration.ofSeconds(Math.round(p.label().toSeconds() * OF_POT_LIFE))));
  }
}
