package craftmap.core.cut.nest;

import craftmap.core.chance.Dice;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoublePredicate;

/** Finds a plan that cuts into the fewest new sheets, then leaves the largest leftover. */
public final class Nesting {
  private static final int SEED = 1;

  private final List<NestPart> parts;
  private final List<NestStock> stock;
  private final double knife;
  private final int tries;
  private final DoublePredicate goOn;
  private final int least;

  private Nesting(
      List<NestPart> parts,
      List<NestStock> stock,
      double knifeMm,
      int tries,
      DoublePredicate goOn) {
    this.parts = List.copyOf(parts);
    this.stock = List.copyOf(stock);
    this.knife = knifeMm;
    this.tries = tries;
    this.goOn = goOn;
    this.least = least();
  }

  /**
   * A plan.
   *
   * @param knifeMm clear room between parts
   * @param tries how often the best plan is taken apart and filled again
   * @param goOn told the share that is done; where it says no, the best plan so far is the answer
   */
  public static Nested plan(
      List<NestPart> parts,
      List<NestStock> stock,
      double knifeMm,
      int tries,
      DoublePredicate goOn) {
    return new Nesting(parts, stock, knifeMm, tries, goOn).run();
  }

  /**
   * Leftovers may take any part, so they only lower the bound; sheets of several sizes make none.
   */
  private int least() {
    List<NestStock> sheets = stock.stream().filter(NestStock::isNew).toList();
    if (sheets.isEmpty() || parts.isEmpty()) {
      return 0;
    }
    double width = sheets.stream().mapToDouble(s -> s.usable().widthMm()).max().orElseThrow();
    double height = sheets.stream().mapToDouble(s -> s.usable().heightMm()).max().orElseThrow();
    List<NestPart> larger =
        parts.stream()
            .filter(p -> !fitsALeftover(p))
            .map(p -> new NestPart(p.widthMm() + knife, p.heightMm() + knife, p.turns(), 0, 0))
            .toList();
    return LeastSheets.of(larger, width + knife, height + knife);
  }

  private boolean fitsALeftover(NestPart p) {
    return stock.stream()
        .filter(s -> !s.isNew())
        .anyMatch(
            s ->
                p.widthMm() <= s.usable().widthMm() && p.heightMm() <= s.usable().heightMm()
                    || p.turns()
                        && p.heightMm() <= s.usable().widthMm()
                        && p.widthMm() <= s.usable().heightMm());
  }

  private Nested run() {
    List<Blocks.Block> single = singleBlocks();
    Nested best = null;
    for (List<Blocks.Block> blocks : blockings(single)) {
      for (Comparator<Blocks.Block> order : ORDERS) {
        List<Blocks.Block> sorted = new ArrayList<>(blocks);
        sorted.sort(order);
        for (Filling.Fit fit : Filling.Fit.values()) {
          for (Filling.Split split : Filling.Split.values()) {
            best = better(best, fill(sorted, fit, split));
          }
        }
        if (isDone(best)) {
          return best;
        }
      }
    }
    return improved(best, single);
  }

  /** Larger blocks are harder to place: they go first, whatever large means. */
  private static final List<Comparator<Blocks.Block>> ORDERS =
      List.of(
          Comparator.comparingDouble(b -> -b.areaMm2()),
          Comparator.comparingDouble(b -> -b.heightMm()),
          Comparator.comparingDouble(b -> -b.widthMm()),
          Comparator.comparingDouble(b -> -(b.widthMm() + b.heightMm())),
          Comparator.comparingDouble(b -> -Math.max(b.widthMm(), b.heightMm())));

  private List<Blocks.Block> singleBlocks() {
    List<Blocks.Block> blocks = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      blocks.add(
          Blocks.Block.of(i, parts.get(i).widthMm() + knife, parts.get(i).heightMm() + knife));
    }
    return blocks;
  }

  /** Joined where that may be, and one by one. */
  private List<List<Blocks.Block>> blockings(List<Blocks.Block> single) {
    boolean repeats = stock.stream().anyMatch(s -> s.stepAcrossMm() > 0 || s.stepDownMm() > 0);
    List<NestStock> sheets = stock.stream().filter(NestStock::isNew).toList();
    if (repeats || sheets.isEmpty() || parts.stream().anyMatch(NestPart::turns)) {
      return List.of(single);
    }
    var sheet = sheets.getFirst().usable();
    List<Blocks.Block> joined =
        Blocks.join(single, sheet.widthMm() + knife, sheet.heightMm() + knife);
    return joined.size() == single.size() ? List.of(single) : List.of(joined, single);
  }

  private Nested fill(List<Blocks.Block> blocks, Filling.Fit fit, Filling.Split split) {
    return new Filling(parts, stock, knife, fit, split).fill(blocks, least);
  }

  private static boolean isDone(Nested plan) {
    return plan != null && plan.isProven();
  }

  private static final Comparator<Nested> BETTER =
      Comparator.comparingInt((Nested n) -> n.unplaced().size())
          .thenComparingInt(Nested::newSheets)
          .thenComparingInt(n -> n.sheets().size())
          .thenComparingDouble(n -> -n.largestLeftoverMm2());

  private static Nested better(Nested known, Nested other) {
    return known == null || BETTER.compare(other, known) < 0 ? other : known;
  }

  /** Some of the blocks are moved to another place in the order, and all are filled again. */
  private Nested improved(Nested found, List<Blocks.Block> single) {
    Nested best = found;
    Dice dice = new Dice(SEED);
    List<Blocks.Block> order = new ArrayList<>(single);
    order.sort(ORDERS.getFirst());
    for (int t = 0; t < tries && !isDone(best); t++) {
      if (!goOn.test((double) t / tries)) {
        return best;
      }
      List<Blocks.Block> other = new ArrayList<>(order);
      int moves = 1 + (int) (dice.next() * 4);
      for (int m = 0; m < moves; m++) {
        Blocks.Block moved = other.remove((int) (dice.next() * other.size()));
        other.add((int) (dice.next() * (other.size() + 1)), moved);
      }
      Filling.Fit fit = Filling.Fit.values()[(int) (dice.next() * Filling.Fit.values().length)];
      Filling.Split split =
          Filling.Split.values()[(int) (dice.next() * Filling.Split.values().length)];
      Nested plan = fill(other, fit, split);
      if (BETTER.compare(plan, best) <= 0) {
        best = plan;
        order = other;
      }
    }
    return best;
  }
}
