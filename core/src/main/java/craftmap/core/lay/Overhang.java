package craftmap.core.lay;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Planar;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * By how much copies reach over the edge of their face.
 *
 * @param edge the side it reaches over; none where it is over a curve, or a corner that is cut off
 * @param byMm as far as the farthest of them reaches
 */
public record Overhang(Optional<Edge> edge, double byMm) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /**
   * Over each of some edges; where an outline is no box and all edges are asked for, only by how
   * far over the outline. A face that is rolled up has no left and no right edge.
   */
  public static List<Overhang> of(Outline outline, List<Item> items, Set<Edge> edges) {
    double[] by = new double[Edge.values().length];
    double anywhere = 0;
    Envelope face = new Envelope(0, outline.widthMm(), 0, outline.heightMm());
    for (Item item : edges.isEmpty() ? List.<Item>of() : items) {
      // what lies on the face by its box need not be drawn: most copies do
      if (face.contains(item.box().around().envelope()) && liesOn(outline, item)) {
        continue;
      }
      Geometry print = Item.wholePrint(item.design(), item.at());
      Envelope e = print.getEnvelopeInternal();
      for (Edge edge : edges) {
        by[edge.ordinal()] = Math.max(by[edge.ordinal()], over(edge, e, outline));
      }
      if (!outline.wraps() && !liesOn(outline, item)) {
        anywhere = Math.max(anywhere, farthest(print, outline.region()));
      }
    }
    List<Overhang> all = new ArrayList<>();
    boolean all4 = edges.size() == Edge.values().length;
    if (all4 && !isBox(outline)) {
      // a curve is no edge by name, and what reaches over it reaches further than its box tells
      return Tolerance.EXACT.greater(anywhere, 0)
          ? List.of(new Overhang(Optional.empty(), anywhere))
          : List.of();
    }
    for (Edge edge : Edge.values()) {
      if (Tolerance.EXACT.greater(by[edge.ordinal()], 0)) {
        all.add(new Overhang(Optional.of(edge), by[edge.ordinal()]));
      }
    }
    return List.copyOf(all);
  }

  /** Upright and with four corners, whatever is cut out of it; a wall counts as one. */
  private static boolean isBox(Outline outline) {
    double around = outline.widthMm() * outline.heightMm();
    return outline.wraps()
        || Math.abs(around - outline.contour().areaMm2()) <= Tolerance.EXACT.lengthMm() * around;
  }

  /** A copy that hangs over stays whole: whether it does is not told by its share. */
  private static boolean liesOn(Outline outline, Item item) {
    return item.design().hangsOver() ? outline.holds(item.box().around()) : item.isWhole();
  }

  /**
   * How deep copies reach into what is set into the face: the shorter side of the largest piece of
   * a print that lies over it.
   */
  public static double intoInsets(List<Geometry> insets, List<Item> items) {
    double deepest = 0;
    for (Geometry inset : insets) {
      for (Item item : items) {
        if (item.visible().envelope().intersects(inset.getEnvelopeInternal())) {
          Geometry over = Planar.intersection(Item.wholePrint(item.design(), item.at()), inset);
          // piece by piece: what reaches in a little from two sides is not across the whole of it
          for (int i = 0; i < over.getNumGeometries(); i++) {
            Envelope piece = over.getGeometryN(i).getEnvelopeInternal();
            deepest = Math.max(deepest, Math.min(piece.getWidth(), piece.getHeight()));
          }
        }
      }
    }
    return deepest;
  }

  private static double over(Edge edge, Envelope print, Outline outline) {
    if (outline.wraps() && !edge.isLevel()) {
      return 0;
    }
    return switch (edge) {
      case TOP -> -print.getMinY();
      case BOTTOM -> print.getMaxY() - outline.heightMm();
      case LEFT -> -print.getMinX();
      case RIGHT -> print.getMaxX() - outline.widthMm();
    };
  }

  /** How far the print's outermost points lie from a region. */
  private static double farthest(Geometry print, Geometry region) {
    double farthest = 0;
    for (Coordinate c : print.convexHull().getCoordinates()) {
      farthest = Math.max(farthest, region.distance(GEOMETRY.createPoint(c)));
    }
    return farthest;
  }
}
