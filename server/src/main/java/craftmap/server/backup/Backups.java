package craftmap.server.backup;

import static craftmap.core.measure.Figure.said;

import craftmap.server.changes.Thing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.SQLIntegrityConstraintViolationException;
import java.sql.SQLTransactionRollbackException;
import java.sql.Statement;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Makes backups of a studio, and brings them back. */
final class Backups {
  /** What a studio has before anything is done in it. */
  private static final Set<String> OF_AN_EMPTY_STUDIO =
      Set.of("studio", "account", "membership", "recovery_code", "bench");

  private static final int MOST_TRIES = 5;

  private final DataSource source;
  private final Clock clock;

  Backups(String url, String user, String password, Clock clock) {
    this.source = new DriverManagerDataSource(url, user, password);
    this.clock = clock;
  }

  /**
   * Writes a backup into a file, reads it back, and counts.
   *
   * @throws NotABackup where what was read is not what was written: then there is no file
   */
  Manifest make(String studioId, Path path) throws IOException, SQLException, NotABackup {
    boolean sound = false;
    try (Connection connection = source.getConnection()) {
      Manifest written = new BackupWriter(connection, studioId).write(path, clock.instant());
      try (BackupReader read = new BackupReader(path)) {
        read.check();
      }
      sound = true;
      return written;
    } finally {
      if (!sound) {
        Files.deleteIfExists(path);
      }
    }
  }

  /** What a file holds, once all of it was read and counted. */
  Manifest check(Path path) throws IOException, SQLException, NotABackup {
    try (BackupReader read = new BackupReader(path)) {
      read.check();
      return read.manifest();
    }
  }

  /** Whether nothing was done in a studio yet. */
  boolean isEmpty(String studioId) throws SQLException {
    try (Connection connection = source.getConnection()) {
      return isEmpty(connection, studioId);
    }
  }

  private static boolean isEmpty(Connection connection, String studioId) throws SQLException {
    for (Tables.Table table : Tables.of(connection, connection.getCatalog())) {
      if (!OF_AN_EMPTY_STUDIO.contains(table.name()) && has(connection, table, studioId)) {
        return false;
      }
    }
    return true;
  }

  private static boolean has(Connection connection, Tables.Table table, String studioId)
      throws SQLException {
    List<Integer> found = new ArrayList<>();
    Tables.query(
        connection,
        "select 1 from "
            + Tables.quoted(table.name())
            + " where "
            + Tables.quoted(table.ownerColumn())
            + " = ? limit 1",
        row -> found.add(row.getInt(1)),
        studioId);
    return !found.isEmpty();
  }

  /**
   * Brings everything back into an empty studio: all of it, or nothing.
   *
   * @param studioId into which; it becomes the one that the backup is of
   * @throws NotABackup where the file is none, is damaged, is of a later version, or the studio is
   *     not empty; then nothing was changed
   */
  Manifest bringBack(String studioId, Path path) throws IOException, SQLException, NotABackup {
    try (BackupReader read = new BackupReader(path)) {
      read.check();
      if (!isEmpty(studioId)) {
        throw new NotABackup(said("studio-is-not-empty"));
      }
      try (Scratch scratch = new Scratch(source)) {
        scratch.fill(read);
        takeUntilDone(scratch, studioId);
      }
      return read.manifest();
    }
  }

  /** Again where the database has ended it in favour of another: nothing of it was kept then. */
  private void takeUntilDone(Scratch scratch, String studioId) throws SQLException, NotABackup {
    for (int tries = 1; ; tries++) {
      try {
        take(scratch, studioId);
        return;
      } catch (SQLTransactionRollbackException ended) {
        if (tries == MOST_TRIES) {
          throw ended;
        }
      }
    }
  }

  /** From the scratch schema into the studio, in one transaction. */
  private void take(Scratch scratch, String studioId) throws SQLException, NotABackup {
    try (Connection connection = source.getConnection();
        Statement statement = connection.createStatement()) {
      connection.setTransactionIsolation(Connection.TRANSACTION_READ_COMMITTED);
      connection.setAutoCommit(false);
      try {
        // whoever adds the first thing meanwhile waits for this, or this for them
        update(
            connection,
            "insert into studio (id, name, tape_division) values (?, '', 'MM_1')"
                + " on duplicate key update name = concat(name, '')",
            studioId);
        update(
            connection,
            "update studio set name = concat('restoring ', left(name, 60)) where id = ?",
            studioId);
        if (!isEmpty(connection, studioId)) {
          throw new NotABackup(said("studio-is-not-empty"));
        }
        // all references were looked at in the scratch schema
        statement.execute("set foreign_key_checks = 0");
        // those given here are to accounts that go
        update(connection, "delete from invitation where studio_id = ?", studioId);
        for (Tables.Table table : Tables.of(connection, connection.getCatalog())) {
          take(connection, scratch, table, studioId);
        }
        afterwards(connection, studioId);
        connection.commit();
      } catch (SQLIntegrityConstraintViolationException taken) {
        connection.rollback();
        throw new NotABackup(said("backup-is-of-another-studio-here"), taken);
      } catch (SQLException | NotABackup failed) {
        connection.rollback();
        throw failed;
      }
    }
  }

  private static void take(
      Connection connection, Scratch scratch, Tables.Table table, String studioId)
      throws SQLException {
    String columns =
        table.columns().stream()
            .map(c -> Tables.quoted(c.name()))
            .collect(Collectors.joining(", "));
    String values =
        table.columns().stream()
            .map(c -> c.name().equals(table.ownerColumn()) ? "?" : Tables.quoted(c.name()))
            .collect(Collectors.joining(", "));
    update(
        connection,
        "delete from "
            + Tables.quoted(table.name())
            + " where "
            + Tables.quoted(table.ownerColumn())
            + " = ?",
        studioId);
    update(
        connection,
        "insert into "
            + Tables.quoted(table.name())
            + " ("
            + columns
            + ") select "
            + values
            + " from "
            + Tables.quoted(scratch.name())
            + "."
            + Tables.quoted(table.name()),
        studioId);
  }

  /** What was read and told before is of another past, on every server and in every window. */
  private void afterwards(Connection connection, String studioId) throws SQLException {
    update(
        connection,
        "update piece set restored_at = utc_timestamp(6) where studio_id = ?",
        studioId);
    // stocks that are added later go on with the numbers on their labels
    List<Long> numbers = new ArrayList<>();
    Tables.query(
        connection,
        "select coalesce(max(number), 0) from holding where studio_id = ?",
        row -> numbers.add(row.getLong(1)),
        studioId);
    if (numbers.getFirst() > 0) {
      Tables.query(
          connection, "select setval(holding_number, " + numbers.getFirst() + ")", row -> {});
    }
    long later = clock.instant().toEpochMilli();
    for (Thing thing : Thing.values()) {
      update(
          connection,
          "insert into changed (studio_id, thing, thing_id, times) values (?, '"
              + thing
              + "', 'restored', "
              + later
              + ") on duplicate key update times = times + "
              + later,
          studioId);
    }
  }

  private static void update(Connection connection, String sql, String studioId)
      throws SQLException {
    try (PreparedStatement update = connection.prepareStatement(sql)) {
      for (int i = 1; i <= sql.chars().filter(c -> c == '?').count(); i++) {
        update.setString(i, studioId);
      }
      update.executeUpdate();
    }
  }

  /** The name under which a backup is kept, without what a file system would not take. */
  static String fileName(Manifest manifest) {
    String name =
        manifest
            .studioName()
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^a-z0-9]+", "-")
            .replaceAll("^-+|-+$", "");
    String at = manifest.madeAt().toString().substring(0, 16).replaceAll("[^0-9]", "");
    return "%s-%s-%s.backup.zip"
        .formatted(name.isEmpty() ? "studio" : name, at.substring(0, 8), at.substring(8));
  }
}
