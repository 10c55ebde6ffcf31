package craftmap.core.money;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What is bought of something: how many of each pack, for how much in all, and how much more than
 * was needed.
 */
public record Purchase(List<Line> lines, Money price, BigDecimal over) {
  /** So many steps are looked at one by one; it is far more than a studio buys of anything. */
  private static final long MOST_STEPS = 2_000_000;

  public Purchase {
    lines = List.copyOf(lines);
  }

  /** So many of one pack. */
  public record Line(Pack pack, int count) {}

  /**
   * The packs that hold at least what is needed for the least money, and among those the least of
   * it: exact, since every sum of packs stands on the grid of their greatest common measure, and
   * the cheapest way to each place of the grid follows from the places below it. None where nothing
   * is needed, nothing is sold, or so much is needed that no studio would buy it. The packs are all
   * of one currency.
   */
  public static Optional<Purchase> cheapest(List<Pack> packs, BigDecimal needed) {
    List<Pack> sold = packs.stream().filter(p -> p.holds().signum() > 0).toList();
    if (sold.isEmpty() || needed.signum() <= 0) {
      return Optional.empty();
    }
    int scale = sold.stream().mapToInt(p -> Math.max(0, p.holds().scale())).max().orElse(0);
    long[] holds = sold.stream().mapToLong(p -> scaled(p.holds(), scale)).toArray();
    long step = Arrays.stream(holds).reduce(0, (a, b) -> gcd(a, b));
    long most = Arrays.stream(holds).max().orElseThrow() / step;
    // up to the grid, never down: a drop too little is too little
    BigDecimal steps =
        needed.movePointRight(scale).divide(BigDecimal.valueOf(step), 0, RoundingMode.UP);
    if (steps.compareTo(BigDecimal.valueOf(MOST_STEPS)) > 0 || most > MOST_STEPS) {
      return Optional.empty();
    }
    // past what is needed no further than one pack: without the smallest of them it would still do
    int from = steps.intValueExact();
    int to = from + (int) most - 1;
    long[] costs = new long[to + 1];
    int[] last = new int[to + 1];
    for (int at = 1; at <= to; at++) {
      costs[at] = Long.MAX_VALUE;
      for (int i = 0; i < holds.length; i++) {
        long before = at - holds[i] / step;
        if (before >= 0 && costs[(int) before] < Long.MAX_VALUE) {
          long cost = costs[(int) before] + sold.get(i).price().minor();
          if (cost < costs[at]) {
            costs[at] = cost;
            last[at] = i;
          }
        }
      }
    }
    int best = from;
    for (int at = from + 1; at <= to; at++) {
      if (costs[at] < costs[best]) {
        best = at;
      }
    }
    int[] counts = new int[holds.length];
    for (int at = best; at > 0; at -= (int) (holds[last[at]] / step)) {
      counts[last[at]]++;
    }
    List<Line> lines = new ArrayList<>();
    for (int i = 0; i < counts.length; i++) {
      if (counts[i] > 0) {
        lines.add(new Line(sold.get(i), counts[i]));
      }
    }
    BigDecimal bought =
        lines.stream()
            .map(l -> l.pack().holds().multiply(BigDecimal.valueOf(l.count())))
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    return Optional.of(
        new Purchase(
            lines,
            new Money(costs[best], sold.getFirst().price().currency()),
            bought.subtract(needed)));
  }

  private static long scaled(BigDecimal holds, int scale) {
    return holds.movePointRight(scale).longValueExact();
  }

  private static long gcd(long a, long b) {
    return BigInteger.valueOf(a).gcd(BigInteger.valueOf(b)).longValueExact();
  }
}
