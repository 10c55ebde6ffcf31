package craftmap.core.surface.outline;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.Length;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Polygon;

/**
 * Straight sides through points. The points are moved so that the box around them begins at 0, 0.
 */
public record PolygonOutline(List<Point> points) implements Outline {
  public static final int MOST_POINTS = 400;
  private static final Figure FIELD = said("points-of-the-outline");

  public PolygonOutline {
    points = checked(points);
  }

  private static List<Point> checked(List<Point> given) {
    if (given.size() < 3 || given.size() > MOST_POINTS) {
      throw new RefusedInput(
          FIELD,
          said("points", count(given.size())),
          said("make-no-outline"),
          said("3-to-points", given(MOST_POINTS)));
    }
    Contour contour = Contour.through(given);
    Extent extent = contour.extent();
    double most = Length.LONGEST.mm();
    if (extent.widthMm() > most || extent.heightMm() > most) {
      throw new RefusedInput(
          FIELD, said("the-outline"), said("is-larger-than-20-m"), said("points-within-20-m"));
    }
    Polygon polygon = (Polygon) craftmap.core.plane.Planar.area(contour, List.of(), 1);
    double thin = Tolerance.EXACT.lengthMm() * Math.max(1, contour.lengthMm());
    if (!polygon.isValid() || !(polygon.getArea() > thin)) {
      throw new RefusedInput(
          FIELD,
          said("the-outline"),
          said("crosses-itself-or-has-no-inside"),
          said("corners-in-turn-round-the-face"));
    }
    List<Point> moved = new ArrayList<>();
    for (Point p : given) {
      moved.add(p.movedBy(-extent.leftMm(), -extent.topMm()));
    }
    double swept = contour.strokes().stream().mapToDouble(s -> s.sweptMm2()).sum();
    if (swept < 0) {
      // the same corners the other way round, still beginning with the first
      Collections.reverse(moved);
      Collections.rotate(moved, 1);
    }
    return List.copyOf(moved);
  }

  @Override
  public OutlineNote note() {
    return new OutlineNote(OutlineKind.POLYGON, Map.of(), Map.of(), points);
  }

  @Override
  public List<Side> sides() {
    return sidesThrough(points);
  }

  static List<Side> sidesThrough(List<Point> points) {
    List<Side> sides = new ArrayList<>(points.size());
    for (int i = 0; i < points.size(); i++) {
      Line line = new Line(points.get(i), points.get((i + 1) % points.size()));
      sides.add(new Side(Side.Name.SIDE, i + 1, List.of(line)));
    }
    return sides;
  }
}
