package craftmap.core.order.schedule;

import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.IntPredicate;

/**
 * Steps of which never two may be done at once, whoever does them: on one face, or with what there
 * is one of.
 */
final class Exclusions {
  private final int[][] all;

  /** Of each step: those sets that it is in. */
  private final int[][][] of;

  /**
   * @param isDone what is over, by number
   */
  Exclusions(Work work, IntPredicate isDone) {
    List<WorkStep> steps = work.steps();
    Map<String, List<Integer>> sets = new TreeMap<>();
    for (int i = 0; i < steps.size(); i++) {
      if (isDone.test(i)) {
        continue;
      }
      for (String place : steps.get(i).on()) {
        sets.computeIfAbsent("on " + place, k -> new ArrayList<>()).add(i);
      }
      for (String tool : steps.get(i).with()) {
        sets.computeIfAbsent("with " + tool, k -> new ArrayList<>()).add(i);
      }
    }
    // sets that say no more than another are left out
    Set<List<Integer>> others = new LinkedHashSet<>(sets.values());
    all =
        others.stream()
            .filter(s -> s.size() > 1)
            .map(s -> s.stream().mapToInt(i -> i).toArray())
            .toArray(int[][]::new);
    of = new int[steps.size()][][];
    for (int i = 0; i < of.length; i++) {
      int step = i;
      of[i] = Arrays.stream(all).filter(s -> has(s, step)).toArray(int[][]::new);
    }
  }

  private static boolean has(int[] set, int step) {
    return Arrays.stream(set).anyMatch(s -> s == step);
  }

  /** Sets of steps, by number, of which never two may be done at once. */
  int[][] all() {
    return all;
  }

  /** Those of them that a step is in. */
  int[][] of(int step) {
    return of[step];
  }

  /** Whether two steps may never be done at once. */
  boolean exclude(int step, int other) {
    return Arrays.stream(of[step]).anyMatch(s -> has(s, other));
  }
}
