package craftmap.core.lay.line;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import craftmap.core.plane.Stroke;
import craftmap.core.plane.Turns;
import java.util.ArrayList;
import java.util.List;

/** Strokes one after the other, measured along themselves. */
public final class Path {
  /** Chords stand in for an oval's arcs, no further off than this. */
  private static final double FLATNESS_MM = 0.001;

  private final List<Stroke> strokes;
  private final double[] startsAt;
  private final double lengthMm;
  private final boolean closed;

  private Path(List<Stroke> strokes, boolean closed) {
    this.strokes = List.copyOf(strokes);
    this.closed = closed;
    this.startsAt = new double[strokes.size()];
    double length = 0;
    for (int i = 0; i < startsAt.length; i++) {
      startsAt[i] = length;
      length += strokes.get(i).lengthMm();
    }
    this.lengthMm = length;
  }

  public static Path open(List<Stroke> strokes) {
    return new Path(measurable(strokes), false);
  }

  /** Ends where it began; places past its end are places from its start. */
  public static Path closed(List<Stroke> strokes) {
    return new Path(measurable(strokes), true);
  }

  public static Path straightThrough(List<Point> points) {
    List<Stroke> lines = new ArrayList<>();
    for (int i = 1; i < points.size(); i++) {
      lines.add(new Line(points.get(i - 1), points.get(i)));
    }
    return open(lines);
  }

  /** Part of the circle through three points, from the first by way of the second to the third. */
  public static Path arcThrough(Point a, Point b, Point c) {
    double bx = b.xMm() - a.xMm();
    double by = b.yMm() - a.yMm();
    double cx = c.xMm() - a.xMm();
    double cy = c.yMm() - a.yMm();
    double twice = 2 * (bx * cy - by * cx);
    double far = Math.max(Math.hypot(bx, by), Math.hypot(cx, cy));
    if (Math.abs(twice) < 1e-6 * far * far) {
      throw new RefusedInput(
          "points-of-the-arc",
          said("in-one-line"),
          said("make-no-arc"),
          said("a-middle-point-beside-the-line"));
    }
    double bb = bx * bx + by * by;
    double cc = cx * cx + cy * cy;
    Point centre = a.movedBy((cy * bb - by * cc) / twice, (bx * cc - cx * bb) / twice);
    double radius = centre.distanceMm(a);
    double from = angle(centre, a);
    double over = positive(angle(centre, b) - from);
    double to = positive(angle(centre, c) - from);
    double sweep = over <= to ? to : to - 2 * Math.PI;
    return open(List.of(Arc.circular(centre, radius, from, sweep)));
  }

  private static double angle(Point centre, Point p) {
    return StrictMath.atan2(p.yMm() - centre.yMm(), p.xMm() - centre.xMm());
  }

  private static double positive(double rad) {
    return rad < 0 ? rad + 2 * Math.PI : rad;
  }

  private static List<Stroke> measurable(List<Stroke> strokes) {
    List<Stroke> all = new ArrayList<>();
    for (Stroke stroke : strokes) {
      if (stroke instanceof Arc arc && !arc.isCircular()) {
        Point from = arc.from();
        for (Point to : arc.flattened(FLATNESS_MM)) {
          all.add(new Line(from, to));
          from = to;
        }
      } else {
        all.add(stroke);
      }
    }
    return all;
  }

  public double lengthMm() {
    return lengthMm;
  }

  public List<Stroke> strokes() {
    return strokes;
  }

  /** The place after so many millimetres; before the start and past the end it goes straight on. */
  public Point at(double alongMm) {
    double along = within(alongMm);
    int i = strokeAt(along);
    double rest = along - startsAt[i];
    return switch (strokes.get(i)) {
      case Line line -> {
        double share = rest / line.lengthMm();
        yield new Point(
            line.from().xMm() + share * (line.to().xMm() - line.from().xMm()),
            line.from().yMm() + share * (line.to().yMm() - line.from().yMm()));
      }
      case Arc arc -> arc.at(angleAt(arc, rest));
    };
  }

  /** Where the line leads there, in degrees clockwise from the direction of x. */
  public double directionDeg(double alongMm) {
    double along = within(alongMm);
    int i = strokeAt(along);
    return switch (strokes.get(i)) {
      case Line line -> Turns.direction(line.from(), line.to());
      case Arc arc -> {
        double angle = Math.toDegrees(angleAt(arc, along - startsAt[i]));
        yield Turns.normal(angle + (arc.sweepRad() > 0 ? 90 : -90));
      }
    };
  }

  private static double angleAt(Arc arc, double alongMm) {
    return arc.startRad() + Math.signum(arc.sweepRad()) * alongMm / arc.rxMm();
  }

  private double within(double alongMm) {
    if (!closed) {
      return alongMm;
    }
    double along = alongMm % lengthMm;
    return along < 0 ? along + lengthMm : along;
  }

  private int strokeAt(double along) {
    int low = 0;
    int high = startsAt.length - 1;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (startsAt[middle] <= along) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    return low;
  }
}
