package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The whole server on a real MariaDB with the demo, asked over HTTP as the pages ask it. */
@Tag("database")
@SpringBootTest(
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = {"springdoc.api-docs.enabled=true", "craftmap.demo=true"})
public abstract class ServerTest {
  private static final Duration JOB_TAKES_AT_MOST = Duration.ofMinutes(2);
  private static final Duration ASKED_AGAIN = Duration.ofMillis(20);
  private static final String TOKEN = UUID.randomUUID().toString();

  @LocalServerPort private int port;
  @Autowired protected JsonMapper json;
  @Autowired private JdbcTemplate jdbc;
  private final HttpClient http = HttpClient.newHttpClient();

  /** The cookie of whoever asks; nobody's at first. */
  private String session = "";

  /** Whatever other tests, and the past of the demo, have taught: plans go by labels at first. */
  @BeforeEach
  void nothingIsLearnedYet() {
    int gone = jdbc.update("DELETE FROM observed") + jdbc.update("DELETE FROM learned_choice");
    if (gone > 0) {
      jdbc.update("UPDATE changed SET times = times + 1 WHERE thing = 'LEARNED'");
    }
  }

  @DynamicPropertySource
  static void database(DynamicPropertyRegistry registry) {
    registry.add("spring.datasource.url", TestDatabase::url);
    registry.add("spring.datasource.username", () -> "craftmap");
    registry.add("spring.datasource.password", TestDatabase::password);
  }

  /** An answer with its body read as JSON where it is JSON. */
  public record Answer(HttpResponse<byte[]> raw, JsonNode body) {
    public int status() {
      return raw.statusCode();
    }

    public String detail() {
      return body.path("detail").asString();
    }

    public String text() {
      return new String(raw.body(), StandardCharsets.UTF_8);
    }

    public String header(String name) {
      return raw.headers().firstValue(name).orElse("");
    }
  }

  protected Answer get(String path) {
    return send(request(path).GET());
  }

  protected Answer post(String path, Object body) {
    return change("POST", path, body, null);
  }

  protected Answer put(String path, Object body) {
    return change("PUT", path, body, null);
  }

  protected Answer delete(String path) {
    return change("DELETE", path, null, null);
  }

  protected Answer change(String method, String path, Object body, Long version) {
    return send(changing(method, path, body, version));
  }

  /** A change as the pages send it, on the version that was looked at. */
  protected HttpRequest.Builder changing(String method, String path, Object body, Long version) {
    String text = body == null ? "" : body instanceof String s ? s : json.writeValueAsString(body);
    HttpRequest.Builder request =
        request(path)
            .header("Content-Type", "application/json")
            .setHeader("Cookie", "XSRF-TOKEN=" + TOKEN + session)
            .header("X-XSRF-TOKEN", TOKEN)
            .method(method, HttpRequest.BodyPublishers.ofString(text));
    if (version != null) {
      request.header("If-Match", "\"" + version + "\"");
    }
    return request;
  }

  /** Sends the bytes of a file. */
  protected Answer upload(String path, byte[] file) {
    return send(
        request(path)
            .header("Content-Type", "application/octet-stream")
            .setHeader("Cookie", "XSRF-TOKEN=" + TOKEN + session)
            .header("X-XSRF-TOKEN", TOKEN)
            .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
  }

  protected HttpRequest.Builder request(String path) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
    return session.isEmpty() ? request : request.header("Cookie", session.substring(2));
  }

  /** From now on asks as somebody who has signed in; as nobody with an empty cookie. */
  protected final void as(String cookie) {
    session = cookie.isEmpty() ? "" : "; " + cookie;
  }

  /** The cookie of the session that an answer began. */
  protected static String cookieOf(Answer answer) {
    return answer.raw().headers().allValues("Set-Cookie").stream()
        .filter(c -> c.startsWith("craftmap="))
        .map(c -> c.replaceFirst(";.*", ""))
        .findFirst()
        .orElseThrow(() -> new AssertionError("nobody was signed in: " + answer.body()));
  }

  protected Answer send(HttpRequest.Builder request) {
    return send(http, request);
  }

  /** The same on a connection of its own. */
  protected Answer sendAlone(HttpRequest.Builder request) {
    try (HttpClient alone = HttpClient.newHttpClient()) {
      return send(alone, request);
    }
  }

  private Answer send(HttpClient by, HttpRequest.Builder request) {
    try {
      HttpResponse<byte[]> raw = by.send(request.build(), ServerTest::wholeOrBegun);
      boolean isJson =
          raw.headers().firstValue("Content-Type").orElse("").contains("json")
              && raw.body().length > 0;
      return new Answer(raw, isJson ? json.readTree(raw.body()) : json.nullNode());
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** The whole of an answer; of events, which have no end, that they began. */
  private static HttpResponse.BodySubscriber<byte[]> wholeOrBegun(HttpResponse.ResponseInfo info) {
    boolean endless =
        info.headers().firstValue("Content-Type").orElse("").startsWith("text/event-stream");
    return endless ? new Begun() : HttpResponse.BodySubscribers.ofByteArray();
  }

  /** Goes away as soon as an answer has begun. */
  private static final class Begun implements HttpResponse.BodySubscriber<byte[]> {
    @Override
    public CompletionStage<byte[]> getBody() {
      return CompletableFuture.completedStage(new byte[0]);
    }

    @Override
    public void onSubscribe(Flow.Subscription subscription) {
      subscription.cancel();
    }

    @Override
    public void onNext(List<ByteBuffer> item) {
      // nobody listens
    }

    @Override
    public void onError(Throwable throwable) {
      // nor minds
    }

    @Override
    public void onComplete() {
      // it was over before
    }
  }

  protected int port() {
    return port;
  }

  /** Starts a bare chest of 870 x 420 x 450 and gives what the server says of it. */
  protected JsonNode newChest(String name) {
    return newPiece(name, "CHEST", Map.of("width", 870.0, "height", 420.0, "depth", 450.0));
  }

  /** Starts a piece of a form with some of its measures. */
  protected JsonNode newPiece(String name, String kind, Map<String, Double> measures) {
    ObjectNode form = json.createObjectNode().put("kind", kind);
    form.set("measures", json.valueToTree(measures));
    form.putObject("choices");
    ObjectNode fresh = json.createObjectNode().put("name", name);
    fresh.set("form", form);
    return post("/api/pieces", fresh).body();
  }

  /** Put away: what it asked for is there for others again. */
  protected void archived(JsonNode piece) {
    Answer answer = post("/api/pieces/" + piece.path("id").asString() + "/archive", null);
    assertThat(answer.status()).as(answer.detail()).isLessThan(300);
  }

  /** The plan with a band of ferns on its front. */
  protected ObjectNode withFernBand(JsonNode document, String layId, double distanceMm) {
    return withFernBand(document, layId, "front", distanceMm);
  }

  protected ObjectNode withFernBand(
      JsonNode document, String layId, String faceId, double distanceMm) {
    ObjectNode lay =
        lay(
            layId,
            faceId,
            "RUN",
            Map.of("distance", distanceMm, "gap", 20.0, "margin", 8.0, "change", 15.0),
            Map.of("edge", "TOP"));
    lay.put("designId", "fern-band").put("potId", "bone-white");
    return withLay(document, lay);
  }

  /** A lay by a rule; its design and paint are to be added. */
  protected ObjectNode lay(
      String layId,
      String faceId,
      String rule,
      Map<String, Double> measures,
      Map<String, String> choices) {
    ObjectNode lay =
        json.createObjectNode()
            .put("id", layId)
            .put("faceId", faceId)
            .put("coats", 2)
            .put("hidden", false)
            .put("locked", false);
    ObjectNode doc = lay.putObject("rule").put("kind", rule);
    doc.set("measures", json.valueToTree(measures));
    doc.set("choices", json.valueToTree(choices));
    doc.putArray("points");
    return lay;
  }

  protected ObjectNode withLay(JsonNode document, ObjectNode lay) {
    ObjectNode changed = (ObjectNode) document.deepCopy();
    changed.withArray("lays").add(lay);
    return changed;
  }

  protected Answer save(JsonNode piece, JsonNode document, String summary, String gesture) {
    ObjectNode change = json.createObjectNode().put("summary", summary);
    change.set("document", document);
    if (gesture != null) {
      change.put("gesture", gesture);
    }
    return change(
        "PUT",
        "/api/pieces/" + piece.path("id").asString(),
        change,
        piece.path("version").asLong());
  }

  /** The plan with a design laid by the rule that suits it. */
  protected JsonNode layDesign(JsonNode document, String faceId, String designId) {
    return wouldBe(document, of("LAY_DESIGN").put("faceId", faceId).put("designId", designId))
        .body();
  }

  /** A new pot of a generic medium, with so much in it, that nobody else counts on. */
  protected String newPot(String generic, String ml) {
    ObjectNode pot = json.createObjectNode().put("holds", "5000").put("level", ml);
    ObjectNode medium = pot.putObject("medium").put("name", "Of our own");
    medium.put("generic", generic).putArray("packs");
    JsonNode body = post("/api/media", pot).body();
    String id = body.at("/pots/0/id").asString();
    assertThat(id).as(body.toString()).isNotEmpty();
    return id;
  }

  /** The plan with all its lays put on out of one pot. */
  protected ObjectNode outOf(String potId, JsonNode document) {
    ObjectNode changed = (ObjectNode) document.deepCopy();
    changed.path("lays").forEach(lay -> ((ObjectNode) lay).put("potId", potId));
    return changed;
  }

  /** An edit of a kind, to be told what it is done to. */
  protected ObjectNode of(String kind) {
    return json.createObjectNode().put("kind", kind);
  }

  /** What edits would make of a plan; nothing is saved. */
  protected Answer wouldBe(JsonNode document, ObjectNode... edits) {
    ObjectNode question = json.createObjectNode();
    question.set("document", document);
    question.putArray("edits").addAll(List.of(edits));
    return post("/api/edits", question);
  }

  /** Edits made of a piece as it was seen, and kept. */
  protected Answer edit(JsonNode piece, ObjectNode... edits) {
    ObjectNode change = json.createObjectNode();
    change.putArray("edits").addAll(List.of(edits));
    return change(
        "POST",
        "/api/pieces/" + piece.path("id").asString() + "/edits",
        change,
        piece.path("version").asLong());
  }

  protected static JsonNode find(JsonNode designs, String id) {
    return designs
        .valueStream()
        .filter(d -> d.path("designId").asString().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no need of " + id));
  }

  /** The job once it is over. */
  protected JsonNode finished(Answer begun) {
    assertThat(begun.status()).as(begun.detail()).isEqualTo(202);
    String path = "/api/jobs/" + begun.body().path("id").asString();
    return until(path, job -> !job.path("state").asString().equals("RUNNING"));
  }

  /**
   * What a path answers once it is what is waited for. Between two askings the processor is left to
   * the work that is waited for.
   */
  protected JsonNode until(String path, Predicate<JsonNode> isIt) {
    Instant latest = Instant.now().plus(JOB_TAKES_AT_MOST);
    JsonNode now = get(path).body();
    while (!isIt.test(now)) {
      assertThat(Instant.now()).as("%s is still %s", path, now).isBefore(latest);
      LockSupport.parkNanos(ASKED_AGAIN.toNanos());
      now = get(path).body();
    }
    return now;
  }

  /** The file a job left. */
  protected byte[] file(JsonNode job) {
    assertThat(job.path("state").asString()).as(job.toString()).isEqualTo("DONE");
    return get("/api/jobs/" + job.path("id").asString() + "/file").raw().body();
  }

  /** What stands under a key in each of a list's things. */
  static List<String> texts(JsonNode list, String key) {
    return list.valueStream().map(n -> n.path(key).asString()).toList();
  }

  /** What the row says and what the entries add up to; the same, always. */
  protected final BigDecimal level(String holdingId) {
    BigDecimal level =
        jdbc.queryForObject("select level from holding where id = ?", BigDecimal.class, holdingId);
    BigDecimal sum =
        jdbc.queryForObject(
            "select coalesce(sum(quantity), 0) from ledger_entry where holding_id = ?",
            BigDecimal.class,
            holdingId);
    assertThat(level).isEqualByComparingTo(sum);
    assertThat(level.signum()).isNotNegative();
    return level;
  }
}
