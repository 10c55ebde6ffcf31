package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A school plans at once, each person on a piece of their own: how long a change takes, from its
 * sending to its answer with what the piece then comes to. Run it with {@code mvn -Pbench -pl
 * journeys test -Dtest=PeopleBench}; {@code -Dbench.people=50 -Dbench.pause=10} for others.
 */
@Tag("bench")
class PeopleBench {
  private static final int PEOPLE = Integer.getInteger("bench.people", 200);

  /** How long somebody looks and thinks between two changes, in the mean. */
  private static final int PAUSE_S = Integer.getInteger("bench.pause", 20);

  /** Before every so manieth change somebody opens the piece again. */
  private static final int READ_ONE_IN = 3;

  private static final Duration WARM = Duration.ofSeconds(40);
  private static final Duration MEASURED = Duration.ofSeconds(90);

  @TempDir Path folder;
  private final HttpClient http = HttpClient.newHttpClient();

  /** By what was asked, in milliseconds. */
  private final Map<String, List<Double>> took = new ConcurrentSkipListMap<>();

  private volatile boolean measuring;

  private JsonObject ask(String what, String method, String url, String json, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(url))
            .header("Content-Type", "application/json")
            .header("Cookie", "XSRF-TOKEN=t")
            .header("X-XSRF-TOKEN", "t")
            .method(method, HttpRequest.BodyPublishers.ofString(json));
    if (headers.length > 0) {
      request.headers(headers);
    }
    long start = System.nanoTime();
    try {
      HttpResponse<String> answer =
          http.send(request.build(), HttpResponse.BodyHandlers.ofString());
      if (measuring) {
        took.computeIfAbsent(what, w -> Collections.synchronizedList(new ArrayList<>()))
            .add((System.nanoTime() - start) / 1e6);
      }
      assertThat(answer.statusCode()).as("%s: %s", what, answer.body()).isLessThan(300);
      return JsonParser.parseString(answer.body()).getAsJsonObject();
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  @Test
  void aSchoolPlansAtOnce() throws Exception {
    try (App app = App.start(folder);
        ExecutorService people = Executors.newVirtualThreadPerTaskExecutor()) {
      long until = System.nanoTime() + WARM.plus(MEASURED).toNanos();
      List<Future<?>> all = new ArrayList<>();
      for (int p = 0; p < PEOPLE; p++) {
        int person = p;
        all.add(people.submit(() -> plans(app.address(), person, until)));
      }
      LockSupport.parkNanos(WARM.toNanos());
      measuring = true;
      for (Future<?> one : all) {
        one.get();
      }
    }
    took.forEach(
        (what, ms) -> {
          List<Double> sorted = ms.stream().sorted().toList();
          System.out.printf(
              "BENCH %d people, a change each %d s: %s, %d times: median %.0f ms, 95 of 100 within"
                  + " %.0f ms, slowest %.0f ms%n",
              PEOPLE,
              PAUSE_S,
              what,
              sorted.size(),
              sorted.get(sorted.size() / 2),
              sorted.get(sorted.size() * 95 / 100),
              sorted.getLast());
        });
  }

  /** Somebody starts a chest, lays ferns on it, and moves and marks it again and again. */
  private void plans(String server, int person, long until) {
    Random dice = new Random(1009L * person + 3);
    pause(dice);
    String chest =
        """
        {"name": "Chest of person %d", "form": {"kind": "CHEST", "choices": {},
         "measures": {"width": %d, "height": %d, "depth": 431.7}}}"""
            .formatted(person, 700 + dice.nextInt(400), 380 + dice.nextInt(90));
    JsonObject piece = ask("a piece is started", "POST", server + "/api/pieces", chest);
    String path = server + "/api/pieces/" + piece.get("id").getAsString();
    long version = piece.get("version").getAsLong();
    version =
        edited(
            "a design is laid",
            path,
            version,
            """
            {"kind": "LAY_DESIGN", "id": "ferns", "faceId": "front", "designId": "fern-band"}""");
    while (System.nanoTime() < until) {
      pause(dice);
      if (dice.nextInt(READ_ONE_IN) == 0) {
        ask("a piece is read", "GET", path, "");
      }
      version =
          dice.nextBoolean()
              ? edited(
                  "a band is moved",
                  path,
                  version,
                  """
                  {"kind": "MEASURE_LAY", "layId": "ferns", "measures": {"distance": %.1f}}"""
                      .formatted(90 + dice.nextDouble() * 200))
              : edited(
                  "a mark is made",
                  path,
                  version,
                  """
                  {"kind": "ADD_MARK", "id": "m%d", "faceId": "lid", "mark": "BLEMISH",
                   "xMm": %.1f, "yMm": %.1f}"""
                      .formatted(
                          version, 5 + dice.nextDouble() * 600, 5 + dice.nextDouble() * 400));
    }
  }

  private long edited(String what, String path, long version, String edit) {
    return ask(
            what,
            "POST",
            path + "/edits",
            "{\"edits\": [%s]}".formatted(edit),
            "If-Match",
            "\"" + version + "\"")
        .getAsJsonObject("piece")
        .get("version")
        .getAsLong();
  }

  private static void pause(Random dice) {
    LockSupport.parkNanos((long) (-Math.log(1 - dice.nextDouble()) * PAUSE_S * 1e9));
  }
}
