package craftmap.core.cut.nest;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What is left of a sheet when boxes are cut out of it, in straight pieces worth keeping. */
public final class Rests {
  private Rests() {}

  /**
   * Pieces that do not overlap, the largest first: of all upright boxes that are free, the largest
   * is taken, and so on.
   *
   * @param leastMm narrower ones are scraps
   */
  public static List<Box> of(Box sheet, List<Box> cut, double leastMm) {
    List<Box> free = free(sheet, cut);
    List<Box> rests = new ArrayList<>();
    while (true) {
      Box largest =
          free.stream()
              .filter(b -> b.widthMm() >= leastMm && b.heightMm() >= leastMm)
              .max(
                  Comparator.comparingDouble(Box::areaMm2)
                      .thenComparingDouble(b -> -b.topMm())
                      .thenComparingDouble(b -> -b.leftMm()))
              .orElse(null);
      if (largest == null) {
        return rests;
      }
      rests.add(largest);
      free = without(free, largest);
    }
  }

  /** All upright boxes that are free and cannot grow; they overlap. */
  static List<Box> free(Box sheet, List<Box> cut) {
    List<Box> free = List.of(sheet);
    for (Box c : cut) {
      free = without(free, c);
    }
    return free;
  }

  /** The same once one more is taken out. */
  static List<Box> without(List<Box> free, Box taken) {
    List<Box> next = new ArrayList<>();
    boolean changed = false;
    for (Box b : free) {
      if (!b.overlaps(taken, Tolerance.EXACT.lengthMm())) {
        next.add(b);
        continue;
      }
      changed = true;
      add(next, b.leftMm(), b.topMm(), taken.leftMm(), b.bottomMm());
      add(next, taken.rightMm(), b.topMm(), b.rightMm(), b.bottomMm());
      add(next, b.leftMm(), b.topMm(), b.rightMm(), taken.topMm());
      add(next, b.leftMm(), taken.bottomMm(), b.rightMm(), b.bottomMm());
    }
    return !changed
        ? next
        : next.stream().filter(b -> next.stream().noneMatch(o -> o != b && holds(o, b))).toList();
  }

  private static void add(List<Box> to, double left, double top, double right, double bottom) {
    double t = Tolerance.EXACT.lengthMm();
    if (right - left > t && bottom - top > t) {
      Box box = new Box(left, top, right - left, bottom - top);
      if (!to.contains(box)) {
        to.add(box);
      }
    }
  }

  private static boolean holds(Box outer, Box inner) {
    return outer.leftMm() <= inner.leftMm()
        && outer.topMm() <= inner.topMm()
        && outer.rightMm() >= inner.rightMm()
        && outer.bottomMm() >= inner.bottomMm();
  }
}
