package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is offered as a mend, taken as the page takes it, mends. */
class MendApiTest extends ServerTest {
  /** A chest with a plate somewhere under a band of ferns. */
  private JsonNode hit(String name, Dice dice) {
    JsonNode chest = newChest(name);
    ObjectNode plate = of("ADD_MARK").put("faceId", "front").put("id", "plate");
    plate.put("mark", "KEEP_OUT").put("xMm", 90.3 + 650 * dice.next()).put("yMm", 203.7);
    JsonNode plan = wouldBe(chest.path("document"), plate).body().path("document");
    return save(chest, withFernBand(plan, "band", 185 + 40 * dice.next()), "laid", null).body();
  }

  private static JsonNode notes(JsonNode piece) {
    for (JsonNode face : piece.at("/reading/faces")) {
      if (face.path("id").asString().equals("front")) {
        return face.at("/lays/0/notes");
      }
    }
    throw new AssertionError("no front");
  }

  private static List<String> bad(JsonNode piece) {
    return notes(piece)
        .valueStream()
        .filter(n -> !n.path("level").asString().equals("FINE"))
        .map(n -> n.path("rule").asString())
        .filter(rule -> !rule.startsWith("stock"))
        .toList();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 23, 317, 4_099, 70_001})
  void aMendThatIsTakenLeavesNothingOfTheFindingAndBringsNothingWorse(long seed) {
    Dice dice = new Dice(seed);
    JsonNode piece = hit("Mended " + seed, dice);
    List<String> wrong = bad(piece);
    assertThat(wrong).as(notes(piece).toString()).isNotEmpty();
    int taken = 0;
    for (String rule : Set.copyOf(wrong)) {
      String path =
          "/api/pieces/" + piece.path("id").asString() + "/faces/front/lays/band/mends/" + rule;
      for (JsonNode mend : get(path).body()) {
        assertThat(mend.path("text").asString()).isNotBlank();
        ObjectNode[] edits =
            mend.path("edits").valueStream().map(ObjectNode.class::cast).toArray(ObjectNode[]::new);
        Answer made = edit(piece, edits);
        assertThat(made.status()).as(made.detail()).isEqualTo(200);
        JsonNode then = made.body().path("piece");
        assertThat(bad(then)).as("%s by %s", rule, mend.path("text")).doesNotContain(rule);
        List<String> came = new ArrayList<>(bad(then));
        wrong.forEach(came::remove);
        assertThat(came).as("%s by %s", rule, mend.path("text")).isEmpty();
        piece =
            change(
                    "POST",
                    "/api/pieces/" + piece.path("id").asString() + "/undo",
                    null,
                    then.path("version").asLong())
                .body();
        taken++;
      }
    }
    assertThat(taken).isPositive();
  }

  @Test
  void onlyWhatMayBeMendedIsOfferedToBeAsked() {
    JsonNode piece = hit("Asked", new Dice(5));
    assertThat(notes(piece).valueStream().filter(n -> n.path("mendable").asBoolean()))
        .isNotEmpty()
        .allSatisfy(n -> assertThat(n.path("level").asString()).isNotEqualTo("FINE"));
    String mends = "/api/pieces/" + piece.path("id").asString() + "/faces/front/lays/";
    assertThat(get(mends + "band/mends/diagonals").body()).isEmpty();
    assertThat(get(mends + "band/mends/no-such-rule").detail())
        .contains("Rule (no-such-rule) is not known");
    assertThat(get(mends + "gone/mends/keep-out-hit").detail())
        .contains("Lay (gone) is not in this plan");
  }
}
