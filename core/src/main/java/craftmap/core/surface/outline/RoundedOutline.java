package craftmap.core.surface.outline;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import craftmap.core.plane.Stroke;
import java.util.List;
import java.util.Map;

/** A rectangle whose four corners are rounded by one radius. */
public record RoundedOutline(double widthMm, double heightMm, double radiusMm) implements Outline {
  public RoundedOutline {
    widthMm = LengthRange.SIZE.check("width", widthMm);
    heightMm = LengthRange.SIZE.check("height", heightMm);
    radiusMm =
        LengthRange.SIZE
            .upTo(Math.min(widthMm, heightMm) / 2)
            .check("radius-of-the-corners", radiusMm);
  }

  static RoundedOutline read(MeasureSheet sheet) {
    return new RoundedOutline(
        sheet.size("width", "width", 400),
        sheet.size("height", "height", 300),
        sheet.size("radius", "radius-of-the-corners", 40));
  }

  @Override
  public OutlineNote note() {
    return OutlineNote.of(
        OutlineKind.ROUNDED, Map.of("width", widthMm, "height", heightMm, "radius", radiusMm));
  }

  @Override
  public List<Side> sides() {
    double w = widthMm;
    double h = heightMm;
    double r = radiusMm;
    return List.of(
        Side.of(Side.Name.TOP, line(r, 0, w - r, 0)),
        corner(1, w - r, r, -Math.PI / 2),
        Side.of(Side.Name.RIGHT, line(w, r, w, h - r)),
        corner(2, w - r, h - r, 0),
        Side.of(Side.Name.BOTTOM, line(w - r, h, r, h)),
        corner(3, r, h - r, Math.PI / 2),
        Side.of(Side.Name.LEFT, line(0, h - r, 0, r)),
        corner(4, r, r, Math.PI));
  }

  private Side corner(int number, double cx, double cy, double start) {
    Stroke arc = Arc.circular(new Point(cx, cy), radiusMm, start, Math.PI / 2);
    return new Side(Side.Name.CORNER, number, List.of(arc));
  }

  private static Stroke line(double x1, double y1, double x2, double y2) {
    return new Line(new Point(x1, y1), new Point(x2, y2));
  }

  @Override
  public double areaMm2() {
    return widthMm * heightMm - (4 - Math.PI) * radiusMm * radiusMm;
  }
}
