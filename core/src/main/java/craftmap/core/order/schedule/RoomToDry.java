package craftmap.core.order.schedule;

import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.work.Thing;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which things steps leave wet, and which kinds of places there are for them. What is wet is not
 * moved: as long as any of it is, a thing keeps its place. Two things never share one.
 *
 * <p>What finds room nowhere takes none of the places; that is told by itself.
 */
final class RoomToDry {
  /**
   * Places that the same things find room on: which of them a thing lies on makes no difference.
   *
   * @param places what they are, in the bench's own words
   * @param count how many
   * @param fits the numbers of the things that find room
   */
  record Kind(List<DryingPlace> places, int count, BitSet fits) {}

  private final List<Thing> things;
  private final List<Kind> kinds;

  /** Of each step: the things that it leaves wet and that take a place. */
  private final List<List<Integer>> wet = new ArrayList<>();

  private final List<List<Thing>> homeless = new ArrayList<>();
  private final boolean mayRunOut;

  /**
   * @param dryAlready steps that are done and of which nothing is wet any more
   * @param lyingAlready steps that are done and of which something still is
   */
  RoomToDry(Work work, List<DryingPlace> places, BitSet dryAlready, BitSet lyingAlready) {
    Map<Thing, Integer> numbers = new LinkedHashMap<>();
    for (WorkStep step : work.steps()) {
      work.wetAfter(step).forEach(t -> numbers.putIfAbsent(t, numbers.size()));
    }
    this.things = List.copyOf(numbers.keySet());
    this.kinds = kinds(things, places);
    BitSet housed = housed(work, numbers, lyingAlready);
    BitSet taking = new BitSet();
    for (int i = 0; i < work.steps().size(); i++) {
      List<Integer> here = new ArrayList<>();
      List<Thing> nowhere = new ArrayList<>();
      Map<Integer, List<Integer>> on = new HashMap<>();
      for (Thing thing : work.wetAfter(work.steps().get(i))) {
        int number = numbers.get(thing);
        if (!match(number, on, new BitSet())) {
          // not even with everything else out of the way, but for what the step itself has lie
          // about
          nowhere.add(thing);
        } else if (!dryAlready.get(i) && (!lyingAlready.get(i) || housed.get(number))) {
          here.add(number);
          taking.set(number);
        }
      }
      wet.add(List.copyOf(here));
      homeless.add(List.copyOf(nowhere));
    }
    this.mayRunOut = !allFindRoom(taking);
  }

  /** Those that the same things find room on together; those that the fewest do first. */
  private static List<Kind> kinds(List<Thing> things, List<DryingPlace> places) {
    Map<BitSet, List<DryingPlace>> alike = new LinkedHashMap<>();
    for (DryingPlace place : places) {
      BitSet fits = new BitSet();
      for (int t = 0; t < things.size(); t++) {
        if (place.holds(things.get(t).size())) {
          fits.set(t);
        }
      }
      alike.computeIfAbsent(fits, f -> new ArrayList<>()).add(place);
    }
    List<Kind> kinds = new ArrayList<>();
    alike.forEach(
        (fits, of) ->
            kinds.add(
                new Kind(List.copyOf(of), of.stream().mapToInt(DryingPlace::count).sum(), fits)));
    kinds.sort(Comparator.comparingInt(k -> k.fits().cardinality()));
    return List.copyOf(kinds);
  }

  /**
   * Things that lie about wet already and have a place. Whoever has put down more than there is
   * room for has found room of their own for it.
   */
  private BitSet housed(Work work, Map<Thing, Integer> numbers, BitSet lyingAlready) {
    BitSet lying = new BitSet();
    lyingAlready.stream()
        .forEach(i -> work.wetAfter(work.steps().get(i)).forEach(t -> lying.set(numbers.get(t))));
    int[] left = kinds.stream().mapToInt(Kind::count).toArray();
    BitSet housed = new BitSet();
    lying.stream()
        .forEach(
            t -> {
              for (int k = 0; k < left.length; k++) {
                if (kinds.get(k).fits().get(t) && left[k] > 0) {
                  left[k]--;
                  housed.set(t);
                  return;
                }
              }
            });
    return housed;
  }

  /** Whether all of them could lie about at once: each is matched with a place of its own. */
  private boolean allFindRoom(BitSet taking) {
    int places = kinds.stream().mapToInt(Kind::count).sum();
    if (taking.cardinality() > places) {
      return false;
    }
    Map<Integer, List<Integer>> on = new HashMap<>();
    return taking.stream().allMatch(t -> match(t, on, new BitSet()));
  }

  private boolean match(int thing, Map<Integer, List<Integer>> on, BitSet seen) {
    for (int k = 0; k < kinds.size(); k++) {
      if (!kinds.get(k).fits().get(thing) || seen.get(k)) {
        continue;
      }
      seen.set(k);
      List<Integer> there = on.computeIfAbsent(k, x -> new ArrayList<>());
      if (there.size() < kinds.get(k).count()) {
        there.add(thing);
        return true;
      }
      for (int i = 0; i < there.size(); i++) {
        if (match(there.get(i), on, seen)) {
          there.set(i, thing);
          return true;
        }
      }
    }
    return false;
  }

  Thing thing(int number) {
    return things.get(number);
  }

  List<Kind> kinds() {
    return kinds;
  }

  /** Things that take a place once a step is done. */
  List<Integer> wetAfter(int step) {
    return wet.get(step);
  }

  /** Things that find room nowhere. */
  List<Thing> homeless(int step) {
    return homeless.get(step);
  }

  /** Whether more may be wet at once than find room. */
  boolean mayRunOut() {
    return mayRunOut;
  }
}
