package craftmap.core.lay;

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
  static List<Clearance> of(Obstacles obstacles, List<Item> items) {
    List<Clearance> all = new ArrayList<>();
    for (Obstacles.Obstacle obstacle : obstacles.each()) {
      double nearest = Double.POSITIVE_INFINITY;
      int on = 0;
      for (Item item : items) {
        if (obstacle.hit(item)) {
          on++;
        } else if (on == 0 && obstacle.box().distanceMm(item.visible()) < nearest) {
          nearest = Math.min(nearest, obstacle.distanceMm(item));
        }
      }
      all.add(on > 0 ? new Lands(obstacle.keepOut(), on) : new Clear(obstacle.keepOut(), nearest));
    }
    return List.copyOf(all);
  }
}
