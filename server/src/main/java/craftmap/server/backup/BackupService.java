package craftmap.server.backup;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.database.Utc;
import craftmap.server.studio.Asker;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.SQLExceptionTranslator;
import org.springframework.stereotype.Service;

/** Backups as they are asked for on the screen. */
@Service
class BackupService {
  private static final long MOST_BYTES = 4L * 1024 * 1024 * 1024;
  private static final int TOLD = 5;

  private final Backups backups;
  private final JdbcTemplate jdbc;
  private final Clock clock;

  BackupService(
      JdbcTemplate jdbc,
      Clock clock,
      @Value("${spring.datasource.url}") String url,
      @Value("${spring.datasource.username}") String user,
      @Value("${spring.datasource.password}") String password) {
    this.backups = new Backups(url, user, password, clock);
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** A backup that was made. */
  record Made(Instant at, String by, long bytes, long entries) {}

  /** The latest, newest first. */
  List<Made> lately(String studioId) {
    return jdbc.query(
        """
        select made_at, made_by, bytes, entries from backup_made
        where studio_id = ? order by made_at desc, id limit ?
        """,
        (row, i) ->
            new Made(Utc.of(row, "made_at"), row.getString(2), row.getLong(3), row.getLong(4)),
        studioId,
        TOLD);
  }

  boolean isEmpty(String studioId) {
    try {
      return backups.isEmpty(studioId);
    } catch (SQLException failed) {
      throw failed(failed);
    }
  }

  /** A file with everything, checked; whoever asks for it deletes it when it was sent. */
  record File(Path path, String name) {}

  File make(Asker asker) throws IOException {
    Path path = Files.createTempFile("craftmap-", ".backup");
    try {
      Manifest manifest = backups.make(asker.studio().id(), path);
      jdbc.update(
          "insert into backup_made (id, studio_id, made_at, made_by, bytes, entries)"
              + " values (?, ?, ?, ?, ?, ?)",
          UUID.randomUUID().toString(),
          asker.studio().id(),
          Utc.of(clock.instant()),
          asker.person(),
          Files.size(path),
          manifest.rows());
      return new File(path, Backups.fileName(manifest));
    } catch (NotABackup unsound) {
      throw new IllegalStateException(
          "the backup that was made is not what was read: " + unsound.getMessage(), unsound);
    } catch (SQLException failed) {
      Files.deleteIfExists(path);
      throw failed(failed);
    } catch (RuntimeException failed) {
      Files.deleteIfExists(path);
      throw failed;
    }
  }

  Manifest look(InputStream file) throws IOException {
    return withFile(file, backups::check);
  }

  Manifest bringBack(Asker asker, InputStream file) throws IOException {
    return withFile(file, path -> backups.bringBack(asker.studio().id(), path));
  }

  private interface Use {
    Manifest of(Path path) throws IOException, SQLException, NotABackup;
  }

  private Manifest withFile(InputStream file, Use use) throws IOException {
    Path path = Files.createTempFile("craftmap-", ".restore");
    try {
      copy(file, path);
      return use.of(path);
    } catch (NotABackup not) {
      throw new RefusedInput("backup-file", said("this-file"), not.why(), said("a-backup"));
    } catch (SQLException failed) {
      throw failed(failed);
    } finally {
      Files.deleteIfExists(path);
    }
  }

  private static void copy(InputStream from, Path to) throws IOException {
    try (OutputStream out = Files.newOutputStream(to)) {
      byte[] portion = new byte[1 << 16];
      long all = 0;
      for (int n = from.read(portion); n >= 0; n = from.read(portion)) {
        all += n;
        if (all > MOST_BYTES) {
          throw new RefusedInput(
              "backup-file",
              said("this-file"),
              said("is-too-large"),
              said("at-most-gigabytes", given(MOST_BYTES >> 30)));
        }
        out.write(portion, 0, n);
      }
    }
  }

  private RuntimeException failed(SQLException failed) {
    SQLExceptionTranslator translator = jdbc.getExceptionTranslator();
    RuntimeException known = translator.translate("backup", null, failed);
    return known == null ? new IllegalStateException(failed) : known;
  }
}
