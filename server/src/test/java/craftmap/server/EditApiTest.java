package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Edits of a plan over HTTP: kept by codes, one step each, nobody's lost. */
class EditApiTest extends ServerTest {
  @Autowired private JdbcTemplate jdbc;

  private JsonNode banded(String name, int bands) {
    JsonNode chest = newChest(name);
    JsonNode plan = chest.path("document");
    for (int i = 0; i < bands; i++) {
      plan = withFernBand(plan, "band" + i, 61.3 + 37.7 * i);
    }
    return save(chest, plan, "laid", null).body();
  }

  private ObjectNode measured(String layId, String key, double mm) {
    ObjectNode edit = of("MEASURE_LAY").put("layId", layId);
    edit.putObject("measures").put(key, mm);
    return edit;
  }

  private JsonNode now(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString()).body();
  }

  private static JsonNode piece(Answer edited) {
    assertThat(edited.status()).as(edited.detail()).isEqualTo(200);
    return edited.body().path("piece");
  }

  // ---- history

  @Test
  void whatWasDoneIsKeptByItsCodeAndSaidWhenItIsRead() {
    JsonNode chest = banded("Codes", 1);
    JsonNode coats = piece(edit(chest, of("CHANGE_COATS").put("layId", "band0").put("coats", 3)));
    assertThat(coats.path("undo").asString()).isEqualTo("Coats of Fern band");
    assertThat(coats.at("/document/lays/0/coats").asInt()).isEqualTo(3);
    Map<String, Object> row =
        jdbc.queryForMap(
            "select told, told_names, summary from plan_entry where piece_id = ?"
                + " order by made_as desc limit 1",
            chest.path("id").asString());
    assertThat(row.get("told")).isEqualTo("COATS");
    assertThat(row.get("told_names")).isEqualTo("[\"Fern band\"]");
    assertThat(row.get("summary")).isNull();
    JsonNode off = piece(edit(coats, of("TAKE_LAY_OFF").put("layId", "band0")));
    assertThat(off.path("undo").asString()).isEqualTo("Took Fern band off");
    JsonNode back =
        change(
                "POST",
                "/api/pieces/" + chest.path("id").asString() + "/undo",
                null,
                off.path("version").asLong())
            .body();
    assertThat(back.at("/document/lays/0/coats").asInt()).isEqualTo(3);
    assertThat(back.path("redo").asString()).isEqualTo("Took Fern band off");
  }

  /** Entries of before codes keep the sentence they came with. */
  @Test
  void olderEntriesSayWhatTheySaidThen() {
    JsonNode chest = banded("Older", 1);
    assertThat(chest.path("undo").asString()).isEqualTo("laid");
    assertThat(get("/api/pieces/sea-chest").status()).isEqualTo(200);
  }

  @Test
  void severalEditsAreOneStepAndAGestureThatGoesOnStaysOne() {
    JsonNode chest = banded("Steps", 2);
    JsonNode two =
        piece(edit(chest, measured("band0", "gap", 23.7), measured("band1", "gap", 19.1)));
    ObjectNode drag = json.createObjectNode().put("gesture", "drag 1");
    for (double mm : new double[] {91.3, 92.9, 97.1}) {
      drag.putArray("edits").add(measured("band0", "distance", mm));
      two =
          piece(
              change(
                  "POST",
                  "/api/pieces/" + chest.path("id").asString() + "/edits",
                  drag,
                  two.path("version").asLong()));
    }
    assertThat(two.at("/document/lays/0/rule/measures/distance").asDouble()).isEqualTo(97.1);
    String undo = "/api/pieces/" + chest.path("id").asString() + "/undo";
    JsonNode once = change("POST", undo, null, two.path("version").asLong()).body();
    assertThat(once.at("/document/lays/0/rule/measures/distance").asDouble()).isEqualTo(61.3);
    assertThat(once.at("/document/lays/0/rule/measures/gap").asDouble()).isEqualTo(23.7);
    JsonNode twice = change("POST", undo, null, once.path("version").asLong()).body();
    assertThat(twice.path("document")).isEqualTo(chest.path("document"));
  }

  @Test
  void anEditThatChangesNothingIsNoStep() {
    JsonNode chest = banded("Same", 1);
    JsonNode same = piece(edit(chest, of("CHANGE_COATS").put("layId", "band0").put("coats", 2)));
    assertThat(same.path("version")).isEqualTo(chest.path("version"));
    assertThat(same.path("undo")).isEqualTo(chest.path("undo"));
  }

  // ---- refused

  @Test
  void ofSeveralEditsOneThatCannotBeKeepsAllFromBeingMade() {
    JsonNode chest = banded("All or nothing", 1);
    Answer refused =
        edit(
            chest,
            of("CHANGE_COATS").put("layId", "band0").put("coats", 3),
            measured("band0", "gap", -7.3));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("(-0.287\") is below nothing");
    assertThat(now(chest)).isEqualTo(chest);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{}",
        "{'edits':[]}",
        "{'edits':null}",
        "{'edits':[null]}",
        "{'edits':[{}]}",
        "{'edits':[{'kind':null}]}",
        "{'edits':[{'kind':'EXPLODE'}]}",
        "{'edits':['TAKE_LAY_OFF']}",
        "{'edits':[{'kind':'TAKE_LAY_OFF'}]}",
        "{'edits':[{'kind':'TAKE_LAY_OFF','layId':'nobody'}]}",
        "{'edits':[{'kind':'MEASURE_LAY','layId':'band0','measures':{'gap':null}}]}",
        "{'edits':[{'kind':'MEASURE_LAY','layId':'band0','measures':{'gap':1e999}}]}",
        "{'edits':[{'kind':'MEASURE_LAY','layId':'band0','measures':{'colour':3}}]}",
        "{'edits':[{'kind':'CHANGE_COATS','layId':'band0','coats':400}]}",
        "{'edits':[{'kind':'PUT_HOLE','faceId':'front'}]}",
        "{'edits':[{'kind':'PUT_HOLE','faceId':'front','hole':{'id':'none','name':'n','xMm':1,"
            + "'yMm':1,'diameterMm':5,'count':1,'spacingMm':0,'upright':false}}]}",
        "{'edits':[{'kind':'ADD_MARK','faceId':'front','mark':'HOLE','xMm':1e300,'yMm':0}]}",
        "{'edits':[{'kind':'CHANGE_GROUND','faceId':'front','ground':'sea'}]}",
        "{'edits':[{'kind':'RESHAPE','faceId':'roof','outline':'CIRCLE'}]}",
        "{'edits':[{'kind':'NAME_PIECE','name':' '}]}",
        "{'edits':[{'kind':'CORNERS_OF_FACE','faceId':'front','points':[null]}]}",
      })
  void whatIsNoEditIsRefusedWithASentenceAndNothingChanges(String body) {
    JsonNode chest = banded("Hostile", 1);
    Answer refused =
        change(
            "POST",
            "/api/pieces/" + chest.path("id").asString() + "/edits",
            body.replace('\'', '"'),
            chest.path("version").asLong());
    assertThat(refused.status()).as(body).isIn(400, 422);
    assertThat(refused.detail()).as(body).isNotBlank().doesNotContain("Exception");
    assertThat(now(chest)).isEqualTo(chest);
  }

  @Test
  void whoComesSecondIsToldWhatWasDoneAndNothingOfTheFirstIsLost() {
    JsonNode seen = banded("Second", 2);
    piece(edit(seen, measured("band0", "gap", 27.3)));
    Answer second = edit(seen, measured("band0", "margin", 11.9));
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.body().at("/theirs/changes/0").asString()).startsWith("Fern band: ");
    JsonNode both = piece(edit(now(seen), measured("band0", "margin", 11.9)));
    assertThat(both.at("/document/lays/0/rule/measures/gap").asDouble()).isEqualTo(27.3);
    assertThat(both.at("/document/lays/0/rule/measures/margin").asDouble()).isEqualTo(11.9);
  }

  /** As after a lost answer: the page asks again with what it knew. */
  @Test
  void aChangeThatIsSentAgainIsMadeOnceAndAnswered() {
    JsonNode chest = banded("Twice", 1);
    String path = "/api/pieces/" + chest.path("id").asString() + "/edits";
    ObjectNode change = json.createObjectNode().put("id", "f3b1-once");
    change
        .putArray("edits")
        .add(of("COPY_LAY").put("layId", "band0").put("faceId", "back").put("mirrored", false));
    long seen = chest.path("version").asLong();
    JsonNode first = piece(change("POST", path, change, seen));
    assertThat(piece(change("POST", path, change, seen))).isEqualTo(first);
    assertThat(first.at("/document/lays")).hasSize(2);
    // the same under another id is another one; this one was made, whatever came since
    JsonNode again = piece(change("POST", path, change.deepCopy().put("id", "other"), seen));
    assertThat(again.at("/document/lays")).hasSize(3);
    JsonNode later = piece(edit(again, of("NAME_PIECE").put("name", "Twice, later")));
    assertThat(piece(change("POST", path, change, seen))).isEqualTo(later);
    assertThat(later.at("/document/lays")).hasSize(3);
    assertThat(change("POST", path, change.deepCopy().put("id", "x".repeat(37)), seen).detail())
        .startsWith("Id of the change (37 characters)");
  }

  // ---- many at once

  /**
   * Each writer has a lay of its own and says one measure after the other, asking again where it
   * came second: in the end everyone's last word stands, and every step is in the history.
   */
  @ParameterizedTest
  @ValueSource(longs = {5, 7_919})
  void everyonesLastWordStandsHoweverManyEditAtOnce(long seed) throws Exception {
    int writers = 8;
    int words = 6;
    JsonNode chest = banded("Crowd " + seed, writers);
    List<Callable<Double>> all = new ArrayList<>();
    for (int w = 0; w < writers; w++) {
      String lay = "band" + w;
      Dice dice = new Dice(seed + w);
      all.add(
          () -> {
            double last = 0;
            for (int i = 0; i < words; i++) {
              last = 5 + 30 * dice.next();
              Answer answer;
              do {
                answer = edit(now(chest), measured(lay, "gap", last));
                assertThat(answer.status()).as(answer.detail()).isIn(200, 409);
              } while (answer.status() != 200);
            }
            return last;
          });
    }
    List<Double> last = new ArrayList<>();
    try (ExecutorService pool = Executors.newFixedThreadPool(writers)) {
      for (Future<Double> word : pool.invokeAll(all)) {
        last.add(word.get());
      }
    }
    JsonNode end = now(chest);
    for (int w = 0; w < writers; w++) {
      assertThat(end.at("/document/lays/" + w + "/rule/measures/gap").asDouble())
          .isEqualTo(last.get(w));
    }
    assertThat(end.path("version").asLong())
        .isEqualTo(chest.path("version").asLong() + (long) writers * words);
    Integer steps =
        jdbc.queryForObject(
            "select count(*) from plan_entry where piece_id = ? and told = 'RULE'",
            Integer.class,
            chest.path("id").asString());
    assertThat(steps).isEqualTo(writers * words);
  }

  // ---- asked before it is done

  /** What is shown under the hand is what letting go there saves. */
  @ParameterizedTest
  @ValueSource(longs = {11, 13, 17, 19})
  void aLayAskedForWithEditsIsTheLayThatTheyMake(long seed) {
    Dice dice = new Dice(seed);
    JsonNode chest = banded("Asked " + seed, 3);
    String lay = "band" + (int) (3 * dice.next());
    ObjectNode[] edits = {
      measured(lay, "distance", 40 + 240 * dice.next()),
      measured(lay, "gap", 3 + 40 * dice.next()),
      of("CHANGE_COATS").put("layId", lay).put("coats", 1 + (int) (3 * dice.next()))
    };
    ObjectNode question = json.createObjectNode().put("layId", lay);
    question.put("pieceId", chest.path("id").asString()).putArray("edits").addAll(List.of(edits));
    JsonNode asked = post("/api/readings/lay", question).body();
    assertThat(now(chest)).isEqualTo(chest);
    JsonNode saved = piece(edit(chest, edits));
    JsonNode made =
        saved
            .at("/reading/faces/0/lays")
            .valueStream()
            .filter(l -> l.path("id").asString().equals(lay))
            .findFirst()
            .orElseThrow();
    assertThat(asked.at("/laid/items")).isEqualTo(made.at("/laid/items"));
    assertThat(asked.at("/laid/options")).isEqualTo(made.at("/laid/options"));
    assertThat(asked.at("/laid/takes")).isEqualTo(made.at("/laid/takes"));
  }

  @Test
  void editsOfAPlanKeptElsewhereComeBackWithWhatWasDone() {
    JsonNode plan = newChest("Elsewhere").path("document");
    JsonNode answer =
        wouldBe(
                plan,
                of("LAY_DESIGN").put("id", "mine").put("faceId", "lid").put("designId", "gull"),
                of("LOCK_LAY").put("layId", "mine").put("locked", true))
            .body();
    assertThat(answer.at("/document/lays/0/locked").asBoolean()).isTrue();
    assertThat(answer.path("layId").asString()).isEqualTo("mine");
    assertThat(answer.path("summary").asString()).startsWith("Locked ");
  }

  /** A plan that is sent as it was read is the plan that was read: nothing is lost on the way. */
  @Test
  void thePlansOfAllDemoPiecesGoBothWaysUnchanged() {
    for (JsonNode card : get("/api/pieces").body()) {
      JsonNode piece = get("/api/pieces/" + card.path("id").asString()).body();
      JsonNode again = save(piece, piece.path("document"), "as it was", null).body();
      assertThat(again.path("version"))
          .as(card.path("name").asString())
          .isEqualTo(piece.path("version"));
    }
  }
}
