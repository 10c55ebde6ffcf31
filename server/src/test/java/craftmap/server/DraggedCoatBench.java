package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How soon after the drop of a band its findings are there: the edit is saved, claims are settled
 * anew, and the coats of the whole piece with their findings are answered. Run it with {@code mvn
 * -Pbench -pl core,web,server -am test}; the figures go into docs/benchmarks.md by hand.
 */
@Tag("bench")
class DraggedCoatBench extends ServerTest {
  private static final int WARM_UP = 60;
  private static final int RUNS = 200;

  @Test
  void aBandOfTheWardrobeIsDraggedUpAndDown() {
    JsonNode piece = post("/api/pieces/wardrobe/copy", null).body();
    JsonNode groups = coats(piece).path("groups");
    int bands = groups.valueStream().mapToInt(g -> g.path("bands").size()).sum();
    JsonNode group =
        groups.valueStream().filter(g -> keys(g).contains("step:CLEAN")).findFirst().orElseThrow();
    String id = group.path("id").asString();
    List<String> order = keys(group);
    // to and fro between two places that nothing stands against
    String band = "step:DUST_OFF";
    String above = order.get(order.indexOf(band) + 1);
    String further = order.get(order.indexOf(band) + 2);
    measure(
        "a dragged band, %d bands in %d groups, findings there".formatted(bands, groups.size()),
        piece,
        "/coats/edits",
        answer -> assertThat(answer.at("/coats/groups")).hasSize(groups.size()),
        i ->
            List.of(
                of("MOVE_COAT")
                    .put("groupId", id)
                    .put("band", band)
                    .put("before", i % 2 == 0 ? further : above)
                    .put("note", "to and fro"),
                // called something else each time, or what it came to would be known
                of("NAME_GROUP").put("groupId", id).put("name", "Front " + i)));
  }

  /** What its groups come to is known: a lay takes as much wherever it lies. */
  @Test
  void aLayOfTheWardrobeIsMoved() {
    JsonNode piece = post("/api/pieces/wardrobe/copy", null).body();
    String layId =
        piece
            .at("/document/lays")
            .valueStream()
            .filter(l -> l.at("/rule/kind").asString().equals("RUN"))
            .findFirst()
            .orElseThrow()
            .path("id")
            .asString();
    measure(
        "a moved lay, saved and read",
        piece,
        "/edits",
        answer -> assertThat(answer.at("/piece/document/lays")).isNotEmpty(),
        i -> {
          ObjectNode move = of("MEASURE_LAY").put("layId", layId);
          move.putObject("measures").put("distance", 47.3 + 0.137 * i);
          return List.of(move);
        });
  }

  /** How long edits take of which each is made on what the one before came to. */
  private void measure(
      String what,
      JsonNode piece,
      String door,
      Consumer<JsonNode> answered,
      IntFunction<List<ObjectNode>> edits) {
    String address = "/api/pieces/" + piece.path("id").asString() + door;
    long version = piece.path("version").asLong();
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < WARM_UP + RUNS; i++) {
      ObjectNode change = json.createObjectNode();
      edits.apply(i).forEach(change.putArray("edits")::add);
      long start = System.nanoTime();
      Answer answer = change("POST", address, change, version);
      assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
      JsonNode made = answer.body();
      answered.accept(made);
      version = (made.has("version") ? made : made.path("piece")).path("version").asLong();
      if (i >= WARM_UP) {
        all.add((System.nanoTime() - start) / 1e6);
      }
    }
    all.sort(Double::compare);
    System.out.printf(
        "%s: %.1f ms, 95 %% %.1f ms%n", what, all.get(RUNS / 2), all.get(RUNS * 95 / 100));
  }

  private JsonNode coats(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString() + "/coats").body();
  }

  private static List<String> keys(JsonNode group) {
    return group.path("bands").valueStream().map(b -> b.path("key").asString()).toList();
  }
}
