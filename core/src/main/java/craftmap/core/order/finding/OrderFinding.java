package craftmap.core.order.finding;

import craftmap.core.measure.Level;
import java.time.Duration;
import java.util.List;

/**
 * Something to mind about a schedule.
 *
 * @param stepId the step it is about
 * @param other the step that comes before or after it, where there is one
 * @param times what it is told by
 */
public record OrderFinding(Rule rule, String stepId, String other, List<Duration> times) {
  public OrderFinding {
    times = List.copyOf(times);
  }

  /** What can be found. */
  public enum Rule {
    /** What had to follow in time did not. */
    WINDOW_MISSED(Level.STOP),
    /** It should have been done by now. */
    LATE(Level.RISK),
    /** It has just dried when the next comes, in air that makes labels unsure. */
    BARELY_DRY(Level.RISK),
    /** The next has to follow within minutes. */
    SHORT_WINDOW(Level.TIP),
    /** It dries much longer than its label says. */
    SLOW_TO_DRY(Level.TIP);

    private final Level level;

    Rule(Level level) {
      this.level = level;
    }

    public Level level() {
      return level;
    }
  }
}
