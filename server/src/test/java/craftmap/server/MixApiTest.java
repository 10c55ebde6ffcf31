package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Mixes of pots, put on the shelf as pots of their own. */
class MixApiTest extends CoatsServerTest {
  @Test
  void aMixOfThreePotsIsPutOnTheShelfAndTakenOutOfThem() {
    JsonNode piece = board("Mixed", 477.7);
    String white = paint("chalky-paint", "#F6F3EA", 0.8, "900");
    String blue = paint("chalky-paint", "#27408B", 0.8, "900");
    String ochre = paint("chalky-paint", "#C88A1D", 0.8, "900");
    piece = edited(piece, face("CHANGE_GROUND", piece).put("ground", "#8FA68A"));
    String base = "/api/pieces/" + piece.path("id").asString() + "/coats/";
    JsonNode mixes = get(base + group(piece).path("id").asString() + "/mixes").body();
    assertThat(mixes.path("mixes")).hasSize(3);
    double before = -1;
    for (JsonNode mix : mixes.path("mixes")) {
      double off = Double.parseDouble(mix.path("differsText").asString().split(" ")[0]);
      assertThat(off).isGreaterThanOrEqualTo(before);
      before = off;
      assertThat(mix.path("parts").size()).isBetween(2, 3);
    }
    ObjectNode wish = mix("Marsh " + white.substring(0, 6), 120.7, white, 3, blue, 1, ochre, 2);
    Answer made = post("/api/mixes", wish);
    assertThat(made.status()).as(made.detail()).isEqualTo(201);
    String pot = made.body().path("potId").asString();
    assertThat(level(pot).doubleValue()).isCloseTo(120.7, within(0.001));
    assertThat(level(white).doubleValue()).isCloseTo(900 - 60.35, within(0.001));
    assertThat(level(blue).doubleValue()).isCloseTo(900 - 120.7 / 6, within(0.001));
    JsonNode painted = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    assertThat(band(group(painted), "ground").at("/coat/potId").asString()).isEqualTo(pot);
    // too much of it is refused, and nothing of it is taken
    Answer tooMuch = post("/api/mixes", mix("Too much", 4_000, white, 1, blue, 1));
    assertThat(tooMuch.status()).isEqualTo(422);
    assertThat(level(white).doubleValue()).isCloseTo(900 - 60.35, within(0.001));
  }

  private ObjectNode mix(String name, double ml, Object... parts) {
    ObjectNode mix = json.createObjectNode().put("name", name).put("ml", ml);
    ArrayNode of = mix.putArray("parts");
    for (int i = 0; i < parts.length; i += 2) {
      of.addObject().put("potId", (String) parts[i]).put("parts", (Integer) parts[i + 1]);
    }
    return mix;
  }

  /** Many who mix from the same pots at once: as many as they hold for, and not a drop more. */
  @Test
  void asManyMixesAreMadeAtOnceAsThePotsHoldFor() throws Exception {
    String one = paint("chalky-paint", "#F1EEE0", 0.8, "103.7");
    String two = paint("chalky-paint", "#2E4A62", 0.8, "400");
    // half of them name the pots the other way round
    List<Answer> asked =
        atOnce(
            12,
            i ->
                post(
                    "/api/mixes",
                    i % 2 == 0
                        ? mix("Of many " + i, 30, one, 2, two, 1)
                        : mix("Of many " + i, 30, two, 1, one, 2)));
    int made = 0;
    for (Answer answer : asked) {
      assertThat(answer.status()).as(answer.detail()).isIn(201, 422);
      made += answer.status() == 201 ? 1 : 0;
    }
    assertThat(made).isEqualTo(5);
    assertThat(level(one).doubleValue()).isCloseTo(3.7, within(0.001));
    assertThat(level(two).doubleValue()).isCloseTo(350, within(0.001));
  }
}
