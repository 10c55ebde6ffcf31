package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * Puts one step after the other where it goes first, by priority; what has to follow within a
 * window is put down along with what it follows, and both are moved on until it does. From the
 * longest chain first it goes on by shifting priorities, and keeps what is no worse. It proves what
 * the longest chain, and the hours of all hands together, do.
 */
public final class ListScheduler implements Scheduler {
  private static final int TRIES_FOR_A_WINDOW = 400;

  /** For so many rounds one try at fewer changes. */
  private static final int ROUNDS_FOR_A_TRY = 5;

  /** So many steps are what the rounds are told for; of more, a round takes longer. */
  private static final int USUAL_STEPS = 60;

  private final int most;
  private final long seed;

  /**
   * @param rounds how often priorities are shifted, for sixty steps; fewer times for more
   */
  public ListScheduler(int rounds, long seed) {
    this.most = rounds;
    this.seed = seed;
  }

  /** The longest chain first, once. */
  public static ListScheduler longestChainFirst() {
    return new ListScheduler(0, 0);
  }

  @Override
  public Optional<Schedule> schedule(Problem problem) {
    return search(problem).map(s -> fewerChanges(problem, s, triesForFewerChanges(), seed));
  }

  /** How often fewer changes of tool and colour are tried for. */
  int triesForFewerChanges() {
    return most / ROUNDS_FOR_A_TRY;
  }

  /** The best it finds by its end and its visits. */
  Optional<Schedule> search(Problem problem) {
    int n = problem.size();
    Bounds bounds = new Bounds(problem);
    int least = bounds.finish();
    double[] tails = tails(problem);
    Schedule best = run(problem, tails, least).orElse(null);
    if (best != null) {
      least = new HandsBound(problem, bounds).finish(best.finish());
    }
    int rounds = most * USUAL_STEPS / Math.max(USUAL_STEPS, n);
    Random random = new Random(seed);
    double[] kept = tails;
    for (int r = 0; r < rounds && !(best != null && best.finish() <= least); r++) {
      // far from where it stands at first, and now and then; else a few steps are shifted
      boolean anew = r < rounds / 4 || r % 10 == 0;
      double[] keys = anew ? tails.clone() : kept.clone();
      int shifted = anew ? n : 1 + random.nextInt(Math.max(1, n / 8));
      for (int k = 0; k < shifted; k++) {
        int i = anew ? k : random.nextInt(n);
        keys[i] *= 1 + (anew ? 0.02 + 0.5 * random.nextDouble() : 0.4) * random.nextGaussian();
      }
      Optional<Schedule> other = run(problem, keys, least);
      if (other.isPresent() && (best == null || !best.isBetterThan(other.get(), problem))) {
        best = other.get();
        kept = keys;
      }
    }
    if (best == null) {
      return Optional.empty();
    }
    // of a first that was found late, the hands have not been asked yet
    int hands = Math.max(least, new HandsBound(problem, bounds).finish(best.finish()));
    return Optional.of(new Schedule(best.steps(), hands));
  }

  /** As it would be by hand, for ours to be set against: in the order of the plan. */
  static Optional<Schedule> inTheOrderOfThePlan(Problem problem) {
    double[] keys = new double[problem.size()];
    for (int i = 0; i < keys.length; i++) {
      keys[i] = -i;
    }
    return run(problem, keys, new Bounds(problem).finish());
  }

  /**
   * The same with fewer changes of tool and colour where that ends no later: step after step is
   * moved to where the same is done, and stays there if it is better.
   */
  static Schedule fewerChanges(Problem problem, Schedule schedule, int most, long seed) {
    int n = problem.size();
    Random random = new Random(seed);
    Schedule best = schedule;
    int tries = most * USUAL_STEPS / Math.max(USUAL_STEPS, n);
    for (int t = 0; t < tries && n > 1; t++) {
      double[] keys = keys(problem, best);
      int moved = random.nextInt(n);
      List<Integer> alike = new ArrayList<>();
      String kit = problem.work().steps().get(moved).kit();
      for (int i = 0; i < n; i++) {
        if (i != moved && problem.work().steps().get(i).kit().equals(kit)) {
          alike.add(i);
        }
      }
      if (problem.isDone(moved) || alike.isEmpty()) {
        continue;
      }
      // right after another, or right before it
      int to = alike.get(random.nextInt(alike.size()));
      keys[moved] = keys[to] + (random.nextBoolean() ? 0.5 : -0.5);
      Optional<Schedule> other = run(problem, keys, best.least());
      if (other.isPresent() && other.get().isBetterThan(best, problem)) {
        best = other.get();
      }
    }
    return best;
  }

  /** Priorities that stand for the order in which everything is begun. */
  private static double[] keys(Problem problem, Schedule schedule) {
    double[] keys = new double[problem.size()];
    Map<String, Integer> begins = new HashMap<>();
    schedule.steps().forEach(p -> begins.put(p.stepId(), p.from()));
    for (int i = 0; i < keys.length; i++) {
      keys[i] = -begins.get(problem.work().steps().get(i).id());
    }
    return keys;
  }

  /** Everything in the order in which it stands, each as early as it goes then. */
  static Optional<Schedule> earlier(Problem problem, Schedule schedule) {
    return run(problem, keys(problem, schedule), schedule.least());
  }

  /** What comes after each step at least, with itself: work and waiting. */
  private static double[] tails(Problem problem) {
    double[] tails = new double[problem.size()];
    Arrays.fill(tails, -1);
    for (int i = 0; i < tails.length; i++) {
      tail(problem, i, tails);
    }
    return tails;
  }

  private static double tail(Problem problem, int step, double[] tails) {
    if (tails[step] < 0) {
      double longest = 0;
      for (Problem.Follow f : problem.after(step)) {
        double wait = f.atLeast().map(d -> d.label().toSeconds() / 60.0).orElse(0.0);
        longest = Math.max(longest, wait + tail(problem, f.to(), tails));
      }
      tails[step] = problem.duration(step) + longest;
    }
    return tails[step];
  }

  private static Optional<Schedule> run(Problem problem, double[] keys, int least) {
    Table table = new Table(problem);
    table.putWhatIsDone();
    table.holdWhatIsFixed();
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < problem.size(); i++) {
      order.add(i);
    }
    order.sort(Comparator.comparingDouble((Integer i) -> -keys[i]).thenComparing(i -> i));
    while (table.left() > 0) {
      int next =
          order.stream().filter(table::mayBePlaced).findFirst().orElseThrow(); // no ring in it
      if (!table.place(next)) {
        return Optional.empty();
      }
    }
    return Optional.of(table.schedule(least));
  }

  /** What stands where so far. */
  private static final class Table {
    private final Problem problem;
    private final int[] from;
    private final int[] person;
    private final BitSet placed = new BitSet();

    /** What the artist fixed, and whose time nothing else may take before it is put there. */
    private final BitSet held = new BitSet();

    private final List<List<Integer>> byPerson = new ArrayList<>();
    private final boolean places;

    Table(Problem problem) {
      this.problem = problem;
      this.from = new int[problem.size()];
      this.person = new int[problem.size()];
      this.places = problem.placesMayRunOut();
      for (int p = 0; p < problem.people(); p++) {
        byPerson.add(new ArrayList<>());
      }
    }

    /** It stands where it stood, and is in nobody's way any more. */
    void putWhatIsDone() {
      for (int i = 0; i < problem.size(); i++) {
        if (problem.isDone(i)) {
          from[i] = problem.earliest(i, 0, 0);
          placed.set(i);
        }
      }
    }

    /** Keeps the time of what is fixed free, of as much of it as goes side by side. */
    void holdWhatIsFixed() {
      for (int step : problem.fixed()) {
        int at = problem.fixed(step).orElseThrow();
        for (int p = 0; p < problem.people() && !held.get(step); p++) {
          if (problem.earliest(step, p, at) == at && blocked(step, p, at) == at) {
            from[step] = at;
            person[step] = p;
            byPerson.get(p).add(step);
            held.set(step);
          }
        }
      }
    }

    private void letGo(int step) {
      if (held.get(step)) {
        held.clear(step);
        byPerson.get(person[step]).remove((Integer) step);
      }
    }

    int left() {
      return problem.size() - placed.cardinality();
    }

    /** Everything before it stands, and before what has to follow it in time. */
    boolean mayBePlaced(int step) {
      if (placed.get(step)) {
        return false;
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

    boolean place(int step) {
      BitSet together = new BitSet();
      gather(step, together);
      List<Integer> chain = inOrder(together);
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
      if (best < Openings.NEVER) {
        from[step] = best;
        person[step] = who;
        placed.set(step);
        byPerson.get(who).add(step);
      }
      return best;
    }

    private void take(int step) {
      placed.clear(step);
      byPerson.get(person[step]).remove((Integer) step);
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
      for (int other : byPerson.get(who)) {
        until = Math.max(until, over(other, begin, end));
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
      if (until == begin && places && problem.movable(step, end) > end) {
        until = Math.max(until, roomFrom(step, begin, end));
      }
      return until;
    }

    private int over(int other, int begin, int end) {
      int otherEnd = from[other] + problem.duration(other);
      return from[other] < end && otherEnd > begin ? otherEnd : begin;
    }

    /** When a place to dry is free for it, where none is now. */
    private int roomFrom(int step, int begin, int end) {
      int until = problem.movable(step, end);
      int wet = 0;
      int first = Openings.NEVER;
      for (int other = placed.nextSetBit(0); other >= 0; other = placed.nextSetBit(other + 1)) {
        int otherEnd = from[other] + problem.duration(other);
        int dry = problem.movable(other, otherEnd);
        if (dry > otherEnd && otherEnd < until && dry > end) {
          wet++;
          first = Math.min(first, dry);
        }
      }
      return wet < problem.bench().places()
          ? begin
          : Math.max(begin + 1, first - problem.duration(step));
    }

    Schedule schedule(int least) {
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
}
