package craftmap.server.database;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.ServerTest;
import craftmap.server.TestDatabase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What several nodes that keep the same data need of it, whatever is added later. */
class ReplicatedTest extends ServerTest {
  @Autowired private JdbcTemplate jdbc;

  private List<String> tables(String like) {
    return jdbc.queryForList(
        "select t.table_name from information_schema.tables t where t.table_schema = database() and "
            + like,
        String.class);
  }

  /** A change is told to the other nodes by the keys of its rows. */
  @Test
  void theRowsOfEveryTableAreToldApartByAPrimaryKey() {
    assertThat(tables("t.table_type = 'BASE TABLE'")).hasSizeGreaterThan(40);
    assertThat(
            tables(
                """
                t.table_type = 'BASE TABLE' and not exists (
                  select 1 from information_schema.table_constraints c
                  where c.table_schema = t.table_schema and c.table_name = t.table_name
                    and c.constraint_type = 'PRIMARY KEY')
                """))
        .isEmpty();
  }

  /** Only these are kept the same on all nodes. */
  @Test
  void everyTableIsOfTheKindThatIsReplicated() {
    assertThat(tables("t.table_type = 'BASE TABLE' and t.engine <> 'InnoDB'")).isEmpty();
  }

  /** A sequence has to let each node count for itself; what a trigger does is done twice. */
  @Test
  void nothingIsCountedOrDoneThatNodesWouldHaveToAgreeOn() {
    assertThat(tables("t.table_type = 'SEQUENCE'"))
        .allSatisfy(
            s ->
                assertThat(jdbc.queryForObject("select increment from " + s, Long.class))
                    .as(s)
                    .isZero());
    assertThat(
            jdbc.queryForList(
                "select trigger_name from information_schema.triggers where trigger_schema = database()",
                String.class))
        .isEmpty();
  }

  /** Such a lock holds on one node alone. */
  @Test
  void nobodyReliesOnALockThatOtherNodesDoNotKnow() throws IOException {
    Path sources = TestDatabase.home().resolve("server/src/main");
    try (Stream<Path> files = Files.walk(sources)) {
      assertThat(
              files
                  .filter(f -> f.toString().matches(".*\\.(java|sql)"))
                  .filter(ReplicatedTest::locksByName)
                  .map(f -> sources.relativize(f).toString()))
          .isEmpty();
    }
  }

  private static boolean locksByName(Path file) {
    try {
      return Files.readString(file)
          .toLowerCase(Locale.ROOT)
          .matches("(?s).*(get_lock\\s*\\(|lock tables).*");
    } catch (IOException broken) {
      throw new IllegalStateException(broken);
    }
  }
}
