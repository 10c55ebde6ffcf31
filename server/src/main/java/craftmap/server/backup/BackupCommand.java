package craftmap.server.backup;

import craftmap.core.measure.TapeDivision;
import craftmap.server.words.FigureWords;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import org.flywaydb.core.Flyway;

/**
 * Backup and restore at the machine, without the web application: {@code backup FILE} and {@code
 * restore FILE}, on the database that the environment names as for the server.
 */
public final class BackupCommand {
  private static final String STUDIO = "studio";

  private BackupCommand() {}

  public static void main(String[] given) {
    System.exit(run(given, System.out, System.err));
  }

  static int run(String[] given, PrintStream out, PrintStream err) {
    String url = System.getenv("CRAFTMAP_DB_URL");
    String user = System.getenv("CRAFTMAP_DB_USER");
    String password = System.getenv("CRAFTMAP_DB_PASSWORD");
    Backups backups = new Backups(url, user, password, Clock.systemUTC());
    Path path = Path.of(given[1]);
    try {
      if (given[0].equals("backup")) {
        backup(backups, path, out);
      } else {
        Flyway.configure().dataSource(url, user, password).load().migrate();
        said(backups.bringBack(STUDIO, path), "brought back", out);
      }
      return 0;
    } catch (NotABackup not) {
      err.println(
          "Craft Map: "
              + path.getFileName()
              + " "
              + new FigureWords(TapeDivision.MM_1).text(not.why())
              + ". Nothing was changed.");
      return 1;
    } catch (IOException | SQLException failed) {
      err.println("Craft Map: " + failed.getMessage() + ". Nothing was changed.");
      return 1;
    }
  }

  /** Beside the file first: one that is there already stays until another is known to be sound. */
  private static void backup(Backups backups, Path path, PrintStream out)
      throws IOException, SQLException, NotABackup {
    Path beside = path.resolveSibling(path.getFileName() + ".part");
    try {
      Manifest made = backups.make(STUDIO, beside);
      Files.move(beside, path, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
      said(made, "is in " + path + ", read back and counted", out);
    } finally {
      Files.deleteIfExists(beside);
    }
  }

  private static void said(Manifest manifest, String done, PrintStream out) {
    out.printf(
        "%s %s: %d pieces, %d designs, %d stocks with %d entries of their ledgers, %d photos.%n",
        manifest.studioName(),
        done,
        manifest.rowsOf("piece"),
        manifest.rowsOf("design"),
        manifest.rowsOf("holding"),
        manifest.rowsOf("ledger_entry"),
        manifest.rowsOf("photo"));
  }
}
