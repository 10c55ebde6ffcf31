package craftmap.core.cut.nest;

import craftmap.core.cut.StockLengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

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
  private final int followed;

  private Blocks(double widest, double tallest, int followed) {
    this.followed = followed;
    this.widest = widest;
    this.tallest = tallest;
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
   * @param followed how many ways are followed at a time
   */
  static List<Block> join(List<Block> parts, double widestMm, double tallestMm, int followed) {
    Blocks blocks = new Blocks(widestMm, tallestMm, followed);
    return blocks.stacked(blocks.search(parts));
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

  /** What some joins made of the parts. Blocks as long as the sheet are settled. */
  private record State(List<Block> open, List<Block> settled, long print, int alone) {}

  /**
   * One join after the other, of many states at once. Of all that can be joined next, those states
   * are followed in which the fewest blocks have nothing left to join: a join that was chance leads
   * to blocks that nothing matches.
   */
  private List<Block> search(List<Block> parts) {
    State first = state(parts, List.of());
    State best = first;
    List<State> beam = List.of(first);
    while (!beam.isEmpty()) {
      List<State> next = new ArrayList<>();
      Set<Long> seen = new HashSet<>();
      for (State s : beam) {
        if (s.open().isEmpty() && isWithoutWaste(s)) {
          return s.settled();
        }
        if (s.open().size() < best.open().size()) {
          best = s;
        }
        for (State joined : joins(s)) {
          if (seen.add(joined.print())) {
            next.add(joined);
          }
        }
      }
      next.sort(Comparator.comparingInt(State::alone).thenComparingLong(State::print));
      beam = next.size() > followed ? next.subList(0, followed) : next;
    }
    List<Block> all = new ArrayList<>(best.settled());
    all.addAll(best.open());
    return all;
  }

  private boolean isWithoutWaste(State s) {
    double area = s.settled().stream().mapToDouble(Block::areaMm2).sum();
    return stacked(s.settled()).size() <= area / (widest * tallest) + 1e-6;
  }

  private State state(List<Block> blocks, List<Block> before) {
    List<Block> open = new ArrayList<>();
    List<Block> settled = new ArrayList<>(before);
    long print = 0;
    Map<Long, Integer> widths = new HashMap<>();
    Map<Long, Integer> heights = new HashMap<>();
    for (Block b : blocks) {
      (isWhole(b) ? settled : open).add(b);
    }
    for (Block b : open) {
      widths.merge(key(b.widthMm), 1, Integer::sum);
      heights.merge(key(b.heightMm), 1, Integer::sum);
      print += mixed(key(b.widthMm) * 1_000_003 + key(b.heightMm));
    }
    int alone = 0;
    for (Block b : open) {
      boolean matched = widths.get(key(b.widthMm)) > 1 || heights.get(key(b.heightMm)) > 1;
      alone += matched ? 0 : 1;
    }
    return new State(open, settled, print, alone);
  }

  private static long key(double mm) {
    return Math.round(mm * KEYS_PER_MM);
  }

  private static long mixed(long z) {
    long m = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
    m = (m ^ (m >>> 27)) * 0x94D049BB133111EBL;
    return m ^ (m >>> 31);
  }

  /** Each pair that may be joined, either way, equal ones once. */
  private List<State> joins(State s) {
    List<State> joins = new ArrayList<>();
    List<Block> open = s.open();
    for (int i = 0; i < open.size(); i++) {
      for (int k = i + 1; k < open.size(); k++) {
        Block a = open.get(i);
        Block b = open.get(k);
        if (Math.abs(a.heightMm - b.heightMm) < SAME_MM
            && a.widthMm + b.widthMm <= widest + SAME_MM) {
          joins.add(joined(s, i, k, Block.beside(a, b)));
        }
        if (Math.abs(a.widthMm - b.widthMm) < SAME_MM
            && a.heightMm + b.heightMm <= tallest + SAME_MM) {
          joins.add(joined(s, i, k, Block.below(a, b)));
        }
      }
    }
    return joins;
  }

  private State joined(State s, int i, int k, Block block) {
    List<Block> next = new ArrayList<>(s.open());
    next.remove(k);
    next.remove(i);
    next.add(block);
    return state(next, s.settled());
  }
}
