package craftmap.core.plan.edit;

import craftmap.core.colour.Colour;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Break;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Zone;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.Side;
import java.util.List;
import java.util.Set;

/** What a mark is around a place until its own measures are taken. */
final class TypicalMarks {
  /** A lock plate. */
  private static final double KEEP_OUT_WIDE_MM = 50;

  private static final double KEEP_OUT_TALL_MM = 40;

  /** A knob's screw. */
  private static final double HOLE_MM = 5;

  private static final double JOINT_LONG_MM = 120;
  private static final double JOINT_WIDE_MM = 2;
  private static final double CHIP_MM = 10;
  private static final double ZONE_WIDE_MM = 120;
  private static final double ZONE_TALL_MM = 80;
  private static final Colour ZONE = new Colour("#A9B8B2");

  private TypicalMarks() {}

  static KeepOut keepOut(String id, String name, Point at) {
    return new KeepOut(id, name, box(at, KEEP_OUT_WIDE_MM, KEEP_OUT_TALL_MM), Set.of());
  }

  static Hole hole(String id, String name, Point at) {
    return Hole.single(id, name, at, HOLE_MM);
  }

  static Break joint(String id, String name, Point at) {
    double half = JOINT_LONG_MM / 2;
    return new Break(id, name, at.movedBy(-half, 0), at.movedBy(half, 0), JOINT_WIDE_MM, 0);
  }

  static Blemish blemish(String id, int number, String kind, Point at) {
    return Blemish.of(id, number, kind, at, CHIP_MM);
  }

  static Zone zone(String id, String name, Point at) {
    return new Zone(id, name, ZONE, box(at, ZONE_WIDE_MM, ZONE_TALL_MM));
  }

  /** An area of a shape around a place, as large as a keep-out usually is. */
  static Area area(MarkEdit.AreaShape shape, Outline outline, Point at) {
    double w = KEEP_OUT_WIDE_MM;
    double h = KEEP_OUT_TALL_MM;
    return switch (shape) {
      case UPRIGHT -> box(at, w, h);
      case ROUND -> new Area.Round(at, h);
      case CORNERS ->
          new Area.Corners(
              List.of(at.movedBy(-w / 2, h / 2), at.movedBy(0, -h / 2), at.movedBy(w / 2, h / 2)));
      case STRIP -> new Area.Strip(firstSide(outline), h / 2);
      case RIM -> new Area.Rim(h / 2);
    };
  }

  private static Area box(Point at, double w, double h) {
    return new Area.Upright(Box.around(at, w, h));
  }

  private static Side.Name firstSide(Outline outline) {
    List<Side.Name> own = outline.sides().stream().map(Side::name).toList();
    return own.contains(Side.Name.TOP) ? Side.Name.TOP : own.getFirst();
  }
}
