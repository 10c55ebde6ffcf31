package craftmap.core.lay.pass;

import craftmap.core.graph.Graph;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Squares;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;

/**
 * Which positions disturb each other. Thousands of one size lie side by side: prints are put into
 * squares about as large as they are, and a sheet is held only against those of the squares that it
 * touches.
 */
final class Conflicts {
  private final List<StencilPasses.Position> positions;

  /** The boxes around prints, and around where they are met again, with whose they are. */
  private final List<Box> prints = new ArrayList<>();

  private final List<Integer> of = new ArrayList<>();

  private Conflicts(List<StencilPasses.Position> positions) {
    this.positions = positions;
    for (int i = 0; i < positions.size(); i++) {
      add(positions.get(i).print(), i);
      for (TurnedBox again : positions.get(i).again()) {
        add(again, i);
      }
    }
  }

  private void add(TurnedBox print, int position) {
    prints.add(print.around());
    of.add(position);
  }

  static Graph among(List<StencilPasses.Position> positions) {
    return positions.isEmpty() ? new Graph(List.of()) : new Conflicts(positions).graph();
  }

  private Graph graph() {
    Squares squares = Squares.over(prints);
    Graph.Pairs pairs = new Graph.Pairs(positions.size());
    for (int i = 0; i < positions.size(); i++) {
      int sheet = i;
      Box around = positions.get(i).sheet().around();
      squares.touchedBy(
          around,
          print -> {
            int j = of.get(print);
            if (sheet != j && liesOn(positions.get(sheet), positions.get(j))) {
              pairs.add(sheet, j);
            }
          });
    }
    return pairs.graph();
  }

  private static boolean liesOn(StencilPasses.Position sheet, StencilPasses.Position print) {
    double t = Tolerance.EXACT.lengthMm();
    if (sheet.sheet().overlaps(print.print(), t)) {
      return true;
    }
    for (TurnedBox again : print.again()) {
      if (sheet.sheet().overlaps(again, t)) {
        return true;
      }
    }
    return false;
  }
}
