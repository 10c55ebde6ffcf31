package craftmap.core.order.finding;

import craftmap.core.measure.Level;
import craftmap.core.order.work.Thing;
import java.time.Duration;
import java.util.List;

/**
 * Something to mind about a schedule.
 *
 * @param stepId the step it is about
 * @param other the step that comes before or after it, where there is one
 * @param times what it is told by
 * @param count how many days, where it is told by that
 * @param things what it is about, where it is not all that the step works on
 * @param mends what ends it, the best first
 */
public record OrderFinding(
    Rule rule,
    String stepId,
    String other,
    List<Duration> times,
    int count,
    List<Thing> things,
    List<OrderMend> mends) {
  public OrderFinding {
    times = List.copyOf(times);
    things = List.copyOf(things);
    mends = List.copyOf(mends);
  }

  public static OrderFinding of(Rule rule, String stepId, String other, Duration... times) {
    return new OrderFinding(rule, stepId, other, List.of(times), 0, List.of(), List.of());
  }

  public OrderFinding mended(OrderMend... by) {
    return new OrderFinding(rule, stepId, other, times, count, things, List.of(by));
  }

  public OrderFinding counting(int days) {
    return new OrderFinding(rule, stepId, other, times, days, things, mends);
  }

  public OrderFinding about(List<Thing> what) {
    return new OrderFinding(rule, stepId, other, times, count, what, mends);
  }

  /** What can be found. */
  public enum Rule {
    /** What had to follow in time did not. */
    WINDOW_MISSED(Level.STOP),
    /** It was fixed to a time at which what is under it is not dry enough. */
    FIXED_TOO_SOON(Level.STOP),
    /** A mix goes off before it is used up. */
    POT_LIFE(Level.STOP),
    /** Paste is no longer open when the pattern goes in. */
    EMBOSS_WET(Level.STOP),
    /** It is ready after the day on which it is wanted. */
    AFTER_PROMISE(Level.STOP),
    /** It was done before what is under it was dry enough. */
    DONE_TOO_SOON(Level.RISK),
    /** It should have been done by now. */
    LATE(Level.RISK),
    /** It has just dried when the next comes, in air that makes labels unsure. */
    BARELY_DRY(Level.RISK),
    /** It gets colder than its label allows before it is touch-dry. */
    COLD_NIGHT(Level.RISK),
    /** It is wanted before it has cured. */
    CURE_BEFORE_USE(Level.RISK),
    /** What is mixed keeps a day, and more than one day needs it. */
    CASEIN_FRESH(Level.RISK),
    /** What it leaves wet finds room on none of the places to dry. */
    NO_PLACE_TO_DRY(Level.RISK),
    /** An order that was asked for cannot be. */
    ORDER_UNKEPT(Level.RISK),
    /** It was fixed to a time at which nobody is free for it. */
    FIXED_MOVED(Level.TIP),
    /** It cannot be blended in one go while it is wet. */
    BLEND_WET(Level.TIP),
    /** It waits for warmer, or drier, air. */
    WAITS_FOR_WARMTH(Level.TIP),
    /** It waits so that what has to follow it in time can. */
    HELD_FOR_WINDOW(Level.TIP),
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
