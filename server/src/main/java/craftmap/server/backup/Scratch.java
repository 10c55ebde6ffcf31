package craftmap.server.backup;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import java.io.IOException;
import java.sql.BatchUpdateException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLDataException;
import java.sql.SQLException;
import java.sql.SQLIntegrityConstraintViolationException;
import java.sql.Statement;
import java.sql.Types;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import tools.jackson.databind.JsonNode;

/**
 * A schema beside the studio's, in which a backup is tried before anything of it is taken: its rows
 * are put into tables of the version that it was made by, which are then brought up to date as the
 * studio's were. It is gone when it is closed.
 */
final class Scratch implements AutoCloseable {
  private static final int ROWS_AT_ONCE = 200;
  private static final int LEFT_BEHIND_AFTER_DAYS = 1;

  private final Connection connection;
  private final String home;
  private final String name;
  private final DataSource source;

  /**
   * Makes one.
   *
   * @param source fresh connections, to the schema that the studio is in
   */
  Scratch(DataSource source) throws SQLException {
    this.source = source;
    this.connection = source.getConnection();
    this.home = connection.getCatalog();
    byte[] own = new byte[6];
    ThreadLocalRandom.current().nextBytes(own);
    this.name = home + "_restore_" + HexFormat.of().formatHex(own);
    try {
      removeWhatWasLeftBehind();
      run(
          "create database "
              + Tables.quoted(name)
              + " character set utf8mb4 collate utf8mb4_unicode_ci");
    } catch (SQLException refused) {
      connection.close();
      throw refused;
    }
  }

  String name() {
    return name;
  }

  /** Puts the rows of a backup into it, and brings them up to date. */
  void fill(BackupReader backup) throws IOException, SQLException, NotABackup {
    Manifest manifest = backup.manifest();
    MigrationVersion written = MigrationVersion.fromVersion(manifest.schema());
    if (written.compareTo(newest(flyway(MigrationVersion.LATEST))) > 0) {
      throw new NotABackup(said("backup-of-a-later-version"));
    }
    flyway(written).migrate();
    connection.setCatalog(name);
    run("set time_zone = '+00:00'");
    // rows refer to each other; whether all do is looked at once all are there
    run("set foreign_key_checks = 0");
    try {
      Map<String, Tables.Table> tables = new HashMap<>();
      Tables.of(connection, name).forEach(t -> tables.put(t.name(), t));
      for (Tables.Table table : tables.values()) {
        run("delete from " + Tables.quoted(table.name()));
      }
      for (Manifest.TableHeld held : manifest.tables()) {
        Tables.Table table = tables.get(held.name());
        if (table == null) {
          throw new NotABackup(said("backup-has-an-unknown-table", given(held.name())));
        }
        fill(table, held, backup);
      }
      checkReferences();
    } finally {
      run("set foreign_key_checks = 1");
      connection.setCatalog(home);
    }
    flyway(MigrationVersion.LATEST).migrate();
  }

  private void fill(Tables.Table table, Manifest.TableHeld held, BackupReader backup)
      throws IOException, SQLException, NotABackup {
    String columns =
        table.columns().stream()
            .map(c -> Tables.quoted(c.name()))
            .collect(Collectors.joining(", "));
    String places = table.columns().stream().map(c -> "?").collect(Collectors.joining(", "));
    try (PreparedStatement insert =
        connection.prepareStatement(
            "insert into "
                + Tables.quoted(table.name())
                + " ("
                + columns
                + ") values ("
                + places
                + ")")) {
      int most = table.hasPictures() ? 1 : ROWS_AT_ONCE;
      int[] waiting = {0};
      backup.rows(
          held,
          row -> {
            set(insert, table, row);
            insert.addBatch();
            if (++waiting[0] % most == 0) {
              insert.executeBatch();
            }
          });
      insert.executeBatch();
    } catch (BatchUpdateException
        | SQLDataException
        | SQLIntegrityConstraintViolationException
        | IllegalArgumentException broken) {
      throw new NotABackup(said("backup-is-damaged", given(table.name())), broken);
    }
  }

  private static void set(PreparedStatement insert, Tables.Table table, JsonNode row)
      throws SQLException {
    int i = 0;
    for (Tables.Column column : table.columns()) {
      i++;
      JsonNode value = row.path(column.name());
      if (value.isMissingNode() || value.isNull()) {
        insert.setNull(i, Types.NULL);
      } else if (column.isBinary()) {
        insert.setBytes(i, Base64.getDecoder().decode(value.asString()));
      } else {
        insert.setString(i, value.asString());
      }
    }
  }

  /** Nothing may refer to what is not there, and all belongs to one studio. */
  private void checkReferences() throws SQLException, NotABackup {
    List<String> broken = new ArrayList<>();
    for (Tables.Reference r : Tables.references(connection, name)) {
      Tables.query(
          connection,
          "select count(*) from %s c left join %s p on p.%s = c.%s where c.%s is not null and p.%s is null"
              .formatted(
                  Tables.quoted(r.table()),
                  Tables.quoted(r.toTable()),
                  Tables.quoted(r.toColumn()),
                  Tables.quoted(r.column()),
                  Tables.quoted(r.column()),
                  Tables.quoted(r.toColumn())),
          row -> {
            if (row.getLong(1) > 0) {
              broken.add(r.table());
            }
          });
    }
    Tables.query(
        connection,
        "select count(*) from studio",
        row -> {
          if (row.getLong(1) != 1) {
            broken.add(Tables.STUDIO);
          }
        });
    if (!broken.isEmpty()) {
      throw new NotABackup(said("backup-is-damaged", given(broken.getFirst())));
    }
  }

  private Flyway flyway(MigrationVersion until) {
    return Flyway.configure()
        .dataSource(new InSchema(source, name))
        .locations("classpath:db/migration")
        .target(until)
        .load();
  }

  private static MigrationVersion newest(Flyway flyway) {
    MigrationVersion newest = MigrationVersion.EMPTY;
    for (var known : flyway.info().all()) {
      if (known.getVersion() != null && known.getVersion().compareTo(newest) > 0) {
        newest = known.getVersion();
      }
    }
    return newest;
  }

  /** What a server that was stopped in the middle has left. */
  private void removeWhatWasLeftBehind() throws SQLException {
    List<String> old = new ArrayList<>();
    Tables.query(
        connection,
        """
        select table_schema from information_schema.tables
        where table_schema like ?
        group by table_schema having max(create_time) < now() - interval ? day
        """,
        row -> old.add(row.getString(1)),
        home.replace("_", "\\_") + "\\_restore\\_%",
        LEFT_BEHIND_AFTER_DAYS);
    for (String schema : old) {
      run("drop database if exists " + Tables.quoted(schema));
    }
  }

  private void run(String sql) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  @Override
  public void close() throws SQLException {
    try (connection) {
      run("drop database if exists " + Tables.quoted(name));
    }
  }
}
