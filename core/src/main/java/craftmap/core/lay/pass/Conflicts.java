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

  /** All prints, and where they are met again, the boxes around them, and whose they are. */
  private final List<TurnedBox> prints = new ArrayList<>();

  private final List<Box> around = new ArrayList<>();
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
    prints.add(print);
    around.add(print.around());
    of.add(position);
  }

  static Graph among(List<StencilPasses.Position> positions) {
    return positions.isEmpty() ? new Graph(List.of()) : new Conflicts(positions).graph();
  }

  private Graph graph() {
    Squares squares = Squares.over(around);
    Graph.Pairs pairs = new Graph.Pairs(positions.size());
    for (int i = 0; i < positions.size(); i++) {
      int position = i;
      TurnedBox sheet = positions.get(i).sheet();
      Box box = sheet.around();
      squares.touchedBy(
          box,
          print -> {
            if (position != of.get(print) && liesOn(sheet, box, print)) {
              pairs.add(position, of.get(print));
            }
          });
    }
    return pairs.graph();
  }

  private boolean liesOn(TurnedBox sheet, Box box, int print) {
    double t = Tolerance.EXACT.lengthMm();
    return box.overlaps(around.get(print), t)
        && (sheet.isUpright() && prints.get(print).isUpright()
            || sheet.overlaps(prints.get(print), t));
  }
}
