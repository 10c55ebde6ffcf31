package craftmap.core.surface.outline;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import java.util.List;
import java.util.Map;

/** The wall of a straight round thing, unrolled: as wide as the tape goes round it. */
public record CylinderOutline(double circumferenceMm, double heightMm)
    implements Outline, RolledUp {
  public CylinderOutline {
    circumferenceMm = LengthRange.SIZE.check("circumference", circumferenceMm);
    heightMm = LengthRange.SIZE.check("height", heightMm);
  }

  static CylinderOutline read(MeasureSheet sheet) {
    return new CylinderOutline(
        sheet.size("circumference", "circumference", 500), sheet.size("height", "height", 200));
  }

  @Override
  public OutlineNote note() {
    return OutlineNote.of(
        OutlineKind.CYLINDER, Map.of("circumference", circumferenceMm, "height", heightMm));
  }

  @Override
  public List<Side> sides() {
    return new RectangleOutline(circumferenceMm, heightMm).sides();
  }

  public double radiusMm() {
    return circumferenceMm / (2 * Math.PI);
  }
}
