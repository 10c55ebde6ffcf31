package craftmap.core.coats;

import craftmap.core.measure.Times;
import craftmap.core.medium.Mix;
import java.time.Duration;
import java.util.Optional;

/**
 * What is mixed at once. No batch is larger than what can be laid in three quarters of the time in
 * which it can be used.
 *
 * @param parts it is mixed in; none where it is only stirred
 */
public record Batches(int count, double eachMl, Duration potLife, Optional<Mix> parts) {
  /** Of the pot life, so that the last of a batch still flows. */
  public static final double OF_POT_LIFE = 0.75;

  /** A whole batch too many is not made for a rounding error. */
  private static final double EXACT = 1e-9;

  /**
   * As few as can be.
   *
   * @param mlPerMinute how fast it is laid
   */
  public static Batches of(double ml, double mlPerMinute, Duration potLife, Optional<Mix> parts) {
    double atOnceMl = mlPerMinute * Times.minutes(potLife) * OF_POT_LIFE;
    int count = Math.max(1, (int) Math.ceil(ml / atOnceMl - EXACT));
    return new Batches(count, ml / count, potLife, parts);
  }

  /** The same for each of several coats. */
  Batches times(int coats) {
    return new Batches(count * coats, eachMl, potLife, parts);
  }
}
