package craftmap.core.plane;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A box turned about its middle.
 *
 * @param turnDeg clockwise as seen
 */
public record TurnedBox(Point centre, double widthMm, double heightMm, double turnDeg) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  public TurnedBox {
    if (!(widthMm > 0) || !(heightMm > 0) || !Double.isFinite(widthMm + heightMm + turnDeg)) {
      throw new IllegalArgumentException(
          "a turned box has a size above 0, not " + widthMm + " x " + heightMm);
    }
    turnDeg = Turns.normal(turnDeg);
  }

  public static TurnedBox of(Box box) {
    return new TurnedBox(box.centre(), box.widthMm(), box.heightMm(), 0);
  }

  /** True where its sides are level and upright. */
  public boolean isUpright() {
    return Turns.isQuarter(turnDeg);
  }

  /** The smallest upright box around it. */
  public Box around() {
    if (isUpright()) {
      return turnDeg == 0 || turnDeg == 180
          ? Box.around(centre, widthMm, heightMm)
          : Box.around(centre, heightMm, widthMm);
    }
    double c = Math.abs(Turns.cos(turnDeg));
    double s = Math.abs(Turns.sin(turnDeg));
    return Box.around(centre, widthMm * c + heightMm * s, widthMm * s + heightMm * c);
  }

  /** Top left, top right, bottom right and bottom left, as they were before the turn. */
  public List<Point> corners() {
    return List.of(at(-1, -1), at(1, -1), at(1, 1), at(-1, 1));
  }

  private Point at(int right, int down) {
    double x = right * widthMm / 2;
    double y = down * heightMm / 2;
    double c = Turns.cos(turnDeg);
    double s = Turns.sin(turnDeg);
    return centre.movedBy(x * c - y * s, x * s + y * c);
  }

  public TurnedBox movedBy(double dxMm, double dyMm) {
    return new TurnedBox(centre.movedBy(dxMm, dyMm), widthMm, heightMm, turnDeg);
  }

  public double areaMm2() {
    return widthMm * heightMm;
  }

  /**
   * True where the insides meet by more than the tolerance. Two boxes are apart exactly when a side
   * of one of them separates them.
   */
  public boolean overlaps(TurnedBox other, double toleranceMm) {
    // far apart by their circles is apart, and most boxes are
    double dx = Math.abs(centre.xMm() - other.centre.xMm());
    double dy = Math.abs(centre.yMm() - other.centre.yMm());
    double reach = (widthMm + heightMm + other.widthMm + other.heightMm) / 2;
    if (dx >= reach || dy >= reach) {
      return false;
    }
    if (isUpright() && other.isUpright()) {
      return around().overlaps(other.around(), toleranceMm);
    }
    return !apartAlong(this, other, turnDeg, toleranceMm)
        && !apartAlong(this, other, turnDeg + 90, toleranceMm)
        && !apartAlong(this, other, other.turnDeg, toleranceMm)
        && !apartAlong(this, other, other.turnDeg + 90, toleranceMm);
  }

  private static boolean apartAlong(TurnedBox a, TurnedBox b, double deg, double toleranceMm) {
    double c = Turns.cos(deg);
    double s = Turns.sin(deg);
    double between =
        Math.abs((b.centre.xMm() - a.centre.xMm()) * c + (b.centre.yMm() - a.centre.yMm()) * s);
    return between >= a.halfAlong(deg) + b.halfAlong(deg) - toleranceMm;
  }

  private double halfAlong(double deg) {
    double off = deg - turnDeg;
    return (widthMm * Math.abs(Turns.cos(off)) + heightMm * Math.abs(Turns.sin(off))) / 2;
  }

  public Polygon polygon() {
    List<Point> c = corners();
    Coordinate[] ring = new Coordinate[5];
    for (int i = 0; i < 4; i++) {
      ring[i] = new Coordinate(c.get(i).xMm(), c.get(i).yMm());
    }
    ring[4] = ring[0].copy();
    return GEOMETRY.createPolygon(ring);
  }
}
