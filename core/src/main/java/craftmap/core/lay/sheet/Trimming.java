package craftmap.core.lay.sheet;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * By how much parts of one picture are cut larger than what they show, to be trimmed on the piece.
 * A side that nothing else of the picture faces gets the whole allowance, as far as there is
 * picture. A side that faces another part gets none, or, where that is asked for, at most half of
 * what lies between them: no spot of a picture can be cut into two parts.
 */
public final class Trimming {
  private static final double HAIR = Tolerance.EXACT.lengthMm();

  private static final int LEFT = 0;
  private static final int TOP = 1;
  private static final int RIGHT = 2;
  private static final int BOTTOM = 3;

  private final List<Box> shown;
  private final double allowanceMm;
  private final boolean intoGaps;
  private final double[][] grow;

  private Trimming(List<Box> shown, double allowanceMm, boolean intoGaps) {
    this.shown = shown;
    this.allowanceMm = allowanceMm;
    this.intoGaps = intoGaps;
    this.grow = new double[shown.size()][4];
  }

  /**
   * What is cut out for each part.
   *
   * @param shown the boxes of what the parts show, on the sheet
   * @param edge of the picture
   * @param intoGaps also towards other parts
   */
  public static List<Box> windows(List<Box> shown, Box edge, double allowanceMm, boolean intoGaps) {
    Trimming trimming = new Trimming(shown, allowanceMm, intoGaps);
    for (int i = 0; i < shown.size(); i++) {
      trimming.towardsNeighbours(i);
    }
    for (int i = 0; i < shown.size(); i++) {
      for (int j = 0; j < i; j++) {
        trimming.atCorners(i, j);
      }
    }
    List<Box> windows = new ArrayList<>();
    for (int i = 0; i < shown.size(); i++) {
      windows.add(trimming.window(i, edge));
    }
    return windows;
  }

  private void towardsNeighbours(int i) {
    Arrays.fill(grow[i], allowanceMm);
    Box own = shown.get(i);
    for (int j = 0; j < shown.size(); j++) {
      Box other = shown.get(j);
      if (i == j) {
        continue;
      }
      boolean beside = meet(own.topMm(), own.bottomMm(), other.topMm(), other.bottomMm());
      boolean above = meet(own.leftMm(), own.rightMm(), other.leftMm(), other.rightMm());
      if (beside && !above) {
        double right = other.leftMm() - own.rightMm();
        limit(i, right >= -HAIR ? RIGHT : LEFT, Math.max(right, own.leftMm() - other.rightMm()));
      } else if (above && !beside) {
        double below = other.topMm() - own.bottomMm();
        limit(i, below >= -HAIR ? BOTTOM : TOP, Math.max(below, own.topMm() - other.bottomMm()));
      }
    }
  }

  private void limit(int i, int side, double apartMm) {
    grow[i][side] = Math.min(grow[i][side], intoGaps ? Math.max(0, apartMm / 2) : 0);
  }

  private static boolean meet(double from, double to, double otherFrom, double otherTo) {
    return otherFrom < to - HAIR && otherTo > from + HAIR;
  }

  /** Parts that are neighbours across a corner keep off each other along the wider way. */
  private void atCorners(int i, int j) {
    Box a = shown.get(i);
    Box b = shown.get(j);
    double across = Math.max(b.leftMm() - a.rightMm(), a.leftMm() - b.rightMm());
    double down = Math.max(b.topMm() - a.bottomMm(), a.topMm() - b.bottomMm());
    if (across < -HAIR || down < -HAIR) {
      return;
    }
    int sideOfA;
    double apart;
    if (across >= down) {
      sideOfA = b.leftMm() >= a.rightMm() - HAIR ? RIGHT : LEFT;
      apart = across;
    } else {
      sideOfA = b.topMm() >= a.bottomMm() - HAIR ? BOTTOM : TOP;
      apart = down;
    }
    int sideOfB = (sideOfA + 2) % 4;
    if (grow[i][sideOfA] + grow[j][sideOfB] > apart) {
      grow[i][sideOfA] = Math.min(grow[i][sideOfA], Math.max(0, apart / 2));
      grow[j][sideOfB] = Math.min(grow[j][sideOfB], Math.max(0, apart / 2));
    }
  }

  private Box window(int i, Box edge) {
    Box b = shown.get(i);
    double left = Math.max(edge.leftMm(), b.leftMm() - grow[i][LEFT]);
    double top = Math.max(edge.topMm(), b.topMm() - grow[i][TOP]);
    double right = Math.min(edge.rightMm(), b.rightMm() + grow[i][RIGHT]);
    double bottom = Math.min(edge.bottomMm(), b.bottomMm() + grow[i][BOTTOM]);
    return new Box(left, top, right - left, bottom - top);
  }
}
