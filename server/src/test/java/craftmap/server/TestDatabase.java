package craftmap.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A MariaDB of the tests' own, started the way bin/start starts the user's. */
public final class TestDatabase {
  private static final Path HOME = home();
  private static final Path DIR = dir();
  private static final String PORT = run("start");

  static {
    Runtime.getRuntime().addShutdownHook(new Thread(() -> run("stop")));
  }

  private TestDatabase() {}

  public static String url() {
    return "jdbc:mariadb://127.0.0.1:" + PORT + "/craftmap";
  }

  public static String password() {
    try {
      return Files.readString(DIR.resolve("password")).strip();
    } catch (IOException missing) {
      throw new IllegalStateException(missing);
    }
  }

  /** The project's root folder. */
  public static Path home() {
    Path here = Path.of("").toAbsolutePath();
    return Files.exists(here.resolve("bin/start")) ? here : here.getParent();
  }

  private static Path dir() {
    try {
      String given = System.getenv("CRAFTMAP_TEST_DIR");
      // classes that run beside each other share nothing
      String name = "db-" + ProcessHandle.current().pid();
      return given == null
          ? Files.createTempDirectory("craftmap-test").resolve(name)
          : Path.of(given, name);
    } catch (IOException noRoom) {
      throw new IllegalStateException(noRoom);
    }
  }

  private static String run(String command) {
    return run(command, DIR);
  }

  /** Starts or stops a database of its own in a folder; gives its port. */
  static String run(String command, Path dir) {
    try {
      Process process =
          new ProcessBuilder(
                  HOME.resolve("bin/lib/database.sh").toString(), command, dir.toString())
              .redirectError(dir.resolveSibling(dir.getFileName() + ".said").toFile())
              .start();
      String said = new String(process.getInputStream().readAllBytes()).strip();
      if (process.waitFor() != 0) {
        throw new IllegalStateException(
            "database.sh %s failed: %s %s"
                .formatted(
                    command,
                    said,
                    Files.readString(dir.resolveSibling(dir.getFileName() + ".said"))));
      }
      return said;
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }
}
