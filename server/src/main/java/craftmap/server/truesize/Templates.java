package craftmap.server.truesize;

import craftmap.core.design.StencilDesign;
import craftmap.core.lay.Item;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Point;
import craftmap.core.surface.Break;
import craftmap.core.surface.Face;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.server.words.Words;
import java.io.IOException;

/**
 * A face as a template: its outline to cut along, its middle lines, holes and breaks, and thinly
 * what is laid on it, so that every place can be pricked through or held against.
 */
final class Templates {
  /** A third of what is promised of a print. */
  private static final double FLATNESS_MM = 0.05;

  private static final double LABEL_PT = 10;

  private Templates() {}

  static Figure of(PlanReading.FaceReading reading, TapeDivision tape) {
    Face face = reading.face();
    double width = face.outline().widthMm();
    double height = face.outline().heightMm();
    return new Figure(face.name(), width, height, pen -> draw(pen, reading, tape));
  }

  private static void draw(Pen pen, PlanReading.FaceReading reading, TapeDivision tape)
      throws IOException {
    Face face = reading.face();
    double width = face.outline().widthMm();
    double height = face.outline().heightMm();
    for (LayReading lay : reading.lays()) {
      if (lay instanceof LayReading.Laid laid) {
        for (Item item : laid.items()) {
          pen.outline(
              item.design() instanceof StencilDesign ? item.print() : item.visibleArea(),
              0.3,
              0.55);
        }
      }
    }
    pen.line(width / 2, 0, width / 2, height, 0.3, 0.35);
    pen.line(0, height / 2, width, height / 2, 0.3, 0.35);
    for (KeepOut keepOut : face.keepOuts()) {
      pen.outline(keepOut.area().on(face.outline()), 0.7, 0.2);
    }
    for (Break b : face.marks().breaks()) {
      pen.line(b.from().xMm(), b.from().yMm(), b.to().xMm(), b.to().yMm(), 0.7, 0.2);
    }
    for (Hole hole : face.marks().holes()) {
      for (Point centre : hole.centres()) {
        pen.circle(centre.xMm(), centre.yMm(), hole.diameterMm() / 2, 0.7, 0);
        pen.line(centre.xMm() - 3, centre.yMm(), centre.xMm() + 3, centre.yMm(), 0.3, 0);
        pen.line(centre.xMm(), centre.yMm() - 3, centre.xMm(), centre.yMm() + 3, 0.3, 0);
      }
    }
    pen.outline(face.outline().region(FLATNESS_MM), 0.8, 0);
    pen.centred(
        width / 2,
        height / 2 - 2,
        LABEL_PT,
        Words.say("trueSize.face", face.name(), tape.show(width), tape.show(height)));
  }
}
