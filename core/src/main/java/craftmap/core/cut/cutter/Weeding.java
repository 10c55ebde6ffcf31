package craftmap.core.cut.cutter;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * Boxes by which the rest is pulled off in pieces: one around all, and one around every second
 * group of what stands close together, so that every gap between two groups is cut once.
 */
final class Weeding {
  private static final double CLEAR_MM = 4;

  private Weeding() {}

  static List<Box> boxes(Geometry cutOut) {
    List<Box> groups = new ArrayList<>();
    for (int i = 0; i < cutOut.getNumGeometries(); i++) {
      Envelope e = cutOut.getGeometryN(i).getEnvelopeInternal();
      if (e.getWidth() > 0 && e.getHeight() > 0) {
        groups.add(new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight()));
      }
    }
    groups = joined(groups);
    groups.sort(Comparator.comparingDouble(Box::topMm).thenComparingDouble(Box::leftMm));
    List<Box> boxes = new ArrayList<>();
    for (int i = 0; i < groups.size(); i += 2) {
      if (groups.size() > 1) {
        boxes.add(grown(groups.get(i), CLEAR_MM / 2));
      }
    }
    groups.stream().reduce(Box::and).ifPresent(all -> boxes.add(grown(all, CLEAR_MM)));
    return boxes;
  }

  private static Box grown(Box b, double by) {
    return new Box(b.leftMm() - by, b.topMm() - by, b.widthMm() + 2 * by, b.heightMm() + 2 * by);
  }

  /** Those too close for a box between them become one. */
  private static List<Box> joined(List<Box> boxes) {
    List<Box> groups = new ArrayList<>(boxes);
    boolean changed = true;
    while (changed) {
      changed = false;
      for (int i = 0; i < groups.size() && !changed; i++) {
        for (int k = i + 1; k < groups.size() && !changed; k++) {
          if (groups.get(i).distanceMm(groups.get(k)) < CLEAR_MM) {
            groups.set(i, groups.get(i).and(groups.remove(k)));
            changed = true;
          }
        }
      }
    }
    return groups;
  }
}
