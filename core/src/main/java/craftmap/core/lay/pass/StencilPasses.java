package craftmap.core.lay.pass;

import craftmap.core.graph.Colouring;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;

/**
 * Which positions of a stencil are painted together. A position may be painted while another is
 * still wet only if the sheet laid there does not lie on the other's print. Positions of one pass
 * never disturb each other; between passes the paint dries.
 *
 * @param passes positions by index, each pass in walking order
 * @param washes the sheet is washed when it has been used so often that its edges clog, and at the
 *     end of every pass, so that it goes down clean on the next
 * @param fewest whether no plan with fewer passes is possible
 */
public record StencilPasses(List<List<Integer>> passes, int washes, boolean fewest) {
  public StencilPasses {
    passes = passes.stream().map(List::copyOf).toList();
  }

  /**
   * A position: what is painted there, and what the sheet covers meanwhile.
   *
   * @param again where the same print is met once more beyond the seam of a rolled-up face
   */
  public record Position(TurnedBox print, TurnedBox sheet, List<TurnedBox> again) {
    public Position {
      again = List.copyOf(again);
    }

    public Position(TurnedBox print, TurnedBox sheet) {
      this(print, sheet, List.of());
    }
  }

  /** How many passes and washes, without a way through the positions. */
  public record Counted(int passes, int washes, boolean fewest) {}

  public static Counted count(List<Position> positions, int usesBetweenWashes) {
    Colouring colouring = Colouring.of(Conflicts.among(positions));
    int[] sizes = new int[colouring.colours()];
    for (int i = 0; i < positions.size(); i++) {
      sizes[colouring.colourOf(i)]++;
    }
    int washes = java.util.Arrays.stream(sizes).map(n -> Math.ceilDiv(n, usesBetweenWashes)).sum();
    return new Counted(sizes.length, washes, colouring.proven());
  }

  /** Passes for positions in any order; those along a line best in the order of the line. */
  public static StencilPasses of(List<Position> positions, int usesBetweenWashes) {
    Colouring colouring = Colouring.of(Conflicts.among(positions));
    List<List<Integer>> passes = new ArrayList<>();
    for (int i = 0; i < colouring.colours(); i++) {
      passes.add(new ArrayList<>());
    }
    for (int i = 0; i < positions.size(); i++) {
      passes.get(colouring.colourOf(i)).add(i);
    }
    List<List<Integer>> walked =
        passes.stream().map(p -> Walk.through(p, i -> positions.get(i).print().centre())).toList();
    int washes = passes.stream().mapToInt(p -> Math.ceilDiv(p.size(), usesBetweenWashes)).sum();
    return new StencilPasses(walked, washes, colouring.proven());
  }

  /** For every position, the pass it is painted in, counted from 1. */
  public List<Integer> passOfEach() {
    int positions = passes.stream().mapToInt(List::size).sum();
    Integer[] passOf = new Integer[positions];
    for (int pass = 0; pass < passes.size(); pass++) {
      for (int position : passes.get(pass)) {
        passOf[position] = pass + 1;
      }
    }
    return List.of(passOf);
  }
}
