package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class PieceApiTest extends ServerTest {
  private static ObjectNode sized(JsonNode document, String side, double mm) {
    ObjectNode changed = (ObjectNode) document.deepCopy();
    ((ObjectNode) changed.path("form").path("measures")).put(side, mm);
    return changed;
  }

  private Answer step(JsonNode piece, String way) {
    return change(
        "POST",
        "/api/pieces/" + piece.path("id").asString() + "/" + way,
        null,
        piece.path("version").asLong());
  }

  @Test
  void theDemoChestIsLaidOutWithFiguresOfTheCore() {
    JsonNode reading = get("/api/pieces/sea-chest").body().path("reading");
    JsonNode fern = reading.path("faces").path(0).path("lays").path(0);
    assertThat(fern.path("laid").path("options").path(0).path("title").asString())
        .isEqualTo("7 whole, fern on centre");
    assertThat(fern.at("/laid/setOuts/0/marks")).hasSize(7);
    assertThat(fern.path("laid").path("passes").asInt()).isEqualTo(2);
    assertThat(fern.path("laid").path("potMl").asDouble()).isBetween(1.5, 3.0);
    assertThat(reading.path("faces").path(0).path("notes").path(0).path("text").asString())
        .isEqualTo("Hides nail hole 1 completely.");
  }

  @Test
  void aPlanIsSavedWithItsVersionAndComesBackAsItWas() {
    JsonNode chest = newChest("Hall chest");
    ObjectNode wider = sized(chest.path("document"), "width", 911.225);
    Answer saved = save(chest, wider, "Width of the chest", null);

    assertThat(saved.status()).isEqualTo(200);
    assertThat(saved.header("ETag")).isEqualTo("\"" + (chest.path("version").asLong() + 1) + "\"");
    JsonNode again = get("/api/pieces/" + chest.path("id").asString()).body();
    assertThat(again.path("document")).isEqualTo(wider);
    assertThat(again.at("/reading/form/fields/0/length/mm").asDouble()).isEqualTo(911.225);
    assertThat(again.path("undo").asString()).isEqualTo("Width of the chest");
  }

  @Test
  void undoAndRedoGoThroughTheHistoryAndABranchLeftBehindIsNotWhatRedoBrings() {
    JsonNode start = newChest("Back and forth");
    JsonNode wide = save(start, sized(start.path("document"), "width", 900), "wide", null).body();
    JsonNode tall = save(wide, sized(wide.path("document"), "height", 500), "tall", null).body();

    JsonNode back = step(tall, "undo").body();
    assertThat(back.path("document").path("form").path("measures").path("height").asDouble())
        .isEqualTo(420);
    assertThat(back.path("redo").asString()).isEqualTo("tall");
    JsonNode first = step(back, "undo").body();
    assertThat(first.path("document")).isEqualTo(start.path("document"));
    assertThat(first.has("undo")).isFalse();
    assertThat(step(first, "undo").body().path("version")).isEqualTo(first.path("version"));

    JsonNode forth = step(step(first, "redo").body(), "redo").body();
    assertThat(forth.path("document")).isEqualTo(tall.path("document"));
    assertThat(forth.has("redo")).isFalse();

    JsonNode other = step(forth, "undo").body();
    JsonNode deep = save(other, sized(other.path("document"), "depth", 600), "deep", null).body();
    assertThat(deep.has("redo")).isFalse();
    JsonNode before = step(deep, "undo").body();
    assertThat(before.path("redo").asString()).isEqualTo("deep");
  }

  @Test
  void savesOfOneGestureAreOneStepBack() {
    JsonNode piece = newChest("Dragged");
    JsonNode start = piece.path("document");
    for (int mm = 880; mm <= 900; mm += 10) {
      piece = save(piece, sized(start, "width", mm), "Width", "drag-1").body();
    }
    piece = save(piece, sized(start, "width", 950), "Width", "drag-2").body();
    JsonNode back = step(piece, "undo").body();
    assertThat(back.path("document").path("form").path("measures").path("width").asDouble())
        .isEqualTo(900);
    assertThat(step(back, "undo").body().path("document")).isEqualTo(start);
  }

  @Test
  void aSaveOnAnOldVersionIsRefusedWithWhatTheOthersDidAndChangesNothing() {
    JsonNode chest = newChest("Two windows");
    save(chest, sized(chest.path("document"), "width", 900), "Width of the chest", null);
    Answer late = save(chest, sized(chest.path("document"), "depth", 600), "Depth", null);

    assertThat(late.status()).isEqualTo(409);
    assertThat(late.header("Content-Type")).startsWith("application/problem+json");
    assertThat(late.body().path("theirs").path("changes").path(0).asString())
        .isEqualTo("Width of the chest");
    JsonNode now = get("/api/pieces/" + chest.path("id").asString()).body();
    assertThat(now.path("document").path("form").path("measures").path("width").asDouble())
        .isEqualTo(900);
    assertThat(now.path("document").path("form").path("measures").path("depth").asDouble())
        .isEqualTo(450);
    assertThat(now.path("version").asLong())
        .isEqualTo(late.body().path("theirs").path("version").asLong());
    assertThat(now.has("redo")).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "width, 0, Width",
    "height, -4, Height",
    "depth, 40000, Depth",
  })
  void aSizeNoChestHasIsRefusedNamingFieldAndLimits(String side, double mm, String field) {
    JsonNode chest = newChest("Refused");
    Answer refused = save(chest, sized(chest.path("document"), side, mm), "bad", null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.body().path("violations").path(0).path("field").asString()).isEqualTo(field);
    assertThat(refused.detail()).contains("up to 65.61 ft");
    assertThat(get("/api/pieces/" + chest.path("id").asString()).body().path("document"))
        .isEqualTo(chest.path("document"));
  }

  @Test
  void aLayOnAFaceThatIsNotThereIsRefused() {
    JsonNode chest = newChest("Roofless");
    ObjectNode plan = withFernBand(chest.path("document"), "a", 100);
    ((ObjectNode) plan.path("lays").path(0)).put("faceId", "roof");
    Answer refused = save(chest, plan, "bad", null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).startsWith("Face (roof) is not on this piece");
  }

  @Test
  void whatIsNotJsonIsRefusedWithItsPlace() {
    Answer broken = change("PUT", "/api/pieces/sea-chest", "{\n \"document\": oops", 1L);
    assertThat(broken.status()).isEqualTo(400);
    assertThat(broken.detail()).contains("line 2");
    Answer unknown = change("PUT", "/api/pieces/sea-chest", "{\"colour\": 3}", 1L);
    assertThat(unknown.status()).isEqualTo(400);
    assertThat(change("PUT", "/api/pieces/sea-chest", "{}", null).status()).isEqualTo(400);
    assertThat(change("POST", "/api/pieces/sea-chest/undo", null, null).status()).isEqualTo(400);
  }

  @Test
  void aPieceThatIsNotThereIsSaidToBeSo() {
    Answer none = get("/api/pieces/no-such-thing");
    assertThat(none.status()).isEqualTo(404);
    assertThat(none.detail()).isEqualTo("There is no piece no-such-thing.");
  }

  @Test
  void aDraggedLayIsWorkedOutWithoutBeingSaved() {
    JsonNode chest = get("/api/pieces/sea-chest").body();
    ObjectNode plan = (ObjectNode) chest.path("document").deepCopy();
    ((ObjectNode) plan.at("/lays/0/rule/measures")).put("distance", 150.8125);
    ObjectNode question = json.createObjectNode().put("layId", "fern-top");
    question.set("document", plan);
    JsonNode lay = post("/api/readings/lay", question).body();
    assertThat(lay.path("laid").path("items").path(0).path("yMm").asDouble()).isEqualTo(150.8125);
    assertThat(lay.at("/fields/1/length/text").asString()).isEqualTo("5 15/16\"");
    assertThat(get("/api/pieces/sea-chest").body().path("version"))
        .isEqualTo(chest.path("version"));
  }

  @Test
  void eachStencilIsTriedOnTheFaceAndToldWhyItDoesNotFit() {
    String chest = newChest("To try on").path("id").asString();
    JsonNode trials =
        get("/api/pieces/" + chest + "/faces/front/trials?kinds=STENCIL").body().path("trials");
    assertThat(trials).hasSizeGreaterThanOrEqualTo(5);
    for (JsonNode trial : trials) {
      boolean fits = !trial.path("verdict").asString().equals("DOES_NOT_FIT");
      assertThat(trial.path("items").isEmpty()).isEqualTo(!fits);
      if (trial.path("designId").asString().equals("heron")) {
        assertThat(trial.path("verdictText").asString()).endsWith("too tall");
      }
      if (trial.path("designId").asString().equals("fan-shell")) {
        assertThat(trial.path("verdictText").asString()).isEqualTo("8 whole");
      }
    }
  }

  @Test
  void theOpenShareIsThatOfTheArtwork() {
    for (JsonNode stencil : get("/api/stencils").body()) {
      double share =
          Double.parseDouble(stencil.path("openShareText").asString().replace(" %", "")) / 100;
      double open =
          Double.parseDouble(stencil.path("openAreaText").asString().replace(" cm²", "")) * 100;
      double print =
          stencil.path("printWidth").path("mm").asDouble()
              * stencil.path("printHeight").path("mm").asDouble();
      assertThat(share).isBetween(0.05, 0.6);
      assertThat(open / print).isCloseTo(share, within(0.006));
    }
  }
}
