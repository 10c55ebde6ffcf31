package craftmap.core.log;

import craftmap.core.measure.Times;
import java.time.Duration;
import java.util.Optional;

/**
 * How much of a kind of work something is.
 *
 * @param amount in what the skill is told by
 * @param aside minutes of it that go by nothing: getting out, cleaning up, setting out
 * @param planned minutes that one of the amount is planned to take
 * @param typical minutes that it takes while nothing is learned
 */
public record Effort(Skill skill, double amount, double aside, double planned, double typical) {
  /**
   * Told by more than this many times what is typical, or by so much less, something else happened
   * than the work: a clock that ran on, or was started late.
   */
  private static final double BELIEVED = 4;

  /** All of it. */
  public Duration time() {
    return Times.ofMinutes(aside + amount * planned);
  }

  /** A part of it. */
  public Effort share(double part) {
    return new Effort(skill, amount * part, aside * part, planned, typical);
  }

  /** What minutes it took say of the skill; none where they are less than what goes by nothing. */
  public Optional<Observation> took(double minutes) {
    double each = (minutes - aside) / amount;
    return each > 0 && Double.isFinite(each)
        ? Optional.of(Observation.of(skill.topic(), each, isBelieved(each / typical)))
        : Optional.empty();
  }

  static boolean isBelieved(double ratio) {
    return ratio <= BELIEVED && ratio >= 1 / BELIEVED;
  }
}
