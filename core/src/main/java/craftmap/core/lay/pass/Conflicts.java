package craftmap.core.lay.pass;

import craftmap.core.graph.Graph;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.index.hprtree.HPRtree;

/** Which positions disturb each other. */
final class Conflicts {
  private Conflicts() {}

  static Graph among(List<StencilPasses.Position> positions) {
    HPRtree prints = new HPRtree();
    for (int i = 0; i < positions.size(); i++) {
      prints.insert(positions.get(i).print().around().envelope(), i);
      for (TurnedBox again : positions.get(i).again()) {
        prints.insert(again.around().envelope(), i);
      }
    }
    List<List<Integer>> near = new ArrayList<>();
    positions.forEach(p -> near.add(new ArrayList<>()));
    for (int i = 0; i < positions.size(); i++) {
      for (Object found : prints.query(positions.get(i).sheet().around().envelope())) {
        int j = (Integer) found;
        if (i != j && liesOn(positions.get(i), positions.get(j))) {
          near.get(i).add(j);
          near.get(j).add(i);
        }
      }
    }
    return Graph.of(near);
  }

  private static boolean liesOn(StencilPasses.Position sheet, StencilPasses.Position print) {
    double t = Tolerance.EXACT.lengthMm();
    return sheet.sheet().overlaps(print.print(), t)
        || print.again().stream().anyMatch(p -> sheet.sheet().overlaps(p, t));
  }
}
