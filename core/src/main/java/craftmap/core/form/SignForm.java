package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.ArchOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.RoundedOutline;

/** A sign board. */
public record SignForm(Outline board, double edgeMm) implements Form {
  /** The shape of a board. */
  public enum Shape {
    RECTANGLE,
    ROUNDED,
    ARCHED,
    OVAL
  }

  static SignForm read(MeasureSheet sheet) {
    Shape shape = sheet.choice("shape", "shape", Shape.RECTANGLE);
    double width = sheet.size("width", "width", 600);
    double height = sheet.size("height", "height", 250);
    double half = Math.min(width, height) / 2;
    Outline board =
        switch (shape) {
          case RECTANGLE -> new RectangleOutline(width, height);
          case ROUNDED ->
              new RoundedOutline(
                  width, height, sheet.size("radius", "radius-of-the-corners", Math.min(30, half)));
          case ARCHED ->
              new ArchOutline(
                  width,
                  height,
                  sheet.size("rise", "rise-of-the-arch", Math.min(60, half)),
                  ArchOutline.Curve.SEGMENT);
          case OVAL -> new OvalOutline(width, height);
        };
    return new SignForm(
        board, sheet.length("edge", "depth-of-the-edge", 18, LengthRange.DISTANCE.upTo(300)));
  }

  @Override
  public FormFaces faces() {
    return new FormFaces.Collector()
        .group(NetGroup.middle("front"))
        .face(
            FormFace.of(
                    "front",
                    "Front",
                    board,
                    new Pose.Flat(new Vec(0, board.heightMm(), 0), Vec.RIGHT, Vec.DOWN))
                .withEdge(edgeMm))
        .done();
  }
}
