package craftmap.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes everything that a studio has at one moment into one file. */
final class BackupWriter {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN).build();

  /** Rows come in portions, photos one by one, so that not all of them are in memory. */
  private static final int ROWS_AT_ONCE = 50;

  private final Connection connection;
  private final String schema;
  private final String studioId;

  BackupWriter(Connection connection, String studioId) throws SQLException {
    this.connection = connection;
    this.schema = connection.getCatalog();
    this.studioId = studioId;
  }

  Manifest write(Path path, Instant at) throws IOException, SQLException {
    try (OutputStream out = Files.newOutputStream(path);
        ZipOutputStream zip = new ZipOutputStream(out);
        Statement moment = connection.createStatement()) {
      // all of it is of one moment, whatever is saved meanwhile
      moment.execute("set time_zone = '+00:00'");
      moment.execute("set transaction isolation level repeatable read");
      moment.execute("start transaction with consistent snapshot");
      try {
        List<Manifest.TableHeld> tables = new ArrayList<>();
        for (Tables.Table table : Tables.of(connection, schema)) {
          tables.add(write(table, zip));
        }
        Manifest manifest = new Manifest(Manifest.FORMAT, version(), at, name(), tables, levels());
        zip.putNextEntry(new ZipEntry(Manifest.ENTRY));
        zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
        zip.closeEntry();
        return manifest;
      } finally {
        moment.execute("rollback");
      }
    }
  }

  private Manifest.TableHeld write(Tables.Table table, ZipOutputStream zip)
      throws IOException, SQLException {
    MessageDigest digest = BackupReader.sha256();
    Manifest.TableHeld entry = new Manifest.TableHeld(table.name(), 0, "");
    zip.putNextEntry(new ZipEntry(entry.entry()));
    long rows = 0;
    // neither is closed: the file goes on
    Writer lines =
        new OutputStreamWriter(new DigestOutputStream(zip, digest), StandardCharsets.UTF_8);
    try (PreparedStatement asked =
        connection.prepareStatement(
            select(table), ResultSet.TYPE_FORWARD_ONLY, ResultSet.CONCUR_READ_ONLY)) {
      asked.setFetchSize(table.hasPictures() ? 1 : ROWS_AT_ONCE);
      asked.setString(1, studioId);
      try (ResultSet row = asked.executeQuery()) {
        while (row.next()) {
          lines.write(JSON.writeValueAsString(line(table, row)));
          lines.write('\n');
          rows++;
        }
      }
    }
    lines.flush();
    zip.closeEntry();
    return new Manifest.TableHeld(table.name(), rows, HexFormat.of().formatHex(digest.digest()));
  }

  private static String select(Tables.Table table) {
    return "select "
        + table.columns().stream().map(BackupWriter::asText).collect(Collectors.joining(", "))
        + " from "
        + Tables.quoted(table.name())
        + " where "
        + Tables.quoted(table.ownerColumn())
        + " = ?"
        + (table.key().isEmpty()
            ? ""
            : table.key().stream()
                .map(Tables::quoted)
                .collect(Collectors.joining(", ", " order by ", "")));
  }

  /** As the database itself says it, whatever a driver would make of it. */
  private static String asText(Tables.Column column) {
    String name = Tables.quoted(column.name());
    return column.isBinary() ? name : "cast(" + name + " as char)";
  }

  /** What is not there is left out. */
  private static ObjectNode line(Tables.Table table, ResultSet row) throws SQLException {
    ObjectNode line = JSON.createObjectNode();
    int i = 0;
    for (Tables.Column column : table.columns()) {
      i++;
      if (column.isBinary()) {
        byte[] bytes = row.getBytes(i);
        if (bytes != null) {
          line.put(column.name(), Base64.getEncoder().encodeToString(bytes));
        }
        continue;
      }
      String text = row.getString(i);
      if (text == null) {
        continue;
      }
      if (column.isNumber()) {
        line.put(column.name(), new BigDecimal(text));
      } else {
        line.put(column.name(), text);
      }
    }
    return line;
  }

  private String version() throws SQLException {
    List<String> version = new ArrayList<>();
    Tables.query(
        connection,
        "select max(cast(version as unsigned)) from flyway_schema_history where success = 1",
        row -> version.add(row.getString(1)));
    return version.getFirst();
  }

  private String name() throws SQLException {
    List<String> names = new ArrayList<>();
    Tables.query(
        connection,
        "select name from studio where id = ?",
        row -> names.add(row.getString(1)),
        studioId);
    return names.isEmpty() ? "" : names.getFirst();
  }

  private List<Manifest.LevelHeld> levels() throws SQLException {
    List<Manifest.LevelHeld> levels = new ArrayList<>();
    Tables.query(
        connection,
        """
        select holding_id, sum(quantity) from ledger_entry where studio_id = ?
        group by holding_id order by holding_id
        """,
        row ->
            levels.add(
                new Manifest.LevelHeld(row.getString(1), row.getBigDecimal(2).toPlainString())),
        studioId);
    return levels;
  }
}
