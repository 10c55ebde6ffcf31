package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is gripped on the map follows the hand: a handle says by how much a measure changes for each
 * millimetre, and with the measure changed like that it is where the hand has left it.
 */
class HandlesApiTest extends ServerTest {
  private static final double FURTHEST_MM = 9;

  /**
   * A wished gap is had as nearly as whole copies allow; and the picture that runs on behind
   * several faces is gripped in the middle of the face, wherever its own is.
   */
  private static final Set<String> WISHES = Set.of("gap", "down");

  private record Gripped(
      JsonNode piece, JsonNode face, JsonNode lay, JsonNode doc, JsonNode handle) {
    String name() {
      return piece.path("id").asString()
          + " "
          + lay.path("id").asString()
          + " "
          + handle.path("id").asString();
    }
  }

  private List<Gripped> demoHandles() {
    List<Gripped> all = new ArrayList<>();
    for (JsonNode card : get("/api/pieces").body()) {
      String id = card.path("id").asString();
      if (id.matches("[0-9a-f-]{36}")) {
        continue; // another test's
      }
      JsonNode piece = get("/api/pieces/" + id).body();
      for (JsonNode face : piece.at("/reading/faces")) {
        for (JsonNode lay : face.path("lays")) {
          JsonNode doc = docOf(piece, lay.path("id").asString());
          if (doc.path("faceId").equals(face.path("id"))) {
            lay.path("handles").forEach(h -> all.add(new Gripped(piece, face, lay, doc, h)));
          }
        }
      }
    }
    return all;
  }

  private static JsonNode docOf(JsonNode piece, String layId) {
    return piece
        .at("/document/lays")
        .valueStream()
        .filter(l -> l.path("id").asString().equals(layId))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aHandleIsWhereTheHandHasLeftIt() {
    Random chance = new Random(20_261_130);
    Set<String> seen = new TreeSet<>();
    for (Gripped g : demoHandles()) {
      double dx = FURTHEST_MM * (2 * chance.nextDouble() - 1);
      double dy = FURTHEST_MM * (2 * chance.nextDouble() - 1);
      ArrayNode edits = pulled(g, dx, dy);
      if (edits.isEmpty()) {
        continue;
      }
      ObjectNode question = json.createObjectNode();
      question.put("pieceId", g.piece.path("id").asString());
      question.put("layId", g.lay.path("id").asString());
      question.put("faceId", g.face.path("id").asString());
      question.set("edits", edits);
      Answer answer = post("/api/readings/lay", question);
      assertThat(answer.status()).as("%s: %s", g.name(), answer.detail()).isEqualTo(200);
      JsonNode there =
          answer
              .body()
              .path("handles")
              .valueStream()
              .filter(h -> h.path("id").equals(g.handle.path("id")))
              .findFirst()
              .orElseThrow(() -> new AssertionError(g.name() + " is not there any more"));
      double wentX = there.path("xMm").asDouble() - g.handle.path("xMm").asDouble();
      double wentY = there.path("yMm").asDouble() - g.handle.path("yMm").asDouble();
      for (int m = 0; m < g.handle.path("moves").size(); m++) {
        JsonNode move = g.handle.path("moves").get(m);
        String key = move.path("key").asString();
        String kind = g.doc.at("/rule/kind").asString();
        assertThat(there.path("moves").get(m).path("value").asDouble())
            .as("%s %s", g.name(), key)
            .isCloseTo(valueOf(move, dx, dy), within(0.01));
        seen.add(kind + " " + key);
        if (WISHES.contains(key) || kind.equals("ACROSS")) {
          continue;
        }
        double perX = move.path("perXMm").asDouble();
        double perY = move.path("perYMm").asDouble();
        double length = Math.hypot(perX, perY);
        // along the way in which the measure grows it has gone as far as the hand
        assertThat((wentX * perX + wentY * perY) / length)
            .as("%s by %.2f, %.2f, went %.2f, %.2f", g.name(), dx, dy, wentX, wentY)
            .isCloseTo((dx * perX + dy * perY) / length, within(0.05));
      }
    }
    assertThat(seen)
        .contains(
            "RUN distance",
            "RUN start",
            "RING inset",
            "SINGLE x",
            "WRAP front",
            "GRID lower",
            "LETTERING size",
            "PAGES width",
            "BORDER inset",
            "ACROSS y")
        .hasSizeGreaterThan(20);
  }

  private static double valueOf(JsonNode move, double dx, double dy) {
    return move.path("value").asDouble()
        + dx * move.path("perXMm").asDouble()
        + dy * move.path("perYMm").asDouble();
  }

  /** What the page makes of a pull; empty where a measure would be kept within its bounds. */
  private ArrayNode pulled(Gripped g, double dx, double dy) {
    ArrayNode edits = json.createArrayNode();
    ObjectNode measures = json.createObjectNode();
    ArrayNode points = g.doc.at("/rule/points").deepCopy().asArray();
    boolean pointed = false;
    for (JsonNode move : g.handle.path("moves")) {
      String key = move.path("key").asString();
      double value = valueOf(move, dx, dy);
      boolean bound = value < move.path("least").asDouble() || value > move.path("most").asDouble();
      if (bound || key.equals("count") || key.startsWith("piece.") || key.startsWith("held.")) {
        return json.createArrayNode();
      }
      if (key.startsWith("point.")) {
        String[] parts = key.split("\\.");
        ((ObjectNode) points.get(Integer.parseInt(parts[1]))).put(parts[2] + "Mm", value);
        pointed = true;
      } else {
        measures.put(key, value);
      }
    }
    if (g.handle.has("about") || g.handle.path("moves").isEmpty()) {
      return edits;
    }
    ObjectNode choices = json.createObjectNode();
    g.handle
        .path("sets")
        .forEach(s -> choices.put(s.path("key").asString(), s.path("value").asString()));
    String layId = g.lay.path("id").asString();
    if (!measures.isEmpty() || !choices.isEmpty()) {
      ObjectNode edit = edits.addObject().put("kind", "MEASURE_LAY").put("layId", layId);
      edit.set("measures", measures);
      edit.set("choices", choices);
    }
    if (pointed) {
      edits.addObject().put("kind", "POINTS_OF_LAY").put("layId", layId).set("points", points);
    }
    if (g.handle.has("picks")) {
      edits
          .addObject()
          .put("kind", "PICK_OPTION")
          .put("layId", layId)
          .set("pick", g.handle.path("picks"));
    }
    return edits;
  }
}
