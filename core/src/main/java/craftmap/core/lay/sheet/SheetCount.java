package craftmap.core.lay.sheet;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How many sheets parts take when what is left of one sheet is used for the next part. Parts keep
 * their direction; where the print repeats, a part may only be taken a whole repeat further on.
 * Each is cut by straight cuts from what is left.
 */
public final class SheetCount {
  private final double stepAcross;
  private final double stepDown;
  private final Box sheet;
  private final List<List<Box>> left = new ArrayList<>();

  private SheetCount(Box sheet, double stepAcross, double stepDown) {
    this.sheet = sheet;
    this.stepAcross = stepAcross;
    this.stepDown = stepDown;
  }

  /**
   * What is wanted of a sheet.
   *
   * @param acrossMm how far into the repeat it begins; counts only where the print repeats
   */
  public record Wanted(double widthMm, double heightMm, double acrossMm, double downMm) {}

  /** Where a part is taken from. */
  public record Taken(int sheet, double leftMm, double topMm) {}

  /**
   * Where each part is taken from.
   *
   * @param sheet what of a sheet can be used
   * @param stepAcross parts begin at multiples of this, for a repeating print; 0 for anywhere
   */
  public static List<Taken> take(
      List<Wanted> parts, Box sheet, double stepAcross, double stepDown) {
    SheetCount count = new SheetCount(sheet, stepAcross, stepDown);
    Taken[] taken = new Taken[parts.size()];
    IntStream.range(0, taken.length)
        .boxed()
        .sorted(
            Comparator.comparingDouble(
                    (Integer i) -> -parts.get(i).widthMm() * parts.get(i).heightMm())
                .thenComparingInt(i -> i))
        .forEach(i -> taken[i] = count.take(parts.get(i)));
    return List.of(taken);
  }

  /**
   * No plan needs fewer: the area asks for so many, and no two parts that are both wider and taller
   * than half a sheet come from one.
   */
  public static int least(List<Wanted> parts, Box sheet) {
    double area = parts.stream().mapToDouble(p -> p.widthMm() * p.heightMm()).sum();
    long large =
        parts.stream()
            .filter(
                p ->
                    2 * p.widthMm() > sheet.widthMm() + 2 * Tolerance.EXACT.lengthMm()
                        && 2 * p.heightMm() > sheet.heightMm() + 2 * Tolerance.EXACT.lengthMm())
            .count();
    return Math.max(Math.max(1, (int) large), (int) Math.ceil(area / sheet.areaMm2() - 1e-9));
  }

  private Taken take(Wanted part) {
    for (int s = 0; s < left.size(); s++) {
      Taken taken = from(s, part);
      if (taken != null) {
        return taken;
      }
    }
    left.add(new ArrayList<>(List.of(sheet)));
    Taken taken = from(left.size() - 1, part);
    if (taken == null) {
      throw new IllegalStateException("impossible state: a part larger than its sheet: " + part);
    }
    return taken;
  }

  /** From the leftover that fits it tightest. */
  private Taken from(int s, Wanted part) {
    Box best = null;
    double tightest = Double.POSITIVE_INFINITY;
    for (Box free : left.get(s)) {
      double x = next(free.leftMm(), sheet.leftMm() + part.acrossMm(), stepAcross);
      double y = next(free.topMm(), sheet.topMm() + part.downMm(), stepDown);
      if (x + part.widthMm() <= free.rightMm() + Tolerance.EXACT.lengthMm()
          && y + part.heightMm() <= free.bottomMm() + Tolerance.EXACT.lengthMm()
          && free.areaMm2() < tightest) {
        tightest = free.areaMm2();
        best = free;
      }
    }
    if (best == null) {
      return null;
    }
    double x = next(best.leftMm(), sheet.leftMm() + part.acrossMm(), stepAcross);
    double y = next(best.topMm(), sheet.topMm() + part.downMm(), stepDown);
    left.get(s).remove(best);
    split(s, best, x + part.widthMm(), y + part.heightMm());
    return new Taken(s + 1, x, y);
  }

  private static double next(double from, double origin, double step) {
    return step == 0
        ? from
        : origin + step * Math.ceil((from - origin) / step - Tolerance.EXACT.lengthMm());
  }

  /** The cut goes the way that keeps the larger leftover in one piece. */
  private void split(int s, Box free, double right, double bottom) {
    double wide = free.rightMm() - right;
    double tall = free.bottomMm() - bottom;
    boolean across = wide * free.heightMm() >= tall * free.widthMm();
    keep(s, right, free.topMm(), wide, across ? free.heightMm() : bottom - free.topMm());
    keep(s, free.leftMm(), bottom, across ? right - free.leftMm() : free.widthMm(), tall);
  }

  private void keep(int s, double left, double top, double width, double height) {
    double t = Tolerance.EXACT.lengthMm();
    if (width > t && height > t) {
      this.left.get(s).add(new Box(left, top, width, height));
    }
  }
}
