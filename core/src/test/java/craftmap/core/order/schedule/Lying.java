package craftmap.core.order.schedule;

import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.work.Thing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Whether what is wet finds room: every thing on a place of its own while it is wet, never moved,
 * by trying every place for each. Knows nothing of what schedules are made with.
 */
final class Lying {
  private record Stay(Thing thing, int from, int to) {}

  private final List<Stay> wet = new ArrayList<>();

  /** What is wet from one minute until another. */
  void add(Thing thing, int from, int to) {
    if (from < to) {
      wet.add(new Stay(thing, from, to));
    }
  }

  boolean findsRoom(List<DryingPlace> places) {
    List<DryingPlace> each = new ArrayList<>();
    places.forEach(
        p -> {
          for (int i = 0; i < p.count(); i++) {
            each.add(new DryingPlace("one", 1, p.size()));
          }
        });
    List<Stay> stays = new ArrayList<>(inOnePiece());
    stays.sort(Comparator.comparingInt(Stay::from).thenComparingInt(Stay::to));
    return goes(stays, 0, each, new int[each.size()]);
  }

  /** A thing that is wet of something else before it has dried stays where it is. */
  private List<Stay> inOnePiece() {
    Map<Thing, List<Stay>> byThing = new LinkedHashMap<>();
    wet.forEach(s -> byThing.computeIfAbsent(s.thing(), t -> new ArrayList<>()).add(s));
    List<Stay> all = new ArrayList<>();
    byThing.forEach(
        (thing, stays) -> {
          stays.sort(Comparator.comparingInt(Stay::from));
          Stay open = stays.getFirst();
          for (Stay s : stays) {
            if (s.from() < open.to()) {
              open = new Stay(thing, open.from(), Math.max(open.to(), s.to()));
            } else {
              all.add(open);
              open = s;
            }
          }
          all.add(open);
        });
    return all;
  }

  private static boolean goes(List<Stay> stays, int next, List<DryingPlace> places, int[] until) {
    if (next == stays.size()) {
      return true;
    }
    Stay stay = stays.get(next);
    Set<List<Object>> tried = new HashSet<>();
    for (int p = 0; p < until.length; p++) {
      boolean isFree = until[p] <= stay.from() && places.get(p).holds(stay.thing().size());
      // of places that are alike one is tried
      if (isFree && tried.add(List.of(places.get(p), until[p]))) {
        int[] then = Arrays.copyOf(until, until.length);
        then[p] = stay.to();
        if (goes(stays, next + 1, places, then)) {
          return true;
        }
      }
    }
    return false;
  }
}
