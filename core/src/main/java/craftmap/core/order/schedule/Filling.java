package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import java.util.Arrays;

/**
 * An order in which hours are filled to their last minute. Whoever is free takes the most urgent of
 * what is ready; towards the end of a stretch they take those that together leave the least of it
 * idle. Where hands are full, what is left idle before a break is what the finish is lost by.
 *
 * <p>How a face must lie, and places to dry, are not looked at: what comes of it is an order, which
 * whoever puts steps down one by one keeps as far as it goes.
 */
final class Filling {
  /** So many ways of filling the rest of a stretch are looked at. */
  private static final int MOST_TRIED = 400;

  private static final int[] NOTHING = {};

  private final Problem problem;
  private final double[] urgency;
  private final int[] mostUrgentFirst;
  private final int ahead;

  private final int[] ready;
  private final int[] missing;
  private final int[] begins;
  private final int[] ends;

  /** Until when a step has to be begun that follows within a window of what stands. */
  private final int[] latest;

  private final int[] freeAt;

  /** The steps that have to be begun by a minute that is known. */
  private final int[] pressing;

  private int howManyPress;

  /** What would be done in the rest of a stretch, in turn. */
  private final int[] taken;

  private int howManyTaken;
  private final boolean[] isTaken;

  private int[] best = NOTHING;
  private int leastIdle;
  private int tried;

  private Filling(Problem problem, double[] urgency, int ahead) {
    int n = problem.size();
    this.problem = problem;
    this.urgency = urgency;
    this.mostUrgentFirst = Priorities.highestFirst(urgency);
    this.ahead = ahead;
    this.ready = new int[n];
    this.missing = new int[n];
    this.begins = new int[n];
    this.ends = new int[n];
    this.latest = new int[n];
    this.freeAt = new int[problem.people()];
    this.pressing = new int[n];
    this.taken = new int[n];
    this.isTaken = new boolean[n];
    Arrays.fill(begins, -1);
    Arrays.fill(latest, Openings.NEVER);
    Arrays.fill(freeAt, problem.notBefore());
    for (int i = 0; i < n; i++) {
      missing[i] = problem.before(i).size();
    }
  }

  /**
   * Priorities that stand for such an order, the highest first.
   *
   * @param urgency which of two steps is taken first where both could be
   * @param ahead so many minutes before the end of a stretch it is asked what fills it
   */
  static double[] order(Problem problem, double[] urgency, int ahead) {
    return new Filling(problem, urgency, ahead).order();
  }

  private double[] order() {
    for (int i = 0; i < missing.length; i++) {
      if (problem.isDone(i)) {
        put(i, problem.earliest(i, 0, 0));
      }
    }
    boolean goesOn = true;
    while (goesOn) {
      goesOn = next();
    }
    return Arrays.stream(begins).mapToDouble(b -> -(b < 0 ? Openings.NEVER : b)).toArray();
  }

  /** Puts down what can be begun first; false where nothing can be any more. */
  private boolean next() {
    int step = -1;
    int who = -1;
    int at = Openings.NEVER;
    for (int p = 0; p < freeAt.length; p++) {
      for (int i = 0; i < missing.length; i++) {
        if (!isOpen(i)) {
          continue;
        }
        int begin = begin(i, p, freeAt[p]);
        boolean sooner = begin < at || begin == at && p == who && isMoreUrgent(i, step);
        if (begin < Openings.NEVER && sooner && keepsWindows(i, begin)) {
          step = i;
          who = p;
          at = begin;
        }
      }
    }
    if (step < 0) {
      return false;
    }
    int end = problem.openings(who).endOfStretch(at);
    if (end - at > ahead) {
      put(step, at);
      freeAt[who] = ends[step];
    } else {
      fill(who, at, end);
    }
    return true;
  }

  private boolean isOpen(int step) {
    return begins[step] < 0 && missing[step] == 0;
  }

  private boolean isMoreUrgent(int step, int other) {
    boolean pressed = latest[step] < Openings.NEVER;
    return pressed == latest[other] < Openings.NEVER ? urgency[step] > urgency[other] : pressed;
  }

  /** When a person can begin it with its tool and its place free. */
  private int begin(int step, int person, int from) {
    int at = problem.earliest(step, person, Math.max(from, ready[step]));
    while (at < Openings.NEVER) {
      int until = at;
      for (int[] set : problem.exclusions().of(step)) {
        for (int other : set) {
          boolean both =
              begins[other] >= 0 && begins[other] < at + problem.duration(step) && ends[other] > at;
          until = both ? Math.max(until, ends[other]) : until;
        }
      }
      if (until == at) {
        return at;
      }
      at = problem.earliest(step, person, until);
    }
    return at;
  }

  /** Whether what has to follow it, and what one person has to do meanwhile, is still in time. */
  private boolean keepsWindows(int step, int begin) {
    int end = begin + problem.duration(step);
    if (freeAt.length == 1) {
      for (int k = 0; k < howManyPress; k++) {
        int j = pressing[k];
        if (j != step && isOpen(j) && end > latest[j]) {
          return false;
        }
      }
    }
    return canFollowFrom(step, end, end);
  }

  /** Whether what has to follow a step within a window can, by somebody who is free then. */
  private boolean canFollowFrom(int step, int end, int free) {
    for (Problem.Follow f : problem.after(step)) {
      if (f.atMost().isPresent()
          && problem.earliest(f.to(), Math.max(free, problem.ready(f, end)))
              > problem.fresh(f, end)) {
        return false;
      }
    }
    return true;
  }

  private void put(int step, int at) {
    begins[step] = at;
    ends[step] = at + problem.duration(step);
    for (Problem.Follow f : problem.after(step)) {
      missing[f.to()]--;
      ready[f.to()] = Math.max(ready[f.to()], problem.ready(f, ends[step]));
      if (f.atMost().isPresent()) {
        int by = problem.fresh(f, ends[step]);
        if (by < Openings.NEVER && latest[f.to()] == Openings.NEVER) {
          pressing[howManyPress++] = f.to();
        }
        latest[f.to()] = Math.min(latest[f.to()], by);
      }
    }
  }

  /** The rest of somebody's stretch. */
  private void fill(int who, int at, int end) {
    int[] may =
        Arrays.stream(mostUrgentFirst)
            .filter(i -> isOpen(i) && ready[i] < end && begin(i, who, at) < end)
            .toArray();
    best = NOTHING;
    leastIdle = Integer.MAX_VALUE;
    tried = 0;
    look(who, at, end, may, 0);
    int free = at;
    for (int step : best) {
      put(step, begin(step, who, free));
      free = ends[step];
    }
    freeAt[who] = end;
  }

  private void look(int who, int at, int end, int[] may, int idleSoFar) {
    if (idleSoFar + end - at < leastIdle && leavesInTime(who, end)) {
      leastIdle = idleSoFar + end - at;
      best = Arrays.copyOf(taken, howManyTaken);
    }
    for (int step : may) {
      if (leastIdle == 0 || tried > MOST_TRIED) {
        return;
      }
      if (isTaken[step]) {
        continue;
      }
      tried++;
      int begin = begin(step, who, at);
      int ends = begin + problem.duration(step);
      int idle = idleSoFar + begin - at;
      if (ends <= end
          && idle < leastIdle
          && keepsWindows(step, begin)
          && canFollowFrom(step, ends, end)) {
        taken[howManyTaken++] = step;
        isTaken[step] = true;
        look(who, ends, end, may, idle);
        isTaken[step] = false;
        howManyTaken--;
      }
    }
  }

  /** Whether what is not taken before the break can still follow in time after it. */
  private boolean leavesInTime(int who, int end) {
    for (int k = 0; k < howManyPress; k++) {
      int j = pressing[k];
      if (isOpen(j) && !isTaken[j] && problem.earliest(j, who, end) > latest[j]) {
        return false;
      }
    }
    return true;
  }
}
