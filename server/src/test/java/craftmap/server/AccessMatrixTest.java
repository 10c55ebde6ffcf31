package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.Operations.Operation;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Who may ask what: every operation that the description tells of, by everybody there is. A new
 * operation is in here as soon as it is described.
 */
class AccessMatrixTest extends AccountsServerTest {
  /** From the least to the most; what one may, all after them may. */
  private static final List<String> ROLES = List.of("anyone", "guest", "maker", "owner");

  /** May no more than anyone, but for what was chosen for them. */
  private static final String CLIENT = "client";

  /** To come in, one need not be in. */
  private static final Set<String> OPEN =
      Set.of(
          "GET /api/me",
          "POST /api/sign-in",
          "POST /api/sign-out",
          "POST /api/recovery",
          "POST /api/join",
          "POST /api/join/look",
          "GET /api/pair",
          "GET /api/pair/certificate",
          "POST /api/pair",
          "POST /api/look/open",
          "GET /api/look",
          "GET /api/look/pieces/{id}",
          "GET /api/look/pieces/{id}/map.svg",
          "GET /api/look/pieces/{id}/faces/{faceId}",
          "GET /api/look/pieces/{id}/photos/{photoId}",
          "POST /api/look/comments");

  /** Asks with much to tell, and changes nothing; or changes what is one's own. */
  private static final Set<String> ASKS =
      Set.of(
          "POST /api/edits",
          "POST /api/lengths",
          "POST /api/lengths/between",
          "POST /api/readings",
          "POST /api/readings/lay",
          "POST /api/readings/options",
          "POST /api/designs/reading",
          "POST /api/media/reading",
          "POST /api/tools/reading",
          "POST /api/sums/{kind}",
          "POST /api/photos/{id}/faces/{faceId}/measured",
          "POST /api/photos/{id}/rectangle",
          "POST /api/pieces/{id}/prints",
          "PUT /api/live/here",
          "DELETE /api/live/here",
          "PUT /api/me/password",
          "POST /api/me/codes",
          "DELETE /api/me/sessions",
          "DELETE /api/me/sessions/{id}");

  /** The studio itself, and who belongs to it. */
  private static final Set<String> OWNERS =
      Set.of(
          "GET /api/devices",
          "POST /api/devices/pairing",
          "DELETE /api/devices/pairing",
          "PUT /api/devices/{id}",
          "DELETE /api/devices/{id}",
          "GET /api/backups",
          "GET /api/backups/file",
          "POST /api/backups/look",
          "POST /api/backups/restore",
          "PUT /api/habits",
          "PUT /api/money",
          "POST /api/accounts",
          "POST /api/people/invitations",
          "DELETE /api/people/invitations/{id}",
          "PUT /api/people/{id}",
          "DELETE /api/people/{id}",
          "POST /api/people/{id}/link");

  private static final Set<String> MAKERS_LOOK = Set.of("GET /api/people", "GET /api/looks");

  /** After these somebody has to sign in again. */
  private static final Set<String> SIGNS_OUT =
      Set.of("POST /api/sign-out", "DELETE /api/me/sessions");

  private static String expected(Operation o) {
    String called = o.toString();
    if (OPEN.contains(called)) {
      return "anyone";
    }
    if (OWNERS.contains(called)) {
      return "owner";
    }
    boolean looks = o.method().equals("GET") && !MAKERS_LOOK.contains(called);
    return looks || ASKS.contains(called) ? "guest" : "maker";
  }

  @Test
  void lookingIsForGuestsChangingForMakersAndTheStudioItselfForItsOwners() throws IOException {
    Map<String, String> told = new TreeMap<>();
    Map<String, String> right = new TreeMap<>();
    for (Operation o : Operations.all()) {
      told.put(o.toString(), o.allowed());
      right.put(o.toString(), expected(o));
    }
    assertThat(told).hasSizeGreaterThan(180).isEqualTo(right);
  }

  @Test
  void everyOperationLetsThroughWhoMayAndNobodyElse() throws IOException {
    Map<String, String> cookies = new LinkedHashMap<>();
    cookies.put("anyone", "");
    String owner = first("wren", "Wren");
    cookies.put("guest", joined(owner, "GUEST", "plover", "Plover"));
    cookies.put("maker", joined(owner, "MAKER", "tern", "Tern"));
    cookies.put("owner", owner);
    as(owner);
    cookies.put(CLIENT, "craftmap-look=" + given("sea-chest"));
    Map<String, String> names = Map.of("guest", "plover", "maker", "tern", "owner", "wren");
    List<String> wrong = new ArrayList<>();
    for (Operation o : Operations.all()) {
      for (String role : cookies.keySet()) {
        as(cookies.get(role));
        Answer answer = knock(o);
        boolean may = Math.max(0, ROLES.indexOf(role)) >= ROLES.indexOf(o.allowed());
        if (!isRight(answer.status(), role, may, o)) {
          wrong.add("%s by %s: %d".formatted(o, role, answer.status()));
        }
        if (answer.status() == 202) {
          // it was let through, and that is all
          delete("/api/jobs/" + answer.body().path("id").asString());
        }
        if (SIGNS_OUT.contains(o.toString()) && names.containsKey(role)) {
          as("");
          cookies.put(role, cookieOf(signIn(names.get(role), PASSWORD)));
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  private static boolean isRight(int status, String role, boolean may, Operation o) {
    if (status >= 500) {
      return false;
    }
    if (may) {
      // who tries to come in with nothing right is told so
      return OPEN.contains(o.toString()) || status != 401 && status != 403;
    }
    return status == (role.equals("anyone") || role.equals(CLIENT) ? 401 : 403);
  }

  /** What opens a look at one piece. */
  private String given(String piece) {
    Answer given =
        post(
            "/api/looks",
            Map.of(
                "name",
                "Heron House",
                "pieces",
                List.of(piece),
                "withPhotos",
                true,
                "withPrice",
                true,
                "days",
                7));
    assertThat(given.status()).as(given.detail()).isEqualTo(201);
    return given.body().path("path").asString().substring("/look#".length());
  }

  /** Asks for nothing that is there, with nothing that can be read: it comes as far as the gate. */
  private Answer knock(Operation o) {
    String path = o.with(_ -> "nothing-of-the-kind");
    if (o.takesFile()) {
      return upload(path, new byte[] {1});
    }
    if (o.method().equals("GET")) {
      return get(path);
    }
    return change(o.method(), path, o.body() == null ? null : "!", 1L);
  }

  /** Jobs that somebody began before write here whenever they come to it. */
  private static final Set<String> OF_JOBS = Set.of("job", "found_order", "told_order", "changed");

  /** Everything of a studio, by its table. */
  private Map<String, String> fingerprints(String studioId) {
    Map<String, String> prints = new TreeMap<>();
    for (String table : tablesOfStudios()) {
      if (OF_JOBS.contains(table)) {
        continue;
      }
      List<String> columns =
          jdbc.queryForList(
              """
              select concat('coalesce(`', column_name, '`, "-")') from information_schema.columns
              where table_schema = database() and table_name = ?
              """,
              String.class,
              table);
      prints.put(
          table,
          jdbc.queryForObject(
              "select concat(count(*), ' ', coalesce(bit_xor(crc32(concat_ws('|', %s))), 0)) from `%s` where studio_id = ?"
                  .formatted(String.join(",", columns), table),
              String.class,
              studioId));
    }
    return prints;
  }

  private List<String> tablesOfStudios() {
    return jdbc.queryForList(
        """
        select table_name from information_schema.columns
        where table_schema = database() and column_name = 'studio_id'
        """,
        String.class);
  }

  @Test
  void everyRowOfEveryTableBelongsToAStudio() {
    List<String> others =
        jdbc.queryForList(
            "select table_name from information_schema.tables where table_schema = database() and table_type = 'BASE TABLE'",
            String.class);
    others.removeAll(tablesOfStudios());
    // the studios themselves, how far the tables are, who is signed in (of an account, which
    // belongs
    // to a studio), and how often a name was tried that may be nobody's
    assertThat(others)
        .containsExactlyInAnyOrder(
            "studio",
            "flyway_schema_history",
            "SPRING_SESSION",
            "SPRING_SESSION_ATTRIBUTES",
            "sign_in_failure");
  }

  /**
   * The owner of another studio asks every operation for what is ours, with what it reads: nothing
   * of ours is told, nothing of ours is changed.
   */
  @Test
  void whatIsOursIsUnknownToTheOwnerOfAnotherStudio() throws IOException {
    String owner = first("wren", "Wren");
    String tern = joined(owner, "MAKER", "tern", "Tern");
    String invited = invited(owner, "GUEST");
    as(owner);
    assertThat(List.of(tern, invited, given("sea-chest"))).doesNotContain("");
    String stranger = stranger();
    Map<String, String> before = fingerprints("studio");

    List<String> wrong = new ArrayList<>();
    List<String> notFar = new ArrayList<>();
    for (Operation o : Operations.all()) {
      if (OPEN.contains(o.toString()) || o.path().startsWith("/api/me/")) {
        continue;
      }
      as(stranger);
      Answer answer = asks(o);
      // what the supplier sells is everybody's to buy, and a sum is of nobody's things
      boolean ofOurs =
          o.path().contains("{") && !o.path().contains("{sku}") && !o.path().contains("/sums/");
      int status = answer.status();
      boolean told = status < 300 && ofOurs && !says(answer);
      if (status >= 500 || status == 401 || status == 403 || told) {
        wrong.add("%s: %d %s".formatted(o, status, shortened(answer)));
      }
      if (ofOurs && status != 404 && status >= 300) {
        notFar.add("%s: %d %s".formatted(o, status, shortened(answer)));
      }
      if (answer.text().contains("Saltmarsh")
          || status < 300 && answer.text().contains("\"fern-band\"")) {
        wrong.add(o + " tells of ours: " + shortened(answer));
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(fingerprints("studio")).isEqualTo(before);
    assertThat(notFar).as("refused before it was looked up whose it is").hasSizeLessThan(12);
  }

  /** Whether an answer says nothing. */
  private static boolean says(Answer answer) {
    JsonNode body = answer.body();
    return body.isArray() && body.isEmpty();
  }

  private static String shortened(Answer answer) {
    String text = answer.text();
    return text.length() > 160 ? text.substring(0, 160) : text;
  }

  private Answer asks(Operation o) {
    String path = o.with(ours(o.path()));
    if (o.takesFile()) {
      return upload(path, new byte[] {1});
    }
    return o.method().equals("GET") ? get(path) : change(o.method(), path, o.body(), 1L);
  }

  /** Ids of ours, for what an address calls them. */
  private UnaryOperator<String> ours(String path) {
    String kind = path.split("/")[2];
    return name ->
        switch (name) {
          case "faceId" -> "front";
          case "layId" -> ourLay();
          case "designId" -> "fern-band";
          case "holdingId" -> "deep-estuary";
          case "groupId" -> "all";
          case "band", "mat" -> "0";
          case "rule" -> "REPEAT";
          case "sku" -> "CP-01";
          case "kind" -> "RUN";
          default ->
              ourId(
                  path.contains("/invitations/")
                      ? "invitation"
                      : path.contains("/comments/") ? "client_comment" : kind);
        };
  }

  private String ourId(String kind) {
    String table =
        switch (kind) {
          case "pieces" -> "piece";
          case "designs" -> "design";
          case "holdings" -> "holding";
          case "media" -> "medium";
          case "photos" -> "photo";
          case "tools" -> "tool";
          case "artworks" -> "artwork";
          case "schemes" -> "scheme";
          case "people" -> "account";
          case "devices" -> "device";
          case "looks" -> "client_look";
          case "jobs", "cutter" -> "job";
          case "shopping" -> "shopping_line";
          default -> kind;
        };
    if (table.equals("piece")) {
      return "sea-chest";
    }
    List<String> ids =
        jdbc.queryForList(
            "select id from %s where studio_id = 'studio' limit 1"
                .formatted(table.replaceAll("sensors|shelf|supplier", "piece")),
            String.class);
    return ids.isEmpty() ? "nothing-of-the-kind" : ids.getFirst();
  }

  private String ourLay() {
    return jdbc.queryForObject(
        "select lay_id from claim where piece_id = 'sea-chest' and lay_id <> '' limit 1",
        String.class);
  }
}
