package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A studio's backup over HTTP: made, looked at, brought back into the emptied studio. */
class BackupApiTest extends AccountsServerTest {
  private static final byte[] NO_BACKUP = {'P', 'K', 3, 4, 0, 0};

  private byte[] file() {
    Answer made = get("/api/backups/file");
    assertThat(made.status()).as(made.detail()).isEqualTo(200);
    return made.raw().body();
  }

  /** Everything of a studio taken out of the database, as if it had been lost. */
  private void emptied(String studioId) {
    jdbc.execute(
        (java.sql.Connection connection) -> {
          List<String> tables = new ArrayList<>();
          try (var statement = connection.createStatement()) {
            try (var rows =
                statement.executeQuery(
                    "select table_name from information_schema.columns where table_schema ="
                        + " database() and column_name = 'studio_id'"
                        + " and table_name not in ('account', 'membership')")) {
              while (rows.next()) {
                tables.add(rows.getString(1));
              }
            }
            statement.execute("set foreign_key_checks = 0");
            for (String table : tables) {
              statement.execute("delete from " + table + " where studio_id = '" + studioId + "'");
            }
            statement.execute("set foreign_key_checks = 1");
          }
          return null;
        });
  }

  private String studioOf(String signIn) {
    return jdbc.queryForObject(
        "select studio_id from account where sign_in = ?", String.class, signIn);
  }

  @Test
  void whatWasLostIsBroughtBackWithItsHistoryItsStocksAndItsPhotos() {
    first("wren", "Wren");
    as(stranger());
    String studio = studioOf("dune");
    JsonNode chest = newChest("Lost and found");
    String path = "/api/pieces/" + chest.path("id").asString();
    JsonNode renamed =
        edit(chest, of("NAME_PIECE").put("name", "Found again")).body().path("piece");
    String pot = newPot("chalky-paint", "137.3");
    Answer photo = upload(path + "/photos?stage=BEFORE", SamplePictures.png(41, 29));
    String picture = "/api/photos/" + photo.body().path("id").asString() + "/picture";
    byte[] seen = get(picture).raw().body();
    byte[] file = file();

    Answer looked = upload("/api/backups/look", file);
    assertThat(looked.status()).as(looked.detail()).isEqualTo(200);
    assertThat(looked.body().path("studioName").asString()).isEqualTo("Dune Studio");
    assertThat(looked.body().path("pieces").asInt()).isEqualTo(1);
    assertThat(looked.body().path("photos").asInt()).isEqualTo(1);
    assertThat(looked.body().path("ledgerEntries").asInt()).isEqualTo(1);

    Answer full = upload("/api/backups/restore", file);
    assertThat(full.status()).isEqualTo(422);
    assertThat(full.detail()).contains("this studio is not empty");

    emptied(studio);
    assertThat(get("/api/pieces").body()).isEmpty();
    assertThat(get("/api/backups").body().path("empty").asBoolean()).isTrue();
    Answer back = upload("/api/backups/restore", file);
    assertThat(back.status()).as(back.detail()).isEqualTo(200);
    assertThat(get(path).body()).isEqualTo(renamed);
    assertThat(get(path + "/history").body().size()).isEqualTo(2);
    assertThat(level(pot)).isEqualByComparingTo("137.3");
    assertThat(get(picture).raw().body()).isEqualTo(seen);
    // and it goes on from there
    assertThat(edit(renamed, of("NAME_PIECE").put("name", "Gone on")).status()).isEqualTo(200);
    assertThat(newPot("chalky-paint", "11")).isNotEmpty();
  }

  /** A version of before the restore is another plan than the same number after it. */
  @Test
  void whatWasReadBeforeIsNotTakenForWhatIsThereAfterwards() {
    first("wren", "Wren");
    as(stranger());
    JsonNode chest = newChest("Two pasts");
    String path = "/api/pieces/" + chest.path("id").asString();
    byte[] file = file();
    edit(chest, of("NAME_PIECE").put("name", "The first past"));
    assertThat(get(path).body().at("/document/name").asString()).isEqualTo("The first past");
    emptied(studioOf("dune"));
    assertThat(upload("/api/backups/restore", file).status()).isEqualTo(200);
    assertThat(get(path).body().at("/document/name").asString()).isEqualTo("Two pasts");
    edit(chest, of("NAME_PIECE").put("name", "The second past"));
    assertThat(get(path).body().at("/document/name").asString()).isEqualTo("The second past");
  }

  @Test
  void aBackupOfAStudioThatIsHereAlreadyIsNotBroughtBackIntoAnother() {
    String wren = first("wren", "Wren");
    String dune = stranger();
    as(wren);
    byte[] ours = file();
    as(dune);
    Answer refused = upload("/api/backups/restore", ours);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("is of a studio that is in this database already");
    assertThat(get("/api/backups").body().path("empty").asBoolean()).isTrue();
    as(wren);
    assertThat(get("/api/pieces/sea-chest").status()).isEqualTo(200);
  }

  @Test
  void whenBackupsWereMadeAndByWhomIsTold() {
    as(first("wren", "Wren"));
    jdbc.update("delete from backup_made");
    assertThat(get("/api/backups").body().path("made")).isEmpty();
    Answer made = get("/api/backups/file");
    assertThat(made.header("Content-Disposition"))
        .matches("attachment; filename=\"[a-z-]+-[0-9]{8}-[0-9]{4}\\.backup\\.zip\"");
    assertThat(made.header("Content-Type")).isEqualTo("application/zip");
    JsonNode told = get("/api/backups").body().path("made").get(0);
    assertThat(told.path("by").asString()).isEqualTo("Wren");
    assertThat(told.path("bytes").asLong()).isEqualTo(made.raw().body().length);
    assertThat(told.path("entries").asLong()).isGreaterThan(500);
    assertThat(get("/api/backups").body().path("empty").asBoolean()).isFalse();
  }

  @Test
  void whatIsNoBackupIsToldAndNothingIsChanged() {
    Answer refused = upload("/api/backups/look", NO_BACKUP);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail())
        .contains("this file", "is no backup", "a file that Craft Map has made");
    assertThat(upload("/api/backups/restore", new byte[0]).status()).isEqualTo(422);
  }

  /** Whoever adds the first thing while all is brought back loses nothing, nor does the backup. */
  @Test
  void ofWhoeverBringsBackAndWhoeverBeginsAtTheSameTimeNobodyLosesAnything() throws Exception {
    first("wren", "Wren");
    as(stranger());
    String studio = studioOf("dune");
    newChest("Of the backup");
    newPot("chalky-paint", "61.7");
    byte[] file = file();
    for (int round = 0; round < 3; round++) {
      emptied(studio);
      String name = "Begun meanwhile " + round;
      List<Callable<Answer>> both =
          List.of(
              () -> upload("/api/backups/restore", file),
              () -> upload("/api/backups/restore", file),
              () -> post("/api/pieces", json.readTree(begun(name))));
      List<Answer> answers = new ArrayList<>();
      try (ExecutorService all = Executors.newFixedThreadPool(both.size())) {
        for (Future<Answer> answer : all.invokeAll(both)) {
          answers.add(answer.get());
        }
      }
      assertThat(answers).allSatisfy(a -> assertThat(a.status()).as(a.detail()).isLessThan(500));
      List<String> pieces = texts(get("/api/pieces").body(), "name");
      long back = answers.stream().limit(2).filter(a -> a.status() == 200).count();
      assertThat(back).isLessThanOrEqualTo(1);
      if (back == 1) {
        assertThat(pieces).contains("Of the backup");
      }
      if (answers.getLast().status() == 201) {
        assertThat(pieces).contains(name);
      }
    }
  }

  private static String begun(String name) {
    return """
        {"name": "%s", "form": {"kind": "CHEST", "measures": {"width": 871.3}, "choices": {}}}
        """
        .formatted(name);
  }
}
