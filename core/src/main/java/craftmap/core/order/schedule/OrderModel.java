package craftmap.core.order.schedule;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import craftmap.core.order.bench.Openings;
import craftmap.core.order.work.Dry;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Every schedule that ends by a minute, as constraints.
 *
 * <p>Drying is no constant: what is finished at four dries on at the night's temperature. So the
 * end of a step is told to lie in one of a few runs of minutes, in each of which the next may
 * either begin a fixed time after it, or at a fixed minute. The runs are read off minute by minute,
 * and are exact.
 */
final class OrderModel {
  private final Problem problem;
  private final Bounds bounds;
  private final int by;

  /** By when each step has to have ended for the sake of what follows it. */
  private final int[] ends;

  private final CpModel cp = new CpModel();
  private final IntVar[] from;
  private final IntervalVar[] during;
  private final boolean anyone;
  private final BoolVar[][] who;
  private final Map<List<Integer>, BoolVar> runs = new HashMap<>();

  /** Every schedule that ends as soon as a known one, with all as fixed as it is there. */
  OrderModel(Problem problem, Bounds bounds, Schedule known) {
    this(problem, bounds, known.finish(), Set.copyOf(known.moved(problem)));
  }

  /**
   * @param moved steps that the artist fixed and that may begin later all the same
   */
  OrderModel(Problem problem, Bounds bounds, int by, Set<String> moved) {
    this.problem = problem;
    this.bounds = bounds;
    this.by = by;
    this.ends = new Deadlines(problem).ends(by);
    int n = problem.size();
    this.from = new IntVar[n];
    this.during = new IntervalVar[n];
    this.anyone =
        problem.bench().people().stream()
            .allMatch(p -> p.isFreeWhen(problem.bench().people().getFirst()));
    this.who = new BoolVar[n][];
    for (int i = 0; i < n; i++) {
      int step = i;
      boolean stays =
          problem.fixed(i).isPresent() && !moved.contains(problem.work().steps().get(i).id());
      Domain hours = anyone ? begins(i, 0) : begins(i, 0, problem.people());
      Domain whole =
          problem.isDone(i)
              ? Domain.fromValues(new long[] {problem.earliest(step, 0, 0)})
              : stays
                  ? hours.intersectionWith(
                      Domain.fromValues(new long[] {problem.fixed(i).orElseThrow()}))
                  : hours;
      from[i] = cp.newIntVarFromDomain(whole, "s" + i);
      during[i] = cp.newFixedSizeIntervalVar(from[i], problem.duration(i), "i" + i);
    }
    hands();
    for (int[] set : problem.exclusions().all()) {
      cp.addNoOverlap(Arrays.stream(set).mapToObj(i -> during[i]).toArray(IntervalVar[]::new));
    }
    for (int i = 0; i < n; i++) {
      for (Problem.Follow f : problem.after(i)) {
        follow(f);
      }
    }
    if (problem.room().mayRunOut()) {
      RoomModel.add(problem, this, by);
    }
    for (int i = 0; i < n; i++) {
      for (Problem.Lying l : problem.lying(i)) {
        if (l.step() < l.other()) {
          turned(l);
        }
      }
    }
  }

  /** Whether each step has a minute at which it may begin at all. */
  boolean isPossible() {
    return IntStream.range(0, from.length).noneMatch(i -> from[i].getDomain().isEmpty());
  }

  CpModel cp() {
    return cp;
  }

  LinearExpr end(int step) {
    return LinearExpr.newBuilder().add(from[step]).add(problem.duration(step)).build();
  }

  /** When a person may begin a step: within their hours, not before it can be ready. */
  private Domain begins(int step, int person) {
    return begins(step, person, person + 1);
  }

  private Domain begins(int step, int first, int last) {
    List<long[]> all = new ArrayList<>();
    int length = problem.duration(step);
    for (int p = first; p < last; p++) {
      for (Openings.Opening o : problem.openings(p).all()) {
        int begin = Math.max(o.from(), bounds.earliest(step));
        int end = Math.min(o.to(), ends[step]) - length;
        allowed(step, begin, end, all);
      }
    }
    return Domain.fromIntervals(all.toArray(long[][]::new));
  }

  /** What of some minutes is neither too cold nor too damp. */
  private void allowed(int step, int begin, int end, List<long[]> all) {
    int since = -1;
    for (int at = begin; at <= end; at++) {
      boolean allowed = problem.allows(step, at);
      if (allowed && since < 0) {
        since = at;
      }
      if (since >= 0 && (!allowed || at == end)) {
        all.add(new long[] {since, allowed ? at : at - 1});
        since = -1;
      }
    }
  }

  /** Nobody does two things at once. */
  private void hands() {
    int n = problem.size();
    int people = problem.people();
    if (anyone && people == 1) {
      // nights and breaks are told as work that cannot be moved: what is left is all there is
      cp.addNoOverlap(
          Stream.concat(
                  IntStream.range(0, n).filter(i -> !problem.isDone(i)).mapToObj(i -> during[i]),
                  closed().stream())
              .toArray(IntervalVar[]::new));
      return;
    }
    if (anyone) {
      var all = cp.addCumulative(people);
      for (int i = 0; i < n; i++) {
        if (!problem.isDone(i)) {
          all.addDemand(during[i], 1);
        }
      }
      closed().forEach(c -> all.addDemand(c, people));
      return;
    }
    for (int i = 0; i < n; i++) {
      if (problem.isDone(i)) {
        continue;
      }
      who[i] = new BoolVar[people];
      for (int p = 0; p < people; p++) {
        who[i][p] = cp.newBoolVar("w" + i + "/" + p);
        Domain theirs = begins(i, p);
        if (theirs.isEmpty()) {
          cp.addEquality(who[i][p], 0);
        } else {
          cp.addLinearExpressionInDomain(from[i], theirs).onlyEnforceIf(who[i][p]);
        }
      }
      cp.addExactlyOne(who[i]);
    }
    for (int p = 0; p < people; p++) {
      List<IntervalVar> theirs = new ArrayList<>();
      for (int i = 0; i < n; i++) {
        if (who[i] != null) {
          theirs.add(
              cp.newOptionalFixedSizeIntervalVar(
                  from[i], problem.duration(i), who[i][p], "i" + i + "/" + p));
        }
      }
      cp.addNoOverlap(theirs.toArray(IntervalVar[]::new));
    }
  }

  /** When nobody is there, of people who come and go together. */
  private List<IntervalVar> closed() {
    List<IntervalVar> closed = new ArrayList<>();
    int at = problem.notBefore();
    for (Openings.Opening o : problem.openings(0).all()) {
      if (o.from() >= by) {
        break;
      }
      if (o.from() > at) {
        closed.add(cp.newFixedInterval(at, (long) o.from() - at, "closed" + at));
      }
      at = Math.max(at, o.to());
    }
    return closed;
  }

  /**
   * Minutes at which a step may end, in which what follows from it is the same.
   *
   * @param fixed a minute; else so many minutes after the end
   */
  private record Run(int first, int last, boolean fixed, int minutes) {}

  /** What a minute of the end comes to, in runs. */
  private interface Comes {
    int at(int end);
  }

  private List<Run> runs(int step, Comes comes) {
    List<Run> all = new ArrayList<>();
    int length = problem.duration(step);
    Domain begins = from[step].getDomain();
    for (int k = 0; k < begins.flattenedIntervals().length; k += 2) {
      int a = (int) begins.flattenedIntervals()[k] + length;
      int b = (int) begins.flattenedIntervals()[k + 1] + length;
      int first = a;
      while (first <= b) {
        int value = comes.at(first);
        int same = first;
        while (same < b && comes.at(same + 1) == value) {
          same++;
        }
        int along = first;
        while (along < b && comes.at(along + 1) - (along + 1) == value - first) {
          along++;
        }
        boolean fixed = same > along;
        int last = Math.max(same, along);
        Run run = new Run(first, last, fixed, fixed ? value : value - first);
        Run before = all.isEmpty() ? null : all.getLast();
        if (before != null && before.fixed() == run.fixed() && before.minutes() == run.minutes()) {
          all.set(all.size() - 1, new Run(before.first(), last, fixed, run.minutes()));
        } else {
          all.add(run);
        }
        first = last + 1;
      }
    }
    return all;
  }

  /** The minute that a run comes to, where a step ends within it. */
  private LinearExpr comesTo(int step, Run run) {
    return run.fixed()
        ? LinearExpr.constant(run.minutes())
        : LinearExpr.newBuilder()
            .add(from[step])
            .add((long) problem.duration(step) + run.minutes())
            .build();
  }

  /** True where a step ends within some minutes; one of them for all the runs of a step. */
  private BoolVar endsIn(int step, int first, int last) {
    return runs.computeIfAbsent(
        List.of(step, first, last),
        k -> {
          BoolVar in = cp.newBoolVar("e" + step + "/" + first);
          int length = problem.duration(step);
          cp.addLinearConstraint(from[step], first - length, last - length).onlyEnforceIf(in);
          return in;
        });
  }

  private void follow(Problem.Follow f) {
    IntVar next = from[f.to()];
    if (f.atLeast().isEmpty()) {
      cp.addGreaterOrEqual(next, end(f.from()));
    } else {
      // no sooner than somebody may begin it: many minutes of the evening come to one of the
      // morning; and no sooner than it may begin in any case
      int first = bounds.earliest(f.to());
      enforce(
          f,
          runs(
              f.from(),
              end -> {
                int ready = problem.earliest(f.to(), problem.ready(f, end));
                return Math.clamp(ready, first, Math.max(first, by + 1));
              }),
          true);
    }
    if (f.atMost().isPresent()) {
      // what may be later than it may begin in any case says nothing
      int last = lastBegin(f.to());
      enforce(f, runs(f.from(), end -> Math.min(last, problem.fresh(f, end))), false);
    }
  }

  /** The last minute at which a step may begin. */
  private int lastBegin(int step) {
    return problem.isDone(step) ? by + 1 : ends[step] - problem.duration(step);
  }

  private void enforce(Problem.Follow f, List<Run> runs, boolean least) {
    IntVar next = from[f.to()];
    if (runs.size() == 1) {
      Run run = runs.getFirst();
      bound(f, next, run, least, null);
      return;
    }
    List<Literal> in = new ArrayList<>();
    int shortest = Integer.MAX_VALUE;
    for (Run run : runs) {
      BoolVar here = endsIn(f.from(), run.first(), run.last());
      in.add(here);
      bound(f, next, run, least, here);
      shortest = Math.min(shortest, run.fixed() ? run.minutes() - run.last() : run.minutes());
    }
    cp.addExactlyOne(in.toArray(Literal[]::new));
    if (least) {
      cp.addGreaterOrEqual(
          next,
          LinearExpr.newBuilder()
              .add(from[f.from()])
              .add((long) problem.duration(f.from()) + shortest)
              .build());
    }
  }

  private void bound(Problem.Follow f, IntVar next, Run run, boolean least, BoolVar here) {
    LinearExpr limit = comesTo(f.from(), run);
    var constraint = least ? cp.addGreaterOrEqual(next, limit) : cp.addLessOrEqual(next, limit);
    if (here != null) {
      constraint.onlyEnforceIf(here);
    }
  }

  /** The one is firm before the other begins, or the other way round. */
  private void turned(Problem.Lying l) {
    BoolVar first = cp.newBoolVar("t" + l.step() + "/" + l.other());
    firmBefore(l.step(), l.firm(), l.other(), first);
    firmBefore(l.other(), l.otherFirm(), l.step(), first.not());
  }

  private void firmBefore(int step, Optional<Dry> firm, int other, Literal where) {
    List<Run> runs = runs(step, end -> Math.min(by + 1, problem.firm(firm, end)));
    List<Literal> in = new ArrayList<>();
    for (Run run : runs) {
      BoolVar here = endsIn(step, run.first(), run.last());
      in.add(here);
      cp.addGreaterOrEqual(from[other], comesTo(step, run))
          .onlyEnforceIf(new Literal[] {here, where});
    }
    cp.addExactlyOne(in.toArray(Literal[]::new));
  }

  /** The minute at which what a step leaves wet has dried; what is not by the end, is not then. */
  LinearExpr dry(int step) {
    List<Run> runs = runs(step, end -> Math.min(by + 1, problem.movable(step, end)));
    IntVar dry = cp.newIntVar(0, by + 1L, "d" + step);
    List<Literal> in = new ArrayList<>();
    for (Run run : runs) {
      BoolVar here = endsIn(step, run.first(), run.last());
      in.add(here);
      cp.addEquality(dry, comesTo(step, run)).onlyEnforceIf(here);
    }
    cp.addExactlyOne(in.toArray(Literal[]::new));
    return LinearExpr.newBuilder().add(dry).build();
  }

  /**
   * Whoever does something does it in the order in which it is known, but for some steps that may
   * go anywhere.
   */
  void keepOrder(Schedule known, Set<Integer> free) {
    Map<Integer, List<Integer>> byPerson = new HashMap<>();
    for (Placed p : known.steps()) {
      int step = problem.number(p.stepId());
      if (!problem.isDone(step) && !free.contains(step)) {
        byPerson.computeIfAbsent(p.person(), k -> new ArrayList<>()).add(step);
      }
    }
    for (List<Integer> steps : byPerson.values()) {
      for (int k = 1; k < steps.size(); k++) {
        cp.addGreaterOrEqual(from[steps.get(k)], end(steps.get(k - 1)));
      }
    }
  }

  /** The minute by which all is done, to be made the least. */
  IntVar finish(int least) {
    IntVar finish = cp.newIntVar(least, by, "finish");
    for (int i = 0; i < problem.size(); i++) {
      cp.addGreaterOrEqual(finish, end(i));
    }
    return finish;
  }

  /** True for each day on which something is done. */
  Map<Integer, BoolVar> days() {
    Map<Integer, List<long[]>> minutes = new HashMap<>();
    for (int p = 0; p < problem.people(); p++) {
      for (Openings.Opening o : problem.openings(p).all()) {
        if (o.from() < by) {
          minutes
              .computeIfAbsent(o.day(), d -> new ArrayList<>())
              .add(new long[] {o.from(), o.to()});
        }
      }
    }
    Map<Integer, BoolVar> days = new HashMap<>();
    Map<Integer, Domain> within = new HashMap<>();
    minutes.keySet().stream()
        .sorted()
        .forEach(
            d -> {
              days.put(d, cp.newBoolVar("day" + d));
              within.put(d, Domain.fromIntervals(minutes.get(d).toArray(long[][]::new)));
            });
    for (int i = 0; i < problem.size(); i++) {
      if (problem.isDone(i)) {
        continue;
      }
      List<Literal> on = new ArrayList<>();
      for (int d : within.keySet().stream().sorted().toList()) {
        Domain both = from[i].getDomain().intersectionWith(within.get(d));
        if (both.isEmpty()) {
          continue;
        }
        BoolVar then = cp.newBoolVar("s" + i + "on" + d);
        cp.addLinearExpressionInDomain(from[i], both).onlyEnforceIf(then);
        cp.addImplication(then, days.get(d));
        on.add(then);
      }
      cp.addExactlyOne(on.toArray(Literal[]::new));
    }
    return days;
  }

  void hint(Schedule known) {
    Map<String, Placed> by = new HashMap<>();
    known.steps().forEach(s -> by.put(s.stepId(), s));
    for (int i = 0; i < problem.size(); i++) {
      Placed placed = by.get(problem.work().steps().get(i).id());
      cp.addHint(from[i], placed.from());
      if (who[i] != null) {
        for (int p = 0; p < who[i].length; p++) {
          cp.addHint(who[i][p], p == placed.person() ? 1 : 0);
        }
      }
    }
  }

  Schedule schedule(CpSolver solver) {
    List<Placed> all = new ArrayList<>();
    for (int i = 0; i < problem.size(); i++) {
      int begin = (int) solver.value(from[i]);
      int person = 0;
      if (who[i] != null) {
        for (int p = 0; p < who[i].length; p++) {
          person = solver.booleanValue(who[i][p]) ? p : person;
        }
      }
      all.add(
          new Placed(
              problem.work().steps().get(i).id(), person, begin, begin + problem.duration(i)));
    }
    return new Schedule(anyone && problem.people() > 1 ? handedOut(all) : all, 0);
  }

  /** Who may be anyone is whoever has been free the longest: never more at once than there are. */
  private List<Placed> handedOut(List<Placed> all) {
    List<Placed> handed = new ArrayList<>();
    PriorityQueue<int[]> free =
        new PriorityQueue<>(Comparator.<int[]>comparingInt(f -> f[0]).thenComparingInt(f -> f[1]));
    for (int p = 0; p < problem.people(); p++) {
      free.add(new int[] {0, p});
    }
    for (Placed step :
        all.stream()
            .sorted(Comparator.comparingInt(Placed::from).thenComparing(Placed::stepId))
            .toList()) {
      if (step.from() < problem.notBefore()) {
        handed.add(step);
        continue;
      }
      int[] person = free.remove();
      handed.add(new Placed(step.stepId(), person[1], step.from(), step.to()));
      free.add(new int[] {step.to(), person[1]});
    }
    return handed;
  }
}
