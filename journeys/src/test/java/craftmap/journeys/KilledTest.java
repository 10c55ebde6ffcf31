package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The power goes while many people book what they used and cut: each booking stands whole, or there
 * is nothing of it.
 */
class KilledTest {
  private static final String JVM = Objects.requireNonNullElse(System.getenv("CRAFTMAP_JVM"), "");
  private static final int WRITERS = 8;
  private static final int ANSWERS_BEFORE_THE_CUT = 60;
  private static final String MARSH = "/api/pieces/wardrobe/cuts/great-marsh";

  @TempDir Path folder;
  private final HttpClient http = HttpClient.newHttpClient();

  private int send(App app, String method, String path) throws IOException, InterruptedException {
    return send(app, method, path, "{}");
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
    Bookers.stocks(
        any,
        stock ->
            levels.put(
                stock.get("id").getAsString(),
                stock.get("level") + " of which free " + stock.get("available")));
  }

  @Test
  void whatIsBookedWhenThePowerGoesIsBookedWholeOrNotAtAll() throws Exception {
    App app = App.start(FoundedStudio.copiedTo(folder));
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

  private static final String CHEST = "/api/pieces/sea-chest";
  private static final int TAPS = 200;
  private static final int TAKEN_BEFORE_THE_CUT = 70;

  private int tell(App app, List<JsonObject> taps) throws IOException, InterruptedException {
    JsonObject body = new JsonObject();
    JsonArray told = new JsonArray();
    taps.forEach(told::add);
    body.add("told", told);
    return http.send(
            HttpRequest.newBuilder(URI.create(app.address() + CHEST + "/work/told"))
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=t")
                .header("X-XSRF-TOKEN", "t")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString()))
                .build(),
            HttpResponse.BodyHandlers.discarding())
        .statusCode();
  }

  /** The levels of all pots that the chest draws on, by the pot's name. */
  private Map<String, Double> levels(App app) throws IOException, InterruptedException {
    Map<String, Double> levels = new HashMap<>();
    for (JsonElement need : get(app, CHEST + "/gather").getAsJsonObject().getAsJsonArray("needs")) {
      JsonObject n = need.getAsJsonObject();
      levels.put(n.get("potName").getAsString(), n.get("levelMl").getAsDouble());
    }
    return levels;
  }

  private static long sizeOf(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      return all.map(Path::toFile).filter(File::isFile).mapToLong(File::length).sum();
    }
  }

  /**
   * Two hundred taps at the bench arrive twice and in disorder, and the power goes in between: of
   * each step counts what was tapped last, and what it poured is booked once.
   */
  @Test
  void whatWasTappedCountsOnceWhateverHappensOnTheWay() throws Exception {
    Path passing = Files.createDirectory(folder.resolve("passing"));
    App app =
        App.start(
            FoundedStudio.copiedTo(folder.resolve("bench")),
            Map.of("CRAFTMAP_JVM", JVM + " -Djava.io.tmpdir=" + passing));
    Map<String, Double> before = levels(app);
    List<JsonObject> steps = new ArrayList<>();
    get(app, CHEST + "/work/ahead")
        .getAsJsonArray()
        .forEach(step -> steps.add(step.getAsJsonObject()));
    Random dice = new Random(60_601);
    Instant at = Instant.now().minus(Duration.ofHours(20));
    List<JsonObject> taps = new ArrayList<>();
    Map<String, Boolean> last = new HashMap<>();
    for (int n = 0; n < TAPS; n++) {
      String key = steps.get(dice.nextInt(steps.size())).get("key").getAsString();
      boolean done = dice.nextInt(4) > 0;
      at = at.plusMillis(1 + dice.nextInt(200_000));
      taps.add(Bookers.tap(key, done, at));
      last.put(key, done);
    }
    AtomicInteger taken = new AtomicInteger();
    CountDownLatch enough = new CountDownLatch(TAKEN_BEFORE_THE_CUT);
    AtomicBoolean over = new AtomicBoolean();
    try (ExecutorService tablets = Executors.newFixedThreadPool(4)) {
      for (int w = 0; w < 4; w++) {
        Random own = new Random(w);
        tablets.submit(
            () -> {
              while (!over.get()) {
                assertThat(tell(app, List.of(taps.get(own.nextInt(TAPS))))).isEqualTo(200);
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
    assertThat(taken.get()).isGreaterThanOrEqualTo(TAKEN_BEFORE_THE_CUT);
    // the steps were put in order by a solver, whose libraries are 70 MB
    assertThat(sizeOf(passing)).as("bytes that the cut left behind").isLessThan(1_000_000);
    try (App again = App.start(folder.resolve("bench"))) {
      List<JsonObject> all = new ArrayList<>(taps);
      all.addAll(taps);
      Collections.shuffle(all, dice);
      for (int i = 0; i < all.size(); i += 10) {
        assertThat(tell(again, all.subList(i, i + 10))).isEqualTo(200);
      }
      Map<String, Double> poured = new HashMap<>();
      for (JsonObject step : steps) {
        if (step.has("pot") && last.getOrDefault(step.get("key").getAsString(), false)) {
          JsonObject pot = step.getAsJsonObject("pot");
          poured.merge(pot.get("name").getAsString(), pot.get("ml").getAsDouble(), Double::sum);
        }
      }
      assertThat(poured).hasSizeGreaterThan(2);
      levels(again)
          .forEach(
              (pot, level) ->
                  assertThat(before.get(pot) - level)
                      .as(pot)
                      .isCloseTo(poured.getOrDefault(pot, 0.0), within(0.02)));
    }
  }

  /**
   * What is ticked off is booked, taken back and booked again by several at once, and the power
   * goes in between: in the end each line stands on the shelf once.
   */
  @Test
  void whatIsBoughtStandsOnTheShelfOnce() throws Exception {
    App app = App.start(folder.resolve("shop"), "--empty");
    Map<String, Double> wanted = new HashMap<>();
    for (int n = 1; n <= 12; n++) {
      String sku = "CP-%02d".formatted(n);
      assertThat(
              send(
                  app,
                  "POST",
                  "/api/shopping",
                  "{'sku':'%s','pack':0,'quantity':%d}",
                  sku,
                  n % 4 + 1))
          .isEqualTo(200);
    }
    List<JsonObject> lines = lines(app);
    assertThat(lines).hasSize(12);
    lines.forEach(
        l -> wanted.put(l.get("name").getAsString(), 118.0 * l.get("quantity").getAsInt()));
    List<String> ids = lines.stream().map(l -> l.get("id").getAsString()).toList();
    CountDownLatch enough = new CountDownLatch(ANSWERS_BEFORE_THE_CUT);
    AtomicBoolean over = new AtomicBoolean();
    try (ExecutorService phones = Executors.newFixedThreadPool(4)) {
      for (int w = 0; w < 4; w++) {
        Random dice = new Random(w + 501L);
        phones.submit(
            () -> {
              while (!over.get()) {
                String id = ids.get(dice.nextInt(ids.size()));
                int answer =
                    switch (dice.nextInt(3)) {
                      case 0 -> send(app, "PUT", "/api/shopping/" + id + "/tick", "{'done':true}");
                      case 1 -> send(app, "POST", "/api/shopping/bought", "{}");
                      default -> send(app, "DELETE", "/api/shopping/" + id + "/bought", "{}");
                    };
                assertThat(answer).isEqualTo(200);
                enough.countDown();
              }
              return null;
            });
      }
      assertThat(enough.await(5, TimeUnit.MINUTES)).isTrue();
      app.killHard();
      over.set(true);
    }
    try (App again = App.start(folder.resolve("shop"), "--empty")) {
      for (String id : ids) {
        send(again, "PUT", "/api/shopping/" + id + "/tick", "{'done':true}");
      }
      assertThat(send(again, "POST", "/api/shopping/bought", "{}")).isEqualTo(200);
      assertThat(send(again, "POST", "/api/shopping/bought", "{}")).isEqualTo(200);
      assertThat(lines(again)).isEmpty();
      TreeSet<String> media = new TreeSet<>();
      get(again, "/api/shelf").getAsJsonArray().forEach(thing -> media.add(id(thing, "mediumId")));
      Map<String, Double> there = new HashMap<>();
      for (String id : media) {
        JsonObject medium = get(again, "/api/media/" + id).getAsJsonObject();
        for (JsonElement pot : medium.getAsJsonArray("pots")) {
          there.merge(
              medium.getAsJsonObject("given").get("name").getAsString(),
              pot.getAsJsonObject().get("level").getAsDouble(),
              Double::sum);
        }
      }
      assertThat(there).isEqualTo(wanted);
    }
  }

  private static String id(JsonElement of, String key) {
    return of.getAsJsonObject().get(key).getAsString();
  }

  private int send(App app, String method, String path, String body, Object... args)
      throws IOException, InterruptedException {
    return http.send(
            HttpRequest.newBuilder(URI.create(app.address() + path))
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=t")
                .header("X-XSRF-TOKEN", "t")
                .method(
                    method,
                    HttpRequest.BodyPublishers.ofString(body.formatted(args).replace('\'', '"')))
                .build(),
            HttpResponse.BodyHandlers.discarding())
        .statusCode();
  }

  private List<JsonObject> lines(App app) throws IOException, InterruptedException {
    List<JsonObject> lines = new ArrayList<>();
    for (JsonElement shop : get(app, "/api/shopping").getAsJsonObject().getAsJsonArray("shops")) {
      for (JsonElement shelf : shop.getAsJsonObject().getAsJsonArray("shelves")) {
        shelf
            .getAsJsonObject()
            .getAsJsonArray("lines")
            .forEach(line -> lines.add(line.getAsJsonObject()));
      }
    }
    return lines;
  }
}
