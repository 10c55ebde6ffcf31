package craftmap.server.cut;

import craftmap.core.measure.Decimals;
import craftmap.server.fields.Csv;
import craftmap.server.piece.view.ReadingView;
import java.util.ArrayList;
import java.util.List;

/** The cutting list as rows, one for each part and each rest; lengths in plain millimetres. */
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
                  sheet.title(),
                  "" + p.number(),
                  p.pieceName() == null ? "" : p.pieceName(),
                  p.faceName(),
                  p.box()));
        }
        for (CutViews.RestView rest : sheet.rests()) {
          rows.add(row(design.name(), sheet.title(), "rest", "", "", rest.box()));
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
            "from top mm"),
        rows);
  }

  private static List<?> row(
      String design,
      String sheet,
      String part,
      String piece,
      String face,
      ReadingView.BoxView box) {
    return List.of(
        design,
        sheet,
        part,
        piece,
        face,
        mm(box.widthMm()),
        mm(box.heightMm()),
        mm(box.leftMm()),
        mm(box.topMm()));
  }

  private static String mm(double value) {
    return Decimals.show(value, DECIMALS);
  }
}
