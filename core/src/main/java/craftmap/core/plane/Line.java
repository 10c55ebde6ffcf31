package craftmap.core.plane;

import java.util.List;

/** A straight stroke. */
public record Line(Point from, Point to) implements Stroke {
  @Override
  public double lengthMm() {
    return from.distanceMm(to);
  }

  @Override
  public double sweptMm2() {
    return (from.xMm() * to.yMm() - to.xMm() * from.yMm()) / 2;
  }

  @Override
  public List<Point> flattened(double flatnessMm) {
    return List.of(to);
  }

  @Override
  public Extent extent() {
    return Extent.of(from, to);
  }

  @Override
  public Line movedBy(double dxMm, double dyMm) {
    return new Line(from.movedBy(dxMm, dyMm), to.movedBy(dxMm, dyMm));
  }

  @Override
  public Line mirroredAt(double xMm) {
    return new Line(to.mirroredAt(xMm), from.mirroredAt(xMm));
  }
}
