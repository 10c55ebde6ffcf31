package craftmap.server.backup;

import java.time.Instant;
import java.util.List;

/**
 * What a backup says of itself, in {@code craftmap.json}.
 *
 * @param format how the file is written; one that is higher is of a later version
 * @param schema the last change of the database that its rows know of
 * @param tables by their names, in the order of the alphabet
 * @param levels what the entries of each stock's ledger come to, exactly
 */
record Manifest(
    int format,
    String schema,
    Instant madeAt,
    String studioName,
    List<TableHeld> tables,
    List<LevelHeld> levels) {
  static final int FORMAT = 1;
  static final String ENTRY = "craftmap.json";

  Manifest {
    tables = List.copyOf(tables);
    levels = List.copyOf(levels);
  }

  /**
   * One table of it.
   *
   * @param sha256 of its lines
   */
  record TableHeld(String name, long rows, String sha256) {
    String entry() {
      return "tables/" + name + ".jsonl";
    }
  }

  /**
   * What a stock's ledger comes to.
   *
   * @param level in its own unit, as a figure without an exponent
   */
  record LevelHeld(String holding, String level) {}

  long rows() {
    return tables.stream().mapToLong(TableHeld::rows).sum();
  }

  long rowsOf(String table) {
    return tables.stream()
        .filter(t -> t.name().equals(table))
        .mapToLong(TableHeld::rows)
        .findFirst()
        .orElse(0);
  }
}
