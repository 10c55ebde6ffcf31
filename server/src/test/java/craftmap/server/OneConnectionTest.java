package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.JsonNode;

/**
 * Whoever has a connection never waits for a second one: as many people as there are connections
 * would wait for each other. A server that has a single one answers all the same.
 */
@TestPropertySource(properties = "spring.datasource.hikari.maximum-pool-size=1")
class OneConnectionTest extends ServerTest {
  /** What each kind of thing is called in the demo. */
  private static final Map<String, String> THINGS =
      Map.of("pieces", "sea-chest", "designs", "fern-band", "holdings", "deep-estuary");

  /** More is asked for than the description requires. */
  private static final Map<String, String> AND_THAT =
      Map.of("/api/colours/designs", "?hex=%23334455");

  private static String path(Operations.Operation looking) {
    String thing = THINGS.getOrDefault(looking.path().split("/")[2], "none");
    return looking.with(
            name ->
                switch (name) {
                  case "id" -> thing;
                  case "faceId" -> "front";
                  default -> "none";
                })
        + AND_THAT.getOrDefault(looking.path(), "");
  }

  @Test
  void whateverIsLookedAtIsAnswered() throws IOException {
    List<String> paths =
        Operations.all().stream()
            .filter(o -> o.method().equals("GET"))
            .map(OneConnectionTest::path)
            .toList();
    List<String> wrong = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (String path : paths) {
      Answer answer = get(path);
      if (answer.status() == 200) {
        seen.add(path);
      } else if (answer.status() >= 500) {
        wrong.add("%s: %d %s".formatted(path, answer.status(), answer.detail()));
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(seen)
        .contains("/api/week", "/api/money", "/api/shopping/missing", "/api/learned")
        .contains("/api/designs/fern-band/uses", "/api/holdings/deep-estuary/uses")
        .contains("/api/pieces/sea-chest/gather", "/api/pieces/sea-chest/order")
        .contains("/api/pieces/sea-chest/faces/front/trials", "/api/pieces/sea-chest/cuts/print");
  }

  @Test
  void whateverIsDoneIsAnswered() {
    String pot = newPot("chalky-paint", "100");
    JsonNode chest = newChest("By one connection");
    String path = "/api/pieces/" + chest.path("id").asString();
    JsonNode plan =
        outOf(
            pot,
            layDesign(withFernBand(chest.path("document"), "band", 61.3), "front", "moonrise-reeds")
                .path("document"));
    assertThat(save(chest, plan, "laid", null).status()).isEqualTo(200);
    for (Answer answer :
        List.of(
            put(path + "/lays/band/done", null),
            delete(path + "/lays/band/done"),
            put(path + "/cuts/moonrise-reeds", json.createObjectNode()),
            delete(path + "/cuts/moonrise-reeds"),
            put(path + "/kept/" + pot, Map.of("quantity", "1.3 ml")),
            post("/api/holdings/" + pot + "/entries", Map.of("kind", "BOUGHT", "quantity", "0.7")),
            wouldBe(plan, of("LAY_DESIGN").put("faceId", "back").put("designId", "fern-band")),
            post(path + "/archive", null))) {
      assertThat(answer.status()).as(answer.raw() + " " + answer.detail()).isLessThan(300);
    }
  }
}
