package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Two windows that have seen the same version of a plan, and both change it. */
class MergeApiTest extends ServerTest {
  private static final int WRITERS = 32;

  @Autowired private JdbcTemplate jdbc;

  private JsonNode banded(String name, int bands) {
    JsonNode chest = newChest(name);
    JsonNode plan = chest.path("document");
    for (int i = 0; i < bands; i++) {
      plan = withFernBand(plan, "band" + i, 41.3 + 9.7 * i);
    }
    return save(chest, plan, "laid", null).body();
  }

  private static String path(JsonNode piece) {
    return "/api/pieces/" + piece.path("id").asString();
  }

  private JsonNode now(JsonNode piece) {
    return get(path(piece)).body();
  }

  private static JsonNode made(Answer edited) {
    assertThat(edited.status()).as(edited.detail()).isEqualTo(200);
    return edited.body().path("piece");
  }

  private ObjectNode coats(String layId, int coats) {
    return of("CHANGE_COATS").put("layId", layId).put("coats", coats);
  }

  private ObjectNode gap(String layId, double mm) {
    ObjectNode edit = of("MEASURE_LAY").put("layId", layId);
    edit.putObject("measures").put("gap", mm);
    return edit;
  }

  private ObjectNode width(String measure, double mm) {
    ObjectNode edit = of("MEASURE_PIECE");
    edit.putObject("measures").put(measure, mm);
    return edit;
  }

  private ObjectNode hole(String id, double x) {
    ObjectNode edit = of("ADD_MARK").put("faceId", "front").put("id", id).put("mark", "HOLE");
    return edit.put("xMm", x).put("yMm", 131.9);
  }

  private static JsonNode theirs(Answer clash) {
    assertThat(clash.status()).as(clash.detail()).isEqualTo(409);
    return clash.body().path("theirs");
  }

  private static JsonNode lay(JsonNode piece, String id) {
    return piece
        .at("/document/lays")
        .valueStream()
        .filter(l -> l.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError("there is no lay " + id));
  }

  // ---- put together

  @Test
  void differentLaysMarksMeasuresAndStepsOfBothStandInThePlan() {
    JsonNode seen = banded("Put together", 2);
    made(edit(seen, coats("band0", 3)));
    made(edit(seen, gap("band1", 23.7)));
    made(edit(seen, width("height", 433.3)));
    made(edit(seen, hole("first", 101.3)));
    made(edit(seen, hole("second", 207.1)));
    made(edit(seen, of("STEP_IN_PARTS").put("step", "wash").put("parts", 2)));
    JsonNode last = made(edit(seen, of("STEP_IN_PARTS").put("step", "prime").put("parts", 3)));
    assertThat(lay(last, "band0").path("coats").asInt()).isEqualTo(3);
    assertThat(lay(last, "band1").at("/rule/measures/gap").asDouble()).isEqualTo(23.7);
    assertThat(last.at("/document/form/measures/height").asDouble()).isEqualTo(433.3);
    assertThat(last.toString()).contains("\"first\"", "\"second\"");
    assertThat(last.at("/document/order").toString()).contains("\"wash\"", "\"prime\"");
    // each is a step of the history
    assertThat(last.path("version").asLong()).isEqualTo(seen.path("version").asLong() + 7);
    assertThat(get(path(seen) + "/history").body().size()).isEqualTo(9);
  }

  @Test
  void coatsAreAnsweredAtOnceAlsoOnTopOfWhatOthersHaveLaid() {
    JsonNode seen = banded("Coats on top", 1);
    made(edit(seen, coats("band0", 4)));
    ObjectNode change = json.createObjectNode();
    change
        .putArray("edits")
        .add(of("ADD_COAT_STEP").put("groupId", "of:front").put("step", "STRIP"));
    Answer coated =
        change("POST", path(seen) + "/coats/edits", change, seen.path("version").asLong());
    assertThat(coated.status()).as(coated.detail()).isEqualTo(200);
    assertThat(coated.body().path("coats").toString()).contains("step:STRIP");
    assertThat(lay(coated.body(), "band0").path("coats").asInt()).isEqualTo(4);
  }

  @Test
  void aChangeThatIsSentAgainAfterALostAnswerIsMadeOnce() {
    JsonNode seen = banded("Sent again", 2);
    made(edit(seen, coats("band0", 3)));
    ObjectNode change = json.createObjectNode().put("id", "f3f2c1");
    change.putArray("edits").add(hole("once", 77.7));
    long version = seen.path("version").asLong();
    made(change("POST", path(seen) + "/edits", change, version));
    JsonNode again = made(change("POST", path(seen) + "/edits", change, version));
    assertThat(again.path("version").asLong()).isEqualTo(version + 2);
    assertThat(now(seen).path("version").asLong()).isEqualTo(version + 2);
  }

  // ---- asked

  @Test
  void theSameLayAsksWithBothSides() {
    JsonNode seen = banded("Asked", 2);
    ObjectNode change = json.createObjectNode();
    change.putArray("edits").add(coats("band0", 3));
    send(asked(path(seen) + "/edits", "Hollis", change, seen));
    JsonNode theirs = theirs(edit(seen, gap("band0", 23.7), gap("band1", 19.3)));
    assertThat(texts(theirs.path("changes"))).containsExactly("Coats of Fern band · Hollis");
    assertThat(texts(theirs.path("both"))).containsExactly("Fern band on Front");
    assertThat(lay(now(seen), "band1")).isEqualTo(lay(seen, "band1"));
    // who has looked at it puts theirs on top
    JsonNode looked = now(seen);
    JsonNode both = made(edit(looked, gap("band0", 23.7)));
    assertThat(lay(both, "band0").path("coats").asInt()).isEqualTo(3);
    assertThat(lay(both, "band0").at("/rule/measures/gap").asDouble()).isEqualTo(23.7);
  }

  @Test
  void whatWasTakenAwayMeanwhileAsksAndWhatIsWrongByItselfIsRefused() {
    JsonNode seen = banded("Taken away", 2);
    made(edit(seen, of("TAKE_LAY_OFF").put("layId", "band0")));
    JsonNode theirs = theirs(edit(seen, coats("band0", 3)));
    assertThat(texts(theirs.path("changes"))).containsExactly("Took Fern band off");
    assertThat(texts(theirs.path("both"))).containsExactly("a lay that was taken off");
    JsonNode other = banded("Wrong by itself", 2);
    made(edit(other, coats("band0", 3)));
    Answer refused = edit(other, gap("band1", -7.3));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("below nothing");
  }

  @Test
  void aFaceThatIsTakenOffIsAskedAboutByWhoeverLaysOnIt() {
    JsonNode seen = banded("Face off", 1);
    made(edit(seen, of("LAY_DESIGN").put("faceId", "left").put("designId", "fern-band")));
    JsonNode theirs = theirs(edit(seen, of("TAKE_FACE_OFF").put("faceId", "left")));
    assertThat(texts(theirs.path("both"))).containsExactly("Left");
  }

  @Test
  void whatWasUndoneAndBroughtAgainIsSomethingThatWasDone() {
    JsonNode seen = made(edit(banded("Undone", 2), coats("band0", 3)));
    Answer undone = change("POST", path(seen) + "/undo", null, seen.path("version").asLong());
    assertThat(undone.status()).isEqualTo(200);
    made(edit(seen, gap("band1", 23.7)));
    JsonNode theirs = theirs(edit(seen, gap("band0", 19.1)));
    assertThat(texts(theirs.path("changes")))
        .containsExactly("Fern band: gap", "Went back behind: Coats of Fern band");
    assertThat(texts(theirs.path("both"))).containsExactly("Fern band on Front");
    JsonNode history = get(path(seen) + "/history").body();
    assertThat(texts(history, "text"))
        .containsExactly(
            "Fern band: gap",
            "Went back behind: Coats of Fern band",
            "Coats of Fern band",
            "laid",
            "Started the piece");
    assertThat(texts(history, "wentThere"))
        .containsExactly("false", "true", "false", "false", "false");
    // a step back is one of what was seen
    assertThat(change("POST", path(seen) + "/undo", null, seen.path("version").asLong()).status())
        .isEqualTo(409);
  }

  @Test
  void whereNobodyKnowsAnyMoreWhatWasDoneWhoeverChangesIsAsked() {
    JsonNode seen = banded("Forgotten", 2);
    made(edit(seen, coats("band0", 3)));
    jdbc.update("delete from plan_move where piece_id = ?", seen.path("id").asString());
    JsonNode theirs = theirs(edit(seen, gap("band1", 23.7)));
    assertThat(theirs.path("both")).isEmpty();
    assertThat(theirs.path("version").asLong()).isEqualTo(seen.path("version").asLong() + 1);
    JsonNode laterVersion = banded("Of a later version", 2);
    made(edit(laterVersion, coats("band0", 3)));
    jdbc.update(
        "update plan_move set touched = replace(touched, 'LAY', 'LAYER') where piece_id = ?",
        laterVersion.path("id").asString());
    theirs(edit(laterVersion, gap("band1", 23.7)));
  }

  @Test
  void whatSomebodyElseDidIsUndoneUnderTheirName() {
    JsonNode seen = banded("By name", 1);
    ObjectNode change = json.createObjectNode();
    change.putArray("edits").add(coats("band0", 3));
    send(asked(path(seen) + "/edits", "Hollis", change, seen));
    assertThat(now(seen).path("undo").asString()).isEqualTo("Coats of Fern band · Hollis");
    Answer asHollis = send(request(path(seen)).header("X-Person", "Hollis").GET());
    assertThat(asHollis.body().path("undo").asString()).isEqualTo("Coats of Fern band");
  }

  // ---- many at once

  private List<Answer> atOnce(List<Callable<Answer>> writers) throws Exception {
    CyclicBarrier begin = new CyclicBarrier(writers.size());
    List<Answer> answers = new ArrayList<>();
    try (ExecutorService all = Executors.newFixedThreadPool(writers.size())) {
      List<Future<Answer>> asked = new ArrayList<>();
      for (Callable<Answer> writer : writers) {
        asked.add(
            all.submit(
                () -> {
                  begin.await();
                  return writer.call();
                }));
      }
      for (Future<Answer> answer : asked) {
        answers.add(answer.get());
      }
    }
    return answers;
  }

  @Test
  void thirtyTwoPeopleWhoEachChangeAnotherLayAreAskedNothingAndLoseNothing() throws Exception {
    JsonNode seen = banded("Thirty-two lays", WRITERS);
    List<Answer> answers =
        atOnce(
            IntStream.range(0, WRITERS)
                .<Callable<Answer>>mapToObj(w -> () -> edit(seen, gap("band" + w, 20.3 + w / 7.0)))
                .toList());
    assertThat(answers).allSatisfy(a -> assertThat(a.status()).as(a.detail()).isEqualTo(200));
    JsonNode now = now(seen);
    for (int w = 0; w < WRITERS; w++) {
      assertThat(lay(now, "band" + w).at("/rule/measures/gap").asDouble())
          .isEqualTo(20.3 + w / 7.0);
    }
    assertThat(now.path("version").asLong()).isEqualTo(seen.path("version").asLong() + WRITERS);
    assertThat(
            jdbc.queryForList(
                "select version from plan_move where piece_id = ? and version > ? order by version",
                Long.class,
                seen.path("id").asString(),
                seen.path("version").asLong()))
        .as("how each version came about is known")
        .hasSize(WRITERS);
  }

  @Test
  void ofThirtyTwoWhoChangeTheSameLayOneIsFirstAndAllOthersAreAsked() throws Exception {
    JsonNode seen = banded("One lay of many", 1);
    List<Answer> answers =
        atOnce(
            IntStream.range(0, WRITERS)
                .<Callable<Answer>>mapToObj(w -> () -> edit(seen, gap("band0", 20.3 + w / 7.0)))
                .toList());
    List<Answer> first = answers.stream().filter(a -> a.status() == 200).toList();
    assertThat(first).hasSize(1);
    assertThat(answers.stream().filter(a -> a.status() == 409)).hasSize(WRITERS - 1);
    assertThat(lay(now(seen), "band0")).isEqualTo(lay(made(first.getFirst()), "band0"));
  }

  // ---- whatever is done

  private ObjectNode any(Dice dice, String who) {
    String lay = "band" + (int) (3 * dice.next());
    return switch ((int) (9 * dice.next())) {
      case 0 -> coats(lay, 1 + (int) (5 * dice.next()));
      case 1 -> gap(lay, 15 + 20 * dice.next());
      case 2 -> width(dice.next() < 0.5 ? "width" : "height", 700 + 200 * dice.next());
      case 3 -> hole(who + (int) (1e6 * dice.next()), 20 + 700 * dice.next());
      case 4 -> of("TAKE_LAY_OFF").put("layId", lay);
      case 5 -> of("LOCK_LAY").put("layId", lay).put("locked", dice.next() < 0.5);
      case 6 ->
          of("NAME_FACE")
              .put("faceId", dice.next() < 0.5 ? "front" : "left")
              .put("name", "Face " + dice.next());
      case 7 -> of("COPY_LAY").put("layId", lay).put("faceId", "left").put("mirrored", false);
      default ->
          of("STEP_IN_PARTS")
              .put("step", dice.next() < 0.5 ? "wash" : "prime")
              .put("parts", 1 + (int) (6 * dice.next()));
    };
  }

  /** Where one document is otherwise than another; lays by their ids. */
  private static List<String> otherwise(JsonNode before, JsonNode after) {
    List<String> parts = new ArrayList<>();
    collect(parts, "", before.path("document"), after.path("document"));
    return parts;
  }

  private static void collect(List<String> into, String at, JsonNode a, JsonNode b) {
    if (a.equals(b)) {
      return;
    }
    boolean named = at.equals("/lays");
    if (named) {
      for (JsonNode l : a) {
        String id = l.path("id").asString();
        JsonNode other =
            b.valueStream()
                .filter(o -> o.path("id").asString().equals(id))
                .findFirst()
                .orElse(null);
        if (!l.equals(other)) {
          into.add("/lays/" + id);
        }
      }
    } else if (a.isObject() && b.isObject()) {
      a.propertyStream()
          .forEach(p -> collect(into, at + "/" + p.getKey(), p.getValue(), b.path(p.getKey())));
    } else {
      into.add(at);
    }
  }

  /**
   * Whoever is answered that it is saved sees their own in the plan, and nothing of what the other
   * one was told is saved is otherwise; whoever is asked has changed nothing.
   */
  @ParameterizedTest
  @ValueSource(longs = {3, 41, 577})
  void nobodyWhoWasToldThatItIsSavedLosesAnything(long seed) {
    Dice dice = new Dice(seed);
    int together = 0;
    int asked = 0;
    for (int round = 0; round < 9; round++) {
      JsonNode seen = banded("Whatever " + seed + " " + round, 3);
      JsonNode alone =
          save(newChest("Alone " + seed + " " + round), seen.path("document"), "same", null).body();
      Answer first = edit(seen, any(dice, "theirs"));
      ObjectNode mine = any(dice, "mine");
      if (first.status() != 200) {
        continue;
      }
      JsonNode theirs = first.body().path("piece");
      Answer second = edit(seen, mine);
      JsonNode both = now(seen);
      if (second.status() == 409) {
        asked++;
        assertThat(second.body().at("/theirs/both")).isNotEmpty();
        assertThat(both.path("document")).isEqualTo(theirs.path("document"));
        continue;
      }
      Answer byItself = edit(alone, mine);
      assertThat(second.status()).as("%s", mine).isEqualTo(byItself.status());
      if (second.status() == 200) {
        together++;
        List<String> byMe = otherwise(alone, byItself.body().path("piece"));
        List<String> sinceTheirs = otherwise(theirs, both);
        assertThat(sinceTheirs).as("%s on top of theirs", mine).allMatch(byMe::contains);
      }
    }
    assertThat(together).isPositive();
    assertThat(together + asked).isGreaterThan(5);
  }

  private java.net.http.HttpRequest.Builder asked(
      String path, String person, ObjectNode change, JsonNode seen) {
    return changing("POST", path, change, seen.path("version").asLong()).header("X-Person", person);
  }

  private static List<String> texts(JsonNode list) {
    return list.valueStream().map(JsonNode::asString).toList();
  }
}
