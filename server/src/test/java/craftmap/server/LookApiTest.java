package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A client looks at what was chosen for them, and at nothing else. */
class LookApiTest extends AccountsServerTest {
  private String wren;

  @BeforeEach
  void thereIsAnOwner() {
    wren = first("wren", "Wren of the marsh");
  }

  private static Map<String, Object> wish(
      List<String> pieces, boolean withPhotos, boolean withPrice) {
    Map<String, Object> wish = new HashMap<>();
    wish.put("name", "Heron House");
    wish.put("pieces", pieces);
    wish.put("withPhotos", withPhotos);
    wish.put("withPrice", withPrice);
    wish.put("days", 7);
    return wish;
  }

  /** What opens the look that an owner gives. */
  private String given(Map<String, Object> wish) {
    as(wren);
    Answer given = post("/api/looks", wish);
    assertThat(given.status()).as(given.detail()).isEqualTo(201);
    return given.body().path("path").asString().substring("/look#".length());
  }

  /** Somebody without an account opens it. */
  private Answer opened(String link) {
    as("");
    return post("/api/look/open", Map.of("link", link));
  }

  private void looks(String link) {
    assertThat(opened(link).status()).isEqualTo(200);
    as("craftmap-look=" + link);
  }

  private void sellFor(String piece, String asked) {
    as(wren);
    JsonNode money = get("/api/pieces/" + piece + "/money").body();
    Answer kept =
        change(
            "PUT",
            "/api/pieces/" + piece + "/money",
            Map.of("paid", "31.50", "budget", "77.40", "asked", asked),
            money.path("version").asLong());
    assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
  }

  @Test
  void whatWasChosenIsShownWithoutAnAccountAndNothingElse() {
    String link = given(wish(List.of("sea-chest", "wall-clock"), true, false));
    Answer open = opened(link);
    assertThat(open.status()).isEqualTo(200);
    String cookie = open.header("Set-Cookie");
    assertThat(cookie)
        .contains("craftmap-look=" + link)
        .contains("HttpOnly")
        .contains("SameSite=Strict")
        .contains("Path=/api/look");
    assertThat(texts(open.body().path("pieces"), "id"))
        .containsExactlyInAnyOrder("sea-chest", "wall-clock");
    as("craftmap-look=" + link);
    JsonNode chest = get("/api/look/pieces/sea-chest").body();
    assertThat(chest.path("faces")).hasSizeGreaterThan(3);
    assertThat(chest.path("folded")).hasSizeGreaterThan(3);
    assertThat(chest.path("photos")).isNotEmpty();
    String photo = chest.at("/photos/0/id").asString();
    assertThat(get("/api/look/pieces/sea-chest/photos/" + photo).raw().body())
        .hasSizeGreaterThan(5000);
    Answer map = get("/api/look/pieces/sea-chest/map.svg");
    assertThat(map.text()).startsWith("<?xml").contains("class=\"lay\"");
    assertThat(get("/api/look/pieces/sea-chest/faces/front").text()).contains("class=\"item\"");
    // nor of these: another piece, a photo by way of another piece, a face that is not there
    assertThat(get("/api/look/pieces/wardrobe").status()).isEqualTo(404);
    assertThat(get("/api/look/pieces/wardrobe/map.svg").status()).isEqualTo(404);
    assertThat(get("/api/look/pieces/wall-clock/photos/" + photo).status()).isEqualTo(404);
    assertThat(get("/api/look/pieces/sea-chest/faces/nowhere").status()).isEqualTo(404);
    assertThat(get("/api/pieces/sea-chest").status()).isEqualTo(401);
  }

  /** Whatever a client can reach, read from end to end. */
  @Test
  void nothingIsToldOfCostsOfTheShelfOrOfWhoWorksThere() {
    sellFor("sea-chest", "412.35");
    String tern = joined(wren, "MAKER", "tern", "Tern");
    as(tern);
    Set<String> notTold =
        new TreeSet<>(Set.of("Wren", "Tern", "Heron House", "412.35", "31.50", "77.40", "price"));
    // names of one word may stand in anything that is told
    get("/api/pots")
        .body()
        .valueStream()
        .map(pot -> pot.path("name").asString("Deep estuary"))
        .filter(name -> name.contains(" "))
        .forEach(notTold::add);
    as(wren);
    get("/api/pieces/sea-chest/photos")
        .body()
        .valueStream()
        .map(p -> p.path("caption").asString())
        .filter(c -> !c.isEmpty())
        .forEach(notTold::add);
    String link = given(wish(List.of("sea-chest"), true, false));
    StringBuilder all = new StringBuilder(opened(link).text());
    as("craftmap-look=" + link);
    all.append(get("/api/look").text());
    JsonNode piece = get("/api/look/pieces/sea-chest").body();
    all.append(piece);
    all.append(get("/api/look/pieces/sea-chest/map.svg").text());
    for (JsonNode face : piece.path("faces")) {
      all.append(get("/api/look/pieces/sea-chest/faces/" + face.path("id").asString()).text());
    }
    // pictures are written into the drawings: what they hold is no text, nor are lines
    String told = all.toString().replaceAll("base64,[A-Za-z0-9+/=]+| d=\"[^\"]*\"", "");
    assertThat(piece.propertyNames())
        .containsExactlyInAnyOrder("id", "name", "faces", "folded", "photos", "beforeAndAfter");
    assertThat(piece.path("beforeAndAfter").propertyNames())
        .containsExactlyInAnyOrder("beforeId", "afterId", "how");
    assertThat(notTold).hasSizeGreaterThan(6).noneMatch(told::contains);
    // nor what only helps the work
    assertThat(told).doesNotContain("keep-out").doesNotContain("class=\"hole\"");
    sellFor("sea-chest", "");
  }

  @Test
  void thePriceAndThePhotosAreShownIfThatIsWished() {
    sellFor("sea-chest", "412.35");
    looks(given(wish(List.of("sea-chest"), false, true)));
    JsonNode piece = get("/api/look/pieces/sea-chest").body();
    assertThat(piece.path("priceText").asString()).contains("412.35");
    assertThat(get("/api/look").body().at("/pieces/0/priceText").asString()).contains("412.35");
    assertThat(piece.path("photos")).isEmpty();
    assertThat(piece.has("beforeAndAfter")).as("what the photos show goes with them").isFalse();
    as(wren);
    String photo = get("/api/pieces/sea-chest/photos").body().at("/0/id").asString();
    looks(given(wish(List.of("sea-chest"), false, true)));
    assertThat(get("/api/look/pieces/sea-chest/photos/" + photo).status()).isEqualTo(404);
    sellFor("sea-chest", "");
  }

  @Test
  void noAnswerIsKeptFramedOrFound() {
    looks(given(wish(List.of("sea-chest"), true, false)));
    String photo = get("/api/look/pieces/sea-chest").body().at("/photos/0/id").asString();
    for (String path :
        List.of(
            "/api/look",
            "/api/look/pieces/sea-chest",
            "/api/look/pieces/sea-chest/map.svg",
            "/api/look/pieces/sea-chest/faces/front",
            "/api/look/pieces/sea-chest/photos/" + photo,
            "/look")) {
      Answer answer = get(path);
      assertThat(answer.status()).as(path).isEqualTo(200);
      assertThat(answer.header("Cache-Control")).as(path).contains("no-store");
      assertThat(answer.header("X-Robots-Tag")).as(path).contains("noindex");
      assertThat(answer.header("X-Frame-Options")).as(path).isEqualTo("DENY");
      assertThat(answer.header("Referrer-Policy")).as(path).isEqualTo("no-referrer");
    }
  }

  @Test
  void aLinkEndsAndCanBeTakenBack() {
    String link = given(wish(List.of("sea-chest"), true, true));
    looks(link);
    as(wren);
    JsonNode look = get("/api/looks").body().at("/looks/0");
    assertThat(look.has("lookedAt")).isTrue();
    assertThat(look.toString()).doesNotContain(link);
    jdbc.update("update client_look set ends_at = ends_at - interval 8 day");
    assertThat(get("/api/looks").body().at("/looks/0/ended").asBoolean()).isTrue();
    assertThat(opened(link).status()).isEqualTo(404);
    as("craftmap-look=" + link);
    for (String path : List.of("/api/look", "/api/look/pieces/sea-chest")) {
      assertThat(get(path).status()).isEqualTo(404);
    }
    assertThat(post("/api/look/comments", Map.of("text", "Still here?")).status()).isEqualTo(404);

    String other = given(wish(List.of("sea-chest"), true, true));
    String id =
        get("/api/looks")
            .body()
            .path("looks")
            .valueStream()
            .filter(l -> !l.path("ended").asBoolean())
            .map(l -> l.path("id").asString())
            .findFirst()
            .orElseThrow();
    assertThat(delete("/api/looks/" + id).status()).isEqualTo(204);
    assertThat(delete("/api/looks/" + id).status()).isEqualTo(404);
    as("craftmap-look=" + other);
    Answer gone = get("/api/look/pieces/sea-chest");
    assertThat(gone.status()).isEqualTo(404);
    assertThat(gone.detail()).contains("taken back or has ended");
  }

  @Test
  void whatAClientSaysComesToTheStudioAndStaysWhenTheLinkIsTakenBack() {
    looks(given(wish(List.of("sea-chest"), true, true)));
    assertThat(
            post(
                    "/api/look/comments",
                    Map.of(
                        "by", "Ms Heron",
                        "text", "  <b>Could the ferns</b> be lower?\n",
                        "pieceId", "sea-chest"))
                .status())
        .isEqualTo(204);
    assertThat(post("/api/look/comments", Map.of("text", "Lovely")).status()).isEqualTo(204);
    assertThat(
            post("/api/look/comments", Map.of("text", "And this?", "pieceId", "wardrobe")).status())
        .isEqualTo(404);
    as(wren);
    JsonNode comments = get("/api/looks").body().path("comments");
    assertThat(texts(comments, "text"))
        .containsExactlyInAnyOrder("<b>Could the ferns</b> be lower?", "Lovely");
    JsonNode ferns =
        comments
            .valueStream()
            .filter(c -> c.path("by").asString().equals("Ms Heron"))
            .findFirst()
            .orElseThrow();
    assertThat(ferns.path("pieceName").asString()).contains("Sea chest");
    assertThat(ferns.path("lookName").asString()).isEqualTo("Heron House");
    assertThat(ferns.path("read").asBoolean()).isFalse();
    String id = ferns.path("id").asString();
    assertThat(put("/api/looks/comments/" + id + "/read", null).status()).isEqualTo(204);
    delete("/api/looks/" + get("/api/looks").body().at("/looks/0/id").asString());
    JsonNode after = get("/api/looks").body();
    assertThat(after.path("looks")).isEmpty();
    assertThat(after.path("comments").valueStream().filter(c -> c.path("read").asBoolean()))
        .hasSize(1);
    assertThat(after.at("/comments/0/lookName").asString()).isEmpty();
  }

  @Test
  void moreThanAnybodyHasToSayInADayIsRefusedHoweverManySayItAtOnce() throws Exception {
    String link = given(wish(List.of("sea-chest"), true, true));
    looks(link);
    List<Callable<Answer>> all =
        IntStream.range(0, 48)
            .mapToObj(
                i ->
                    (Callable<Answer>)
                        () -> post("/api/look/comments", Map.of("text", "Comment " + i)))
            .toList();
    List<Answer> answers = new ArrayList<>();
    try (ExecutorService hands = Executors.newFixedThreadPool(8)) {
      for (Future<Answer> f : hands.invokeAll(all)) {
        answers.add(f.get());
      }
    }
    assertThat(answers.stream().filter(a -> a.status() == 204)).hasSize(40);
    assertThat(answers.stream().filter(a -> a.status() == 422)).hasSize(8);
    assertThat(jdbc.queryForObject("select count(*) from client_comment", Integer.class))
        .isEqualTo(40);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'' | sea-chest | 7 | 422",
        "Heron House | sea-chest | 0 | 422",
        "Heron House | sea-chest | 181 | 422",
        "Heron House | nobodys-chest | 7 | 404",
      })
  void whatCannotBeShownIsRefused(String name, String piece, int days, int status) {
    as(wren);
    Map<String, Object> wish = wish(List.of(piece), true, true);
    wish.put("name", name);
    wish.put("days", days);
    Answer refused = post("/api/looks", wish);
    assertThat(refused.status()).isEqualTo(status);
    assertThat(get("/api/looks").body().path("looks")).isEmpty();
  }

  @Test
  void withoutALinkThereIsNothingToSee() {
    as("");
    assertThat(get("/api/look").status()).isEqualTo(404);
    assertThat(opened("x".repeat(43)).status()).isEqualTo(404);
    as("craftmap-look=" + "x".repeat(43));
    assertThat(get("/api/look/pieces/sea-chest").status()).isEqualTo(404);
  }
}
