package craftmap.core.lay.pass;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.index.hprtree.HPRtree;

/** Which positions disturb each other. */
final class Conflicts {
  private final int[][] near;

  private Conflicts(int[][] near) {
    this.near = near;
  }

  static Conflicts among(List<StencilPasses.Position> positions) {
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
    int[][] sorted = new int[positions.size()][];
    for (int i = 0; i < sorted.length; i++) {
      sorted[i] = near.get(i).stream().mapToInt(k -> k).sorted().distinct().toArray();
    }
    return new Conflicts(sorted);
  }

  /** Of any graph, for those who have one. */
  static Conflicts of(int[][] near) {
    return new Conflicts(near);
  }

  private static boolean liesOn(StencilPasses.Position sheet, StencilPasses.Position print) {
    double t = Tolerance.EXACT.lengthMm();
    return sheet.sheet().overlaps(print.print(), t)
        || print.again().stream().anyMatch(p -> sheet.sheet().overlaps(p, t));
  }

  int size() {
    return near.length;
  }

  int[] of(int position) {
    return near[position];
  }
}
