package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Sensors that are read, rooms that things dry in, and what comes of both. */
class SensorApiTest extends OrderServerTest {
  @Test
  void everySensorTellsADayThatABenchTakes() {
    JsonNode sensors = get("/api/sensors").body();
    assertThat(sensors.size()).isGreaterThanOrEqualTo(2);
    ObjectNode bench = bench(21, 50, 18, 60, 1);
    ArrayNode rooms = bench.putArray("rooms");
    for (JsonNode sensor : sensors) {
      assertThat(sensor.path("nowText").asString()).contains("°C").contains("%");
      JsonNode day = get("/api/sensors/" + sensor.path("id").asString() + "/day").body();
      assertThat(day.size()).isEqualTo(24);
      // warmer in the afternoon than before dawn, and drier
      assertThat(day.at("/15/celsius").asDouble()).isGreaterThan(day.at("/4/celsius").asDouble());
      assertThat(day.at("/15/damp").asDouble()).isLessThan(day.at("/4/damp").asDouble());
      rooms.addObject().put("name", sensor.path("name").asString()).set("climate", day);
    }
    assertThat(putBench(bench.put("driesIn", 1)).status()).isEqualTo(200);
    assertThat(get("/api/bench").body().at("/bench/rooms")).isEqualTo(rooms);
    assertThat(get("/api/bench").body().path("factors").size()).isEqualTo(rooms.size());
  }

  @Test
  void aSensorThatIsNotThereIsRefusedByName() {
    for (String none : List.of("attic", "work room")) {
      Answer answer = get("/api/sensors/" + none.replace(" ", "%20") + "/day");
      assertThat(answer.status()).as(none).isEqualTo(422);
      assertThat(answer.detail()).contains("sensor");
    }
  }

  /** What a room is told to change is what comes of it when it is taken. */
  @Test
  void dryingInAnotherRoomComesToWhatIsTold() {
    JsonNode piece = painted("Rooms", 888.8);
    ObjectNode bench = bench(14, 68, 10, 75, 1);
    ObjectNode warm = ((ArrayNode) bench.path("rooms")).addObject().put("name", "Kitchen");
    ArrayNode hours = warm.putArray("climate");
    for (int h = 0; h < 24; h++) {
      hours.addObject().put("celsius", 23.7).put("damp", 44);
    }
    assertThat(putBench(bench).status()).isEqualTo(200);
    int cold = finish(order(piece));
    JsonNode way =
        get("/api/pieces/" + piece.path("id").asString() + "/order/otherwise")
            .body()
            .valueStream()
            .filter(w -> w.path("key").asString().equals("DRIES_IN 1"))
            .findFirst()
            .orElseThrow();
    assertThat(way.path("title").asString()).contains("kitchen");
    assertThat(way.path("minutes").asInt()).isNegative();
    assertThat(putBench((ObjectNode) way.path("bench")).status()).isEqualTo(200);
    assertThat(finish(order(piece)) - cold).isEqualTo(way.path("minutes").asInt());
  }

  @Test
  void aRoomThatCannotBeIsRefusedByName() {
    ObjectNode bench = bench(21, 50, 18, 60, 1);
    assertThat(putBench(bench.deepCopy().put("driesIn", 7)).detail()).contains("7");
    ObjectNode nameless = bench.deepCopy();
    ((ObjectNode) nameless.at("/rooms/0")).put("name", " ");
    assertThat(putBench(nameless).status()).isEqualTo(422);
    ObjectNode none = bench.deepCopy();
    none.putArray("rooms");
    assertThat(putBench(none).detail()).contains("rooms").contains("12");
  }
}
