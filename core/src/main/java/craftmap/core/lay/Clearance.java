package craftmap.core.lay;

import craftmap.core.measure.Tolerance;
import craftmap.core.surface.KeepOut;
import java.util.ArrayList;
import java.util.List;

/** How the items of a lay stand to a keep-out. */
public sealed interface Clearance {
  KeepOut keepOut();

  /** Nothing lies on it; the nearest print is this far away. */
  record Clear(KeepOut keepOut, double byMm) implements Clearance {}

  /** So many items land on it. */
  record Lands(KeepOut keepOut, int items) implements Clearance {}

  /** One entry for each keep-out, in their order on the face. */
  static List<Clearance> of(List<KeepOut> keepOuts, List<Item> items) {
    List<Clearance> all = new ArrayList<>(keepOuts.size());
    for (KeepOut keepOut : keepOuts) {
      double nearest = Double.POSITIVE_INFINITY;
      int on = 0;
      for (Item item : items) {
        double distance = item.visible().distanceMm(keepOut.area());
        nearest = Math.min(nearest, distance);
        if (distance == 0 && item.visible().overlaps(keepOut.area(), Tolerance.EXACT.lengthMm())) {
          on++;
        }
      }
      all.add(on > 0 ? new Lands(keepOut, on) : new Clear(keepOut, nearest));
    }
    return List.copyOf(all);
  }
}
