package craftmap.core.surface.outline;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Map;

/** An oval; a circle where both measures are the same. */
public record OvalOutline(double widthMm, double heightMm) implements Outline {
  public OvalOutline {
    widthMm = LengthRange.SIZE.check("width", widthMm);
    heightMm = LengthRange.SIZE.check("height", heightMm);
  }

  public static OvalOutline circle(double diameterMm) {
    return new OvalOutline(diameterMm, diameterMm);
  }

  static OvalOutline read(MeasureSheet sheet) {
    return new OvalOutline(sheet.size("width", "width", 400), sheet.size("height", "height", 300));
  }

  static OvalOutline readCircle(MeasureSheet sheet) {
    return circle(sheet.size("diameter", "diameter", 300));
  }

  public boolean isCircle() {
    return widthMm == heightMm;
  }

  @Override
  public OutlineNote note() {
    return isCircle()
        ? OutlineNote.of(OutlineKind.CIRCLE, Map.of("diameter", widthMm))
        : OutlineNote.of(OutlineKind.OVAL, Map.of("width", widthMm, "height", heightMm));
  }

  @Override
  public List<Side> sides() {
    Point middle = new Point(widthMm / 2, heightMm / 2);
    return List.of(
        Side.of(
            Side.Name.RIM, new Arc(middle, widthMm / 2, heightMm / 2, -Math.PI / 2, 2 * Math.PI)));
  }

  @Override
  public double areaMm2() {
    return Math.PI * widthMm * heightMm / 4;
  }
}
