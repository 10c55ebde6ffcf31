package craftmap.core.log;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;

/**
 * Something that was seen once.
 *
 * @param low the least that it may have been
 * @param high the most that it may have been; the same where it was measured
 * @param counts whether it is believed: what is out of all proportion is kept, and not counted
 */
public record Observation(Topic topic, double low, double high, boolean counts) {
  /** Where nothing is known of how long something might have taken. */
  public static final double FOR_EVER = 1e9;

  public Observation {
    if (!(low <= high) || !(low >= 0)) {
      throw new IllegalArgumentException("impossible state: seen between " + low + ", " + high);
    }
  }

  static Observation of(Topic topic, double value, boolean counts) {
    return new Observation(topic, value, value, counts);
  }

  /**
   * What was used of what was planned.
   *
   * @param planned the figure that the plan went by, which grows as less is used
   */
  public static Observation went(Topic topic, double planned, double plannedMl, double usedMl) {
    double ratio = plannedMl / usedMl;
    return of(topic, planned * ratio, Effort.isBelieved(ratio));
  }

  /** The same of a figure that grows as more is used. */
  public static Observation took(Topic topic, double planned, double plannedMl, double usedMl) {
    double ratio = usedMl / plannedMl;
    return of(topic, planned * ratio, Effort.isBelieved(ratio));
  }

  /** It hid after so many coats, and not before. */
  public static Observation hid(String mediumId, Colour under, Colour paint, int coats) {
    Covering.Shares shares = Covering.sharesOf(under, paint, coats);
    return new Observation(Topic.hides(mediumId), shares.least(), shares.most(), true);
  }

  /**
   * It was found dry, or not dry yet.
   *
   * @param ratio of the time its label says, at the climate it had
   * @param wetUntil the last ratio at which it was found wet; 0 where nobody looked
   */
  public static Observation dry(String mediumId, double wetUntil, double ratio) {
    return new Observation(
        Topic.dries(mediumId), Math.min(wetUntil, ratio), ratio, ratio >= 1.0 / 8 && wetUntil <= 8);
  }

  public static Observation wet(String mediumId, double ratio) {
    return new Observation(Topic.dries(mediumId), ratio, FOR_EVER, ratio <= 8);
  }
}
