package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.measure.TapeDivision;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;

/**
 * Tests of those who sign in; before and after each there are no accounts. The server has a single
 * connection to its database: whoever has one never waits for a second, or as many people as there
 * are connections would wait for each other.
 */
@TestPropertySource(properties = "spring.datasource.hikari.maximum-pool-size=1")
public abstract class AccountsServerTest extends ServerTest {
  /** Nobody's name, and long. */
  protected static final String PASSWORD = "seven herons cross";

  @Autowired protected JdbcTemplate jdbc;
  @Autowired private Studios studios;

  @BeforeEach
  @AfterEach
  void nobodyHasAnAccount() {
    as("");
    List.of(
            "client_comment",
            "client_look",
            "SPRING_SESSION",
            "sign_in_failure",
            "invitation",
            "account",
            "membership")
        .forEach(table -> jdbc.update("delete from " + table));
  }

  /** Makes the first account, an owner's; her cookie. */
  protected String first(String signIn, String person) {
    Answer made = post("/api/accounts", account(signIn, person, PASSWORD));
    assertThat(made.status()).as(made.detail()).isEqualTo(201);
    return cookieOf(made);
  }

  protected static Map<String, String> account(String signIn, String person, String password) {
    return Map.of("signIn", signIn, "person", person, "password", password);
  }

  /** The link by which an owner lets somebody in. */
  protected String invited(String owner, String role) {
    as(owner);
    Answer given = post("/api/people/invitations", Map.of("role", role, "days", 3));
    assertThat(given.status()).as(given.detail()).isEqualTo(201);
    String path = given.body().path("path").asString();
    assertThat(path).startsWith("/join#");
    return path.substring("/join#".length());
  }

  /** Somebody who was invited and has come; their cookie. */
  protected String joined(String owner, String role, String signIn, String person) {
    String link = invited(owner, role);
    as("");
    Answer joined =
        post(
            "/api/join",
            Map.of("link", link, "signIn", signIn, "person", person, "password", PASSWORD));
    assertThat(joined.status()).as(joined.detail()).isEqualTo(201);
    return cookieOf(joined);
  }

  /**
   * The owner of another studio, which is empty; once somebody has the first account of this one.
   */
  protected String stranger() {
    Studio other =
        studios.found(
            "dunes-" + UUID.randomUUID().toString().substring(0, 8),
            "Dune Studio",
            TapeDivision.MM_1);
    jdbc.update(
        """
        insert into account (id, studio_id, sign_in, person, role, password, made_at)
        select concat('of-', ?), ?, 'dune', 'Dune', 'OWNER', password, made_at
        from account where sign_in = 'wren'
        """,
        other.id(),
        other.id());
    jdbc.update("insert into membership (studio_id, times) values (?, 1)", other.id());
    as("");
    return cookieOf(signIn("dune", PASSWORD));
  }

  protected Answer signIn(String signIn, String password) {
    return post("/api/sign-in", Map.of("signIn", signIn, "password", password));
  }
}
