package craftmap.core.order.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

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
    return Merit.of(problem, this).visits();
  }

  /**
   * How often whoever works takes another tool, or another colour, on the same day. What is done
   * already does not count.
   */
  public int changes(Problem problem) {
    return Merit.of(problem, this).changes();
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

  /**
   * What the artist fixed counts first, then the finish, then how often one has to come, then how
   * often another tool or colour is taken; then that little is otherwise than it was told, where it
   * was, and that all is done early.
   */
  public boolean isBetterThan(Schedule other, Problem problem) {
    return Merit.of(problem, this).isBetterThan(Merit.of(problem, other));
  }
}
