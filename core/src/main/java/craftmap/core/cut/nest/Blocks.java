package craftmap.core.cut.nest;

import craftmap.core.cut.StockLengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntToDoubleFunction;

/**
 * Parts joined along whole sides. Parts that were cut from one sheet by straight cuts join up again
 * in some order; where joining everything gives whole sheets, that is a plan without waste. Only
 * parts that keep their direction and follow no repeat are joined.
 */
final class Blocks {
  private static final double SAME_MM = 1e-6;
  private static final double KEYS_PER_MM = 1e4;

  private final double widest;
  private final double tallest;

  private Blocks(double widest, double tallest) {
    this.widest = widest;
    this.tallest = tallest;
  }

  /**
   * How long joins are looked for. Of joins that are equally good chance decides which are
   * followed, so where parts fill whole sheets beginning anew finds what following more at a time
   * does not: 100 times 40 found the sheets of 28 of 30 cases that 2,000 at a time found of 25.
   *
   * @param once how many ways are followed together where the parts leave waste
   * @param atATime how many are where they fill whole sheets
   * @param times how often it is begun anew then
   */
  record Effort(int once, int atATime, int times) {
    /** For a search of so many tries. */
    static Effort of(int tries) {
      double ways = tries * 2 / 3.0;
      int atATime = (int) Math.clamp(Math.sqrt(ways), 4, 60);
      int times = (int) Math.clamp(ways / atATime, 1, 100);
      return new Effort(Math.clamp(tries / 5, 4, 400), atATime, times);
    }
  }

  /**
   * A part, or two blocks joined.
   *
   * @param part its number; -1 for joined ones
   * @param beside the second lies to the right of the first, else below it
   */
  record Block(
      double widthMm, double heightMm, int part, boolean beside, Block first, Block second) {
    static Block of(int part, double widthMm, double heightMm) {
      return new Block(widthMm, heightMm, part, false, null, null);
    }

    static Block beside(Block a, Block b) {
      return new Block(a.widthMm + b.widthMm, a.heightMm, -1, true, a, b);
    }

    static Block below(Block a, Block b) {
      return new Block(a.widthMm, a.heightMm + b.heightMm, -1, false, a, b);
    }

    double areaMm2() {
      return widthMm * heightMm;
    }
  }

  /**
   * Joined as far as it goes, with as few blocks as were found. What is as wide or as high as a
   * sheet is common to all sheets: which of it makes up one is a question of lengths alone.
   *
   * @param goOn asked before it is begun anew
   */
  static List<Block> join(
      List<Block> parts, double widestMm, double tallestMm, Effort effort, BooleanSupplier goOn) {
    Blocks blocks = new Blocks(widestMm, tallestMm);
    return blocks.stacked(blocks.search(parts, effort, goOn));
  }

  private boolean isWide(Block b) {
    return Math.abs(b.widthMm - widest) < SAME_MM;
  }

  private boolean isTall(Block b) {
    return Math.abs(b.heightMm - tallest) < SAME_MM;
  }

  private boolean isWhole(Block b) {
    return isWide(b) || isTall(b);
  }

  private List<Block> stacked(List<Block> blocks) {
    List<Block> rest = new ArrayList<>();
    List<Block> wide = new ArrayList<>();
    List<Block> tall = new ArrayList<>();
    for (Block b : blocks) {
      (isWide(b) && !isTall(b) ? wide : isTall(b) && !isWide(b) ? tall : rest).add(b);
    }
    rest.addAll(stack(wide, tallest, false));
    rest.addAll(stack(tall, widest, true));
    return rest;
  }

  /** Out of lengths as long as the sheet, as few as possible. */
  private static List<Block> stack(List<Block> blocks, double length, boolean beside) {
    if (blocks.size() < 2) {
      return blocks;
    }
    List<Block> left = new ArrayList<>(blocks);
    List<Double> pieces = blocks.stream().map(b -> beside ? b.widthMm : b.heightMm).toList();
    List<Block> stacks = new ArrayList<>();
    for (StockLengths.Length cut : StockLengths.plan(pieces, length, 0).lengths()) {
      Block stack = null;
      for (double piece : cut.piecesMm()) {
        Block next = nearest(left, piece, beside);
        left.remove(next);
        stack =
            stack == null ? next : beside ? Block.beside(stack, next) : Block.below(stack, next);
      }
      stacks.add(stack);
    }
    return stacks;
  }

  private static Block nearest(List<Block> among, double size, boolean beside) {
    return among.stream()
        .min(Comparator.comparingDouble(b -> Math.abs((beside ? b.widthMm : b.heightMm) - size)))
        .orElseThrow();
  }

  /**
   * What some joins made of the parts. Blocks as long as the sheet are settled.
   *
   * @param print the same for the same sizes, in whatever order they were joined
   */
  private record State(Block[] open, List<Block> settled, long print) {}

  /**
   * A join that a state may be followed by.
   *
   * @param alone how many blocks have nothing left to join then
   */
  private record Join(State of, int first, int second, boolean beside, int alone, long print) {}

  private List<Block> search(List<Block> parts, Effort effort, BooleanSupplier goOn) {
    State first = state(parts, List.of());
    State best = first;
    if (fillSheets(parts)) {
      for (int t = 0;
          t < effort.times() && !isWithoutWaste(best) && (t == 0 || goOn.getAsBoolean());
          t++) {
        State found = search(first, effort.atATime(), t);
        boolean isBetter = found.open().length < best.open().length || isWithoutWaste(found);
        best = isBetter ? found : best;
      }
    } else {
      best = search(first, effort.once(), 0);
    }
    List<Block> all = new ArrayList<>(best.settled());
    all.addAll(List.of(best.open()));
    return all;
  }

  /** Only parts that make up whole sheets can be joined to such. */
  private boolean fillSheets(List<Block> parts) {
    double sheets = parts.stream().mapToDouble(Block::areaMm2).sum() / (widest * tallest);
    return Math.abs(sheets - Math.rint(sheets)) < 1e-6;
  }

  /**
   * One join after the other, of many states at once. Of all that can be joined next, those states
   * are followed in which the fewest blocks have nothing left to join: a join that was chance leads
   * to blocks that nothing matches.
   *
   * @param turn decides between those that are equally good
   */
  private State search(State first, int atATime, long turn) {
    Comparator<Join> fewestAlone =
        Comparator.comparingInt(Join::alone)
            .thenComparingLong(j -> turn == 0 ? j.print() : mixed(j.print() + turn));
    State best = first;
    List<State> beam = List.of(first);
    while (!beam.isEmpty()) {
      List<Join> next = new ArrayList<>();
      Set<Long> seen = new HashSet<>();
      for (State s : beam) {
        if (isWithoutWaste(s)) {
          return s;
        }
        if (s.open().length < best.open().length) {
          best = s;
        }
        new Joins(s, seen, next).all();
      }
      next.sort(fewestAlone);
      beam = next.stream().limit(atATime).map(this::joined).toList();
    }
    return best;
  }

  private boolean isWithoutWaste(State s) {
    if (s.open().length > 0) {
      return false;
    }
    double area = s.settled().stream().mapToDouble(Block::areaMm2).sum();
    return stacked(s.settled()).size() <= area / (widest * tallest) + 1e-6;
  }

  private State state(List<Block> blocks, List<Block> before) {
    List<Block> open = new ArrayList<>();
    List<Block> settled = new ArrayList<>(before);
    long print = 0;
    for (Block b : blocks) {
      (isWhole(b) ? settled : open).add(b);
    }
    for (Block b : open) {
      print += print(b.widthMm, b.heightMm);
    }
    return new State(open.toArray(Block[]::new), settled, print);
  }

  private State joined(Join join) {
    Block[] open = join.of.open;
    Block a = open[join.first];
    Block b = open[join.second];
    List<Block> next = new ArrayList<>(open.length);
    for (int i = 0; i < open.length; i++) {
      if (i != join.first && i != join.second) {
        next.add(open[i]);
      }
    }
    next.add(join.beside ? Block.beside(a, b) : Block.below(a, b));
    return state(next, join.of.settled);
  }

  private static long print(double width, double height) {
    return mixed(key(width) * 1_000_003 + key(height));
  }

  private static long key(double mm) {
    return Math.round(mm * KEYS_PER_MM);
  }

  private static long mixed(long z) {
    long m = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
    m = (m ^ (m >>> 27)) * 0x94D049BB133111EBL;
    return m ^ (m >>> 31);
  }

  /**
   * All joins of one state. Sides that are equal have one number, so that what is alone after a
   * join is counted without making what it leads to: of a thousand joins some dozens are followed.
   */
  private final class Joins {
    private final State state;
    private final Block[] open;
    private final Set<Long> seen;
    private final List<Join> into;
    private final Sides widths;
    private final Sides heights;

    private Joins(State state, Set<Long> seen, List<Join> into) {
      this.state = state;
      this.open = state.open();
      this.seen = seen;
      this.into = into;
      this.widths = new Sides(open.length, i -> open[i].widthMm);
      this.heights = new Sides(open.length, i -> open[i].heightMm);
    }

    /** Each pair that may be joined, either way, equal ones once. */
    private void all() {
      for (int i = 0; i < open.length; i++) {
        for (int k = i + 1; k < open.length; k++) {
          Block a = open[i];
          Block b = open[k];
          if (Math.abs(a.heightMm - b.heightMm) < SAME_MM
              && a.widthMm + b.widthMm <= widest + SAME_MM) {
            add(i, k, true, a.widthMm + b.widthMm, a.heightMm);
          }
          if (Math.abs(a.widthMm - b.widthMm) < SAME_MM
              && a.heightMm + b.heightMm <= tallest + SAME_MM) {
            add(i, k, false, a.widthMm, a.heightMm + b.heightMm);
          }
        }
      }
    }

    private void add(int i, int k, boolean beside, double width, double height) {
      boolean settles = Math.abs(width - widest) < SAME_MM || Math.abs(height - tallest) < SAME_MM;
      long print =
          state.print
              - print(open[i].widthMm, open[i].heightMm)
              - print(open[k].widthMm, open[k].heightMm)
              + (settles ? 0 : print(width, height));
      if (seen.add(print)) {
        into.add(new Join(state, i, k, beside, alone(i, k, settles, width, height), print));
      }
    }

    private int alone(int i, int k, boolean settles, double width, double height) {
      int wide = settles ? -1 : widths.number(width);
      int high = settles ? -1 : heights.number(height);
      widths.count(i, k, wide);
      heights.count(i, k, high);
      int alone = 0;
      for (int b = 0; b < open.length; b++) {
        if (b != i
            && b != k
            && widths.times[widths.of[b]] < 2
            && heights.times[heights.of[b]] < 2) {
          alone++;
        }
      }
      if (!settles && !widths.isShared(wide) && !heights.isShared(high)) {
        alone++;
      }
      widths.countBack(i, k, wide);
      heights.countBack(i, k, high);
      return alone;
    }
  }

  /** Equal widths, or heights, by one number each, and how many blocks have them. */
  private static final class Sides {
    private final Map<Long, Integer> numbers = new HashMap<>();
    private final int[] of;
    private final int[] times;

    private Sides(int blocks, IntToDoubleFunction side) {
      of = new int[blocks];
      times = new int[blocks];
      for (int b = 0; b < blocks; b++) {
        of[b] = numbers.computeIfAbsent(key(side.applyAsDouble(b)), _ -> numbers.size());
        times[of[b]]++;
      }
    }

    /** Of a side that no block has, -1. */
    private int number(double side) {
      return numbers.getOrDefault(key(side), -1);
    }

    private void count(int gone, int other, int fresh) {
      times[of[gone]]--;
      times[of[other]]--;
      if (fresh >= 0) {
        times[fresh]++;
      }
    }

    private void countBack(int gone, int other, int fresh) {
      times[of[gone]]++;
      times[of[other]]++;
      if (fresh >= 0) {
        times[fresh]--;
      }
    }

    private boolean isShared(int number) {
      return number >= 0 && times[number] > 1;
    }
  }
}
