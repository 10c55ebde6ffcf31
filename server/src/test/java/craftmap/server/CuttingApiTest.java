package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.TapeDivision;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Cutting plans: looked for, kept, booked, taken back, made enough. */
class CuttingApiTest extends ServerTest {
  /**
   * The page asks for one design after the other, and shows what it would have been told at once.
   */
  @Test
  void whatIsAskedForDesignByDesignIsWhatIsToldAtOnce() {
    int seen = 0;
    for (JsonNode piece : get("/api/pieces").body()) {
      String id = piece.path("id").asString();
      if (id.matches("[0-9a-f-]{36}")) {
        continue; // another test's, which may be changed or gone by now
      }
      String base = "/api/pieces/" + id + "/cuts";
      JsonNode whole = get(base).body();
      JsonNode ahead = get(base + "/ahead").body();
      assertThat(ahead.path("others")).isEqualTo(whole.path("others"));
      assertThat(ahead.path("made")).isEqualTo(whole.path("made"));
      assertThat(ahead.path("designs")).hasSameSizeAs(whole.path("designs"));
      for (int i = 0; i < whole.path("designs").size(); i++) {
        JsonNode design = whole.path("designs").get(i);
        JsonNode named = ahead.path("designs").get(i);
        assertThat(named.path("name")).isEqualTo(design.path("name"));
        JsonNode alone = get(base + "/" + named.path("designId").asString()).body();
        assertThat(alone).isEqualTo(design);
        int parts = 0;
        for (JsonNode sheet : design.path("sheets")) {
          parts += sheet.path("pieces").size();
        }
        if (!design.has("shortText")) {
          assertThat(named.path("parts").asInt()).isEqualTo(parts);
        }
        seen++;
      }
    }
    assertThat(seen).isGreaterThan(3);
    Answer unknown = get("/api/pieces/sea-chest/cuts/no-such-design");
    assertThat(unknown.status()).isEqualTo(422);
    assertThat(unknown.detail()).contains("no-such-design");
  }

  @Test
  void whatIsCutIsBookedWithItsLeftoversAndCanBeTakenBack() {
    JsonNode chest = newChest("To be cut");
    String base = "/api/pieces/" + chest.path("id").asString();
    JsonNode laid = layDesign(chest.path("document"), "front", "sea-holly");
    String seal = newPot("clear-satin", "900");
    save(chest, outOf(seal, laid.path("document")), "Laid a transfer", null);
    JsonNode before = get(base + "/cuts").body().at("/designs/0");
    assertThat(before.path("isCut").asBoolean()).isFalse();
    assertThat(before.path("sheetsText").asString())
        .isEqualTo("1 sheet, 1 is the least possible for parts laid like this");
    JsonNode sheet = before.at("/sheets/0");
    assertThat(sheet.path("pieces")).hasSize(2); // it comes in two parts
    // which are no cut where they meet
    assertThat(sheet.path("cuts").findValuesAsString("text"))
        .filteredOn(text -> text.endsWith("no cut, here two of its sections meet"))
        .hasSize(1);
    assertThat(get(base + "/route").body().path("settled").valueStream().map(JsonNode::asString))
        .contains("LAY_OUT")
        .doesNotContain("CUT");

    ObjectNode nonsense = json.createObjectNode();
    nonsense.putArray("kept").addObject().put("sheet", 7).put("rest", 0);
    Answer refused = put(base + "/cuts/sea-holly", nonsense);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).startsWith("Kept (sheet 7, rest 0) is not among what is left");
    // nothing of it was booked
    assertThat(get(base + "/cuts").body().at("/designs/0").path("isCut").asBoolean()).isFalse();

    ObjectNode done = json.createObjectNode();
    int rests = sheet.path("rests").size();
    for (int r = 0; r < rests; r++) {
      done.withArray("kept").addObject().put("sheet", 0).put("rest", r);
    }
    int offcuts = offcutsOf("sea-holly");
    JsonNode after = put(base + "/cuts/sea-holly", done).body().at("/designs/0");
    assertThat(after.path("isCut").asBoolean()).isTrue();
    assertThat(offcutsOf("sea-holly")).isEqualTo(offcuts + rests);
    JsonNode need = find(get(base + "/gather").body().path("designs"), "sea-holly");
    assertThat(need.path("verdictText").asString()).isEqualTo("cut and booked");

    JsonNode back = delete(base + "/cuts/sea-holly").body().at("/designs/0");
    assertThat(back.path("isCut").asBoolean()).isFalse();
    assertThat(find(get(base + "/gather").body().path("designs"), "sea-holly").path("enough"))
        .isEqualTo(json.valueToTree(true));
  }

  @Test
  void aLeftoverThatDoesIsCutInsteadOfASheetAndOnlyOnce() {
    ObjectNode offcut = json.createObjectNode().put("place", "").put("note", "All of it");
    for (int[] p : new int[][] {{0, 0}, {600, 0}, {600, 450}, {0, 450}}) {
      offcut.withArray("outline").addObject().put("xMm", p[0]).put("yMm", p[1]);
    }
    post("/api/designs/moonrise-reeds/offcuts", offcut);
    JsonNode chest = newChest("From a leftover");
    String base = "/api/pieces/" + chest.path("id").asString();
    JsonNode laid = layDesign(chest.path("document"), "front", "moonrise-reeds");
    save(chest, laid.path("document"), "Laid a transfer", null);
    JsonNode plan = get(base + "/cuts").body().at("/designs/0");
    assertThat(plan.at("/sheets/0/isLeftover").asBoolean()).isTrue();
    assertThat(plan.path("sheetsText").asString()).startsWith("0 sheets");
    int offcuts = leftNow("moonrise-reeds");
    JsonNode done =
        put(base + "/cuts/moonrise-reeds", json.createObjectNode()).body().at("/designs/0");
    assertThat(done.path("isCut").asBoolean()).isTrue();
    assertThat(leftNow("moonrise-reeds")).isEqualTo(offcuts - 1);
    // cut again, nothing more is taken
    put(base + "/cuts/moonrise-reeds", json.createObjectNode());
    assertThat(leftNow("moonrise-reeds")).isEqualTo(offcuts - 1);
  }

  private int leftNow(String designId) {
    return (int)
        get("/api/designs/" + designId)
            .body()
            .path("holdings")
            .valueStream()
            .filter(h -> h.at("/holding/form").asString().equals("OFFCUT"))
            .filter(h -> h.at("/holding/level").asDouble() > 0)
            .count();
  }

  private int offcutsOf(String designId) {
    return (int)
        get("/api/designs/" + designId)
            .body()
            .path("holdings")
            .valueStream()
            .filter(h -> h.at("/holding/form").asString().equals("OFFCUT"))
            .count();
  }

  private JsonNode cuts(String pieceId) {
    return get("/api/pieces/" + pieceId + "/cuts").body();
  }

  private ObjectNode wish(String preference, int again, double knifeMm, List<Integer> locked) {
    ObjectNode wish =
        json.createObjectNode()
            .put("preference", preference)
            .put("again", again)
            .put("knifeMm", knifeMm);
    locked.forEach(wish.putArray("locked")::add);
    return wish;
  }

  /** A chest with a papered lid. */
  private JsonNode papered(String name, String designId) {
    JsonNode chest = newChest(name);
    JsonNode laid = layDesign(chest.path("document"), "lid", designId);
    return save(chest, laid.path("document"), "Papered", null).body();
  }

  private void setStock(String designId, int sheets) {
    JsonNode holding = whole(designId);
    int more = sheets - holding.path("level").asInt();
    if (more != 0) {
      ObjectNode entry =
          json.createObjectNode()
              .put("kind", more > 0 ? "BOUGHT" : "SPOILED")
              .put("quantity", "" + Math.abs(more));
      Answer booked = post("/api/holdings/" + holding.path("id").asString() + "/entries", entry);
      assertThat(booked.status()).as(booked.detail()).isEqualTo(200);
    }
  }

  /** What other pieces have set aside. */
  private int claimed(String designId, String pieceId) {
    return whole(designId)
        .path("claims")
        .valueStream()
        .filter(c -> !c.path("pieceId").asString().equals(pieceId))
        .mapToInt(c -> Integer.parseInt(c.path("wantedText").asString().split(" ")[0]))
        .sum();
  }

  private JsonNode whole(String designId) {
    return stock(designId, "WHOLE");
  }

  private JsonNode stock(String designId, String form) {
    return get("/api/designs/" + designId)
        .body()
        .path("holdings")
        .valueStream()
        .map(h -> h.path("holding"))
        .filter(h -> h.path("form").asString().equals(form))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aPlanIsSearchedForAsAJobKeptAndGivenUpAgain() {
    String base = "/api/pieces/folding-screen/cuts/lattice-shells/searches";
    JsonNode before = cuts("folding-screen").at("/designs/0");
    assertThat(before.path("isSearched").asBoolean()).isFalse();
    JsonNode first = before.at("/sheets/0/pieces/0");
    int number = first.path("number").asInt();
    JsonNode job = finished(post(base, wish("FEWEST_CUTS", 2, 3, List.of(number))));
    assertThat(job.path("state").asString()).isEqualTo("DONE");
    assertThat(job.path("share").asDouble()).isEqualTo(1);

    JsonNode found = cuts("folding-screen").at("/designs/0");
    assertThat(found.path("isSearched").asBoolean()).isTrue();
    assertThat(found.at("/wish/preference").asString()).isEqualTo("FEWEST_CUTS");
    assertThat(found.at("/wish/knifeMm").asDouble()).isEqualTo(3);
    // the part that was locked lies where it lay
    assertThat(
            found
                .at("/sheets/0/pieces")
                .valueStream()
                .filter(p -> p.path("number").asInt() == number)
                .map(p -> p.path("box"))
                .toList())
        .containsExactly(first.path("box"));

    JsonNode forgotten = delete(base).body().at("/designs/0");
    assertThat(forgotten).isEqualTo(before);
  }

  @Test
  void aKeptPlanIsDroppedWhenThePiecesChange() {
    JsonNode chest = papered("Kept no longer", "dune-grass");
    String id = chest.path("id").asString();
    finished(
        post(
            "/api/pieces/" + id + "/cuts/dune-grass/searches",
            wish("LARGEST_LEFTOVER", 1, 0, List.of())));
    assertThat(cuts(id).at("/designs/0/isSearched").asBoolean()).isTrue();
    ObjectNode wider = (ObjectNode) chest.path("document").deepCopy();
    ((ObjectNode) wider.at("/form/measures")).put("depth", 380.0);
    save(chest, wider, "Measured again", null);
    assertThat(cuts(id).at("/designs/0/isSearched").asBoolean()).isFalse();
  }

  @Test
  void aWishThatCannotBeIsRefusedInWords() {
    String base = "/api/pieces/folding-screen/cuts/lattice-shells/searches";
    Answer wide = post(base, wish("FEWEST_CUTS", 1, -3, List.of()));
    assertThat(wide.status()).isEqualTo(422);
    assertThat(wide.detail()).startsWith("Room for the knife (-0.118\"");
    Answer other =
        post(
            "/api/pieces/sea-chest/cuts/lattice-shells/searches",
            wish("FEWEST_CUTS", 1, 0, List.of()));
    assertThat(other.status()).isEqualTo(422);
    assertThat(other.detail()).contains("Design (lattice-shells) is not cut for this piece");
  }

  @Test
  void severalPiecesAreCutTogetherAndTakenBackTogether() {
    setStock("dune-grass", 12);
    String one = papered("Cut with another", "dune-grass").path("id").asString();
    String two = papered("The other one", "dune-grass").path("id").asString();
    JsonNode alone = cuts(one);
    assertThat(alone.path("others").valueStream().map(o -> o.path("pieceId").asString()))
        .contains(two);
    JsonNode both = get("/api/pieces/" + one + "/cuts?with=" + two).body().at("/designs/0");
    assertThat(
            both.path("sheets")
                .valueStream()
                .flatMap(s -> s.path("pieces").valueStream())
                .map(p -> p.path("pieceName").asString()))
        .contains("Cut with another", "The other one");
    double level = whole("dune-grass").path("level").asDouble();
    long taken =
        both.path("sheets").valueStream().filter(s -> !s.path("isLeftover").asBoolean()).count();

    Answer booked =
        put("/api/pieces/" + one + "/cuts/dune-grass?with=" + two, json.createObjectNode());
    assertThat(booked.status()).isEqualTo(200);
    assertThat(whole("dune-grass").path("level").asDouble()).isEqualTo(level - taken);
    assertThat(cuts(two).at("/designs/0/isCut").asBoolean()).isTrue();

    delete("/api/pieces/" + two + "/cuts/dune-grass");
    assertThat(whole("dune-grass").path("level").asDouble()).isEqualTo(level);
    assertThat(cuts(one).at("/designs/0/isCut").asBoolean()).isFalse();
  }

  /** A picture of its own: what other tests leave of one is not counted on. */
  private String pictureWithLettering() {
    ObjectNode design = json.createObjectNode();
    design.put("kind", "PAPER").put("name", "Marsh with words").put("motif", "").put("note", "");
    design.put("rights", "MAY_BE_SOLD");
    design
        .putArray("motifs")
        .addObject()
        .put("name", "the lettering")
        .put("leftMm", 203.3)
        .put("topMm", 611.7)
        .put("widthMm", 250.1)
        .put("heightMm", 61.9)
        .put("importance", 1);
    ObjectNode answers = design.putObject("answers");
    answers.set("numbers", json.valueToTree(Map.of("width", 710.0, "height", 700.0)));
    answers.putObject("choices");
    ObjectNode body = json.createObjectNode().put("quantity", "2");
    body.set("design", design);
    return post("/api/designs", body).body().path("id").asString();
  }

  @Test
  void whatThePlanKeepsIsBookedWhenItIsCutAndOnlyOnce() {
    String paper = pictureWithLettering();
    JsonNode chest =
        newPiece("Keeps a part", "CHEST", Map.of("width", 700.0, "height", 600.0, "depth", 300.0));
    String id = chest.path("id").asString();
    ObjectNode lay = lay("m", "front", "ACROSS", Map.of("allowance", 0.0), Map.of());
    ((ObjectNode) lay.path("rule")).put("text", "the lettering");
    lay.put("designId", paper);
    JsonNode piece = save(chest, withLay(chest.path("document"), lay), "Laid", null).body();
    ObjectNode keep =
        of("KEEP_OFFCUT").put("layId", "m").put("name", "the lettering").put("keep", true);
    Answer kept = edit(piece, keep);
    assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    // nothing is booked by wishing
    assertThat(leftNow(paper)).isZero();
    JsonNode sheet = cuts(id).at("/designs/0/sheets/0");
    assertThat(texts(sheet.path("keeps"), "name")).containsExactly("the lettering");

    String cut = "/api/pieces/" + id + "/cuts/" + paper;
    Answer booked = put(cut, json.createObjectNode());
    assertThat(booked.status()).as(booked.detail()).isEqualTo(200);
    assertThat(leftNow(paper)).isEqualTo(1);
    put(cut, json.createObjectNode());
    assertThat(leftNow(paper)).as("booked again").isEqualTo(1);
    delete(cut);
    assertThat(leftNow(paper)).as("taken back").isZero();

    // whoever keeps the whole rest keeps the part with it
    ObjectNode rests = json.createObjectNode();
    for (int r = 0; r < sheet.path("rests").size(); r++) {
      rests.withArray("kept").addObject().put("sheet", 0).put("rest", r);
    }
    put(cut, rests);
    assertThat(leftNow(paper)).isEqualTo(sheet.path("rests").size()).isPositive();
  }

  @Test
  void whatWouldMakeItEnoughIsWorkedOutAndDoes() {
    JsonNode chest =
        newPiece("Not enough", "CHEST", Map.of("width", 380.0, "height", 700.0, "depth", 300.0));
    String id = chest.path("id").asString();
    JsonNode laid = layDesign(chest.path("document"), "front", "lattice-shells");
    JsonNode piece = save(chest, laid.path("document"), "Papered", null).body();
    // what the screen and the tin have set aside stays theirs
    int others = whole("lattice-shells").path("level").asInt();
    setStock("lattice-shells", others + 20);
    JsonNode plenty = cuts(id).at("/designs/0");
    int needed = plenty.path("sheets").size();
    assertThat(needed).isGreaterThan(1);
    setStock("lattice-shells", claimed("lattice-shells", id) + 1);
    JsonNode without = cuts(id).at("/designs/0");
    assertThat(without.path("shortText").asString())
        .contains("no sheet to be cut from")
        .contains("more would do");

    JsonNode ways = get("/api/pieces/" + id + "/cuts/lattice-shells/remedies").body();
    JsonNode enough =
        ways.valueStream()
            .filter(w -> w.path("isEnough").asBoolean() && !w.path("edits").isEmpty())
            .findFirst()
            .orElseThrow();
    ObjectNode[] edits =
        enough.path("edits").valueStream().map(ObjectNode.class::cast).toArray(ObjectNode[]::new);
    assertThat(edit(piece, edits).status()).isEqualTo(200);
    JsonNode after = cuts(id).at("/designs/0");
    assertThat(after.has("shortText")).as("%s makes it enough", enough.path("text")).isFalse();
    setStock("lattice-shells", others);
  }

  @Test
  void paperOffARollIsCutInLengthsAndBookedAsLength() {
    JsonNode chest = papered("Off the roll", "pebble-paper");
    String id = chest.path("id").asString();
    JsonNode cut = cuts(id).at("/designs/0");
    assertThat(cut.at("/sheets/0/title").asString()).isEqualTo("Sheet 1 off the roll");
    assertThat(cut.path("onHandText").asString()).contains("off the roll");
    int sheets = cut.path("sheets").size();
    assertThat(sheets).isPositive();
    double each = cut.at("/art/sheetHeightMm").asDouble();
    JsonNode roll = stock("pebble-paper", "ROLL");
    put("/api/pieces/" + id + "/cuts/pebble-paper", json.createObjectNode());
    assertThat(stock("pebble-paper", "ROLL").path("level").asDouble())
        .isEqualTo(roll.path("level").asDouble() - sheets * each);
    assertThat(cuts(id).at("/designs/0/isCut").asBoolean()).isTrue();
    delete("/api/pieces/" + id + "/cuts/pebble-paper");
    assertThat(stock("pebble-paper", "ROLL").path("level")).isEqualTo(roll.path("level"));
  }

  @Test
  void whatIsSawnOrCastIsListedBesideTheSheets() {
    JsonNode made = cuts("sea-chest").path("made");
    assertThat(made.valueStream().map(m -> m.path("text").asString()))
        .contains("4 castings in one batch");
    JsonNode chest = newChest("Quarters");
    ObjectNode lay = lay("q", "front", "CORNERS", Map.of("inset", 20.0), Map.of());
    lay.put("designId", "shell-rosette");
    JsonNode saved = save(chest, withLay(chest.path("document"), lay), "Rosettes", null).body();
    JsonNode quarters = cuts(saved.path("id").asString()).at("/made/0");
    assertThat(quarters.path("text").asString()).isEqualTo("one piece sawn into 4 quarters");
    assertThat(quarters.at("/lines/0").asString()).contains("through the middle both ways");
  }

  @ParameterizedTest
  @ValueSource(strings = {"A4", "LETTER"})
  void theCuttingListComesOnPaperWithEveryPart(String paper) throws IOException {
    JsonNode design = cuts("wardrobe").at("/designs/0");
    byte[] pdf = get("/api/pieces/wardrobe/cuts/print?paper=" + paper).raw().body();
    try (PDDocument read = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(read);
      assertThat(text)
          .contains("cutting list")
          .contains(design.path("name").asString(), design.path("sheetsText").asString())
          .contains("Goes back onto the shelf", "Scrap: ");
      for (JsonNode part : design.at("/sheets/0/pieces")) {
        assertThat(text).contains(part.path("sizeText").asString());
        assertThat(text).contains(part.path("placeText").asString());
      }
    }
  }

  @Test
  void theCuttingListAsRowsIsInMillimetres() {
    JsonNode sheet = cuts("wardrobe").at("/designs/0/sheets/0");
    String csv =
        new String(get("/api/pieces/wardrobe/cuts/list.csv").raw().body(), StandardCharsets.UTF_8);
    List<String> lines = csv.lines().toList();
    assertThat(lines).hasSize(1 + sheet.path("pieces").size() + sheet.path("rests").size());
    assertThat(lines.getFirst()).startsWith("design,sheet,part").endsWith("from top mm,section");
    for (int i = 0; i < sheet.path("pieces").size(); i++) {
      JsonNode box = sheet.path("pieces").get(i).path("box");
      String[] row = lines.get(1 + i).split(",");
      assertThat(Double.parseDouble(row[5]))
          .isCloseTo(box.path("widthMm").asDouble(), within(0.051));
      // from the top of the section that it says
      JsonNode section = sheet.path("sections").get(Integer.parseInt(row[9]) - 1);
      assertThat(Double.parseDouble(row[8]) + section.path("topMm").asDouble())
          .isCloseTo(box.path("topMm").asDouble(), within(0.051));
    }
  }

  @Test
  void everyPartOfAPictureInSectionsIsMeasuredOnItsOwn() {
    JsonNode sheet = cuts("wardrobe").at("/designs/0/sheets/0");
    assertThat(sheet.path("sections")).hasSize(3);
    assertThat(MeasuredInHand.check(sheet, TapeDivision.INCH_16)).isGreaterThan(3);
    // Lay out and Cut tell the same place of the same part
    List<String> laid =
        get("/api/pieces/wardrobe").body().at("/reading/faces").findValuesAsString("placeText");
    assertThat(laid).containsAll(sheet.path("pieces").findValuesAsString("placeText"));
    // and cuts are told where they begin on it
    assertThat(sheet.path("cuts").findValuesAsString("text"))
        .filteredOn(text -> text.contains("its sections meet"))
        .hasSize(2);
    assertThat(sheet.path("cuts").findValuesAsString("text"))
        .filteredOn(text -> text.startsWith("Section 3: "))
        .isNotEmpty()
        .noneMatch(text -> text.contains("between 50"));
  }
}
