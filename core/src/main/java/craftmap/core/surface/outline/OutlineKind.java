package craftmap.core.surface.outline;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.List;

/** The kinds of outline, each with the measures it asks for. */
public enum OutlineKind {
  RECTANGLE,
  ROUNDED,
  CIRCLE,
  OVAL,
  ARCH,
  TRAPEZIUM,
  OUT_OF_SQUARE,
  POLYGON,
  SIDES_AND_DIAGONALS,
  FRAME,
  CYLINDER,
  CONE,
  BULGE;

  /**
   * The outline that the measures on the sheet make.
   *
   * @param points for a polygon; others need none
   */
  public Outline read(MeasureSheet sheet, List<Point> points) {
    return sheet.make(() -> made(sheet, points));
  }

  private Outline made(MeasureSheet sheet, List<Point> points) {
    return switch (this) {
      case RECTANGLE -> RectangleOutline.read(sheet);
      case ROUNDED -> RoundedOutline.read(sheet);
      case CIRCLE -> OvalOutline.readCircle(sheet);
      case OVAL -> OvalOutline.read(sheet);
      case ARCH -> ArchOutline.read(sheet);
      case TRAPEZIUM -> TrapeziumOutline.read(sheet);
      case OUT_OF_SQUARE -> QuadOutline.read(sheet);
      case POLYGON -> new PolygonOutline(points);
      case SIDES_AND_DIAGONALS -> SidesOutline.read(sheet);
      case FRAME -> FrameOutline.read(sheet);
      case CYLINDER -> CylinderOutline.read(sheet);
      case CONE -> ConeOutline.read(sheet);
      case BULGE -> BulgeOutline.read(sheet);
    };
  }
}
