package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A bench of one's own, pieces to be worked on at it, and a look at whether an order can be. */
abstract class OrderServerTest extends CoatsServerTest {
  static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");

  /** Every test begins at a bench of its own making. */
  @BeforeEach
  void theBench() {
    bench(21, 50, 18, 60, 1);
  }

  final ObjectNode bench(double day, double damp, double night, double nightDamp, int people) {
    ObjectNode bench = json.createObjectNode();
    bench.put("zone", ZONE.getId()).put("places", 6).put("fan", false).put("driesIn", 0);
    ArrayNode all = bench.putArray("people");
    for (int p = 0; p < people; p++) {
      ObjectNode person = all.addObject().put("name", "Person " + p);
      person.putArray("off");
      ObjectNode week = person.putObject("week");
      for (String name : List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY")) {
        ArrayNode stretches = week.putArray(name);
        stretches.addObject().put("from", "09:00").put("to", "12:00");
        stretches.addObject().put("from", "13:00").put("to", "17:00");
      }
    }
    ArrayNode hours =
        bench.putArray("rooms").addObject().put("name", "The workroom").putArray("climate");
    for (int h = 0; h < 24; h++) {
      boolean light = h >= 8 && h < 18;
      hours.addObject().put("celsius", light ? day : night).put("damp", light ? damp : nightDamp);
    }
    Answer put = putBench(bench);
    assertThat(put.status()).as(put.detail()).isEqualTo(200);
    return bench;
  }

  final Answer putBench(ObjectNode bench) {
    long version = get("/api/bench").body().path("version").asLong();
    return change("PUT", "/api/bench", bench, version);
  }

  final JsonNode order(JsonNode piece) {
    return order(piece.path("id").asString());
  }

  final JsonNode order(String pieceId) {
    Answer answer = get("/api/pieces/" + pieceId + "/order");
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  final JsonNode begun(JsonNode piece, String at) {
    return edited(piece, of("BEGIN_ON").put("at", at));
  }

  static List<JsonNode> steps(JsonNode order) {
    List<JsonNode> all = new ArrayList<>();
    order.path("rows").forEach(r -> r.path("steps").forEach(all::add));
    return all;
  }

  static LocalDateTime time(JsonNode order, int minute) {
    JsonNode first = order.at("/days/0");
    return LocalDateTime.parse(first.path("date").asString() + "T00:00")
        .plusMinutes(minute - first.path("from").asInt());
  }

  /** Looks at an order as somebody would who has to work by it. */
  final void canBeWorked(String what, JsonNode order) {
    Map<String, JsonNode> byId = new HashMap<>();
    List<JsonNode> steps = steps(order);
    steps.forEach(s -> assertThat(byId.put(s.path("id").asString(), s)).as(what).isNull());
    for (JsonNode step : steps) {
      int from = step.path("from").asInt();
      int to = step.path("to").asInt();
      if (!step.path("done").asBoolean()) {
        assertThat(to - from)
            .as("%s: %s", what, step)
            .isEqualTo((int) Math.ceil(step.path("minutes").asDouble() - 1e-6));
        LocalTime begin = time(order, from).toLocalTime();
        LocalTime end = time(order, to).toLocalTime();
        boolean morning = !begin.isBefore(LocalTime.of(9, 0)) && !end.isAfter(LocalTime.NOON);
        boolean afternoon =
            !begin.isBefore(LocalTime.of(13, 0)) && !end.isAfter(LocalTime.of(17, 0));
        assertThat(morning || afternoon).as("%s: %s to %s", what, begin, end).isTrue();
        assertThat(time(order, from).getDayOfWeek().getValue()).as(what).isLessThan(6);
      }
      for (JsonNode wait : step.path("waits")) {
        JsonNode next = byId.get(wait.path("toStep").asString());
        assertThat(next.path("from").asInt())
            .as("%s: %s before %s", what, step.path("title"), next.path("title"))
            .isGreaterThanOrEqualTo(wait.path("ripe").asInt());
        if (wait.has("until") && !step.path("done").asBoolean()) {
          assertThat(next.path("from").asInt())
              .as("%s: %s within its window", what, next.path("title"))
              .isLessThanOrEqualTo(wait.path("until").asInt());
        }
      }
      for (JsonNode other : steps) {
        boolean apart =
            other == step || other.path("from").asInt() >= to || other.path("to").asInt() <= from;
        if (!apart) {
          assertThat(other.path("person").asInt())
              .as("%s: %s while %s", what, step.path("title"), other.path("title"))
              .isNotEqualTo(step.path("person").asInt());
        }
      }
    }
  }

  final JsonNode painted(String name) {
    return painted(name, 1203.7);
  }

  final JsonNode painted(String name, double mm) {
    JsonNode piece = board(name, mm);
    String red = paint("chalky-paint", "#B3202A", 0.6, "4000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), red));
    return begun(piece, "2027-02-01T09:00");
  }

  static String path(JsonNode piece) {
    return "/api/pieces/" + piece.path("id").asString();
  }

  static String encoded(String key) {
    return java.net.URLEncoder.encode(key, java.nio.charset.StandardCharsets.UTF_8);
  }

  static int finish(JsonNode order) {
    return steps(order).stream().mapToInt(s -> s.path("to").asInt()).max().orElse(0);
  }
}
