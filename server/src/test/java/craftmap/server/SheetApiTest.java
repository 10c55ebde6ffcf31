package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.artwork.SvgReader;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Sheets that are cut, laid over faces, round walls and in collages. */
class SheetApiTest extends ServerTest {
  private static JsonNode lay(JsonNode reading, String faceId, String layId) {
    for (JsonNode face : reading.path("faces")) {
      for (JsonNode lay : face.path("lays")) {
        if (face.path("id").asString().equals(faceId) && lay.path("id").asString().equals(layId)) {
          return lay;
        }
      }
    }
    throw new AssertionError("no lay " + layId + " on " + faceId);
  }

  @Test
  void onePictureOverTheWardrobeKeepsItsMotifsAndSavesTheLettering() {
    JsonNode reading = get("/api/pieces/wardrobe").body().path("reading");
    JsonNode lead = lay(reading, "door-1", "marsh");
    JsonNode other = lay(reading, "drawer-1", "marsh");
    assertThat(lead.path("lead").asBoolean()).isTrue();
    assertThat(other.path("lead").asBoolean()).isFalse();
    assertThat(texts(lead.path("notes"), "text"))
        .contains("Every named part of the picture stays whole.");
    JsonNode sheet = lead.at("/laid/sheets/0");
    Set<String> faces = new TreeSet<>(texts(sheet.path("parts"), "faceName"));
    assertThat(faces).containsExactlyInAnyOrder("Left door", "Right door", "Drawer 1");
    assertThat(texts(sheet.path("savings"), "name")).containsExactly("the lettering");
    // what it takes is told with each of its faces, for all of them together
    assertThat(texts(lead.at("/laid/takes"), "name")).contains("Sheets");
    assertThat(other.at("/laid/takes")).isEqualTo(lead.at("/laid/takes"));
    for (JsonNode part : sheet.path("parts")) {
      double left = part.at("/cut/leftMm").asDouble();
      double top = part.at("/cut/topMm").asDouble();
      assertThat(left).isGreaterThanOrEqualTo(0);
      assertThat(top + part.at("/cut/heightMm").asDouble()).isLessThanOrEqualTo(1930);
      assertThat(left + part.at("/cut/widthMm").asDouble()).isLessThanOrEqualTo(1040.001);
    }
  }

  @Test
  void onADragALayOverSeveralFacesIsReadOnTheOneThatIsLookedAt() {
    JsonNode document = get("/api/pieces/wardrobe").body().path("document");
    ObjectNode question = json.createObjectNode().put("layId", "marsh").put("faceId", "drawer-1");
    question.set("document", document);
    JsonNode drawer = post("/api/readings/lay", question).body();
    assertThat(drawer.path("faceId").asString()).isEqualTo("drawer-1");
    assertThat(drawer.at("/laid/items")).isNotEmpty();
    question.put("faceId", "plinth");
    Answer nowhere = post("/api/readings/lay", question);
    assertThat(nowhere.status()).isEqualTo(422);
    assertThat(nowhere.detail()).contains("Face (plinth)");
  }

  @Test
  void sheetsAreKeptForThePieceThatAskedFirstAndShortForTheNext() {
    JsonNode screen = get("/api/pieces/folding-screen/gather").body().path("designs");
    JsonNode paper = find(screen, "lattice-shells");
    assertThat(paper.path("needText").asString()).isEqualTo("10 sheets");
    JsonNode tin = get("/api/pieces/biscuit-tin/gather").body().path("designs");
    JsonNode same = find(tin, "lattice-shells");
    // ten on the shelf: both together want eleven
    assertThat(paper.path("enough").asBoolean() && same.path("enough").asBoolean()).isFalse();
    assertThat(paper.path("enough").asBoolean() || same.path("enough").asBoolean()).isTrue();
    JsonNode stool = get("/api/pieces/step-stool/gather").body().path("designs");
    assertThat(find(stool, "paper-boat").path("needText").asString()).isEqualTo("2 pieces");
    assertThat(find(stool, "lighthouse-card").path("needText").asString()).isEqualTo("1 piece");
    assertThat(find(stool, "pale-gold-foil").path("enough").asBoolean()).isTrue();
  }

  @Test
  void everyKindOfSheetIsLaidByTheRuleThatSuitsTheFace() {
    JsonNode chest = newChest("Sheets").path("document");
    Map<String, String> expected =
        Map.of(
            "moonrise-reeds", "ACROSS",
            "gull-grasses", "COVER",
            "lattice-shells", "COVER",
            "paper-boat", "COLLAGE",
            "pale-gold-foil", "STRIPS",
            "plaster-fabric", "STRIPS",
            "marsh-chart", "PAGES",
            "estuary-blend", "WHOLE_FACE");
    expected.forEach(
        (design, rule) -> {
          JsonNode laid = layDesign(chest, "front", design);
          assertThat(laid.at("/document/lays/0/rule/kind").asString()).as(design).isEqualTo(rule);
          JsonNode view =
              lay(
                  post("/api/readings", laid.path("document")).body(),
                  "front",
                  laid.path("layId").asString());
          assertThat(view.at("/laid/items")).as(design).isNotEmpty();
          assertThat(view.at("/laid/options/0/title").asString()).as(design).isNotBlank();
        });
    JsonNode planter = newPiece("Planter", "PLANTER", Map.of("top", 700.0)).path("document");
    assertThat(
            layDesign(planter, "wall", "gull-grasses").at("/document/lays/0/rule/kind").asString())
        .isEqualTo("WRAP");
  }

  @Test
  void aThinPrintOverADarkGroundIsWarnedOf() {
    JsonNode chest = newChest("Dark").path("document");
    JsonNode laid = layDesign(chest, "front", "gull-grasses").path("document");
    ObjectNode face = json.createObjectNode().put("id", "front").put("makeUp", "WOOD");
    face.put("ground", "#1F4650").put("standing", "OF_THE_FORM").put("ownMarks", false);
    ObjectNode dark = (ObjectNode) laid.deepCopy();
    dark.putArray("faces").add(face);
    String id = laid.at("/lays/0/id").asString();
    assertThat(texts(lay(post("/api/readings", dark).body(), "front", id).path("notes"), "text"))
        .anyMatch(t -> t.startsWith("The ground shines through: where the print is"));
  }

  @Test
  void aLayOverFacesOutlivesOneOfThem() {
    JsonNode document = get("/api/pieces/wardrobe").body().path("document");
    ObjectNode twice = (ObjectNode) document.deepCopy();
    ((ObjectNode) twice.at("/lays/0")).putArray("alsoOn").add("door-1");
    Answer refused = post("/api/readings", twice);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("Faces of the lay");
  }

  @Test
  void onAnInsetNothingIsTrimmedAndAPieceWithSheetsOnlyIsLaidOut() {
    JsonNode screen =
        newPiece("Screen", "SCREEN", Map.of("panels", 2.0, "insets", 1.0, "height", 900.0));
    JsonNode inset = layDesign(screen.path("document"), "panel-1-inset-1", "moonrise-reeds");
    assertThat(inset.at("/document/lays/0/rule/measures/allowance").asDouble()).isZero();
    JsonNode panel = layDesign(screen.path("document"), "panel-1", "moonrise-reeds");
    assertThat(panel.at("/document/lays/0/rule/measures/allowance").asDouble()).isEqualTo(6);
    String seal = newPot("clear-satin", "900");
    save(screen, outOf(seal, inset.path("document")), "Laid a transfer", null);
    JsonNode route = get("/api/pieces/" + screen.path("id").asString() + "/route").body();
    assertThat(route.path("settled").valueStream().map(JsonNode::asString))
        .containsExactly("SURVEY", "CHOOSE", "LAY_OUT", "COATS");
  }

  @Test
  void theMapAsAFileHoldsItsPicturesAndThePageItsParts() throws IOException {
    String map =
        new String(
            get("/api/pieces/wardrobe/map.svg").raw().body(),
            java.nio.charset.StandardCharsets.UTF_8);
    // one picture, however many parts show it
    assertThat(map.split("<image id=\"art-", -1)).hasSize(3);
    assertThat(map).contains("href=\"data:image/svg+xml;base64,");
    assertThat(map.split("<use href=\"#art-1\"", -1).length).isGreaterThan(5);
    byte[] page = get("/api/pieces/wardrobe/faces/door-1/print?paper=A4").raw().body();
    try (PDDocument read = Loader.loadPDF(page)) {
      assertThat(new PDFTextStripper().getText(read))
          .contains("Part 1, Left door:", "Drawer 1:", "from the left");
    }
  }

  @Test
  void theCuttingPatternShowsEveryPartInMillimetres() {
    String svg =
        new String(
            get("/api/pieces/tapered-planter/lays/gulls-round/cut.svg").raw().body(),
            java.nio.charset.StandardCharsets.UTF_8);
    assertThat(svg.split("class=\"part\"", -1)).hasSize(4);
    assertThat(SvgReader.read(svg).trueSize()).isTrue();
  }
}
