package craftmap.server.backup;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads a backup, and finds out whether it holds what it says. */
final class BackupReader implements AutoCloseable {
  private static final JsonMapper JSON = JsonMapper.shared();

  /** A manifest is small; what is larger is something else. */
  private static final int MOST_OF_MANIFEST = 16 * 1024 * 1024;

  /** No photo is larger, not even as text; what is, would not be one of ours. */
  private static final int MOST_OF_ROW = 128 * 1024 * 1024;

  private static final String LEDGER = "ledger_entry";

  private final ZipFile file;
  private final Manifest manifest;

  BackupReader(Path path) throws IOException, NotABackup {
    try {
      file = new ZipFile(path.toFile());
    } catch (ZipException notZip) {
      throw new NotABackup(said("is-no-backup"), notZip);
    }
    try {
      manifest = read();
    } catch (IOException | NotABackup | RuntimeException broken) {
      file.close();
      throw broken;
    }
  }

  Manifest manifest() {
    return manifest;
  }

  private Manifest read() throws IOException, NotABackup {
    ZipEntry entry = file.getEntry(Manifest.ENTRY);
    if (entry == null) {
      throw new NotABackup(said("is-no-backup"));
    }
    try (InputStream in = file.getInputStream(entry)) {
      JsonNode told = JSON.readTree(in.readNBytes(MOST_OF_MANIFEST));
      if (told.path("format").asInt() > Manifest.FORMAT) {
        throw new NotABackup(said("backup-of-a-later-version"));
      }
      Manifest read = JSON.treeToValue(told, Manifest.class);
      if (read.schema() == null || !read.schema().matches("[0-9]{1,5}") || read.madeAt() == null) {
        throw new NotABackup(said("is-no-backup"));
      }
      return read;
    } catch (JacksonException | NullPointerException notOurs) {
      throw new NotABackup(said("is-no-backup"), notOurs);
    }
  }

  /** What is done with each row. */
  interface OfRow {
    void accept(JsonNode row) throws IOException, SQLException, NotABackup;
  }

  /**
   * Each row of a table.
   *
   * @throws NotABackup where they are fewer, more or others than were written
   */
  void rows(Manifest.TableHeld table, OfRow each) throws IOException, SQLException, NotABackup {
    ZipEntry entry = file.getEntry(table.entry());
    if (entry == null) {
      throw damaged(table);
    }
    MessageDigest digest = sha256();
    long rows = 0;
    try (InputStream in = new DigestInputStream(file.getInputStream(entry), digest)) {
      Lines lines = new Lines(in, MOST_OF_ROW);
      for (byte[] line = lines.next(); line.length > 0; line = lines.next()) {
        each.accept(JSON.readTree(line));
        rows++;
      }
    } catch (Lines.TooLong | ZipException | JacksonException broken) {
      throw new NotABackup(said("backup-is-damaged", given(table.name())), broken);
    }
    if (rows != table.rows() || !HexFormat.of().formatHex(digest.digest()).equals(table.sha256())) {
      throw damaged(table);
    }
  }

  /** Reads all of it: every row there, and every ledger the sum of its entries. */
  void check() throws IOException, SQLException, NotABackup {
    Map<String, BigDecimal> levels = new TreeMap<>();
    for (Manifest.TableHeld table : manifest.tables()) {
      boolean isLedger = table.name().equals(LEDGER);
      rows(
          table,
          row -> {
            if (isLedger) {
              levels.merge(
                  row.path("holding_id").asString(),
                  new BigDecimal(row.path("quantity").asString()),
                  BigDecimal::add);
            }
          });
    }
    for (Manifest.LevelHeld held : manifest.levels()) {
      BigDecimal sum = levels.remove(held.holding());
      if ((sum == null ? BigDecimal.ZERO : sum).compareTo(new BigDecimal(held.level())) != 0) {
        throw new NotABackup(said("backup-has-another-level", given(held.holding())));
      }
    }
    if (!levels.isEmpty()) {
      throw new NotABackup(
          said("backup-has-another-level", given(levels.keySet().iterator().next())));
    }
  }

  private static NotABackup damaged(Manifest.TableHeld table) {
    return new NotABackup(said("backup-is-damaged", given(table.name())));
  }

  static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException never) {
      throw new IllegalStateException("impossible state: every JDK has SHA-256", never);
    }
  }

  @Override
  public void close() throws IOException {
    file.close();
  }
}
