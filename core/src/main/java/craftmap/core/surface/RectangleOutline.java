package craftmap.core.surface;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.Tolerance;

/** A square-cornered face. */
public record RectangleOutline(double widthMm, double heightMm) implements Outline {
  public RectangleOutline {
    widthMm = LengthRange.SIZE.check("Width", widthMm);
    heightMm = LengthRange.SIZE.check("Height", heightMm);
  }

  @Override
  public double areaMm2() {
    return widthMm * heightMm;
  }

  @Override
  public double edgeLengthMm(Edge edge) {
    return edge.isLevel() ? widthMm : heightMm;
  }

  @Override
  public boolean holds(Box box) {
    double t = Tolerance.EXACT.lengthMm();
    return box.leftMm() >= -t
        && box.topMm() >= -t
        && box.rightMm() <= widthMm + t
        && box.bottomMm() <= heightMm + t;
  }
}
