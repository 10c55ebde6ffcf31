package craftmap.core.lay;

import craftmap.core.plane.Planar;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.CoordinateSequenceFilter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.index.hprtree.HPRtree;

/**
 * An area that thousands of copies are held against. Most of them lie in the open, far from what is
 * left out of it: on an upright rectangle that is told by boxes, and nothing is overlaid.
 */
final class Open {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private final Geometry area;
  private final PreparedGeometry prepared;
  private final PointOnGeometryLocator locator;

  /** All of it, and what is left out; none where it is not an upright rectangle. */
  private final Envelope rectangle;

  private final HPRtree leftOut = new HPRtree();

  private Open(Geometry area, Envelope rectangle, List<Geometry> off) {
    this.area = area;
    this.rectangle = rectangle;
    prepared = PreparedGeometryFactory.prepare(area);
    locator = new IndexedPointInAreaLocator(area);
    off.forEach(o -> leftOut.insert(o.getEnvelopeInternal(), o));
    leftOut.build();
  }

  /** A region less what is not to be laid on. */
  static Open of(Geometry region, List<Geometry> off) {
    return new Open(
        off.isEmpty() ? region : Planar.difference(region, Planar.union(off)),
        region.isRectangle() ? region.getEnvelopeInternal() : null,
        off);
  }

  Geometry area() {
    return area;
  }

  boolean covers(TurnedBox box) {
    return isClear(box.around().envelope()) || prepared.covers(box.polygon());
  }

  boolean covers(Geometry other) {
    return isClear(other.getEnvelopeInternal()) || prepared.covers(other);
  }

  /** True only where it is sure without looking closer. */
  private boolean isClear(Envelope box) {
    return rectangle != null && rectangle.covers(box) && !touchesLeftOut(box);
  }

  private boolean touchesLeftOut(Envelope box) {
    boolean[] touches = {false};
    leftOut.query(box, off -> touches[0] = true);
    return touches[0];
  }

  /** What of a box lies in it; empty where nothing does. */
  Geometry partOf(TurnedBox box) {
    Geometry polygon = box.polygon();
    return area.getEnvelopeInternal().intersects(polygon.getEnvelopeInternal())
            && prepared.intersects(polygon)
        ? areaOf(Planar.intersection(polygon, area))
        : GEOMETRY.createPolygon();
  }

  /** What an overlay leaves besides areas, such as touching lines, is dropped. */
  private static Geometry areaOf(Geometry geometry) {
    if (geometry.getDimension() == 2 && geometry.getNumGeometries() == 1) {
      return geometry;
    }
    List<Geometry> areas = new ArrayList<>();
    for (int i = 0; i < geometry.getNumGeometries(); i++) {
      if (geometry.getGeometryN(i).getDimension() == 2) {
        areas.add(geometry.getGeometryN(i));
      }
    }
    return GEOMETRY.buildGeometry(areas);
  }

  /** A corner that lies outside is found long before the whole print is looked at. */
  boolean holdsCorners(Geometry shape, AffineTransformation onFace) {
    CornersInside corners = new CornersInside(locator, onFace);
    shape.apply(corners);
    return !corners.isDone();
  }

  /** Looks at one corner after the other until one lies outside. */
  private static final class CornersInside implements CoordinateSequenceFilter {
    private final PointOnGeometryLocator area;
    private final AffineTransformation onFace;
    private final Coordinate there = new Coordinate();
    private boolean outside;

    CornersInside(PointOnGeometryLocator area, AffineTransformation onFace) {
      this.area = area;
      this.onFace = onFace;
    }

    @Override
    public void filter(CoordinateSequence corners, int i) {
      onFace.transform(corners.getCoordinate(i), there);
      outside = area.locate(there) == Location.EXTERIOR;
    }

    @Override
    public boolean isDone() {
      return outside;
    }

    @Override
    public boolean isGeometryChanged() {
      return false;
    }
  }
}
