package craftmap.core.surface.outline;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Map;

/** A square-cornered face. */
public record RectangleOutline(double widthMm, double heightMm) implements Outline {
  public RectangleOutline {
    widthMm = LengthRange.SIZE.check("width", widthMm);
    heightMm = LengthRange.SIZE.check("height", heightMm);
  }

  static RectangleOutline read(MeasureSheet sheet) {
    return new RectangleOutline(
        sheet.size("width", "width", 400), sheet.size("height", "height", 300));
  }

  @Override
  public OutlineNote note() {
    return OutlineNote.of(OutlineKind.RECTANGLE, Map.of("width", widthMm, "height", heightMm));
  }

  @Override
  public List<Side> sides() {
    return around(
        new Point(0, 0),
        new Point(widthMm, 0),
        new Point(widthMm, heightMm),
        new Point(0, heightMm));
  }

  /** Four straight sides from top left clockwise. */
  static List<Side> around(Point tl, Point tr, Point br, Point bl) {
    return List.of(
        Side.of(Side.Name.TOP, new Line(tl, tr)),
        Side.of(Side.Name.RIGHT, new Line(tr, br)),
        Side.of(Side.Name.BOTTOM, new Line(br, bl)),
        Side.of(Side.Name.LEFT, new Line(bl, tl)));
  }

  @Override
  public double areaMm2() {
    return widthMm * heightMm;
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
