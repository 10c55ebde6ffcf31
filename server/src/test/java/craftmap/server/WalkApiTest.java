package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A first walk: its board is worked on like any piece, and nothing of the studio counts on it. */
class WalkApiTest extends BenchServerTest {
  @Autowired private JdbcTemplate database;

  private JsonNode begun() {
    Answer begun = post("/api/walks", null);
    assertThat(begun.status()).isEqualTo(201);
    return get("/api/pieces/" + begun.body().path("pieceId").asString()).body();
  }

  private static String id(JsonNode piece) {
    return piece.path("id").asString();
  }

  private List<String> done(JsonNode piece) {
    JsonNode stops = get("/api/pieces/" + id(piece) + "/walk").body().path("stops");
    assertThat(texts(stops, "stop"))
        .containsExactly("SURVEY", "CHOOSE", "LAY_OUT", "COATS", "ORDER", "GATHER");
    return StreamSupport.stream(stops.spliterator(), false)
        .filter(s -> s.path("done").asBoolean())
        .map(s -> s.path("stop").asString())
        .toList();
  }

  private static ObjectNode measured(ObjectNode edit, double width, double height) {
    edit.putObject("measures").put("width", width).put("height", height);
    edit.putObject("choices");
    return edit;
  }

  private List<String> listed(boolean archived) {
    return texts(get("/api/pieces?archived=" + archived).body(), "id");
  }

  @Test
  void eachStopIsDoneOnceThePlanShowsItAndOpenAgainWhenItIsTakenBack() {
    JsonNode board = begun();
    assertThat(board.path("practice").asBoolean()).isTrue();
    assertThat(done(board)).isEmpty();
    JsonNode measured = edited(board, measured(of("MEASURE_PIECE"), 513.7, 391.3));
    assertThat(done(measured)).containsExactly("SURVEY");
    JsonNode coloured = edited(measured, from(inGroup("PAINT_GROUND", measured), "rust-tide"));
    assertThat(done(coloured)).containsExactly("SURVEY", "COATS");
    JsonNode dated = edited(coloured, of("BEGIN_ON").put("at", "2027-02-01T09:20"));
    assertThat(done(dated)).containsExactly("SURVEY", "COATS", "ORDER");
    JsonNode back =
        change("POST", "/api/pieces/" + id(board) + "/undo", null, dated.path("version").asLong())
            .body();
    assertThat(done(back)).containsExactly("SURVEY", "COATS");
  }

  /** However much is tried on it: on no list, in no week, and not a drop is kept for it. */
  @Test
  void nothingOfTheStudioCountsOnIt() {
    JsonNode shopping = get("/api/shopping").body();
    JsonNode pot = get("/api/pots").body();
    JsonNode board = begun();
    board = edited(board, measured(of("MEASURE_PIECE"), 1913.7, 1791.3));
    edited(board, from(inGroup("PAINT_GROUND", board), "rust-tide"));
    assertThat(listed(false)).doesNotContain(id(board));
    assertThat(listed(true)).doesNotContain(id(board));
    assertThat(get("/api/shopping").body()).isEqualTo(shopping);
    assertThat(get("/api/pots").body()).isEqualTo(pot);
    assertThat(get("/api/week").body().toString()).doesNotContain(id(board));
    assertThat(
            database.queryForObject(
                "select count(*) from claim where piece_id = ?", Integer.class, id(board)))
        .isZero();
  }

  /** What is played with is in no pot: nothing is booked, told or learned, whoever sends it. */
  @Test
  void nothingIsBookedOrLearnedForIt() {
    JsonNode board = begun();
    board = edited(board, measured(of("MEASURE_PIECE"), 523.9, 417.3));
    board = edited(board, from(inGroup("PAINT_GROUND", board), "rust-tide"));
    JsonNode pots = get("/api/pots").body();
    String path = "/api/pieces/" + id(board);
    String use = get(path + "/gather").body().at("/needs/0/uses/0/layId").asString();
    String step = steps(order(board)).getFirst().path("key").asString();
    assertThat(List.of(use, step)).doesNotContain("");
    Answer booked = put(path + "/lays/" + encoded(use) + "/done", null);
    assertThat(booked.status()).as(booked.detail()).isEqualTo(422);
    ObjectNode told = json.createObjectNode();
    told.putArray("told").add(done(step, Instant.now(), 4.5));
    String problem = post(path + "/work/told", told).body().at("/0/problem").asString();
    for (String refusal : List.of(booked.detail(), problem)) {
      assertThat(refusal).contains("A board to try things on").contains("only tried on");
    }
    // nor by saying so in the plan itself
    ObjectNode stepDone = of("STEP_DONE").put("step", step);
    stepDone.putObject("done").put("at", Instant.now().toString()).put("minutes", 4.5);
    board = edited(board, stepDone);
    assertThat(get("/api/pots").body()).isEqualTo(pots);
    assertThat(get("/api/logbook?piece=" + id(board)).body().path("days")).isEmpty();
    // of a board that is kept it is what happened
    post(path + "/restore", null);
    assertThat(get("/api/logbook?piece=" + id(board)).body().path("days")).hasSize(1);
    archived(board);
    delete(path);
  }

  @Test
  void itIsKeptAsAPieceLikeAllOthersOrThrownAwayWithAllThatWasTried() {
    JsonNode kept = begun();
    Answer restored = post("/api/pieces/" + id(kept) + "/restore", null);
    assertThat(restored.body().path("practice").asBoolean()).isFalse();
    assertThat(restored.body().path("archived").asBoolean()).isFalse();
    assertThat(listed(false)).contains(id(kept));
    assertThat(get("/api/pieces/" + id(kept) + "/walk").status()).isEqualTo(404);
    archived(restored.body());
    assertThat(listed(true)).as("put away like any other").contains(id(kept));

    JsonNode thrown = begun();
    assertThat(delete("/api/pieces/" + id(thrown)).status()).isEqualTo(204);
    assertThat(get("/api/pieces/" + id(thrown)).status()).isEqualTo(404);
    assertThat(get("/api/pieces/" + id(thrown) + "/walk").status()).isEqualTo(404);
  }

  @Test
  void noWalkGoesOverAPieceOfTheStudio() {
    assertThat(get("/api/pieces/sea-chest/walk").status()).isEqualTo(404);
    assertThat(get("/api/pieces/nothing/walk").status()).isEqualTo(404);
  }

  /** Who walked away without a word does not fill the studio; who is at it is not disturbed. */
  @Test
  void aBoardLeftForADayGoesWhenTheNextIsBegun() {
    JsonNode left = begun();
    JsonNode atIt = begun();
    leftForADay(id(left));
    begun();
    assertThat(get("/api/pieces/" + id(left)).status()).isEqualTo(404);
    assertThat(get("/api/pieces/" + id(atIt)).status()).isEqualTo(200);
  }

  /** Whoever keeps a board in the moment in which others clear old ones away has kept it. */
  @Test
  void whatIsKeptJustThenIsNotThrownAway() throws Exception {
    for (int round = 0; round < 6; round++) {
      List<String> old = List.of(id(begun()), id(begun()), id(begun()), id(begun()));
      old.forEach(this::leftForADay);
      List<Answer> all =
          atOnce(
              8,
              i ->
                  i < old.size()
                      ? post("/api/pieces/" + old.get(i) + "/restore", null)
                      : post("/api/walks", null));
      for (int i = 0; i < old.size(); i++) {
        Answer now = get("/api/pieces/" + old.get(i));
        if (all.get(i).status() == 200) {
          assertThat(now.status()).as("kept, in round %s", round).isEqualTo(200);
          assertThat(now.body().path("practice").asBoolean()).isFalse();
          archived(now.body());
          delete("/api/pieces/" + old.get(i));
        } else {
          assertThat(all.get(i).status()).isEqualTo(404);
          assertThat(now.status()).isEqualTo(404);
        }
      }
      all.subList(old.size(), all.size()).forEach(a -> assertThat(a.status()).isEqualTo(201));
    }
  }

  private void leftForADay(String boardId) {
    database.update("update piece set made_at = made_at - interval 26 hour where id = ?", boardId);
  }

  /** Many begin in the same moment, with the same old boards in the way. */
  @Test
  void manyBeginAtOnce() throws Exception {
    List<String> old = List.of(id(begun()), id(begun()), id(begun()));
    old.forEach(this::leftForADay);
    List<String> fresh = new ArrayList<>();
    for (Answer begun : atOnce(8, i -> post("/api/walks", null))) {
      assertThat(begun.status()).as(begun.detail()).isEqualTo(201);
      fresh.add(begun.body().path("pieceId").asString());
    }
    assertThat(fresh).doesNotHaveDuplicates();
    old.forEach(o -> assertThat(get("/api/pieces/" + o).status()).isEqualTo(404));
  }
}
