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
import tools.jackson.databind.node.ObjectNode;

/** Of two people who change one thing, the later is told; nothing of the earlier is lost. */
class LostUpdatesTest extends ServerTest {
  @Test
  void aDesignThatSomebodyElseChangedIsNotWrittenOver() {
    JsonNode before = get("/api/designs/dune-grass").body();
    ObjectNode given = (ObjectNode) before.path("given").deepCopy();
    ObjectNode fresh = json.createObjectNode();
    fresh.set("design", given.put("name", "Changed by two"));
    String path = "/api/designs/" + post("/api/designs", fresh).body().path("id").asString();
    long version = get(path).body().path("version").asLong();
    clashes(
        path,
        version,
        given.deepCopy().put("note", "first"),
        given.deepCopy().put("note", "second"));
    assertThat(get(path).body().at("/given/note").asString()).isEqualTo("first");
  }

  @Test
  void aMediumIsNotWrittenOver() {
    JsonNode given = get("/api/media/bone-white").body().path("given").deepCopy();
    ObjectNode fresh = json.createObjectNode().put("holds", "100");
    fresh.set("medium", ((ObjectNode) given).put("name", "White of two"));
    String id = post("/api/media", fresh).body().path("id").asString();
    String path = "/api/media/" + id;
    JsonNode now = get(path).body();
    assertThat(now.path("given").isObject()).as(now.toString()).isTrue();
    ObjectNode one = (ObjectNode) now.path("given").deepCopy();
    clashes(
        path,
        now.path("version").asLong(),
        one.deepCopy().put("name", "first"),
        one.deepCopy().put("name", "second"));
    assertThat(get(path).body().at("/given/name").asString()).isEqualTo("first");
  }

  @Test
  void aToolIsNotWrittenOver() {
    JsonNode like = get("/api/tools").body().get(0);
    ObjectNode given = json.createObjectNode().put("name", "Brush of two");
    given.set("answers", like.path("answers"));
    Answer added = post("/api/tools", given);
    assertThat(added.status()).as(added.detail()).isLessThan(300);
    JsonNode tool =
        get("/api/tools")
            .body()
            .valueStream()
            .filter(t -> t.path("name").asString().equals("Brush of two"))
            .findFirst()
            .orElseThrow();
    clashes(
        "/api/tools/" + tool.path("id").asString(),
        tool.path("version").asLong(),
        given.deepCopy().put("name", "Brush of the first"),
        given.deepCopy().put("name", "Brush of the second"));
    assertThat(get("/api/tools").body().toString())
        .contains("Brush of the first")
        .doesNotContain("Brush of the second");
  }

  @Test
  void whereAStockStandsIsNotWrittenOver() {
    String path = "/api/holdings/bone-white";
    long version = get(path).body().at("/holding/version").asLong();
    ObjectNode place = json.createObjectNode().put("place", "First shelf");
    clashes(path, version, place, place.deepCopy().put("place", "Second shelf"));
    assertThat(get(path).body().toString()).contains("First shelf").doesNotContain("Second shelf");
  }

  @Test
  void theWordsOfAPhotoAreNotWrittenOver() {
    Answer added = upload("/api/pieces/sea-chest/photos?stage=DURING", SamplePictures.png(40, 30));
    String id = added.body().path("id").asString();
    ObjectNode words = json.createObjectNode().put("caption", "first").put("stage", "DURING");
    clashes(
        "/api/photos/" + id,
        added.body().path("version").asLong(),
        words,
        words.deepCopy().put("caption", "second"));
    assertThat(get("/api/pieces/sea-chest/photos").body().toString())
        .contains("\"first\"")
        .doesNotContain("\"second\"");
    delete("/api/photos/" + id);
  }

  @Test
  void puttingAPieceAwayKeepsASaveThatCameInBetween() throws Exception {
    for (int round = 0; round < 6; round++) {
      JsonNode chest = newChest("Saved and put away " + round);
      String path = "/api/pieces/" + chest.path("id").asString();
      ObjectNode changed = (ObjectNode) chest.path("document").deepCopy();
      changed.put("name", "Saved in between " + round);
      try (ExecutorService two = Executors.newFixedThreadPool(2)) {
        List<Callable<Answer>> both =
            List.of(
                () -> save(chest, changed, "Renamed", null), () -> post(path + "/archive", null));
        List<Answer> answers = new ArrayList<>();
        for (Future<Answer> f : two.invokeAll(both)) {
          answers.add(f.get());
        }
        assertThat(answers.get(1).status()).isEqualTo(200);
        JsonNode now = get(path).body();
        assertThat(now.path("archived").asBoolean()).isTrue();
        if (answers.getFirst().status() == 200) {
          assertThat(now.at("/document/name").asString()).isEqualTo("Saved in between " + round);
        } else {
          assertThat(answers.getFirst().status()).isEqualTo(409);
        }
      }
    }
  }

  /** The first is taken, the second, who has seen the same, is told of the first. */
  private void clashes(String path, long version, JsonNode first, JsonNode second) {
    Answer won = change("PUT", path, first, version);
    assertThat(won.status()).as(won.detail()).isEqualTo(200);
    Answer lost = change("PUT", path, second, version);
    assertThat(lost.status()).as(path).isEqualTo(409);
    assertThat(lost.detail()).hasSizeGreaterThan(15);
    assertThat(lost.body().path("theirs").isObject()).isTrue();
    Answer blind = change("PUT", path, second, null);
    assertThat(blind.status()).as("without a version").isBetween(400, 428);
  }
}
