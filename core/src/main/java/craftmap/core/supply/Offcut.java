package craftmap.core.supply;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A usable leftover of a sheet. Its outline lies where it lay on the sheet, so that it still says
 * which part of the picture it shows.
 */
public record Offcut(List<Point> outline) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();
  private static final double OVER_THE_EDGE_MM = 0.01;
  private static final int MOST_CORNERS = 200;

  /** Smaller ones are scraps. */
  private static final double LEAST_MM2 = 100;

  public Offcut {
    outline = List.copyOf(outline);
    if (outline.size() < 3 || outline.size() > MOST_CORNERS) {
      throw new RefusedInput(
          "offcut",
          said("corners", count(outline.size())),
          said("are-no-outline"),
          said("3-to-corners", given(MOST_CORNERS)));
    }
    Polygon polygon = polygon(outline);
    if (!polygon.isSimple() || !polygon.isValid()) {
      throw new RefusedInput(
          "offcut",
          said("its-outline"),
          said("crosses-itself"),
          said("corners-in-order-round-it-once"));
    }
    if (polygon.getArea() < LEAST_MM2) {
      throw new RefusedInput(
          "offcut",
          said("mm", given(Decimals.show(polygon.getArea(), 1))),
          said("is-too-small-to-keep"),
          said("at-least-mm", given(Decimals.show(LEAST_MM2, 0))));
    }
  }

  public static Offcut ofBox(Box b) {
    return new Offcut(
        List.of(
            new Point(b.leftMm(), b.topMm()),
            new Point(b.rightMm(), b.topMm()),
            new Point(b.rightMm(), b.bottomMm()),
            new Point(b.leftMm(), b.bottomMm())));
  }

  /**
   * The same offcut, once it is sure that it was cut from such a sheet.
   *
   * @throws RefusedInput when it reaches over the sheet's edge
   */
  public Offcut fromSheet(double widthMm, double heightMm) {
    Box b = box();
    if (b.leftMm() < -OVER_THE_EDGE_MM
        || b.topMm() < -OVER_THE_EDGE_MM
        || b.rightMm() > widthMm + OVER_THE_EDGE_MM
        || b.bottomMm() > heightMm + OVER_THE_EDGE_MM) {
      throw new RefusedInput(
          "offcut",
          said("from-the-corner", mm(b.rightMm()), mm(b.bottomMm())),
          said("reaches-over-the-edge-of-the-sheet"),
          said("within", mm(widthMm), mm(heightMm)));
    }
    return this;
  }

  public double areaMm2() {
    return polygon(outline).getArea();
  }

  public Box box() {
    Envelope e = polygon(outline).getEnvelopeInternal();
    return new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight());
  }

  /** Which share of a part of the picture is still on it, 0 to 1. */
  public double shows(Box part) {
    Polygon box = polygon(ofCorners(part));
    return Math.clamp(polygon(outline).intersection(box).getArea() / part.areaMm2(), 0, 1);
  }

  private static List<Point> ofCorners(Box b) {
    return List.of(
        new Point(b.leftMm(), b.topMm()),
        new Point(b.rightMm(), b.topMm()),
        new Point(b.rightMm(), b.bottomMm()),
        new Point(b.leftMm(), b.bottomMm()));
  }

  private static Polygon polygon(List<Point> corners) {
    Coordinate[] ring = new Coordinate[corners.size() + 1];
    for (int i = 0; i < ring.length; i++) {
      Point p = corners.get(i % corners.size());
      ring[i] = new Coordinate(p.xMm(), p.yMm());
    }
    return GEOMETRY.createPolygon(ring);
  }
}
