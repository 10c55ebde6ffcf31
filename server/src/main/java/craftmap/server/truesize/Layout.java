package craftmap.server.truesize;

import craftmap.core.design.EnlargedImage;
import craftmap.core.measure.Letters;
import craftmap.server.paper.Paper;

/**
 * How pages lie over something at true size.
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
  /** What printers do not reach. */
  static final double MARGIN_MM = 10;

  /** The way up that needs fewer pages. */
  static Layout fewest(Paper paper, double overlapMm, double widthMm, double heightMm) {
    Layout upright = of(paper, false, overlapMm, widthMm, heightMm);
    Layout lying = of(paper, true, overlapMm, widthMm, heightMm);
    return lying.pages() < upright.pages() ? lying : upright;
  }

  static Layout of(Paper paper, boolean lying, double overlapMm, double widthMm, double heightMm) {
    Layout one = new Layout(paper, lying, 1, 1, overlapMm, widthMm, heightMm);
    return new Layout(
        paper,
        lying,
        EnlargedImage.count(widthMm, one.reachWideMm(), overlapMm),
        EnlargedImage.count(heightMm, one.reachTallMm(), overlapMm),
        overlapMm,
        widthMm,
        heightMm);
  }

  /** One page, as it is. */
  static Layout page(Paper paper, boolean lying) {
    Layout one = new Layout(paper, lying, 1, 1, 0, 0, 0);
    return new Layout(paper, lying, 1, 1, 0, one.reachWideMm(), one.reachTallMm());
  }

  int pages() {
    return columns * rows;
  }

  double pageWideMm() {
    return (lying ? paper.size().getHeight() : paper.size().getWidth()) / Pen.PT_PER_MM;
  }

  double pageTallMm() {
    return (lying ? paper.size().getWidth() : paper.size().getHeight()) / Pen.PT_PER_MM;
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

  /** What all pages together reach. */
  double allWideMm() {
    return leftMm(columns - 1) + reachWideMm();
  }

  double allTallMm() {
    return topMm(rows - 1) + reachTallMm();
  }

  /** "B3": the row's letter and the column's number. */
  String name(int column, int row) {
    return Letters.of(row) + (column + 1);
  }
}
