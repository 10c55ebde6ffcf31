package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import java.util.ArrayList;
import java.util.Comparator;
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
      if (placed.from() < now || problem.isDone(i) || problem.fixed(i).orElse(now) > now) {
        continue;
      }
      int ready = ready(problem, schedule, i);
      if (ready > now) {
        next = Math.min(next, ready);
      } else if (problem.duration(i) <= minutes
          && harmsNothing(problem, latest, schedule, i, now)) {
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
  static int ready(Problem problem, Schedule schedule, int step) {
    int ready = 0;
    for (Problem.Follow f : problem.before(step)) {
      Placed before = schedule.of(problem.work().steps().get(f.from()).id()).orElseThrow();
      ready = Math.max(ready, problem.ready(f, before.to()));
    }
    return ready;
  }

  /** Whether somebody has nothing else to do meanwhile, or nothing that could not wait so long. */
  private static boolean handsAreFree(
      Problem problem,
      Map<String, Integer> latest,
      Schedule schedule,
      String id,
      int now,
      int end) {
    for (int p = 0; p < problem.people(); p++) {
      int person = p;
      if (schedule.steps().stream()
          .filter(s -> s.person() == person && !s.stepId().equals(id))
          .filter(s -> s.from() >= problem.notBefore())
          .allMatch(s -> canWait(s, latest, now, end))) {
        return true;
      }
    }
    return false;
  }

  /** What is over, or may begin after a minute; what is under way cannot wait. */
  private static boolean canWait(Placed other, Map<String, Integer> latest, int now, int end) {
    return other.to() <= now || other.from() >= now && latest.get(other.stepId()) >= end;
  }

  /** Whether there is a place for what it leaves wet, beside all that is wet then. */
  private static boolean roomIsFree(Problem problem, Schedule schedule, int step, int end) {
    if (!problem.room().mayRunOut()) {
      return true;
    }
    WetThings others = WetThings.of(problem, schedule, step);
    return !others.isOverfull() && others.inTheWay(step, end).isEmpty();
  }

  /** Whether nothing is in its way, or put in the way by it, that the piece lies otherwise for. */
  private static boolean liesAsItNeeds(
      Problem problem, Schedule schedule, int step, int now, int end) {
    for (Problem.Lying l : problem.lying(step)) {
      Placed other = schedule.of(problem.work().steps().get(l.other()).id()).orElseThrow();
      if (other.from() < problem.firm(l.firm(), end)
          && problem.firm(l.otherFirm(), other.to()) > now) {
        return false;
      }
    }
    return true;
  }

  private static boolean harmsNothing(
      Problem problem, Map<String, Integer> latest, Schedule schedule, int step, int now) {
    int end = now + problem.duration(step);
    if (!problem.allows(step, Math.min(now, problem.minutes() - problem.duration(step)))) {
      return false;
    }
    String id = problem.work().steps().get(step).id();
    for (Placed other : schedule.steps()) {
      if (!other.stepId().equals(id)
          && problem.exclusions().exclude(step, problem.number(other.stepId()))
          && !canWait(other, latest, now, end)) {
        return false;
      }
    }
    if (!handsAreFree(problem, latest, schedule, id, now, end)
        || !roomIsFree(problem, schedule, step, end)
        || !liesAsItNeeds(problem, schedule, step, now, end)) {
      return false;
    }
    // what has to follow in time would have to follow sooner
    for (Problem.Follow f : problem.after(step)) {
      if (latest.get(problem.work().steps().get(f.to()).id()) > problem.fresh(f, end)) {
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
