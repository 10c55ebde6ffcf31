package craftmap.core.lay;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;

/**
 * Which positions of a stencil are painted together. A position may be painted while another is
 * still wet only if the sheet laid there does not lie on the other's print. Positions of one pass
 * never disturb each other; between passes the paint dries.
 *
 * <p>Fewest passes means fewest colours of the conflict graph. Along a run all prints are alike and
 * evenly spaced, so taking them in order and giving each the first free pass is already fewest: it
 * needs a new pass only where that many neighbours in a row all disturb one another.
 *
 * @param passes positions by index, each pass in walking order
 * @param washes the sheet is washed when it has been used so often that its edges clog, and at the
 *     end of every pass, so that it goes down clean on the next
 */
public record StencilPasses(List<List<Integer>> passes, int washes) {
  public StencilPasses {
    passes = passes.stream().map(List::copyOf).toList();
  }

  /** A position: what is painted there, and what the sheet covers meanwhile. */
  public record Position(Box print, Box sheet) {}

  /** Passes for positions given in the order they stand along their line. */
  public static StencilPasses alongRun(List<Position> positions, int usesBetweenWashes) {
    List<List<Integer>> passes = new ArrayList<>();
    int[] passOf = new int[positions.size()];
    for (int i = 0; i < positions.size(); i++) {
      boolean[] taken = new boolean[passes.size()];
      // Along a run conflicts reach back over a stretch without holes: stop at the first clear one.
      for (int j = i - 1; j >= 0 && disturb(positions.get(i), positions.get(j)); j--) {
        taken[passOf[j]] = true;
      }
      int free = 0;
      while (free < taken.length && taken[free]) {
        free++;
      }
      if (free == passes.size()) {
        passes.add(new ArrayList<>());
      }
      passOf[i] = free;
      passes.get(free).add(i);
    }
    int washes = passes.stream().mapToInt(p -> Math.ceilDiv(p.size(), usesBetweenWashes)).sum();
    return new StencilPasses(passes, washes);
  }

  static boolean disturb(Position a, Position b) {
    double t = Tolerance.EXACT.lengthMm();
    return a.sheet().overlaps(b.print(), t) || b.sheet().overlaps(a.print(), t);
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
