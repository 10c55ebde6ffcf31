package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The schools a studio follows: new pieces do, and what another would change is what it does. */
class HabitsApiTest extends OrderServerTest {
  private static final Map<String, String> OTHERS =
      Map.of(
          "primer", "ALWAYS",
          "seal", "WAX",
          "darkWax", "OVER_A_SEALED_COAT",
          "relief", "AFTER_PAINT",
          "lift", "DRY");

  private ObjectNode usual() {
    return habits("WHERE_NEEDED", "TOP_COAT");
  }

  private ObjectNode habits(String primer, String seal) {
    return json.createObjectNode()
        .put("primer", primer)
        .put("seal", seal)
        .put("darkWax", "OVER_CLEAR_WAX")
        .put("relief", "BEFORE_PAINT")
        .put("lift", "WET");
  }

  private JsonNode follow(ObjectNode habits) {
    Answer answer = change("PUT", "/api/habits", habits, null);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  @AfterEach
  void asIsUsual() {
    follow(usual());
  }

  private static JsonNode way(JsonNode habits, String matter, String way) {
    return habits
        .path("ways")
        .valueStream()
        .filter(w -> w.path("matter").asString().equals(matter))
        .filter(w -> w.path("way").asString().equals(way))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void newPiecesFollowThemAndThoseThereAreKeepTheirOwn() {
    JsonNode before = board("Before the change", 713.3);
    JsonNode told = follow(habits("ALWAYS", "WAX"));
    assertThat(told.at("/habits/primer").asString()).isEqualTo("ALWAYS");
    assertThat(get("/api/habits").body().path("habits")).isEqualTo(told.path("habits"));
    JsonNode after = board("After the change", 713.3);
    assertThat(get(path(after) + "/coats").body().at("/habits/primer").asString())
        .isEqualTo("ALWAYS");
    assertThat(get(path(after) + "/coats").body().at("/habits/seal").asString()).isEqualTo("WAX");
    assertThat(get(path(before) + "/coats").body().at("/habits/primer").asString())
        .isEqualTo("WHERE_NEEDED");
  }

  /** Every piece follows one of the two ways of a matter; what follows all changes nothing. */
  @Test
  void everyPieceIsCountedOnce() {
    painted("Counted", 811.9);
    JsonNode told = get("/api/habits").body();
    Map<String, Integer> follow = new HashMap<>();
    told.path("ways")
        .forEach(
            w -> follow.merge(w.path("matter").asString(), w.path("follow").asInt(), Integer::sum));
    assertThat(follow).hasSize(5);
    for (JsonNode w : told.path("ways")) {
      int pieces = w.path("pieces").asInt();
      assertThat(follow).containsEntry(w.path("matter").asString(), pieces);
      assertThat(w.path("text").asString().isEmpty()).isEqualTo(w.path("follow").asInt() == pieces);
    }
  }

  /** A primer everywhere is more paint and more work on a piece that needs none. */
  @Test
  void whatAnotherWayWouldChangeIsWhatItChangesOnThePiece() {
    JsonNode piece = painted("Primed or not", 655.1);
    long bands = bands(piece);
    assertThat(way(get("/api/habits").body(), "primer", "ALWAYS").path("text").asString())
        .contains("more work", "more");
    ObjectNode choose = of("CHOOSE_HABITS");
    choose.set("habits", habits("ALWAYS", "TOP_COAT"));
    piece = edited(piece, choose);
    assertThat(bands(piece)).isGreaterThan(bands);
  }

  private long bands(JsonNode piece) {
    return get(path(piece) + "/coats")
        .body()
        .path("groups")
        .valueStream()
        .mapToLong(g -> g.path("bands").size())
        .sum();
  }

  /**
   * A stencil over twelve places, lifted once it is dry: one place after the other, each waiting
   * for the one before, and lifted in the end. Taken with one edit, and taken back with another.
   */
  @Test
  void aStencilThatIsLiftedDryIsDoneOnePlaceAtATime() {
    JsonNode piece = stencilled("Lifted wet or dry", 947.3);
    JsonNode wet = order(piece);
    canBeWorked("wet", wet);
    List<JsonNode> laid = ofTheStencil(wet);
    JsonNode otherwise = whatIf(piece, "LIFT.DRY");
    assertThat(otherwise.path("text").asString()).contains("later");
    JsonNode dried = edited(piece, (ObjectNode) otherwise.path("edit"));
    JsonNode dry = order(dried);
    canBeWorked("dry", dry);
    List<JsonNode> places = ofTheStencil(dry);
    long putOn = piece.at("/reading/faces/0/lays/0/laid/items").size();
    assertThat(putOn).isGreaterThan(3);
    // in two coats, and lifted once more at the end
    assertThat(places).hasSize((int) (2 * putOn) + 1).hasSizeGreaterThan(laid.size());
    assertThat(places.getLast().path("title").asString()).startsWith("Lift ");
    for (int i = 1; i < places.size(); i++) {
      JsonNode before = places.get(i - 1);
      String id = places.get(i).path("id").asString();
      // that what is ripe is waited for, canBeWorked has looked at
      assertThat(before.path("waits"))
          .as(places.get(i).path("title").asString())
          .anyMatch(w -> w.path("toStep").asString().equals(id) && dries(before, w));
    }
    assertThat(finish(dry)).isGreaterThan(finish(wet));
    JsonNode back = whatIf(dried, "LIFT.WET");
    assertThat(back.path("text").asString()).contains("sooner");
    assertThat(ofTheStencil(order(edited(dried, (ObjectNode) back.path("edit")))))
        .containsExactlyElementsOf(laid);
  }

  /** Its first place is done and dry: no school makes a first coat over all of them of that. */
  @Test
  void aStencilThatWasBegunIsFinishedAsItWasBegun() {
    JsonNode piece = stencilled("Begun dry", 953.9);
    JsonNode dried = edited(piece, (ObjectNode) whatIf(piece, "LIFT.DRY").path("edit"));
    List<JsonNode> places = ofTheStencil(order(dried));
    String first = places.getFirst().path("key").asString();
    assertThat(first).isEqualTo("lay:g:1.1");
    ObjectNode flip = (ObjectNode) whatIf(dried, "LIFT.WET").path("edit");
    ObjectNode did = of("STEP_DONE").put("step", first);
    did.putObject("done").put("at", Instant.now().toString()).put("minutes", 11.3);
    JsonNode begun = edited(dried, did);
    JsonNode flipped = edited(begun, flip);
    List<JsonNode> left = ofTheStencil(order(flipped));
    assertThat(left.stream().map(s -> s.path("key").asString()))
        .containsExactlyInAnyOrderElementsOf(
            places.stream().map(s -> s.path("key").asString()).toList());
    assertThat(left.stream().filter(s -> s.path("done").asBoolean()))
        .singleElement()
        .satisfies(s -> assertThat(s.path("key").asString()).isEqualTo(first));
    // taken back, it is done as the school says that is followed now
    JsonNode undone = edited(flipped, of("STEP_DONE").put("step", first));
    assertThat(ofTheStencil(order(undone)).stream().map(s -> s.path("key").asString()))
        .containsExactly("lay:g:1", "lay:g:2");
  }

  private JsonNode stencilled(String name, double mm) {
    JsonNode piece = painted(name, mm);
    ObjectNode lay =
        lay("g", faceId(piece), "GRID", Map.of("gap", 63.7, "down", 41.9), Map.of())
            .put("designId", "gull")
            .put("potId", paint("chalky-paint", "#204AB3", 0.7, "4000"));
    Answer saved = save(piece, withLay(piece.path("document"), lay), "Gulls", null);
    assertThat(saved.status()).as(saved.detail()).isEqualTo(200);
    return saved.body();
  }

  private JsonNode whatIf(JsonNode piece, String key) {
    Answer told = get(path(piece) + "/order/otherwise");
    assertThat(told.status()).as(told.detail()).isEqualTo(200);
    return told.body()
        .valueStream()
        .filter(w -> w.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no " + key + " in " + told.text()));
  }

  private static List<JsonNode> ofTheStencil(JsonNode order) {
    return steps(order).stream()
        .filter(s -> s.path("key").asString().startsWith("lay:g"))
        .sorted(Comparator.comparingInt(s -> s.path("from").asInt()))
        .toList();
  }

  private static boolean dries(JsonNode step, JsonNode wait) {
    return wait.path("ripe").asInt() > step.path("to").asInt();
  }

  @Test
  void whatIsNoWayIsRefusedAndNothingChanges() {
    for (Map.Entry<String, String> other : OTHERS.entrySet()) {
      ObjectNode wrong = usual().put(other.getKey(), "AS_IT_COMES");
      Answer answer = change("PUT", "/api/habits", wrong, null);
      assertThat(answer.status()).as(answer.body().toString()).isEqualTo(400);
      assertThat(answer.detail()).contains(other.getKey(), "AS_IT_COMES", other.getValue());
    }
    assertThat(get("/api/habits").body().path("habits")).isEqualTo(usual());
  }
}
