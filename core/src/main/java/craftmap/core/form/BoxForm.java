package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.FrontDatum;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.OvalOutline;

/**
 * A box or tin with a lid over it.
 *
 * @param heightMm of the body with the lid off
 * @param lidRimMm how far the lid reaches down
 */
public record BoxForm(
    Shape shape, double widthMm, double depthMm, double heightMm, double lidRimMm, FrontDatum front)
    implements Form {
  /** What one sees from above. */
  public enum Shape {
    ROUND,
    OVAL,
    SQUARE
  }

  static BoxForm read(MeasureSheet sheet) {
    Shape shape = sheet.choice("shape", "shape-from-above", Shape.ROUND);
    double width = sheet.size("width", shape == Shape.ROUND ? "diameter" : "width", 180);
    double depth = shape == Shape.ROUND ? width : sheet.size("depth", "depth", 140);
    double height = sheet.size("height", "height-without-the-lid", 120);
    double rim = sheet.length("lidRim", "rim-of-the-lid", 25, LengthRange.DISTANCE.upTo(height));
    FrontDatum front =
        shape == Shape.SQUARE ? FrontDatum.MIDDLE : Round.front(sheet, Round.girth(width, depth));
    return new BoxForm(shape, width, depth, height, rim, front);
  }

  @Override
  public FormFaces faces() {
    return shape == Shape.SQUARE ? square() : round();
  }

  private FormFaces round() {
    FormFaces.Collector out = new FormFaces.Collector();
    Vec top = new Vec(0, heightMm, -depthMm / 2);
    double girth = Round.girth(widthMm, depthMm);
    OvalOutline disc = new OvalOutline(widthMm, depthMm);
    out.group(NetGroup.middle("body"));
    out.face(
        FormFace.of(
                "body",
                "Body",
                new CylinderOutline(girth, heightMm),
                Round.wall(top, widthMm, depthMm))
            .withFront(front));
    String under = "body";
    if (lidRimMm > 0) {
      out.group(NetGroup.beside("lid-rim", "body", Edge.TOP));
      out.face(
          FormFace.of(
                  "lid-rim",
                  "Lid, rim",
                  new CylinderOutline(girth, lidRimMm),
                  Round.wall(top, widthMm, depthMm))
              .withFront(front)
              .comesOffAs("Lid"));
      under = "lid-rim";
    }
    out.group(NetGroup.beside("lid", under, Edge.TOP));
    out.face(
        FormFace.of("lid", "Lid", disc, Round.level(top, widthMm, depthMm))
            .withFront(front)
            .comesOffAs("Lid"));
    out.group(NetGroup.beside("base", "body", Edge.BOTTOM));
    out.face(
        FormFace.of(
                "base",
                "Base",
                disc,
                Round.underneath(new Vec(0, 0, -depthMm / 2), widthMm, depthMm))
            .putAway());
    return out.done();
  }

  private FormFaces square() {
    FormFaces.Collector out = new FormFaces.Collector();
    Block block = Block.standing(widthMm, heightMm, depthMm);
    out.group(NetGroup.middle("front"));
    block.walls(out, "", "", false);
    String under = "front";
    if (lidRimMm > 0) {
      Block rim = new Block(0, heightMm - lidRimMm, 0, widthMm, lidRimMm, depthMm);
      out.group(NetGroup.beside("rim-front", "front", Edge.TOP));
      FormFaces.Collector lid = new FormFaces.Collector();
      rim.walls(lid, "rim-", "Lid rim", false);
      FormFaces made = lid.done();
      made.faces().forEach(f -> out.face(f.comesOffAs("Lid")));
      made.groups().forEach(out::group);
      made.joins().forEach(out::join);
      Block.onTop(out, "lid", "rim-front", "rim-right", "rim-back", "rim-left");
      under = "rim-front";
    } else {
      Block.onTop(out, "lid", "front", "right", "back", "left");
    }
    out.group(NetGroup.beside("lid", under, Edge.TOP));
    out.face(block.lidFace("lid", "Lid").comesOffAs("Lid"));
    out.group(NetGroup.beside("base", "front", Edge.BOTTOM));
    out.face(block.baseFace("base", "Base").putAway());
    return out.done();
  }
}
