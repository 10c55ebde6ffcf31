package craftmap.core.order.schedule;

import craftmap.core.order.work.Work;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Which steps are done with the same tool and colour, so that nothing is rinsed between them. */
final class Kits {
  private final int[] kits;
  private final List<int[]> steps = new ArrayList<>();

  Kits(Work work) {
    Map<String, List<Integer>> all = new LinkedHashMap<>();
    for (int i = 0; i < work.steps().size(); i++) {
      all.computeIfAbsent(work.steps().get(i).kit(), kit -> new ArrayList<>()).add(i);
    }
    kits = new int[work.steps().size()];
    for (List<Integer> alike : all.values()) {
      alike.forEach(step -> kits[step] = steps.size());
      steps.add(alike.stream().mapToInt(step -> step).toArray());
    }
  }

  /** What a step is done with: a number, the same for steps that are done with the same. */
  int of(int step) {
    return kits[step];
  }

  /** How many other steps are done with the same. */
  int others(int step) {
    return steps.get(kits[step]).length - 1;
  }

  /** One of them, counted from 0 in the order of the work. */
  int other(int step, int n) {
    int[] alike = steps.get(kits[step]);
    return alike[n] < step ? alike[n] : alike[n + 1];
  }
}
