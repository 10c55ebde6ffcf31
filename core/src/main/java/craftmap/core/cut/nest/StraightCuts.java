package craftmap.core.cut.nest;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The cuts from edge to edge that free all parts of a sheet. Where any such cut is possible it may
 * be made first: both halves can still be cut on if the whole could.
 */
public final class StraightCuts {
  private final List<Cut> cuts = new ArrayList<>();
  private final List<Integer> freed = new ArrayList<>();

  private StraightCuts() {}

  /**
   * One cut.
   *
   * @param across it runs from left to right, else from top to bottom
   * @param atMm how far from the sheet's top, or left, edge
   * @param through what it cuts in two
   */
  public record Cut(boolean across, double atMm, Box through) {}

  /**
   * All cuts in their order.
   *
   * @param freed the parts by their number in the order in which they come free
   */
  public record Order(List<Cut> cuts, List<Integer> freed) {
    public Order {
      cuts = List.copyOf(cuts);
      freed = List.copyOf(freed);
    }
  }

  /** Nothing where some part can be freed only by cutting around it. */
  public static Optional<Order> of(Box sheet, List<Box> parts) {
    StraightCuts work = new StraightCuts();
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      all.add(i);
    }
    return work.cut(sheet, parts, all)
        ? Optional.of(new Order(work.cuts, work.freed))
        : Optional.empty();
  }

  private boolean cut(Box region, List<Box> parts, List<Integer> in) {
    if (in.isEmpty()) {
      return true;
    }
    Cut best = best(region, parts, in);
    if (best == null) {
      freed.addAll(in);
      return in.size() == 1;
    }
    cuts.add(best);
    double at = best.atMm();
    List<Integer> before = new ArrayList<>();
    List<Integer> after = new ArrayList<>();
    for (int i : in) {
      Box p = parts.get(i);
      double centre = best.across() ? p.topMm() + p.heightMm() / 2 : p.leftMm() + p.widthMm() / 2;
      (centre < at ? before : after).add(i);
    }
    Box first =
        best.across()
            ? new Box(region.leftMm(), region.topMm(), region.widthMm(), at - region.topMm())
            : new Box(region.leftMm(), region.topMm(), at - region.leftMm(), region.heightMm());
    Box second =
        best.across()
            ? new Box(region.leftMm(), at, region.widthMm(), region.bottomMm() - at)
            : new Box(at, region.topMm(), region.rightMm() - at, region.heightMm());
    return cut(first, parts, before) & cut(second, parts, after);
  }

  /** The cut that runs along the most edges of parts, which saves cutting them one by one. */
  private static Cut best(Box region, List<Box> parts, List<Integer> in) {
    List<Cut> possible = new ArrayList<>();
    for (int i : in) {
      Box p = parts.get(i);
      possible.add(new Cut(true, p.topMm(), region));
      possible.add(new Cut(true, p.bottomMm(), region));
      possible.add(new Cut(false, p.leftMm(), region));
      possible.add(new Cut(false, p.rightMm(), region));
    }
    return possible.stream()
        .filter(c -> inside(c) && in.stream().noneMatch(i -> crosses(c, parts.get(i))))
        .max(
            Comparator.comparingDouble((Cut c) -> along(c, parts, in))
                .thenComparing(Cut::across)
                .thenComparingDouble(c -> -c.atMm()))
        .orElse(null);
  }

  private static boolean inside(Cut c) {
    double t = Tolerance.EXACT.lengthMm();
    Box b = c.through();
    return c.across()
        ? c.atMm() > b.topMm() + t && c.atMm() < b.bottomMm() - t
        : c.atMm() > b.leftMm() + t && c.atMm() < b.rightMm() - t;
  }

  private static boolean crosses(Cut c, Box p) {
    double t = Tolerance.EXACT.lengthMm();
    return c.across()
        ? c.atMm() > p.topMm() + t && c.atMm() < p.bottomMm() - t
        : c.atMm() > p.leftMm() + t && c.atMm() < p.rightMm() - t;
  }

  private static double along(Cut c, List<Box> parts, List<Integer> in) {
    double t = Tolerance.EXACT.lengthMm();
    double length = 0;
    for (int i : in) {
      Box p = parts.get(i);
      double one = c.across() ? p.topMm() : p.leftMm();
      double other = c.across() ? p.bottomMm() : p.rightMm();
      double edge = c.across() ? p.widthMm() : p.heightMm();
      length += Math.abs(one - c.atMm()) <= t ? edge : 0;
      length += Math.abs(other - c.atMm()) <= t ? edge : 0;
    }
    return length / (c.across() ? c.through().widthMm() : c.through().heightMm());
  }
}
