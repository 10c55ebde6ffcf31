package craftmap.core.plane;

import org.locationtech.jts.geom.Envelope;

/** An upright box: left, top, width and height; width and height are above 0. */
public record Box(double leftMm, double topMm, double widthMm, double heightMm) {
  public Box {
    if (!Double.isFinite(leftMm) || !Double.isFinite(topMm)) {
      throw new IllegalArgumentException("a box has a finite place, not " + leftMm + ", " + topMm);
    }
    if (!(widthMm > 0) || !(heightMm > 0) || !Double.isFinite(widthMm + heightMm)) {
      throw new IllegalArgumentException(
          "a box has a size above 0, not " + widthMm + " x " + heightMm);
    }
    leftMm += 0.0;
    topMm += 0.0;
  }

  public static Box between(double leftMm, double topMm, double rightMm, double bottomMm) {
    return new Box(leftMm, topMm, rightMm - leftMm, bottomMm - topMm);
  }

  public static Box around(Point centre, double widthMm, double heightMm) {
    return new Box(centre.xMm() - widthMm / 2, centre.yMm() - heightMm / 2, widthMm, heightMm);
  }

  public double rightMm() {
    return leftMm + widthMm;
  }

  public double bottomMm() {
    return topMm + heightMm;
  }

  public Point centre() {
    return new Point(leftMm + widthMm / 2, topMm + heightMm / 2);
  }

  public double areaMm2() {
    return widthMm * heightMm;
  }

  /** True where the insides meet; boxes that only touch do not overlap. */
  public boolean overlaps(Box other, double toleranceMm) {
    return leftMm < other.rightMm() - toleranceMm
        && other.leftMm < rightMm() - toleranceMm
        && topMm < other.bottomMm() - toleranceMm
        && other.topMm < bottomMm() - toleranceMm;
  }

  /** The shortest clear distance between two boxes; 0 where they touch or overlap. */
  public double distanceMm(Box other) {
    double dx = Math.max(0, Math.max(other.leftMm - rightMm(), leftMm - other.rightMm()));
    double dy = Math.max(0, Math.max(other.topMm - bottomMm(), topMm - other.bottomMm()));
    return Math.hypot(dx, dy);
  }

  /** The smallest box around both. */
  public Box and(Box other) {
    double left = Math.min(leftMm, other.leftMm);
    double top = Math.min(topMm, other.topMm);
    return new Box(
        left,
        top,
        Math.max(rightMm(), other.rightMm()) - left,
        Math.max(bottomMm(), other.bottomMm()) - top);
  }

  public Envelope envelope() {
    return new Envelope(leftMm, rightMm(), topMm, bottomMm());
  }
}
