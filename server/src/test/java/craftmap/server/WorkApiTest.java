package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One step at a time, what ripens meanwhile, and the same of it wherever it is asked for. */
class WorkApiTest extends OrderServerTest {
  private JsonNode work(JsonNode piece) {
    Answer answer = get(path(piece) + "/work");
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  private Answer done(JsonNode piece, String key, Instant at, int minutes) {
    ObjectNode done = of("STEP_DONE").put("step", key);
    done.putObject("done").put("at", at.toString()).put("minutes", minutes);
    return edit(get(path(piece)).body(), done);
  }

  private static List<JsonNode> ripening(JsonNode work, JsonNode piece) {
    return StreamSupport.stream(work.path("ripening").spliterator(), false)
        .filter(r -> r.path("pieceId").equals(piece.path("id")))
        .toList();
  }

  /** From the first step to the last, each once, in an order that can be worked. */
  @Test
  void aPieceIsWorkedFromTheFirstStepToTheLast() {
    JsonNode piece = painted("At the bench", 731.9);
    int all = steps(order(piece)).size();
    Random dice = new Random(9071);
    Instant at = Instant.now().minus(Duration.ofDays(3));
    Set<String> seen = new HashSet<>();
    for (int n = 1; n <= all; n++) {
      JsonNode work = work(piece);
      JsonNode step = work.path("step");
      assertThat(step.path("countText").asString()).isEqualTo("Step %d of %d".formatted(n, all));
      assertThat(seen.add(step.path("id").asString())).as(step.toString()).isTrue();
      for (JsonNode other : steps(order(piece))) {
        if (!other.path("done").asBoolean()) {
          // nothing that is left has to be done before it
          assertThat(texts(other.path("waits"), "toStep"))
              .doesNotContain(step.path("id").asString());
        }
      }
      at = at.plus(Duration.ofMinutes(17 + dice.nextInt(240)));
      assertThat(done(piece, step.path("key").asString(), at, 3 + dice.nextInt(30)).status())
          .isEqualTo(200);
      assertThat(work(piece).at("/last/key")).isEqualTo(step.path("key"));
    }
    JsonNode over = work(piece);
    assertThat(over.has("step")).isFalse();
    assertThat(over.path("title").asString()).isEqualTo("All of it is done");
    // and the last of it is taken back
    edited(get(path(piece)).body(), of("STEP_DONE").put("step", over.at("/last/key").asString()));
    assertThat(work(piece).at("/step/key")).isEqualTo(over.at("/last/key"));
  }

  /** What was just put on ripens as long as the order says, to the minute. */
  @Test
  void whatWasDoneRipensAsTheOrderSays() {
    JsonNode piece = painted("Ripening", 647.3);
    Instant now = Instant.now();
    Instant wet = null;
    for (int n = 0; n < 8 && wet == null; n++) {
      JsonNode step = work(piece).path("step");
      assertThat(done(piece, step.path("key").asString(), now, 4).status()).isEqualTo(200);
      for (JsonNode r : ripening(work(piece), piece)) {
        Instant ripe = Instant.parse(r.path("ripe").asString());
        assertThat(ripe).isAfter(now);
        // its clock runs from when it was finished, to the minute
        assertThat(Duration.between(Instant.parse(r.path("since").asString()), now).abs())
            .isLessThan(Duration.ofMinutes(1).plusSeconds(1));
        JsonNode order = order(piece);
        JsonNode same =
            steps(order).stream()
                .filter(s -> s.path("id").equals(r.path("stepId")))
                .findFirst()
                .orElseThrow();
        List<Integer> waits = new ArrayList<>();
        same.path("waits")
            .forEach(w -> waits.add(w.path("ripe").asInt() - same.path("to").asInt()));
        long takes = Duration.between(Instant.parse(r.path("since").asString()), ripe).toMinutes();
        assertThat(waits).as(r.toString()).contains((int) takes);
        wet = ripe;
      }
    }
    assertThat(wet).as("something of it dries").isNotNull();
    // the same wherever it is asked for, and after it is asked again
    assertThat(ripening(work(piece), piece)).isEqualTo(ripening(work(piece), piece));
  }

  /** Done is tapped twice, by two, at once: it is done once, by one of them. */
  @Test
  void whatIsTappedByManyAtOnceIsDoneOnce() throws Exception {
    JsonNode piece = painted("Tapped", 529.7);
    JsonNode step = work(piece).path("step");
    JsonNode held = get(path(piece)).body();
    Instant now = Instant.now();
    List<Answer> all =
        atOnce(
            12,
            i -> {
              ObjectNode done = of("STEP_DONE").put("step", step.path("key").asString());
              done.putObject("done").put("at", now.toString()).put("minutes", 5 + i);
              return edit(held, done);
            });
    assertThat(all.stream().filter(a -> a.status() == 200)).hasSize(1);
    assertThat(work(piece).at("/last/key")).isEqualTo(step.path("key"));
    assertThat(work(piece).at("/step/id")).isNotEqualTo(step.path("id"));
  }

  /** What is poured for each coat comes together to what the coats take. */
  @Test
  void whatIsPouredComesTogetherToWhatTheCoatsTake() {
    JsonNode piece = painted("Poured", 811.3);
    double poured = 0;
    for (JsonNode step : steps(order(piece))) {
      if (step.path("key").asString().contains(":ground:")) {
        String amounts =
            get(path(piece) + "/work?step=" + encoded(step.path("id").asString()))
                .body()
                .at("/step/amounts")
                .asString();
        assertThat(amounts).matches("Pour [0-9.]+ ml\\.");
        poured += Double.parseDouble(amounts.replaceAll("[^0-9.]|\\.$", ""));
      }
    }
    JsonNode ground =
        get(path(piece) + "/coats")
            .body()
            .at("/groups/0/bands")
            .valueStream()
            .filter(b -> b.path("key").asString().equals("ground"))
            .findFirst()
            .orElseThrow();
    String takes = ground.path("takesText").asString();
    double whole = Double.parseDouble(takes.replaceAll("^[^0-9]*([0-9.]+) ml.*$", "$1"));
    assertThat(poured).isCloseTo(whole, withinPercentage(2));
  }

  @Test
  void aStepThatIsNotThereIsTheOneThatIsNext() {
    JsonNode piece = painted("Unknown", 433.1);
    JsonNode next = work(piece);
    JsonNode asked = get(path(piece) + "/work?step=nowhere").body();
    assertThat(asked.at("/step/id")).isEqualTo(next.at("/step/id"));
  }
}
