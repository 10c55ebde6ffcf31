package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import tools.jackson.databind.JsonNode;

/** Accounts as people meet them: coming in, going out, and what is done about a lost password. */
class AccountsApiTest extends AccountsServerTest {
  /** All of them at once. */
  private static List<Answer> together(List<Callable<Answer>> all) throws Exception {
    try (ExecutorService hands = Executors.newFixedThreadPool(all.size())) {
      List<Answer> answers = new ArrayList<>();
      for (Future<Answer> f : hands.invokeAll(all)) {
        answers.add(f.get());
      }
      return answers;
    }
  }

  private static List<Callable<Answer>> times(int n, Callable<Answer> what) {
    return IntStream.range(0, n).mapToObj(_ -> what).toList();
  }

  @Test
  void withoutAccountsWhoeverSitsThereOwnsTheStudio() {
    JsonNode me = get("/api/me").body();
    assertThat(me.path("accounts").asBoolean()).isFalse();
    assertThat(me.path("role").asString()).isEqualTo("OWNER");
    assertThat(get("/api/pieces").status()).isEqualTo(200);
    assertThat(get("/api/people").body().path("members")).isEmpty();
    assertThat(get("/api/me/sessions").status()).isEqualTo(404);
    assertThat(delete("/api/me/sessions").status()).isEqualTo(404);
    assertThat(post("/api/me/codes", Map.of("password", PASSWORD)).status()).isEqualTo(404);
    assertThat(put("/api/me/password", Map.of("old", PASSWORD, "password", PASSWORD)).status())
        .isEqualTo(404);
  }

  @Test
  void onceThereIsOneNobodyWorksWithoutSigningIn() {
    String owner = first("wren", "Wren");
    assertThat(get("/api/pieces").status()).isEqualTo(401);
    assertThat(get("/api/me").body().path("role").asString()).isEqualTo("ANYONE");
    // neither by saying a name as pages did before
    assertThat(send(request("/api/pieces").header("X-Person", "Wren").GET()).status())
        .isEqualTo(401);
    as(owner);
    assertThat(get("/api/pieces").status()).isEqualTo(200);
    JsonNode me = get("/api/me").body();
    assertThat(me.path("person").asString()).isEqualTo("Wren");
    assertThat(me.path("role").asString()).isEqualTo("OWNER");
    assertThat(me.path("studio").asString()).isEqualTo("Saltmarsh Studio");
    assertThat(me.path("codesLeft").asInt()).isEqualTo(8);
    assertThat(post("/api/accounts", account("tern", "Tern", PASSWORD)).status()).isEqualTo(422);
  }

  @Test
  void thePageItselfIsThereForWhoeverIsToSignIn() {
    first("wren", "Wren");
    assertThat(get("/sign-in").status()).isEqualTo(200);
    assertThat(get("/join").status()).isEqualTo(200);
  }

  @Test
  void ofManyWhoMakeTheFirstAccountAtOnceOneDoes() throws Exception {
    List<Callable<Answer>> all =
        IntStream.range(0, 12)
            .mapToObj(
                i ->
                    (Callable<Answer>)
                        () -> post("/api/accounts", account("gull" + i, "Gull " + i, PASSWORD)))
            .toList();
    List<Integer> statuses = together(all).stream().map(Answer::status).sorted().toList();
    assertThat(statuses.getFirst()).isEqualTo(201);
    // whoever came a moment later is told to sign in, or that there are accounts
    assertThat(statuses.subList(1, 12)).allMatch(s -> s == 401 || s == 422);
    assertThat(jdbc.queryForObject("select count(*) from account", Integer.class)).isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "wr | Wren | seven herons cross | Name to sign in with",
        "wren of the marsh | Wren | seven herons cross | Name to sign in with",
        "wren | '' | seven herons cross | Name",
        "wren | Wren | heron | Password",
        "wren | Wren | aaaabbbbaaaabbbb | Password",
        "wren | Wren | 1234567890123 | Password",
        "wren | Wren | abcdefghijklmn | Password",
        "wren | Wren | the wren sings twice | Password",
      })
  void whatWouldNotDoIsRefusedByNameAndThePasswordIsNotSaidAgain(
      String signIn, String person, String password, String field) {
    Answer refused = post("/api/accounts", account(signIn, person, password));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.body().at("/violations/0/field").asString()).isEqualTo(field);
    assertThat(refused.body().at("/violations/0/message").asString()).startsWith(field);
    if (field.equals("Password")) {
      assertThat(refused.text()).doesNotContain(password);
    }
    assertThat(get("/api/me").body().path("accounts").asBoolean()).isFalse();
  }

  @Test
  void allThatIsWrongIsToldAtOnce() {
    Answer refused = post("/api/accounts", account("w", "", "short"));
    assertThat(texts(refused.body().path("violations"), "field"))
        .containsExactly("Name to sign in with", "Name", "Password");
  }

  @Test
  void aWrongPasswordAndANameThatNobodyHasAreToldAlike() {
    first("wren", "Wren");
    Answer wrong = signIn("wren", "seven herons crossed");
    Answer unknown = signIn("tern", "seven herons crossed");
    assertThat(wrong.status()).isEqualTo(401);
    assertThat(wrong.text()).isEqualTo(unknown.text());
    assertThat(wrong.raw().headers().map().keySet())
        .isEqualTo(unknown.raw().headers().map().keySet());
    assertThat(wrong.text()).doesNotContain("wren").doesNotContain("herons");
  }

  @Test
  void aNameIsTheSameHoweverItIsTyped() {
    first("Wren@saltmarsh", "Wren");
    for (String typed : List.of("wren@saltmarsh", " WREN@SaltMarsh ", "ｗren@saltmarsh")) {
      Answer in = signIn(typed, PASSWORD);
      assertThat(in.status()).as(typed).isEqualTo(200);
      as(cookieOf(in));
      assertThat(get("/api/pieces").status()).isEqualTo(200);
      as("");
    }
    assertThat(signIn("wrén@saltmarsh", PASSWORD).status()).isEqualTo(401);
  }

  @Test
  void theCookieIsReadByNoPageAndSentFromNoOtherSite() {
    Answer made = post("/api/accounts", account("wren", "Wren", PASSWORD));
    String cookie =
        made.raw().headers().allValues("Set-Cookie").stream()
            .filter(c -> c.startsWith("craftmap="))
            .findFirst()
            .orElseThrow();
    assertThat(cookie).contains("HttpOnly").contains("SameSite=Strict").contains("Path=/");
    // a session of before somebody signed in is good no more afterwards
    as(cookieOf(made));
    Answer again = signIn("wren", PASSWORD);
    assertThat(cookieOf(again)).isNotEqualTo(cookieOf(made));
    assertThat(get("/api/pieces").status()).isEqualTo(401);
  }

  /** Whoever is quick does something before the page has asked for anything else. */
  @Test
  void whatIsDoneFirstAfterSigningInIsDone() {
    first("wren", "Wren");
    as("");
    Answer in = signIn("wren", PASSWORD);
    String token =
        in.raw().headers().allValues("Set-Cookie").stream()
            .filter(c -> c.startsWith("XSRF-TOKEN="))
            .map(c -> c.substring("XSRF-TOKEN=".length()).replaceFirst(";.*", ""))
            .reduce("", (before, last) -> last);
    assertThat(token).isNotBlank();
    Answer out =
        send(
            request("/api/me/sessions")
                .header("Cookie", "XSRF-TOKEN=" + token + "; " + cookieOf(in))
                .header("X-XSRF-TOKEN", token)
                .DELETE());
    assertThat(out.status()).isEqualTo(204);
    as(cookieOf(in));
    assertThat(get("/api/pieces").status()).isEqualTo(401);
  }

  /** Else every answer would wait for the disk. */
  @Test
  void whenSomebodyWasSeenIsWrittenOnceAMinute() {
    as(first("wren", "Wren"));
    jdbc.update("update SPRING_SESSION set LAST_ACCESS_TIME = LAST_ACCESS_TIME - 3600000");
    assertThat(get("/api/pieces").status()).isEqualTo(200);
    Map<String, Object> seen = jdbc.queryForMap("select * from SPRING_SESSION");
    long last = (Long) seen.get("LAST_ACCESS_TIME");
    assertThat(last % 60_000).isZero();
    assertThat(last).isGreaterThan(System.currentTimeMillis() - 120_000);
    assertThat((Long) seen.get("EXPIRY_TIME") - last)
        .isBetween(Duration.ofDays(14).toMillis() - 60_000, Duration.ofDays(14).toMillis());
    assertThat(seen.get("PRINCIPAL_NAME"))
        .isEqualTo(jdbc.queryForObject("select id from account", String.class));
  }

  @Test
  void whoeverSignsOutIsOut() {
    String owner = first("wren", "Wren");
    as(owner);
    assertThat(post("/api/sign-out", null).status()).isEqualTo(204);
    assertThat(get("/api/pieces").status()).isEqualTo(401);
    assertThat(jdbc.queryForObject("select count(*) from SPRING_SESSION", Integer.class)).isZero();
  }

  @Test
  void oneSeesWhereOneIsSignedInAndSignsOutThereOrEverywhere() {
    String here = first("wren", "Wren");
    as("");
    String there = cookieOf(signIn("wren", PASSWORD));
    String somewhere = cookieOf(signIn("wren", PASSWORD));
    as(here);
    JsonNode places = get("/api/me/sessions").body();
    assertThat(places).hasSize(3);
    assertThat(places.valueStream().filter(p -> p.path("here").asBoolean())).hasSize(1);
    // nothing in the list opens a session
    assertThat(places.toString())
        .doesNotContain(here.substring("craftmap=".length()))
        .doesNotContain(there.substring("craftmap=".length()));

    as(there);
    String thatOne =
        get("/api/me/sessions")
            .body()
            .valueStream()
            .filter(p -> p.path("here").asBoolean())
            .map(p -> p.path("id").asString())
            .findFirst()
            .orElseThrow();
    as(here);
    assertThat(delete("/api/me/sessions/" + thatOne).status()).isEqualTo(204);
    assertThat(delete("/api/me/sessions/" + thatOne).status()).isEqualTo(404);
    as(there);
    assertThat(get("/api/pieces").status()).isEqualTo(401);
    as(somewhere);
    assertThat(get("/api/pieces").status()).isEqualTo(200);
    assertThat(delete("/api/me/sessions").status()).isEqualTo(204);
    for (String cookie : List.of(here, there, somewhere)) {
      as(cookie);
      assertThat(get("/api/pieces").status()).isEqualTo(401);
    }
  }

  @Test
  void aNewPasswordEndsAllOtherSessions() {
    String here = first("wren", "Wren");
    as("");
    String there = cookieOf(signIn("wren", PASSWORD));
    as(here);
    String fresh = "nine boats at low tide";
    Answer wrong = put("/api/me/password", Map.of("old", "something else", "password", fresh));
    assertThat(wrong.status()).isEqualTo(422);
    assertThat(wrong.body().at("/violations/0/field").asString())
        .isEqualTo("The password until now");
    assertThat(put("/api/me/password", Map.of("old", PASSWORD, "password", "short")).status())
        .isEqualTo(422);
    assertThat(put("/api/me/password", Map.of("old", PASSWORD, "password", fresh)).status())
        .isEqualTo(204);
    assertThat(get("/api/pieces").status()).isEqualTo(200);
    as(there);
    assertThat(get("/api/pieces").status()).isEqualTo(401);
    as("");
    assertThat(signIn("wren", PASSWORD).status()).isEqualTo(401);
    assertThat(signIn("wren", fresh).status()).isEqualTo(200);
  }

  @Test
  void aCodeFromPaperLetsOneChooseANewPasswordOnce() {
    Answer made = post("/api/accounts", account("wren", "Wren", PASSWORD));
    List<String> codes = made.body().path("codes").valueStream().map(JsonNode::asString).toList();
    assertThat(codes).hasSize(8).doesNotHaveDuplicates();
    assertThat(codes).allMatch(c -> c.matches("[A-Z2-9]{4}(-[A-Z2-9]{4}){3}"));
    String old = cookieOf(made);
    String fresh = "nine boats at low tide";
    // typed as one types it from paper
    String typed = codes.get(3).toLowerCase().replace("-", " ");
    Map<String, String> asked = Map.of("signIn", "Wren", "code", typed, "password", fresh);
    // a password that will not do leaves the code good
    assertThat(
            post("/api/recovery", Map.of("signIn", "wren", "code", typed, "password", "no"))
                .status())
        .isEqualTo(422);
    Answer back = post("/api/recovery", asked);
    assertThat(back.status()).as(back.detail()).isEqualTo(200);
    assertThat(back.body().path("codesLeft").asInt()).isEqualTo(7);
    as(old);
    assertThat(get("/api/pieces").status()).isEqualTo(401);
    as("");
    assertThat(post("/api/recovery", asked).status()).isEqualTo(401);
    assertThat(signIn("wren", fresh).status()).isEqualTo(200);
    // nor does somebody else's code do, nor that of a name that nobody has, and both are told alike
    Answer other =
        post("/api/recovery", Map.of("signIn", "tern", "code", codes.get(4), "password", fresh));
    assertThat(other.status()).isEqualTo(401);
    assertThat(other.text()).isEqualTo(post("/api/recovery", asked).text());
    // nothing of them is kept that would do
    assertThat(jdbc.queryForList("select hash from recovery_code", String.class))
        .hasSize(7)
        .noneMatch(h -> codes.stream().anyMatch(h::contains));
  }

  @Test
  void oneCodeUsedByManyAtOnceOpensOnce() throws Exception {
    Answer made = post("/api/accounts", account("wren", "Wren", PASSWORD));
    String code = made.body().at("/codes/0").asString();
    List<Answer> answers =
        together(
            times(
                4,
                () ->
                    post(
                        "/api/recovery",
                        Map.of("signIn", "wren", "code", code, "password", "nine boats at sea"))));
    assertThat(answers.stream().filter(a -> a.status() == 200)).hasSize(1);
    assertThat(answers.stream().filter(a -> a.status() == 401)).hasSize(3);
  }

  @Test
  void newCodesTakeThePlaceOfTheOldOnes() {
    Answer made = post("/api/accounts", account("wren", "Wren", PASSWORD));
    String old = made.body().at("/codes/0").asString();
    as(cookieOf(made));
    assertThat(post("/api/me/codes", Map.of("password", "not this one")).status()).isEqualTo(422);
    JsonNode codes = post("/api/me/codes", Map.of("password", PASSWORD)).body().path("codes");
    assertThat(codes).hasSize(8);
    as("");
    String fresh = "nine boats at low tide";
    assertThat(
            post("/api/recovery", Map.of("signIn", "wren", "code", old, "password", fresh))
                .status())
        .isEqualTo(401);
    assertThat(
            post(
                    "/api/recovery",
                    Map.of("signIn", "wren", "code", codes.get(7).asString(), "password", fresh))
                .status())
        .isEqualTo(200);
  }

  @Test
  void whoeverIsInvitedJoinsOnceAsWhatTheyWereInvitedAs() {
    String owner = first("wren", "Wren");
    String link = invited(owner, "MAKER");
    JsonNode listed = get("/api/people").body().at("/invitations/0");
    assertThat(listed.path("madeBy").asString()).isEqualTo("Wren");
    assertThat(listed.toString()).doesNotContain(link);
    as("");
    JsonNode look = post("/api/join/look", Map.of("link", link)).body();
    assertThat(look.path("studio").asString()).isEqualTo("Saltmarsh Studio");
    assertThat(look.path("role").asString()).isEqualTo("MAKER");
    Map<String, String> tern =
        Map.of("link", link, "signIn", "tern", "person", "Tern", "password", PASSWORD);
    // a name that is taken is refused, and the link goes on being good
    Answer taken =
        post(
            "/api/join",
            Map.of("link", link, "signIn", "wren", "person", "Tern", "password", PASSWORD));
    assertThat(taken.status()).isEqualTo(422);
    Answer joined = post("/api/join", tern);
    assertThat(joined.status()).as(joined.detail()).isEqualTo(201);
    as(cookieOf(joined));
    assertThat(get("/api/me").body().path("role").asString()).isEqualTo("MAKER");
    assertThat(get("/api/people").body().path("invitations")).isEmpty();
    // makers do not see by what others sign in
    assertThat(get("/api/people").text()).contains("\"Wren\"").doesNotContain("\"wren\"");
    as("");
    assertThat(post("/api/join", tern).status()).isEqualTo(404);
    assertThat(post("/api/join/look", Map.of("link", link)).status()).isEqualTo(404);
  }

  @Test
  void oneLinkFollowedByManyAtOnceLetsOneIn() throws Exception {
    String link = invited(first("wren", "Wren"), "MAKER");
    as("");
    List<Callable<Answer>> all =
        IntStream.range(0, 10)
            .mapToObj(
                i ->
                    (Callable<Answer>)
                        () ->
                            post(
                                "/api/join",
                                Map.of(
                                    "link",
                                    link,
                                    "signIn",
                                    "gull" + i,
                                    "person",
                                    "Gull " + i,
                                    "password",
                                    PASSWORD)))
            .toList();
    List<Integer> statuses = together(all).stream().map(Answer::status).sorted().toList();
    assertThat(statuses.getFirst()).isEqualTo(201);
    assertThat(statuses.subList(1, 10)).containsOnly(404);
    assertThat(jdbc.queryForObject("select count(*) from account", Integer.class)).isEqualTo(2);
  }

  @Test
  void aLinkThatWasTakenBackOrHasEndedIsGoodNoMore() {
    String owner = first("wren", "Wren");
    String link = invited(owner, "GUEST");
    String id = get("/api/people").body().at("/invitations/0/id").asString();
    assertThat(delete("/api/people/invitations/" + id).status()).isEqualTo(204);
    assertThat(delete("/api/people/invitations/" + id).status()).isEqualTo(404);
    as("");
    assertThat(post("/api/join/look", Map.of("link", link)).status()).isEqualTo(404);
    String other = invited(owner, "GUEST");
    jdbc.update("update invitation set ends_at = ?", Clock.systemUTC().instant().minusSeconds(1));
    as("");
    Answer late = post("/api/join/look", Map.of("link", other));
    assertThat(late.status()).isEqualTo(404);
    assertThat(late.detail()).contains("has ended");
    as(owner);
    assertThat(get("/api/people").body().path("invitations")).isEmpty();
    assertThat(post("/api/people/invitations", Map.of("role", "MAKER", "days", 31)).status())
        .isEqualTo(422);
    assertThat(post("/api/people/invitations", Map.of("role", "ANYONE", "days", 3)).status())
        .isEqualTo(422);
  }

  @Test
  void anOwnerLetsSomebodyChooseANewPassword() {
    String owner = first("wren", "Wren");
    String tern = joined(owner, "MAKER", "tern", "Tern");
    as(owner);
    String id =
        get("/api/people")
            .body()
            .path("members")
            .valueStream()
            .filter(m -> m.path("person").asString().equals("Tern"))
            .map(m -> m.path("id").asString())
            .findFirst()
            .orElseThrow();
    String first = post("/api/people/" + id + "/link", null).body().path("path").asString();
    String link = post("/api/people/" + id + "/link", null).body().path("path").asString();
    as("");
    // the one given last holds
    assertThat(post("/api/join/look", Map.of("link", first.substring(6))).status()).isEqualTo(404);
    JsonNode look = post("/api/join/look", Map.of("link", link.substring(6))).body();
    assertThat(look.path("signIn").asString()).isEqualTo("tern");
    Answer back =
        post("/api/join", Map.of("link", link.substring(6), "password", "nine boats at low tide"));
    assertThat(back.status()).as(back.detail()).isEqualTo(201);
    assertThat(back.body().at("/me/person").asString()).isEqualTo("Tern");
    as(tern);
    assertThat(get("/api/pieces").status()).isEqualTo(401);
  }

  @Test
  void whoeverIsSentAwayOrMadeLessIsSoAtOnce() {
    String owner = first("wren", "Wren");
    String tern = joined(owner, "MAKER", "tern", "Tern");
    as(tern);
    String piece = newChest("Tern's chest").path("id").asString();
    as(owner);
    String id = idOf("Tern");
    assertThat(put("/api/people/" + id, Map.of("person", "Tern", "role", "GUEST")).status())
        .isEqualTo(200);
    as(tern);
    Answer refused = post("/api/pieces/" + piece + "/archive", null);
    assertThat(refused.status()).isEqualTo(403);
    assertThat(refused.detail()).contains("as a guest");
    assertThat(get("/api/pieces/" + piece).status()).isEqualTo(200);
    as(owner);
    assertThat(delete("/api/people/" + id).status()).isEqualTo(204);
    as(tern);
    assertThat(get("/api/pieces").status()).isEqualTo(401);
    as(owner);
    assertThat(post("/api/pieces/" + piece + "/archive", null).status()).isEqualTo(200);
    as("");
    assertThat(signIn("tern", PASSWORD).status()).isEqualTo(401);
  }

  private String idOf(String person) {
    return get("/api/people")
        .body()
        .path("members")
        .valueStream()
        .filter(m -> m.path("person").asString().equals(person))
        .map(m -> m.path("id").asString())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aStudioIsNeverWithoutAnOwner() throws Exception {
    String wren = first("wren", "Wren");
    as(wren);
    String wrenId = idOf("Wren");
    assertThat(delete("/api/people/" + wrenId).status()).isEqualTo(422);
    Answer refused = put("/api/people/" + wrenId, Map.of("person", "Wren", "role", "MAKER"));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("last owner");
    joined(wren, "OWNER", "tern", "Tern");
    as(wren);
    String ternId = idOf("Tern");
    // both are sent away at the same moment, over and over: one stays
    List<Callable<Answer>> all =
        List.of(
            () -> put("/api/people/" + wrenId, Map.of("person", "Wren", "role", "GUEST")),
            () -> delete("/api/people/" + ternId),
            () -> delete("/api/people/" + wrenId),
            () -> put("/api/people/" + ternId, Map.of("person", "Tern", "role", "MAKER")));
    together(all);
    assertThat(
            jdbc.queryForObject("select count(*) from account where role = 'OWNER'", Integer.class))
        .isEqualTo(1);
  }

  @Test
  void noTwoInAStudioAreWrittenDownUnderTheSameName() {
    String owner = first("wren", "Wren");
    String link = invited(owner, "MAKER");
    as("");
    Answer refused =
        post(
            "/api/join",
            Map.of("link", link, "signIn", "tern", "person", "wren", "password", PASSWORD));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.body().at("/violations/0/field").asString()).isEqualTo("Name");
  }

  @Test
  void whoeverTriesPasswordsHasToWaitAndManyAtOnceAreNoMoreThanOneAfterTheOther() throws Exception {
    first("wren", "Wren");
    as("");
    List<Answer> tries = together(times(16, () -> signIn("wren", "seven herons crossed")));
    assertThat(tries.stream().filter(a -> a.status() == 401)).hasSizeLessThanOrEqualTo(5);
    Answer waits = tries.stream().filter(a -> a.status() == 429).findFirst().orElseThrow();
    assertThat(Integer.parseInt(waits.header("Retry-After"))).isBetween(1, 16);
    assertThat(waits.detail()).startsWith("That was tried too often. Wait ");
    // also with the right one, and alike for a name that nobody has
    assertThat(signIn("wren", PASSWORD).status()).isEqualTo(429);
    together(times(16, () -> signIn("tern", "seven herons crossed")));
    assertThat(signIn("tern", PASSWORD).text().replaceAll("\\d+", "n"))
        .isEqualTo(signIn("wren", PASSWORD).text().replaceAll("\\d+", "n"));
    // what was tried is not to be read there
    assertThat(jdbc.queryForList("select tried from sign_in_failure", String.class))
        .allMatch(t -> t.matches("[0-9a-f]{64}"));
    // once the wait is over it is let in, and what was wrong before is forgotten
    jdbc.update("update sign_in_failure set last_at = last_at - interval 16 minute");
    assertThat(signIn("wren", PASSWORD).status()).isEqualTo(200);
    assertThat(signIn("wren", "seven herons crossed").status()).isEqualTo(401);
  }

  @Test
  void eachFurtherTryWaitsTwiceAsLongUpToAQuarterOfAnHour() {
    first("wren", "Wren");
    as("");
    Set<Integer> waits = new HashSet<>();
    for (int i = 0; i < 24; i++) {
      Answer tried = signIn("wren", "seven herons crossed");
      if (tried.status() == 429) {
        int wait = Integer.parseInt(tried.header("Retry-After"));
        waits.add(wait);
        assertThat(wait).isLessThanOrEqualTo(901);
        jdbc.update("update sign_in_failure set last_at = last_at - interval ? second", wait);
      }
    }
    assertThat(waits.stream().anyMatch(w -> w <= 16)).isTrue();
    assertThat(waits.stream().anyMatch(w -> w > 100)).isTrue();
  }

  @Test
  void aChangeWithoutTheTokenIsRefusedAlsoOfWhoeverIsSignedIn() {
    String owner = first("wren", "Wren");
    HttpRequest.Builder bare =
        request("/api/pieces")
            .setHeader("Cookie", owner)
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString("{}"));
    assertThat(send(bare).status()).isEqualTo(403);
  }

  @Test
  @ExtendWith(OutputCaptureExtension.class)
  void theLogTellsOfWhoCameAndWhoDidNotAndOfNoSecret(CapturedOutput log) {
    Answer made = post("/api/accounts", account("wren", "Wren", PASSWORD));
    String cookie = cookieOf(made);
    String link = invited(cookie, "GUEST");
    as("");
    signIn("wren", "my secret by mistake");
    signIn("my secret as a name", PASSWORD);
    assertThat(log.getAll()).contains("signed in from 127.0.0.1").contains("was not let in");
    assertThat(log.getAll())
        .doesNotContain("herons")
        .doesNotContain("my secret")
        .doesNotContain(link)
        .doesNotContain(cookie.substring("craftmap=".length()))
        .doesNotContain(made.body().at("/codes/0").asString());
  }

  @Test
  void passwordsAreKeptAsHashesAndSaidNowhere() {
    first("wren", "Wren");
    String kept = jdbc.queryForObject("select password from account", String.class);
    assertThat(kept).startsWith("{bcrypt}").doesNotContain("heron");
    assertThat(
            jdbc.queryForList("select attribute_name from SPRING_SESSION_ATTRIBUTES", String.class))
        .containsExactlyInAnyOrder("SPRING_SECURITY_CONTEXT", "device");
  }
}
