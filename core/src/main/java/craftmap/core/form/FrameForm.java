package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import craftmap.core.surface.Break;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.FrameOutline;
import java.util.List;

/** A picture or mirror frame, mitred at its corners. */
public record FrameForm(FrameOutline outline, double edgeMm) implements Form {

  static FrameForm read(MeasureSheet sheet) {
    return new FrameForm(
        FrameOutline.read(sheet),
        sheet.length("edge", "depth-of-the-edge", 20, LengthRange.DISTANCE.upTo(300)));
  }

  @Override
  public FormFaces faces() {
    Pose pose = new Pose.Flat(new Vec(0, outline.heightMm(), 0), Vec.RIGHT, Vec.DOWN);
    FormFace frame = FormFace.of("frame", "Frame", outline, pose).withEdge(edgeMm);
    return new FormFaces.Collector()
        .group(NetGroup.middle("frame"))
        .face(outline.shape() == FrameOutline.Shape.RECTANGLE ? frame.with(mitres()) : frame)
        .done();
  }

  private Marks mitres() {
    double w = outline.widthMm();
    double h = outline.heightMm();
    double s = outline.sideMm();
    double t = outline.topMm();
    double b = outline.bottomMm();
    return Marks.ofBreaks(
        List.of(
            mitre("mitre-1", 0, 0, s, t),
            mitre("mitre-2", w, 0, w - s, t),
            mitre("mitre-3", w, h, w - s, h - b),
            mitre("mitre-4", 0, h, s, h - b)));
  }

  private static Break mitre(String id, double x1, double y1, double x2, double y2) {
    return new Break(id, "Mitre", new Point(x1, y1), new Point(x2, y2), 0, 0);
  }
}
