package craftmap.core.plane;

/** The smallest and largest x and y that something reaches; unlike a box it may be flat. */
public record Extent(double leftMm, double topMm, double rightMm, double bottomMm) {
  public static Extent of(Point a, Point b) {
    return new Extent(
        Math.min(a.xMm(), b.xMm()),
        Math.min(a.yMm(), b.yMm()),
        Math.max(a.xMm(), b.xMm()),
        Math.max(a.yMm(), b.yMm()));
  }

  public Extent and(Extent other) {
    return new Extent(
        Math.min(leftMm, other.leftMm),
        Math.min(topMm, other.topMm),
        Math.max(rightMm, other.rightMm),
        Math.max(bottomMm, other.bottomMm));
  }

  public Extent and(Point p) {
    return and(of(p, p));
  }

  public double widthMm() {
    return rightMm - leftMm;
  }

  public double heightMm() {
    return bottomMm - topMm;
  }
}
