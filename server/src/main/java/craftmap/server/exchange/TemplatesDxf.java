package craftmap.server.exchange;

import craftmap.core.measure.Decimals;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import craftmap.core.plane.Stroke;
import craftmap.core.surface.Face;
import java.util.Locale;

/**
 * The faces as templates in DXF, release 12, in millimetres: y runs up there, so each face is
 * turned over about its own foot. Arcs of circles stay arcs; those of ovals become fine lines.
 */
final class TemplatesDxf {
  private static final double GAP_MM = 20;
  private static final int DECIMALS = 4;

  private final StringBuilder out = new StringBuilder();
  private double left;
  private double height;
  private String layer = "";

  private TemplatesDxf() {}

  static String of(PlanReading reading) {
    TemplatesDxf dxf = new TemplatesDxf();
    dxf.pair(0, "SECTION").pair(2, "HEADER");
    dxf.pair(9, "$ACADVER").pair(1, "AC1009");
    dxf.pair(9, "$INSUNITS").pair(70, "4");
    dxf.pair(0, "ENDSEC").pair(0, "SECTION").pair(2, "ENTITIES");
    for (PlanReading.FaceReading face : reading.faces()) {
      if (face.place().shown()) {
        dxf.face(face.face());
      }
    }
    dxf.pair(0, "ENDSEC").pair(0, "EOF");
    return dxf.out.toString();
  }

  private void face(Face face) {
    height = face.outline().heightMm();
    String name = face.id().toUpperCase(Locale.ENGLISH).replaceAll("[^A-Z0-9_-]", "_");
    layer = name;
    contour(face.outline().contour());
    face.outline().openings().forEach(this::contour);
    layer = name + "_HOLES";
    face.marks().holes().forEach(h -> h.centres().forEach(c -> circle(c, h.diameterMm() / 2)));
    layer = name + "_BREAKS";
    face.marks().breaks().forEach(b -> line(b.from(), b.to()));
    left += face.outline().widthMm() + GAP_MM;
  }

  private void contour(Contour contour) {
    for (Stroke stroke : contour.strokes()) {
      switch (stroke) {
        case Line line -> line(line.from(), line.to());
        case Arc arc when arc.isCircular() -> arc(arc);
        case Arc arc -> {
          Point from = arc.from();
          for (Point to : arc.flattened(Contour.FLATNESS_MM)) {
            line(from, to);
            from = to;
          }
        }
      }
    }
  }

  private void line(Point from, Point to) {
    pair(0, "LINE").pair(8, layer);
    at(10, from);
    at(11, to);
  }

  private void circle(Point centre, double radius) {
    pair(0, "CIRCLE").pair(8, layer);
    at(10, centre);
    pair(40, mm(radius));
  }

  /**
   * DXF arcs run against the clock from one angle to the other; turning y over turns them round.
   */
  private void arc(Arc arc) {
    if (Math.abs(arc.sweepRad()) >= 2 * Math.PI - 1e-9) {
      circle(arc.centre(), arc.rxMm());
      return;
    }
    double a = -Math.toDegrees(arc.startRad());
    double b = -Math.toDegrees(arc.startRad() + arc.sweepRad());
    pair(0, "ARC").pair(8, layer);
    at(10, arc.centre());
    pair(40, mm(arc.rxMm()));
    pair(50, mm(arc.sweepRad() > 0 ? b : a));
    pair(51, mm(arc.sweepRad() > 0 ? a : b));
  }

  private void at(int code, Point p) {
    pair(code, mm(left + p.xMm()));
    pair(code + 10, mm(height - p.yMm()));
  }

  private static String mm(double value) {
    return Decimals.show(value, DECIMALS);
  }

  private TemplatesDxf pair(int code, String value) {
    out.append(code).append("\r\n").append(value).append("\r\n");
    return this;
  }
}
