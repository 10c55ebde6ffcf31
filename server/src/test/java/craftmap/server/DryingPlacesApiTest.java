package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Places to dry, as many as there are and as large as they are. */
class DryingPlacesApiTest extends OrderServerTest {
  /** A place; of a size where one is given. */
  private static void add(ArrayNode places, String name, int count, double... sides) {
    ObjectNode place = places.addObject().put("name", name).put("count", count);
    if (sides.length > 0) {
      place.putObject("size").put("longMm", sides[0]).put("shortMm", sides[1]);
    }
  }

  private ObjectNode warm() {
    return bench(21, 50, 21, 50, 1);
  }

  private static List<JsonNode> homeless(JsonNode order) {
    return order
        .path("findings")
        .valueStream()
        .filter(f -> f.path("rule").asString().equals("NO_PLACE_TO_DRY"))
        .toList();
  }

  @Test
  void theyAreKeptAndShownAsTheTapeShowsThem() {
    ObjectNode bench = warm();
    // whoever tells how many only has places on which anything finds room
    JsonNode plain = get("/api/bench").body();
    assertThat(plain.at("/bench/dryingPlaces")).hasSize(1);
    assertThat(plain.at("/bench/dryingPlaces/0/count").asInt()).isEqualTo(6);
    assertThat(plain.at("/bench/dryingPlaces/0").has("size")).isFalse();
    assertThat(plain.at("/sizes/0").has("longSide")).isFalse();
    ArrayNode places = bench.putArray("dryingPlaces");
    add(places, "The floor", 2);
    add(places, "The rack", 3, 441.3, 617.9);
    Answer kept = putBench(bench);
    assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    assertThat(kept.body().at("/bench/places").asInt()).isEqualTo(5);
    // whichever side was told first, the longer one comes first
    assertThat(kept.body().at("/bench/dryingPlaces/1/size/longMm").asDouble()).isEqualTo(617.9);
    assertThat(kept.body().at("/sizes/1/longSide/text").asString()).isEqualTo("24 5/16\"");
    assertThat(kept.body().at("/sizes/1/shortSide/mm").asDouble()).isEqualTo(441.3);
    // what was answered is taken back as it is
    ObjectNode again = (ObjectNode) kept.body().path("bench");
    assertThat(putBench(again).body().path("bench")).isEqualTo(kept.body().path("bench"));
  }

  @Test
  void whatIsNoPlaceIsRefusedByName() {
    ObjectNode bench = warm();
    ArrayNode places = bench.putArray("dryingPlaces");
    assertThat(putBench(bench).detail()).contains("places to dry").contains("1 to 12");
    add(places, "The rack", 0, 600, 400);
    assertThat(putBench(bench).detail()).contains("places to dry").contains("0").contains("50");
    places.removeAll();
    add(places, "The rack", 1, 600, 49.3);
    assertThat(putBench(bench).detail()).contains("side of a place to dry").contains("1.94");
    places.removeAll();
    add(places, "The rack", 1, -600, 400);
    assertThat(putBench(bench).status()).isEqualTo(422);
    places.removeAll();
    add(places, " ", 1);
    assertThat(putBench(bench).detail()).contains("1 to 40 characters");
    places.removeAll();
    add(places, "The floor", 30);
    add(places, "The rack", 21);
    assertThat(putBench(bench).detail()).contains("51").contains("1 to 50");
    places.removeAll();
    places.addNull();
    assertThat(putBench(bench).status()).isEqualTo(422);
    for (int i = 0; i < 12; i++) {
      add(places, "Place " + i, 1);
    }
    places.remove(0);
    assertThat(putBench(bench).status()).isEqualTo(200);
    add(places, "One more", 1);
    assertThat(putBench(bench).detail()).contains("13").contains("1 to 12");
    assertThat(get("/api/bench").body().at("/bench/dryingPlaces")).hasSize(12);
  }

  /** What finds room nowhere is told of with its size, planned all the same, and ends with room. */
  @Test
  void whatFindsNoRoomIsToldOf() {
    ObjectNode bench = warm();
    JsonNode piece = painted("Too large", 777.7);
    int free = finish(order(piece));
    assertThat(homeless(order(piece))).isEmpty();
    ArrayNode places = bench.putArray("dryingPlaces");
    add(places, "The rack", 4, 700, 400);
    assertThat(putBench(bench).status()).isEqualTo(200);
    JsonNode order = order(piece);
    canBeWorked("too large", order);
    assertThat(finish(order)).isEqualTo(free);
    assertThat(homeless(order)).hasSize(1);
    JsonNode told = homeless(order).getFirst();
    assertThat(told.path("text").asString()).contains("Too large").contains("30 5/8\"");
    assertThat(told.path("level").asString()).isEqualTo("RISK");
    assertThat(steps(order)).allMatch(s -> s.path("driesText").asString().isEmpty());
    add(places, "The floor", 1, 780, 500);
    assertThat(putBench(bench).status()).isEqualTo(200);
    JsonNode roomy = order(piece);
    assertThat(homeless(roomy)).isEmpty();
    // where there is a choice, it is told where to put it
    assertThat(steps(roomy).stream().map(s -> s.path("driesText").asString()))
        .contains("Put to dry: the floor")
        .noneMatch(t -> t.contains("rack"));
  }

  /** Of two that would lie on one place the second waits until the first has dried. */
  @Test
  void whatWantsTheSamePlaceWaitsForIt() {
    Random dice = new Random(70711);
    int later = 0;
    for (int i = 0; i < 3; i++) {
      ObjectNode bench = warm();
      JsonNode one = painted("Room one " + i, 611.3 + dice.nextInt(90));
      JsonNode two = painted("Room two " + i, 613.7 + dice.nextInt(90));
      one =
          edited(
              one, of("WORK_WITH").put("pieceId", two.path("id").asString()).put("together", true));
      int before = 0;
      for (int count : List.of(1, 2, 3)) {
        ArrayNode places = bench.putArray("dryingPlaces");
        add(places, "The floor", count, 903.1, 811.9);
        add(places, "The rack", 4, 300, 250);
        assertThat(putBench(bench).status()).isEqualTo(200);
        JsonNode order = order(one);
        canBeWorked("room", order);
        assertThat(homeless(order)).isEmpty();
        int ready = finish(order);
        if (count == 2) {
          later += ready < before ? 1 : 0;
        }
        if (count > 1 && order.path("proofText").asString().equals("Nothing can be sooner.")) {
          assertThat(ready).as("more room is never later").isLessThanOrEqualTo(before);
        }
        before = ready;
      }
    }
    assertThat(later).as("cases in which room was short").isPositive();
  }
}
