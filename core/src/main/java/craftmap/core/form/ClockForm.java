package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import craftmap.core.surface.Hole;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;

/** A wall clock: a dial with the spindle's hole in its middle, and the rim round it. */
public record ClockForm(
    Shape shape, double widthMm, double heightMm, double rimMm, double spindleMm) implements Form {
  /** The shape of a dial. */
  public enum Shape {
    ROUND,
    OVAL,
    SQUARE
  }

  static ClockForm read(MeasureSheet sheet) {
    Shape shape = sheet.choice("shape", "shape-of-the-dial", Shape.ROUND);
    double width = sheet.size("width", shape == Shape.ROUND ? "diameter" : "width", 300);
    double height = shape == Shape.ROUND ? width : sheet.size("height", "height", 300);
    return new ClockForm(
        shape,
        width,
        height,
        sheet.length("rim", "depth-of-the-rim", 25, LengthRange.DISTANCE.upTo(500)),
        sheet.size("spindle", "hole-for-the-spindle", 8));
  }

  @Override
  public FormFaces faces() {
    boolean square = shape == Shape.SQUARE;
    Outline dial =
        square ? new RectangleOutline(widthMm, heightMm) : new OvalOutline(widthMm, heightMm);
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("dial"));
    FormFace face =
        FormFace.of(
                "dial", "Dial", dial, new Pose.Flat(new Vec(0, heightMm, 0), Vec.RIGHT, Vec.DOWN))
            .with(
                Marks.ofHoles(
                    List.of(
                        Hole.single(
                            "spindle",
                            "Spindle",
                            new Point(widthMm / 2, heightMm / 2),
                            spindleMm))));
    out.face(square ? face.withEdge(rimMm) : face);
    if (!square && rimMm > 0) {
      out.group(NetGroup.beside("rim", "dial", Edge.BOTTOM));
      out.face(
          FormFace.of(
              "rim", "Rim", new CylinderOutline(Round.girth(widthMm, heightMm), rimMm), hung()));
    }
    return out.done();
  }

  /** The rim of a dial that hangs on a wall: its axis points out of the wall. */
  private Pose hung() {
    return new Pose.Tipped(
        Round.wall(new Vec(0, 0, 0), widthMm, heightMm), new Vec(widthMm / 2, heightMm / 2, 0));
  }
}
