package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Who did what is written down: in the history, the ledger, what is kept, and the logbook. */
class WhoDidWhatTest extends AccountsServerTest {
  private Answer named(JsonNode piece, String name, ObjectNode edit) {
    return edit(get("/api/pieces/" + piece.path("id").asString()).body(), edit.put("name", name));
  }

  private JsonNode history(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString() + "/history").body();
  }

  @Test
  void theHistoryTellsWhoMadeWhichChangeAndWhereThePlanStands() {
    String wren = first("wren", "Wren");
    String tern = joined(wren, "MAKER", "tern", "Tern");
    as(wren);
    JsonNode piece = newChest("Whose chest");
    as(tern);
    assertThat(named(piece, "Tern's chest", of("NAME_PIECE")).status()).isEqualTo(200);
    as(wren);
    JsonNode now = named(piece, "Everybody's chest", of("NAME_PIECE")).body().path("piece");

    JsonNode history = history(piece);
    assertThat(texts(history, "by")).containsExactly("Wren", "Tern", "Wren");
    assertThat(texts(history, "text")).allMatch(t -> !t.isBlank());
    assertThat(history.valueStream().map(s -> s.path("isNow").asBoolean()))
        .containsExactly(true, false, false);

    as(tern);
    String path = "/api/pieces/" + piece.path("id").asString();
    JsonNode undone = change("POST", path + "/undo", null, now.path("version").asLong()).body();
    assertThat(history(piece).valueStream().map(s -> s.path("isNow").asBoolean()))
        .containsExactly(false, false, true, false);
    as(wren);
    change("POST", path + "/redo", null, undone.path("version").asLong());
    // who went back and forth is told as well, beside what was gone back behind
    assertThat(texts(history(piece), "by")).containsExactly("Wren", "Tern", "Wren", "Tern", "Wren");
    assertThat(history(piece).valueStream().map(s -> s.path("wentThere").asBoolean()))
        .containsExactly(true, true, false, false, false);
    assertThat(texts(history(piece), "text").subList(0, 2))
        .allMatch(t -> t.contains("Everybody's chest"))
        .satisfiesExactly(
            again -> assertThat(again).startsWith("Brought again: "),
            back -> assertThat(back).startsWith("Went back behind: "));
    archived(piece);
  }

  @Test
  void aChangeOfOneIsNotGoneOnWithByAnother() {
    String wren = first("wren", "Wren");
    String tern = joined(wren, "MAKER", "tern", "Tern");
    as(wren);
    JsonNode piece = newChest("Dragged chest");
    for (String cookie : List.of(wren, wren, tern)) {
      as(cookie);
      JsonNode now = get("/api/pieces/" + piece.path("id").asString()).body();
      ObjectNode renamed = (ObjectNode) now.path("document").deepCopy();
      renamed.put("name", "Chest " + now.path("version").asLong());
      assertThat(save(now, renamed, "Named", "one-drag").status()).isEqualTo(200);
    }
    // two of Wren's are one step, Tern's is another
    assertThat(texts(history(piece), "by")).containsExactly("Tern", "Wren", "Wren");
    assertThat(texts(history(piece), "text").subList(0, 2)).containsExactly("Named", "Named");
    archived(piece);
  }

  @Test
  void whatIsBookedAndWhatIsAskedForBearTheNameOfWhoDidIt() {
    String pot = newPot("chalky-paint", "900");
    String wren = first("wren", "Wren");
    String tern = joined(wren, "MAKER", "tern", "Tern");
    as(tern);
    JsonNode piece = newChest("Tern's fern chest");
    JsonNode laid =
        save(piece, outOf(pot, withFernBand(piece.path("document"), "a", 104)), "Ferns", null)
            .body();
    assertThat(laid.path("version").asLong()).isGreaterThan(1);
    as(wren);
    Answer corrected =
        post(
            "/api/holdings/" + pot + "/level",
            Map.of("how", "LEVEL", "figure", "880", "note", "weighed"));
    assertThat(corrected.status()).as(corrected.detail()).isEqualTo(200);
    JsonNode ledger = get("/api/holdings/" + pot).body();
    assertThat(ledger.at("/entries/0/madeBy").asString()).isEqualTo("Wren");
    assertThat(ledger.at("/holding/claims/0/askedBy").asString()).isEqualTo("Tern");
    as(tern);
    archived(piece);
  }

  @Test
  void withoutAccountsTheNameThatThePageSaysIsWrittenDown() {
    JsonNode piece = newChest("Nobody's chest");
    HttpRequest.Builder renames =
        request("/api/pieces/" + piece.path("id").asString() + "/edits")
            .header("Content-Type", "application/json")
            .header("Cookie", "XSRF-TOKEN=t")
            .header("X-XSRF-TOKEN", "t")
            .header("X-Person", "Plover%20of%20the%20bay")
            .header("If-Match", "\"" + piece.path("version").asLong() + "\"")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    "{\"edits\":[{\"kind\":\"NAME_PIECE\",\"name\":\"Plover's chest\"}]}"));
    assertThat(send(renames).status()).isEqualTo(200);
    assertThat(texts(history(piece), "by")).containsExactly("Plover of the bay", "");
    archived(piece);
  }
}
