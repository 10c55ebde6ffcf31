package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The day went otherwise: what moved is said, and it is what moved. */
class PlannedAnewApiTest extends OrderServerTest {
  private static Map<String, LocalDateTime> left(JsonNode order) {
    Map<String, LocalDateTime> left = new HashMap<>();
    for (JsonNode step : steps(order)) {
      if (!step.path("done").asBoolean()) {
        left.put(step.path("id").asString(), LocalDateTime.parse(step.path("at").asString()));
      }
    }
    return left;
  }

  private JsonNode done(JsonNode piece, JsonNode step, String at, int minutes) {
    ObjectNode done = of("STEP_DONE").put("step", step.path("key").asString());
    done.putObject("done").put("at", at).put("minutes", minutes);
    return edited(get(path(piece)).body(), done);
  }

  /** Seeded days: what was looked at before and after is set against what is said of it. */
  @Test
  void whatIsSaidToHaveMovedMoved() {
    Random dice = new Random(70113);
    int moved = 0;
    for (int i = 0; i < 5; i++) {
      JsonNode piece = painted("Otherwise " + i, 611.7 + 97.3 * i);
      JsonNode before = order(piece);
      JsonNode first =
          steps(before).stream()
              .min((a, b) -> a.path("from").asInt() - b.path("from").asInt())
              .orElseThrow();
      int hour = 9 + dice.nextInt(7);
      int took = 5 + dice.nextInt(50);
      piece =
          done(piece, first, "2027-02-01T%02d:%02d:00Z".formatted(hour, dice.nextInt(60)), took);
      JsonNode after = order(piece);
      canBeWorked("otherwise " + i, after);
      Map<String, LocalDateTime> then = left(before);
      Map<String, LocalDateTime> now = left(after);
      Set<String> noticed = new HashSet<>();
      int all = 0;
      for (String id : now.keySet()) {
        LocalDateTime was = then.get(id);
        boolean other = was != null && !was.equals(now.get(id));
        all += other ? 1 : 0;
        if (other
            && (!was.toLocalDate().equals(now.get(id).toLocalDate())
                || Duration.between(was, now.get(id)).abs().toMinutes() >= 15)) {
          noticed.add(id);
        }
      }
      JsonNode anew = after.path("anew");
      assertThat(anew.isMissingNode()).as("case %d", i).isEqualTo(all == 0);
      List<String> said = texts(anew.path("moved"), "stepId");
      assertThat(noticed).as("case %d", i).containsAll(said);
      assertThat(said).as("case %d", i).hasSize(Math.min(6, noticed.size()));
      if (all > 0) {
        int later = finish(after) - finish(before);
        assertThat(anew.path("title").asString())
            .as("case %d", i)
            .contains(later == 0 ? "as it was told" : later > 0 ? "later than" : "sooner than");
        assertThat(anew.path("restText").asString().isEmpty()).isEqualTo(said.size() == all);
      }
      moved += said.size();
    }
    assertThat(moved).isPositive();
  }

  /** What is asked again is answered again, however many ask at once. */
  @Test
  void theSameIsToldToEverybodyWhoAsks() throws Exception {
    JsonNode piece = painted("Told to all", 877.9);
    JsonNode before = order(piece);
    JsonNode first = steps(before).getFirst();
    piece = done(piece, first, "2027-02-01T11:47:00Z", 31);
    String path = path(piece) + "/order";
    List<Answer> all = atOnce(16, i -> get(path));
    JsonNode told = get(path).body();
    assertThat(told.has("anew")).isTrue();
    for (Answer each : all) {
      assertThat(each.status()).as(each.detail()).isEqualTo(200);
      assertThat(each.body().path("anew")).isEqualTo(told.path("anew"));
      assertThat(each.body().path("rows")).isEqualTo(told.path("rows"));
    }
  }

  /** A plan that nobody works by yet may change as it likes. */
  @Test
  void nothingIsSaidOfWhatIsNotBegun() {
    JsonNode piece = painted("Not begun", 733.1);
    piece = edited(piece, of("BEGIN_ON"));
    order(piece);
    piece =
        edited(
            piece,
            of("STEP_TAKES")
                .put("step", steps(order(piece)).getFirst().path("key").asString())
                .put("minutes", 95));
    assertThat(order(piece).has("anew")).isFalse();
  }
}
