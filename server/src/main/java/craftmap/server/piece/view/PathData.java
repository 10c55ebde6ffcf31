package craftmap.server.piece.view;

import craftmap.core.measure.Decimals;
import craftmap.core.plane.Contour;
import craftmap.core.surface.outline.Outline;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/** Geometry as SVG path data in millimetres. */
public final class PathData {
  private static final int DECIMALS = 2;

  private PathData() {}

  /** An outline with its openings, for the even-odd rule. */
  public static String of(Outline outline) {
    return outline.contour().pathData()
        + outline.openings().stream().map(Contour::pathData).collect(Collectors.joining());
  }

  /** Polygons, for the even-odd rule. */
  public static String of(Geometry area) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < area.getNumGeometries(); i++) {
      if (area.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
        append(out, polygon.getExteriorRing());
        for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
          append(out, polygon.getInteriorRingN(hole));
        }
      }
    }
    return out.toString();
  }

  private static void append(StringBuilder out, LineString ring) {
    Coordinate[] c = ring.getCoordinates();
    for (int i = 0; i < c.length - 1; i++) {
      out.append(i == 0 ? 'M' : 'L')
          .append(Decimals.show(c[i].x, DECIMALS))
          .append(' ')
          .append(Decimals.show(c[i].y, DECIMALS));
    }
    out.append('Z');
  }
}
