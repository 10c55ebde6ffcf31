package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.Edge;

/** A chest with a flat lid: front in the middle, lid folded up, sides folded out. */
public record ChestForm(double widthMm, double heightMm, double depthMm) implements Form {
  public ChestForm {
    widthMm = LengthRange.SIZE.check("width", widthMm);
    heightMm = LengthRange.SIZE.check("height", heightMm);
    depthMm = LengthRange.SIZE.check("depth", depthMm);
  }

  static ChestForm read(MeasureSheet sheet) {
    return new ChestForm(
        sheet.size("width", "width", 900),
        sheet.size("height", "height", 420),
        sheet.size("depth", "depth", 450));
  }

  @Override
  public FormFaces faces() {
    Block block = Block.standing(widthMm, heightMm, depthMm);
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("front"));
    out.group(NetGroup.beside("lid", "front", Edge.TOP));
    block.walls(out, "", "", true);
    out.face(block.lidFace("lid", "Lid").comesOffAs("Lid"));
    Block.onTop(out, "lid", "front", "right", "back", "left");
    return out.done();
  }
}
