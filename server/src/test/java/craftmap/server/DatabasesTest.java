package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Two databases of one machine leave each other alone. */
@Tag("database")
class DatabasesTest {
  @Test
  void oneThatStartsTakesNothingFromOneThatRuns(@TempDir Path folder) throws Exception {
    Path running = folder.resolve("running");
    Path starting = folder.resolve("a folder with spaces");
    String port = TestDatabase.run("start", running);
    try (Connection connection =
            DriverManager.getConnection(
                "jdbc:mariadb://127.0.0.1:" + port + "/craftmap",
                "craftmap",
                Files.readString(running.resolve("password")).strip());
        Statement statement = connection.createStatement()) {
      statement.execute("create temporary table sorted (name varchar(400)) engine = aria");
      statement.execute("insert into sorted values ('Reeds'), ('Gulls')");

      TestDatabase.run("start", starting);

      // altering a table opens its file once more, as many a query does with what it sorts on disk
      statement.execute("alter table sorted add place int");
      statement.execute("drop temporary table sorted");
      assertThat((Exception) statement.getWarnings()).isNull();
    } finally {
      TestDatabase.run("stop", starting);
      TestDatabase.run("stop", running);
    }
  }
}
