package craftmap.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Sets of pieces by their sum. */
final class SubsetSums {
  private static final int MOST_SETS = 300;
  private static final int MOST_STEPS = 60_000;

  private final double[] pieces;
  private final double least;
  private final double most;
  private final List<List<Integer>> found = new ArrayList<>();
  private int steps;

  private SubsetSums(double[] pieces, double least, double most) {
    this.pieces = pieces;
    this.least = least;
    this.most = most;
  }

  /** Sets whose sum is at least one and below another, the smallest sum first. */
  static List<List<Integer>> between(double[] pieces, double least, double most) {
    SubsetSums sums = new SubsetSums(pieces, least, most);
    sums.add(pieces.length - 1, 0, new ArrayList<>());
    sums.found.sort(Comparator.comparingDouble(sums::sum));
    return sums.found.size() > MOST_SETS ? sums.found.subList(0, MOST_SETS) : sums.found;
  }

  private double sum(List<Integer> set) {
    return set.stream().mapToDouble(i -> pieces[i]).sum();
  }

  /** Smallest pieces first, so that small sums are met before the steps run out. */
  private void add(int from, double sum, List<Integer> set) {
    if (++steps > MOST_STEPS) {
      return;
    }
    if (!set.isEmpty() && sum >= least - 1e-9) {
      found.add(List.copyOf(set));
    }
    for (int i = from; i >= 0; i--) {
      if (sum + pieces[i] >= most - 1e-9) {
        break; // the others are longer still
      }
      set.add(i);
      add(i - 1, sum + pieces[i], set);
      set.removeLast();
      while (i > 0 && pieces[i - 1] == pieces[i]) {
        i--; // an equal piece makes the same set
      }
    }
  }
}
