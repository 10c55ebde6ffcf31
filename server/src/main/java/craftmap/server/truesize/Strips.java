package craftmap.server.truesize;

import craftmap.core.measure.Letters;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.SetOutLine;
import craftmap.core.plane.Box;
import craftmap.server.paper.Paper;
import craftmap.server.words.Words;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/**
 * Strips to lay along an edge or a line, with a tick where each mark goes: longer ones in rows that
 * are glued together where their letters match.
 */
final class Strips {
  private static final double ROW_MM = 22;
  private static final double BETWEEN_MM = 5;

  /** Onto which the next row is glued. */
  private static final double TAB_MM = 12;

  private static final double TICK_MM = 8;
  private static final double NAME_PT = 7.5;
  private static final double FIGURE_PT = 6.5;

  private Strips() {}

  /**
   * A strip before it is cut into rows.
   *
   * @param lengthMm of the edge, or as far as its marks go
   */
  record Strip(String name, double lengthMm, List<SetOut.Mark> marks) {}

  static List<Strip> of(LayReading.Laid laid, String faceName, Box face, TapeDivision tape) {
    List<Strip> strips = new ArrayList<>();
    for (SetOutLine line : laid.setOuts()) {
      List<SetOut.Mark> marks = line.marks().marks();
      if (marks.isEmpty()) {
        continue;
      }
      double last = marks.stream().mapToDouble(SetOut.Mark::exactMm).max().orElse(0);
      double length =
          switch (line.along()) {
            case TOP_FROM_LEFT, BOTTOM_FROM_LEFT -> Math.max(last, face.widthMm());
            case LEFT_FROM_TOP, RIGHT_FROM_TOP -> Math.max(last, face.heightMm());
            case LINE_FROM_START, RING_FROM_TOP, WALL_FROM_SEAM -> last + TAB_MM;
          };
      strips.add(
          new Strip(
              Words.say(
                  "trueSize.strip",
                  laid.design().name(),
                  faceName,
                  Words.say("datum", line.along()),
                  tape.show(length)),
              length,
              marks));
    }
    return strips;
  }

  /** All rows, as many on a page as go. */
  static List<Spread> pages(Paper paper, List<Strip> strips, TapeDivision tape) {
    Layout page = Layout.page(paper, true);
    double row = page.reachWideMm() - TAB_MM;
    List<Row> rows = new ArrayList<>();
    for (Strip strip : strips) {
      int count = Math.max(1, (int) Math.ceil(strip.lengthMm() / row - 1e-9));
      for (int i = 0; i < count; i++) {
        rows.add(new Row(strip, i, count, row));
      }
    }
    int onPage = (int) ((page.reachTallMm() + BETWEEN_MM) / (ROW_MM + BETWEEN_MM));
    List<Spread> pages = new ArrayList<>();
    for (int from = 0; from < rows.size(); from += onPage) {
      List<Row> here = rows.subList(from, Math.min(rows.size(), from + onPage));
      pages.add(
          new Spread(
              Words.say("trueSize.strips", pages.size() + 1),
              page,
              pen -> {
                for (int i = 0; i < here.size(); i++) {
                  here.get(i).draw(pen, i * (ROW_MM + BETWEEN_MM), tape);
                }
              }));
    }
    return pages;
  }

  /** One row of a strip, the edge it is laid along on top. */
  private record Row(Strip strip, int index, int of, double rowMm) {
    void draw(Pen pen, double top, TapeDivision tape) throws IOException {
      double from = index * rowMm;
      double until = Math.min(strip.lengthMm(), from + rowMm);
      double right = until - from;
      boolean last = index == of - 1;
      pen.line(0, top, right, top, 0.8, 0);
      pen.line(0, top, 0, top + ROW_MM, 0.5, 0);
      pen.line(right, top, right, top + ROW_MM, 0.5, 0);
      double end = last ? right : right + TAB_MM;
      pen.line(0, top + ROW_MM, end, top + ROW_MM, 0.3, 0.3);
      for (SetOut.Mark mark : strip.marks()) {
        // a mark on a joint is ticked on both rows
        if (mark.exactMm() >= from - 1e-9 && mark.exactMm() <= until + 1e-9) {
          double x = mark.exactMm() - from;
          pen.line(x, top, x, top + TICK_MM, 0.6, 0);
          pen.centred(x, top + TICK_MM + 3, FIGURE_PT, "" + mark.number());
          pen.centred(x, top + TICK_MM + 6, FIGURE_PT, tape.show(mark.exactMm()));
        }
      }
      pen.text(
          2,
          top + ROW_MM - 2,
          NAME_PT,
          of == 1 ? strip.name() : Words.say("trueSize.row", strip.name(), index + 1, of));
      if (index > 0) {
        pen.text(1.5, top + TICK_MM + 9, NAME_PT + 2, joint(index));
      }
      if (!last) {
        pen.line(right, top, end, top, 0.3, 0.5);
        pen.line(end, top, end, top + ROW_MM, 0.3, 0.5);
        pen.centred(right + TAB_MM / 2, top + ROW_MM / 2, NAME_PT + 2, joint(index + 1));
        pen.text(right - 4, top + TICK_MM + 9, NAME_PT + 2, joint(index + 1));
      }
    }

    private static String joint(int number) {
      return Letters.of(number - 1);
    }
  }
}
