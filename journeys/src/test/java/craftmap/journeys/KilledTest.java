package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The power goes while many people book what they used and cut: each booking stands whole, or there
 * is nothing of it.
 */
class KilledTest {
  private static final int WRITERS = 8;
  private static final int ANSWERS_BEFORE_THE_CUT = 60;
  private static final String MARSH = "/api/pieces/wardrobe/cuts/great-marsh";

  @TempDir Path folder;
  private final HttpClient http = HttpClient.newHttpClient();

  private int send(App app, String method, String path) throws IOException, InterruptedException {
    return http.send(
            HttpRequest.newBuilder(URI.create(app.address() + path))
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=t")
                .header("X-XSRF-TOKEN", "t")
                .method(method, HttpRequest.BodyPublishers.ofString("{}"))
                .build(),
            HttpResponse.BodyHandlers.discarding())
        .statusCode();
  }

  private JsonElement get(App app, String path) throws IOException, InterruptedException {
    return JsonParser.parseString(
        http.send(
                HttpRequest.newBuilder(URI.create(app.address() + path)).build(),
                HttpResponse.BodyHandlers.ofString())
            .body());
  }

  /** The addresses by which every lay of every piece is told to be done. */
  private List<String> lays(App app) throws IOException, InterruptedException {
    List<String> paths = new ArrayList<>();
    for (JsonElement piece : get(app, "/api/pieces").getAsJsonArray()) {
      String path = "/api/pieces/" + piece.getAsJsonObject().get("id").getAsString();
      for (JsonObject use : uses(app, path)) {
        paths.add(path + "/lays/" + use.get("layId").getAsString() + "/done");
      }
    }
    return paths;
  }

  private List<JsonObject> uses(App app, String piece) throws IOException, InterruptedException {
    List<JsonObject> uses = new ArrayList<>();
    for (JsonElement need : get(app, piece + "/gather").getAsJsonObject().getAsJsonArray("needs")) {
      need.getAsJsonObject().getAsJsonArray("uses").forEach(use -> uses.add(use.getAsJsonObject()));
    }
    return uses;
  }

  /** What stands on the shelf: every stock with its level, and for whom how much is set aside. */
  private TreeMap<String, String> shelf(App app) throws IOException, InterruptedException {
    TreeMap<String, String> levels = new TreeMap<>();
    for (JsonElement thing : get(app, "/api/shelf").getAsJsonArray()) {
      JsonObject o = thing.getAsJsonObject();
      if (o.has("designId")) {
        collect(get(app, "/api/designs/" + o.get("designId").getAsString()), levels);
      } else if (o.has("mediumId")) {
        collect(get(app, "/api/media/" + o.get("mediumId").getAsString()), levels);
      }
    }
    assertThat(levels).hasSizeGreaterThan(20);
    return levels;
  }

  private static void collect(JsonElement any, TreeMap<String, String> levels) {
    if (any.isJsonArray()) {
      any.getAsJsonArray().forEach(e -> collect(e, levels));
    } else if (any.isJsonObject()) {
      JsonObject o = any.getAsJsonObject();
      if (o.has("level") && o.has("available")) {
        assertThat(o.get("level").getAsDouble()).as("%s", o).isNotNegative();
        levels.put(
            o.get("id").getAsString(), o.get("level") + " of which free " + o.get("available"));
      } else {
        o.entrySet().forEach(e -> collect(e.getValue(), levels));
      }
    }
  }

  @Test
  void whatIsBookedWhenThePowerGoesIsBookedWholeOrNotAtAll() throws Exception {
    App app = App.start(folder);
    TreeMap<String, String> before = shelf(app);
    List<String> lays = lays(app);
    assertThat(lays).hasSizeGreaterThan(8);
    CountDownLatch enough = new CountDownLatch(ANSWERS_BEFORE_THE_CUT);
    AtomicInteger taken = new AtomicInteger();
    AtomicBoolean over = new AtomicBoolean();
    try (ExecutorService people = Executors.newFixedThreadPool(WRITERS)) {
      for (int w = 0; w < WRITERS; w++) {
        Random dice = new Random(31L * w + 7);
        people.submit(
            () -> {
              while (!over.get()) {
                String path = dice.nextInt(6) == 0 ? MARSH : lays.get(dice.nextInt(lays.size()));
                int status = send(app, dice.nextInt(3) == 0 ? "DELETE" : "PUT", path);
                assertThat(status).isLessThan(500);
                taken.incrementAndGet();
                enough.countDown();
              }
              return null;
            });
      }
      assertThat(enough.await(5, TimeUnit.MINUTES)).isTrue();
      app.killHard();
      over.set(true);
    }
    assertThat(taken.get()).isGreaterThanOrEqualTo(ANSWERS_BEFORE_THE_CUT);
    try (App again = App.start(folder)) {
      int done = 0;
      for (String lay : lays) {
        String piece = lay.substring(0, lay.indexOf("/lays/"));
        String id = lay.substring(piece.length() + 6, lay.lastIndexOf('/'));
        boolean isDone =
            uses(again, piece).stream()
                .filter(u -> u.get("layId").getAsString().equals(id))
                .anyMatch(u -> u.get("done").getAsBoolean());
        assertThat(send(again, "DELETE", lay)).as(lay).isLessThan(300);
        done += isDone ? 1 : 0;
      }
      assertThat(done).as("lays that were done when the power went").isPositive();
      send(again, "DELETE", MARSH);
      assertThat(shelf(again)).isEqualTo(before);
    }
  }
}
