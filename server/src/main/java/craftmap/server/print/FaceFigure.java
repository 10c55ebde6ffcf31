package craftmap.server.print;

import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.Dots;
import craftmap.core.design.EnlargedImage;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.Paper;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Item;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Face;
import craftmap.server.paper.Page;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** The face drawn to a round scale, with its dimensions, lays, keep-outs and blemishes. */
final class FaceFigure {
  /** Scales a ruler helps with; the largest drawing that fits is taken. */
  private static final int[] SCALES = {
    1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 75, 100
  };

  private static final double ROOM_FOR_DIMENSIONS_MM = 14;

  /** Finer than a printer's dot. */
  private static final double DETAIL_ON_PAPER_MM = 0.04;

  private final Page page;
  private final TapeDivision tape;
  private final int scale;
  private final double left;
  private final double top;

  private FaceFigure(Page page, TapeDivision tape, Face face, double heightMm) {
    this.page = page;
    this.tape = tape;
    this.scale = scaleFor(face, page.widthMm() - ROOM_FOR_DIMENSIONS_MM, heightMm);
    this.left = page.leftMm();
    this.top = page.atMm() + ROOM_FOR_DIMENSIONS_MM;
  }

  /** Draws the face at the page's cursor and moves below it; returns the scale, n of 1 : n. */
  static int draw(Page page, TapeDivision tape, PlanReading.FaceReading reading, double heightMm) {
    FaceFigure figure = new FaceFigure(page, tape, reading.face(), heightMm);
    figure.draw(reading);
    return figure.scale;
  }

  static int scaleFor(Face face, double widthMm, double heightMm) {
    for (int scale : SCALES) {
      if (face.outline().widthMm() / scale <= widthMm
          && face.outline().heightMm() / scale <= heightMm) {
        return scale;
      }
    }
    return (int)
        Math.ceil(
            Math.max(face.outline().widthMm() / widthMm, face.outline().heightMm() / heightMm));
  }

  private void draw(PlanReading.FaceReading reading) {
    Face face = reading.face();
    double w = face.outline().widthMm();
    double h = face.outline().heightMm();
    for (LayReading lay : reading.lays()) {
      if (lay instanceof LayReading.Laid laid) {
        for (Item item : laid.items()) {
          if (isPainted(item.design())) {
            prints(item.print());
          } else {
            part(item.visibleArea());
          }
        }
        marks(laid, face);
      }
    }
    rings(face.outline().region(DETAIL_ON_PAPER_MM * scale)).forEach(r -> page.outline(r, 1, 0.1));
    FaceMarksFigure marks = new FaceMarksFigure(page, face, left, top, scale);
    marks.draw();
    face.blemishes().forEach(this::blemish);
    double below = y(h) + 7;
    page.line(x(0), below, x(w), below, 0.6, 0.25);
    page.line(x(0), below - 1.6, x(0), below + 1.6, 0.6, 0.25);
    page.line(x(w), below - 1.6, x(w), below + 1.6, 0.6, 0.25);
    page.writeCentred(page.fonts().strong(), 9, x(w / 2), below + 4.4, tape.show(w));
    double beside = x(w) + 5;
    page.line(beside, y(0), beside, y(h), 0.6, 0.25);
    page.line(beside - 1.6, y(0), beside + 1.6, y(0), 0.6, 0.25);
    page.line(beside - 1.6, y(h), beside + 1.6, y(h), 0.6, 0.25);
    page.write(page.fonts().strong(), 9, x(w) - 14, y(0) - 2, tape.show(h));
    page.down(ROOM_FOR_DIMENSIONS_MM + h / scale + 15);
  }

  /** What is painted, cast or moulded shows as its shape; sheets show where they are cut. */
  private static boolean isPainted(Design design) {
    return switch (design) {
      case StencilDesign _, Dots _, Moulding _, Mould _ -> true;
      case Transfer _,
          Napkin _,
          Paper _,
          CutOut _,
          FoilRoll _,
          Texture _,
          PlasterFabric _,
          FilmRoll _,
          EnlargedImage _,
          PaintedZone _ ->
          false;
    };
  }

  private void part(Geometry area) {
    Geometry simple = DouglasPeuckerSimplifier.simplify(area, DETAIL_ON_PAPER_MM * scale);
    for (int i = 0; i < simple.getNumGeometries(); i++) {
      if (simple.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
        page.fill(rings(polygon), 0.93);
        rings(polygon).forEach(r -> page.outline(r, 0.7, 0.35));
      }
    }
  }

  private void prints(Geometry openings) {
    Geometry simple = DouglasPeuckerSimplifier.simplify(openings, DETAIL_ON_PAPER_MM * scale);
    for (int i = 0; i < simple.getNumGeometries(); i++) {
      if (simple.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
        page.fill(rings(polygon), 0.42);
      }
    }
  }

  private List<double[][]> rings(Geometry area) {
    return FaceMarksFigure.rings(area, left, top, scale);
  }

  /** The line and, from each motif's middle, a short tick, numbered as in the list. */
  private void marks(LayReading.Laid laid, Face face) {
    int number = 0;
    for (Item item : laid.items()) {
      boolean onEdge =
          item.centre().xMm() >= 0
              && item.centre().xMm() <= face.outline().widthMm()
              && item.centre().yMm() >= 0
              && item.centre().yMm() <= face.outline().heightMm();
      if (!onEdge) {
        continue;
      }
      number++;
      Box b = item.visible();
      boolean level = item.at().turnDeg() == 0;
      double px = level ? x(item.centre().xMm()) : x(b.rightMm()) + 1.2;
      double py = level ? y(b.bottomMm()) + 1.2 : y(item.centre().yMm());
      page.line(px, py, level ? px : px + 1.8, level ? py + 1.8 : py, 0.6, 0);
      page.writeCentred(
          page.fonts().text(),
          6.5,
          level ? px : px + 3.6,
          level ? py + 4.4 : py + 0.8,
          "" + number);
    }
  }

  private void blemish(Blemish blemish) {
    double cx = x(blemish.centre().xMm());
    double cy = y(blemish.centre().yMm());
    double[][] ring = new double[24][];
    for (int i = 0; i < ring.length; i++) {
      double a = 2 * Math.PI * i / ring.length;
      ring[i] = new double[] {cx + 2.2 * Math.cos(a), cy + 2.2 * Math.sin(a)};
    }
    page.fill(List.<double[][]>of(ring), 1);
    page.outline(ring, 0.8, 0);
    page.writeCentred(page.fonts().strong(), 7, cx, cy + 0.9, "" + blemish.number());
  }

  private double x(double mm) {
    return left + mm / scale;
  }

  private double y(double mm) {
    return top + mm / scale;
  }
}
