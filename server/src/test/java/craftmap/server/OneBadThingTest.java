package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What cannot be worked out is shown with its reason beside everything that can. */
class OneBadThingTest extends ServerTest {
  @Autowired private JdbcTemplate jdbc;

  @Test
  void aDesignThatBecameFarTooSmallBlindsNeitherItsPieceNorTheList() {
    String designId = paper("Shrinks in the wash", 300, 400);
    JsonNode chest = newChest("With what shrank");
    String id = chest.path("id").asString();
    JsonNode laid = layDesign(chest.path("document"), "front", designId);
    assertThat(save(chest, laid.path("document"), "Papered", null).status()).isEqualTo(200);
    JsonNode before = get("/api/designs/" + designId).body();
    ObjectNode given = (ObjectNode) before.path("given").deepCopy();
    ((ObjectNode) given.path("answers").path("numbers")).put("width", 7.3).put("height", 6.1);
    assertThat(
            change("PUT", "/api/designs/" + designId, given, before.path("version").asLong())
                .status())
        .isEqualTo(200);

    Answer list = get("/api/pieces");
    assertThat(list.status()).isEqualTo(200);
    assertThat(list.body().valueStream().map(p -> p.path("id").asString()))
        .contains(id, "sea-chest", "wardrobe");
    assertThat(get("/api/pieces/" + id + "/card").status()).isEqualTo(200);
    assertThat(get("/api/pieces/" + id).status()).isEqualTo(200);
    assertThat(get("/api/pieces/" + id + "/gather").status()).isEqualTo(200);
    assertThat(get("/api/pieces/" + id + "/cuts").status()).isEqualTo(200);
    assertThat(get("/api/pieces/" + id + "/route").status()).isEqualTo(200);
    assertThat(post("/api/pieces/" + id + "/archive", null).status()).isEqualTo(200);
    assertThat(delete("/api/pieces/" + id).status()).isEqualTo(204);
    assertThat(get("/api/pieces/" + id).status()).isEqualTo(404);
  }

  @Test
  void aPieceIsDeletedOnlyOnceItIsPutAwayAndGivesBackWhatItHadAskedFor() {
    JsonNode chest = newChest("To be deleted");
    String id = chest.path("id").asString();
    JsonNode laid = layDesign(chest.path("document"), "front", "moonrise-reeds");
    save(chest, laid.path("document"), "Laid", null);
    assertThat(claims("moonrise-reeds")).contains(id);
    Answer early = delete("/api/pieces/" + id);
    assertThat(early.status()).isEqualTo(422);
    assertThat(early.detail()).contains("put away");
    post("/api/pieces/" + id + "/archive", null);
    assertThat(delete("/api/pieces/" + id).status()).isEqualTo(204);
    assertThat(delete("/api/pieces/" + id).status()).isEqualTo(404);
    assertThat(claims("moonrise-reeds")).doesNotContain(id);
  }

  private String claims(String designId) {
    return get("/api/designs/" + designId).body().toString();
  }

  @Test
  void aLeftoverThatCannotBeReadIsLeftOutOfTheShelfAlone() {
    String place = "Drawer " + UUID.randomUUID();
    JsonNode before = get("/api/designs/moonrise-reeds").body();
    ObjectNode offcut = json.createObjectNode().put("place", place).put("note", "Soon broken");
    for (int[] p : new int[][] {{0, 0}, {60, 0}, {60, 45}}) {
      offcut.withArray("outline").addObject().put("xMm", p[0]).put("yMm", p[1]);
    }
    assertThat(post("/api/designs/moonrise-reeds/offcuts", offcut).status()).isLessThan(300);
    JsonNode chest = newChest("Cut from what lies there");
    String id = chest.path("id").asString();
    save(
        chest,
        layDesign(chest.path("document"), "front", "moonrise-reeds").path("document"),
        "Laid",
        null);
    String which = " where design_id = 'moonrise-reeds' and place = ?";
    for (String broken :
        List.of("[]", "[[1,1]]", "[[1,1],[2,2],[3,3]]", "[{\"xMm\":1}]", "[null]", "{}", "7")) {
      assertThat(jdbc.update("update holding set offcut = ?" + which, broken, place)).isEqualTo(1);
      assertThat(get("/api/shelf").status()).as(broken).isEqualTo(200);
      assertThat(get("/api/designs/moonrise-reeds").body().path("given"))
          .as(broken)
          .isEqualTo(before.path("given"));
      assertThat(get("/api/pieces/" + id + "/card").body().has("problem")).as(broken).isFalse();
      assertThat(get("/api/shelf/list.csv").status()).as(broken).isEqualTo(200);
    }
    jdbc.update("update holding set offcut = '[[0,0],[60,0],[60,45]]'" + which, place);
  }

  @Test
  void aFileOfAShelfIsReadAsStrictlyAsAForm() {
    long before = jdbc.queryForObject("select count(*) from holding", Long.class);
    JsonNode good = get("/api/shelf/file").body();
    for (Bad bad :
        List.of(
            new Bad("/designs/0/stock/0/level", -1),
            new Bad("/designs/0/stock/0/offcut", List.of(Map.of("xMm", 1, "yMm", 1))),
            new Bad("/designs/0/stock/0/unit", "ML"),
            new Bad("/designs/0/stock/0/form", "POT"),
            new Bad("/designs/0/stock/0/expiresOn", "9999-12-31"),
            new Bad("/designs/0/stock/0", null),
            new Bad("/designs/0", null),
            new Bad("/media/0/medium", null),
            new Bad("/media/0/stock/0/level", 1e15),
            new Bad("/tools/0", null))) {
      ObjectNode file = (ObjectNode) good.deepCopy();
      JsonPointer at = JsonPointer.compile(bad.at);
      String last = at.last().getMatchingProperty();
      JsonNode parent = file.at(at.head());
      if (parent instanceof ArrayNode list) {
        list.set(Integer.parseInt(last), json.valueToTree(bad.value));
      } else {
        ((ObjectNode) parent).set(last, json.valueToTree(bad.value));
      }
      Answer answer = upload("/api/shelf/file", json.writeValueAsBytes(file));
      assertThat(answer.status()).as("%s: %s", bad, answer.detail()).isEqualTo(422);
      assertThat(answer.detail()).as(bad.at).hasSizeGreaterThan(15);
    }
    assertThat(jdbc.queryForObject("select count(*) from holding", Long.class)).isEqualTo(before);
    assertThat(get("/api/shelf").status()).isEqualTo(200);
  }

  private record Bad(String at, Object value) {}

  private String paper(String name, double width, double height) {
    ObjectNode given = (ObjectNode) get("/api/designs/dune-grass").body().path("given").deepCopy();
    given.put("name", name);
    given.remove("artworkId");
    given.putArray("motifs");
    ((ObjectNode) given.path("answers").path("numbers"))
        .put("width", width)
        .put("height", height)
        .put("repeatX", 0)
        .put("repeatY", 0);
    ObjectNode body = json.createObjectNode();
    body.set("design", given);
    body.put("quantity", "9");
    Answer made = post("/api/designs", body);
    assertThat(made.status()).as(made.detail()).isEqualTo(201);
    return made.body().path("id").asString();
  }
}
