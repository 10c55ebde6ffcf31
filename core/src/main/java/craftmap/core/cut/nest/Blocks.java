package craftmap.core.cut.nest;

import craftmap.core.cut.StockLengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Parts joined along whole sides. Parts that were cut from one sheet by straight cuts join up again
 * in some order; where joining everything gives whole sheets, that is a plan without waste. Only
 * parts that keep their direction and follow no repeat are joined.
 */
final class Blocks {
  private static final double SAME_MM = 1e-6;
  private static final int MOST_STEPS = 4_000;

  private final double widest;
  private final double tallest;
  private int steps;

  private Blocks(double widest, double tallest) {
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
   */
  static List<Block> join(List<Block> parts, double widestMm, double tallestMm) {
    Blocks blocks = new Blocks(widestMm, tallestMm);
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

  /** The most telling join first: sides that few others share are seldom equal by chance. */
  private List<Block> search(List<Block> blocks) {
    List<int[]> joins = joins(blocks);
    if (joins.isEmpty() || ++steps > MOST_STEPS) {
      return blocks;
    }
    List<Block> best = blocks;
    for (int[] join : joins) {
      List<Block> joined = search(joined(blocks, join));
      if (joined.size() < best.size() || whole(joined) > whole(best)) {
        best = joined;
      }
      if (best.stream().allMatch(this::isWhole) || steps > MOST_STEPS) {
        return best;
      }
    }
    return best;
  }

  private long whole(List<Block> blocks) {
    return blocks.stream().filter(this::isWhole).count();
  }

  private static List<Block> joined(List<Block> blocks, int[] join) {
    List<Block> next = new ArrayList<>(blocks);
    Block a = blocks.get(join[0]);
    Block b = blocks.get(join[1]);
    next.remove(Math.max(join[0], join[1]));
    next.remove(Math.min(join[0], join[1]));
    next.add(join[2] == 1 ? Block.beside(a, b) : Block.below(a, b));
    return next;
  }

  /**
   * The joins to try: all of the side that the fewest blocks share. Others wait; a side shared by
   * two only cannot be completed in another way.
   */
  private List<int[]> joins(List<Block> blocks) {
    List<int[]> fewest = List.of();
    for (int i = 0; i < blocks.size(); i++) {
      List<int[]> beside = partners(blocks, i, true);
      List<int[]> below = partners(blocks, i, false);
      for (List<int[]> of : List.of(beside, below)) {
        if (!of.isEmpty() && (fewest.isEmpty() || of.size() < fewest.size())) {
          fewest = of;
        }
      }
    }
    return fewest;
  }

  private List<int[]> partners(List<Block> blocks, int i, boolean beside) {
    Block a = blocks.get(i);
    List<int[]> partners = new ArrayList<>();
    for (int k = 0; k < blocks.size(); k++) {
      Block b = blocks.get(k);
      boolean fits =
          beside
              ? Math.abs(a.heightMm - b.heightMm) < SAME_MM
                  && a.widthMm + b.widthMm <= widest + SAME_MM
              : Math.abs(a.widthMm - b.widthMm) < SAME_MM
                  && a.heightMm + b.heightMm <= tallest + SAME_MM;
      boolean common = beside ? isTall(a) : isWide(a);
      if (k != i && fits && !common) {
        partners.add(new int[] {i, k, beside ? 1 : 0});
      }
    }
    return partners;
  }
}
