package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Three databases and two servers, of which some are killed while people work: what was said to be
 * kept is kept, once, on all of them.
 *
 * <p>{@code -Djourneys.rounds=20} kills more, for docs/reliability.md.
 */
@Tag("campaign")
class ClusterTest {
  private static final int WRITERS = 6;
  private static final int ROUNDS = Integer.getInteger("journeys.rounds", 3);

  /** Whoever is stopped for longer would think that it hangs. */
  private static final Duration LONGEST_STOP = Duration.ofSeconds(30);

  private static final Duration LONGEST_START = Duration.ofMinutes(3);

  private final HttpClient http = HttpClient.newHttpClient();

  private record Answer(int status, String body) {
    JsonElement json() {
      return JsonParser.parseString(body);
    }
  }

  /** What whoever asks cannot know: whether it was kept. */
  private static final Answer SILENT = new Answer(0, "");

  private Answer send(String method, String url, String json, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(url))
            .timeout(Duration.ofSeconds(20))
            .header("Content-Type", "application/json")
            .header("Cookie", "XSRF-TOKEN=t")
            .header("X-XSRF-TOKEN", "t")
            .method(method, HttpRequest.BodyPublishers.ofString(json));
    if (headers.length > 0) {
      request.headers(headers);
    }
    try {
      HttpResponse<String> raw = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(raw.statusCode(), raw.body());
    } catch (IOException silent) {
      return SILENT;
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }

  private Answer get(String url) {
    return send("GET", url, "");
  }

  /** What writers were told, and what they could not know. */
  private static final class Kept {
    final Queue<String> pieces = new ConcurrentLinkedQueue<>();
    final Queue<String> marks = new ConcurrentLinkedQueue<>();
    final AtomicInteger booked = new AtomicInteger();
    final AtomicInteger perhapsBooked = new AtomicInteger();
    final Semaphore more = new Semaphore(0);
    final Queue<Integer> faults = new ConcurrentLinkedQueue<>();

    /** When somebody was last told that something is kept. */
    volatile Instant last = Instant.now();

    volatile Duration longestStop = Duration.ZERO;

    synchronized void told() {
      Instant now = Instant.now();
      Duration stop = Duration.between(last, now);
      if (stop.compareTo(longestStop) > 0) {
        longestStop = stop;
      }
      last = now;
      more.release();
    }
  }

  @Test
  void whoeverIsKilledWhatWasKeptIsKeptOnAllOfThem() throws Exception {
    int port = App.freePort();
    try (Cluster cluster = Cluster.start(port)) {
      String front = "http://127.0.0.1:" + port;
      String piece = start(front, "Everybody's chest");
      String pot = pot(front);
      Kept kept = new Kept();
      AtomicBoolean over = new AtomicBoolean();
      try (ExecutorService people = Executors.newFixedThreadPool(WRITERS)) {
        List<Future<?>> all = new ArrayList<>();
        for (int w = 0; w < WRITERS; w++) {
          int writer = w;
          all.add(people.submit(() -> works(front, piece, pot, writer, kept, over)));
        }
        Random dice = new Random(90_917);
        for (int round = 0; round < ROUNDS; round++) {
          untilKept(kept, 25);
          String victim =
              round % 2 == 0 ? "node" + (1 + dice.nextInt(3)) : "server" + (1 + dice.nextInt(2));
          cluster.kill(victim);
          untilKept(kept, 25);
          cluster.awaitBack(victim);
        }
        over.set(true);
        for (Future<?> one : all) {
          one.get();
        }
      }
      System.out.printf(
          "cluster: %d kills, %d pieces, %d marks, %d bookings kept, %d answers unknown,"
              + " longest stop %d ms%n",
          ROUNDS,
          kept.pieces.size(),
          kept.marks.size(),
          kept.booked.get(),
          kept.perhapsBooked.get(),
          kept.longestStop.toMillis());
      assertThat(kept.faults).as("faults of ours, where not even one was killed").isEmpty();
      assertThat(kept.longestStop).isLessThan(LONGEST_STOP);
      for (String server : cluster.servers()) {
        isAllThere(server, piece, pot, kept);
      }
      cluster.agrees();
    }
  }

  /** Until so many more were told that what they did is kept. */
  private static void untilKept(Kept kept, int more) throws InterruptedException {
    kept.more.drainPermits();
    assertThat(kept.more.tryAcquire(more, LONGEST_START.toSeconds(), TimeUnit.SECONDS))
        .as("nothing is kept any more")
        .isTrue();
  }

  /** Starts pieces, marks the same one as the others, and takes from the same pot. */
  private void works(
      String front, String piece, String pot, int writer, Kept kept, AtomicBoolean over) {
    Random dice = new Random(77L * writer + 5);
    for (int n = 0; !over.get(); n++) {
      String name = "w%d-%d".formatted(writer, n);
      int status =
          switch (dice.nextInt(3)) {
            case 0 -> starts(front, name, kept);
            case 1 -> marks(front, piece, name, dice, kept);
            default -> books(front, pot, kept);
          };
      if (status > 0 && status < 300) {
        kept.told();
      } else if (status == 500) {
        kept.faults.add(status);
      }
    }
  }

  private int starts(String front, String name, Kept kept) {
    Answer made = send("POST", front + "/api/pieces", chest(name));
    if (made.status() == 201) {
      kept.pieces.add(name);
    }
    return made.status();
  }

  private int marks(String front, String piece, String name, Random dice, Kept kept) {
    Answer now = get(front + "/api/pieces/" + piece);
    if (now.status() != 200) {
      return now.status();
    }
    String edit =
        """
        {"id": "%s", "edits": [{"kind": "ADD_MARK", "id": "%s", "faceId": "front",
         "mark": "BLEMISH", "xMm": %d, "yMm": %d}]}"""
            .formatted(name, name, 5 + dice.nextInt(800), 5 + dice.nextInt(380));
    String version = "\"" + now.json().getAsJsonObject().get("version").getAsLong() + "\"";
    Answer made =
        send("POST", front + "/api/pieces/" + piece + "/edits", edit, "If-Match", version);
    if (made.status() == 200) {
      kept.marks.add(name);
    }
    return made.status();
  }

  private int books(String front, String pot, Kept kept) {
    Answer made =
        send(
            "POST",
            front + "/api/holdings/" + pot + "/entries",
            "{\"kind\": \"SPOILED\", \"quantity\": \"0.7\"}");
    if (made.status() == 200) {
      kept.booked.incrementAndGet();
    } else if (made.status() == 0 || made.status() >= 500) {
      kept.perhapsBooked.incrementAndGet();
    }
    return made.status();
  }

  private void isAllThere(String server, String piece, String pot, Kept kept) {
    List<String> names = new ArrayList<>();
    get(server + "/api/pieces")
        .json()
        .getAsJsonArray()
        .forEach(p -> names.add(p.getAsJsonObject().get("name").getAsString()));
    assertThat(names).as(server).containsAll(kept.pieces).doesNotHaveDuplicates();
    String plan = get(server + "/api/pieces/" + piece).body();
    for (String mark : new TreeSet<>(kept.marks)) {
      assertThat(plan).as(server).contains("\"" + mark + "\"");
    }
    JsonObject holding = get(server + "/api/holdings/" + pot).json().getAsJsonObject();
    BigDecimal taken =
        new BigDecimal("4000")
            .subtract(holding.getAsJsonObject("holding").get("level").getAsBigDecimal());
    BigDecimal each = new BigDecimal("0.7");
    assertThat(taken.remainder(each)).as("booked whole").isEqualByComparingTo("0");
    assertThat(taken.divide(each).intValueExact())
        .as(server)
        .isBetween(kept.booked.get(), kept.booked.get() + kept.perhapsBooked.get());
  }

  private static String chest(String name) {
    return """
    {"name": "%s", "form": {"kind": "CHEST", "choices": {},
     "measures": {"width": 870, "height": 420, "depth": 450}}}"""
        .formatted(name);
  }

  private String start(String front, String name) {
    Answer made = send("POST", front + "/api/pieces", chest(name));
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return made.json().getAsJsonObject().get("id").getAsString();
  }

  private String pot(String front) {
    Answer made =
        send(
            "POST",
            front + "/api/media",
            """
            {"holds": "5000", "level": "4000",
             "medium": {"name": "Everybody's", "generic": "chalky-paint", "packs": []}}""");
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return made.json()
        .getAsJsonObject()
        .getAsJsonArray("pots")
        .get(0)
        .getAsJsonObject()
        .get("id")
        .getAsString();
  }

  /** bin/cluster on a folder of its own. */
  private static final class Cluster implements AutoCloseable {
    private final Process process;
    private final Path data;
    private final List<String> said = new ArrayList<>();

    private Cluster(Process process, Path data) {
      this.process = process;
      this.data = data;
    }

    static Cluster start(int port) throws IOException {
      // nodes run as another user, who has to come through
      Path data = Files.createTempDirectory(Path.of("/tmp"), "craftmap-cluster");
      Process process =
          new ProcessBuilder(
                  App.home().resolve("bin/cluster").toString(),
                  "--port",
                  "" + port,
                  "--data",
                  data.toString(),
                  "--empty")
              .redirectErrorStream(true)
              .start();
      Cluster cluster = new Cluster(process, data);
      Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
      var out = process.inputReader();
      for (String line = out.readLine(); line != null; line = out.readLine()) {
        cluster.said.add(line);
        if (line.startsWith("Craft Map is at ")) {
          Thread.ofVirtual().start(() -> out.lines().forEach(l -> {}));
          return cluster;
        }
      }
      throw new IllegalStateException("bin/cluster ended: " + cluster.said);
    }

    /** The two servers' own addresses. */
    List<String> servers() {
      List<String> all =
          said.stream()
              .filter(l -> l.matches("Server \\d answers on port \\d+\\."))
              .map(l -> "http://127.0.0.1:" + l.replaceAll(".*port (\\d+)\\.", "$1"))
              .toList();
      assertThat(all).hasSize(2);
      return all;
    }

    private long pid(String part) throws IOException, InterruptedException {
      String pid =
          part.startsWith("server")
              ? Files.readString(data.resolve(part + ".pid")).strip()
              : node("pid", part, "");
      return pid.isEmpty() ? -1 : Long.parseLong(pid);
    }

    private String node(String command, String part, String in)
        throws IOException, InterruptedException {
      Process process =
          new ProcessBuilder(
                  App.home().resolve("bin/lib/node.sh").toString(),
                  command,
                  data.resolve(part).toString())
              .start();
      try (var writer = process.outputWriter()) {
        writer.write(in);
      }
      String out = new String(process.getInputStream().readAllBytes()).strip();
      process.waitFor();
      return out;
    }

    private long killed;

    void kill(String part) throws IOException, InterruptedException {
      killed = pid(part);
      assertThat(killed).as(part).isPositive();
      ProcessHandle.of(killed).ifPresent(ProcessHandle::destroyForcibly);
    }

    /** It was started again and answers. */
    void awaitBack(String part) throws Exception {
      Instant until = Instant.now().plus(LONGEST_START);
      while (!isBack(part)) {
        assertThat(Instant.now()).as(part + " did not come back").isBefore(until);
        LockSupport.parkNanos(300_000_000);
      }
    }

    private boolean isBack(String part) throws Exception {
      long now = pid(part);
      if (now <= 0 || now == killed) {
        return false;
      }
      if (part.startsWith("node")) {
        return node("sql", part, "show status like 'wsrep_ready'").endsWith("ON");
      }
      String at = servers().get(Integer.parseInt(part.substring(6)) - 1);
      try {
        return HttpClient.newHttpClient()
                .send(
                    HttpRequest.newBuilder(URI.create(at + "/actuator/health")).build(),
                    HttpResponse.BodyHandlers.discarding())
                .statusCode()
            == 200;
      } catch (IOException notYet) {
        return false;
      }
    }

    /** Every node has the same rows. */
    void agrees() throws IOException, InterruptedException {
      String sums =
          """
          use craftmap;
          checksum table piece, plan_entry, plan_move, holding, ledger_entry, claim, job, studio;
          """;
      String first = node("sql", "node1", sums);
      assertThat(first).contains("craftmap.piece");
      assertThat(node("sql", "node2", sums)).isEqualTo(first);
      assertThat(node("sql", "node3", sums)).isEqualTo(first);
    }

    @Override
    public void close() {
      try {
        process.destroy();
        assertThat(process.waitFor(2, TimeUnit.MINUTES)).isTrue();
        for (int n = 1; n <= 3; n++) {
          assertThat(node("pid", "node" + n, "")).as("left running").isEmpty();
        }
        new ProcessBuilder("rm", "-rf", data.toString()).start().waitFor();
      } catch (IOException | InterruptedException broken) {
        throw new IllegalStateException(broken);
      }
    }
  }
}
