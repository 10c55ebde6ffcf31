package craftmap.core.surface;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.PolygonOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * A zone as a surface that something is laid on: as far as it lies on its face, with measures of
 * its own from where its box begins.
 *
 * @param at where its box begins on the face
 * @param holes what is left out in its middle, from where its box begins
 */
public record ZonePlace(Zone zone, Outline outline, Point at, List<Geometry> holes) {
  private static final double ALIKE = 1e-6;
  private static final double FINE_MM = 0.05;

  public ZonePlace {
    holes = List.copyOf(holes);
  }

  /** Refused where nothing of it lies on the face. */
  public static ZonePlace on(Face face, Zone zone) {
    Geometry lies = Planar.intersection(zone.area().on(face.outline()), face.outline().region());
    Geometry largest = largest(lies);
    if (!(largest instanceof Polygon area) || area.isEmpty()) {
      throw new RefusedInput(
          "zone",
          given(zone.name()),
          said("does-not-lie-on-its-face"),
          said("one-that-lies-on-it"));
    }
    Envelope e = area.getEnvelopeInternal();
    Point at = new Point(e.getMinX(), e.getMinY());
    List<Geometry> holes = new ArrayList<>();
    for (int i = 0; i < area.getNumInteriorRing(); i++) {
      holes.add(moved(area.getFactory().createPolygon(area.getInteriorRingN(i)), at));
    }
    return new ZonePlace(zone, outline(zone, area, e), at, holes);
  }

  private static Geometry largest(Geometry areas) {
    Geometry largest = areas;
    double most = -1;
    for (int i = 0; i < areas.getNumGeometries(); i++) {
      if (areas.getGeometryN(i).getArea() > most) {
        largest = areas.getGeometryN(i);
        most = largest.getArea();
      }
    }
    return largest;
  }

  private static Outline outline(Zone zone, Polygon area, Envelope e) {
    Geometry filled = area.getFactory().createPolygon(area.getExteriorRing());
    if (Math.abs(filled.getArea() - e.getArea()) <= ALIKE * e.getArea()) {
      return new RectangleOutline(e.getWidth(), e.getHeight());
    }
    if (zone.area() instanceof Area.Round round
        && Math.abs(e.getWidth() - round.diameterMm()) < FINE_MM
        && Math.abs(e.getHeight() - round.diameterMm()) < FINE_MM) {
      return OvalOutline.circle(round.diameterMm());
    }
    Coordinate[] ring = filled.getCoordinates();
    double coarse = FINE_MM;
    while (ring.length - 1 > PolygonOutline.MOST_POINTS) {
      ring = DouglasPeuckerSimplifier.simplify(filled, coarse).getCoordinates();
      coarse *= 2;
    }
    return new PolygonOutline(
        Arrays.stream(ring, 0, ring.length - 1).map(c -> new Point(c.x, c.y)).toList());
  }

  /** Something of the face, from where the zone's box begins. */
  public Geometry moved(Geometry onFace) {
    return moved(onFace, at);
  }

  private static Geometry moved(Geometry onFace, Point at) {
    return AffineTransformation.translationInstance(-at.xMm(), -at.yMm()).transform(onFace);
  }

  /**
   * The zone as a face: of its own make or its face's, with nothing marked on it but the damage
   * that it has.
   */
  public Face asFace(Face face) {
    List<Blemish> damage =
        face.blemishes().stream()
            .map(
                b ->
                    new Blemish(
                        b.id(),
                        b.number(),
                        b.kind(),
                        b.centre().movedBy(-at.xMm(), -at.yMm()),
                        b.diameterMm(),
                        b.note(),
                        b.photoId()))
            .toList();
    return new Face(
        face.id(),
        face.name(),
        outline,
        zone.makeUp().orElse(face.makeUp()),
        zone.finish().orElse(face.finish()),
        zone.colour(),
        face.exposure(),
        0,
        face.relief(),
        Marks.NONE.withBlemishes(damage));
  }
}
