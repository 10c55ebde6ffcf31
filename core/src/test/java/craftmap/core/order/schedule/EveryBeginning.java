package craftmap.core.order.schedule;

import craftmap.core.order.work.Thing;

/**
 * The least finish of one pair of hands, found by trying every minute at which each step may begin.
 * What was fixed begins when it was fixed.
 */
final class EveryBeginning {
  private EveryBeginning() {}

  /** Larger than any minute where it does not go. */
  static int least(Problem problem) {
    int[] best = {Integer.MAX_VALUE};
    int[] begins = new int[problem.size()];
    beginnings(problem, begins, 0, best);
    return best[0];
  }

  private static void beginnings(Problem problem, int[] begins, int step, int[] best) {
    if (step == begins.length) {
      int finish = 0;
      for (int i = 0; i < step; i++) {
        finish = Math.max(finish, begins[i] + problem.duration(i));
      }
      best[0] = Math.min(best[0], finish);
      return;
    }
    for (var o : problem.openings(0).all()) {
      int last = Math.min(o.to(), best[0] - 1) - problem.duration(step);
      for (int at = o.from(); at <= last; at++) {
        begins[step] = at;
        if (fits(problem, begins, step)) {
          beginnings(problem, begins, step + 1, best);
          last = Math.min(last, best[0] - 1 - problem.duration(step));
        }
      }
    }
  }

  private static boolean fits(Problem problem, int[] begins, int step) {
    int at = begins[step];
    int end = at + problem.duration(step);
    for (int other = 0; other < step; other++) {
      if (begins[other] < end && begins[other] + problem.duration(other) > at) {
        return false;
      }
    }
    for (Problem.Follow f : problem.before(step)) {
      if (f.from() < step && !follows(problem, f, begins)) {
        return false;
      }
    }
    for (Problem.Follow f : problem.after(step)) {
      if (f.to() < step && !follows(problem, f, begins)) {
        return false;
      }
    }
    for (Problem.Lying l : problem.lying(step)) {
      if (l.other() < step && !lieApart(problem, l, begins)) {
        return false;
      }
    }
    int fixed = problem.fixed(step).orElse(at);
    return at == fixed && findsRoom(problem, begins, step);
  }

  /** Whether what the steps so far leave wet finds room; with more of them it never does sooner. */
  private static boolean findsRoom(Problem problem, int[] begins, int last) {
    Lying lying = new Lying();
    for (int step = 0; step <= last; step++) {
      int end = begins[step] + problem.duration(step);
      int dry = problem.movable(step, end);
      for (Thing thing : problem.work().wetAfter(problem.work().steps().get(step))) {
        if (problem.bench().dryingPlaces().stream().anyMatch(p -> p.holds(thing.size()))) {
          lying.add(thing, end, dry);
        }
      }
    }
    return lying.findsRoom(problem.bench().dryingPlaces());
  }

  private static boolean lieApart(Problem problem, Problem.Lying l, int[] begins) {
    int end = begins[l.step()] + problem.duration(l.step());
    int otherEnd = begins[l.other()] + problem.duration(l.other());
    return begins[l.other()] >= problem.firm(l.firm(), end)
        || begins[l.step()] >= problem.firm(l.otherFirm(), otherEnd);
  }

  private static boolean follows(Problem problem, Problem.Follow f, int[] begins) {
    int end = begins[f.from()] + problem.duration(f.from());
    return begins[f.to()] >= problem.ready(f, end) && begins[f.to()] <= problem.fresh(f, end);
  }
}
