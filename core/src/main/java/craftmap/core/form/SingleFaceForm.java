package craftmap.core.form;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.RectangleOutline;

/** One face by itself; its outline may then be made any other. */
public record SingleFaceForm(double widthMm, double heightMm) implements Form {

  static SingleFaceForm read(MeasureSheet sheet) {
    return new SingleFaceForm(
        sheet.size("width", "width", 400), sheet.size("height", "height", 300));
  }

  @Override
  public FormFaces faces() {
    return new FormFaces.Collector()
        .group(NetGroup.middle("face"))
        .face(
            FormFace.of(
                "face",
                "Face",
                new RectangleOutline(widthMm, heightMm),
                new Pose.Flat(new Vec(0, heightMm, 0), Vec.RIGHT, Vec.DOWN)))
        .done();
  }
}
