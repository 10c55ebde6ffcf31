package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Tests of what is told at the bench, each with a piece and a pot of its own. */
abstract class BenchServerTest extends OrderServerTest {
  protected static final double FULL_ML = 4000;

  /** Each test has a colour that no other pot of the shelf has, in any class. */
  private static final AtomicInteger COLOUR = new AtomicInteger(0x2F5D_11);

  /** Each booking is rounded up to a thousandth. */
  protected static final double ROUNDED_ML = 0.0011;

  /** A board with a ground out of a pot of its own. */
  record Begun(JsonNode piece, String potId, String potName) {
    String path() {
      return OrderServerTest.path(piece);
    }
  }

  protected Begun begun(String name, double mm) {
    return begun(name, mm, 0.55, String.valueOf((int) FULL_ML));
  }

  protected Begun begun(String name, double mm, double hides, String ml) {
    JsonNode piece = board(name, mm);
    String colour = "#%06X".formatted(COLOUR.getAndAdd(7));
    String pot = paint("chalky-paint", colour, hides, ml);
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    return new Begun(begun(piece, "2027-02-01T09:00"), pot, "Paint " + colour);
  }

  protected double potLevel(String potId) {
    return get("/api/holdings/" + potId).body().at("/holding/level").asDouble();
  }

  protected List<JsonNode> ledger(String potId) {
    return get("/api/holdings/" + potId).body().path("entries").valueStream().toList();
  }

  protected ObjectNode telling(String step, String kind, Instant at) {
    return json.createObjectNode()
        .put("id", UUID.randomUUID().toString())
        .put("step", step)
        .put("kind", kind)
        .put("toldAt", at.toString());
  }

  protected ObjectNode done(String step, Instant at, double minutes) {
    return telling(step, "DONE", at).put("minutes", minutes);
  }

  protected Answer tell(Begun of, ObjectNode... all) {
    return tell(of, List.of(all));
  }

  protected Answer tell(Begun of, List<ObjectNode> all) {
    ObjectNode body = json.createObjectNode();
    ArrayNode told = body.putArray("told");
    all.forEach(told::add);
    return post(of.path() + "/work/told", body);
  }

  protected void taken(Begun of, ObjectNode... all) {
    Answer answer = tell(of, all);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    answer.body().forEach(t -> assertThat(t.has("problem")).as(t.toString()).isFalse());
  }

  /** What each step takes out of its own pot, as the bench says before it is done. */
  protected Map<String, Double> takes(Begun of) {
    Map<String, Double> takes = new HashMap<>();
    for (JsonNode bench : get(of.path() + "/work/ahead").body()) {
      // of other pots, primers and varnish, the studio's shelf has some
      boolean own = bench.at("/pot/name").asString().equals(of.potName());
      takes.put(bench.path("key").asString(), own ? bench.at("/pot/ml").asDouble() : 0);
    }
    return takes;
  }

  protected JsonNode need(Begun of) {
    return get(of.path() + "/gather")
        .body()
        .path("needs")
        .valueStream()
        .filter(n -> n.path("potId").asString().equals(of.potId()))
        .findFirst()
        .orElseThrow();
  }
}
