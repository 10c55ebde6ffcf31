package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.Map;
import java.util.UUID;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import tools.jackson.databind.JsonNode;

/**
 * Tests of the studio's own network, here 127.0.0.2: what is asked there comes by TLS, and only the
 * certificate that this server has made is trusted.
 */
abstract class LanServerTest extends AccountsServerTest {
  protected static final String ADDRESS = "127.0.0.2";
  private static final int PORT = freePort();
  private static final Path DATA = folder();
  private static final String TOKEN = UUID.randomUUID().toString();

  private HttpClient tls;

  @DynamicPropertySource
  static void network(DynamicPropertyRegistry registry) {
    registry.add("craftmap.lan", () -> ADDRESS + ":" + PORT);
    registry.add("craftmap.data", DATA::toString);
  }

  @BeforeEach
  @AfterEach
  void nothingIsPaired() {
    jdbc.update("delete from device");
    jdbc.update("delete from pairing");
  }

  protected static int lanPort() {
    return PORT;
  }

  protected static Path lanFolder() {
    return DATA.resolve("lan");
  }

  protected static String authority() {
    return ADDRESS + ":" + PORT;
  }

  /**
   * A device on the studio's network.
   *
   * @param cookie what it was given when it was paired; empty where it was not
   */
  protected record Tablet(String cookie) {
    static final Tablet UNPAIRED = new Tablet("");

    Tablet signedIn(String session) {
      return new Tablet(cookie + "; " + session);
    }
  }

  protected Answer by(Tablet tablet, String method, String path, Object body) {
    return by(tablet, method, path, body, Map.of());
  }

  protected Answer by(
      Tablet tablet, String method, String path, Object body, Map<String, String> headers) {
    String text = body == null ? "" : body instanceof String s ? s : json.writeValueAsString(body);
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create("https://" + authority() + path))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", TOKEN)
            .header(
                "Cookie",
                "XSRF-TOKEN=" + TOKEN + (tablet.cookie().isEmpty() ? "" : "; " + tablet.cookie()))
            .method(method, HttpRequest.BodyPublishers.ofString(text));
    headers.forEach(request::setHeader);
    return read(request.build());
  }

  private Answer read(HttpRequest request) {
    try {
      boolean endless = request.uri().getPath().equals("/api/live");
      if (endless) {
        HttpResponse<InputStream> begun =
            trusting().send(request, HttpResponse.BodyHandlers.ofInputStream());
        begun.body().close();
        return new Answer(null, json.createObjectNode().put("status", begun.statusCode()));
      }
      HttpResponse<byte[]> raw = trusting().send(request, HttpResponse.BodyHandlers.ofByteArray());
      boolean isJson =
          raw.headers().firstValue("Content-Type").orElse("").contains("json")
              && raw.body().length > 0;
      return new Answer(raw, isJson ? json.readTree(raw.body()) : json.nullNode());
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** What is told to a window on a device until it is over. */
  protected InputStream listens(Tablet tablet, String window)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("https://" + authority() + "/api/live?window=" + window))
            .header("Cookie", tablet.cookie())
            .build();
    HttpResponse<InputStream> begun =
        trusting().send(request, HttpResponse.BodyHandlers.ofInputStream());
    assertThat(begun.statusCode()).isEqualTo(200);
    return begun.body();
  }

  protected static int statusOf(Answer answer) {
    return answer.raw() == null ? answer.body().path("status").asInt() : answer.status();
  }

  protected Answer get(Tablet tablet, String path) {
    return by(tablet, "GET", path, null);
  }

  /** Trusts the one certificate, and that it is of the address that is asked. */
  protected HttpClient trusting() {
    if (tls == null) {
      tls = HttpClient.newBuilder().sslContext(context()).build();
    }
    return tls;
  }

  protected static SSLContext context() {
    try {
      KeyStore keys = KeyStore.getInstance("PKCS12");
      String password = Files.readString(lanFolder().resolve("password")).strip();
      try (var in = Files.newInputStream(lanFolder().resolve("keystore.p12"))) {
        keys.load(in, password.toCharArray());
      }
      KeyStore trusted = KeyStore.getInstance("PKCS12");
      trusted.load(null, null);
      trusted.setCertificateEntry("studio", keys.getCertificate("craftmap"));
      TrustManagerFactory trust =
          TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
      trust.init(trusted);
      SSLContext context = SSLContext.getInstance("TLS");
      context.init(null, trust.getTrustManagers(), null);
      return context;
    } catch (IOException | GeneralSecurityException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** Letters, as whoever sits at the machine gets them. */
  protected String letters(boolean benchOnly) {
    Answer opened = post("/api/devices/pairing", Map.of("benchOnly", benchOnly));
    assertThat(opened.status()).as(opened.detail()).isEqualTo(201);
    return opened.body().path("letters").asString();
  }

  protected Answer types(String letters, String name) {
    return by(Tablet.UNPAIRED, "POST", "/api/pair", Map.of("letters", letters, "name", name));
  }

  protected Tablet paired(String name, boolean benchOnly) {
    return tablet(types(letters(benchOnly), name));
  }

  protected static Tablet tablet(Answer paired) {
    assertThat(paired.status()).as(paired.detail()).isEqualTo(201);
    return new Tablet(
        paired.raw().headers().allValues("Set-Cookie").stream()
            .filter(c -> c.startsWith("craftmap-device="))
            .map(c -> c.replaceFirst(";.*", ""))
            .findFirst()
            .orElseThrow());
  }

  protected JsonNode device(String name) {
    return get("/api/devices")
        .body()
        .path("devices")
        .valueStream()
        .filter(d -> d.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static int freePort() {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getByName(ADDRESS))) {
      return socket.getLocalPort();
    } catch (IOException broken) {
      throw new IllegalStateException(broken);
    }
  }

  private static Path folder() {
    try {
      return Files.createTempDirectory("craftmap-lan");
    } catch (IOException broken) {
      throw new IllegalStateException(broken);
    }
  }
}
