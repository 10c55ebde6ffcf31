package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The schools a studio follows: new pieces do, and what another would change is what it does. */
class HabitsApiTest extends OrderServerTest {
  private static final Map<String, String> OTHERS =
      Map.of(
          "primer", "ALWAYS",
          "seal", "WAX",
          "darkWax", "OVER_A_SEALED_COAT",
          "relief", "AFTER_PAINT");

  private ObjectNode usual() {
    return habits("WHERE_NEEDED", "TOP_COAT");
  }

  private ObjectNode habits(String primer, String seal) {
    return json.createObjectNode()
        .put("primer", primer)
        .put("seal", seal)
        .put("darkWax", "OVER_CLEAR_WAX")
        .put("relief", "BEFORE_PAINT");
  }

  private JsonNode follow(ObjectNode habits) {
    Answer answer = change("PUT", "/api/habits", habits, null);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  @AfterEach
  void asIsUsual() {
    follow(usual());
  }

  private static JsonNode way(JsonNode habits, String matter, String way) {
    return habits
        .path("ways")
        .valueStream()
        .filter(w -> w.path("matter").asString().equals(matter))
        .filter(w -> w.path("way").asString().equals(way))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void newPiecesFollowThemAndThoseThereAreKeepTheirOwn() {
    JsonNode before = board("Before the change", 713.3);
    JsonNode told = follow(habits("ALWAYS", "WAX"));
    assertThat(told.at("/habits/primer").asString()).isEqualTo("ALWAYS");
    assertThat(get("/api/habits").body().path("habits")).isEqualTo(told.path("habits"));
    JsonNode after = board("After the change", 713.3);
    assertThat(get(path(after) + "/coats").body().at("/habits/primer").asString())
        .isEqualTo("ALWAYS");
    assertThat(get(path(after) + "/coats").body().at("/habits/seal").asString()).isEqualTo("WAX");
    assertThat(get(path(before) + "/coats").body().at("/habits/primer").asString())
        .isEqualTo("WHERE_NEEDED");
  }

  /** Every piece follows one of the two ways of a matter; what follows all changes nothing. */
  @Test
  void everyPieceIsCountedOnce() {
    painted("Counted", 811.9);
    JsonNode told = get("/api/habits").body();
    Map<String, Integer> follow = new HashMap<>();
    told.path("ways")
        .forEach(
            w -> follow.merge(w.path("matter").asString(), w.path("follow").asInt(), Integer::sum));
    assertThat(follow).hasSize(4);
    for (JsonNode w : told.path("ways")) {
      int pieces = w.path("pieces").asInt();
      assertThat(follow).containsEntry(w.path("matter").asString(), pieces);
      assertThat(w.path("text").asString().isEmpty()).isEqualTo(w.path("follow").asInt() == pieces);
    }
  }

  /** A primer everywhere is more paint and more work on a piece that needs none. */
  @Test
  void whatAnotherWayWouldChangeIsWhatItChangesOnThePiece() {
    JsonNode piece = painted("Primed or not", 655.1);
    long bands = bands(piece);
    assertThat(way(get("/api/habits").body(), "primer", "ALWAYS").path("text").asString())
        .contains("more work", "more");
    ObjectNode choose = of("CHOOSE_HABITS");
    choose.set("habits", habits("ALWAYS", "TOP_COAT"));
    piece = edited(piece, choose);
    assertThat(bands(piece)).isGreaterThan(bands);
  }

  private long bands(JsonNode piece) {
    return get(path(piece) + "/coats")
        .body()
        .path("groups")
        .valueStream()
        .mapToLong(g -> g.path("bands").size())
        .sum();
  }

  @Test
  void whatIsNoWayIsRefusedAndNothingChanges() {
    for (Map.Entry<String, String> other : OTHERS.entrySet()) {
      ObjectNode wrong = usual().put(other.getKey(), "AS_IT_COMES");
      Answer answer = change("PUT", "/api/habits", wrong, null);
      assertThat(answer.status()).as(answer.body().toString()).isEqualTo(400);
      assertThat(answer.detail()).contains(other.getKey(), "AS_IT_COMES", other.getValue());
    }
    assertThat(get("/api/habits").body().path("habits")).isEqualTo(usual());
  }
}
