package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What can be done with some minutes that one has: steps that may begin, fit, and put nothing off.
 *
 * @param steps the best first: what can wait the least, then what uses the minutes best
 * @param next when anything can be begun, where nothing can now
 */
public record WhatNow(List<String> steps, int next) {
  public WhatNow {
    steps = List.copyOf(steps);
  }

  public static WhatNow of(Problem problem, Schedule schedule, int now, int minutes) {
    Map<String, Integer> latest = Slack.latestBeginnings(problem, schedule);
    List<Placed> may = new ArrayList<>();
    int next = Openings.NEVER;
    for (int i = 0; i < problem.size(); i++) {
      Placed placed = schedule.of(problem.work().steps().get(i).id()).orElseThrow();
      if (placed.from() < now || problem.isDone(i)) {
        continue;
      }
      int ready = ready(problem, schedule, i);
      if (ready > now) {
        next = Math.min(next, ready);
      } else if (problem.duration(i) <= minutes && harmsNothing(problem, schedule, i, now)) {
        may.add(placed);
      }
    }
    may.sort(
        Comparator.<Placed>comparingInt(p -> latest.get(p.stepId()))
            .thenComparing(Comparator.<Placed>comparingInt(p -> p.to() - p.from()).reversed())
            .thenComparing(Placed::stepId));
    return new WhatNow(may.stream().map(Placed::stepId).toList(), next);
  }

  /** When all before it is done and dry; what is not begun by then does not count as done. */
  private static int ready(Problem problem, Schedule schedule, int step) {
    int ready = 0;
    for (Problem.Follow f : problem.before(step)) {
      Placed before = schedule.of(problem.work().steps().get(f.from()).id()).orElseThrow();
      ready = Math.max(ready, problem.ready(f, before.to()));
    }
    return ready;
  }

  private static boolean harmsNothing(Problem problem, Schedule schedule, int step, int now) {
    int end = now + problem.duration(step);
    if (!problem.allows(step, Math.min(now, problem.minutes() - problem.duration(step)))) {
      return false;
    }
    Map<String, Integer> numbers = new HashMap<>();
    for (int i = 0; i < problem.size(); i++) {
      numbers.put(problem.work().steps().get(i).id(), i);
    }
    String id = problem.work().steps().get(step).id();
    for (Placed other : schedule.steps()) {
      boolean then = other.from() < end && other.to() > now && !other.stepId().equals(id);
      boolean excluded = problem.excludes(step, numbers.get(other.stepId()));
      if (then && excluded) {
        return false;
      }
    }
    // what has to follow in time would have to follow sooner
    for (Problem.Follow f : problem.after(step)) {
      int begins = schedule.of(problem.work().steps().get(f.to()).id()).orElseThrow().from();
      if (begins > problem.fresh(f, end)) {
        return false;
      }
    }
    for (Problem.Follow f : problem.before(step)) {
      int ended = schedule.of(problem.work().steps().get(f.from()).id()).orElseThrow().to();
      if (now > problem.fresh(f, ended)) {
        return false;
      }
    }
    return true;
  }
}
