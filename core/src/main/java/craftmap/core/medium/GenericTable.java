package craftmap.core.medium;

import craftmap.core.colour.Colour;
import craftmap.core.measure.Times;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads the table of generic media that ships with the core: one row a kind, times in minutes. */
final class GenericTable {
  private static final String FILE = "generic-media.csv";

  private final Map<String, String> row;

  private GenericTable(Map<String, String> row) {
    this.row = row;
  }

  static List<GenericMedium> read() {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                GenericTable.class.getResourceAsStream(FILE), StandardCharsets.UTF_8))) {
      List<String> columns = cells(in.readLine());
      List<GenericMedium> all = new ArrayList<>();
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        List<String> cells = cells(line);
        if (cells.size() != columns.size()) {
          throw new IllegalStateException("impossible state: " + FILE + " has a row " + line);
        }
        Map<String, String> row = new HashMap<>();
        for (int i = 0; i < cells.size(); i++) {
          row.put(columns.get(i), cells.get(i));
        }
        all.add(new GenericTable(row).generic());
      }
      return List.copyOf(all);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** A cell in quotes may hold commas; no cell holds a quote. */
  private static List<String> cells(String line) {
    List<String> cells = new ArrayList<>();
    StringBuilder cell = new StringBuilder();
    boolean quoted = false;
    for (char c : line.toCharArray()) {
      if (c == '"') {
        quoted = !quoted;
      } else if (c == ',' && !quoted) {
        cells.add(cell.toString());
        cell.setLength(0);
      } else {
        cell.append(c);
      }
    }
    cells.add(cell.toString());
    return cells;
  }

  private GenericMedium generic() {
    String also = row.get("alsoRole");
    double partB = figure("partB");
    SoldBy soldBy = SoldBy.valueOf(row.get("soldBy"));
    return new GenericMedium(
        row.get("key"),
        new Medium(
            row.get("key"),
            row.get("name"),
            new Kind(
                Role.valueOf(row.get("role")),
                also.isEmpty() ? Optional.empty() : Optional.of(Role.valueOf(also)),
                Base.valueOf(row.get("base")),
                Sheen.valueOf(row.get("sheen")),
                soldBy),
            new Coverage(
                new Colour(row.get("colour")),
                figure("spread"),
                (int) figure("coats"),
                Hiding.valueOf(row.get("hiding")),
                Hiding.valueOf(row.get("hiding")).share()),
            new Drying(
                minutes("touchDry"),
                minutes("recoatFrom"),
                maybe("recoatTo"),
                minutes("cure"),
                maybe("openTime"),
                maybe("tapeAfter")),
            new Mixing(
                partB > 0 ? Optional.of(new Mix(figure("partA"), partB, soldBy)) : Optional.empty(),
                maybe("potLife"),
                0,
                (int) figure("keepsOpened"),
                figure("dilution"),
                figure("density")),
            new Wear(
                figure("minTemp"),
                row.get("sandable").equals("YES"),
                row.get("needsSeal").equals("YES"),
                WaterResistance.valueOf(row.get("water")),
                figure("heat"),
                row.get("food").equals("YES"))));
  }

  private double figure(String column) {
    return Double.parseDouble(row.get(column));
  }

  private Duration minutes(String column) {
    return Times.ofMinutes(figure(column));
  }

  private Optional<Duration> maybe(String column) {
    return Optional.of(minutes(column)).filter(Duration::isPositive);
  }
}
