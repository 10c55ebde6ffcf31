package craftmap.core.order.schedule;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;

/**
 * Where what is wet lies, as steps are put down one after the other: each thing on a kind of place
 * that it finds room on, in the smallest first, and there until all of it has dried.
 */
final class WetThings {
  /** From when until when a step has a thing lie about, and on which kind of place. */
  private record Stay(int step, int thing, int kind, int from, int to) {
    boolean meets(int a, int b) {
      return from < b && to > a;
    }

    Stay on(int other) {
      return new Stay(step, thing, other, from, to);
    }
  }

  private final Problem problem;
  private final RoomToDry room;
  private final List<Stay> stays = new ArrayList<>();

  /** Made once: it is asked thousands of times what lies somewhere. */
  private final BitSet there = new BitSet();

  private boolean overfull;

  /** Whether a thing goes back to where it lay before, where that is free. */
  private final boolean goesBack;

  WetThings(Problem problem) {
    this(problem, false);
  }

  private WetThings(Problem problem, boolean goesBack) {
    this.problem = problem;
    this.room = problem.room();
    this.goesBack = goesBack;
  }

  /** All that a schedule leaves wet but for one step. */
  static WetThings of(Problem problem, Schedule schedule, int but) {
    return of(problem, schedule, but, false);
  }

  /** All that a schedule leaves wet, with as little as can be carried from place to place. */
  static WetThings settled(Problem problem, Schedule schedule) {
    WetThings all = of(problem, schedule, -1, true);
    return all.isOverfull() ? of(problem, schedule, -1, false) : all;
  }

  private static WetThings of(Problem problem, Schedule schedule, int but, boolean goesBack) {
    WetThings all = new WetThings(problem, goesBack);
    for (Placed p : schedule.steps()) {
      int step = problem.number(p.stepId());
      if (step != but) {
        all.put(step, p.to());
      }
    }
    return all;
  }

  /**
   * Puts down what a step leaves wet. What finds no room lies on the largest that there is all the
   * same, and is told of.
   */
  void put(int step, int end) {
    int from = problem.wetFrom(step, end);
    int to = problem.movable(step, end);
    if (from >= to) {
      return;
    }
    for (int thing : room.wetAfter(step)) {
      OptionalInt kind = kindFor(thing, from, to);
      overfull |= kind.isEmpty();
      lay(step, thing, kind.orElse(room.kinds().size() - 1), from, to);
    }
  }

  /** Whether something was put where there was no room for it, put down one after the other. */
  boolean isOverfull() {
    return overfull;
  }

  /** Where what a step leaves wet lies, by the number of the thing. */
  Map<Integer, RoomToDry.Kind> after(int step) {
    Map<Integer, RoomToDry.Kind> all = new TreeMap<>();
    stays.stream()
        .filter(s -> s.step() == step)
        .forEach(s -> all.put(s.thing(), room.kinds().get(s.kind())));
    return all;
  }

  void take(int step) {
    stays.removeIf(s -> s.step() == step);
  }

  /** What a step has to wait for because there is no room for what it leaves wet. */
  record InTheWay(int step, int dry) {}

  /**
   * What is in the way of a step that ends then.
   *
   * @return of all that lies where there would be room, what is dry first
   */
  Optional<InTheWay> inTheWay(int step, int end) {
    List<Integer> leaves = room.wetAfter(step);
    int to = leaves.isEmpty() ? end : problem.movable(step, end);
    if (end >= to) {
      return Optional.empty();
    }
    if (leaves.size() == 1) {
      // nothing else of it could take the place away
      int thing = leaves.getFirst();
      return kindFor(thing, end, to).isPresent()
          ? Optional.empty()
          : Optional.of(firstDry(step, thing, end, to));
    }
    List<Stay> before = List.copyOf(stays);
    try {
      for (int thing : leaves) {
        OptionalInt kind = kindFor(thing, end, to);
        if (kind.isEmpty()) {
          return Optional.of(firstDry(step, thing, end, to));
        }
        lay(step, thing, kind.getAsInt(), end, to);
      }
      return Optional.empty();
    } finally {
      stays.clear();
      stays.addAll(before);
    }
  }

  private InTheWay firstDry(int step, int thing, int from, int to) {
    return stays.stream()
        .filter(s -> s.step() != step && s.thing() != thing && s.meets(from, to))
        .filter(s -> room.kinds().get(s.kind()).fits().get(thing))
        .min(Comparator.comparingInt(Stay::to).thenComparing(Stay::step))
        .map(s -> new InTheWay(s.step(), s.to()))
        // it is its own other parts that would have to move, or both of what one step leaves wet
        .orElse(new InTheWay(step, to));
  }

  /** A kind of place that is free for a thing all the while, be it wet of other steps meanwhile. */
  private OptionalInt kindFor(int thing, int from, int to) {
    int[] all = allOf(thing, from, to);
    OptionalInt before = goesBack ? lastOf(thing, all[0]) : OptionalInt.empty();
    if (before.isPresent() && isFree(before.getAsInt(), thing, all[0], all[1])) {
      return before;
    }
    for (int k = 0; k < room.kinds().size(); k++) {
      if (room.kinds().get(k).fits().get(thing) && isFree(k, thing, all[0], all[1])) {
        return OptionalInt.of(k);
      }
    }
    return OptionalInt.empty();
  }

  /** On which kind of place a thing lay last before a minute. */
  private OptionalInt lastOf(int thing, int minute) {
    return stays.stream()
        .filter(s -> s.thing() == thing && s.to() <= minute)
        .max(Comparator.comparingInt(Stay::to))
        .map(s -> OptionalInt.of(s.kind()))
        .orElse(OptionalInt.empty());
  }

  /** While it lies where it does: with all that is wet of it in between. */
  private int[] allOf(int thing, int from, int to) {
    int a = from;
    int b = to;
    boolean grown = true;
    while (grown) {
      grown = false;
      for (Stay s : stays) {
        if (s.thing() == thing && s.meets(a, b) && (s.from() < a || s.to() > b)) {
          a = Math.min(a, s.from());
          b = Math.max(b, s.to());
          grown = true;
        }
      }
    }
    return new int[] {a, b};
  }

  private boolean isFree(int kind, int thing, int from, int to) {
    if (!isFreeAt(kind, thing, from)) {
      return false;
    }
    for (Stay s : stays) {
      boolean begins = s.kind() == kind && s.thing() != thing && s.from() > from && s.from() < to;
      if (begins && !isFreeAt(kind, thing, s.from())) {
        return false;
      }
    }
    return true;
  }

  private boolean isFreeAt(int kind, int thing, int at) {
    int count = room.kinds().get(kind).count();
    there.clear();
    int lying = 0;
    for (Stay s : stays) {
      boolean lies = s.kind() == kind && s.thing() != thing && s.from() <= at && s.to() > at;
      if (lies && !there.get(s.thing())) {
        there.set(s.thing());
        lying++;
        if (lying >= count) {
          return false;
        }
      }
    }
    return lying < count;
  }

  private void lay(int step, int thing, int kind, int from, int to) {
    int[] all = allOf(thing, from, to);
    stays.replaceAll(s -> s.thing() == thing && s.meets(all[0], all[1]) ? s.on(kind) : s);
    stays.add(new Stay(step, thing, kind, from, to));
  }
}
