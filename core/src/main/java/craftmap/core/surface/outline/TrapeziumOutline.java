package craftmap.core.surface.outline;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Map;

/** Top and bottom level and of different length, centred over each other. */
public record TrapeziumOutline(double topMm, double bottomMm, double heightMm) implements Outline {
  public TrapeziumOutline {
    topMm = LengthRange.SIZE.check("top", topMm);
    bottomMm = LengthRange.SIZE.check("bottom", bottomMm);
    heightMm = LengthRange.SIZE.check("height", heightMm);
  }

  static TrapeziumOutline read(MeasureSheet sheet) {
    return new TrapeziumOutline(
        sheet.size("top", "top", 380),
        sheet.size("bottom", "bottom", 420),
        sheet.size("height", "height", 400));
  }

  @Override
  public OutlineNote note() {
    return OutlineNote.of(
        OutlineKind.TRAPEZIUM, Map.of("top", topMm, "bottom", bottomMm, "height", heightMm));
  }

  @Override
  public List<Side> sides() {
    double wide = Math.max(topMm, bottomMm);
    double top = (wide - topMm) / 2;
    double bottom = (wide - bottomMm) / 2;
    return RectangleOutline.around(
        new Point(top, 0),
        new Point(top + topMm, 0),
        new Point(bottom + bottomMm, heightMm),
        new Point(bottom, heightMm));
  }

  @Override
  public double widthMm() {
    return Math.max(topMm, bottomMm);
  }

  @Override
  public double areaMm2() {
    return (topMm + bottomMm) / 2 * heightMm;
  }
}
