package craftmap.core.order.schedule;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Where what is wet lies, as steps are put down one after the other: each thing on a kind of place
 * that it finds room on, in the smallest first, and there until all of it has dried.
 */
final class WetThings {
  private static final int USUAL_STAYS = 32;
  private static final int NONE = -1;

  private final Problem problem;
  private final RoomToDry room;

  /**
   * Each stay by its number, in the order in which they were put down: the step after which a thing
   * lies about, the thing, the kind of place, and from when until when. Thousands of them are
   * looked through for each step that is put down.
   */
  private int[] step = new int[USUAL_STAYS];

  private int[] thing = new int[USUAL_STAYS];
  private int[] kind = new int[USUAL_STAYS];
  private int[] from = new int[USUAL_STAYS];
  private int[] to = new int[USUAL_STAYS];
  private int stays;

  /** Made once: it is asked thousands of times what lies somewhere. */
  private final BitSet there = new BitSet();

  /** From when until when a thing lies where it does, as it was asked last. */
  private int allFrom;

  private int allTo;

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
  void put(int after, int end) {
    int begin = problem.wetFrom(after, end);
    int dry = problem.movable(after, end);
    if (begin >= dry) {
      return;
    }
    for (int wet : room.wetAfter(after)) {
      int found = kindFor(wet, begin, dry);
      overfull |= found == NONE;
      lay(after, wet, found == NONE ? room.kinds().size() - 1 : found, begin, dry);
    }
  }

  /** Whether something was put where there was no room for it, put down one after the other. */
  boolean isOverfull() {
    return overfull;
  }

  /** Where what a step leaves wet lies, by the number of the thing. */
  Map<Integer, RoomToDry.Kind> after(int wanted) {
    Map<Integer, RoomToDry.Kind> all = new TreeMap<>();
    for (int i = 0; i < stays; i++) {
      if (step[i] == wanted) {
        all.put(thing[i], room.kinds().get(kind[i]));
      }
    }
    return all;
  }

  void take(int taken) {
    int left = 0;
    for (int i = 0; i < stays; i++) {
      if (step[i] != taken) {
        step[left] = step[i];
        thing[left] = thing[i];
        kind[left] = kind[i];
        from[left] = from[i];
        to[left] = to[i];
        left++;
      }
    }
    stays = left;
  }

  /** What a step has to wait for because there is no room for what it leaves wet. */
  record InTheWay(int step, int dry) {}

  /**
   * What is in the way of a step that ends then.
   *
   * @return of all that lies where there would be room, what is dry first
   */
  Optional<InTheWay> inTheWay(int after, int end) {
    List<Integer> leaves = room.wetAfter(after);
    int dry = leaves.isEmpty() ? end : problem.movable(after, end);
    if (end >= dry) {
      return Optional.empty();
    }
    if (leaves.size() == 1) {
      // nothing else of it could take the place away
      int wet = leaves.getFirst();
      return kindFor(wet, end, dry) == NONE
          ? Optional.of(firstDry(after, wet, end, dry))
          : Optional.empty();
    }
    int staysBefore = stays;
    int[] kindBefore = Arrays.copyOf(kind, stays);
    try {
      for (int wet : leaves) {
        int found = kindFor(wet, end, dry);
        if (found == NONE) {
          return Optional.of(firstDry(after, wet, end, dry));
        }
        lay(after, wet, found, end, dry);
      }
      return Optional.empty();
    } finally {
      stays = staysBefore;
      System.arraycopy(kindBefore, 0, kind, 0, staysBefore);
    }
  }

  private boolean meets(int stay, int a, int b) {
    return from[stay] < b && to[stay] > a;
  }

  private InTheWay firstDry(int after, int wet, int begin, int end) {
    int first = NONE;
    for (int i = 0; i < stays; i++) {
      if (step[i] != after
          && thing[i] != wet
          && meets(i, begin, end)
          && room.kinds().get(kind[i]).fits().get(wet)
          && (first == NONE || to[i] < to[first] || to[i] == to[first] && step[i] < step[first])) {
        first = i;
      }
    }
    // where none is, it is its own other parts that would have to move, or both of what one step
    // leaves wet
    return first == NONE ? new InTheWay(after, end) : new InTheWay(step[first], to[first]);
  }

  /** A kind of place that is free for a thing all the while, be it wet of other steps meanwhile. */
  private int kindFor(int wet, int begin, int end) {
    allOf(wet, begin, end);
    int a = allFrom;
    int b = allTo;
    int before = goesBack ? lastOf(wet, a) : NONE;
    if (before != NONE && isFree(before, wet, a, b)) {
      return before;
    }
    for (int k = 0; k < room.kinds().size(); k++) {
      if (room.kinds().get(k).fits().get(wet) && isFree(k, wet, a, b)) {
        return k;
      }
    }
    return NONE;
  }

  /** On which kind of place a thing lay last before a minute. */
  private int lastOf(int wet, int minute) {
    int last = NONE;
    for (int i = 0; i < stays; i++) {
      if (thing[i] == wet && to[i] <= minute && (last == NONE || to[i] > to[last])) {
        last = i;
      }
    }
    return last == NONE ? NONE : kind[last];
  }

  /** While it lies where it does: with all that is wet of it in between; allFrom and allTo. */
  private void allOf(int wet, int begin, int end) {
    allFrom = begin;
    allTo = end;
    boolean grown = true;
    while (grown) {
      grown = false;
      for (int i = 0; i < stays; i++) {
        if (thing[i] == wet && meets(i, allFrom, allTo) && (from[i] < allFrom || to[i] > allTo)) {
          allFrom = Math.min(allFrom, from[i]);
          allTo = Math.max(allTo, to[i]);
          grown = true;
        }
      }
    }
  }

  private boolean isFree(int place, int wet, int begin, int end) {
    int others = 0;
    for (int i = 0; i < stays; i++) {
      others += kind[i] == place && thing[i] != wet && meets(i, begin, end) ? 1 : 0;
    }
    if (others < room.kinds().get(place).count()) {
      return true;
    }
    if (!isFreeAt(place, wet, begin)) {
      return false;
    }
    for (int i = 0; i < stays; i++) {
      boolean begins = kind[i] == place && thing[i] != wet && from[i] > begin && from[i] < end;
      if (begins && !isFreeAt(place, wet, from[i])) {
        return false;
      }
    }
    return true;
  }

  private boolean isFreeAt(int place, int wet, int at) {
    int count = room.kinds().get(place).count();
    there.clear();
    int lying = 0;
    for (int i = 0; i < stays; i++) {
      boolean lies = kind[i] == place && thing[i] != wet && from[i] <= at && to[i] > at;
      if (lies && !there.get(thing[i])) {
        there.set(thing[i]);
        lying++;
        if (lying >= count) {
          return false;
        }
      }
    }
    return lying < count;
  }

  private void lay(int after, int wet, int place, int begin, int end) {
    allOf(wet, begin, end);
    for (int i = 0; i < stays; i++) {
      if (thing[i] == wet && meets(i, allFrom, allTo)) {
        kind[i] = place;
      }
    }
    if (stays == step.length) {
      grow();
    }
    step[stays] = after;
    thing[stays] = wet;
    kind[stays] = place;
    from[stays] = begin;
    to[stays] = end;
    stays++;
  }

  private void grow() {
    int more = 2 * stays;
    step = Arrays.copyOf(step, more);
    thing = Arrays.copyOf(thing, more);
    kind = Arrays.copyOf(kind, more);
    from = Arrays.copyOf(from, more);
    to = Arrays.copyOf(to, more);
  }
}
