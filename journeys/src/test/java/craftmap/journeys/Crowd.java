package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import javax.imageio.ImageIO;

/**
 * People who work at the same things at once, over HTTP, whatever is killed meanwhile, and what
 * they were told is kept: pieces started and taken in from files, marks on the same piece, takings
 * from the same pot, photos.
 */
final class Crowd extends AtWork {
  private static final BigDecimal POT = new BigDecimal("4900");
  private static final BigDecimal TAKEN = new BigDecimal("0.7");

  /** As much as somebody marks and photographs on a piece that went through a lot. */
  private static final int MOST_ON_A_PIECE = 120;

  /** Whoever is not answered tries again in a moment. */
  private static final long AGAIN_NS = 200_000_000;

  private static final Duration WORTH_A_LINE = Duration.ofSeconds(3);

  private final HttpClient http = HttpClient.newHttpClient();
  private final byte[] photo = photo();
  private final String address;
  private final String pot;
  private final byte[] file;

  /** Pieces that all of them work at, one after the other; the last of them now. */
  private final List<Shared> shared = new CopyOnWriteArrayList<>();

  private final Queue<String> pieces = new ConcurrentLinkedQueue<>();
  private final Queue<String> takenIn = new ConcurrentLinkedQueue<>();
  private final AtomicInteger booked = new AtomicInteger();
  private final AtomicInteger perhapsBooked = new AtomicInteger();
  private final AtomicInteger unanswered = new AtomicInteger();
  private final Map<Integer, String> faults = new ConcurrentHashMap<>();

  private Instant started = Instant.now();
  private Instant last = started;
  private Duration longestStop = Duration.ZERO;

  /** How long each had to wait until their change was kept, however often they tried. */
  private final List<Long> waitedMs = new ArrayList<>();

  /** When nobody's was kept for long, for whoever looks for the reason. */
  private final List<String> stops = new ArrayList<>();

  /** A piece with the marks and photos on it that are told to be kept. */
  private record Shared(String id, Queue<String> marks, Queue<String> photos) {
    Shared(String id) {
      this(id, new ConcurrentLinkedQueue<>(), new ConcurrentLinkedQueue<>());
    }

    boolean isFull() {
      return marks.size() + photos.size() >= MOST_ON_A_PIECE;
    }
  }

  /** They work at an address; the same one all the time. */
  Crowd(String address, int writers) {
    super(writers);
    this.address = address;
    Answer made = send("POST", "/api/pieces", chest("Everybody's chest"));
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    shared.add(new Shared(made.json().get("id").getAsString()));
    file = get("/api/pieces/" + now().id() + "/export").body().getBytes(StandardCharsets.UTF_8);
    Answer poured =
        send(
            "POST",
            "/api/media",
            """
            {"holds": "5000", "level": "%s",
             "medium": {"name": "Everybody's", "generic": "chalky-paint", "packs": []}}"""
                .formatted(POT));
    assertThat(poured.status()).as(poured.body()).isEqualTo(201);
    pot = poured.json().getAsJsonArray("pots").get(0).getAsJsonObject().get("id").getAsString();
    last = Instant.now();
    started = last;
    begin(writers, this::works);
  }

  private Shared now() {
    return shared.getLast();
  }

  /** The next piece, where there is enough on the one before. */
  private synchronized Answer goesOn() {
    if (!now().isFull()) {
      return new Answer(404, "");
    }
    Answer made = send("POST", "/api/pieces", chest("Everybody's next chest"));
    if (made.status() == 201) {
      shared.add(new Shared(made.json().get("id").getAsString()));
    }
    return made;
  }

  private record Answer(int status, String body) {
    JsonObject json() {
      return JsonParser.parseString(body).getAsJsonObject();
    }

    /** Whoever asked cannot know whether it was kept. */
    boolean isUnknown() {
      return status == 0 || status >= 500;
    }
  }

  private Answer get(String path) {
    return send("GET", path, "");
  }

  private Answer send(String method, String path, String json, String... headers) {
    return send(method, path, "application/json", json.getBytes(StandardCharsets.UTF_8), headers);
  }

  private Answer send(String method, String path, String type, byte[] body, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .timeout(Duration.ofSeconds(20))
            .header("Content-Type", type)
            .header("Cookie", "XSRF-TOKEN=t")
            .header("X-XSRF-TOKEN", "t")
            .method(method, HttpRequest.BodyPublishers.ofByteArray(body));
    if (headers.length > 0) {
      request.headers(headers);
    }
    try {
      HttpResponse<String> raw = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(raw.statusCode(), raw.body());
    } catch (IOException silent) {
      return new Answer(0, "");
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }

  private void works(int writer) {
    Random dice = new Random(77L * writer + 5);
    Instant began = Instant.now();
    for (int n = 0; !isOver(); n++) {
      String name = "w%d-%d".formatted(writer, n);
      Instant sent = Instant.now();
      Answer answer =
          now().isFull()
              ? goesOn()
              : switch (dice.nextInt(8)) {
                case 0, 1 -> keeps(pieces, name, send("POST", "/api/pieces", chest(name)));
                case 2 -> takesIn();
                case 3 -> photographs();
                case 4, 5 -> marks(name, dice);
                default -> books();
              };
      if (answer.status() == 500) {
        faults.put(faults.size(), answer.body());
      }
      if (answer.isUnknown()) {
        unanswered.incrementAndGet();
        LockSupport.parkNanos(AGAIN_NS);
      } else {
        if (answer.status() < 300) {
          told(began, sent);
        }
        began = Instant.now();
      }
    }
  }

  private synchronized void told(Instant began, Instant sent) {
    Instant now = Instant.now();
    Duration stop = Duration.between(last, now);
    longestStop = stop.compareTo(longestStop) > 0 ? stop : longestStop;
    if (stop.compareTo(WORTH_A_LINE) > 0) {
      stops.add("%s for %d ms".formatted(last, stop.toMillis()));
    }
    last = now;
    waitedMs.add(Duration.between(began, now).toMillis());
    isKept(sent);
  }

  /** So many of a hundred waited no longer. */
  synchronized Duration waited(int ofAHundred) {
    List<Long> sorted = waitedMs.stream().sorted().toList();
    return Duration.ofMillis(
        sorted.isEmpty() ? 0 : sorted.get((sorted.size() - 1) * ofAHundred / 100));
  }

  private static Answer keeps(Queue<String> what, String name, Answer answer) {
    if (answer.status() >= 200 && answer.status() < 300) {
      what.add(name);
    }
    return answer;
  }

  private Answer takesIn() {
    Answer in = send("POST", "/api/pieces/import", "application/octet-stream", file);
    return in.status() == 201 || in.status() == 200
        ? keeps(takenIn, in.json().get("id").getAsString(), in)
        : in;
  }

  private Answer photographs() {
    Shared at = now();
    Answer taken =
        send(
            "POST",
            "/api/pieces/" + at.id() + "/photos?stage=DURING",
            "application/octet-stream",
            photo);
    return taken.status() == 201 || taken.status() == 200
        ? keeps(at.photos(), taken.json().get("id").getAsString(), taken)
        : taken;
  }

  private Answer marks(String name, Random dice) {
    Shared at = now();
    Answer now = get("/api/pieces/" + at.id());
    if (now.status() != 200) {
      return now;
    }
    String edit =
        """
        {"id": "%s", "edits": [{"kind": "ADD_MARK", "id": "%s", "faceId": "front",
         "mark": "BLEMISH", "xMm": %d, "yMm": %d}]}"""
            .formatted(name, name, 5 + dice.nextInt(800), 5 + dice.nextInt(380));
    String version = "\"" + now.json().get("version").getAsLong() + "\"";
    return keeps(
        at.marks(),
        name,
        send("POST", "/api/pieces/" + at.id() + "/edits", edit, "If-Match", version));
  }

  private Answer books() {
    Answer made =
        send(
            "POST",
            "/api/holdings/" + pot + "/entries",
            "{\"kind\": \"SPOILED\", \"quantity\": \"%s\"}".formatted(TAKEN));
    if (made.status() == 200) {
      booked.incrementAndGet();
    } else if (made.isUnknown()) {
      perhapsBooked.incrementAndGet();
    }
    return made;
  }

  synchronized Duration longestStop() {
    return longestStop;
  }

  @Override
  List<String> faults() {
    return List.copyOf(new TreeMap<>(faults).values());
  }

  /**
   * All that they were told is kept is there at an address, once, and booked whole; also while they
   * go on.
   */
  void isAllThere(String at) {
    List<String> wereMade = List.copyOf(pieces);
    List<String> wereTakenIn = List.copyOf(takenIn);
    Map<String, List<String>> werePhotographed = new HashMap<>();
    Map<String, List<String>> wereMarked = new HashMap<>();
    for (Shared each : shared) {
      werePhotographed.put(each.id(), List.copyOf(each.photos()));
      wereMarked.put(each.id(), List.copyOf(each.marks()));
    }
    int wereBooked = booked.get();

    List<String> names = new ArrayList<>();
    List<String> ids = new ArrayList<>();
    for (JsonElement p : JsonParser.parseString(ask(at, "/api/pieces")).getAsJsonArray()) {
      ids.add(p.getAsJsonObject().get("id").getAsString());
      names.add(p.getAsJsonObject().get("name").getAsString());
    }
    assertThat(ids).as(at).containsAll(wereTakenIn).doesNotHaveDuplicates();
    names.removeIf(n -> !n.startsWith("w"));
    assertThat(names).as(at).containsAll(wereMade).doesNotHaveDuplicates();
    werePhotographed.forEach(
        (piece, photos) -> {
          String there = ask(at, "/api/pieces/" + piece + "/photos");
          photos.forEach(photo -> assertThat(there).as(at).contains(photo));
        });
    wereMarked.forEach(
        (piece, marks) -> {
          String plan = ask(at, "/api/pieces/" + piece);
          marks.forEach(mark -> assertThat(plan).as(at).contains("\"" + mark + "\""));
        });
    BigDecimal taken =
        POT.subtract(
            JsonParser.parseString(ask(at, "/api/holdings/" + pot))
                .getAsJsonObject()
                .getAsJsonObject("holding")
                .get("level")
                .getAsBigDecimal());
    assertThat(taken.remainder(TAKEN)).as("booked whole").isEqualByComparingTo("0");
    assertThat(taken.divide(TAKEN).intValueExact())
        .as(at)
        .isBetween(wereBooked, booked.get() + perhapsBooked.get() + underWay());
  }

  private String ask(String at, String path) {
    try {
      HttpResponse<String> answer =
          http.send(
              HttpRequest.newBuilder(URI.create(at + path)).build(),
              HttpResponse.BodyHandlers.ofString());
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
      return answer.body();
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  @Override
  public synchronized String toString() {
    return ("%d pieces, %d from files, %d marks, %d photos, %d bookings kept, %d a minute; %d not answered;"
            + " half waited %d ms, 99 of 100 at most %d ms, longest stop %d ms%s")
        .formatted(
            pieces.size(),
            takenIn.size(),
            shared.stream().mapToInt(s -> s.marks().size()).sum(),
            shared.stream().mapToInt(s -> s.photos().size()).sum(),
            booked.get(),
            60_000L * waitedMs.size() / Math.max(1, Duration.between(started, last).toMillis()),
            unanswered.get(),
            waited(50).toMillis(),
            waited(99).toMillis(),
            longestStop().toMillis(),
            String.join("", stops.stream().map(s -> "\n  nothing kept from " + s).toList()));
  }

  private static String chest(String name) {
    return """
    {"name": "%s", "form": {"kind": "CHEST", "choices": {},
     "measures": {"width": 870, "height": 420, "depth": 450}}}"""
        .formatted(name);
  }

  private static byte[] photo() {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(new BufferedImage(160, 120, BufferedImage.TYPE_INT_RGB), "jpg", out);
      return out.toByteArray();
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
