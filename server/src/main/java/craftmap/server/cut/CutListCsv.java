package craftmap.server.cut;

import craftmap.core.measure.Decimals;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The cutting list as rows, one for each part and each rest; lengths in plain millimetres. */
final class CutListCsv {
  private static final int DECIMALS = 1;

  private CutListCsv() {}

  static String of(CutViews.CutsView cuts) {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.DEFAULT)) {
      printer.printRecord(
          "design",
          "sheet",
          "part",
          "for",
          "face",
          "width mm",
          "height mm",
          "from left mm",
          "from top mm");
      for (CutViews.DesignCutView design : cuts.designs()) {
        for (CutViews.SheetToCut sheet : design.sheets()) {
          for (CutViews.PieceToCut p : sheet.pieces()) {
            printer.printRecord(
                design.name(),
                sheet.title(),
                p.number(),
                p.pieceName() == null ? "" : p.pieceName(),
                p.faceName(),
                mm(p.box().widthMm()),
                mm(p.box().heightMm()),
                mm(p.box().leftMm()),
                mm(p.box().topMm()));
          }
          for (CutViews.RestView rest : sheet.rests()) {
            printer.printRecord(
                design.name(),
                sheet.title(),
                "rest",
                "",
                "",
                mm(rest.box().widthMm()),
                mm(rest.box().heightMm()),
                mm(rest.box().leftMm()),
                mm(rest.box().topMm()));
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String mm(double value) {
    return Decimals.show(value, DECIMALS);
  }
}
