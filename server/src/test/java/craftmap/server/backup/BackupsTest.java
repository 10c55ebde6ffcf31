package craftmap.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import craftmap.server.AccountsServerTest;
import craftmap.server.TestDatabase;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Backups of the demo, brought back into empty schemas beside it. */
class BackupsTest extends AccountsServerTest {
  private static final String STUDIO = "studio";

  @TempDir private Path folder;
  private final List<String> schemas = new ArrayList<>();

  private Backups backups() {
    return new Backups(TestDatabase.url(), "craftmap", TestDatabase.password(), Clock.systemUTC());
  }

  /** A schema with the tables as they are now, and nothing in them. */
  private String emptySchema() {
    String name = "craftmap_restore_t" + UUID.randomUUID().toString().substring(0, 8);
    jdbc.execute("create database " + name + " character set utf8mb4 collate utf8mb4_unicode_ci");
    schemas.add(name);
    Flyway.configure()
        .dataSource(urlOf(name), "craftmap", TestDatabase.password())
        .load()
        .migrate();
    return name;
  }

  private static String urlOf(String schema) {
    return TestDatabase.url().replaceFirst("/craftmap$", "/" + schema);
  }

  private Backups in(String schema) {
    return new Backups(urlOf(schema), "craftmap", TestDatabase.password(), Clock.systemUTC());
  }

  @AfterEach
  void noSchemaIsLeft() {
    schemas.forEach(name -> jdbc.execute("drop database if exists " + name));
    assertThat(
            jdbc.queryForList(
                "select schema_name from information_schema.schemata"
                    + " where schema_name like 'craftmap\\_restore\\_%'",
                String.class))
        .isEmpty();
  }

  private Path made() throws Exception {
    Path file = folder.resolve(UUID.randomUUID() + ".zip");
    backups().make(STUDIO, file);
    return file;
  }

  private static Map<String, String> hashes(Manifest manifest) {
    return manifest.tables().stream()
        .collect(Collectors.toMap(Manifest.TableHeld::name, t -> t.rows() + " " + t.sha256()));
  }

  // ---- there and back

  @Test
  void whatIsBroughtBackIsTheSameToTheByte() throws Exception {
    Path file = folder.resolve("all.zip");
    Manifest written = backups().make(STUDIO, file);
    for (String table : List.of("piece", "plan_entry", "artwork", "photo", "ledger_entry")) {
      assertThat(written.rowsOf(table))
          .as(table)
          .isEqualTo(
              jdbc.queryForObject(
                  "select count(*) from " + table + " where studio_id = 'studio'", Long.class))
          .isPositive();
    }
    String schema = emptySchema();
    in(schema).bringBack(STUDIO, file);
    Manifest again = in(schema).make(STUDIO, folder.resolve("again.zip"));
    assertThat(hashes(again)).isEqualTo(hashes(written));
    assertThat(again.levels()).isEqualTo(written.levels()).isNotEmpty();
    assertThat(again.studioName()).isEqualTo(written.studioName());
    // what is added later gets a number of its own on its label
    assertThat(
            jdbc.queryForObject("select next value for " + schema + ".holding_number", Long.class))
        .isGreaterThan(
            jdbc.queryForObject("select max(number) from " + schema + ".holding", Long.class));
    // and by the database's own sums, for what is of one studio
    for (String table : List.of("bench", "studio_money", "cut_piece", "lay_use", "observed")) {
      assertThat(checksum(schema, table)).as(table).isEqualTo(checksum("craftmap", table));
    }
  }

  private Long checksum(String schema, String table) {
    Set<String> others =
        new HashSet<>(
            jdbc.queryForList("select distinct studio_id from craftmap." + table, String.class));
    others.remove(STUDIO);
    return others.isEmpty()
        ? jdbc.queryForObject("checksum table " + schema + "." + table, (row, i) -> row.getLong(2))
        : null;
  }

  /** Nothing is forgotten by a later change of the database. */
  @Test
  void everyTableIsKeptOrLeftOutForAReason() throws Exception {
    Manifest manifest = backups().make(STUDIO, folder.resolve("tables.zip"));
    Set<String> kept =
        manifest.tables().stream().map(Manifest.TableHeld::name).collect(Collectors.toSet());
    Set<String> all =
        new HashSet<>(
            jdbc.queryForList(
                "select table_name from information_schema.tables where table_schema = 'craftmap'",
                String.class));
    all.removeAll(kept);
    assertThat(all)
        .containsExactlyInAnyOrder(
            // of this machine and this moment
            "changed",
            "device",
            "pairing",
            "presence",
            "job",
            // would let somebody in once more
            "invitation",
            "backup_made",
            // goes on after the numbers that are kept
            "holding_number",
            "SPRING_SESSION",
            "SPRING_SESSION_ATTRIBUTES",
            "sign_in_failure",
            // how far the database was brought; a file says it by itself
            "flyway_schema_history");
  }

  @Test
  void aBackupIsOfOneMomentHoweverManyAreBooking() throws Exception {
    String pot = newPot("chalky-paint", "4000");
    List<Thread> writers = new ArrayList<>();
    var over = new java.util.concurrent.atomic.AtomicBoolean();
    for (int w = 0; w < 4; w++) {
      int level = 1000 + 137 * w;
      writers.add(
          Thread.ofVirtual()
              .start(
                  () -> {
                    for (int i = 0; !over.get(); i++) {
                      post(
                          "/api/holdings/" + pot + "/level",
                          Map.of(
                              "how", "LEVEL", "figure", "" + (level + i % 900), "note", "poured"));
                    }
                  }));
    }
    try {
      for (int i = 0; i < 3; i++) {
        Path file = made();
        try (BackupReader read = new BackupReader(file)) {
          // what rows say and what entries come to, of the same moment
          Map<String, String> rows = new LinkedHashMap<>();
          read.rows(
              read.manifest().tables().stream()
                  .filter(t -> t.name().equals("holding"))
                  .findFirst()
                  .orElseThrow(),
              row -> rows.put(row.path("id").asString(), row.path("level").asString()));
          for (Manifest.LevelHeld held : read.manifest().levels()) {
            assertThat(new java.math.BigDecimal(rows.get(held.holding())))
                .as(held.holding())
                .isEqualByComparingTo(held.level());
          }
        }
      }
    } finally {
      over.set(true);
      for (Thread writer : writers) {
        writer.join();
      }
    }
  }

  /** Tables that version 21 did not have yet. */
  private static final Set<String> SINCE_THEN = Set.of("plan_move", "sighting");

  /** What tables that it had have been given since. */
  private static final Map<String, Set<String>> ASKED_SINCE =
      Map.of("studio", Set.of("lift_habit"), "piece", Set.of("restored_at", "practice"));

  /** As an older version would have written it: its rows know less. */
  @Test
  void aFileOfAnOlderVersionIsBroughtUpToDate() throws Exception {
    Path file = made();
    Path older =
        with(
            file,
            Manifest.ENTRY,
            text -> {
              ObjectNode manifest = (ObjectNode) json.readTree(text);
              manifest.put("schema", "21");
              manifest
                  .withArray("tables")
                  .values()
                  .removeIf(t -> SINCE_THEN.contains(t.path("name").asString()));
              return manifest.toString();
            });
    for (var asked : ASKED_SINCE.entrySet()) {
      older = withTable(older, asked.getKey(), rows -> without(rows, asked.getValue()));
    }
    String schema = emptySchema();
    in(schema).bringBack(STUDIO, older);
    Path again = folder.resolve("again.zip");
    in(schema).make(STUDIO, again);
    assertThat(knownThen(again)).isEqualTo(knownThen(file));
    // and what nobody could say then is as it is where nobody said anything
    assertThat(
            jdbc.queryForList(
                "select practice from " + schema + ".piece where studio_id = ?",
                Boolean.class,
                STUDIO))
        .isNotEmpty()
        .containsOnly(false);
    assertThat(
            jdbc.queryForList(
                "select lift_habit from " + schema + ".studio where id = ?", String.class, STUDIO))
        .containsExactly((String) null);
  }

  private String without(String rows, Set<String> columns) {
    return rows.lines()
        .map(row -> ((ObjectNode) json.readTree(row)).remove(columns) + "\n")
        .collect(Collectors.joining());
  }

  /** The rows of a file by their tables, as far as version 21 knew them. */
  private Map<String, List<String>> knownThen(Path file) throws Exception {
    Map<String, List<String>> known = new LinkedHashMap<>();
    try (BackupReader read = new BackupReader(file)) {
      for (Manifest.TableHeld table : read.manifest().tables()) {
        if (!SINCE_THEN.contains(table.name())) {
          List<String> rows = known.computeIfAbsent(table.name(), name -> new ArrayList<>());
          Set<String> since = ASKED_SINCE.getOrDefault(table.name(), Set.of());
          read.rows(table, row -> rows.add(((ObjectNode) row).remove(since).toString()));
        }
      }
    }
    return known;
  }

  // ---- not brought back

  /** The same file with one of its entries otherwise. */
  private Path with(Path file, String entry, UnaryOperator<String> change) throws IOException {
    Path other = folder.resolve(UUID.randomUUID() + ".zip");
    try (ZipFile from = new ZipFile(file.toFile());
        OutputStream out = Files.newOutputStream(other);
        ZipOutputStream zip = new ZipOutputStream(out)) {
      for (ZipEntry e : java.util.Collections.list(from.entries())) {
        zip.putNextEntry(new ZipEntry(e.getName()));
        try (InputStream in = from.getInputStream(e)) {
          if (e.getName().equals(entry)) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            zip.write(change.apply(text).getBytes(StandardCharsets.UTF_8));
          } else {
            in.transferTo(zip);
          }
        }
        zip.closeEntry();
      }
    }
    return other;
  }

  private String refused(Path file) throws SQLException, IOException {
    String schema = schemas.isEmpty() ? emptySchema() : schemas.getFirst();
    NotABackup not =
        catchThrowableOfType(NotABackup.class, () -> in(schema).bringBack(STUDIO, file));
    assertThat(not).as("it was brought back").isNotNull();
    assertThat(in(schema).isEmpty(STUDIO)).isTrue();
    assertThat(jdbc.queryForObject("select count(*) from " + schema + ".studio", Long.class))
        .isZero();
    return not.why().code();
  }

  @Test
  void whatIsNotAsItWasWrittenIsNotBroughtBack() throws Exception {
    Path file = made();
    assertThat(refused(with(file, "tables/medium.jsonl", t -> t.substring(0, t.length() / 2))))
        .isEqualTo("backup-is-damaged");
    assertThat(refused(with(file, "tables/piece.jsonl", t -> t.replaceFirst("\n", "\n\n"))))
        .isEqualTo("backup-is-damaged");
    assertThat(
            refused(with(file, "tables/plan_entry.jsonl", t -> t.replaceFirst("width", "wadth"))))
        .isEqualTo("backup-is-damaged");
    assertThat(
            refused(
                with(
                    file, Manifest.ENTRY, t -> t.replaceFirst("(\"level\" : \")([0-9])", "$19$2"))))
        .isEqualTo("backup-has-another-level");
  }

  /** Its sums are right, since whoever changed it has written them anew; its rows do not fit. */
  @Test
  void rowsThatReferToNothingAreNotBroughtBack() throws Exception {
    Path file = made();
    Path other =
        withTable(
            file,
            "ledger_entry",
            lines -> lines.replace("\"holding_id\":\"bone-white\"", "\"holding_id\":\"nothing\""));
    // the levels as the changed rows have them
    Path written = with(other, Manifest.ENTRY, t -> t.replace("\"bone-white\"", "\"nothing\""));
    assertThat(refused(written)).isEqualTo("backup-is-damaged");
    Path two = withTable(file, "studio", lines -> lines + lines.replace("\"studio\"", "\"two\""));
    assertThat(refused(two)).isEqualTo("backup-is-damaged");
  }

  /** A table otherwise, and the manifest with it. */
  private Path withTable(Path file, String table, UnaryOperator<String> change) throws IOException {
    String[] lines = {""};
    Path other =
        with(
            file,
            "tables/" + table + ".jsonl",
            t -> {
              lines[0] = change.apply(t);
              return lines[0];
            });
    byte[] hash = BackupReader.sha256().digest(lines[0].getBytes(StandardCharsets.UTF_8));
    return with(
        other,
        Manifest.ENTRY,
        t -> {
          ObjectNode manifest = (ObjectNode) json.readTree(t);
          for (JsonNode held : manifest.path("tables")) {
            if (held.path("name").asString().equals(table)) {
              ((ObjectNode) held)
                  .put("rows", lines[0].lines().count())
                  .put("sha256", java.util.HexFormat.of().formatHex(hash));
            }
          }
          return manifest.toString();
        });
  }

  @Test
  void filesOfLaterVersionsAndOtherFilesAreTold() throws Exception {
    Path file = made();
    assertThat(
            refused(
                with(
                    file, Manifest.ENTRY, t -> t.replaceFirst("\"format\" : 1", "\"format\" : 2"))))
        .isEqualTo("backup-of-a-later-version");
    assertThat(
            refused(
                with(
                    file,
                    Manifest.ENTRY,
                    t -> t.replaceFirst("\"schema\" : \"[0-9]+\"", "\"schema\" : \"9000\""))))
        .isEqualTo("backup-of-a-later-version");
    assertThat(refused(with(file, Manifest.ENTRY, t -> "{}"))).isEqualTo("is-no-backup");
    assertThat(refused(with(file, Manifest.ENTRY, t -> "["))).isEqualTo("is-no-backup");
    Path text = Files.writeString(folder.resolve("text.zip"), "a letter");
    assertThat(refused(text)).isEqualTo("is-no-backup");
    Path nothing = Files.createFile(folder.resolve("nothing.zip"));
    assertThat(refused(nothing)).isEqualTo("is-no-backup");
  }

  @Test
  void aStudioThatIsNotEmptyStaysAsItIs() throws Exception {
    Path file = made();
    Map<String, String> before = hashes(backups().make(STUDIO, folder.resolve("b.zip")));
    NotABackup not =
        catchThrowableOfType(NotABackup.class, () -> backups().bringBack(STUDIO, file));
    assertThat(not.why().code()).isEqualTo("studio-is-not-empty");
    assertThat(hashes(backups().make(STUDIO, folder.resolve("c.zip")))).isEqualTo(before);
  }

  @Test
  void ofManyWhoBringItBackAtOnceOneDoes() throws Exception {
    Path file = made();
    String schema = emptySchema();
    List<String> said = java.util.Collections.synchronizedList(new ArrayList<>());
    List<Thread> all = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      all.add(
          Thread.ofPlatform()
              .start(
                  () -> {
                    try {
                      in(schema).bringBack(STUDIO, file);
                      said.add("done");
                    } catch (NotABackup not) {
                      said.add(not.why().code());
                    } catch (IOException | SQLException failed) {
                      said.add(failed.toString());
                    }
                  }));
    }
    for (Thread one : all) {
      one.join();
    }
    assertThat(said).containsOnlyOnce("done");
    assertThat(said.stream().filter(s -> !s.equals("done"))).containsOnly("studio-is-not-empty");
    assertThat(hashes(in(schema).make(STUDIO, folder.resolve("one.zip"))))
        .isEqualTo(hashes(backups().check(file)));
  }

  // ---- at the machine

  private Process command(String schema, String... given) throws IOException {
    List<String> run =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                BackupCommand.class.getName()));
    run.addAll(List.of(given));
    ProcessBuilder process = new ProcessBuilder(run).redirectErrorStream(true);
    process.environment().put("CRAFTMAP_DB_URL", urlOf(schema));
    process.environment().put("CRAFTMAP_DB_USER", "craftmap");
    process.environment().put("CRAFTMAP_DB_PASSWORD", TestDatabase.password());
    return process.start();
  }

  private static String output(Process process) throws Exception {
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    process.getInputStream().transferTo(all);
    process.waitFor();
    return all.toString(StandardCharsets.UTF_8);
  }

  /** Killed at some moment of it, it has brought back all or nothing; then it does it. */
  @ParameterizedTest
  @ValueSource(longs = {1_300, 3_700})
  void whoeverIsKilledInTheMiddleHasBroughtBackAllOrNothing(long afterMs) throws Exception {
    Path file = made();
    String schema = emptySchema();
    Process killed = command(schema, "restore", file.toString());
    killed.waitFor(afterMs, TimeUnit.MILLISECONDS);
    killed.destroyForcibly().waitFor();
    if (in(schema).isEmpty(STUDIO)) {
      Process again = command(schema, "restore", file.toString());
      assertThat(output(again)).contains("brought back");
    }
    assertThat(hashes(in(schema).make(STUDIO, folder.resolve("killed.zip"))))
        .isEqualTo(hashes(backups().check(file)));
    // what the killed one left beside it is taken away by a later one, once it is old
    jdbc.queryForList(
            "select schema_name from information_schema.schemata where schema_name like ?",
            String.class,
            schema + "\\_restore\\_%")
        .forEach(schemas::add);
  }

  @Test
  void theCommandsSayWhatTheyDidAndWhyNot() throws Exception {
    Path file = folder.resolve("by command.zip");
    Process backup = command("craftmap", "backup", file.toString());
    assertThat(output(backup)).contains("read back and counted", "pieces", "photos");
    assertThat(backup.exitValue()).isZero();
    Process into = command("craftmap", "restore", file.toString());
    assertThat(output(into))
        .contains(
            "by command.zip cannot be brought back: this studio is not empty",
            "Nothing was changed");
    assertThat(into.exitValue()).isEqualTo(1);
    Process nowhere = command("craftmap", "backup", folder.resolve("none/at all.zip").toString());
    assertThat(output(nowhere)).contains("Craft Map: ");
    assertThat(nowhere.exitValue()).isEqualTo(1);
    try (var left = Files.list(folder)) {
      assertThat(left.map(p -> p.getFileName().toString())).noneMatch(n -> n.endsWith(".part"));
    }
  }
}
