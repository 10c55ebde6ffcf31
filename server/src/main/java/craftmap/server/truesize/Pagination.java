package craftmap.server.truesize;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.cut.nest.NestSearch;
import craftmap.core.cut.nest.NestStock;
import craftmap.core.cut.nest.NestTask;
import craftmap.core.cut.nest.Nested;
import craftmap.core.cut.nest.Nesting;
import craftmap.core.plane.Box;
import craftmap.server.paper.Paper;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.util.Matrix;

/** Small figures share pages, as few as can be; large ones go over several with an overlap. */
final class Pagination {
  static final double OVERLAP_MM = 10;
  private static final double BETWEEN_MM = 6;
  private static final double EXACT_MM = 1e-6;

  private Pagination() {}

  static List<Spread> of(Paper paper, List<Figure> figures) {
    Layout page = Layout.page(paper, false);
    List<Spread> spreads = new ArrayList<>();
    List<Figure> small = new ArrayList<>();
    for (Figure f : figures) {
      if (fits(f.widthMm(), f.heightMm(), page) || fits(f.heightMm(), f.widthMm(), page)) {
        small.add(f);
      } else {
        spreads.add(
            new Spread(
                f.name(),
                Layout.fewest(paper, OVERLAP_MM, f.widthMm(), f.heightMm()),
                f.drawing()));
      }
    }
    spreads.addAll(shared(page, small));
    return List.copyOf(spreads);
  }

  private static boolean fits(double width, double height, Layout page) {
    return width <= page.reachWideMm() + EXACT_MM && height <= page.reachTallMm() + EXACT_MM;
  }

  private static List<Spread> shared(Layout page, List<Figure> figures) {
    Box reach = new Box(0, 0, page.reachWideMm(), page.reachTallMm());
    Nested nested =
        Nesting.plan(
            NestTask.of(
                figures.stream()
                    .map(f -> new NestPart(f.widthMm(), f.heightMm(), true, 0, 0, NestPart.AS_TOLD))
                    .toList(),
                List.of(NestStock.sheets(reach, figures.size())),
                BETWEEN_MM),
            NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER),
            share -> true);
    List<Spread> spreads = new ArrayList<>();
    for (Nested.Sheet sheet : nested.sheets()) {
      List<Nested.Placed> placed = sheet.parts();
      String names =
          placed.stream().map(p -> figures.get(p.part()).name()).collect(Collectors.joining(", "));
      spreads.add(
          new Spread(
              names,
              page,
              pen -> {
                for (Nested.Placed p : placed) {
                  pen.within(place(p), figures.get(p.part()).drawing());
                }
              }));
    }
    return spreads;
  }

  /** Turned by a quarter clockwise where it is turned: its top is then on the right. */
  private static Matrix place(Nested.Placed p) {
    float left = (float) p.at().leftMm();
    float top = (float) p.at().topMm();
    return p.turned()
        ? new Matrix(0, 1, -1, 0, left + (float) p.at().widthMm(), top)
        : new Matrix(1, 0, 0, 1, left, top);
  }
}
