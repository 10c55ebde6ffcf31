package craftmap.core.form;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;

/**
 * A bench with boarded ends.
 *
 * @param restMm height of its back rest; nothing for a bench without
 */
public record BenchForm(
    double widthMm, double depthMm, double heightMm, double apronMm, double restMm)
    implements Form {

  static BenchForm read(MeasureSheet sheet) {
    return new BenchForm(
        sheet.size("width", "width", 1200),
        sheet.size("depth", "depth", 350),
        sheet.size("height", "height-of-the-seat", 450),
        sheet.distance("apron", "apron", 110),
        sheet.distance("rest", "back-rest-height", 0));
  }

  @Override
  public FormFaces faces() {
    Block block = Block.standing(widthMm, heightMm, depthMm);
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("seat"))
        .group(NetGroup.beside("left", "seat", Edge.LEFT))
        .group(NetGroup.beside("right", "seat", Edge.RIGHT));
    out.face(block.lidFace("seat", "Seat"));
    if (apronMm > 0) {
      out.group(NetGroup.beside("apron", "seat", Edge.BOTTOM));
      out.face(
          FormFace.of("apron", "Apron", new RectangleOutline(widthMm, apronMm), block.front()));
      out.join(Join.of("apron", Side.Name.TOP, "seat", Side.Name.BOTTOM));
    }
    out.face(block.leftFace("left", "Left end"));
    out.face(block.rightFace("right", "Right end"));
    out.join(Join.of("right", Side.Name.TOP, "seat", Side.Name.RIGHT))
        .join(Join.of("left", Side.Name.TOP, "seat", Side.Name.LEFT));
    if (restMm > 0) {
      out.group(NetGroup.beside("rest", "seat", Edge.TOP));
      out.face(
          FormFace.of(
              "rest",
              "Back rest",
              new RectangleOutline(widthMm, restMm),
              new Pose.Flat(new Vec(0, heightMm + restMm, -depthMm), Vec.RIGHT, Vec.DOWN)));
      out.join(Join.of("rest", Side.Name.BOTTOM, "seat", Side.Name.TOP));
    }
    return out.done();
  }
}
