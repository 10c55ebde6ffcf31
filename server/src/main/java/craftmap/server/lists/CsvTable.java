package craftmap.server.lists;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.server.fields.Csv;
import java.io.IOException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A CSV file as rows of named cells; comma, semicolon or tab between them. */
record CsvTable(List<String> columns, List<Row> rows) {
  private static final int MOST_ROWS = 20_000;
  private static final int MOST_COLUMNS = 120;
  private static final int LONGEST_CELL = 2_000;
  static final int MOST_BYTES = 8 * 1024 * 1024;

  /**
   * One row.
   *
   * @param line where it begins in the file, from 1
   */
  record Row(long line, Map<String, String> cells) {
    String get(String column) {
      return cells.getOrDefault(column, "");
    }
  }

  static CsvTable read(byte[] file) {
    if (file.length > MOST_BYTES) {
      throw refused(
          said("mb", given(file.length / 1024 / 1024)), said("is-too-large"), said("at-most-8-mb"));
    }
    String text = text(file);
    int end = text.indexOf('\n');
    String head = end < 0 ? text : text.substring(0, end);
    if (head.isBlank()) {
      throw refused(said("the-first-line"), said("is-empty"), said("the-names-of-the-columns"));
    }
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(delimiter(head))
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();
    try (CSVParser parser = format.parse(new StringReader(text))) {
      List<String> columns = null;
      List<Row> rows = new ArrayList<>();
      long line = 1;
      for (CSVRecord record : parser) {
        if (columns == null) {
          columns = columns(record);
        } else {
          rows.add(row(record, columns, line));
          if (rows.size() > MOST_ROWS) {
            throw refused(
                said("more-than-rows", given(MOST_ROWS)), said("are-too-many"), said("fewer-rows"));
          }
        }
        line = parser.getCurrentLineNumber() + 1;
      }
      return new CsvTable(columns, rows);
    } catch (IOException | IllegalStateException | java.io.UncheckedIOException broken) {
      throw refused(
          said("the-file"),
          said("cannot-be-read-as-a-table", given(plain(broken))),
          said("csv-with-a-first-line-of-names"));
    }
  }

  private static String plain(Exception broken) {
    String message = String.valueOf(broken.getMessage());
    return message.length() > 120 ? message.substring(0, 120) : message;
  }

  private static String text(byte[] file) {
    try {
      String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString();
      String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
      if (plain.indexOf('\0') >= 0) {
        throw refused(said("the-file"), said("is-not-text"), said("csv-saved-as-utf-8"));
      }
      return plain;
    } catch (CharacterCodingException notUtf8) {
      throw refused(said("the-file"), said("is-not-text-in-utf-8"), said("csv-saved-as-utf-8"));
    }
  }

  /** Whichever the first line has most of: a decimal comma goes with semicolons. */
  private static char delimiter(String head) {
    char best = ',';
    long most = head.chars().filter(c -> c == ',').count();
    for (char candidate : new char[] {';', '\t'}) {
      long count = head.chars().filter(c -> c == candidate).count();
      if (count > most) {
        most = count;
        best = candidate;
      }
    }
    return best;
  }

  private static List<String> columns(CSVRecord record) {
    List<String> columns = new ArrayList<>();
    for (String name : record) {
      String plain = name.strip().toLowerCase(Locale.ENGLISH);
      if (!plain.isEmpty() && columns.contains(plain)) {
        throw refused(
            said("column", given(name)), said("is-there-twice"), said("each-column-once"));
      }
      columns.add(plain);
    }
    if (columns.size() > MOST_COLUMNS) {
      throw refused(
          said("columns-2", count(columns.size())),
          said("are-too-many"),
          said("at-most", given(MOST_COLUMNS)));
    }
    return columns;
  }

  private static Row row(CSVRecord record, List<String> columns, long line) {
    Map<String, String> cells = new LinkedHashMap<>();
    for (int i = 0; i < record.size(); i++) {
      String cell = Csv.plain(record.get(i));
      if (cell.isEmpty()) {
        continue;
      }
      if (i >= columns.size()) {
        throw refused(
            said("line", given(line)),
            said("has-more-cells-than-there-are-columns"),
            said("cells", count(columns.size())));
      }
      if (cell.length() > LONGEST_CELL) {
        throw refused(
            said("line", given(line)), said("has-a-cell-that-is-too-long"), said("shorter-text"));
      }
      cells.put(columns.get(i), cell);
    }
    return new Row(line, cells);
  }

  private static RefusedInput refused(Figure what, Figure fault, Figure accepted) {
    return new RefusedInput("list", what, fault, accepted);
  }
}
