package craftmap.core.order.schedule;

import craftmap.core.order.work.WorkStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * When everything is done.
 *
 * @param steps in the order in which they begin
 * @param least no schedule ends sooner than this minute
 */
public record Schedule(List<Placed> steps, int least) {
  private static final Comparator<Placed> BY_TIME =
      Comparator.comparingInt(Placed::from).thenComparing(Placed::stepId);

  public Schedule {
    steps = steps.stream().sorted(BY_TIME).toList();
  }

  /** The minute at which the last step ends. */
  public int finish() {
    return steps.stream().mapToInt(Placed::to).max().orElse(0);
  }

  /** Whether nothing can be sooner. */
  public boolean isProven() {
    return least >= finish();
  }

  public Optional<Placed> of(String stepId) {
    return steps.stream().filter(s -> s.stepId().equals(stepId)).findFirst();
  }

  /** On how many days somebody has to come for what is left. */
  public int visits(Problem problem) {
    Set<Integer> days = new HashSet<>();
    steps.stream()
        .filter(s -> s.from() >= problem.notBefore())
        .forEach(s -> days.add(problem.openings(s.person()).day(s.from())));
    return days.size();
  }

  /**
   * How often whoever works takes another tool, or another colour, on the same day. What is done
   * already does not count.
   */
  public int changes(Problem problem) {
    Map<Integer, WorkStep> last = new HashMap<>();
    Map<Integer, Integer> day = new HashMap<>();
    int changes = 0;
    for (Placed p : steps) {
      if (p.from() < problem.notBefore()) {
        continue;
      }
      WorkStep step = problem.step(p.stepId());
      int on = problem.openings(p.person()).day(p.from());
      WorkStep before = last.put(p.person(), step);
      boolean sameDay = Integer.valueOf(on).equals(day.put(p.person(), on));
      changes += sameDay && !before.kit().equals(step.kit()) ? 1 : 0;
    }
    return changes;
  }

  /** Steps that the artist fixed and that could not be begun then. */
  public List<String> moved(Problem problem) {
    List<String> moved = new ArrayList<>();
    for (int step : problem.fixed()) {
      String id = problem.work().steps().get(step).id();
      if (of(id).orElseThrow().from() != problem.fixed(step).orElseThrow()) {
        moved.add(id);
      }
    }
    return moved;
  }

  /** By how many minutes, all together, steps begin otherwise than they were told to. */
  long offWhatWasTold(Problem problem) {
    long off = 0;
    Map<String, Integer> begins = new HashMap<>();
    steps.forEach(p -> begins.put(p.stepId(), p.from()));
    for (int i = 0; i < problem.size(); i++) {
      int told = problem.told(i).orElse(-1);
      if (told >= 0) {
        off += Math.abs(begins.get(problem.work().steps().get(i).id()) - told);
      }
    }
    return off;
  }

  /**
   * What the artist fixed counts first, then the finish, then how often one has to come, then how
   * often another tool or colour is taken; then that little is otherwise than it was told, where it
   * was, and that all is done early.
   */
  public boolean isBetterThan(Schedule other, Problem problem) {
    return Comparator.<Schedule>comparingInt(s -> s.moved(problem).size())
            .thenComparingInt(Schedule::finish)
            .thenComparingInt(s -> s.visits(problem))
            .thenComparingInt(s -> s.changes(problem))
            .thenComparingLong(s -> problem.isPlannedAnew() ? s.offWhatWasTold(problem) : 0)
            .thenComparingLong(Schedule::sumOfStarts)
            .compare(this, other)
        < 0;
  }

  private long sumOfStarts() {
    return steps.stream().mapToLong(Placed::from).sum();
  }
}
