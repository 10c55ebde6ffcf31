package craftmap.core.graph;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/**
 * Colours a conflict graph with few colours, piece by connected piece.
 *
 * <ol>
 *   <li>Taken in order, each position gets the first colour that none of its neighbours has. Along
 *       a run and on most plain grids this is fewest already.
 *   <li>Taken by how many colours its neighbours have already (the most pressed first), each gets
 *       the first free one.
 *   <li>The better of the two stands unless a clique, positions that all disturb one another, is
 *       smaller; then, for up to {@value #EXACT_UP_TO} positions, all colourings with fewer colours
 *       are searched, the most pressed position first, a new colour only once.
 * </ol>
 */
public final class Colouring {
  public static final int EXACT_UP_TO = 64;

  /** Steps after which the search gives up; far more than grids of that size have needed. */
  private static final long MOST_STEPS = 3_000_000;

  private final int[] colour;
  private final int colours;
  private final boolean proven;

  private Colouring(int[] colour, int colours, boolean proven) {
    this.colour = colour;
    this.colours = colours;
    this.proven = proven;
  }

  public int colours() {
    return colours;
  }

  public int colourOf(int position) {
    return colour[position];
  }

  /** True where fewer colours are impossible. */
  public boolean proven() {
    return proven;
  }

  public static Colouring of(Graph graph) {
    int[] colour = new int[graph.size()];
    int most = 0;
    boolean proven = true;
    int largestClique = 0;
    int[] number = new int[graph.size()];
    for (List<Integer> piece : pieces(graph)) {
      Piece one = new Piece(graph, piece, number);
      int[] best = one.inOrder();
      int clique = one.clique(count(best));
      if (count(best) > clique) {
        int[] pressed = one.mostPressedFirst();
        best = count(pressed) < count(best) ? pressed : best;
      }
      boolean fewest = count(best) == clique;
      if (!fewest && piece.size() <= EXACT_UP_TO) {
        Search search = new Search(one, count(best));
        int[] found = search.best();
        best = found == null ? best : found;
        fewest = search.finished();
      }
      for (int i = 0; i < piece.size(); i++) {
        colour[piece.get(i)] = best[i];
      }
      if (fewest) {
        largestClique = Math.max(largestClique, count(best));
      }
      most = Math.max(most, count(best));
    }
    // fewest on the piece that needs most is fewest on the whole
    proven = largestClique == most;
    return new Colouring(colour, most, proven);
  }

  private static int count(int[] colour) {
    return Arrays.stream(colour).max().orElse(-1) + 1;
  }

  /** Positions that hang together through conflicts. */
  private static List<List<Integer>> pieces(Graph graph) {
    boolean[] seen = new boolean[graph.size()];
    List<List<Integer>> pieces = new ArrayList<>();
    for (int i = 0; i < graph.size(); i++) {
      if (seen[i]) {
        continue;
      }
      List<Integer> piece = new ArrayList<>();
      ArrayDeque<Integer> todo = new ArrayDeque<>(List.of(i));
      seen[i] = true;
      while (!todo.isEmpty()) {
        int next = todo.poll();
        piece.add(next);
        for (int near : graph.of(next)) {
          if (!seen[near]) {
            seen[near] = true;
            todo.add(near);
          }
        }
      }
      piece.sort(null);
      pieces.add(piece);
    }
    return pieces;
  }

  /** One connected piece, its positions numbered anew. */
  private static final class Piece {
    private final int[][] near;

    /**
     * @param number to be written on: one for all pieces, which have no position in common
     */
    Piece(Graph graph, List<Integer> positions, int[] number) {
      for (int i = 0; i < positions.size(); i++) {
        number[positions.get(i)] = i;
      }
      near = new int[positions.size()][];
      for (int i = 0; i < near.length; i++) {
        int[] others = graph.of(positions.get(i));
        near[i] = new int[others.length];
        for (int k = 0; k < others.length; k++) {
          near[i][k] = number[others[k]];
        }
      }
    }

    int size() {
      return near.length;
    }

    int[] inOrder() {
      int[] colour = new int[near.length];
      Arrays.fill(colour, -1);
      for (int i = 0; i < near.length; i++) {
        colour[i] = firstFree(i, colour);
      }
      return colour;
    }

    private int firstFree(int i, int[] colour) {
      boolean[] taken = new boolean[near[i].length + 1];
      for (int k : near[i]) {
        if (colour[k] >= 0 && colour[k] < taken.length) {
          taken[colour[k]] = true;
        }
      }
      int free = 0;
      while (taken[free]) {
        free++;
      }
      return free;
    }

    /** Positions wait in rows by how many colours press on them. */
    int[] mostPressedFirst() {
      int n = near.length;
      int[] colour = new int[n];
      Arrays.fill(colour, -1);
      BitSet[] pressing = new BitSet[n];
      List<java.util.TreeSet<Integer>> waiting = new ArrayList<>();
      waiting.add(
          new java.util.TreeSet<>(
              (a, b) -> {
                int more = Integer.compare(near[b].length, near[a].length);
                return more != 0 ? more : Integer.compare(a, b);
              }));
      for (int i = 0; i < n; i++) {
        pressing[i] = new BitSet();
        waiting.getFirst().add(i);
      }
      int top = 0;
      for (int done = 0; done < n; done++) {
        while (waiting.get(top).isEmpty()) {
          top--;
        }
        int i = waiting.get(top).pollFirst();
        colour[i] = pressing[i].nextClearBit(0);
        for (int k : near[i]) {
          if (colour[k] < 0 && !pressing[k].get(colour[i])) {
            int pressed = pressing[k].cardinality();
            waiting.get(pressed).remove(k);
            pressing[k].set(colour[i]);
            if (waiting.size() <= pressed + 1) {
              waiting.add(new java.util.TreeSet<>(waiting.getFirst().comparator()));
            }
            waiting.get(pressed + 1).add(k);
            top = Math.max(top, pressed + 1);
          }
        }
      }
      return colour;
    }

    /** The largest clique that greedy growth from each position finds; enough is enough. */
    int clique(int enough) {
      int best = near.length == 0 ? 0 : 1;
      for (int i = 0; i < near.length && best < enough; i++) {
        if (near[i].length < best) {
          continue;
        }
        int[] others = near[i];
        List<Integer> clique = new ArrayList<>(List.of(i));
        for (int k : others) {
          boolean all = true;
          for (int member : clique) {
            all &= member == k || Arrays.binarySearch(near[member], k) >= 0;
          }
          if (all) {
            clique.add(k);
          }
        }
        best = Math.max(best, clique.size());
      }
      return best;
    }
  }

  /** Looks for a colouring with fewer colours than are known to do. */
  private static final class Search {
    private final Piece piece;
    private final int[] colour;
    private final int[][] pressed;
    private int allowed;
    private int[] best;
    private long steps;

    Search(Piece piece, int known) {
      this.piece = piece;
      this.colour = new int[piece.size()];
      this.pressed = new int[piece.size()][known + 1];
      Arrays.fill(colour, -1);
      this.allowed = known - 1;
    }

    int[] best() {
      while (allowed > 0 && put(0, 0)) {
        best = colour.clone();
        Arrays.fill(colour, -1);
        for (int[] p : pressed) {
          Arrays.fill(p, 0);
        }
        allowed = count(best) - 1;
      }
      return best;
    }

    boolean finished() {
      return steps <= MOST_STEPS;
    }

    private boolean put(int done, int used) {
      if (done == piece.size()) {
        return true;
      }
      if (++steps > MOST_STEPS) {
        return false;
      }
      int next = mostPressed(used);
      for (int c = 0; c < Math.min(used + 1, allowed); c++) {
        if (pressed[next][c] > 0) {
          continue;
        }
        press(next, c, 1);
        if (put(done + 1, Math.max(used, c + 1))) {
          return true;
        }
        press(next, c, -1);
      }
      return false;
    }

    private void press(int position, int c, int by) {
      colour[position] = by > 0 ? c : -1;
      for (int k : piece.near[position]) {
        pressed[k][c] += by;
      }
    }

    private int mostPressed(int used) {
      int best = -1;
      int most = -1;
      for (int i = 0; i < piece.size(); i++) {
        if (colour[i] >= 0) {
          continue;
        }
        int by = 0;
        for (int c = 0; c < used; c++) {
          by += pressed[i][c] > 0 ? 1 : 0;
        }
        if (by > most || (by == most && piece.near[i].length > piece.near[best].length)) {
          most = by;
          best = i;
        }
      }
      return best;
    }
  }
}
