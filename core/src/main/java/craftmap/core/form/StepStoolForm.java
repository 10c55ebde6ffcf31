package craftmap.core.form;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.PolygonOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;
import java.util.ArrayList;
import java.util.List;

/** A stool of one or more steps between two stepped sides; steps are counted from the floor. */
public record StepStoolForm(double widthMm, int steps, double riseMm, double treadMm)
    implements Form {

  static StepStoolForm read(MeasureSheet sheet) {
    return new StepStoolForm(
        sheet.size("width", "width", 400),
        sheet.count("steps", "steps", 2, 1, 4),
        sheet.size("rise", "rise-of-a-step", 210),
        sheet.size("tread", "depth-of-a-step", 200));
  }

  @Override
  public FormFaces faces() {
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("steps"))
        .group(NetGroup.beside("left", "steps", Edge.LEFT))
        .group(NetGroup.beside("right", "steps", Edge.RIGHT));
    double y = 0;
    for (int step = steps; step >= 1; step--) {
      double top = step * riseMm;
      double front = -(step - 1) * treadMm;
      out.face(
          FormFace.of(
                  "tread-" + step,
                  steps == 1 ? "Top" : step == steps ? "Top step" : "Step " + step,
                  new RectangleOutline(widthMm, treadMm),
                  new Pose.Flat(new Vec(0, top, front - treadMm), Vec.RIGHT, Vec.TOWARDS))
              .in("steps", 0, y));
      y += treadMm;
      out.face(
          FormFace.of(
                  "riser-" + step,
                  "Riser " + step,
                  new RectangleOutline(widthMm, riseMm),
                  new Pose.Flat(new Vec(0, top, front), Vec.RIGHT, Vec.DOWN))
              .in("steps", 0, y));
      y += riseMm;
      out.join(Join.of("riser-" + step, Side.Name.TOP, "tread-" + step, Side.Name.BOTTOM));
      if (step > 1) {
        out.join(Join.of("riser-" + step, Side.Name.BOTTOM, "tread-" + (step - 1), Side.Name.TOP));
      }
    }
    double high = steps * riseMm;
    double deep = steps * treadMm;
    out.face(
        FormFace.of(
            "left",
            "Left side",
            new PolygonOutline(side()),
            new Pose.Flat(new Vec(0, high, -deep), Vec.TOWARDS, Vec.DOWN)));
    out.face(
        FormFace.of(
            "right",
            "Right side",
            new PolygonOutline(
                side().stream().map(p -> p.mirroredAt(deep / 2)).toList().reversed()),
            new Pose.Flat(new Vec(widthMm, high, 0), Vec.AWAY, Vec.DOWN)));
    return out.done();
  }

  /** The left side, its back upright at x = 0, from the back's top down the steps. */
  private List<Point> side() {
    double high = steps * riseMm;
    List<Point> points = new ArrayList<>();
    points.add(new Point(0, 0));
    for (int step = steps; step >= 1; step--) {
      double x = (steps - step + 1) * treadMm;
      points.add(new Point(x, high - step * riseMm));
      points.add(new Point(x, high - (step - 1) * riseMm));
    }
    points.add(new Point(0, high));
    return points;
  }
}
