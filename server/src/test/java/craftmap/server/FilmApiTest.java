package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Film and vinyl are cut off rolls of the shelf by their length, and counted. */
class FilmApiTest extends ServerTest {
  private JsonNode words(String text) {
    JsonNode box = newChest("Words on film");
    Answer laid =
        edit(
            box,
            of("LAY_WORDS").put("id", "w").put("faceId", "front").put("text", text),
            measured("size", 183.7),
            of("CUT_FROM").put("layId", "w").put("rollId", "stencil-film"));
    assertThat(laid.status()).as(laid.detail()).isEqualTo(200);
    return laid.body().path("piece");
  }

  private ObjectNode measured(String key, double value) {
    ObjectNode edit = of("MEASURE_LAY").put("layId", "w");
    edit.putObject("measures").put(key, value);
    edit.putObject("choices");
    return edit;
  }

  private JsonNode film(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString() + "/gather")
        .body()
        .path("designs")
        .valueStream()
        .filter(d -> d.path("designId").asString().equals("stencil-film"))
        .findFirst()
        .orElseThrow();
  }

  private double rollLevel() {
    return get("/api/designs/stencil-film").body().at("/holdings/0/holding/level").asDouble();
  }

  @Test
  void lettersAreCutOffTheRollAndCounted() {
    JsonNode piece = words("Reed");
    JsonNode need = film(piece);
    assertThat(need.path("enough").asBoolean()).as(need.toString()).isTrue();
    assertThat(need.at("/uses/0/layId").asString()).isEqualTo("w");
    JsonNode gathered = get("/api/pieces/" + piece.path("id").asString() + "/gather").body();
    assertThat(gathered.path("unrolled")).isEmpty();
    // what is kept for it, no other piece counts on
    double before = rollLevel();
    assertThat(before).isPositive();
    JsonNode claim = get("/api/designs/stencil-film").body().at("/holdings/0");
    assertThat(claim.toString()).contains("Words on film");
    assertThat(rollLevel()).as("keeping takes nothing").isCloseTo(before, within(1e-9));
  }

  @Test
  void whereTheRollIsTooShortItIsTold() {
    double level = rollLevel();
    String holding =
        get("/api/designs/stencil-film").body().at("/holdings/0/holding/id").asString();
    JsonNode piece = words("Short of film");
    ObjectNode spoiled =
        json.createObjectNode().put("kind", "SPOILED").put("quantity", (level - 1) + " mm");
    assertThat(post("/api/holdings/" + holding + "/entries", spoiled).status()).isEqualTo(200);
    JsonNode need = film(piece);
    assertThat(need.path("enough").asBoolean()).as(need.toString()).isFalse();
    assertThat(
            get("/api/pieces/" + piece.path("id").asString() + "/gather")
                .body()
                .path("complete")
                .asBoolean())
        .isFalse();
    ObjectNode back =
        json.createObjectNode().put("kind", "BOUGHT").put("quantity", (level - 1) + " mm");
    assertThat(post("/api/holdings/" + holding + "/entries", back).status()).isEqualTo(200);
  }

  @Test
  void lettersTooLargeForTheRollAreNotCountedAndSaidSo() {
    JsonNode piece = words("W");
    // as wide as it is high, more or less, and twice as wide as the roll
    Answer large = edit(piece, measured("size", 640));
    assertThat(large.status()).as(large.detail()).isEqualTo(200);
    JsonNode gathered = get("/api/pieces/" + piece.path("id").asString() + "/gather").body();
    assertThat(gathered.path("unrolled")).hasSize(1);
    assertThat(gathered.path("complete").asBoolean()).isFalse();
  }
}
