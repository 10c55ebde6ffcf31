package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
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
    List<String> order = keys(group);
    // to and fro between two places that nothing stands against
    String band = "step:DUST_OFF";
    String above = order.get(order.indexOf(band) + 1);
    String further = order.get(order.indexOf(band) + 2);
    long version = piece.path("version").asLong();
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < WARM_UP + RUNS; i++) {
      ObjectNode move =
          of("MOVE_COAT")
              .put("groupId", group.path("id").asString())
              .put("band", band)
              .put("before", i % 2 == 0 ? further : above)
              .put("note", "to and fro");
      ObjectNode change = json.createObjectNode();
      change
          .putArray("edits")
          .add(move)
          // called something else each time, or what it came to would be known
          .add(
              of("NAME_GROUP")
                  .put("groupId", group.path("id").asString())
                  .put("name", "Front " + i));
      long start = System.nanoTime();
      Answer answer =
          change(
              "POST",
              "/api/pieces/" + piece.path("id").asString() + "/coats/edits",
              change,
              version);
      assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
      assertThat(answer.body().at("/coats/groups")).hasSize(groups.size());
      version = answer.body().path("version").asLong();
      if (i >= WARM_UP) {
        all.add((System.nanoTime() - start) / 1e6);
      }
    }
    all.sort(Double::compare);
    System.out.printf(
        "a dragged band, %d bands in %d groups: findings there %.1f ms, 95 %% %.1f ms%n",
        bands, groups.size(), all.get(RUNS / 2), all.get(RUNS * 95 / 100));
  }

  /** What its groups come to is known: a lay takes as much wherever it lies. */
  @Test
  void aLayOfTheWardrobeIsMoved() {
    JsonNode piece = post("/api/pieces/wardrobe/copy", null).body();
    JsonNode lay =
        piece
            .at("/document/lays")
            .valueStream()
            .filter(l -> l.at("/rule/kind").asString().equals("RUN"))
            .findFirst()
            .orElseThrow();
    long version = piece.path("version").asLong();
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < WARM_UP + RUNS; i++) {
      ObjectNode move = of("MEASURE_LAY").put("layId", lay.path("id").asString());
      move.putObject("measures").put("distance", 47.3 + 0.137 * i);
      ObjectNode change = json.createObjectNode();
      change.putArray("edits").add(move);
      long start = System.nanoTime();
      Answer answer =
          change("POST", "/api/pieces/" + piece.path("id").asString() + "/edits", change, version);
      assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
      version = answer.body().at("/piece/version").asLong();
      if (i >= WARM_UP) {
        all.add((System.nanoTime() - start) / 1e6);
      }
    }
    all.sort(Double::compare);
    System.out.printf(
        "a moved lay, saved and read: %.1f ms, 95 %% %.1f ms%n",
        all.get(RUNS / 2), all.get(RUNS * 95 / 100));
  }

  private JsonNode coats(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString() + "/coats").body();
  }

  private static List<String> keys(JsonNode group) {
    return group.path("bands").valueStream().map(b -> b.path("key").asString()).toList();
  }
}
