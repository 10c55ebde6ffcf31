package craftmap.server.backup;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The tables of a schema that have what a studio keeps: all that name a studio, as the database
 * itself tells, so that one that is added later is not forgotten.
 */
final class Tables {
  static final String STUDIO = "studio";
  static final String STUDIO_ID = "studio_id";

  /** What is of this machine and this moment. Everything else is kept. */
  private static final Set<String> LEFT_OUT =
      Set.of(
          "changed", // counts for caches: after a restore they begin anew
          "presence", // who looks at what just now
          "device", // of the machine that they are paired with
          "pairing",
          "invitation", // one that was used since would let somebody in once more
          "job", // what is under way, and files that can be made again
          "backup_made"); // of the database that it was made from

  /** When a piece was brought back; it is not the same in two restores. */
  private static final Set<String> COLUMNS_LEFT_OUT = Set.of("restored_at");

  private Tables() {}

  /** A column, by its name and what kind of value it has. */
  record Column(String name, String type) {
    boolean isBinary() {
      return type.endsWith("blob") || type.endsWith("binary");
    }

    /** Figures that JSON has as they are; exact ones, and times, are texts. */
    boolean isNumber() {
      return type.endsWith("int") || type.equals("double") || type.equals("float");
    }
  }

  /**
   * A table.
   *
   * @param ownerColumn which of its columns says whose a row is
   * @param key the columns that tell its rows apart
   */
  record Table(String name, String ownerColumn, List<Column> columns, List<String> key) {
    Table {
      columns = List.copyOf(columns);
      key = List.copyOf(key);
    }

    /** Its rows may be large: photos, artwork. */
    boolean hasPictures() {
      return columns.stream().anyMatch(Column::isBinary);
    }
  }

  /** A reference from the column of one table to that of another. */
  record Reference(String table, String column, String toTable, String toColumn) {}

  static List<Table> of(Connection connection, String schema) throws SQLException {
    Map<String, List<Column>> columns = new LinkedHashMap<>();
    query(
        connection,
        """
        select c.table_name, c.column_name, c.data_type
        from information_schema.columns c
        join information_schema.tables t
          on t.table_schema = c.table_schema and t.table_name = c.table_name
        where c.table_schema = ? and t.table_type = 'BASE TABLE'
          and (c.extra not like '%GENERATED%')
        order by c.table_name, c.ordinal_position
        """,
        row ->
            columns
                .computeIfAbsent(row.getString(1), t -> new ArrayList<>())
                .add(new Column(row.getString(2), row.getString(3))),
        schema);
    Map<String, List<String>> keys = new LinkedHashMap<>();
    query(
        connection,
        """
        select table_name, column_name from information_schema.key_column_usage
        where table_schema = ? and constraint_name = 'PRIMARY'
        order by table_name, ordinal_position
        """,
        row -> keys.computeIfAbsent(row.getString(1), t -> new ArrayList<>()).add(row.getString(2)),
        schema);
    List<Table> tables = new ArrayList<>();
    columns.forEach(
        (name, all) -> {
          String owner = name.equals(STUDIO) ? "id" : STUDIO_ID;
          boolean isKept =
              !LEFT_OUT.contains(name) && all.stream().anyMatch(c -> c.name().equals(owner));
          if (isKept) {
            List<Column> kept =
                all.stream().filter(c -> !COLUMNS_LEFT_OUT.contains(c.name())).toList();
            tables.add(new Table(name, owner, kept, keys.getOrDefault(name, List.of())));
          }
        });
    return tables;
  }

  static List<Reference> references(Connection connection, String schema) throws SQLException {
    List<Reference> references = new ArrayList<>();
    query(
        connection,
        """
        select table_name, column_name, referenced_table_name, referenced_column_name
        from information_schema.key_column_usage
        where table_schema = ? and referenced_table_name is not null
        order by table_name, column_name
        """,
        row ->
            references.add(
                new Reference(
                    row.getString(1), row.getString(2), row.getString(3), row.getString(4))),
        schema);
    return references;
  }

  /** What is done with each row of an answer. */
  interface OfRow {
    void accept(ResultSet row) throws SQLException;
  }

  static void query(Connection connection, String sql, OfRow each, Object... arguments)
      throws SQLException {
    try (PreparedStatement asked = connection.prepareStatement(sql)) {
      for (int i = 0; i < arguments.length; i++) {
        asked.setObject(i + 1, arguments[i]);
      }
      try (ResultSet rows = asked.executeQuery()) {
        while (rows.next()) {
          each.accept(rows);
        }
      }
    }
  }

  static String quoted(String name) {
    return "`" + name.replace("`", "``") + "`";
  }
}
