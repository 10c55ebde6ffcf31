package craftmap.server.cut;

import craftmap.core.measure.Decimals;
import craftmap.core.plan.cutting.Sections;
import craftmap.core.plane.Box;
import craftmap.server.fields.Csv;
import craftmap.server.piece.view.ReadingView;
import java.util.ArrayList;
import java.util.List;

/**
 * The cutting list as rows, one for each part and each rest; lengths in plain millimetres, from the
 * edges of what lies in the hand.
 */
final class CutListCsv {
  private static final int DECIMALS = 1;

  private CutListCsv() {}

  static String of(CutViews.CutsView cuts) {
    List<List<?>> rows = new ArrayList<>();
    for (CutViews.DesignCutView design : cuts.designs()) {
      for (CutViews.SheetToCut sheet : design.sheets()) {
        for (CutViews.PieceToCut p : sheet.pieces()) {
          rows.add(
              row(
                  design.name(),
                  sheet,
                  "" + p.number(),
                  p.pieceName() == null ? "" : p.pieceName(),
                  p.faceName(),
                  p.box()));
        }
        for (CutViews.RestView rest : sheet.rests()) {
          rows.add(row(design.name(), sheet, "rest", "", "", rest.box()));
        }
      }
    }
    return Csv.of(
        List.of(
            "design",
            "sheet",
            "part",
            "for",
            "face",
            "width mm",
            "height mm",
            "from left mm",
            "from top mm",
            "section"),
        rows);
  }

  private static List<?> row(
      String design,
      CutViews.SheetToCut sheet,
      String part,
      String piece,
      String face,
      ReadingView.BoxView box) {
    Sections sections = sections(sheet);
    Box hand = sections.measuring(box(box));
    return List.of(
        design,
        sheet.title(),
        part,
        piece,
        face,
        mm(box.widthMm()),
        mm(box.heightMm()),
        mm(box.leftMm() - hand.leftMm()),
        mm(box.topMm() - hand.topMm()),
        sections.holding(box(box)).stream().mapToObj(i -> "" + (i + 1)).findFirst().orElse(""));
  }

  private static Sections sections(CutViews.SheetToCut sheet) {
    List<Box> each = sheet.sections().stream().map(CutListCsv::box).toList();
    return new Sections(each.stream().reduce(Box::and).orElseThrow(), each);
  }

  private static Box box(ReadingView.BoxView b) {
    return new Box(b.leftMm(), b.topMm(), b.widthMm(), b.heightMm());
  }

  private static String mm(double value) {
    return Decimals.show(value, DECIMALS);
  }
}
