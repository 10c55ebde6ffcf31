package craftmap.server.print;

import craftmap.server.paper.Fonts;
import craftmap.server.paper.Paper;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * Something larger than a page over several pages at true size: a first page with the map of the
 * pages and a square to check the scale by, then each page with its number, and crosses in the
 * overlaps that lie on each other when the pages are put together.
 */
final class TrueSizePages {
  /** What printers do not reach. */
  static final double MARGIN_MM = 10;

  static final double CHECK_MM = 50;
  private static final double PT = 72 / 25.4;
  private static final double CROSS_MM = 4;
  private static final float THIN_PT = 0.5f;
  private static final int MOST_PAGES = 200;

  private final PDDocument document;
  private final Fonts fonts;
  private final Layout layout;

  /**
   * How pages lie over the whole.
   *
   * @param lying pages on their long side
   */
  record Layout(
      Paper paper,
      boolean lying,
      int columns,
      int rows,
      double overlapMm,
      double wholeWidthMm,
      double wholeHeightMm) {
    /** The way up that needs fewer pages. */
    static Layout fewest(Paper paper, double overlapMm, double widthMm, double heightMm) {
      Layout upright = of(paper, false, overlapMm, widthMm, heightMm);
      Layout lying = of(paper, true, overlapMm, widthMm, heightMm);
      return lying.pages() < upright.pages() ? lying : upright;
    }

    static Layout of(
        Paper paper, boolean lying, double overlapMm, double widthMm, double heightMm) {
      Layout one = new Layout(paper, lying, 1, 1, overlapMm, widthMm, heightMm);
      return new Layout(
          paper,
          lying,
          count(widthMm, one.reachWideMm(), overlapMm),
          count(heightMm, one.reachTallMm(), overlapMm),
          overlapMm,
          widthMm,
          heightMm);
    }

    private static int count(double length, double page, double overlap) {
      return craftmap.core.design.EnlargedImage.count(length, page, overlap);
    }

    int pages() {
      return columns * rows;
    }

    double pageWideMm() {
      return (lying ? paper.size().getHeight() : paper.size().getWidth()) / PT;
    }

    double pageTallMm() {
      return (lying ? paper.size().getWidth() : paper.size().getHeight()) / PT;
    }

    double reachWideMm() {
      return pageWideMm() - 2 * MARGIN_MM;
    }

    double reachTallMm() {
      return pageTallMm() - 2 * MARGIN_MM;
    }

    double leftMm(int column) {
      return column * (reachWideMm() - overlapMm);
    }

    double topMm(int row) {
      return row * (reachTallMm() - overlapMm);
    }

    /** "B3": the row's letter and the column's number. */
    String name(int column, int row) {
      return (char) ('A' + row % 26) + "" + (column + 1);
    }
  }

  /** Draws the whole in its own millimetres, x to the right and y down. */
  interface Drawing {
    void on(PDDocument document, PDPageContentStream out) throws IOException;
  }

  private TrueSizePages(PDDocument document, Fonts fonts, Layout layout) {
    this.document = document;
    this.fonts = fonts;
    this.layout = layout;
  }

  static byte[] pdf(String title, Layout layout, Drawing drawing) throws IOException {
    if (layout.pages() > MOST_PAGES) {
      throw new craftmap.core.measure.RefusedInput(
          "Pages", "" + layout.pages(), "are too many to print", "at most " + MOST_PAGES);
    }
    try (PDDocument document = new PDDocument()) {
      TrueSizePages pages = new TrueSizePages(document, Fonts.into(document), layout);
      document.getDocumentInformation().setTitle(title);
      pages.first(title);
      for (int row = 0; row < layout.rows(); row++) {
        for (int column = 0; column < layout.columns(); column++) {
          pages.page(column, row, drawing);
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private PDPage fresh() {
    PDPage page =
        new PDPage(
            new PDRectangle(
                (float) (layout.pageWideMm() * PT), (float) (layout.pageTallMm() * PT)));
    document.addPage(page);
    return page;
  }

  /** From millimetres with y down to points with y up. */
  private Matrix millimetres(double leftMm, double topMm) {
    return new Matrix(
        (float) PT,
        0,
        0,
        (float) -PT,
        (float) (leftMm * PT),
        (float) ((layout.pageTallMm() - topMm) * PT));
  }

  private void page(int column, int row, Drawing drawing) throws IOException {
    try (PDPageContentStream out = new PDPageContentStream(document, fresh())) {
      out.saveGraphicsState();
      out.addRect(
          (float) (MARGIN_MM * PT),
          (float) (MARGIN_MM * PT),
          (float) (layout.reachWideMm() * PT),
          (float) (layout.reachTallMm() * PT));
      out.clip();
      out.transform(millimetres(MARGIN_MM - layout.leftMm(column), MARGIN_MM - layout.topMm(row)));
      drawing.on(document, out);
      crosses(out);
      out.restoreGraphicsState();
      text(
          out,
          MARGIN_MM,
          MARGIN_MM - 3,
          9,
          Words.say("trueSize.page", layout.name(column, row), layout.columns(), layout.rows()));
    }
  }

  /** In the middle of every overlap, a little in from either end of each page's side. */
  private void crosses(PDPageContentStream out) throws IOException {
    out.setLineWidth((float) (THIN_PT / PT));
    out.setStrokingColor(0f);
    double half = layout.overlapMm() / 2;
    for (int row = 0; row < layout.rows(); row++) {
      for (int column = 0; column < layout.columns(); column++) {
        for (double share : new double[] {0.2, 0.8}) {
          if (column > 0) {
            cross(
                out,
                layout.leftMm(column) + half,
                layout.topMm(row) + share * layout.reachTallMm());
          }
          if (row > 0) {
            cross(
                out,
                layout.leftMm(column) + share * layout.reachWideMm(),
                layout.topMm(row) + half);
          }
        }
      }
    }
  }

  private static void cross(PDPageContentStream out, double x, double y) throws IOException {
    line(out, x - CROSS_MM, y, x + CROSS_MM, y);
    line(out, x, y - CROSS_MM, x, y + CROSS_MM);
  }

  static void line(PDPageContentStream out, double x1, double y1, double x2, double y2)
      throws IOException {
    out.moveTo((float) x1, (float) y1);
    out.lineTo((float) x2, (float) y2);
    out.stroke();
  }

  private void first(String title) throws IOException {
    try (PDPageContentStream out = new PDPageContentStream(document, fresh())) {
      text(out, MARGIN_MM, 20, 16, title);
      text(
          out,
          MARGIN_MM,
          28,
          10,
          Words.say("trueSize.how", layout.pages(), layout.columns(), layout.rows()));
      text(out, MARGIN_MM, 34, 10, Words.say("trueSize.check", (int) CHECK_MM));
      out.saveGraphicsState();
      out.transform(millimetres(0, 0));
      out.setLineWidth((float) (THIN_PT / PT));
      out.addRect((float) MARGIN_MM, 42, (float) CHECK_MM, (float) CHECK_MM);
      out.stroke();
      map(out, MARGIN_MM, 42 + CHECK_MM + 14);
      out.restoreGraphicsState();
      names(out, MARGIN_MM, 42 + CHECK_MM + 14);
    }
  }

  private double mapScale(double topMm) {
    double wide =
        layout.reachWideMm() / (layout.leftMm(layout.columns() - 1) + layout.reachWideMm());
    double room = layout.pageTallMm() - topMm - MARGIN_MM;
    double tall = room / (layout.topMm(layout.rows() - 1) + layout.reachTallMm());
    return Math.min(0.4, Math.min(wide, tall));
  }

  private void map(PDPageContentStream out, double left, double top) throws IOException {
    double k = mapScale(top);
    for (int row = 0; row < layout.rows(); row++) {
      for (int column = 0; column < layout.columns(); column++) {
        out.addRect(
            (float) (left + layout.leftMm(column) * k),
            (float) (top + layout.topMm(row) * k),
            (float) (layout.reachWideMm() * k),
            (float) (layout.reachTallMm() * k));
        out.stroke();
      }
    }
  }

  private void names(PDPageContentStream out, double left, double top) throws IOException {
    double k = mapScale(top);
    for (int row = 0; row < layout.rows(); row++) {
      for (int column = 0; column < layout.columns(); column++) {
        text(
            out,
            left + (layout.leftMm(column) + layout.reachWideMm() / 2) * k - 3,
            top + (layout.topMm(row) + layout.reachTallMm() / 2) * k,
            10,
            layout.name(column, row));
      }
    }
  }

  private void text(PDPageContentStream out, double x, double baseY, double size, String text)
      throws IOException {
    out.beginText();
    out.setNonStrokingColor(0.12f);
    out.setFont(fonts.text(), (float) size);
    out.newLineAtOffset((float) (x * PT), (float) ((layout.pageTallMm() - baseY) * PT));
    out.showText(Fonts.writable(fonts.text(), text));
    out.endText();
  }
}
