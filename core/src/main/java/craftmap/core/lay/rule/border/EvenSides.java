package craftmap.core.lay.rule.border;

import craftmap.core.lay.rule.run.RunWish;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntToDoubleFunction;

/**
 * Chooses a count for each side so that the gaps of all sides differ least, and then sit nearest to
 * the wish. Every side offers its counts with their gaps; sorted by gap, the narrowest stretch in
 * which every side is met at least once holds the answer, and the stretch is slid over all of them,
 * so nothing is missed.
 */
final class EvenSides {
  private static final int MOST_COUNTS = 400;

  private EvenSides() {}

  /** One count of one side. */
  record Choice(int side, int count, double gapMm) {}

  /**
   * The best counts first.
   *
   * @param gaps for each side, the gap that a count leaves; falling
   * @param least the smallest count a side may have
   */
  static List<List<Choice>> choose(
      List<IntToDoubleFunction> gaps, int least, RunWish wish, int most) {
    List<Choice> all = new ArrayList<>();
    for (int side = 0; side < gaps.size(); side++) {
      List<Choice> offered = offered(side, gaps.get(side), least, wish);
      if (offered.isEmpty()) {
        return List.of();
      }
      all.addAll(offered);
    }
    all.sort(Comparator.comparingDouble(Choice::gapMm).thenComparingInt(Choice::side));
    List<List<Choice>> found = new ArrayList<>();
    for (int low = 0; low < all.size(); low++) {
      Choice[] nearest = new Choice[gaps.size()];
      int met = 0;
      for (int high = low; high < all.size() && met < gaps.size(); high++) {
        Choice c = all.get(high);
        if (nearest[c.side()] == null) {
          nearest[c.side()] = c;
          met++;
        }
      }
      if (met == gaps.size()) {
        found.add(List.of(nearest));
      }
    }
    found.sort(
        Comparator.<List<Choice>>comparingLong(c -> steps(range(c)))
            .thenComparingDouble(c -> Math.abs(mean(c) - wish.gapMm())));
    return found.stream().distinct().limit(most).toList();
  }

  /** Counts within the allowed change; where there is none, the one nearest to the wish. */
  private static List<Choice> offered(int side, IntToDoubleFunction gap, int least, RunWish wish) {
    double change = wish.gapMm() * wish.allowedChange() + 1e-9;
    List<Choice> within = new ArrayList<>();
    Choice nearest = null;
    for (int n = least; n < MOST_COUNTS; n++) {
      double g = gap.applyAsDouble(n);
      if (g < -1e-9) {
        break;
      }
      Choice choice = new Choice(side, n, Math.max(0, g));
      double off = Math.abs(g - wish.gapMm());
      if (off <= change) {
        within.add(choice);
      }
      if (nearest == null || off < Math.abs(nearest.gapMm() - wish.gapMm())) {
        nearest = choice;
      }
    }
    return !within.isEmpty() ? within : nearest == null ? List.of() : List.of(nearest);
  }

  private static double range(List<Choice> choices) {
    return choices.stream().mapToDouble(Choice::gapMm).max().orElseThrow()
        - choices.stream().mapToDouble(Choice::gapMm).min().orElseThrow();
  }

  private static long steps(double mm) {
    return craftmap.core.measure.Tolerance.EXACT.steps(mm);
  }

  private static double mean(List<Choice> choices) {
    return choices.stream().mapToDouble(Choice::gapMm).average().orElseThrow();
  }
}
