package craftmap.core.order.schedule;

import java.util.Optional;

/**
 * Finds a schedule: one that ends as soon as can be, of those one that takes the fewest days, of
 * those one that begins everything early.
 */
public interface Scheduler {
  /** None where it does not go within the time that is looked at. */
  Optional<Schedule> schedule(Problem problem);
}
