package craftmap.core.lay.rule.border;

import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.line.Insets;
import craftmap.core.lay.rule.Laying;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** For each straight side of a face, the strip along it, cut along the mitre at both ends. */
final class MitredStrips {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private MitredStrips() {}

  /** Clockwise from the top; empty where the face has no corners, or not the same ones inside. */
  static List<Geometry> of(Outline outline, double insetMm, double deepMm) {
    List<Insets.Side> outer = Insets.ring(outline, insetMm).map(Insets::sides).orElse(List.of());
    List<Insets.Side> inner =
        Insets.ring(outline, insetMm + deepMm).map(Insets::sides).orElse(List.of());
    if (outer.size() != inner.size()) {
      return List.of();
    }
    List<Geometry> strips = new ArrayList<>();
    for (int i = 0; i < outer.size(); i++) {
      strips.add(strip(outer.get(i), inner.get(i)));
    }
    return strips;
  }

  /** Along the outer line and back along the inner one. */
  private static Geometry strip(Insets.Side outer, Insets.Side inner) {
    List<Coordinate> ring = new ArrayList<>();
    add(ring, outer.path().at(0));
    outer.path().strokes().forEach(s -> add(ring, s.to()));
    List<Point> back = new ArrayList<>(List.of(inner.path().at(0)));
    inner.path().strokes().forEach(s -> back.add(s.to()));
    back.reversed().forEach(p -> add(ring, p));
    ring.add(ring.getFirst().copy());
    return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
  }

  /** A copy cut to its strip; none where nothing of it lies there. */
  static Optional<Item> cut(Laying laying, Placement at, Geometry strip) {
    Geometry box = Item.box(laying.design(), at).polygon();
    boolean hit = laying.room().obstacles().hit(Item.box(laying.design(), at));
    if (strip.buffer(1e-6).covers(box)) {
      return Optional.of(Item.whole(laying.design(), at, hit));
    }
    Item whole = Item.whole(laying.design(), at, hit);
    Geometry clip = Planar.intersection(box, strip);
    double share = Planar.intersection(whole.print(), clip).getArea() / whole.print().getArea();
    return share < 1e-3
        ? Optional.empty()
        : share > 1 - 1e-6
            ? Optional.of(whole)
            : Optional.of(new Item(laying.design(), at, share, Optional.of(clip), hit));
  }

  private static void add(List<Coordinate> ring, Point p) {
    ring.add(new Coordinate(p.xMm(), p.yMm()));
  }
}
