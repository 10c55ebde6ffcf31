package craftmap.core.order.schedule;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import craftmap.core.order.work.Dry;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * That what lies about wet finds room, as constraints: each thing on one kind of place for as long
 * as any of it is wet.
 *
 * <p>A thing may be wet of several steps at once. The first of them begins a stay, which lasts
 * until all that is put on meanwhile is dry; the others come to it. So each step either begins a
 * stay, or comes to one. Places of one kind need no names: as many stays as there are places, at
 * any time, can always be told apart so that nothing is moved.
 */
final class RoomModel {
  private final Problem problem;
  private final OrderModel order;
  private final CpModel cp;
  private final int by;
  private final List<CumulativeConstraint> kinds = new ArrayList<>();

  /** What a step has lie about. */
  private record Wet(int step, LinearExpr from, LinearExpr dry) {}

  /** A stay that a step may begin. */
  private record Stay(Wet wet, Literal begins, IntVar to) {}

  private RoomModel(Problem problem, OrderModel order, int by) {
    this.problem = problem;
    this.order = order;
    this.cp = order.cp();
    this.by = by;
    for (RoomToDry.Kind kind : problem.room().kinds()) {
      kinds.add(cp.addCumulative(kind.count()));
    }
  }

  static void add(Problem problem, OrderModel order, int by) {
    RoomModel model = new RoomModel(problem, order, by);
    Map<Integer, List<Wet>> byThing = new TreeMap<>();
    for (int i = 0; i < problem.size(); i++) {
      List<Integer> things = problem.room().wetAfter(i);
      if (things.isEmpty()) {
        continue;
      }
      Wet wet = new Wet(i, model.from(i), order.dry(i));
      things.forEach(t -> byThing.computeIfAbsent(t, k -> new ArrayList<>()).add(wet));
    }
    byThing.forEach(model::add);
  }

  private LinearExpr from(int step) {
    return problem.isDone(step)
        ? LinearExpr.constant(
            problem.wetFrom(step, problem.earliest(step, 0, 0) + problem.duration(step)))
        : order.end(step);
  }

  private void add(int thing, List<Wet> all) {
    List<BitSet> others = new ArrayList<>();
    for (Wet wet : all) {
      others.add(onceDry(wet.step()));
    }
    List<Stay> stays = new ArrayList<>();
    boolean[] alone = new boolean[all.size()];
    for (int i = 0; i < all.size(); i++) {
      alone[i] = true;
      for (int j = 0; j < all.size(); j++) {
        alone[i] &= j == i || !mayMeet(all, others, i, j);
      }
      String name = thing + "/" + all.get(i).step();
      Wet wet = all.get(i);
      if (alone[i]) {
        lie(thing, wet, cp.trueLiteral(), wet.dry(), name);
        stays.add(null);
        continue;
      }
      BoolVar begins = cp.newBoolVar("b" + name);
      IntVar to = cp.newIntVar(0, by + 1L, "t" + name);
      cp.addGreaterOrEqual(to, wet.dry()).onlyEnforceIf(begins);
      lie(thing, wet, begins, LinearExpr.newBuilder().add(to).build(), name);
      stays.add(new Stay(wet, begins, to));
    }
    for (int i = 0; i < all.size(); i++) {
      if (alone[i]) {
        continue;
      }
      List<Literal> one = new ArrayList<>(List.of(stays.get(i).begins()));
      for (int j = 0; j < all.size(); j++) {
        if (j != i && !alone[j] && mayMeet(all, others, i, j)) {
          one.add(comesTo(stays.get(j), all.get(i), thing));
        }
      }
      cp.addExactlyOne(one.toArray(Literal[]::new));
    }
  }

  private static boolean mayMeet(List<Wet> all, List<BitSet> onceDry, int i, int j) {
    return !onceDry.get(i).get(all.get(j).step()) && !onceDry.get(j).get(all.get(i).step());
  }

  /** True where a step is done while a thing lies where another step has it lie. */
  private BoolVar comesTo(Stay stay, Wet wet, int thing) {
    BoolVar comes = cp.newBoolVar("c" + thing + "/" + wet.step() + "/" + stay.wet().step());
    cp.addImplication(comes, stay.begins());
    cp.addGreaterOrEqual(wet.from(), stay.wet().from()).onlyEnforceIf(comes);
    cp.addLessOrEqual(wet.from(), stay.to()).onlyEnforceIf(comes);
    cp.addLessOrEqual(wet.dry(), stay.to()).onlyEnforceIf(comes);
    return comes;
  }

  /** On one kind of place that it finds room on. */
  private void lie(int thing, Wet wet, Literal lies, LinearExpr to, String name) {
    List<Integer> may = new ArrayList<>();
    for (int k = 0; k < kinds.size(); k++) {
      if (problem.room().kinds().get(k).fits().get(thing)) {
        may.add(k);
      }
    }
    List<Literal> on = new ArrayList<>(List.of(lies.not()));
    for (int k : may) {
      Literal here = may.size() == 1 ? lies : cp.newBoolVar("k" + name + "/" + k);
      on.add(here);
      IntVar size = cp.newIntVar(0, by + 1L, "z" + name + "/" + k);
      kinds
          .get(k)
          .addDemand(
              cp.newOptionalIntervalVar(wet.from(), size, to, here, "p" + name + "/" + k), 1);
    }
    if (may.size() > 1) {
      cp.addExactlyOne(on.toArray(Literal[]::new));
    }
  }

  /**
   * Steps that begin only once what one leaves wet has dried: those that wait for as much, by the
   * same law, and whatever follows them.
   */
  private BitSet onceDry(int step) {
    BitSet later = new BitSet();
    Dry wet = problem.work().steps().get(step).wet().orElseThrow();
    Deque<Integer> open = new ArrayDeque<>();
    for (Problem.Follow f : problem.after(step)) {
      if (f.atLeast().filter(l -> problem.lastsAsLong(l, wet)).isPresent()) {
        open.add(f.to());
      }
    }
    while (!open.isEmpty()) {
      int next = open.remove();
      if (!later.get(next)) {
        later.set(next);
        problem.after(next).forEach(f -> open.add(f.to()));
      }
    }
    return later;
  }
}
