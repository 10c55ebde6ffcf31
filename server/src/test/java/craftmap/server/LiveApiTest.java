package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What windows are told: what was changed elsewhere, on whatever server, and who is there. */
class LiveApiTest extends AccountsServerTest {
  private static final Duration AT_MOST = Duration.ofSeconds(20);

  private final List<Told> open = new ArrayList<>();

  /** A window that listens. */
  private final class Told {
    private final BlockingQueue<JsonNode> changed = new LinkedBlockingQueue<>();
    private final BlockingQueue<JsonNode> here = new LinkedBlockingQueue<>();
    private final HttpClient client = HttpClient.newHttpClient();
    private final Thread reader;
    private final HttpResponse<InputStream> answer;
    private volatile boolean over;

    private Told(String window) throws Exception {
      answer =
          client.send(
              request("/api/live?window=" + window).GET().build(),
              HttpResponse.BodyHandlers.ofInputStream());
      assertThat(answer.statusCode()).isEqualTo(200);
      reader = Thread.ofVirtual().start(this::read);
      open.add(this);
    }

    private void read() {
      try (BufferedReader lines =
          new BufferedReader(new InputStreamReader(answer.body(), StandardCharsets.UTF_8))) {
        String event = "";
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
          if (line.startsWith("event:")) {
            event = line.substring("event:".length()).strip();
          } else if (line.startsWith("data:")) {
            (event.equals("here") ? here : changed)
                .add(json.readTree(line.substring("data:".length())));
          }
        }
      } catch (IOException closed) {
        // so it is when the test is over
      } finally {
        over = true;
      }
    }

    /** The next that is told of changes and is looked for; what comes before it is let go. */
    private JsonNode change(Predicate<JsonNode> wanted) throws InterruptedException {
      return next(changed, wanted);
    }

    private JsonNode presence(Predicate<JsonNode> wanted) throws InterruptedException {
      return next(here, wanted);
    }

    private static JsonNode next(BlockingQueue<JsonNode> from, Predicate<JsonNode> wanted)
        throws InterruptedException {
      while (true) {
        JsonNode told = from.poll(AT_MOST.toMillis(), TimeUnit.MILLISECONDS);
        assertThat(told).as("nothing of the kind was told").isNotNull();
        if (wanted.test(told)) {
          return told;
        }
      }
    }

    private void close() throws InterruptedException {
      client.shutdownNow();
      reader.join(AT_MOST);
    }
  }

  @AfterEach
  void nobodyListens() throws Exception {
    for (Told told : List.copyOf(open)) {
      told.close();
    }
    jdbc.update("delete from presence");
  }

  private Told listening(String window) throws Exception {
    Told told = new Told(window);
    // from now on it is told whatever is changed
    told.change(t -> true);
    told.presence(t -> true);
    return told;
  }

  private static Predicate<JsonNode> about(String id) {
    return told ->
        told.path("changes").valueStream().anyMatch(c -> c.path("id").asString().equals(id));
  }

  private Answer renamed(JsonNode piece, String name, String window) {
    var change = json.createObjectNode();
    change.putArray("edits").add(of("NAME_PIECE").put("name", name));
    return send(
        changing(
                "POST",
                "/api/pieces/" + piece.path("id").asString() + "/edits",
                change,
                piece.path("version").asLong())
            .header("X-Window", window));
  }

  // ---- changes

  @Test
  void aWindowIsToldOfWhatWasChangedInAnotherAndNotOfItsOwn() throws Exception {
    JsonNode chest = newChest("Told of");
    String id = chest.path("id").asString();
    Told mine = listening("mine");
    Told other = listening("other");
    renamed(chest, "Told of it", "mine");
    JsonNode told = other.change(about(id));
    assertThat(texts(told.path("changes"), "tag")).contains("PLAN");
    // whoever did it is told that something was changed, and of nothing that it did not do itself
    JsonNode own = mine.change(t -> plans(t) == plans(told));
    assertThat(about(id).test(own)).isFalse();
    assertThat(own.path("tags")).isEqualTo(told.path("tags"));
  }

  private static long plans(JsonNode told) {
    return told.path("tags")
        .valueStream()
        .filter(t -> t.path("tag").asString().equals("PLAN"))
        .findFirst()
        .orElseThrow()
        .path("times")
        .asLong();
  }

  /** Written as another server would write it: this one has only the database to know it from. */
  @Test
  void aChangeThatAnotherServerHasMadeIsToldAsOneOfItsOwn() throws Exception {
    String id = newChest("On another server").path("id").asString();
    Told window = listening("here");
    jdbc.update("update changed set times = times + 1 where thing = 'PIECE' and thing_id = ?", id);
    JsonNode told = window.change(about(id));
    assertThat(texts(told.path("changes"), "tag")).containsExactly("PLAN");
  }

  /** Of two changes in between, one's window says nothing of the other. */
  @Test
  void whatSomebodyElseChangedAsWellIsToldToBoth() throws Exception {
    String id = newChest("Changed twice").path("id").asString();
    Told mine = listening("mine");
    jdbc.update(
        "update changed set times = times + 2, by_window = 'mine', by_times = times"
            + " where thing = 'PIECE' and thing_id = ?",
        id);
    mine.change(about(id));
    jdbc.update("update changed set times = times + 1 where thing = 'PIECE' and thing_id = ?", id);
    // an older server does not say in which window; what it last said is of another change
    mine.change(about(id));
  }

  @Test
  void nothingThatIsChangedIsMissedByAnyOfManyWindows() throws Exception {
    List<JsonNode> chests = IntStream.range(0, 12).mapToObj(i -> newChest("Many " + i)).toList();
    List<Told> windows = new ArrayList<>();
    for (int w = 0; w < 6; w++) {
      windows.add(listening("window-" + w));
    }
    List<Thread> writers = new ArrayList<>();
    for (JsonNode chest : chests) {
      writers.add(
          Thread.ofVirtual().start(() -> renamed(chest, "Renamed " + chest.path("id"), "nobodys")));
    }
    for (Thread writer : writers) {
      writer.join();
    }
    for (Told window : windows) {
      List<String> missing = new ArrayList<>(texts(json.valueToTree(chests), "id"));
      while (!missing.isEmpty()) {
        JsonNode told = window.change(t -> !t.path("changes").isEmpty());
        missing.removeAll(texts(told.path("changes"), "id"));
      }
    }
  }

  @Test
  void whoeverComesBackIsToldHowOftenThingsWereChangedMeanwhile() throws Exception {
    JsonNode chest = newChest("Away");
    Told before = new Told("away");
    JsonNode then = before.change(t -> true);
    before.close();
    renamed(chest, "Changed meanwhile", "other");
    JsonNode now = new Told("away").change(t -> true);
    assertThat(now.path("changes")).isEmpty();
    assertThat(plans(now)).isGreaterThan(plans(then));
    // the same figures as are told to whoever asks
    assertThat(now.path("tags")).isEqualTo(get("/api/changes").body().path("tags"));
  }

  // ---- who is there

  private void looksAt(String window, String person, String pieceId, String faceId) {
    Map<String, String> here =
        faceId == null
            ? Map.of("window", window, "pieceId", pieceId)
            : Map.of("window", window, "pieceId", pieceId, "faceId", faceId);
    Answer told = send(changing("PUT", "/api/live/here", here, null).header("X-Person", person));
    assertThat(told.status()).as(told.detail()).isEqualTo(204);
  }

  private static Predicate<JsonNode> who(String... windows) {
    return told ->
        List.of(windows)
            .equals(
                told.path("windows").valueStream().map(w -> w.path("window").asString()).toList());
  }

  @Test
  void othersSeeWhoLooksAtWhichFaceUntilTheyGo() throws Exception {
    Told mine = listening("mine");
    looksAt("mine", "Wren", "sea-chest", "lid");
    looksAt("hers", "Hollis", "sea-chest", "front");
    JsonNode here = mine.presence(who("hers"));
    assertThat(here.at("/windows/0/person").asString()).isEqualTo("Hollis");
    assertThat(here.at("/windows/0/pieceId").asString()).isEqualTo("sea-chest");
    assertThat(here.at("/windows/0/faceId").asString()).isEqualTo("front");
    looksAt("hers", "Hollis", "sea-chest", "left");
    mine.presence(t -> t.at("/windows/0/faceId").asString().equals("left"));
    assertThat(delete("/api/live/here?window=hers").status()).isEqualTo(204);
    mine.presence(who());
  }

  @Test
  void whoeverSaysNothingForAWhileIsAway() throws Exception {
    Told mine = listening("mine");
    looksAt("hers", "Hollis", "sea-chest", "front");
    mine.presence(who("hers"));
    jdbc.update("update presence set seen_at = seen_at - interval 50 second");
    mine.presence(who());
  }

  @Test
  void whoComesLaterSeesWhoIsThereAlready() throws Exception {
    looksAt("hers", "Hollis", "sea-chest", null);
    JsonNode here = new Told("late").presence(who("hers"));
    assertThat(here.at("/windows/0").has("faceId")).isFalse();
  }

  // ---- who may

  @Test
  void anotherStudioIsToldNothingOfThisOne() throws Exception {
    String ours = first("wren", "Wren");
    String strangers = stranger();
    as(strangers);
    JsonNode theirChest = newChest("Another studio's");
    Told theirs = listening("theirs");
    as(ours);
    Told window = listening("ours");
    JsonNode chest = newChest("Ours alone");
    looksAt("hers", "Hollis", chest.path("id").asString(), "front");
    window.change(about(chest.path("id").asString()));
    window.presence(t -> t.toString().contains("hers"));
    as(strangers);
    renamed(theirChest, "Theirs", "another");
    JsonNode told = theirs.change(t -> !t.path("changes").isEmpty());
    assertThat(told.toString()).doesNotContain(chest.path("id").asString());
    assertThat(theirs.here).isEmpty();
    assertThat(window.changed).noneMatch(about(theirChest.path("id").asString()));
  }

  @Test
  void whenOthersBelongToTheStudioEverybodyIsLetInAnew() throws Exception {
    String wren = first("wren", "Wren");
    as(wren);
    Told window = listening("window");
    invited(wren, "MAKER");
    window.change(t -> texts(t.path("changes"), "tag").contains("PEOPLE"));
    window.reader.join(AT_MOST);
    assertThat(window.over).as("whoever is sent away is told nothing more").isTrue();
  }

  @Test
  void whoeverIsNotSignedInIsToldNothing() {
    first("wren", "Wren");
    as("");
    assertThat(get("/api/live?window=x").status()).isEqualTo(401);
    assertThat(put("/api/live/here", Map.of("window", "x")).status()).isEqualTo(401);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "a%20b", "%3Cscript%3E", "01234567890123456789012345678901234567890"})
  void aWindowHasAnIdOfLettersAndDigits(String window) {
    Answer refused = get("/api/live?window=" + window);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("Window", "letters, digits and lines, at most 40");
    assertThat(put("/api/live/here", Map.of("window", "x", "faceId", "f".repeat(46))).detail())
        .contains("Face", "at most 45");
  }
}
