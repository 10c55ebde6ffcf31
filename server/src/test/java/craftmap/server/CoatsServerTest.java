package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import org.junit.jupiter.api.AfterEach;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A board with its coats, and the words to talk about them. */
abstract class CoatsServerTest extends ServerTest {
  private static final List<String> PREPARED_WITH =
      List.of("wash-bottle", "filler-tin", "stain-blocker", "furniture-varnish");

  private boolean plenty;

  final JsonNode board(String name, double mm) {
    JsonNode piece =
        newPiece(name, "SINGLE_FACE", Map.of("width", mm, "height", mm * 0.617 + 13.3));
    return edited(
        piece,
        face("CHANGE_MAKE_UP", piece).put("makeUp", "BOARD"),
        face("CHANGE_FINISH", piece).put("finish", "BARE"));
  }

  /**
   * Boards of any number can be washed, filled and sealed: what is short is what a test is about.
   * It is gone again after the test, which shares the shelf with others.
   */
  final void plentyToPrepareWith() {
    book("BOUGHT");
    plenty = true;
  }

  @AfterEach
  final void asMuchAsBefore() {
    if (plenty) {
      book("SPILLED");
    }
  }

  private void book(String kind) {
    for (String pot : PREPARED_WITH) {
      Answer booked =
          post("/api/holdings/" + pot + "/entries", Map.of("kind", kind, "quantity", "90000"));
      assertThat(booked.status()).as(booked.detail()).isLessThan(300);
    }
  }

  static String faceId(JsonNode piece) {
    return piece.at("/reading/faces/0/id").asString();
  }

  final ObjectNode face(String kind, JsonNode piece) {
    return of(kind).put("faceId", faceId(piece));
  }

  final JsonNode edited(JsonNode piece, ObjectNode... edits) {
    Answer done = edit(piece, edits);
    assertThat(done.status()).as(done.detail()).isEqualTo(200);
    return done.body().path("piece");
  }

  final JsonNode coats(JsonNode piece) {
    Answer read = get("/api/pieces/" + piece.path("id").asString() + "/coats");
    assertThat(read.status()).as(read.detail()).isEqualTo(200);
    return read.body();
  }

  final JsonNode group(JsonNode piece) {
    return coats(piece).at("/groups/0");
  }

  final ObjectNode inGroup(String kind, JsonNode piece) {
    return of(kind).put("groupId", group(piece).path("id").asString());
  }

  final ObjectNode from(ObjectNode edit, String potId) {
    edit.putObject("product").put("potId", potId);
    return edit;
  }

  static JsonNode band(JsonNode group, String key) {
    return group
        .path("bands")
        .valueStream()
        .filter(b -> b.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no band " + key + " in " + group.path("bands")));
  }

  static List<String> keys(JsonNode group) {
    return group.path("bands").valueStream().map(b -> b.path("key").asString()).toList();
  }

  static List<String> rules(JsonNode group) {
    return group
        .path("findings")
        .valueStream()
        .filter(f -> !f.has("note"))
        .map(f -> f.path("rule").asString())
        .toList();
  }

  final String paint(String generic, String colour, Double hides, String ml) {
    ObjectNode pot = json.createObjectNode().put("holds", "5000").put("level", ml);
    ObjectNode medium = pot.putObject("medium").put("name", "Paint " + colour);
    medium.put("generic", generic).putArray("packs");
    ObjectNode label = medium.putObject("label");
    ObjectNode numbers = label.putObject("numbers");
    if (hides != null) {
      numbers.put("oneCoatHides", hides * 100);
    }
    label.putObject("choices").put("colour", colour);
    return post("/api/media", pot).body().at("/pots/0/id").asString();
  }

  static List<Answer> atOnce(int writers, IntFunction<Answer> write) throws Exception {
    CyclicBarrier begin = new CyclicBarrier(writers);
    try (ExecutorService all = Executors.newFixedThreadPool(writers)) {
      List<Future<Answer>> asked = new ArrayList<>();
      for (int i = 0; i < writers; i++) {
        int writer = i;
        asked.add(
            all.submit(
                () -> {
                  begin.await();
                  return write.apply(writer);
                }));
      }
      List<Answer> told = new ArrayList<>();
      for (Future<Answer> answer : asked) {
        told.add(answer.get());
      }
      return told;
    }
  }

  final JsonNode get(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString()).body();
  }

  final ObjectNode withProduct(ObjectNode edit, String generic) {
    edit.putObject("product").put("generic", generic);
    return edit;
  }
}
