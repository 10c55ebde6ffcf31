package craftmap.core.surface.outline;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Contour;
import java.util.List;
import java.util.Map;

/** A frame: an upright outline with an opening of the same shape in it. */
public record FrameOutline(
    double widthMm, double heightMm, double sideMm, double topMm, double bottomMm, Shape shape)
    implements Outline {
  /** What the frame and its opening look like. */
  public enum Shape {
    RECTANGLE,
    OVAL,
    /** Square outside, oval inside. */
    OVAL_OPENING
  }

  public FrameOutline {
    widthMm = LengthRange.SIZE.check("width", widthMm);
    heightMm = LengthRange.SIZE.check("height", heightMm);
    sideMm = LengthRange.SIZE.check("side-rails", sideMm);
    topMm = LengthRange.SIZE.check("top-rail", topMm);
    bottomMm = LengthRange.SIZE.check("bottom-rail", bottomMm);
    if (!(2 * sideMm < widthMm) || !(topMm + bottomMm < heightMm)) {
      throw new RefusedInput(
          "rails-of-the-frame",
          said("and-2", mm(sideMm), mm(topMm), mm(bottomMm)),
          said("leave-no-opening"),
          said("rails-that-together-take-less-than-the-frames-width"));
    }
  }

  public static FrameOutline read(MeasureSheet sheet) {
    double width = sheet.size("width", "width", 500);
    double height = sheet.size("height", "height", 700);
    double side = sheet.size("side", "side-rails", 60);
    double top = sheet.size("topRail", "top-rail", side);
    double bottom = sheet.size("bottomRail", "bottom-rail", top);
    return new FrameOutline(
        width, height, side, top, bottom, sheet.choice("shape", "shape", Shape.RECTANGLE));
  }

  @Override
  public OutlineNote note() {
    return new OutlineNote(
        OutlineKind.FRAME,
        Map.of(
            "width",
            widthMm,
            "height",
            heightMm,
            "side",
            sideMm,
            "topRail",
            topMm,
            "bottomRail",
            bottomMm),
        Map.of("shape", shape.name()),
        List.of());
  }

  @Override
  public List<Side> sides() {
    return shape == Shape.OVAL
        ? new OvalOutline(widthMm, heightMm).sides()
        : new RectangleOutline(widthMm, heightMm).sides();
  }

  @Override
  public List<Contour> openings() {
    return List.of(opening().contour().movedBy(sideMm, topMm));
  }

  /** The opening by itself, such as the glass of a mirror. */
  public Outline opening() {
    double w = widthMm - 2 * sideMm;
    double h = heightMm - topMm - bottomMm;
    return shape == Shape.RECTANGLE ? new RectangleOutline(w, h) : new OvalOutline(w, h);
  }
}
