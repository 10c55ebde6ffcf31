package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Several pots of one paint: what one lacks comes out of another by whole coats. */
class PotSplitApiTest extends CoatsServerTest {
  private JsonNode gather(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString() + "/gather").body();
  }

  private static JsonNode need(JsonNode gathered, String pot) {
    return gathered
        .path("needs")
        .valueStream()
        .filter(n -> n.path("potId").asString().equals(pot))
        .findFirst()
        .orElseThrow();
  }

  private String anotherPot(String pot, double ml) {
    String medium = get("/api/holdings/" + pot).body().path("mediumId").asString();
    return post("/api/media/" + medium + "/pots", Map.of("holds", "5000", "level", figure(ml)))
        .body()
        .path("pots")
        .valueStream()
        .map(p -> p.path("id").asString())
        .filter(id -> !id.equals(pot))
        .findFirst()
        .orElseThrow();
  }

  private static String figure(double ml) {
    return BigDecimal.valueOf(ml).setScale(3, RoundingMode.UP).toPlainString();
  }

  private ObjectNode[] taken(JsonNode split) {
    List<ObjectNode> edits = new ArrayList<>();
    for (JsonNode move : split.path("moves")) {
      ObjectNode edit =
          move.has("coat")
              ? of("OUT_OF_POT")
                  .put("groupId", move.at("/coat/groupId").asString())
                  .put("band", move.at("/coat/band").asString())
              : of("PUT_ON_WITH").put("layId", move.path("useId").asString());
      edits.add(edit.put("potId", move.path("potId").asString()));
    }
    return edits.toArray(ObjectNode[]::new);
  }

  /** Once it is taken, no pot is short: each has enough for all that comes out of it. */
  @Test
  void whatIsTakenMakesEveryPotEnough() {
    plentyToPrepareWith();
    Random dice = new Random(613);
    int split = 0;
    for (int i = 0; i < 6; i++) {
      String pot = newPot("chalky-paint", figure(1.1 + dice.nextDouble() * 3));
      JsonNode chest = newChest("Two batches " + i);
      JsonNode plan = chest.path("document");
      int bands = 2 + dice.nextInt(3);
      for (int b = 0; b < bands; b++) {
        plan = withFernBand(plan, "band" + b, 55.3 + 19.7 * b);
        ((ObjectNode) plan.path("lays").path(b)).put("potId", pot);
      }
      chest = save(chest, plan, "laid", null).body();
      double needed = need(gather(chest), pot).path("needMl").asDouble();
      double level = need(gather(chest), pot).path("levelMl").asDouble();
      String other = anotherPot(pot, Math.max(0.6, needed - level) + 1.3 + dice.nextDouble() * 9);
      JsonNode now = need(gather(chest), pot);
      if (now.path("enough").asBoolean()) {
        assertThat(now.has("split")).isFalse();
        continue;
      }
      JsonNode told = now.path("split");
      assertThat(told.isMissingNode()).as(now.toString()).isFalse();
      if (!told.path("runOver").isEmpty()) {
        continue;
      }
      split++;
      JsonNode after = gather(edited(chest, taken(told)));
      assertThat(after.path("needs").valueStream())
          .as("%.2f of %.2f and %s", needed, level, other)
          .allSatisfy(n -> assertThat(n.path("enough").asBoolean()).isTrue());
    }
    assertThat(split).as("the cases have to be about something").isGreaterThan(1);
  }

  @Test
  void aCoatThatIsMoreThanEitherPotIsToldToBePouredTogether() {
    plentyToPrepareWith();
    String pot = paint("furniture-enamel", "#5B7C3D", 0.8, "31.7");
    JsonNode piece = board("Poured together", 911.3);
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    double needed = need(gather(piece), pot).path("needMl").asDouble();
    anotherPot(pot, needed - 31.7 + 0.9);
    JsonNode split = need(gather(piece), pot).path("split");
    assertThat(split.path("moves")).isEmpty();
    assertThat(split.path("runOver")).hasSize(1);
    assertThat(split.path("text").asString()).contains("pour them together");
  }

  @Test
  void aColourThatIsOnlyTriedOnIsTakenOutOfAPotThatCameSince() {
    plentyToPrepareWith();
    String colour = "#%06X".formatted(new Random(UUID.randomUUID().hashCode()).nextInt(0x1000000));
    JsonNode piece = board("Tried on", 377.7);
    ObjectNode tried = inGroup("PAINT_GROUND", piece);
    tried.putObject("product").put("asIf", colour);
    piece = edited(piece, tried);
    JsonNode unowned = gather(piece).at("/unowned/0");
    assertThat(unowned.has("there")).as(unowned.toString()).isFalse();
    String pot = paint("chalky-paint", colour, 0.8, "4000");
    JsonNode there = gather(piece).at("/unowned/0");
    assertThat(there.at("/there/potId").asString()).isEqualTo(pot);
    piece =
        edited(
            piece,
            of("OUT_OF_POT")
                .put("groupId", there.path("groupId").asString())
                .put("band", there.path("band").asString())
                .put("potId", pot));
    JsonNode after = gather(piece);
    assertThat(after.path("unowned")).isEmpty();
    assertThat(need(after, pot).path("enough").asBoolean()).isTrue();
  }

  @Test
  void aPotOrACoatThatIsNotThereIsRefused() {
    JsonNode piece = board("Refused", 377.7);
    String pot = paint("chalky-paint", "#77808A", 0.8, "400");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    Answer noCoat = edit(piece, inGroup("OUT_OF_POT", piece).put("band", "no").put("potId", pot));
    assertThat(noCoat.status()).isEqualTo(422);
    assertThat(noCoat.detail()).contains("Band (no)");
    Answer noPot = edit(piece, inGroup("OUT_OF_POT", piece).put("band", "ground"));
    assertThat(noPot.status()).isEqualTo(422);
    assertThat(noPot.detail()).contains("potId");
  }
}
