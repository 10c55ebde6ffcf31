package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is told at the bench is what the next plan goes by, and the one that is begun does not. */
class LearnedApiTest extends OrderServerTest {
  private ObjectNode telling(String step, String kind, Instant at) {
    return json.createObjectNode()
        .put("id", UUID.randomUUID().toString())
        .put("step", step)
        .put("kind", kind)
        .put("toldAt", at.toString());
  }

  private ObjectNode done(JsonNode step, double minutes, Instant at) {
    return telling(step.path("key").asString(), "DONE", at).put("minutes", minutes);
  }

  private void tell(JsonNode piece, ObjectNode telling) {
    ObjectNode body = json.createObjectNode();
    body.putArray("told").add(telling);
    Answer answer = post(path(piece) + "/work/told", body);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    assertThat(answer.body().at("/0").has("problem")).as(answer.text()).isFalse();
  }

  private static Instant ago(int minutes) {
    return Instant.now().minus(minutes, ChronoUnit.MINUTES).truncatedTo(ChronoUnit.MILLIS);
  }

  private List<JsonNode> figures() {
    List<JsonNode> all = new ArrayList<>();
    get("/api/learned").body().path("about").forEach(a -> a.path("figures").forEach(all::add));
    return all;
  }

  private JsonNode figure(String topic) {
    return figures().stream()
        .filter(f -> f.path("topic").asString().equals(topic))
        .findFirst()
        .orElseThrow(() -> new AssertionError(topic + " in " + figures()));
  }

  private Answer decide(String topic, String choice) {
    return post("/api/learned/decisions", Map.of("topic", topic, "choice", choice));
  }

  private JsonNode sanding(JsonNode piece) {
    return steps(order(piece)).stream()
        .filter(s -> s.path("key").asString().contains("SAND"))
        .findFirst()
        .orElseThrow();
  }

  private double sandingMinutes(JsonNode piece) {
    return sanding(piece).path("minutes").asDouble();
  }

  /** Told to take 1.9 times as long, over and over: plans come near to that, from both sides. */
  @Test
  void whatStepsTookIsWhatTheNextPlanSays() {
    Random dice = new Random(4_021);
    JsonNode next = painted("Not begun", 1_913.7);
    double before = sandingMinutes(next);
    List<Double> planned = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      JsonNode piece = painted("Taught " + i, 700.3 + 900 * dice.nextDouble());
      JsonNode step = sanding(piece);
      // as it would be without anything learned: the plan's own minutes move as it is taught
      double typical = before * areaOf(piece) / areaOf(next);
      tell(piece, done(step, typical * 1.9, ago(500 - i)));
      planned.add(sandingMinutes(next));
    }

    assertThat(planned).isSorted();
    assertThat(planned.getLast() / before).isBetween(1.55, 1.9);
    JsonNode figure = figure("PACE|SAND|");
    assertThat(figure.path("count").asInt()).isEqualTo(6);
    assertThat(figure.path("countText").asString()).contains("6");
    assertThat(figure.path("seen")).hasSize(6);
    assertThat(figure.at("/seen/0/whereText").asString()).contains("Taught 5");
    assertThat(figure.path("valueText").asString()).contains("min a m²");
    assertThat(figure.path("rangeText").asString()).contains("95 of 100");
  }

  private double areaOf(JsonNode piece) {
    String text = get(path(piece) + "/coats").body().at("/groups/0/surface/areaText").asString();
    return Double.parseDouble(text.replaceAll("[^0-9.]", ""));
  }

  @Test
  void aPieceThatIsBegunGoesOnByWhatWasKnownThen() {
    JsonNode begun = painted("Begun before", 1_311.9);
    JsonNode first = steps(order(begun)).getFirst();
    tell(begun, done(first, first.path("minutes").asDouble(), ago(900)));
    JsonNode next = painted("Begun after", 1_311.9);
    double before = sandingMinutes(begun);
    assertThat(sandingMinutes(next)).isEqualTo(before);

    for (int i = 0; i < 4; i++) {
      JsonNode piece = painted("Slow " + i, 801.7 + i);
      tell(piece, done(sanding(piece), sandingMinutes(piece) * 1.7, ago(300 - i)));
    }

    assertThat(sandingMinutes(begun)).isEqualTo(before);
    assertThat(sandingMinutes(next)).isGreaterThan(before * 1.2);
  }

  /** Switched off, on, reset and restored: each is what the next plan goes by, at once. */
  @Test
  void aFigureCanBeSwitchedOffAndResetAndComesBack() {
    JsonNode next = painted("Decided about", 1_577.1);
    double typical = sandingMinutes(next);
    JsonNode piece = painted("Decided by", 903.3);
    tell(piece, done(sanding(piece), sandingMinutes(piece) * 2.3, ago(90)));
    double learned = sandingMinutes(next);
    assertThat(learned).isGreaterThan(typical * 1.3);

    assertThat(decide("PACE|SAND|", "OFF").status()).isEqualTo(200);
    assertThat(sandingMinutes(next)).isEqualTo(typical);
    assertThat(figure("PACE|SAND|").path("on").asBoolean()).isFalse();
    assertThat(figure("PACE|SAND|").path("count").asInt()).isEqualTo(1);
    decide("PACE|SAND|", "ON");
    assertThat(sandingMinutes(next)).isEqualTo(learned);

    decide("PACE|SAND|", "RESET");
    assertThat(sandingMinutes(next)).isEqualTo(typical);
    assertThat(figure("PACE|SAND|").path("count").asInt()).isZero();
    assertThat(figure("PACE|SAND|").has("resetText")).isTrue();
    assertThat(figure("PACE|SAND|").at("/seen/0/counts").asBoolean()).isFalse();
    decide("PACE|SAND|", "RESTORED");
    assertThat(sandingMinutes(next)).isEqualTo(learned);
  }

  @Test
  void decisionsThatSayNothingAreRefusedInWords() {
    assertThat(decide("LUCK|x|y", "OFF").status()).isEqualTo(422);
    assertThat(decide("LUCK|x|y", "OFF").detail()).contains("LUCK|x|y");
    assertThat(decide("PACE|SAND|", "OFF").status()).isEqualTo(404);
    assertThat(post("/api/learned/decisions", Map.of("choice", "OFF")).status()).isEqualTo(422);
    assertThat(post("/api/learned/decisions", Map.of("topic", "PACE|SAND|")).status())
        .isEqualTo(422);
  }

  /** What is taken back, or told anew, is learned from no more, or as it is told now. */
  @Test
  void whatIsTakenBackIsUnlearned() {
    JsonNode piece = painted("Taken back", 1_203.9);
    JsonNode step = sanding(piece);
    double planned = sandingMinutes(piece);
    tell(piece, done(step, planned * 3, ago(60)));
    assertThat(figure("PACE|SAND|").path("count").asInt()).isEqualTo(1);
    String slow = figure("PACE|SAND|").path("valueText").asString();

    tell(piece, done(step, planned * 1.1, ago(59)));
    assertThat(figure("PACE|SAND|").path("count").asInt()).isEqualTo(1);
    assertThat(figure("PACE|SAND|").path("valueText").asString()).isNotEqualTo(slow);

    tell(piece, telling(step.path("key").asString(), "TAKEN_BACK", ago(58)));
    assertThat(figures()).isEmpty();
  }

  /** A pot that goes half as far is poured twice as much of; a guess of nobody teaches nothing. */
  @Test
  void whatWasUsedIsHowFarAPotGoes() {
    String pot = paint("chalky-paint", "#B3202A", 0.6, "5000");
    JsonNode piece = paintedWith("Thirsty", pot);
    List<JsonNode> coats =
        steps(order(piece)).stream()
            .filter(s -> s.path("key").asString().contains("ground"))
            .toList();
    JsonNode first = coats.getFirst();
    double ml = poured(piece, first);
    for (JsonNode step : steps(order(piece))) {
      if (step.path("key").asString().equals(first.path("key").asString())) {
        break;
      }
      tell(piece, done(step, step.path("minutes").asDouble(), ago(400)));
    }
    tell(piece, done(first, first.path("minutes").asDouble(), ago(200)));
    assertThat(figures()).noneMatch(f -> f.path("topic").asString().startsWith("SPREAD"));

    tell(piece, done(first, first.path("minutes").asDouble(), ago(199)).put("usedMl", ml * 1.6));

    JsonNode spread =
        figures().stream()
            .filter(f -> f.path("topic").asString().startsWith("SPREAD"))
            .findFirst()
            .orElseThrow();
    double value = number(spread.path("valueText"));
    double label = number(spread.path("typicalText"));
    assertThat(value).isCloseTo(label / Math.sqrt(1.6), within(0.11));
    JsonNode next = paintedWith("Not thirsty yet", pot);
    assertThat(poured(next, first)).isCloseTo(ml * Math.sqrt(1.6), within(ml * 0.02));
  }

  private JsonNode paintedWith(String name, String pot) {
    JsonNode piece = board(name, 1_403.1);
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    return begun(piece, "2027-02-01T09:00");
  }

  private double poured(JsonNode piece, JsonNode step) {
    for (JsonNode s : get(path(piece) + "/work/ahead").body()) {
      if (s.path("key").asString().equals(step.path("key").asString())) {
        return s.at("/pot/ml").asDouble();
      }
    }
    throw new AssertionError("no " + step);
  }

  private static double number(JsonNode text) {
    return Double.parseDouble(text.asString().replaceAll("[^0-9.]", ""));
  }

  /** Found wet long after its label's time, it takes longer to dry, and is waited for longer. */
  @Test
  void whatIsStillWetDriesMoreSlowly() {
    JsonNode piece = painted("Damp corner", 1_101.3);
    List<JsonNode> steps = steps(order(piece));
    int at = 0;
    while (!steps.get(at).path("doing").asString().equals("COAT")) {
      tell(piece, done(steps.get(at), steps.get(at).path("minutes").asDouble(), ago(3_000)));
      at++;
    }
    JsonNode coat = steps.get(at);
    String key = coat.path("key").asString();
    ObjectNode early = json.createObjectNode();
    early.putArray("told").add(telling(key, "WET", ago(100)));
    assertThat(post(path(piece) + "/work/told", early).body().at("/0/problem").asString())
        .as("nothing is wet that was not done")
        .contains("not done");
    tell(piece, done(coat, coat.path("minutes").asDouble(), ago(300)));

    tell(piece, telling(key, "WET", ago(150)));
    tell(piece, telling(key, "DRY", ago(110)));

    JsonNode dries =
        figures().stream()
            .filter(f -> f.path("topic").asString().startsWith("DRIES"))
            .findFirst()
            .orElseThrow();
    assertThat(dries.path("seen")).hasSize(2);
    assertThat(number(dries.path("valueText"))).isGreaterThan(1.5);

    tell(piece, telling(key, "TAKEN_BACK", ago(5)));
    assertThat(figures())
        .as("what was not done after all did not dry either")
        .noneMatch(f -> f.path("topic").asString().startsWith("DRIES"));
  }

  /** Many who decide and tell at once: nothing is lost, nothing is counted twice. */
  @Test
  void manyTellAtOnceAndEachCountsOnce() throws Exception {
    List<JsonNode> pieces = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      pieces.add(painted("At once " + i, 640.7 + 31 * i));
    }
    List<Callable<Object>> all = new ArrayList<>();
    for (JsonNode piece : pieces) {
      ObjectNode telling = done(sanding(piece), sandingMinutes(piece) * 1.4, ago(30));
      for (int twice = 0; twice < 2; twice++) {
        all.add(
            () -> {
              tell(piece, telling);
              return null;
            });
      }
    }
    try (ExecutorService many = Executors.newFixedThreadPool(12)) {
      for (Future<Object> each : many.invokeAll(all)) {
        each.get();
      }
    }

    assertThat(figure("PACE|SAND|").path("count").asInt()).isEqualTo(12);
    assertThat(figure("PACE|SAND|").path("seen")).hasSize(12);
  }
}
