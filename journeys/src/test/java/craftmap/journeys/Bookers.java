package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;

/**
 * People of the demo's studio who tick off lays, cut a picture, and tap steps at the bench, and
 * take all of that back again, whatever is killed meanwhile. Once all is taken back, the shelf is
 * as it was, less what was poured for those steps at the bench whose last tap said that they are
 * done.
 */
final class Bookers extends AtWork {
  private static final String CHEST = "/api/pieces/sea-chest";
  private static final String MARSH = "/api/pieces/wardrobe/cuts/great-marsh";
  private static final long AGAIN_NS = 200_000_000;
  private static final int TOLD_AT_ONCE = 10;

  /** Of a level, in whatever a stock is counted in. */
  private static final double NOTHING = 0.02;

  private final HttpClient http = HttpClient.newHttpClient();
  private final String address;
  private final List<String> lays = new ArrayList<>();
  private final List<JsonObject> steps = new ArrayList<>();

  /** The pots that the bench pours from, by their ids, and what is in them in millilitres. */
  private final Map<String, String> potNames = new HashMap<>();

  private final Map<String, Double> potsMl = new HashMap<>();
  private final Map<String, Double> before;

  /** Every tap that was made, told or not, and what the last one of each step said. */
  private final List<JsonObject> taps = new ArrayList<>();

  private final Map<String, Boolean> last = new HashMap<>();
  private Instant tappedAt = Instant.now().minus(Duration.ofHours(20));

  private final AtomicInteger ticked = new AtomicInteger();
  private final AtomicInteger cut = new AtomicInteger();
  private final AtomicInteger tapped = new AtomicInteger();
  private final AtomicInteger unanswered = new AtomicInteger();
  private final List<String> faults = new CopyOnWriteArrayList<>();

  Bookers(String address, int writers) {
    super(writers);
    this.address = address;
    for (JsonElement piece : get("/api/pieces").getAsJsonArray()) {
      String path = "/api/pieces/" + text(piece, "id");
      for (JsonElement need : get(path + "/gather").getAsJsonObject().getAsJsonArray("needs")) {
        if (path.equals(CHEST)) {
          String id = text(need, "potId");
          potNames.put(id, text(need, "potName"));
          potsMl.put(id, need.getAsJsonObject().get("levelMl").getAsDouble());
        } else {
          need.getAsJsonObject()
              .getAsJsonArray("uses")
              .forEach(use -> lays.add(path + "/lays/" + text(use, "layId") + "/done"));
        }
      }
    }
    get(CHEST + "/work/ahead").getAsJsonArray().forEach(step -> steps.add(step.getAsJsonObject()));
    assertThat(lays).hasSizeGreaterThan(6);
    assertThat(steps).hasSizeGreaterThan(6);
    before = levels();
    begin(writers, w -> works(new Random(811L * w + 3)));
  }

  private static String text(JsonElement of, String key) {
    return of.getAsJsonObject().get(key).getAsString();
  }

  private record Answer(int status, String body) {}

  private Answer send(String method, String path, String body) {
    try {
      HttpResponse<String> raw =
          http.send(
              HttpRequest.newBuilder(URI.create(address + path))
                  .timeout(Duration.ofSeconds(20))
                  .header("Content-Type", "application/json")
                  .header("Cookie", "XSRF-TOKEN=t")
                  .header("X-XSRF-TOKEN", "t")
                  .method(method, HttpRequest.BodyPublishers.ofString(body))
                  .build(),
              HttpResponse.BodyHandlers.ofString());
      return new Answer(raw.statusCode(), raw.body());
    } catch (IOException silent) {
      return new Answer(0, "");
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }

  private JsonElement get(String path) {
    Answer answer = send("GET", path, "");
    assertThat(answer.status()).as("%s: %s", path, answer.body()).isEqualTo(200);
    return JsonParser.parseString(answer.body());
  }

  private void works(Random dice) {
    while (!isOver()) {
      Instant sent = Instant.now();
      String way = dice.nextInt(3) == 0 ? "DELETE" : "PUT";
      int what = dice.nextInt(6);
      AtomicInteger done = what == 0 ? cut : what < 4 ? ticked : tapped;
      Answer answer =
          what == 0
              ? send(way, MARSH, "{}")
              : what < 4
                  ? send(way, lays.get(dice.nextInt(lays.size())), "{}")
                  : told(List.of(tap(dice)));
      if (answer.status() == 500) {
        faults.add(answer.body());
      }
      if (answer.status() == 0 || answer.status() >= 500) {
        unanswered.incrementAndGet();
        LockSupport.parkNanos(AGAIN_NS);
      } else if (answer.status() < 300) {
        done.incrementAndGet();
        isKept(sent);
      }
    }
  }

  private synchronized JsonObject tap(Random dice) {
    String key = text(steps.get(dice.nextInt(steps.size())), "key");
    boolean done = dice.nextInt(4) > 0;
    tappedAt = tappedAt.plusMillis(1 + dice.nextInt(900));
    JsonObject tap = tap(key, done, tappedAt);
    taps.add(tap);
    last.put(key, done);
    return tap;
  }

  /** A tap on a step at the bench: that it is done, or is not after all. */
  static JsonObject tap(String step, boolean done, Instant at) {
    JsonObject tap = new JsonObject();
    tap.addProperty("id", UUID.randomUUID().toString());
    tap.addProperty("step", step);
    tap.addProperty("kind", done ? "DONE" : "TAKEN_BACK");
    tap.addProperty("toldAt", at.toString());
    if (done) {
      tap.addProperty("minutes", 3.7);
    }
    return tap;
  }

  private Answer told(List<JsonObject> taps) {
    JsonArray told = new JsonArray();
    taps.forEach(told::add);
    JsonObject body = new JsonObject();
    body.add("told", told);
    return send("POST", CHEST + "/work/told", body.toString());
  }

  /** The level of every stock, by its id. */
  private Map<String, Double> levels() {
    Map<String, Double> levels = new TreeMap<>();
    for (JsonElement thing : get("/api/shelf").getAsJsonArray()) {
      JsonObject o = thing.getAsJsonObject();
      if (o.has("designId")) {
        stocks(
            get("/api/designs/" + text(o, "designId")), s -> levels.put(text(s, "id"), level(s)));
      } else if (o.has("mediumId")) {
        stocks(get("/api/media/" + text(o, "mediumId")), s -> levels.put(text(s, "id"), level(s)));
      }
    }
    assertThat(levels).hasSizeGreaterThan(20);
    return levels;
  }

  private static double level(JsonObject stock) {
    return stock.get("level").getAsDouble();
  }

  /** Every stock that stands anywhere in an answer; none is ever below nothing. */
  static void stocks(JsonElement any, Consumer<JsonObject> each) {
    if (any.isJsonArray()) {
      any.getAsJsonArray().forEach(e -> stocks(e, each));
    } else if (any.isJsonObject()) {
      JsonObject o = any.getAsJsonObject();
      if (o.has("level") && o.has("available")) {
        assertThat(level(o)).as("%s", o).isNotNegative();
        each.accept(o);
      } else {
        o.entrySet().forEach(e -> stocks(e.getValue(), each));
      }
    }
  }

  @Override
  List<String> faults() {
    return List.copyOf(faults);
  }

  /** Takes all back, tells every tap once more and in disorder, and looks at the whole shelf. */
  void isWhole() {
    for (String lay : lays) {
      assertThat(send("DELETE", lay, "{}").status()).as(lay).isLessThan(300);
    }
    send("DELETE", MARSH, "{}");
    List<JsonObject> again = new ArrayList<>(taps);
    Collections.shuffle(again, new Random(4_409));
    for (int i = 0; i < again.size(); i += TOLD_AT_ONCE) {
      Answer answer = told(again.subList(i, Math.min(again.size(), i + TOLD_AT_ONCE)));
      assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    }
    Map<String, Double> poured = new HashMap<>();
    for (JsonObject step : steps) {
      if (step.has("pot") && last.getOrDefault(text(step, "key"), false)) {
        JsonObject pot = step.getAsJsonObject("pot");
        poured.merge(text(pot, "name"), pot.get("ml").getAsDouble(), Double::sum);
      }
    }
    assertThat(poured).isNotEmpty();
    Map<String, Double> now = levels();
    assertThat(now.keySet()).containsAll(before.keySet());
    before.forEach(
        (id, level) ->
            assertThat(level - now.get(id))
                .as("%s, of which %s was poured", id, poured)
                .isCloseTo(
                    poured.getOrDefault(potNames.get(id), 0.0) * inItsUnit(id), within(NOTHING)));
  }

  /** What a millilitre is on the shelf: some stands there in grams. */
  private double inItsUnit(String stock) {
    return potsMl.containsKey(stock) ? before.get(stock) / potsMl.get(stock) : 1;
  }

  @Override
  public String toString() {
    return "%d times ticked, %d cut, %d tapped; %d not answered"
        .formatted(ticked.get(), cut.get(), tapped.get(), unanswered.get());
  }
}
