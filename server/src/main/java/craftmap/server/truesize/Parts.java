package craftmap.server.truesize;

import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import craftmap.server.words.Words;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.util.AffineTransformation;

/** The parts of a lay: what shows as a full line, what is cut out around it as a thin one. */
final class Parts {
  private static final double NUMBER_PT = 14;
  private static final double LABEL_PT = 8;

  private Parts() {}

  static List<Figure> of(LayReading.Laid laid, TapeDivision tape) {
    List<Figure> figures = new ArrayList<>();
    if (laid.chosen().arrangement() instanceof SheetWork work) {
      for (SheetPart part : work.parts()) {
        Box cut = part.cut();
        figures.add(
            new Figure(
                Words.say("trueSize.part", part.design().name(), part.number()),
                cut.widthMm(),
                cut.heightMm(),
                pen -> draw(pen, part, tape)));
      }
    }
    return figures;
  }

  private static void draw(Pen pen, SheetPart part, TapeDivision tape) throws IOException {
    Box cut = part.cut();
    Geometry shape =
        AffineTransformation.translationInstance(-cut.leftMm(), -cut.topMm())
            .transform(part.shape());
    pen.box(0, 0, cut.widthMm(), cut.heightMm(), 0.3, 0.4);
    pen.outline(shape, 0.8, 0);
    Point middle = shape.getInteriorPoint();
    pen.centred(middle.getX(), middle.getY(), NUMBER_PT, "" + part.number());
    String size = Words.say("sheet.size", tape.show(cut.widthMm()), tape.show(cut.heightMm()));
    if (pen.widthMm(size, LABEL_PT) < cut.widthMm()) {
      pen.centred(middle.getX(), middle.getY() + 4, LABEL_PT, size);
    }
  }
}
