package craftmap.core.lay.rule.run;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.line.Path;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import java.util.List;

/**
 * A line drawn on a face through points.
 *
 * @param shape how the points are joined
 * @param stand whether motifs turn with the line
 * @param startInsetMm how far after its first point it begins
 * @param endInsetMm how far before its last point it stops
 */
public record DrawnLine(
    Shape shape, List<Point> points, Stand stand, double startInsetMm, double endInsetMm)
    implements LayLine {
  /** How points make a line. */
  public enum Shape {
    /** Straight from point to point. */
    STRAIGHT,
    /** The circle's arc through three points. */
    ARC
  }

  /** How motifs stand on a line. */
  public enum Stand {
    WITH_THE_LINE,
    STANDING
  }

  private static final int MOST_POINTS = 60;
  private static final double LEAST_APART_MM = 0.5;

  public DrawnLine {
    points = List.copyOf(points);
    startInsetMm = LengthRange.DISTANCE.check("start-of-the-line", startInsetMm);
    endInsetMm = LengthRange.DISTANCE.check("end-of-the-line", endInsetMm);
    boolean enough = shape == Shape.ARC ? points.size() == 3 : points.size() >= 2;
    if (!enough || points.size() > MOST_POINTS) {
      throw new RefusedInput(
          "points-of-the-line",
          given(points.size()),
          said("make-no-such-line"),
          shape == Shape.ARC ? said("three-points") : said("2-to-points", given(MOST_POINTS)));
    }
    for (int i = 1; i < points.size(); i++) {
      double apart = points.get(i - 1).distanceMm(points.get(i));
      if (apart < LEAST_APART_MM) {
        throw new RefusedInput(
            said("points-and-of-the-line", given(i), given(i + 1)),
            said("apart", mm(apart)),
            said("are-one-and-the-same"),
            said("points-at-least-apart", mm(LEAST_APART_MM)));
      }
    }
    path(shape, points); // refuses three points that lie in a line
  }

  public Path path() {
    return path(shape, points);
  }

  private static Path path(Shape shape, List<Point> points) {
    return shape == Shape.ARC
        ? Path.arcThrough(points.get(0), points.get(1), points.get(2))
        : Path.straightThrough(points);
  }

  double turnDeg(double alongMm) {
    return stand == Stand.STANDING ? 0 : path().directionDeg(alongMm);
  }

  DrawnLine mirroredAt(double xMm) {
    return new DrawnLine(
        shape,
        points.stream().map(p -> p.mirroredAt(xMm)).toList().reversed(),
        stand,
        endInsetMm,
        startInsetMm);
  }
}
