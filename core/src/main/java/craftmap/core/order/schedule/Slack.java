package craftmap.core.order.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How much later each step may begin with everything still ending when it does, the order of what
 * excludes each other kept: with all of them as late as that the schedule can still be worked.
 */
public final class Slack {
  private final Problem problem;
  private final Map<String, Integer> latest = new HashMap<>();

  private Slack(Problem problem) {
    this.problem = problem;
  }

  /** In minutes from the beginning, by step. */
  public static Map<String, Integer> latestBeginnings(Problem problem, Schedule schedule) {
    Slack slack = new Slack(problem);
    slack.work(schedule);
    return Map.copyOf(slack.latest);
  }

  private void work(Schedule schedule) {
    int finish = schedule.finish();
    boolean fixed = problem.room().mayRunOut() || problem.isTurned();
    List<Placed> backwards = new ArrayList<>(schedule.steps());
    backwards.sort(Comparator.comparingInt(Placed::from).reversed().thenComparing(Placed::stepId));
    for (Placed placed : backwards) {
      int step = problem.number(placed.stepId());
      if (problem.isDone(step) || problem.fixed(step).orElse(-1) == placed.from()) {
        latest.put(placed.stepId(), placed.from());
        continue;
      }
      // where places run out, or a piece is turned, what lies about longer is in another's way
      int end = fixed ? placed.to() : finish;
      for (Problem.Follow f : problem.after(step)) {
        String next = problem.work().steps().get(f.to()).id();
        int by = latest.get(next);
        int most = Math.max(placed.to(), by);
        end = Math.min(end, Deadlines.lastEnd(problem, f, placed.to(), most, by));
      }
      for (Placed other : schedule.steps()) {
        boolean later = other.from() >= placed.to() && !other.stepId().equals(placed.stepId());
        if (later && excludes(step, placed, problem.number(other.stepId()), other)) {
          end = Math.min(end, latest.get(other.stepId()));
        }
      }
      int begin = end - problem.duration(step);
      for (Problem.Follow f : problem.before(step)) {
        if (f.atMost().isPresent()) {
          String before = problem.work().steps().get(f.from()).id();
          begin = Math.min(begin, problem.fresh(f, schedule.of(before).orElseThrow().to()));
        }
      }
      begin = problem.latest(step, placed.person(), begin + problem.duration(step));
      latest.put(placed.stepId(), Math.max(begin, placed.from()));
    }
  }

  private boolean excludes(int step, Placed placed, int other, Placed otherPlaced) {
    return placed.person() == otherPlaced.person() || problem.exclusions().exclude(step, other);
  }
}
