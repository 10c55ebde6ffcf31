package craftmap.core.lay.sheet;

import craftmap.core.design.Design;
import craftmap.core.design.Napkin;
import craftmap.core.design.Paper;
import craftmap.core.design.PrintedSheet;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Item;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Break;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Deep corners are cut lines: where one side of a break stands further over the other than a sheet
 * can be eased into, what lies across it is cut there and laid in parts.
 */
public final class Steps {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();
  private static final BufferParameters FLAT =
      new BufferParameters(2, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5);

  /** As thin as a cut is. */
  private static final double CUT_MM = 1e-4;

  /** Smaller shreds come of arithmetic. */
  private static final double SHRED_MM2 = 0.01;

  private Steps() {}

  /** How deep a step a sheet can be eased into without a cut; typical, thin sheets bend more. */
  public static double easedIntoMm(Design design) {
    return design instanceof PrintedSheet sheet
        ? switch (sheet) {
          case Transfer _ -> 2;
          case Napkin _ -> 3;
          case Paper p ->
              switch (p.weight()) {
                case TISSUE -> 3;
                case DECOUPAGE -> 1.5;
                case WRAPPING -> 1;
              };
        }
        : Double.POSITIVE_INFINITY;
  }

  /** Whether a design that lies across a break is cut there. */
  public static boolean cuts(Break at, Design design) {
    return at.stepMm() > easedIntoMm(design);
  }

  /** Whether something that is cut at a break reaches it. */
  public static boolean reaches(Item item, Break at) {
    return item.visibleArea().isWithinDistance(line(at), 2 * CUT_MM);
  }

  /** What lies across deep steps, in its parts; from the upper left one on. */
  public static List<Item> apart(List<Item> items, List<Break> breaks) {
    List<Item> all = items;
    for (Break at : breaks) {
      all = all.stream().flatMap(i -> apart(i, at).stream()).toList();
    }
    return all;
  }

  private static List<Item> apart(Item item, Break at) {
    if (!cuts(at, item.design())) {
      return List.of(item);
    }
    Geometry cut = Planar.difference(item.visibleArea(), BufferOp.bufferOp(line(at), CUT_MM, FLAT));
    List<Geometry> parts = new ArrayList<>();
    for (int i = 0; i < cut.getNumGeometries(); i++) {
      if (cut.getGeometryN(i).getArea() > SHRED_MM2) {
        parts.add(cut.getGeometryN(i));
      }
    }
    if (parts.size() < 2) {
      return List.of(item);
    }
    parts.sort(
        Comparator.comparingDouble((Geometry g) -> Math.rint(g.getCentroid().getY()))
            .thenComparingDouble(g -> g.getCentroid().getX()));
    return parts.stream()
        .flatMap(g -> Item.cutTo(item.design(), item.at(), g, item.onKeepOut()).stream())
        .toList();
  }

  private static Geometry line(Break at) {
    return GEOMETRY.createLineString(new Coordinate[] {coordinate(at.from()), coordinate(at.to())});
  }

  private static Coordinate coordinate(Point p) {
    return new Coordinate(p.xMm(), p.yMm());
  }
}
