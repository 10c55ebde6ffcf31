package craftmap.core.artwork;

import craftmap.core.measure.Decimals;
import craftmap.core.plane.Box;
import craftmap.core.plane.NestedRings;
import java.awt.geom.Area;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * The openings of a stencil, or the cut line of any artwork: one outline in millimetres on its
 * sheet.
 *
 * @param outline the openings as fine polygons, no edge further than {@link #FLATNESS_MM} from the
 *     curve
 * @param pathData the same outline with its curves, as SVG path data in millimetres
 * @param print the smallest upright box around the openings
 * @param areaMm2 the area inside the curves themselves, not of the polygons
 */
public record Artwork(Geometry outline, String pathData, Box print, double areaMm2) {
  static final double FLATNESS_MM = 0.01;
  private static final int PATH_DECIMALS = 3;
  private static final double SLAT_PITCH_MM = 12;
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** Of areas that do not meet each other. */
  public static Artwork of(List<Area> apart) {
    List<Polygon> rings = new ArrayList<>();
    StringBuilder path = new StringBuilder();
    Rectangle2D bounds = null;
    double area = 0;
    for (Area one : apart) {
      rings.addAll(rings(one));
      path.append(pathData(one));
      area += exactArea(one);
      bounds = bounds == null ? one.getBounds2D() : bounds.createUnion(one.getBounds2D());
    }
    Geometry outline = NestedRings.area(rings);
    // flattened curves that touch may cross by less than the flatness
    return new Artwork(
        outline.isValid() ? outline : GeometryFixer.fix(outline),
        path.toString(),
        new Box(bounds.getX(), bounds.getY(), bounds.getWidth(), bounds.getHeight()),
        area);
  }

  /**
   * Upright slats that together open that share of the box: what stands in for unknown openings.
   */
  public static Artwork slats(Box print, double share) {
    if (!(share > 0 && share < 1)) {
      throw new IllegalArgumentException("impossible state: an open share of " + share);
    }
    int count = Math.max(2, (int) Math.round(print.widthMm() / SLAT_PITCH_MM));
    double slat = print.widthMm() * share / count;
    double pitch = (print.widthMm() - slat) / (count - 1);
    List<Area> apart = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      apart.add(
          new Area(
              new Rectangle2D.Double(
                  print.leftMm() + i * pitch, print.topMm(), slat, print.heightMm())));
    }
    return of(apart);
  }

  /** The openings' share of the print box, 0 to 1. */
  public double openShare() {
    return areaMm2 / print.areaMm2();
  }

  /**
   * Area by Green's theorem, segment by segment on the curves. An {@code Area} winds its holes
   * against their shells, so the signed sum is the area.
   */
  private static double exactArea(Area openings) {
    double sum = 0;
    double startX = 0;
    double startY = 0;
    double x = 0;
    double y = 0;
    double[] c = new double[6];
    for (PathIterator it = openings.getPathIterator(null); !it.isDone(); it.next()) {
      switch (it.currentSegment(c)) {
        case PathIterator.SEG_MOVETO -> {
          startX = x = c[0];
          startY = y = c[1];
        }
        case PathIterator.SEG_LINETO -> {
          sum += cross(x, y, c[0], c[1]) / 2;
          x = c[0];
          y = c[1];
        }
        case PathIterator.SEG_QUADTO -> {
          sum +=
              (2 * cross(x, y, c[0], c[1])
                      + cross(x, y, c[2], c[3])
                      + 2 * cross(c[0], c[1], c[2], c[3]))
                  / 6;
          x = c[2];
          y = c[3];
        }
        case PathIterator.SEG_CUBICTO -> {
          sum +=
              (6 * cross(x, y, c[0], c[1])
                      + 3 * cross(x, y, c[2], c[3])
                      + cross(x, y, c[4], c[5])
                      + 3 * cross(c[0], c[1], c[2], c[3])
                      + 3 * cross(c[0], c[1], c[4], c[5])
                      + 6 * cross(c[2], c[3], c[4], c[5]))
                  / 20;
          x = c[4];
          y = c[5];
        }
        default -> {
          sum += cross(x, y, startX, startY) / 2;
          x = startX;
          y = startY;
        }
      }
    }
    return Math.abs(sum);
  }

  private static double cross(double ax, double ay, double bx, double by) {
    return ax * by - ay * bx;
  }

  /** The rings of an Area never cross. */
  private static List<Polygon> rings(Area openings) {
    List<Polygon> rings = new ArrayList<>();
    List<Coordinate> ring = new ArrayList<>();
    double[] c = new double[6];
    for (PathIterator it = openings.getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
      int kind = it.currentSegment(c);
      if (kind != PathIterator.SEG_CLOSE) {
        ring.add(new Coordinate(c[0], c[1]));
      } else {
        ring.add(ring.getFirst().copy());
        if (ring.size() >= 4) {
          rings.add(GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new)));
        }
        ring.clear();
      }
    }
    return rings;
  }

  private static String pathData(Area openings) {
    StringBuilder out = new StringBuilder();
    double[] c = new double[6];
    for (PathIterator it = openings.getPathIterator(null); !it.isDone(); it.next()) {
      int kind = it.currentSegment(c);
      switch (kind) {
        case PathIterator.SEG_MOVETO -> append(out, 'M', c, 2);
        case PathIterator.SEG_LINETO -> append(out, 'L', c, 2);
        case PathIterator.SEG_QUADTO -> append(out, 'Q', c, 4);
        case PathIterator.SEG_CUBICTO -> append(out, 'C', c, 6);
        default -> out.append('Z');
      }
    }
    return out.toString();
  }

  private static void append(StringBuilder out, char command, double[] c, int count) {
    out.append(command);
    for (int i = 0; i < count; i++) {
      if (i > 0) {
        out.append(' ');
      }
      out.append(Decimals.show(c[i], PATH_DECIMALS));
    }
  }

  /**
   * Whether its mirror image is the same shape: what differs is less than that share of it. A
   * design that is not symmetrical is handed.
   */
  public boolean isSymmetrical(double allowedShare) {
    double middle = 2 * print.centre().xMm();
    Geometry mirrored = new AffineTransformation(-1, 0, middle, 0, 1, 0).transform(outline);
    Geometry differs = OverlayNGRobust.overlay(outline, mirrored, OverlayNG.SYMDIFFERENCE);
    return differs.getArea() <= allowedShare * areaMm2;
  }
}
