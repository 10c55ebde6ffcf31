package craftmap.core.plane;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;

/** A closed line of strokes, each beginning where the one before ends, clockwise as seen. */
public record Contour(List<Stroke> strokes) {
  /** No chord of the polygon that stands for a contour lies further from the curve. */
  public static final double FLATNESS_MM = 0.01;

  private static final int PATH_DECIMALS = 4;
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** End points computed in two ways may differ by arithmetic noise, not by more. */
  private static final Tolerance JOINED = new Tolerance(1e-5);

  public Contour {
    strokes = List.copyOf(strokes);
    if (strokes.isEmpty()) {
      throw new IllegalArgumentException("a contour has strokes");
    }
    for (int i = 0; i < strokes.size(); i++) {
      Point end = strokes.get(i).to();
      Point next = strokes.get((i + 1) % strokes.size()).from();
      if (!JOINED.sameLength(end.distanceMm(next), 0)) {
        throw new IllegalArgumentException("a contour has a gap from " + end + " to " + next);
      }
    }
  }

  /** Straight lines from each point to the next and back to the first. */
  public static Contour through(List<Point> points) {
    List<Stroke> lines = new ArrayList<>(points.size());
    for (int i = 0; i < points.size(); i++) {
      lines.add(new Line(points.get(i), points.get((i + 1) % points.size())));
    }
    return new Contour(lines);
  }

  public double areaMm2() {
    return Math.abs(strokes.stream().mapToDouble(Stroke::sweptMm2).sum());
  }

  public double lengthMm() {
    return strokes.stream().mapToDouble(Stroke::lengthMm).sum();
  }

  public Extent extent() {
    return strokes.stream().map(Stroke::extent).reduce(Extent::and).orElseThrow();
  }

  public Contour movedBy(double dxMm, double dyMm) {
    return new Contour(strokes.stream().map(s -> s.movedBy(dxMm, dyMm)).toList());
  }

  /** Turned over left to right about the upright line at x; clockwise again. */
  public Contour mirroredAt(double xMm) {
    List<Stroke> turned = new ArrayList<>(strokes.stream().map(s -> s.mirroredAt(xMm)).toList());
    Collections.reverse(turned);
    return new Contour(turned);
  }

  /** Its corners, where strokes meet. */
  public List<Point> corners() {
    return strokes.stream().map(Stroke::from).toList();
  }

  public LinearRing ring(double flatnessMm) {
    List<Coordinate> ring = new ArrayList<>();
    Point first = strokes.getFirst().from();
    ring.add(new Coordinate(first.xMm(), first.yMm()));
    for (Stroke stroke : strokes) {
      for (Point p : stroke.flattened(flatnessMm)) {
        ring.add(new Coordinate(p.xMm(), p.yMm()));
      }
    }
    ring.set(ring.size() - 1, ring.getFirst().copy());
    return GEOMETRY.createLinearRing(ring.toArray(Coordinate[]::new));
  }

  /** SVG path data in millimetres, arcs as arcs. */
  public String pathData() {
    StringBuilder out = new StringBuilder();
    Point first = strokes.getFirst().from();
    out.append('M').append(show(first));
    for (Stroke stroke : strokes) {
      switch (stroke) {
        case Line line -> out.append('L').append(show(line.to()));
        case Arc arc -> append(out, arc);
      }
    }
    return out.append('Z').toString();
  }

  /** An arc of half a turn or more is ambiguous to a reader of path data: it is sent in parts. */
  private static void append(StringBuilder out, Arc arc) {
    int parts = (int) Math.ceil(Math.abs(arc.sweepRad()) / (Math.PI * 0.75));
    for (int i = 1; i <= parts; i++) {
      Point to = arc.at(arc.startRad() + arc.sweepRad() * i / parts);
      out.append('A')
          .append(Decimals.show(arc.rxMm(), PATH_DECIMALS))
          .append(' ')
          .append(Decimals.show(arc.ryMm(), PATH_DECIMALS))
          .append(" 0 0 ")
          .append(arc.sweepRad() > 0 ? "1 " : "0 ")
          .append(show(to));
    }
  }

  private static String show(Point p) {
    return Decimals.show(p.xMm(), PATH_DECIMALS) + " " + Decimals.show(p.yMm(), PATH_DECIMALS);
  }
}
