package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
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
  private final BitSet placed = new BitSet();

  /** Of each step: how many of those before it do not stand yet. */
  private final int[] missing;

  /** What ends later than this is of no use. */
  private final int by;

  /** What the artist fixed, and whose time nothing else may take before it is put there. */
  private final BitSet held = new BitSet();

  /** What each person does, in the order in which it begins: nobody does two things at once. */
  private final List<List<Integer>> byPerson = new ArrayList<>();

  /** Where what is wet lies, where there may not be room for all. */
  private final Optional<WetThings> wet;

  private ByPriority(Problem problem, int by) {
    this.problem = problem;
    this.by = by;
    this.from = new int[problem.size()];
    this.person = new int[problem.size()];
    this.missing = new int[problem.size()];
    for (int i = 0; i < missing.length; i++) {
      missing[i] = problem.before(i).size();
    }
    this.wet = problem.room().mayRunOut() ? Optional.of(new WetThings(problem)) : Optional.empty();
    for (int p = 0; p < problem.people(); p++) {
      byPerson.add(new ArrayList<>());
    }
  }

  /**
   * A schedule.
   *
   * @param keys priorities, the highest first among what may be put down
   * @param least no schedule ends sooner than this minute
   * @return none where something goes nowhere
   */
  static Optional<Schedule> put(Problem problem, double[] keys, int least) {
    return put(problem, keys, least, Openings.NEVER);
  }

  /** The same where it could be better than another; given up as soon as it cannot any more. */
  static Optional<Schedule> better(Problem problem, double[] keys, Schedule than) {
    // of what is fixed more may begin in time, be all of it ready later
    int by = problem.fixed().isEmpty() ? than.finish() : Openings.NEVER;
    return put(problem, keys, than.least(), by);
  }

  private static Optional<Schedule> put(Problem problem, double[] keys, int least, int by) {
    ByPriority table = new ByPriority(problem, by);
    table.putWhatIsDone();
    table.holdWhatIsFixed();
    List<Integer> left = new ArrayList<>();
    for (int i = 0; i < problem.size(); i++) {
      if (!table.placed.get(i)) {
        left.add(i);
      }
    }
    left.sort(Comparator.comparingDouble((Integer i) -> -keys[i]).thenComparing(i -> i));
    while (!left.isEmpty()) {
      if (!table.place(table.next(left))) {
        return Optional.empty();
      }
      left.removeIf(table.placed::get);
    }
    return Optional.of(table.schedule(least));
  }

  private int next(List<Integer> left) {
    for (int step : left) {
      if (mayBePlaced(step)) {
        return step;
      }
    }
    throw new IllegalStateException("steps wait for each other in a ring");
  }

  /** It stands where it stood, and is in nobody's way any more. */
  private void putWhatIsDone() {
    for (int i = 0; i < problem.size(); i++) {
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
      for (int p = 0; p < problem.people() && !held.get(step); p++) {
        if (problem.earliest(step, p, at) == at && blocked(step, p, at) == at) {
          from[step] = at;
          person[step] = p;
          give(step, p);
          held.set(step);
        }
      }
    }
  }

  private void give(int step, int who) {
    byPerson.get(who).add(endedBy(who, from[step]), step);
  }

  /** How much of what a person does is over by a minute. */
  private int endedBy(int who, int minute) {
    List<Integer> all = byPerson.get(who);
    int low = 0;
    int high = all.size();
    while (low < high) {
      int middle = (low + high) / 2;
      int other = all.get(middle);
      if (from[other] + problem.duration(other) <= minute) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private void letGo(int step) {
    if (held.get(step)) {
      held.clear(step);
      byPerson.get(person[step]).remove((Integer) step);
    }
  }

  private void stand(int step) {
    placed.set(step);
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
    return together.stream()
        .allMatch(
            s ->
                problem.before(s).stream()
                    .allMatch(f -> placed.get(f.from()) || together.get(f.from())));
  }

  /** A step with what has to follow within a window, and what has to follow that. */
  private void gather(int step, BitSet together) {
    together.set(step);
    for (Problem.Follow f : problem.after(step)) {
      if (f.atMost().isPresent() && !together.get(f.to()) && !placed.get(f.to())) {
        gather(f.to(), together);
      }
    }
  }

  private boolean place(int step) {
    List<Integer> chain = chain(step);
    int[] earliest = new int[problem.size()];
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

  private List<Integer> chain(int step) {
    if (!problem.opensWindow(step)) {
      return List.of(step);
    }
    BitSet together = new BitSet();
    gather(step, together);
    return inOrder(together);
  }

  private static final int OK = 0;
  private static final int TRY_LATER = 1;
  private static final int NEVER = 2;

  private int placeAll(List<Integer> chain, int[] earliest) {
    List<Integer> done = new ArrayList<>();
    for (int step : chain) {
      int begin = put(step, earliest[step]);
      if (begin >= Openings.NEVER) {
        done.forEach(this::take);
        return NEVER;
      }
      done.add(step);
      for (Problem.Follow f : problem.before(step)) {
        if (begin > problem.fresh(f, from[f.from()] + problem.duration(f.from()))) {
          // the one before has to end so late that this one is still in time
          int end = from[f.from()] + problem.duration(f.from());
          while (end < problem.minutes() && problem.fresh(f, end) < begin) {
            end++;
          }
          earliest[f.from()] = Math.max(from[f.from()] + 1, end - problem.duration(f.from()));
          done.forEach(this::take);
          return chain.contains(f.from()) ? TRY_LATER : NEVER;
        }
      }
    }
    return OK;
  }

  private List<Integer> inOrder(BitSet together) {
    List<Integer> chain = new ArrayList<>();
    BitSet in = new BitSet();
    while (chain.size() < together.cardinality()) {
      for (int s = together.nextSetBit(0); s >= 0; s = together.nextSetBit(s + 1)) {
        boolean free =
            problem.before(s).stream().allMatch(f -> !together.get(f.from()) || in.get(f.from()));
        if (!in.get(s) && free) {
          in.set(s);
          chain.add(s);
        }
      }
    }
    return chain;
  }

  private int put(int step, int earliest) {
    letGo(step);
    int ready = earliest;
    for (Problem.Follow f : problem.before(step)) {
      ready = Math.max(ready, problem.ready(f, from[f.from()] + problem.duration(f.from())));
    }
    int best = Openings.NEVER;
    int who = 0;
    for (int p = 0; p < problem.people(); p++) {
      int begin = free(step, p, ready);
      if (begin < best) {
        best = begin;
        who = p;
      }
    }
    if (best + problem.duration(step) > by) {
      return Openings.NEVER;
    }
    from[step] = best;
    person[step] = who;
    stand(step);
    give(step, who);
    lieAbout(step);
    return best;
  }

  private void lieAbout(int step) {
    wet.ifPresent(w -> w.put(step, from[step] + problem.duration(step)));
  }

  private void take(int step) {
    placed.clear(step);
    for (Problem.Follow f : problem.after(step)) {
      missing[f.to()]++;
    }
    byPerson.get(person[step]).remove((Integer) step);
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
    int until = begin;
    List<Integer> own = byPerson.get(who);
    for (int i = endedBy(who, begin); i < own.size() && from[own.get(i)] < end; i++) {
      until = from[own.get(i)] + problem.duration(own.get(i));
    }
    for (List<Integer> set : problem.apart(step)) {
      for (int other : set) {
        if (placed.get(other) || held.get(other)) {
          until = Math.max(until, over(other, begin, end));
        }
      }
    }
    for (Problem.Lying l : problem.lying(step)) {
      if (placed.get(l.other()) || held.get(l.other())) {
        int other = l.other();
        int firm = problem.firm(l.otherFirm(), from[other] + problem.duration(other));
        boolean both = from[other] < problem.firm(l.firm(), end) && firm > begin;
        until = both ? Math.max(until, firm) : until;
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

  private int over(int other, int begin, int end) {
    int otherEnd = from[other] + problem.duration(other);
    return from[other] < end && otherEnd > begin ? otherEnd : begin;
  }

  private Schedule schedule(int least) {
    List<Placed> all = new ArrayList<>();
    for (int i = 0; i < problem.size(); i++) {
      all.add(
          new Placed(
              problem.work().steps().get(i).id(),
              person[i],
              from[i],
              from[i] + problem.duration(i)));
    }
    return new Schedule(all, least);
  }
}
