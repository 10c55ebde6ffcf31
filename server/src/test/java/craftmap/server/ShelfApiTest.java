package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Designs and media as the pages tell them. */
class ShelfApiTest extends ServerTest {
  private static final String SHEET =
      "<svg width='200mm' height='100mm' viewBox='0 0 200 100'>"
          + "<rect x='20' y='20' width='60' height='60'/>"
          + "<rect x='90' y='20' width='60' height='60'/></svg>";

  private ObjectNode design(String kind, String name) {
    ObjectNode given = json.createObjectNode();
    given.put("kind", kind).put("name", name).put("motif", "").put("note", "");
    given.put("rights", "MAY_BE_SOLD");
    given.putObject("answers").putObject("numbers");
    ((ObjectNode) given.path("answers")).putObject("choices");
    given.putArray("motifs");
    return given;
  }

  private JsonNode artwork(String svg) {
    return upload("/api/artworks?openings=true", svg.getBytes(StandardCharsets.UTF_8)).body();
  }

  private JsonNode add(ObjectNode given, String quantity) {
    ObjectNode body = json.createObjectNode();
    body.set("design", given);
    body.put("quantity", quantity);
    Answer added = post("/api/designs", body);
    assertThat(added.status()).as(added.detail()).isEqualTo(201);
    return added.body();
  }

  @Test
  void aStencilIsReadFromItsDrawingCheckedAndKept() {
    JsonNode art = artwork(SHEET);
    assertThat(texts(art.at("/openings/checks"), "text"))
        .containsExactly(
            "92 % of the print is open, 72 cm².",
            "Nothing would fall out.",
            "The narrowest bridge is 10 mm.",
            "13/16\" of sheet round the print.",
            "Its mirror image is the same.");
    assertThat(texts(art.at("/openings/checks"), "fine")).containsOnly("true");
    assertThat(art.at("/openings/bridge/mm").asDouble()).isCloseTo(10, within(0.05));
    assertThat(art.at("/openings/islands")).isEmpty();
    ObjectNode given = design("STENCIL", "Two windows");
    given.put("artworkId", art.path("id").asString());
    JsonNode design = add(given, "1");
    assertThat(design.at("/reading/sheetWidthMm").asDouble()).isEqualTo(200);
    assertThat(design.at("/reading/printWidthMm").asDouble()).isCloseTo(130, within(1e-6));
    assertThat(design.at("/holdings/0/holding/levelText").asString()).isEqualTo("1 sheet");
    assertThat(design.at("/history/0/entry/kind").asString()).isEqualTo("BOUGHT");
    JsonNode stencils = get("/api/stencils").body();
    assertThat(stencils.findValuesAsString("name")).contains("Two windows");
  }

  @Test
  void aPictureNeedsOneKnownMeasureAndIsCroppedInShares() {
    JsonNode art = upload("/api/artworks", SamplePictures.png(400, 200)).body();
    assertThat(art.path("trueSize").asBoolean()).isFalse();
    ObjectNode napkin = design("NAPKIN", "Unmeasured");
    napkin.put("artworkId", art.path("id").asString());
    ObjectNode body = json.createObjectNode();
    body.set("design", napkin);
    assertThat(post("/api/designs", body).detail()).contains("one known measure");

    String fit = "/api/artworks/" + art.path("id").asString() + "/fitted";
    JsonNode sized =
        post(
                fit,
                Map.of(
                    "known",
                    Map.of("fromX", 0.0, "fromY", 0.5, "toX", 0.5, "toY", 0.5, "lengthMm", 165.0)))
            .body();
    assertThat(sized.at("/width/mm").asDouble()).isCloseTo(330, within(1e-6));
    assertThat(sized.at("/height/mm").asDouble()).isCloseTo(165, within(1e-6));
    JsonNode cropped =
        post(
                "/api/artworks/" + sized.path("id").asString() + "/fitted",
                Map.of("crop", Map.of("left", 0.0, "top", 0.0, "width", 0.5, "height", 1.0)))
            .body();
    assertThat(cropped.at("/width/mm").asDouble()).isCloseTo(165, within(1e-6));
    assertThat(get(cropped.path("address").asString()).header("Content-Type")).startsWith("image/");
    Answer nowhere =
        post(
            fit,
            Map.of(
                "known",
                Map.of("fromX", 0.5, "fromY", 0.5, "toX", 0.5, "toY", 0.5, "lengthMm", 10.0)));
    assertThat(nowhere.detail()).contains("the same place");
    assertThat(
            post(fit, Map.of("crop", Map.of("left", 0.6, "top", 0.0, "width", 0.6, "height", 1.0)))
                .detail())
        .contains("not within the picture");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "STENCIL",
        "ADHESIVE_STENCIL",
        "STENCIL_ROLL",
        "RAISED_STENCIL",
        "CUSTOM_CUT",
        "TRANSFER",
        "NAPKIN",
        "PAPER",
        "COLLAGE",
        "FOIL",
        "MOULDING",
        "CASTING",
        "TEXTURE",
        "PLASTER_FABRIC",
        "FILM",
        "ENLARGED_IMAGE",
        "DOTS",
        "PAINTED_ZONE"
      })
  void everyKindIsKeptWithoutAPictureAndTriedOnAFace(String kind) {
    JsonNode reading = post("/api/designs/reading", design(kind, "Any")).body();
    assertThat(reading.path("fields")).isNotEmpty();
    boolean lies = reading.has("unit");
    String quantity = !lies ? "" : reading.path("unit").asString().equals("MM") ? "1.2 m" : "3";
    String name = "Plain " + kind;
    JsonNode kept = add(design(kind, name), quantity);
    assertThat(kept.path("holdings").isEmpty()).isEqualTo(!lies);
    JsonNode trials =
        get("/api/pieces/sea-chest/faces/front/trials?kinds=" + kind).body().path("trials");
    JsonNode mine = null;
    for (JsonNode t : trials) {
      if (t.path("name").asString().equals(name)) {
        mine = t;
      }
    }
    if (kind.equals("FILM")) {
      assertThat(mine).as("other things are cut from it").isNull();
      return;
    }
    assertThat(mine).isNotNull();
    assertThat(mine.path("verdictText").asString()).isNotBlank();
    assertThat(mine.path("stockText").asString()).isNotBlank();
  }

  @Test
  void aChangedDesignIsReadAnewEverywhere() {
    JsonNode design = add(design("STENCIL", "Growing"), "1");
    String id = design.path("id").asString();
    ObjectNode bigger = (ObjectNode) design.path("given").deepCopy();
    ((ObjectNode) bigger.at("/answers/numbers")).put("width", 444.0).put("uses", 9.0);
    JsonNode changed = change("PUT", "/api/designs/" + id, bigger, 0L).body();
    assertThat(changed.at("/reading/sheetWidthMm").asDouble()).isEqualTo(444);
    for (JsonNode s : get("/api/stencils").body()) {
      if (s.path("id").asString().equals(id)) {
        assertThat(s.path("usesBetweenWashes").asInt()).isEqualTo(9);
        assertThat(s.at("/sheetWidth/mm").asDouble()).isEqualTo(444);
      }
    }
    assertThat(delete("/api/designs/" + id).status()).isEqualTo(204);
    assertThat(get("/api/shelf?words=Growing").body()).isEmpty();
    assertThat(get("/api/designs/" + id).status()).isEqualTo(200);
  }

  @Test
  void anOffcutKeepsItsOutlineAndTheMotifsItStillShows() {
    JsonNode before = get("/api/designs/gull-grasses").body();
    double sheets = before.at("/holdings/0/holding/level").asDouble();
    List<Map<String, Double>> outline =
        List.of(
            Map.of("xMm", 0.0, "yMm", 0.0),
            Map.of("xMm", 165.0, "yMm", 0.0),
            Map.of("xMm", 165.0, "yMm", 165.0),
            Map.of("xMm", 0.0, "yMm", 165.0));
    JsonNode kept =
        post(
                "/api/designs/gull-grasses/offcuts",
                Map.of(
                    "outline",
                    outline,
                    "cutFrom",
                    before.at("/holdings/0/holding/id").asString(),
                    "place",
                    "Napkin box",
                    "note",
                    "From the tray"))
            .body();
    JsonNode offcut = kept.path("holdings").path(kept.path("holdings").size() - 1);
    assertThat(offcut.at("/holding/form").asString()).isEqualTo("OFFCUT");
    assertThat(offcut.at("/shows/0/name").asString()).isEqualTo("the gull");
    assertThat(offcut.at("/shows/0/whole").asBoolean()).isTrue();
    assertThat(kept.at("/holdings/0/holding/level").asDouble()).isEqualTo(sheets - 1);
    assertThat(kept.at("/history/0/entry/note").asString()).isEqualTo("From the tray");
    JsonNode cards = get("/api/shelf?things=OFFCUT&words=gull").body();
    assertThat(cards.findValuesAsString("id")).contains(offcut.at("/holding/id").asString());

    Answer over =
        post(
            "/api/designs/gull-grasses/offcuts",
            Map.of(
                "outline",
                List.of(
                    Map.of("xMm", 0.0, "yMm", 0.0),
                    Map.of("xMm", 400.0, "yMm", 0.0),
                    Map.of("xMm", 0.0, "yMm", 100.0))));
    assertThat(over.status()).isEqualTo(422);
    assertThat(over.detail()).contains("within 12.992\" × 12.992\"");
  }

  @Test
  void theShelfIsFoundByWordsKindColourSizeRightsAndEnough() {
    assertThat(
            get("/api/shelf?words=moonrise reeds".replace(" ", "%20"))
                .body()
                .findValuesAsString("name"))
        .contains("Moonrise over the reeds");
    for (JsonNode c : get("/api/shelf?kinds=NAPKIN,PAPER").body()) {
      assertThat(c.path("kind").asString()).isIn("NAPKIN", "PAPER");
    }
    assertThat(get("/api/shelf?colours=RED&things=POT").body().findValuesAsString("name"))
        .contains("Rust tide")
        .doesNotContain("Bone white");
    for (JsonNode c : get("/api/shelf?things=DESIGN&mostWidthMm=100&mostHeightMm=100").body()) {
      assertThat(c.path("widthMm").asDouble()).isLessThanOrEqualTo(100);
      assertThat(c.path("heightMm").asDouble()).isLessThanOrEqualTo(100);
    }
    assertThat(get("/api/shelf?rights=OWN_USE_ONLY").body().findValuesAsString("rights"))
        .containsOnly("OWN_USE_ONLY");
    for (JsonNode c : get("/api/shelf?enough=true").body()) {
      assertThat(c.path("standing").asString()).isIn("ENOUGH", "BY_HAND");
    }
    assertThat(get("/api/shelf?kinds=SOFA").status()).isEqualTo(400);
  }

  @Test
  void aLabelReplacesWhatIsTypicalValueByValue() {
    ObjectNode medium =
        json.createObjectNode().put("name", "Sea glass").put("generic", "chalky-paint");
    ObjectNode label = medium.putObject("label");
    label.putObject("numbers").put("spread", 12.5);
    label.putObject("choices").put("colour", "#9fb8ae");
    medium.putArray("packs");
    JsonNode reading = post("/api/media/reading", medium).body();
    int all = reading.path("fields").size();
    assertThat(reading.path("typical").asInt()).isEqualTo(all - 2);
    ObjectNode body = json.createObjectNode().put("holds", "118,5").put("level", "60");
    body.set("medium", medium);
    body.putObject("stock").put("tareG", "31").put("place", "Paint shelf");
    JsonNode kept = post("/api/media", body).body();
    assertThat(kept.at("/pots/0/levelText").asString()).isEqualTo("60 ml of 119 ml");
    String pot = kept.at("/pots/0/id").asString();
    JsonNode weighed =
        post("/api/holdings/" + pot + "/level", Map.of("how", "WEIGHT", "figure", "101")).body();
    assertThat(weighed.at("/holding/level").asDouble()).isCloseTo(70 / 1.4, within(1e-3));
    JsonNode half =
        post("/api/holdings/" + pot + "/level", Map.of("how", "SHARE", "figure", "0.5")).body();
    assertThat(half.at("/holding/level").asDouble()).isCloseTo(59.3, within(1e-6));
    assertThat(half.at("/entries/0/note").asString()).startsWith("By eye");
    assertThat(get("/api/pots").body().findValuesAsString("name")).contains("Sea glass");

    medium.put("generic", "moon-dust");
    assertThat(post("/api/media/reading", medium).detail()).contains("no kind of medium");
  }

  @Test
  void whatHappensIsBookedByWhomAndTheLevelOfAnyDayIsKnown() {
    ObjectNode medium = json.createObjectNode().put("name", "Daily").put("generic", "clear-wax");
    medium.putArray("packs");
    ObjectNode body = json.createObjectNode().put("holds", "400");
    body.set("medium", medium);
    String pot = post("/api/media", body).body().at("/pots/0/id").asString();
    String at = "/api/holdings/" + pot;
    assertThat(post(at + "/entries", Map.of("kind", "SPILLED", "quantity", "20 g")).status())
        .isEqualTo(200);
    JsonNode opened =
        post(at + "/entries", Map.of("kind", "OPENED", "note", "for the chest")).body();
    assertThat(opened.at("/entries/0/kindText").asString()).isEqualTo("opened");
    assertThat(opened.at("/holding/openedOn").asString()).isNotBlank();
    assertThat(opened.at("/holding/level").asDouble()).isEqualTo(380);
    assertThat(post(at + "/entries", Map.of("kind", "CORRECTED", "quantity", "3")).status())
        .isEqualTo(422);
    assertThat(post(at + "/entries", Map.of("kind", "USED", "quantity", "900")).detail())
        .contains("more than there is");
    String today = java.time.LocalDate.now().toString();
    assertThat(get(at + "/level?day=" + today).body().path("levelText").asString())
        .isEqualTo("380 g");
    assertThat(get(at + "/level?day=2020-01-01").body().path("levelText").asString())
        .isEqualTo("0 g");
    Answer refused =
        change(
            "PUT",
            at,
            Map.of("place", "x", "openedOn", "2026-05-01", "expiresOn", "2026-04-01"),
            get(at).body().at("/holding/version").asLong());
    assertThat(refused.detail()).contains("before it was opened");
  }

  @Test
  void whatIsBoughtTwiceHasTwoPricesOnItsLedger() {
    JsonNode item = get("/api/supplier?words=napkin").body().at("/0/items/0");
    String sku = "/api/supplier/" + item.path("sku").asString() + "/shelf";
    String page = post(sku, Map.of("pack", 0, "quantity", 2)).body().path("page").asString();
    String design = page.substring(page.lastIndexOf('/') + 1);
    JsonNode stock = get("/api/designs/" + design).body().at("/holdings/0/holding");
    String at = "/api/holdings/" + stock.path("id").asString();
    String paid = item.at("/packs/0/priceText").asString();
    assertThat(texts(get(at).body().path("entries"), "priceText")).containsExactly(paid, paid);

    Map<String, String> more =
        Map.of("kind", "BOUGHT", "quantity", "7", "price", "13,05", "currency", "gbp");
    JsonNode entries = post(at + "/entries", more).body().path("entries");
    assertThat(texts(entries, "priceText")).containsExactly("13.05 GBP", paid, paid);
    assertThat(entries.path(0).path("changeText").asString()).isEqualTo("+ 7 sheets");

    Answer noPrice = post(at + "/entries", Map.of("kind", "USED", "quantity", "1", "price", "2"));
    assertThat(noPrice.status()).isEqualTo(422);
    assertThat(noPrice.detail()).contains("Price (2.00 EUR) belongs to what was bought");
    assertThat(post(at + "/entries", Map.of("kind", "BOUGHT", "quantity", "1", "price", "-2")))
        .satisfies(a -> assertThat(a.detail()).contains("Price (-2) is not a price"));
    assertThat(texts(get(at).body().path("entries"), "priceText")).hasSize(3);
  }

  @Test
  void eachHandOfAPairCostsItsShare() {
    ObjectNode design = design("MOULDING", "Scroll pair");
    ((ObjectNode) design.at("/answers/choices")).put("form", "HANDED_PAIR");
    ObjectNode body = json.createObjectNode().put("quantity", "3");
    body.set("design", design);
    body.putObject("stock").put("price", "10.01").put("currency", "EUR");
    JsonNode history = post("/api/designs", body).body().path("history");
    assertThat(history.valueStream().map(h -> h.at("/entry/priceText").asString()).toList())
        .containsExactlyInAnyOrder("5.01 EUR", "5.00 EUR");
  }

  @Test
  void aCodeFromALabelOpensWhatItIsStuckOn() {
    String code = get("/api/holdings/deep-estuary").body().at("/holding/code").asString();
    JsonNode found = get("/api/shelf/code?text=" + code.toLowerCase()).body();
    assertThat(found.path("name").asString()).isEqualTo("Deep estuary");
    assertThat(found.path("page").asString()).isEqualTo("/shelf/pots/deep-estuary");
    char last = code.charAt(code.length() - 1);
    String slip = code.substring(0, code.length() - 1) + (last == '7' ? '8' : '7');
    assertThat(get("/api/shelf/code?text=" + slip).detail()).contains("slip");
    assertThat(get("/api/shelf/code?text=sofa").status()).isEqualTo(422);
  }

  @Test
  void twoPiecesNeverCountOnTheSameSheets() {
    JsonNode design = add(design("TRANSFER", "The last ones"), "3");
    String stock = design.at("/holdings/0/holding/id").asString();
    String first = newChest("First").path("id").asString();
    String second = newChest("Second").path("id").asString();
    put("/api/pieces/" + first + "/kept/" + stock, Map.of("quantity", "2"));
    put("/api/pieces/" + second + "/kept/" + stock, Map.of("quantity", "2"));
    JsonNode holding = get("/api/holdings/" + stock).body().path("holding");
    assertThat(holding.path("available").asDouble()).isZero();
    assertThat(holding.path("overAsked").asBoolean()).isTrue();
    assertThat(holding.at("/claims/0/grantedText").asString()).isEqualTo("2 sheets");
    assertThat(holding.at("/claims/1/grantedText").asString()).isEqualTo("1 sheet");
    assertThat(holding.at("/claims/1/missingText").asString()).isEqualTo("1 sheet");
    put("/api/pieces/" + first + "/kept/" + stock, Map.of("quantity", "0"));
    JsonNode after = get("/api/holdings/" + stock).body().path("holding");
    assertThat(after.path("claims")).hasSize(1);
    assertThat(after.path("available").asDouble()).isEqualTo(1);
    assertThat(put("/api/pieces/" + first + "/kept/" + stock, Map.of("quantity", "1.5")).status())
        .isEqualTo(422);
  }

  @Test
  void aPlanKeepsItsPaintUntilItIsUsedOrTakenOff() {
    String pot = "sand-drift";
    double free = get("/api/holdings/" + pot).body().at("/holding/available").asDouble();
    JsonNode chest = newChest("Asks");
    ObjectNode plan = withFernBand(chest.path("document"), "band", 100);
    ((ObjectNode) plan.path("lays").path(0)).put("potId", pot);
    JsonNode saved = save(chest, plan, "laid", null).body();
    double wants = saved.at("/reading/faces/0/lays/0/laid/potMl").asDouble();
    String holding = "/api/holdings/" + pot;
    assertThat(get(holding).body().at("/holding/available").asDouble())
        .isCloseTo(free - wants, within(0.002));
    String id = chest.path("id").asString();
    put("/api/pieces/" + id + "/lays/band/done", null);
    JsonNode used = get(holding).body();
    assertThat(used.at("/holding/available").asDouble()).isCloseTo(free - wants, within(0.002));
    assertThat(used.at("/holding/claims").findValuesAsString("pieceName")).doesNotContain("Asks");
    delete("/api/pieces/" + id + "/lays/band/done");
    assertThat(get(holding).body().at("/holding/claims").findValuesAsString("pieceName"))
        .contains("Asks");
    change("POST", "/api/pieces/" + id + "/undo", null, saved.path("version").asLong());
    assertThat(get(holding).body().at("/holding/available").asDouble())
        .isCloseTo(free, within(0.002));
  }

  @Test
  void thePriceListFillsTheShelf() {
    JsonNode list = get("/api/supplier?words=pouring").body().get(0);
    assertThat(list.path("deliveryText").asString()).isEqualTo("4.90 EUR");
    String sku = list.at("/items/0/sku").asString();
    String page =
        post("/api/supplier/" + sku + "/shelf", Map.of("pack", 0, "quantity", 2))
            .body()
            .path("page")
            .asString();
    JsonNode pot = get("/api/holdings/" + page.substring(page.lastIndexOf('/') + 1)).body();
    assertThat(pot.at("/holding/level").asDouble()).isEqualTo(500);
    assertThat(pot.at("/holding/priceText").asString()).isEqualTo("22.00 EUR");
    JsonNode medium = get("/api/media/" + pot.path("mediumId").asString()).body();
    assertThat(medium.path("pots")).hasSize(2);
    assertThat(medium.at("/given/label/numbers/potLife").asDouble()).isEqualTo(25);
    assertThat(post("/api/supplier/XX-9/shelf", Map.of("pack", 0, "quantity", 1)).status())
        .isEqualTo(404);
    assertThat(post("/api/supplier/" + sku + "/shelf", Map.of("pack", 7, "quantity", 1)).status())
        .isEqualTo(422);
  }

  @Test
  void toolsAreKeptChangedAndTakenAway() throws IOException {
    JsonNode tool =
        post(
                "/api/tools",
                Map.of(
                    "name",
                    "Little sponge",
                    "answers",
                    Map.of("numbers", Map.of(), "choices", Map.of("kind", "SPONGE"))))
            .body();
    assertThat(tool.path("text").asString()).contains("15 %");
    String id = tool.path("id").asString();
    JsonNode changed =
        change(
                "PUT",
                "/api/tools/" + id,
                Map.of(
                    "name",
                    "Little sponge",
                    "answers",
                    Map.of("numbers", Map.of("loss", 21.0), "choices", Map.of("kind", "SPONGE"))),
                tool.path("version").asLong())
            .body();
    assertThat(changed.path("text").asString()).contains("21 %");
    assertThat(delete("/api/tools/" + id).status()).isEqualTo(204);
    assertThat(get("/api/tools").body().findValuesAsString("id")).doesNotContain(id);
  }

  @ParameterizedTest
  @CsvSource({"name, 81, Name", "motif, 41, Motif", "note, 201, Note"})
  void whatIsTooLongForACardIsToldByItsField(String field, int length, String told) {
    ObjectNode given = (ObjectNode) get("/api/designs/dune-grass").body().path("given").deepCopy();
    ObjectNode fresh = json.createObjectNode();
    fresh.set("design", given.put("name", "Long card").put(field, "x".repeat(length)));
    Answer refused = post("/api/designs", fresh);
    assertThat(refused.status()).as(refused.detail()).isEqualTo(422);
    assertThat(refused.detail()).startsWith(told + " (" + length + " characters)");
  }
}
