package craftmap.core.order.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A step that begins otherwise than it was told to.
 *
 * @param before when it was told to begin
 * @param after when it begins now
 */
public record Moved(String stepId, Instant before, Instant after) {
  /** By how much, be it sooner or later. */
  public Duration by() {
    return Duration.between(before, after).abs();
  }

  /**
   * Those of what is left, in the order in which they begin now.
   *
   * @param told when steps were told to begin, by id; what was not told then is new, not moved
   */
  public static List<Moved> of(Problem problem, Schedule schedule, Map<String, Instant> told) {
    Map<String, Instant> left = new HashMap<>();
    for (int i = 0; i < problem.size(); i++) {
      String id = problem.work().steps().get(i).id();
      if (!problem.isDone(i) && told.containsKey(id)) {
        left.put(id, told.get(id));
      }
    }
    List<Moved> moved = new ArrayList<>();
    for (Placed p : schedule.steps()) {
      Instant before = left.get(p.stepId());
      Instant after = problem.instant(p.from());
      if (before != null && !before.equals(after)) {
        moved.add(new Moved(p.stepId(), before, after));
      }
    }
    return moved;
  }
}
