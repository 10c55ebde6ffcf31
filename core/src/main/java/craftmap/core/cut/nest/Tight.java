package craftmap.core.cut.nest;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Fills sheets one after the other from their top left corner, where the parts leave hardly any
 * room: the highest corner that is free must take a part, or its room is lost, and no more may be
 * lost than there is to spare. Every order is tried, up to a number of steps. For parts that keep
 * their direction and follow no repeat, on new sheets of one size.
 */
final class Tight {
  private static final double HAIR = 1e-6;

  private final int sheets;
  private final double wide;
  private final double tall;
  private final double[] w;
  private final double[] h;
  private final boolean[] placed;
  private final int[] onSheet;
  private final double[] x;
  private final double[] y;
  private final long mostSteps;
  private final BitSet sums = new BitSet();
  private final double perMm;
  private final double slack;
  private double spare;
  private int left;
  private long steps;

  private Tight(List<NestPart> parts, double knife, Box usable, int sheets, long mostSteps) {
    this.sheets = sheets;
    this.wide = usable.widthMm() + knife;
    this.tall = usable.heightMm() + knife;
    int n = parts.size();
    this.w = new double[n];
    this.h = new double[n];
    this.placed = new boolean[n];
    this.onSheet = new int[n];
    this.x = new double[n];
    this.y = new double[n];
    this.left = n;
    this.mostSteps = mostSteps;
    this.spare = sheets * wide * tall;
    for (int i = 0; i < n; i++) {
      w[i] = parts.get(i).widthMm() + knife;
      h[i] = parts.get(i).heightMm() + knife;
      spare -= w[i] * h[i];
    }
    boolean whole = Arrays.stream(w).allMatch(v -> Math.abs(v - Math.rint(v)) < HAIR);
    this.perMm = whole ? 1 : 10;
    this.slack = whole ? 0 : n;
  }

  /** A step of the outline of what is filled: from x, so wide, down to y. */
  private record Step(double x, double width, double y) {}

  /**
   * All parts on so many sheets.
   *
   * @return where each part lies; nothing where none was found
   */
  static Optional<List<NestTask.Locked>> fill(NestTask task, int sheets, long mostSteps) {
    int stock = task.stock().indexOf(task.sheets().getFirst());
    Box usable = task.stock().get(stock).usable();
    Tight tight = new Tight(task.parts(), task.knifeMm(), usable, sheets, mostSteps);
    if (tight.spare < -HAIR * usable.areaMm2() || !tight.sheet(0)) {
      return Optional.empty();
    }
    List<NestTask.Locked> plan = new ArrayList<>();
    for (int i = 0; i < task.parts().size(); i++) {
      NestPart p = task.parts().get(i);
      plan.add(
          new NestTask.Locked(
              i,
              stock,
              tight.onSheet[i] + 1,
              new Box(
                  usable.leftMm() + tight.x[i],
                  usable.topMm() + tight.y[i],
                  p.widthMm(),
                  p.heightMm()),
              false));
    }
    return Optional.of(plan);
  }

  private boolean sheet(int sheet) {
    return left == 0 || sheet < sheets && corner(sheet, List.of(new Step(0, wide, 0)));
  }

  /** The highest step, the left one of equals, is filled next. */
  private boolean corner(int sheet, List<Step> outline) {
    if (left == 0) {
      return true;
    }
    if (++steps > mostSteps) {
      return false;
    }
    int at = 0;
    for (int i = 1; i < outline.size(); i++) {
      if (outline.get(i).y < outline.get(at).y - HAIR) {
        at = i;
      }
    }
    Step step = outline.get(at);
    if (step.y > tall - HAIR) {
      return sheet(sheet + 1);
    }
    for (int part : candidates(step)) {
      if (put(sheet, outline, at, part)) {
        return true;
      }
      if (steps > mostSteps) {
        return false;
      }
    }
    return lose(sheet, outline, at);
  }

  /** What fits, best first: as wide as the step, then the widest; each size once. */
  private List<Integer> candidates(Step step) {
    List<Integer> fit = new ArrayList<>();
    for (int i = 0; i < w.length; i++) {
      if (!placed[i]
          && w[i] <= step.width + HAIR
          && step.y + h[i] <= tall + HAIR
          && !seen(fit, i)) {
        fit.add(i);
      }
    }
    fit.sort(
        Comparator.comparing((Integer i) -> Math.abs(w[i] - step.width) > HAIR)
            .thenComparing(i -> Math.abs(step.y + h[i] - tall) > HAIR)
            .thenComparingDouble(i -> -w[i] * h[i]));
    return fit;
  }

  private boolean seen(List<Integer> fit, int i) {
    return fit.stream().anyMatch(k -> Math.abs(w[k] - w[i]) < HAIR && Math.abs(h[k] - h[i]) < HAIR);
  }

  private boolean put(int sheet, List<Step> outline, int at, int part) {
    Step step = outline.get(at);
    double rest = step.width - w[part];
    if (rest > HAIR && loss(rest, step.y, part, nextDown(outline, at)) > spare + hair()) {
      return false;
    }
    placed[part] = true;
    left--;
    onSheet[part] = sheet;
    x[part] = step.x;
    y[part] = step.y;
    List<Step> next = new ArrayList<>(outline);
    next.set(at, new Step(step.x, w[part], step.y + h[part]));
    if (rest > HAIR) {
      next.add(at + 1, new Step(step.x + w[part], rest, step.y));
    }
    if (corner(sheet, merged(next))) {
      return true;
    }
    placed[part] = false;
    left++;
    return false;
  }

  /**
   * What is lost at least beside a part: of the width that is left, what no sum of other parts'
   * widths makes up, down to where the shortest of them may end.
   */
  private double loss(double rest, double fromY, int part, double down) {
    double depth = Math.min(down - fromY, h[part]);
    sums.clear();
    sums.set(0);
    int room = (int) Math.floor(rest * perMm + HAIR);
    for (int i = 0; i < w.length; i++) {
      if (placed[i] || i == part || w[i] > rest + HAIR || fromY + h[i] > tall + HAIR) {
        continue;
      }
      depth = Math.min(depth, h[i]);
      int by = (int) Math.floor(w[i] * perMm + HAIR);
      for (int s = sums.previousSetBit(room - by); s >= 0; s = sums.previousSetBit(s - 1)) {
        sums.set(s + by);
      }
    }
    int most = sums.previousSetBit(room);
    // widths are rounded down, so that no sum is missed: each may make up a little more
    return Math.max(0, rest - (most + slack) / perMm) * depth;
  }

  private double hair() {
    return HAIR * wide * tall;
  }

  /** How far down the shorter neighbour of a step reaches. */
  private double nextDown(List<Step> outline, int at) {
    double before = at > 0 ? outline.get(at - 1).y : tall;
    double after = at + 1 < outline.size() ? outline.get(at + 1).y : tall;
    return Math.min(before, after);
  }

  /** The step stays empty down to its shorter neighbour, if so much may be lost. */
  private boolean lose(int sheet, List<Step> outline, int at) {
    Step step = outline.get(at);
    double to = nextDown(outline, at);
    double lost = step.width * (to - step.y);
    if (lost > spare + hair()) {
      return false;
    }
    spare -= lost;
    List<Step> next = new ArrayList<>(outline);
    next.set(at, new Step(step.x, step.width, to));
    if (corner(sheet, merged(next))) {
      return true;
    }
    spare += lost;
    return false;
  }

  private static List<Step> merged(List<Step> steps) {
    List<Step> merged = new ArrayList<>();
    for (Step s : steps) {
      Step last = merged.isEmpty() ? null : merged.getLast();
      if (last != null && Math.abs(last.y - s.y) < HAIR) {
        merged.set(merged.size() - 1, new Step(last.x, last.width + s.width, last.y));
      } else {
        merged.add(s);
      }
    }
    return merged;
  }
}
