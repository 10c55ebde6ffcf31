package craftmap.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.AccountsServerTest;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** An owner who has lost everything is let in again by whoever has the machine, and nobody else. */
class RecoverCommandTest extends AccountsServerTest {
  private static final String NEW = "nine curlews call";

  @Autowired private JdbcClient client;

  private String said(Clock clock, String... name) {
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    PrintStream out = new PrintStream(all, true, StandardCharsets.UTF_8);
    int status =
        RecoverCommand.run(
            client,
            "http://127.0.0.1:8080/",
            name.length == 0 ? Optional.empty() : Optional.of(name[0]),
            clock,
            out,
            out);
    return status + ": " + all.toString(StandardCharsets.UTF_8).strip();
  }

  private static String link(String said) {
    return said.substring(said.indexOf('#') + 1);
  }

  private Answer chosen(String link) {
    as("");
    return post("/api/join", Map.of("link", link, "password", NEW));
  }

  private int signedIn(String signIn, String password) {
    as("");
    return post("/api/sign-in", Map.of("signIn", signIn, "password", password)).status();
  }

  @Test
  void theOnlyOwnerChoosesANewPasswordByALinkThatIsGoodOnce() {
    String before = first("wren", "Wren");
    joined(before, "MAKER", "tern", "Tern");
    String said = said(Clock.systemUTC());
    assertThat(said)
        .startsWith("0: Wren, who signs in as wren, chooses a new password here, once")
        .contains("http://127.0.0.1:8080/join#");
    Answer chosen = chosen(link(said));
    assertThat(chosen.status()).as(chosen.detail()).isLessThan(300);
    assertThat(signedIn("wren", NEW)).isEqualTo(200);
    assertThat(signedIn("wren", PASSWORD)).isEqualTo(401);
    assertThat(chosen(link(said)).status()).isEqualTo(404);
    // whoever was signed in with the old one is out
    as(before);
    assertThat(get("/api/pieces").status()).isEqualTo(401);
    // and what is kept of the link lets nobody in
    assertThat(jdbc.queryForList("select hash from invitation", String.class))
        .doesNotContain(link(said));
  }

  @Test
  void ofSeveralOwnersTheOneIsNamedAndMakersAreNotLetInLikeThis() {
    String wren = first("wren", "Wren");
    joined(wren, "OWNER", "plover", "Plover");
    joined(wren, "MAKER", "tern", "Tern");
    assertThat(said(Clock.systemUTC()))
        .isEqualTo("1: Craft Map: say which owner. There are plover, wren.");
    assertThat(said(Clock.systemUTC(), "tern")).startsWith("1: Craft Map: say which owner.");
    String earlier = said(Clock.systemUTC(), "plover");
    String said = said(Clock.systemUTC(), "plover");
    // the one given last holds
    assertThat(chosen(link(earlier)).status()).isEqualTo(404);
    assertThat(chosen(link(said)).status()).isLessThan(300);
    assertThat(signedIn("plover", NEW)).isEqualTo(200);
    assertThat(signedIn("wren", PASSWORD)).isEqualTo(200);
  }

  @Test
  void withoutAccountsAndAfterAnHourThereIsNothingToOpen() {
    assertThat(said(Clock.systemUTC()))
        .isEqualTo("1: Craft Map: there are no accounts here. Nobody signs in.");
    first("wren", "Wren");
    String old = said(Clock.offset(Clock.systemUTC(), Duration.ofMinutes(-61)));
    assertThat(chosen(link(old)).status()).isEqualTo(404);
  }
}
