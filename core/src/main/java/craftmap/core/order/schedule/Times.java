package craftmap.core.order.schedule;

import java.util.ArrayList;
import java.util.List;

/**
 * When each step begins, and who does it, by number: what a search that tries thousands of orders
 * holds in place of a schedule, which is made of what it keeps.
 */
final class Times {
  private final int[] from;
  private final int[] person;

  /**
   * Of each step, by number; from now on this alone holds them.
   *
   * @param from the minute it begins at
   * @param person who does it
   */
  Times(int[] from, int[] person) {
    this.from = from;
    this.person = person;
  }

  /**
   * Those of a schedule.
   *
   * @throws IllegalArgumentException where not every step stands in it
   */
  static Times of(Problem problem, Schedule schedule) {
    if (schedule.steps().size() != problem.size()) {
      throw new IllegalArgumentException(
          "impossible state: %d of %d steps stand in the schedule"
              .formatted(schedule.steps().size(), problem.size()));
    }
    Times times = new Times(new int[problem.size()], new int[problem.size()]);
    for (Placed p : schedule.steps()) {
      int step = problem.number(p.stepId());
      times.from[step] = p.from();
      times.person[step] = p.person();
    }
    return times;
  }

  int from(int step) {
    return from[step];
  }

  int person(int step) {
    return person[step];
  }

  /** Priorities that stand for the order in which everything is begun. */
  double[] keys() {
    double[] keys = new double[from.length];
    for (int i = 0; i < keys.length; i++) {
      keys[i] = -from[i];
    }
    return keys;
  }

  /**
   * The schedule.
   *
   * @param least no schedule ends sooner than this minute
   */
  Schedule schedule(Problem problem, int least) {
    List<Placed> all = new ArrayList<>();
    for (int i = 0; i < from.length; i++) {
      String id = problem.work().steps().get(i).id();
      all.add(new Placed(id, person[i], from[i], from[i] + problem.duration(i)));
    }
    return new Schedule(all, least);
  }
}
