package craftmap.core.cut;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * Pieces cut from stock lengths with a saw: fewest stock lengths, then the longest single leftover.
 *
 * <ol>
 *   <li>A piece longer than a stock length is joined from whole stock lengths and a rest. Whole
 *       ones share their length with nothing, so that only the others are planned.
 *   <li>Longest piece first into the first length that takes it gives a plan; the pieces' sum gives
 *       a bound. Where they differ, every way of putting pieces into lengths is tried, equal ways
 *       once, those that cannot beat the best so far not at all; piece after piece first, then
 *       length after length.
 *   <li>Among plans of that many lengths, one length is emptied as far as the others take its
 *       pieces.
 * </ol>
 *
 * <p>Each piece costs the saw's width besides itself, but the last one of a length needs no cut
 * behind it; so a length takes pieces up to stock + saw, each with the saw's width added.
 */
public final class StockLengths {
  /** More than these are put longest first, and told against the bound. */
  private static final int MOST_SEARCHED = 200;

  /** The search gives up after this many steps; the plan then says that it is not proven. */
  private static final long MOST_STEPS = 1_000_000;

  /** The same where one of many ways to empty a length is tried. */
  private static final long STEPS_TO_EMPTY = 10_000;

  private final double roomMm;
  private final double sawMm;
  private final double[] pieces;
  private final int[] number;
  private long mostSteps = MOST_STEPS;
  private long steps;

  /**
   * How pieces come out of stock lengths.
   *
   * @param lengths each with its pieces, longest first
   * @param joined pieces that are longer than a stock length and so are joined
   * @param least no plan can do with fewer lengths
   */
  public record Plan(double stockMm, List<Length> lengths, int joined, int least) {
    public Plan {
      lengths = List.copyOf(lengths);
    }

    public boolean isProven() {
      return lengths.size() == least;
    }

    public double longestLeftoverMm() {
      return lengths.stream().mapToDouble(Length::leftoverMm).max().orElse(0);
    }
  }

  /** One stock length. */
  public record Length(List<Double> piecesMm, double leftoverMm) {
    public Length {
      piecesMm = List.copyOf(piecesMm);
    }
  }

  private StockLengths(List<Double> pieces, double stockMm, double sawMm) {
    this.roomMm = stockMm + sawMm;
    this.sawMm = sawMm;
    List<Double> sorted = new ArrayList<>(pieces);
    sorted.sort(Comparator.reverseOrder());
    this.pieces = sorted.stream().mapToDouble(p -> p + sawMm).toArray();
    this.number = new int[this.pieces.length];
  }

  public static Plan plan(List<Double> piecesMm, double stockMm, double sawMm) {
    double stock = LengthRange.SIZE.check("stock-length", stockMm);
    double saw = LengthRange.DISTANCE.check("saw", sawMm);
    List<Double> single = new ArrayList<>();
    int whole = 0;
    int joined = 0;
    for (double piece : piecesMm) {
      double left = LengthRange.SIZE.check("piece", piece);
      joined += Tolerance.EXACT.greater(left, stock) ? 1 : 0;
      while (Tolerance.EXACT.greater(left, stock)) {
        whole++;
        left -= stock;
      }
      if (Tolerance.EXACT.sameLength(left, stock)) {
        whole++;
      } else {
        single.add(left);
      }
    }
    Plan others = new StockLengths(single, stock, saw).solve(stock, joined);
    List<Length> lengths =
        new ArrayList<>(Collections.nCopies(whole, new Length(List.of(stock), 0)));
    lengths.addAll(others.lengths());
    return new Plan(stock, lengths, joined, whole + others.least());
  }

  private Plan solve(double stock, int joined) {
    int[] best = firstFit();
    int bins = bins(best);
    int least = bound();
    boolean searched = pieces.length <= MOST_SEARCHED;
    while (searched && bins > least) {
      steps = 0;
      int[] fewer = search(bins - 1);
      boolean all = steps < mostSteps; // every way was tried
      if (fewer == null && !all) {
        Completion.Answer completed = Completion.of(pieces, roomMm, bins - 1, mostSteps);
        fewer = completed.in().orElse(null);
        all = completed.impossible();
      }
      if (fewer == null) {
        least = all ? bins : least;
        break;
      }
      best = fewer;
      bins = bins(best);
    }
    if (searched) {
      best = emptied(best, bins);
    }
    return new Plan(stock, lengths(best, bins), joined, Math.min(least, bins));
  }

  /** No plan needs fewer: all pieces together, and pieces above half a length one each. */
  private int bound() {
    double sum = 0;
    int large = 0;
    for (double piece : pieces) {
      sum += piece;
      large += piece > roomMm / 2 + Tolerance.EXACT.lengthMm() ? 1 : 0;
    }
    return Math.max(large, (int) Math.ceil(sum / roomMm - 1e-9));
  }

  private int[] firstFit() {
    List<Double> free = new ArrayList<>();
    int[] in = new int[pieces.length];
    for (int i = 0; i < pieces.length; i++) {
      int bin = 0;
      while (bin < free.size() && !fits(pieces[i], free.get(bin))) {
        bin++;
      }
      if (bin == free.size()) {
        free.add(roomMm);
      }
      free.set(bin, free.get(bin) - pieces[i]);
      in[i] = bin;
    }
    return in;
  }

  private static boolean fits(double piece, double free) {
    return !Tolerance.EXACT.greater(piece, free);
  }

  private static int bins(int[] in) {
    int most = -1;
    for (int bin : in) {
      most = Math.max(most, bin);
    }
    return most + 1;
  }

  /** All pieces into so many lengths, or nothing. */
  private int[] search(int bins) {
    double[] free = new double[bins];
    java.util.Arrays.fill(free, roomMm);
    double spare = bins * roomMm;
    for (double piece : pieces) {
      spare -= piece;
    }
    return put(0, free, spare) ? number.clone() : null;
  }

  private boolean put(int i, double[] free, double spare) {
    if (i == pieces.length) {
      return true;
    }
    if (++steps > mostSteps) {
      return false;
    }
    for (int bin : tightestFirst(free)) {
      if (!fits(pieces[i], free[bin]) || sameAsEarlier(free, bin)) {
        continue;
      }
      // equal pieces go into lengths in order: the other order is the same plan
      if (i > 0 && pieces[i] == pieces[i - 1] && bin < number[i - 1]) {
        continue;
      }
      double left = free[bin] - pieces[i];
      double lost = left < pieces[pieces.length - 1] ? left : 0;
      if (Tolerance.EXACT.greater(lost, spare)) {
        continue;
      }
      free[bin] = left;
      number[i] = bin;
      if (put(i + 1, free, spare - Math.max(0, lost))) {
        return true;
      }
      free[bin] = left + pieces[i];
    }
    return false;
  }

  /** The length with the least room first: what is full early leaves room where it counts. */
  private static int[] tightestFirst(double[] free) {
    int[] order = new int[free.length];
    for (int i = 0; i < order.length; i++) {
      int k = i;
      while (k > 0 && free[order[k - 1]] > free[i]) {
        order[k] = order[k - 1];
        k--;
      }
      order[k] = i;
    }
    return order;
  }

  private static boolean sameAsEarlier(double[] free, int bin) {
    for (int other = 0; other < bin; other++) {
      if (free[other] == free[bin]) {
        return true;
      }
    }
    return false;
  }

  /**
   * The plan whose emptiest length is emptiest: sets of pieces for that length are tried from the
   * smallest sum upwards, and the first one whose rest goes into the other lengths wins.
   */
  private int[] emptied(int[] plan, int bins) {
    if (bins < 2) {
      return plan;
    }
    double total = 0;
    for (double piece : pieces) {
      total += piece;
    }
    double least = total - (bins - 1) * roomMm;
    double now = fillOfEmptiest(plan, bins);
    for (List<Integer> alone : SubsetSums.between(pieces, least, now)) {
      List<Double> rest = new ArrayList<>();
      List<Integer> which = new ArrayList<>();
      for (int i = 0; i < pieces.length; i++) {
        if (!alone.contains(i)) {
          rest.add(pieces[i] - sawMm);
          which.add(i);
        }
      }
      StockLengths others = new StockLengths(rest, roomMm - sawMm, sawMm);
      others.mostSteps = STEPS_TO_EMPTY;
      int[] in = others.firstFit();
      if (bins(in) > bins - 1) {
        in = others.search(bins - 1);
      }
      if (in != null) {
        int[] better = new int[pieces.length];
        for (int k = 0; k < which.size(); k++) {
          better[which.get(k)] = in[k];
        }
        alone.forEach(i -> better[i] = bins - 1);
        return better;
      }
    }
    return plan;
  }

  private double fillOfEmptiest(int[] plan, int bins) {
    double[] fill = new double[bins];
    for (int i = 0; i < plan.length; i++) {
      fill[plan[i]] += pieces[i];
    }
    return java.util.Arrays.stream(fill).min().orElseThrow();
  }

  private List<Length> lengths(int[] in, int bins) {
    List<Length> lengths = new ArrayList<>();
    for (int bin = 0; bin < bins; bin++) {
      List<Double> its = new ArrayList<>();
      double free = roomMm;
      for (int i = 0; i < in.length; i++) {
        if (in[i] == bin) {
          its.add(pieces[i] - sawMm);
          free -= pieces[i];
        }
      }
      // what is left behind the last cut, which takes the saw's width as the others do; a piece
      // that ends flush needs no cut and leaves nothing
      lengths.add(new Length(its, Math.max(0, free - sawMm)));
    }
    return lengths;
  }
}
