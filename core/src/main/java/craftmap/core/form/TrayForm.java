package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.surface.Area;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.Edge;
import java.util.List;
import java.util.Set;

/** A tray with a raised edge, hand holds in its two ends if it has any. */
public record TrayForm(double widthMm, double depthMm, double rimMm, double handHoldMm)
    implements Form {

  static TrayForm read(MeasureSheet sheet) {
    double width = sheet.size("width", "width-inside", 420);
    double depth = sheet.size("depth", "depth-inside", 300);
    double rim = sheet.size("rim", "raised-edge", 60);
    return new TrayForm(
        width,
        depth,
        rim,
        sheet.length(
            "handHold", "hand-holds-width-0-for-none", 90, LengthRange.DISTANCE.upTo(depth)));
  }

  @Override
  public FormFaces faces() {
    Block block = Block.standing(widthMm, rimMm, depthMm);
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("bottom"));
    out.face(
        FormFace.of(
            "bottom",
            "Bottom, inside",
            new craftmap.core.surface.outline.RectangleOutline(widthMm, depthMm),
            new Pose.Flat(new Vec(0, 0, -depthMm), Vec.RIGHT, Vec.TOWARDS)));
    out.group(NetGroup.beside("front", "bottom", Edge.BOTTOM));
    out.face(block.frontFace("front", "Edge, front"));
    out.group(NetGroup.beside("left", "bottom", Edge.LEFT));
    out.face(block.leftFace("left", "Edge, left").with(handHold()));
    out.group(NetGroup.beside("right", "bottom", Edge.RIGHT));
    out.face(block.rightFace("right", "Edge, right").with(handHold()));
    out.group(NetGroup.beside("back", "bottom", Edge.TOP));
    out.face(block.backFace("back", "Edge, back"));
    Block.ring(out, "front", "right", "back", "left");
    return out.done();
  }

  private Marks handHold() {
    if (handHoldMm == 0) {
      return Marks.NONE;
    }
    double high = rimMm / 2.5;
    Box box = new Box((depthMm - handHoldMm) / 2, rimMm / 4, handHoldMm, high);
    return Marks.ofKeepOuts(
        List.of(new KeepOut("hand-hold", "Hand hold", new Area.Upright(box), Set.of())));
  }
}
