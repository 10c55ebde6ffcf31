package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import craftmap.core.order.work.Dry;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;

/**
 * Puts one step after the other where it goes first, by priority; what has to follow within a
 * window is put down along with what it follows, and both are moved on until it does.
 */
final class ByPriority {
  private static final int TRIES_FOR_A_WINDOW = 400;

  private final Problem problem;
  private final int[] from;
  private final int[] person;
  private final boolean[] placed;

  /** Of each step: how many of those before it do not stand yet. */
  private final int[] missing;

  /** What ends later than this is of no use. */
  private final int by;

  /** What the artist fixed, and whose time nothing else may take before it is put there. */
  private final boolean[] held;

  private final OfPerson[] own;

  /** Where what is wet lies, where there may not be room for all. */
  private final Optional<WetThings> wet;

  private ByPriority(Problem problem, int by) {
    int n = problem.size();
    this.problem = problem;
    this.by = by;
    this.from = new int[n];
    this.person = new int[n];
    this.placed = new boolean[n];
    this.held = new boolean[n];
    this.missing = new int[n];
    for (int i = 0; i < n; i++) {
      missing[i] = problem.before(i).size();
    }
    this.wet = problem.room().mayRunOut() ? Optional.of(new WetThings(problem)) : Optional.empty();
    this.own = new OfPerson[problem.people()];
    Arrays.setAll(own, who -> new OfPerson());
  }

  /**
   * A schedule.
   *
   * @param keys priorities, the highest first among what may be put down
   * @param least no schedule ends sooner than this minute
   * @return none where something goes nowhere
   */
  static Optional<Schedule> put(Problem problem, double[] keys, int least) {
    return put(problem, keys).map(times -> times.schedule(problem, least));
  }

  /** The same, as times. */
  static Optional<Times> put(Problem problem, double[] keys) {
    return new ByPriority(problem, Openings.NEVER).putAll(keys);
  }

  /** The same where it could be better than another; given up as soon as it cannot any more. */
  static Optional<Times> better(Problem problem, double[] keys, Merit than) {
    // of what is fixed more may begin in time, be all of it ready later
    int by = problem.fixed().isEmpty() ? than.finish() : Openings.NEVER;
    return new ByPriority(problem, by).putAll(keys);
  }

  private Optional<Times> putAll(double[] keys) {
    putWhatIsDone();
    holdWhatIsFixed();
    int[] left = Priorities.highestFirst(keys);
    int still = stillLeft(left, left.length);
    while (still > 0) {
      if (!place(next(left, still))) {
        return Optional.empty();
      }
      still = stillLeft(left, still);
    }
    return Optional.of(new Times(from, person));
  }

  private int next(int[] left, int still) {
    for (int i = 0; i < still; i++) {
      if (mayBePlaced(left[i])) {
        return left[i];
      }
    }
    throw new IllegalStateException("steps wait for each other in a ring");
  }

  /** Moves what is left together, and says how many they are. */
  private int stillLeft(int[] left, int before) {
    int still = 0;
    for (int i = 0; i < before; i++) {
      if (!placed[left[i]]) {
        left[still++] = left[i];
      }
    }
    return still;
  }

  /** It stands where it stood, and is in nobody's way any more. */
  private void putWhatIsDone() {
    for (int i = 0; i < from.length; i++) {
      if (problem.isDone(i)) {
        from[i] = problem.earliest(i, 0, 0);
        stand(i);
        lieAbout(i);
      }
    }
  }

  /** Keeps the time of what is fixed free, of as much of it as goes side by side. */
  private void holdWhatIsFixed() {
    for (int step : problem.fixed()) {
      int at = problem.fixed(step).orElseThrow();
      for (int p = 0; p < own.length && !held[step]; p++) {
        if (problem.earliest(step, p, at) == at && blocked(step, p, at) == at) {
          from[step] = at;
          person[step] = p;
          own[p].give(step);
          held[step] = true;
        }
      }
    }
  }

  private int end(int step) {
    return from[step] + problem.duration(step);
  }

  private boolean stands(int step) {
    return placed[step] || held[step];
  }

  private void letGo(int step) {
    if (held[step]) {
      held[step] = false;
      own[person[step]].take(step);
    }
  }

  private void stand(int step) {
    placed[step] = true;
    for (Problem.Follow f : problem.after(step)) {
      missing[f.to()]--;
    }
  }

  /** Everything before it stands, and before what has to follow it in time. */
  private boolean mayBePlaced(int step) {
    if (missing[step] > 0) {
      return false;
    }
    if (!problem.opensWindow(step)) {
      return true;
    }
    BitSet together = new BitSet();
    gather(step, together);
    for (int s = together.nextSetBit(0); s >= 0; s = together.nextSetBit(s + 1)) {
      for (Problem.Follow f : problem.before(s)) {
        if (!placed[f.from()] && !together.get(f.from())) {
          return false;
        }
      }
    }
    return true;
  }

  /** A step with what has to follow within a window, and what has to follow that. */
  private void gather(int step, BitSet together) {
    together.set(step);
    for (Problem.Follow f : problem.after(step)) {
      if (f.atMost().isPresent() && !together.get(f.to()) && !placed[f.to()]) {
        gather(f.to(), together);
      }
    }
  }

  private boolean place(int step) {
    int[] chain = chain(step);
    int[] earliest = new int[chain.length];
    for (int tries = 0; tries < TRIES_FOR_A_WINDOW; tries++) {
      int late = placeAll(chain, earliest);
      if (late == OK) {
        return true;
      }
      if (late == NEVER) {
        return false;
      }
    }
    return false;
  }

  private int[] chain(int step) {
    if (!problem.opensWindow(step)) {
      return new int[] {step};
    }
    BitSet together = new BitSet();
    gather(step, together);
    return inOrder(together);
  }

  private static final int OK = 0;
  private static final int TRY_LATER = 1;
  private static final int NEVER = 2;

  /**
   * Puts down all of a chain, or nothing.
   *
   * @param earliest before when each of them is not begun; moved on where one is too late for what
   *     follows it
   */
  private int placeAll(int[] chain, int[] earliest) {
    for (int k = 0; k < chain.length; k++) {
      int begin = put(chain[k], earliest[k]);
      if (begin >= Openings.NEVER) {
        takeFirst(chain, k);
        return NEVER;
      }
      for (Problem.Follow f : problem.before(chain[k])) {
        if (begin > problem.fresh(f, end(f.from()))) {
          int before = placeIn(chain, f.from());
          if (before >= 0) {
            // the one before has to end so late that this one is still in time
            earliest[before] =
                Math.max(from[f.from()] + 1, inTimeFor(f, begin) - problem.duration(f.from()));
          }
          takeFirst(chain, k + 1);
          return before < 0 ? NEVER : TRY_LATER;
        }
      }
    }
    return OK;
  }

  private static int placeIn(int[] chain, int step) {
    for (int k = 0; k < chain.length; k++) {
      if (chain[k] == step) {
        return k;
      }
    }
    return -1;
  }

  private void takeFirst(int[] chain, int howMany) {
    for (int k = 0; k < howMany; k++) {
      take(chain[k]);
    }
  }

  /** The first end of what stands from which what follows it is in time at a minute. */
  private int inTimeFor(Problem.Follow follow, int begin) {
    // what ends later stays fit until later
    int low = end(follow.from());
    int high = Math.max(low, problem.minutes());
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (problem.fresh(follow, middle) < begin) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private int[] inOrder(BitSet together) {
    int[] chain = new int[together.cardinality()];
    BitSet in = new BitSet();
    int n = 0;
    while (n < chain.length) {
      for (int s = together.nextSetBit(0); s >= 0; s = together.nextSetBit(s + 1)) {
        if (!in.get(s) && isNext(s, together, in)) {
          in.set(s);
          chain[n++] = s;
        }
      }
    }
    return chain;
  }

  private boolean isNext(int step, BitSet together, BitSet in) {
    for (Problem.Follow f : problem.before(step)) {
      if (together.get(f.from()) && !in.get(f.from())) {
        return false;
      }
    }
    return true;
  }

  private int put(int step, int earliest) {
    letGo(step);
    int ready = earliest;
    for (Problem.Follow f : problem.before(step)) {
      ready = Math.max(ready, problem.ready(f, end(f.from())));
    }
    int best = Openings.NEVER;
    int who = 0;
    for (int p = 0; p < own.length; p++) {
      int begin = free(step, p, ready);
      if (begin < best) {
        best = begin;
        who = p;
      }
    }
    if (best + problem.duration(step) + problem.leastAfter(step) > by) {
      // it, or something that follows it, would end too late
      return Openings.NEVER;
    }
    from[step] = best;
    person[step] = who;
    stand(step);
    own[who].give(step);
    lieAbout(step);
    return best;
  }

  private void lieAbout(int step) {
    wet.ifPresent(w -> w.put(step, end(step)));
  }

  private void take(int step) {
    placed[step] = false;
    for (Problem.Follow f : problem.after(step)) {
      missing[f.to()]++;
    }
    own[person[step]].take(step);
    wet.ifPresent(w -> w.take(step));
  }

  /** The first minute from which on a person, the place and the tools are free. */
  private int free(int step, int who, int ready) {
    int at = ready;
    while (true) {
      int begin = problem.earliest(step, who, at);
      if (begin >= Openings.NEVER) {
        return begin;
      }
      int next = blocked(step, who, begin);
      if (next <= begin) {
        return begin;
      }
      at = next;
    }
  }

  /** When what stands in the way ends; no later than the beginning where nothing does. */
  private int blocked(int step, int who, int begin) {
    int end = begin + problem.duration(step);
    int until = own[who].busyUntil(begin, end);
    for (int[] set : problem.exclusions().of(step)) {
      for (int other : set) {
        if (stands(other) && from[other] < end) {
          until = Math.max(until, end(other));
        }
      }
    }
    for (Problem.Lying l : problem.lying(step)) {
      if (stands(l.other()) && isBefore(l.other(), begin, l.firm(), end)) {
        until = Math.max(until, problem.firm(l.otherFirm(), end(l.other())));
      }
    }
    if (until == begin && wet.isPresent()) {
      until =
          wet.get()
              .inTheWay(step, end)
              .map(w -> Math.max(begin + 1, w.dry() - problem.duration(step)))
              .orElse(begin);
    }
    return until;
  }

  /** Whether something begins before what ends then lets it; what has begun by then, does. */
  private boolean isBefore(int other, int begin, Optional<Dry> firm, int end) {
    return from[other] <= begin || from[other] < problem.firm(firm, end);
  }

  /** What a person does, in the order in which it begins: nobody does two things at once. */
  private final class OfPerson {
    private final int[] steps = new int[from.length];
    private int howMany;

    void give(int step) {
      int at = endedBy(from[step]);
      System.arraycopy(steps, at, steps, at + 1, howMany - at);
      steps[at] = step;
      howMany++;
    }

    void take(int step) {
      int at = 0;
      while (steps[at] != step) {
        at++;
      }
      howMany--;
      System.arraycopy(steps, at + 1, steps, at, howMany - at);
    }

    /** When the last of what takes a part of some time ends; its beginning where nothing does. */
    int busyUntil(int begin, int end) {
      int until = begin;
      for (int i = endedBy(begin); i < howMany && from[steps[i]] < end; i++) {
        until = end(steps[i]);
      }
      return until;
    }

    /** How much of it is over by a minute. */
    private int endedBy(int minute) {
      int low = 0;
      int high = howMany;
      while (low < high) {
        int middle = (low + high) / 2;
        if (end(steps[middle]) <= minute) {
          low = middle + 1;
        } else {
          high = middle;
        }
      }
      return low;
    }
  }
}
