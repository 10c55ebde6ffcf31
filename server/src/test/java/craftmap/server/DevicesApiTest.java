package craftmap.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.SSLSocket;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A device is paired over the studio's own network by six letters, and is then answered there. */
class DevicesApiTest extends LanServerTest {
  private static final String WRONG = "QQQQQQ";

  private <T> List<T> atOnce(int many, Callable<T> what)
      throws InterruptedException, ExecutionException {
    List<T> all = new ArrayList<>();
    try (ExecutorService people = Executors.newFixedThreadPool(many)) {
      for (Future<T> one :
          people.invokeAll(java.util.stream.Stream.generate(() -> what).limit(many).toList())) {
        all.add(one.get());
      }
    }
    return all;
  }

  @Test
  void lettersTypedOnADeviceLetItIn() {
    assertThat(get(Tablet.UNPAIRED, "/api/pieces").status()).isEqualTo(401);
    JsonNode opened = post("/api/devices/pairing", Map.of("benchOnly", false)).body();
    String letters = opened.path("letters").asString();
    assertThat(letters).matches("[BCDFGHJKLMNPQRSTVWXZ]{6}");
    assertThat(opened.path("address").asString()).isEqualTo("https://" + authority() + "/pair");
    assertThat(get("/api/devices").body().at("/pairing/triesLeft").asInt()).isEqualTo(10);

    // however they are typed
    String typed = letters.substring(0, 3).toLowerCase() + " " + letters.substring(3);
    Answer answer = types(typed, " The tablet by the window ");
    Tablet tablet = tablet(answer);
    assertThat(answer.body().path("name").asString()).isEqualTo("The tablet by the window");
    assertThat(answer.raw().headers().firstValue("Set-Cookie").orElseThrow())
        .contains("HttpOnly", "Secure", "SameSite=Strict", "Path=/", "Max-Age=34560000");
    assertThat(get(tablet, "/api/pieces").status()).isEqualTo(200);
    JsonNode me = get(tablet, "/api/me").body();
    assertThat(me.path("role").asString()).isEqualTo("MAKER");
    assertThat(me.at("/device/name").asString()).isEqualTo("The tablet by the window");
    assertThat(me.at("/device/benchOnly").asBoolean()).isFalse();
    assertThat(me.has("unpaired")).isFalse();

    JsonNode listed = get("/api/devices").body();
    assertThat(texts(listed.path("devices"), "name")).containsExactly("The tablet by the window");
    assertThat(listed.has("pairing")).as("letters are good once").isFalse();
    assertThat(types(letters, "Another").status()).isEqualTo(404);
    assertThat(listed.toString())
        .as("nothing that lets in is told again")
        .doesNotContain(letters)
        .doesNotContain(tablet.cookie().substring("craftmap-device=".length()));
    assertThat(jdbc.queryForList("select hash from device", String.class).getFirst())
        .hasSize(64)
        .doesNotContain(tablet.cookie().substring("craftmap-device=".length()));
  }

  /** What shows both screens the same: the certificate that the connection itself shows. */
  @Test
  void theFingerprintIsThatOfTheCertificateThatIsShown() throws Exception {
    String told = get("/api/devices").body().at("/lan/fingerprint").asString();
    assertThat(told).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
    assertThat(get(Tablet.UNPAIRED, "/api/pair").body().path("fingerprint").asString())
        .isEqualTo(told);
    try (SSLSocket socket =
        (SSLSocket) context().getSocketFactory().createSocket(ADDRESS, lanPort())) {
      socket.startHandshake();
      byte[] shown = socket.getSession().getPeerCertificates()[0].getEncoded();
      byte[] sha = java.security.MessageDigest.getInstance("SHA-256").digest(shown);
      assertThat(java.util.HexFormat.ofDelimiter(":").withUpperCase().formatHex(sha))
          .isEqualTo(told);
      assertThat(get(Tablet.UNPAIRED, "/api/pair/certificate").raw().body()).isEqualTo(shown);
      assertThat(socket.getSession().getProtocol()).isEqualTo("TLSv1.3");
    }
  }

  @Test
  void nobodyIsAnsweredThereWithoutTlsOrByAnotherName() throws IOException {
    try (Socket plain = new Socket(ADDRESS, lanPort())) {
      plain
          .getOutputStream()
          .write("GET /api/me HTTP/1.1\r\nHost: x\r\n\r\n".getBytes(StandardCharsets.US_ASCII));
      assertThat(new String(plain.getInputStream().readAllBytes(), StandardCharsets.US_ASCII))
          .doesNotContain("ANYONE")
          .doesNotContain("HTTP/1.1 200");
    }
    Tablet tablet = paired("Tablet", false);
    assertThat(
            by(tablet, "GET", "/api/pieces", null, Map.of("Origin", "https://" + authority()))
                .status())
        .isEqualTo(200);
    for (String origin : List.of("https://evil.example", "http://" + authority(), "null")) {
      assertThat(by(tablet, "GET", "/api/pieces", null, Map.of("Origin", origin)).status())
          .as(origin)
          .isEqualTo(403);
    }
    for (String host : List.of("127.0.0.1:" + port(), "localhost", "craft.example", ADDRESS)) {
      assertThat(raw(host)).as(host).startsWith("HTTP/1.1 403").contains("only its own pages");
    }
    assertThat(raw(authority())).startsWith("HTTP/1.1 401");
    // a program that trusts nobody by hand does not come that far
    assertThatThrownBy(
            () ->
                java.net.http.HttpClient.newHttpClient()
                    .send(
                        java.net.http.HttpRequest.newBuilder(
                                java.net.URI.create("https://" + authority() + "/api/me"))
                            .build(),
                        java.net.http.HttpResponse.BodyHandlers.ofString()))
        .isInstanceOf(SSLHandshakeException.class);
  }

  private static String raw(String host) throws IOException {
    try (Socket socket = context().getSocketFactory().createSocket(ADDRESS, lanPort())) {
      socket
          .getOutputStream()
          .write(
              ("GET /api/pieces HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                  .getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  /** And what a cookie opens there opens nothing at another address: a Host decides nothing. */
  @Test
  void theMachineItselfIsAnsweredAsBefore() {
    Tablet tablet = paired("Tablet", true);
    assertThat(get("/api/me").body().path("role").asString()).isEqualTo("OWNER");
    as(tablet.cookie());
    assertThat(get("/api/me").body().path("role").asString()).isEqualTo("OWNER");
    assertThat(get("/api/me").body().has("device")).isFalse();
    as("");
    // devices are paired over the network, not at the machine
    String letters = letters(false);
    assertThat(post("/api/pair", Map.of("letters", letters, "name", "Here")).status())
        .isEqualTo(404);
    assertThat(get("/api/pair").status()).isEqualTo(404);
    assertThat(types(letters, "There").status()).isEqualTo(201);
  }

  @Test
  void lettersHoldForMinutesAndOthersEndThem() {
    String letters = letters(false);
    String others = letters(false);
    assertThat(types(letters, "Too late").status()).isEqualTo(404);
    jdbc.update("update pairing set ends_at = ?", Timestamp.valueOf("2020-01-01 00:00:00"));
    assertThat(types(others, "Too late").status()).isEqualTo(404);
    assertThat(get("/api/devices").body().has("pairing")).isFalse();
    String taken = letters(false);
    assertThat(delete("/api/devices/pairing").status()).isEqualTo(204);
    assertThat(types(taken, "Too late").status()).isEqualTo(404);
    assertThat(get("/api/devices").body().path("devices")).isEmpty();
  }

  @Test
  void afterTenThatWereWrongTheLettersAreGoodNoMore() {
    String letters = letters(false);
    Random dice = new Random(4713);
    for (int n = 1; n <= 9; n++) {
      String guess = guess(dice);
      assertThat(types(guess, "Guesser").status()).as(guess).isEqualTo(404);
      assertThat(get("/api/devices").body().at("/pairing/triesLeft").asInt()).isEqualTo(10 - n);
    }
    // what is wrong with the name is no try
    assertThat(types(letters, "  ").status()).isEqualTo(422);
    assertThat(types(letters, "The tenth is right").status()).isEqualTo(201);

    String again = letters(false);
    for (int n = 0; n < 10; n++) {
      types(WRONG, "Guesser");
    }
    assertThat(get("/api/devices").body().has("pairing")).isFalse();
    assertThat(types(again, "Too late").status()).isEqualTo(404);
    // others begin anew
    assertThat(types(letters(false), "Again").status()).isEqualTo(201);
  }

  private static String guess(Random dice) {
    StringBuilder letters = new StringBuilder();
    for (int i = 0; i < 6; i++) {
      // never the right ones: these have a vowel
      letters.append(i == 3 ? 'A' : "BCDFGHJKLMNPQRSTVWXZ".charAt(dice.nextInt(20)));
    }
    return letters.toString();
  }

  @Test
  void ofManyWithTheSameLettersOneIsPaired() throws Exception {
    String letters = letters(true);
    List<Integer> answers = atOnce(9, () -> types(letters, "Which of us").status());
    assertThat(answers).containsOnlyOnce(201).contains(404);
    assertThat(answers.stream().filter(s -> s == 404).count()).isEqualTo(8);
    assertThat(get("/api/devices").body().path("devices")).hasSize(1);
  }

  /** A crowd of guessers is no better off than one: each try counts before it is looked at. */
  @Test
  void manyGuessersAtOnceAreNoMoreThanOneAfterTheOther() throws Exception {
    String letters = letters(false);
    assertThat(atOnce(24, () -> types(WRONG, "Guesser").status())).containsOnly(404);
    assertThat(jdbc.queryForObject("select tries from pairing", Integer.class)).isEqualTo(11);
    assertThat(types(letters, "Too late").status()).isEqualTo(404);
  }

  @Test
  void oneThatIsSentAwayIsAnsweredNothingFromThatMomentOn() {
    Tablet tablet = paired("Tablet", false);
    Tablet other = paired("Phone", false);
    String id = device("Tablet").path("id").asString();
    assertThat(delete("/api/devices/" + id).status()).isEqualTo(204);
    Answer after = get(tablet, "/api/pieces");
    assertThat(after.status()).isEqualTo(401);
    assertThat(after.body().path("title").asString()).isEqualTo("Not paired");
    assertThat(get(tablet, "/api/me").body().path("unpaired").asBoolean()).isTrue();
    assertThat(get(other, "/api/pieces").status()).isEqualTo(200);
    assertThat(delete("/api/devices/" + id).status()).isEqualTo(404);
    assertThat(put("/api/devices/" + id, Map.of("name", "Back", "benchOnly", false)).status())
        .isEqualTo(404);
  }

  @Test
  void whatListenedOnADeviceIsOverOnceItIsSentAway() throws Exception {
    Tablet tablet = paired("Tablet", false);
    try (InputStream told = listens(tablet, "bench")) {
      BufferedReader lines = new BufferedReader(new InputStreamReader(told, UTF_8));
      assertThat(lines.readLine()).as("it listens").startsWith("event:");
      String id = device("Tablet").path("id").asString();
      assertThat(delete("/api/devices/" + id).status()).isEqualTo(204);
      // of itself a stream ends after two minutes; this is read to its end well before
      assertThat(CompletableFuture.runAsync(() -> lines.lines().forEach(line -> {})))
          .succeedsWithin(Duration.ofSeconds(60));
    }
    assertThat(statusOf(get(tablet, "/api/live?window=bench"))).isEqualTo(401);
  }

  @Test
  void itIsCalledAndLimitedAsItsOwnerSays() {
    Tablet tablet = paired("Tablet", false);
    String id = device("Tablet").path("id").asString();
    assertThat(get(tablet, "/api/shelf").status()).isEqualTo(200);
    Answer limited = put("/api/devices/" + id, Map.of("name", "Bench", "benchOnly", true));
    assertThat(limited.body().path("name").asString()).isEqualTo("Bench");
    Answer refused = get(tablet, "/api/shelf");
    assertThat(refused.status()).isEqualTo(403);
    assertThat(refused.detail()).contains("for the bench alone").contains("Studio, Devices");
    assertThat(get(tablet, "/api/me").body().at("/device/benchOnly").asBoolean()).isTrue();
    put("/api/devices/" + id, Map.of("name", "Bench", "benchOnly", false));
    assertThat(get(tablet, "/api/shelf").status()).isEqualTo(200);
    for (String name : List.of("", "   ", "x".repeat(41), "a\nb")) {
      Answer wrong = put("/api/devices/" + id, Map.of("name", name, "benchOnly", false));
      assertThat(wrong.status()).as(name).isEqualTo(422);
      assertThat(wrong.detail()).contains("Name").contains("1 to 40 characters");
    }
    assertThat(device("Bench").path("benchOnly").asBoolean()).isFalse();
  }

  @Test
  void whatIsDoneOnADeviceIsWrittenDownUnderTheNameItSaysOrItsOwn() {
    Tablet tablet = paired("Tablet", false);
    String made =
        by(
                tablet,
                "POST",
                "/api/pieces",
                "{\"name\":\"Made on a tablet\",\"form\":{\"kind\":\"STEP_STOOL\",\"measures\":{},\"choices\":{}}}")
            .body()
            .path("id")
            .asString();
    assertThat(get("/api/pieces/" + made + "/history").body().findValuesAsString("by"))
        .contains("Tablet");
    Answer copied =
        by(tablet, "POST", "/api/pieces/" + made + "/copy", null, Map.of("X-Person", "Wren"));
    assertThat(
            get("/api/pieces/" + copied.body().path("id").asString() + "/history")
                .body()
                .findValuesAsString("by"))
        .contains("Wren");
  }

  /** Pairing lets a device reach the studio; who works on it signs in there as everywhere. */
  @Test
  void onceThereAreAccountsOneSignsInOnADeviceToo() {
    Tablet tablet = paired("Tablet", false);
    Tablet bench = paired("Bench", true);
    String owner = first("wren", "Wren");
    Answer nobody = get(tablet, "/api/pieces");
    assertThat(nobody.status()).isEqualTo(401);
    assertThat(nobody.body().path("title").asString()).isEqualTo("Not signed in");
    assertThat(
            by(
                    Tablet.UNPAIRED,
                    "POST",
                    "/api/sign-in",
                    Map.of("signIn", "wren", "password", PASSWORD))
                .status())
        .as("the right password lets nobody in by a device that is not paired")
        .isEqualTo(401);
    Tablet signedIn = signedIn(tablet);
    assertThat(get(signedIn, "/api/pieces").status()).isEqualTo(200);
    assertThat(get(signedIn, "/api/devices").status()).as("she owns it here too").isEqualTo(200);
    Tablet benched = signedIn(bench);
    JsonNode me = get(benched, "/api/me").body();
    assertThat(me.path("role").asString()).isEqualTo("OWNER");
    assertThat(me.path("person").asString()).isEqualTo("Wren");
    assertThat(get(benched, "/api/devices").status()).as("a bench stays one").isEqualTo(403);
    assertThat(get(benched, "/api/week/next").status()).isEqualTo(200);
    // a session that was begun at the machine opens nothing on a device that is not paired
    assertThat(get(new Tablet(owner), "/api/pieces").status()).isEqualTo(401);
  }

  private Tablet signedIn(Tablet tablet) {
    Answer in = by(tablet, "POST", "/api/sign-in", Map.of("signIn", "wren", "password", PASSWORD));
    assertThat(in.status()).as(in.detail()).isEqualTo(200);
    return tablet.signedIn(cookieOf(in));
  }

  @Test
  void whenItWasSeenIsWrittenOnceAMinute() {
    Tablet tablet = paired("Tablet", false);
    Timestamp long_ago = Timestamp.valueOf("2026-01-01 00:00:00");
    jdbc.update("update device set seen_at = ?", long_ago);
    get(tablet, "/api/me");
    Timestamp seen = jdbc.queryForObject("select seen_at from device", Timestamp.class);
    assertThat(seen).isAfter(long_ago);
    get(tablet, "/api/me");
    assertThat(jdbc.queryForObject("select seen_at from device", Timestamp.class)).isEqualTo(seen);
  }

  /** Other studios have devices of their own. */
  @Test
  void theDevicesOfAnotherStudioAreUnknown() {
    paired("Tablet", false);
    String id = device("Tablet").path("id").asString();
    first("wren", "Wren");
    as(stranger());
    assertThat(get("/api/devices").body().path("devices")).isEmpty();
    assertThat(delete("/api/devices/" + id).status()).isEqualTo(404);
    assertThat(put("/api/devices/" + id, Map.of("name", "Mine", "benchOnly", false)).status())
        .isEqualTo(404);
    assertThat(jdbc.queryForObject("select name from device", String.class)).isEqualTo("Tablet");
  }
}
