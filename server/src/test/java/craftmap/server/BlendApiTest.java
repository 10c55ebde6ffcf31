package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Colours worked together, and what the next plan learns from the last. */
class BlendApiTest extends CoatsServerTest {
  /** What is blended is counted once for its area, out of each pot by its share of the height. */
  @Test
  void aBlendTakesOfEachPotByItsShareAndShowsOnTheMap() {
    Random random = new Random(43);
    for (int round = 0; round < 3; round++) {
      JsonNode piece = board("Blend " + round, 300 + random.nextDouble() * 900);
      String foot = paint("chalky-paint", "#1F4650", 0.8, "4000");
      String head = paint("chalky-paint", "#F1EADA", 0.8, "4000");
      piece = edited(piece, from(inGroup("PAINT_GROUND", piece), foot));
      double share = 0.13 + random.nextDouble() * 0.7;
      ObjectNode edit = inGroup("BLEND_GROUND", piece).put("bandMm", 71.3);
      ArrayNode parts = edit.putArray("parts");
      parts.addObject().put("share", share).putObject("product").put("potId", foot);
      parts.addObject().put("share", 1 - share).putObject("product").put("potId", head);
      piece = edited(piece, edit);

      JsonNode face = piece.at("/reading/faces/0");
      assertThat(face.path("blend").valueStream().map(s -> s.path("hex").asString()))
          .containsExactly("#1F4650", "#1F4650", "#F1EADA", "#F1EADA");
      // the middle of the band lies where one ends and the other begins
      double ends = face.at("/blend/1/at").asDouble();
      double begins = face.at("/blend/2/at").asDouble();
      assertThat((ends + begins) / 2).isCloseTo(share, within(1e-9));
      assertThat((begins - ends) * face.at("/height/mm").asDouble()).isCloseTo(71.3, within(1e-6));
      String svg =
          new String(
              get("/api/pieces/" + piece.path("id").asString() + "/map.svg").raw().body(),
              StandardCharsets.UTF_8);
      assertThat(svg).contains("<linearGradient").contains("#F1EADA");

      Map<String, Double> ml = new HashMap<>();
      get("/api/pieces/" + piece.path("id").asString() + "/gather")
          .body()
          .path("needs")
          .valueStream()
          .forEach(n -> ml.put(n.path("potId").asString(), n.path("needMl").asDouble()));
      JsonNode group = group(piece);
      double footCoats = drunk(group, "ground");
      double headCoats = drunk(group, "own:blend-2");
      assertThat(ml.get(foot) / ml.get(head))
          .isCloseTo(share / (1 - share) * footCoats / headCoats, within(1e-3));

      Answer undone =
          change(
              "POST",
              "/api/pieces/" + piece.path("id").asString() + "/undo",
              null,
              piece.path("version").asLong());
      assertThat(undone.body().at("/reading/faces/0/blend")).isEmpty();
    }
  }

  /** The first coat on bare board counts for a quarter more, whatever lies on it after. */
  private static double drunk(JsonNode group, String band) {
    return band(group, band).at("/coat/times").asInt() + 0.25;
  }

  /** What a paint took is what the next plan reckons with, over the same colour. */
  @Test
  void howManyCoatsItTookIsHowManyThereAre() {
    Random random = new Random(29);
    for (int round = 0; round < 4; round++) {
      JsonNode piece = board("Took " + round, 500 + random.nextDouble() * 300);
      String pot =
          paint(
              "chalky-paint",
              List.of("#1F4650", "#B3202A", "#F3EEE2", "#C8962A").get(round),
              null,
              "4000");
      piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
      // a primer would change what it is put over
      piece = edited(piece, inGroup("CHOOSE_PRIMER", piece));
      String base =
          "/api/pieces/"
              + piece.path("id").asString()
              + "/coats/"
              + group(piece).path("id").asString()
              + "/bands/ground/took";
      for (int coats = 1; coats <= 6; coats++) {
        Answer took = post(base, Map.of("coats", coats));
        assertThat(took.status()).as(took.detail()).isEqualTo(200);
        JsonNode ground = band(took.body().at("/groups/0"), "ground");
        assertThat(ground.at("/coat/times").asInt()).isEqualTo(coats);
        assertThat(ground.path("shades")).hasSize(coats);
      }
    }
  }

  @Test
  void nothingIsLearnedFromWhatHidesNothing() {
    JsonNode piece = board("Took nothing", 611.3);
    String pot = paint("chalky-paint", "#1F4650", 0.8, "4000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    String bands =
        "/api/pieces/"
            + piece.path("id").asString()
            + "/coats/"
            + group(piece).path("id").asString()
            + "/bands/";
    assertThat(post(bands + "seal/took", Map.of("coats", 2)).status()).isEqualTo(422);
    assertThat(post(bands + "ground/took", Map.of("coats", 13)).detail()).contains("13");
    assertThat(post(bands + "roof/took", Map.of("coats", 2)).status()).isEqualTo(404);
  }
}
