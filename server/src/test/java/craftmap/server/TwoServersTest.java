package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Two servers on one database: whoever asks one of them is in step with whoever asks the other. */
class TwoServersTest extends ServerTest {
  private static final int AT_MOST_SECONDS = 20;

  private static ConfigurableApplicationContext second;
  private static String address;

  private final HttpClient http = HttpClient.newHttpClient();

  @BeforeAll
  static void anotherServer() {
    second =
        new SpringApplicationBuilder(CraftMapApplication.class)
            .run(
                "--server.port=0",
                "--spring.datasource.url=" + TestDatabase.url(),
                "--spring.datasource.username=craftmap",
                "--spring.datasource.password=" + TestDatabase.password());
    address =
        "http://127.0.0.1:" + second.getEnvironment().getRequiredProperty("local.server.port");
  }

  @AfterAll
  static void itStops() {
    second.close();
  }

  private HttpResponse<String> there(HttpRequest.Builder request) throws Exception {
    return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  private HttpRequest.Builder asked(String path) {
    return HttpRequest.newBuilder(URI.create(address + path));
  }

  /** Changes something by the other server. */
  private HttpResponse<String> changedThere(String method, String path, Object body, Long version)
      throws Exception {
    HttpRequest.Builder request =
        asked(path)
            .header("Content-Type", "application/json")
            .header("Cookie", "XSRF-TOKEN=t")
            .header("X-XSRF-TOKEN", "t")
            .header("X-Person", "Hollis")
            .method(method, HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body)));
    if (version != null) {
      request.header("If-Match", "\"" + version + "\"");
    }
    return there(request);
  }

  private ObjectNode change(ObjectNode edit) {
    ObjectNode change = json.createObjectNode();
    change.putArray("edits").add(edit);
    return change;
  }

  private static String path(JsonNode piece) {
    return "/api/pieces/" + piece.path("id").asString();
  }

  @Test
  void whatBothServersAreSentForOneVersionIsPutTogetherOrAsked() throws Exception {
    JsonNode chest = newChest("On two servers");
    JsonNode plan = withFernBand(chest.path("document"), "band0", 61.3);
    plan = withFernBand(plan, "band1", 97.9);
    JsonNode seen = save(chest, plan, "laid", null).body();
    long version = seen.path("version").asLong();
    ObjectNode theirs = of("CHANGE_COATS").put("layId", "band0").put("coats", 3);
    HttpResponse<String> first =
        changedThere("POST", path(seen) + "/edits", change(theirs), version);
    assertThat(first.statusCode()).as(first.body()).isEqualTo(200);
    Answer other = edit(seen, of("LOCK_LAY").put("layId", "band1").put("locked", true));
    assertThat(other.status()).as(other.detail()).isEqualTo(200);
    Answer same = edit(seen, of("LOCK_LAY").put("layId", "band0").put("locked", true));
    assertThat(same.status()).isEqualTo(409);
    assertThat(same.body().at("/theirs/changes").toString())
        .contains("Coats of Fern band · Hollis");
    // both servers have the same plan
    JsonNode here = get(path(seen)).body().path("document");
    JsonNode there = json.readTree(there(asked(path(seen)).GET()).body()).path("document");
    assertThat(there).isEqualTo(here);
    assertThat(here.at("/lays/0/coats").asInt()).isEqualTo(3);
    assertThat(here.at("/lays/1/locked").asBoolean()).isTrue();
  }

  @Test
  void aWindowOfOneServerIsToldOfWhatTheOtherWasAsked() throws Exception {
    JsonNode chest = newChest("Told across");
    HttpResponse<InputStream> stream =
        http.send(
            request("/api/live?window=across").GET().build(),
            HttpResponse.BodyHandlers.ofInputStream());
    try (BufferedReader events =
        new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
      told(events, data -> data.has("windows"));
      assertThat(
              changedThere(
                      "PUT",
                      "/api/live/here",
                      Map.of("window", "yonder", "pieceId", chest.path("id").asString()),
                      null)
                  .statusCode())
          .isEqualTo(204);
      JsonNode here = told(events, data -> data.path("windows").toString().contains("yonder"));
      assertThat(here.toString()).contains("\"Hollis\"");
      changedThere(
          "POST",
          path(chest) + "/edits",
          change(of("NAME_PIECE").put("name", "Renamed yonder")),
          chest.path("version").asLong());
      told(events, data -> data.path("changes").toString().contains(chest.path("id").asString()));
      // whoever asks again after it was told sees it
      assertThat(get(path(chest)).body().at("/document/name").asString())
          .isEqualTo("Renamed yonder");
    } finally {
      changedThere("DELETE", "/api/live/here?window=yonder", "", null);
    }
  }

  private JsonNode told(BufferedReader events, Predicate<JsonNode> wanted) throws IOException {
    long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(AT_MOST_SECONDS);
    while (System.nanoTime() < until) {
      String line = events.readLine();
      assertThat(line).as("the stream has ended").isNotNull();
      if (line.startsWith("data:")) {
        JsonNode data = json.readTree(line.substring("data:".length()));
        if (wanted.test(data)) {
          return data;
        }
      }
    }
    throw new AssertionError("it was not told");
  }
}
