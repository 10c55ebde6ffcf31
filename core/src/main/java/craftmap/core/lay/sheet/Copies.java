package craftmap.core.lay.sheet;

import craftmap.core.graph.Colouring;
import craftmap.core.graph.Graph;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;

/**
 * From which copy of a picture each part is cut, where every part shows a certain spot of it: two
 * that show the same spot need two copies. The fewest copies are the fewest colours of the graph of
 * those that overlap; proven for up to {@value craftmap.core.graph.Colouring#EXACT_UP_TO} parts
 * that hang together, for more against the parts that all show one spot.
 *
 * @param of for each part its copy, from 0
 * @param least no plan needs fewer
 */
public record Copies(List<Integer> of, int count, int least) {
  public Copies {
    of = List.copyOf(of);
  }

  public static Copies of(List<Box> windows) {
    Graph.Pairs pairs = new Graph.Pairs(windows.size());
    for (int i = 0; i < windows.size(); i++) {
      for (int j = 0; j < i; j++) {
        if (windows.get(i).overlaps(windows.get(j), Tolerance.EXACT.lengthMm())) {
          pairs.add(i, j);
        }
      }
    }
    Colouring colouring = Colouring.of(pairs.graph());
    List<Integer> copies = new ArrayList<>();
    for (int i = 0; i < windows.size(); i++) {
      copies.add(colouring.colourOf(i));
    }
    int least = colouring.proven() ? colouring.colours() : deepest(windows);
    return new Copies(copies, colouring.colours(), least);
  }

  /**
   * How many windows lie on one spot, at the most. The spot can always be slid up and to the left
   * until it meets a left edge and an upper one.
   */
  public static int deepest(List<Box> windows) {
    double hair = Tolerance.EXACT.lengthMm();
    int most = 0;
    for (Box across : windows) {
      for (Box down : windows) {
        double x = across.leftMm();
        double y = down.topMm();
        int here = 0;
        for (Box w : windows) {
          boolean covers =
              w.leftMm() <= x + hair
                  && x < w.rightMm() - hair
                  && w.topMm() <= y + hair
                  && y < w.bottomMm() - hair;
          here += covers ? 1 : 0;
        }
        most = Math.max(most, here);
      }
    }
    return most;
  }
}
