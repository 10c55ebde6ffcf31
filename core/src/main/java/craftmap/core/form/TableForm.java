package craftmap.core.form;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;

/**
 * A table: its top, the edge round it, the apron under it.
 *
 * @param apronMm height of the apron; nothing where there is none
 * @param insetMm how far the apron stands back under the top
 */
public record TableForm(
    Shape shape, double widthMm, double depthMm, double edgeMm, double apronMm, double insetMm)
    implements Form {
  private static final double STANDS_MM = 740;

  /** The shape of a top. */
  public enum Shape {
    ROUND,
    OVAL,
    SQUARE
  }

  public TableForm {
    if (apronMm > 0 && !(2 * insetMm < Math.min(widthMm, depthMm))) {
      throw new RefusedInput(
          "apron-set-back", mm(insetMm), said("leaves-no-apron"), said("less-than-half-the-top"));
    }
  }

  static TableForm read(MeasureSheet sheet) {
    Shape shape = sheet.choice("shape", "shape-of-the-top", Shape.ROUND);
    double width = sheet.size("width", shape == Shape.ROUND ? "diameter" : "width", 900);
    double depth = shape == Shape.ROUND ? width : sheet.size("depth", "depth", 600);
    double edge = sheet.length("edge", "depth-of-the-edge", 22, LengthRange.DISTANCE.upTo(300));
    double apron = sheet.distance("apron", "apron", 80);
    double inset = apron > 0 ? sheet.distance("inset", "apron-set-back", 40) : 0;
    return new TableForm(shape, width, depth, edge, apron, inset);
  }

  @Override
  public FormFaces faces() {
    return shape == Shape.SQUARE ? square() : round();
  }

  private FormFaces round() {
    FormFaces.Collector out = new FormFaces.Collector();
    Vec middle = new Vec(0, STANDS_MM, -depthMm / 2);
    out.group(NetGroup.middle("top"));
    out.face(
        FormFace.of(
            "top",
            "Top",
            new OvalOutline(widthMm, depthMm),
            Round.level(middle, widthMm, depthMm)));
    if (edgeMm > 0) {
      out.group(NetGroup.beside("edge", "top", Edge.BOTTOM));
      out.face(
          FormFace.of(
              "edge",
              "Edge",
              new CylinderOutline(Round.girth(widthMm, depthMm), edgeMm),
              Round.wall(middle, widthMm, depthMm)));
    }
    if (apronMm > 0) {
      double w = widthMm - 2 * insetMm;
      double d = depthMm - 2 * insetMm;
      out.group(NetGroup.beside("apron", edgeMm > 0 ? "edge" : "top", Edge.BOTTOM));
      out.face(
          FormFace.of(
              "apron",
              "Apron",
              new CylinderOutline(Round.girth(w, d), apronMm),
              Round.wall(new Vec(0, STANDS_MM - edgeMm, -depthMm / 2), w, d)));
    }
    return out.done();
  }

  private FormFaces square() {
    FormFaces.Collector out = new FormFaces.Collector();
    double edge = Math.max(edgeMm, 1e-3);
    Block slab = new Block(0, STANDS_MM - edge, 0, widthMm, edge, depthMm);
    out.group(NetGroup.middle("top"));
    out.face(FormFace.of("top", "Top", new RectangleOutline(widthMm, depthMm), slab.lid()));
    if (edgeMm > 0) {
      out.group(NetGroup.beside("edge-front", "top", Edge.BOTTOM));
      slab.walls(out, "edge-", "Edge", false);
      Block.onTop(out, "top", "edge-front", "edge-right", "edge-back", "edge-left");
    }
    if (apronMm > 0) {
      Block apron =
          new Block(
              insetMm,
              STANDS_MM - edge - apronMm,
              -insetMm,
              widthMm - 2 * insetMm,
              apronMm,
              depthMm - 2 * insetMm);
      out.group(NetGroup.beside("apron-front", edgeMm > 0 ? "edge-front" : "top", Edge.BOTTOM));
      apron.walls(out, "apron-", "Apron", false);
    }
    return out.done();
  }
}
