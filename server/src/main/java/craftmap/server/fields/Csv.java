package craftmap.server.fields;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Lists as rows of cells, for whatever program opens them. */
public final class Csv {
  private static final String BEGINS_A_FORMULA = "=+-@\t\r";
  private static final String FIGURE = "-?\\d+([.,]\\d+)?";

  private Csv() {}

  /** A list with its head; what would be run as a formula is written as text. */
  public static String of(List<String> head, List<? extends List<?>> rows) {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.DEFAULT)) {
      printer.printRecord(head);
      for (List<?> row : rows) {
        List<String> cells = new ArrayList<>();
        row.forEach(c -> cells.add(cell(c == null ? "" : c.toString())));
        printer.printRecord(cells);
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return out.toString();
  }

  /** A table program would run what begins like a formula; figures are none. */
  static String cell(String text) {
    return isGuarded(text) && !text.matches(FIGURE) ? "'" + text : text;
  }

  private static boolean isGuarded(String text) {
    return !text.isEmpty() && BEGINS_A_FORMULA.indexOf(text.charAt(0)) >= 0;
  }

  /** The cell as it was before it was guarded. */
  public static String plain(String cell) {
    return cell.length() > 1 && cell.charAt(0) == '\'' && isGuarded(cell.substring(1))
        ? cell.substring(1)
        : cell;
  }
}
