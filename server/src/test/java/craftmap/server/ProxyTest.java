package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.TestPropertySource;

/**
 * Behind a proxy that ends TLS, here at 127.0.0.9: it answers at its public address once people
 * sign in, and what anybody else says in the proxy's words is not believed.
 */
@DirtiesContext
@TestPropertySource(
    properties = {
      "CRAFTMAP_PUBLIC=https://craft.example",
      "CRAFTMAP_FORWARDED=native",
      "CRAFTMAP_PROXY=127\\.0\\.0\\.9"
    })
class ProxyTest extends AccountsServerTest {
  private static final String PROXY = "127.0.0.9";
  private static final String SOMEBODY = "127.0.0.8";

  /** What is answered to a request from an address, by its lines. */
  private String asked(String from, String what, String... headers) throws IOException {
    try (Socket socket = new Socket()) {
      socket.bind(new InetSocketAddress(from, 0));
      socket.connect(new InetSocketAddress("127.0.0.1", port()));
      String request =
          what + " HTTP/1.1\r\n" + String.join("\r\n", headers) + "\r\nConnection: close\r\n\r\n";
      socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private String me(String from, String... headers) throws IOException {
    return asked(from, "GET /api/me", headers);
  }

  @Test
  void thePublicAddressIsAnsweredOnceSomebodySignsInThere() throws IOException {
    String early = me(PROXY, "Host: craft.example", "X-Forwarded-Proto: https");
    assertThat(early).startsWith("HTTP/1.1 403").contains("Make the first account at the machine");
    first("wren", "Wren");
    String answer = me(PROXY, "Host: craft.example", "X-Forwarded-Proto: https");
    assertThat(answer).startsWith("HTTP/1.1 200").contains("\"ANYONE\"");
    assertThat(answer).contains("Strict-Transport-Security: max-age=");
    // the machine itself goes on being answered
    assertThat(me("127.0.0.1", "Host: 127.0.0.1:" + port())).startsWith("HTTP/1.1 200");
  }

  @Test
  void onlyTheProxyIsBelieved() throws IOException {
    first("wren", "Wren");
    assertThat(me(SOMEBODY, "Host: craft.example", "X-Forwarded-Proto: https"))
        .startsWith("HTTP/1.1 403");
    assertThat(me(PROXY, "Host: craft.example")).startsWith("HTTP/1.1 403");
    assertThat(me(PROXY, "Host: craft.example", "X-Forwarded-Proto: http"))
        .startsWith("HTTP/1.1 403");
    assertThat(me(PROXY, "Host: other.example", "X-Forwarded-Proto: https"))
        .startsWith("HTTP/1.1 403");
    assertThat(
            me(
                PROXY,
                "Host: craft.example",
                "X-Forwarded-Proto: https",
                "Origin: https://other.example"))
        .startsWith("HTTP/1.1 403");
    assertThat(
            me(
                PROXY,
                "Host: craft.example",
                "X-Forwarded-Proto: https",
                "Origin: https://craft.example"))
        .startsWith("HTTP/1.1 200");
  }

  @Test
  void byTlsTheCookiesAreForTlsOnly() throws IOException {
    first("wren", "Wren");
    String body = "{\"signIn\":\"wren\",\"password\":\"%s\"}".formatted(PASSWORD);
    String answer =
        asked(
            PROXY,
            "POST /api/sign-in",
            "Host: craft.example",
            "X-Forwarded-Proto: https",
            "Origin: https://craft.example",
            "Cookie: XSRF-TOKEN=t",
            "X-XSRF-TOKEN: t",
            "Content-Type: application/json",
            "Content-Length: " + body.length() + "\r\n\r\n" + body);
    assertThat(answer).startsWith("HTTP/1.1 200");
    assertThat(answer.lines().filter(l -> l.startsWith("Set-Cookie: craftmap=")))
        .singleElement()
        .asString()
        .contains("Secure")
        .contains("HttpOnly");
  }

  @Test
  void whoeverTriesPasswordsIsToldApartByTheProxy() throws IOException {
    first("wren", "Wren");
    for (int i = 0; i < 7; i++) {
      assertThat(tries("203.0.113.7")).startsWith(i < 5 ? "HTTP/1.1 401" : "HTTP/1.1 429");
    }
    // somebody at another address is not kept waiting by them
    assertThat(tries("203.0.113.8")).startsWith("HTTP/1.1 401");
  }

  private String tries(String address) throws IOException {
    String body = "{\"signIn\":\"wren\",\"password\":\"seven herons crossed\"}";
    return asked(
        PROXY,
        "POST /api/sign-in",
        "Host: craft.example",
        "X-Forwarded-Proto: https",
        "X-Forwarded-For: " + address,
        "Cookie: XSRF-TOKEN=t",
        "X-XSRF-TOKEN: t",
        "Content-Type: application/json",
        "Content-Length: " + body.length() + "\r\n\r\n" + body);
  }
}
