package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.env.Environment;

/** Only this machine's own pages may speak to the server. */
class SafetyTest extends ServerTest {
  @Autowired private Environment environment;

  @Test
  void aForeignHostIsRefused() throws IOException {
    assertThat(statusWithHost("craft.invalid:" + port())).isEqualTo("403");
    assertThat(statusWithHost("127.0.0.1.craft.invalid")).isEqualTo("403");
    assertThat(statusWithHost("localhost:" + port())).isEqualTo("200");
    assertThat(statusWithHost("127.0.0.1:" + port())).isEqualTo("200");
  }

  /** Without being told to, it listens to no proxy; told to, to one on this machine. */
  @Test
  void whatAProxyWouldSayIsNotListenedTo() {
    Answer answer =
        send(
            request("/api/me")
                .header("X-Forwarded-Proto", "https")
                .header("X-Forwarded-Host", "craft.example")
                .GET());
    assertThat(answer.header("Strict-Transport-Security")).isEmpty();
    assertThat(environment.getProperty("server.tomcat.remoteip.internal-proxies"))
        .isEqualTo("127\\.0\\.0\\.1");
  }

  @Test
  void aForeignOriginIsRefusedEvenWithAToken() {
    HttpRequest.Builder request =
        request("/api/lengths")
            .header("Origin", "http://craft.invalid")
            .header("Cookie", "XSRF-TOKEN=t")
            .header("X-XSRF-TOKEN", "t")
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString("{}"));
    assertThat(send(request).status()).isEqualTo(403);
  }

  @Test
  void aChangeWithoutTheTokenIsRefusedAndReadingIsNot() {
    HttpRequest.Builder request =
        request("/api/lengths")
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString("{}"));
    assertThat(send(request).status()).isEqualTo(403);
    assertThat(get("/api/studio").status()).isEqualTo(200);
  }

  @Test
  void answersCarryTheHeadersThatKeepThemToThemselves() {
    Answer answer = get("/api/studio");
    assertThat(answer.header("Content-Security-Policy"))
        .startsWith("default-src 'none'")
        .contains("frame-ancestors 'none'");
    assertThat(answer.header("X-Content-Type-Options")).isEqualTo("nosniff");
    assertThat(answer.header("X-Frame-Options")).isEqualTo("DENY");
    assertThat(answer.header("Referrer-Policy")).isEqualTo("no-referrer");
    assertThat(answer.header("Server")).isEmpty();
    assertThat(answer.header("Cross-Origin-Resource-Policy")).isEqualTo("same-origin");
  }

  @Test
  void theTokenIsForThisSiteOnlyArtworkRunsNothingAndNoIndexIsKept() {
    assertThat(get("/").header("Set-Cookie")).contains("SameSite=Strict");
    String picture = get("/api/designs/fern-band").body().path("picture").asString();
    Answer artwork = get(picture);
    assertThat(artwork.status()).isEqualTo(200);
    assertThat(artwork.header("Content-Security-Policy")).contains("sandbox");
    assertThat(get("/actuator").status()).isEqualTo(404);
  }

  @Test
  void thePageLoadsOnlyItsOwnFilesAndItsNonceIsNewEachTime() {
    Answer first = get("/pieces/sea-chest/lay-out/front");
    Answer second = get("/");
    String policy = first.header("Content-Security-Policy");
    assertThat(policy)
        .contains("script-src 'self';")
        .doesNotContain("unsafe")
        .doesNotContain("http");
    String page = new String(first.raw().body(), StandardCharsets.UTF_8);
    assertThat(page).doesNotContain("__CSP_NONCE__").doesNotContain("http://");
    String nonce = policy.replaceFirst(".*'nonce-([^']+)'.*", "$1");
    assertThat(page).contains("nonce=\"" + nonce + "\"");
    assertThat(second.header("Content-Security-Policy")).doesNotContain(nonce);
  }

  /** A person who mistyped is answered with a page, a program with a problem; both are told 404. */
  @Test
  void whereNothingIsAPersonIsAnsweredWithAPageAndAProgramWithAProblem() {
    for (String path : List.of("/nowhere", "/sea-chest/lay%20out", "/%3Cscript%3E")) {
      Answer person = send(request(path).header("Accept", "text/html,*/*;q=0.8").GET());
      assertThat(person.status()).as(path).isEqualTo(404);
      assertThat(person.header("Content-Type")).startsWith("text/html");
      assertThat(person.header("Content-Security-Policy")).contains("script-src 'self';");
      assertThat(person.text()).contains("<div id=\"root\"").doesNotContain("<script>");
      Answer program = send(request(path).header("Accept", "application/json").GET());
      assertThat(program.status()).as(path).isEqualTo(404);
      assertThat(program.detail()).contains("No endpoint");
    }
    // nor is an address of the interface a page, whoever asks
    Answer asked = send(request("/api/nothing").header("Accept", "text/html").GET());
    assertThat(asked.header("Content-Type")).contains("json");
    assertThat(asked.status()).isEqualTo(404);
  }

  @Test
  void filesOutsideThePagesAreNotServed() {
    assertThat(get("/assets/..%2findex.html").status()).isIn(400, 404);
    assertThat(get("/assets/application.yml").status()).isEqualTo(404);
    assertThat(get("/actuator/env").status()).isEqualTo(404);
  }

  private String statusWithHost(String host) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", port())) {
      socket
          .getOutputStream()
          .write(
              ("GET /api/studio HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                  .getBytes(StandardCharsets.US_ASCII));
      InputStream in = socket.getInputStream();
      String answer = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return answer.split(" ")[1];
    }
  }
}
