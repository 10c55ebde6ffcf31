package craftmap.server.piece.view;

import craftmap.core.lay.Item;
import craftmap.core.measure.LengthUnit;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;

/** Lines that things are put on: the middle, the thirds, a margin, and what is laid already. */
final class GuideViews {
  private static final double INCH = 25.4;
  private static final double METRIC_MARGIN = 25;

  /** A lay of many rows gives no lines: there would be one everywhere. */
  private static final int MOST_ROWS = 4;

  private final TapeDivision tape;
  private final List<ReadingView.GuideView> guides = new ArrayList<>();

  GuideViews(TapeDivision tape) {
    this.tape = tape;
  }

  List<ReadingView.GuideView> of(PlanReading.FaceReading reading) {
    double w = reading.face().outline().widthMm();
    double h = reading.face().outline().heightMm();
    double margin = tape.unit() == LengthUnit.INCH ? INCH : METRIC_MARGIN;
    own(true, w, margin, "left", "right");
    own(false, h, margin, "top", "bottom");
    for (LayReading lay : reading.lays()) {
      if (lay instanceof LayReading.Laid laid && !laid.items().isEmpty()) {
        laid(laid);
      }
    }
    return List.copyOf(guides);
  }

  private void own(boolean upright, double length, double margin, String first, String last) {
    add(upright, length / 2, Words.say("guide.middle"), null);
    add(upright, length / 3, Words.say("guide.third"), null);
    add(upright, length * 2 / 3, Words.say("guide.third"), null);
    if (length > 4 * margin) {
      String shown = tape.show(margin);
      add(upright, margin, Words.say("guide.margin", shown, Words.say("guide." + first)), null);
      add(
          upright,
          length - margin,
          Words.say("guide.margin", shown, Words.say("guide." + last)),
          null);
    }
  }

  private void laid(LayReading.Laid laid) {
    String name = laid.design().name();
    TreeMap<Long, Double> rows = new TreeMap<>();
    Box around = null;
    for (Item item : laid.items()) {
      rows.putIfAbsent(Tolerance.EXACT.steps(item.centre().yMm()), item.centre().yMm());
      Box box = item.visible();
      around = around == null ? box : around.and(box);
    }
    String id = laid.lay().id();
    if (rows.size() <= MOST_ROWS) {
      rows.values().forEach(y -> add(false, y, Words.say("guide.lineOf", name), id));
    }
    String edge = Words.say("guide.edgeOf", name).toLowerCase(Locale.ENGLISH);
    add(false, around.topMm(), edge, id);
    add(false, around.bottomMm(), edge, id);
    add(true, around.leftMm(), edge, id);
    add(true, around.rightMm(), edge, id);
  }

  private void add(boolean upright, double at, String text, String layId) {
    String from = Words.say(upright ? "guide.fromLeft" : "guide.fromTop", tape.show(at));
    guides.add(new ReadingView.GuideView(upright, at, text, from, layId));
  }
}
