package craftmap.core.lay.rule.run;

import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * The stretch of a straight line over which a band lies wholly on the face.
 *
 * @param fromMm from the left of the face, or from its top for an upright line
 */
public record Span(double fromMm, double toMm) {
  public double lengthMm() {
    return toMm - fromMm;
  }

  /**
   * The longest such stretch for a band as tall as given whose middle runs at a distance from an
   * edge: what the band's whole strip would lay off the face is thrown onto the line, and the
   * longest stretch between is free. None where the band lies nowhere wholly on the face.
   */
  public static Optional<Span> on(Outline outline, Edge edge, double distanceMm, double tallMm) {
    double along = edge.isLevel() ? outline.widthMm() : outline.heightMm();
    if (outline instanceof RectangleOutline || outline instanceof CylinderOutline) {
      return Optional.of(new Span(0, along));
    }
    double across = edge.isLevel() ? outline.heightMm() : outline.widthMm();
    double middle = edge == Edge.TOP || edge == Edge.LEFT ? distanceMm : across - distanceMm;
    Box strip =
        edge.isLevel()
            ? new Box(0, middle - tallMm / 2, along, tallMm)
            : new Box(middle - tallMm / 2, 0, tallMm, along);
    Geometry off = Planar.difference(Planar.polygon(strip), outline.region());
    List<Span> taken = new ArrayList<>();
    for (int i = 0; i < off.getNumGeometries(); i++) {
      Envelope e = off.getGeometryN(i).getEnvelopeInternal();
      if (!e.isNull() && off.getGeometryN(i).getArea() > 0) {
        taken.add(
            edge.isLevel()
                ? new Span(e.getMinX(), e.getMaxX())
                : new Span(e.getMinY(), e.getMaxY()));
      }
    }
    return longestBetween(taken, along);
  }

  private static Optional<Span> longestBetween(List<Span> taken, double along) {
    taken.sort(Comparator.comparingDouble(Span::fromMm));
    Span longest = new Span(0, 0);
    double free = 0;
    for (Span span : taken) {
      if (span.fromMm - free > longest.lengthMm()) {
        longest = new Span(free, span.fromMm);
      }
      free = Math.max(free, span.toMm);
    }
    if (along - free > longest.lengthMm()) {
      longest = new Span(free, along);
    }
    return longest.lengthMm() > 0 ? Optional.of(longest) : Optional.empty();
  }
}
