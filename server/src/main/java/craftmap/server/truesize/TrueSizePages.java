package craftmap.server.truesize;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.jobs.JobWorker;
import craftmap.server.paper.Fonts;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * Things at true size over pages: first what there is, with the maps of the pages and a square to
 * check the scale by, then each page with its name, and crosses in the overlaps that lie on each
 * other when the pages are put together.
 */
final class TrueSizePages {
  static final double CHECK_MM = 50;

  /** So that nobody sends a whole wall to the printer by mistake. */
  static final int MOST_PAGES = 300;

  private static final double CROSS_MM = 4;
  private static final double THIN_PT = 0.5;
  private static final double TOP_OF_LIST_MM = 108;
  private static final double LARGEST_MAP_SCALE = 0.25;
  private static final double TALLEST_MAP_MM = 90;
  private static final double LINE_MM = 6;

  private final PDDocument document;
  private final Fonts fonts;
  private final List<Spread> spreads;

  private TrueSizePages(PDDocument document, Fonts fonts, List<Spread> spreads) {
    this.document = document;
    this.fonts = fonts;
    this.spreads = spreads;
  }

  static int pages(List<Spread> spreads) {
    return spreads.stream().mapToInt(s -> s.layout().pages()).sum();
  }

  static byte[] pdf(String title, List<Spread> spreads, JobWorker.Progress progress)
      throws IOException {
    int all = pages(spreads);
    if (all > MOST_PAGES) {
      throw new RefusedInput(
          "pages",
          given(all),
          said("are-too-many-to-print-in-one-go"),
          said("something-smaller-at-most-pages", given(MOST_PAGES)));
    }
    try (PDDocument document = new PDDocument()) {
      TrueSizePages pages = new TrueSizePages(document, Fonts.into(document), spreads);
      document.getDocumentInformation().setTitle(title);
      pages.contents(title, all);
      int done = 0;
      for (Spread spread : spreads) {
        for (int row = 0; row < spread.layout().rows(); row++) {
          for (int column = 0; column < spread.layout().columns(); column++) {
            progress.mustGoOn(done++ / (double) all);
            pages.page(spread, column, row);
          }
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private void draw(Layout layout, Pen.Drawing drawing) throws IOException {
    double wide = layout.pageWideMm() * Pen.PT_PER_MM;
    double tall = layout.pageTallMm() * Pen.PT_PER_MM;
    PDPage page = new PDPage(new PDRectangle((float) wide, (float) tall));
    document.addPage(page);
    try (PDPageContentStream out = new PDPageContentStream(document, page)) {
      float scale = (float) Pen.PT_PER_MM;
      new Pen(document, out, fonts)
          .within(new Matrix(scale, 0, 0, -scale, 0, (float) tall), drawing);
    }
  }

  private void page(Spread spread, int column, int row) throws IOException {
    Layout layout = spread.layout();
    double m = Layout.MARGIN_MM;
    draw(
        layout,
        pen -> {
          pen.clipped(
              m,
              m,
              layout.reachWideMm(),
              layout.reachTallMm(),
              Matrix.getTranslateInstance(
                  (float) (m - layout.leftMm(column)), (float) (m - layout.topMm(row))),
              whole -> {
                spread.drawing().with(whole);
                crosses(whole, layout);
              });
          pen.text(
              m,
              m - 3,
              8,
              layout.pages() == 1
                  ? Words.say("trueSize.whole", spread.name())
                  : Words.say(
                      "trueSize.page",
                      spread.name(),
                      layout.name(column, row),
                      layout.columns(),
                      layout.rows()));
        });
  }

  /** In the middle of every overlap, a little in from either end of each page's side. */
  private static void crosses(Pen pen, Layout layout) throws IOException {
    double half = layout.overlapMm() / 2;
    for (int row = 0; row < layout.rows(); row++) {
      for (int column = 0; column < layout.columns(); column++) {
        for (double share : new double[] {0.2, 0.8}) {
          if (column > 0) {
            cross(
                pen,
                layout.leftMm(column) + half,
                layout.topMm(row) + share * layout.reachTallMm());
          }
          if (row > 0) {
            cross(
                pen,
                layout.leftMm(column) + share * layout.reachWideMm(),
                layout.topMm(row) + half);
          }
        }
      }
    }
  }

  private static void cross(Pen pen, double x, double y) throws IOException {
    pen.line(x - CROSS_MM, y, x + CROSS_MM, y, THIN_PT, 0);
    pen.line(x, y - CROSS_MM, x, y + CROSS_MM, THIN_PT, 0);
  }

  // ---- what there is

  private void contents(String title, int all) throws IOException {
    Layout paper = Layout.page(spreads.getFirst().layout().paper(), false);
    double m = Layout.MARGIN_MM;
    int from = 0;
    boolean first = true;
    while (first || from < spreads.size()) {
      double top = first ? TOP_OF_LIST_MM : m + LINE_MM;
      int until = from;
      double y = top;
      while (until < spreads.size()
          && (until == from || y + tallMm(spreads.get(until), paper) < paper.pageTallMm() - m)) {
        y += tallMm(spreads.get(until), paper);
        until++;
      }
      List<Spread> here = spreads.subList(from, until);
      boolean begins = first;
      draw(
          paper,
          pen -> {
            if (begins) {
              heading(pen, title, all);
            }
            double at = top;
            for (Spread spread : here) {
              entry(pen, spread, paper, at);
              at += tallMm(spread, paper);
            }
          });
      from = until;
      first = false;
    }
  }

  private static void heading(Pen pen, String title, int all) throws IOException {
    double m = Layout.MARGIN_MM;
    pen.text(m, 20, 16, title);
    pen.text(m, 28, 10, Words.say("trueSize.how", all));
    pen.text(m, 34, 10, Words.say("trueSize.check", (int) CHECK_MM));
    pen.box(m, 42, CHECK_MM, CHECK_MM, THIN_PT, 0);
    pen.text(m, TOP_OF_LIST_MM - 7, 11, Words.say("trueSize.contents"));
  }

  private static double tallMm(Spread spread, Layout paper) {
    Layout l = spread.layout();
    return l.pages() == 1 ? LINE_MM : 2 * LINE_MM + l.allTallMm() * mapScale(l, paper);
  }

  private static double mapScale(Layout layout, Layout paper) {
    return Math.min(
        LARGEST_MAP_SCALE,
        Math.min(paper.reachWideMm() / layout.allWideMm(), TALLEST_MAP_MM / layout.allTallMm()));
  }

  private static void entry(Pen pen, Spread spread, Layout paper, double top) throws IOException {
    Layout l = spread.layout();
    double m = Layout.MARGIN_MM;
    if (l.pages() == 1) {
      pen.text(m, top, 10, Words.say("trueSize.entry.whole", spread.name()));
      return;
    }
    pen.text(
        m, top, 10, Words.say("trueSize.entry", spread.name(), l.pages(), l.columns(), l.rows()));
    double k = mapScale(l, paper);
    double y = top + LINE_MM / 2;
    for (int row = 0; row < l.rows(); row++) {
      for (int column = 0; column < l.columns(); column++) {
        double left = m + l.leftMm(column) * k;
        double tall = l.reachTallMm() * k;
        pen.box(left, y + l.topMm(row) * k, l.reachWideMm() * k, tall, THIN_PT, 0.4);
        pen.centred(
            left + l.reachWideMm() * k / 2,
            y + l.topMm(row) * k + tall / 2 + 1.2,
            8,
            l.name(column, row));
      }
    }
    pen.box(m, y, l.wholeWidthMm() * k, l.wholeHeightMm() * k, 1, 0);
  }
}
