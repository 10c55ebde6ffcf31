package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.SvgReader;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
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

  private static List<String> texts(JsonNode list, String key) {
    return list.valueStream().map(n -> n.path(key).asString()).toList();
  }

  private JsonNode edit(JsonNode document, String faceId, String designId) {
    ObjectNode question = json.createObjectNode();
    question.set("document", document);
    question.set(
        "edit",
        json.createObjectNode()
            .put("kind", "LAY_DESIGN")
            .put("faceId", faceId)
            .put("designId", designId));
    return post("/api/lay-edits", question).body();
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
    // all that is laid is counted once, on the face it was laid on
    assertThat(texts(lead.at("/laid/takes"), "name")).contains("Sheets");
    assertThat(texts(other.at("/laid/takes"), "name")).doesNotContain("Sheets");
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
    // eleven on the shelf: both together want twelve
    assertThat(paper.path("enough").asBoolean() && same.path("enough").asBoolean()).isFalse();
    assertThat(paper.path("enough").asBoolean() || same.path("enough").asBoolean()).isTrue();
    JsonNode stool = get("/api/pieces/step-stool/gather").body().path("designs");
    assertThat(find(stool, "paper-boat").path("needText").asString()).isEqualTo("2 pieces");
    assertThat(find(stool, "lighthouse-card").path("needText").asString()).isEqualTo("1 piece");
    assertThat(find(stool, "pale-gold-foil").path("enough").asBoolean()).isTrue();
  }

  private static JsonNode find(JsonNode designs, String id) {
    return designs
        .valueStream()
        .filter(d -> d.path("designId").asString().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no need of " + id));
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
          JsonNode laid = edit(chest, "front", design);
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
    assertThat(edit(planter, "wall", "gull-grasses").at("/document/lays/0/rule/kind").asString())
        .isEqualTo("WRAP");
  }

  @Test
  void aThinPrintOverADarkGroundIsWarnedOf() {
    JsonNode chest = newChest("Dark").path("document");
    JsonNode laid = edit(chest, "front", "gull-grasses").path("document");
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
    JsonNode inset = edit(screen.path("document"), "panel-1-inset-1", "moonrise-reeds");
    assertThat(inset.at("/document/lays/0/rule/measures/allowance").asDouble()).isZero();
    JsonNode panel = edit(screen.path("document"), "panel-1", "moonrise-reeds");
    assertThat(panel.at("/document/lays/0/rule/measures/allowance").asDouble()).isEqualTo(6);
    save(screen, inset.path("document"), "Laid a transfer", null);
    JsonNode route = get("/api/pieces/" + screen.path("id").asString() + "/route").body();
    assertThat(texts(route.path("settled"), "").size()).isEqualTo(3);
    assertThat(route.path("nextText").asString()).contains("Moonrise over the reeds");
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
  void whatIsCutIsBookedWithItsLeftoversAndCanBeTakenBack() {
    JsonNode chest = newChest("To be cut");
    String base = "/api/pieces/" + chest.path("id").asString();
    JsonNode laid = edit(chest.path("document"), "front", "sea-holly");
    save(chest, laid.path("document"), "Laid a transfer", null);
    JsonNode before = get(base + "/cuts").body().get(0);
    assertThat(before.path("isCut").asBoolean()).isFalse();
    assertThat(before.path("sheetsText").asString()).isEqualTo("1 sheet, 1 is the least possible");
    JsonNode sheet = before.at("/sheets/0");
    assertThat(sheet.path("pieces")).hasSize(2); // it comes in two parts
    assertThat(get(base + "/route").body().path("next").asString()).isEqualTo("CUT");

    ObjectNode nonsense = json.createObjectNode();
    nonsense.putArray("kept").addObject().put("sheet", 7).put("rest", 0);
    Answer refused = put(base + "/cuts/sea-holly", nonsense);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).startsWith("Kept (sheet 7, rest 0) is not among what is left");
    // nothing of it was booked
    assertThat(get(base + "/cuts").body().get(0).path("isCut").asBoolean()).isFalse();

    ObjectNode done = json.createObjectNode();
    int rests = sheet.path("rests").size();
    for (int r = 0; r < rests; r++) {
      done.withArray("kept").addObject().put("sheet", 0).put("rest", r);
    }
    int offcuts = offcutsOf("sea-holly");
    JsonNode after = put(base + "/cuts/sea-holly", done).body().get(0);
    assertThat(after.path("isCut").asBoolean()).isTrue();
    assertThat(offcutsOf("sea-holly")).isEqualTo(offcuts + rests);
    JsonNode need = find(get(base + "/gather").body().path("designs"), "sea-holly");
    assertThat(need.path("verdictText").asString()).isEqualTo("cut and booked");

    JsonNode back = delete(base + "/cuts/sea-holly").body().get(0);
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
    JsonNode laid = edit(chest.path("document"), "front", "moonrise-reeds");
    save(chest, laid.path("document"), "Laid a transfer", null);
    JsonNode plan = get(base + "/cuts").body().get(0);
    assertThat(plan.at("/sheets/0/isLeftover").asBoolean()).isTrue();
    assertThat(plan.path("sheetsText").asString()).startsWith("0 sheets");
    int offcuts = leftNow("moonrise-reeds");
    JsonNode done = put(base + "/cuts/moonrise-reeds", json.createObjectNode()).body().get(0);
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

  @Test
  void theCuttingPatternShowsEveryPartInMillimetres() {
    String svg =
        new String(
            get("/api/pieces/tapered-planter/lays/gulls-round/cut.svg").raw().body(),
            java.nio.charset.StandardCharsets.UTF_8);
    assertThat(svg.split("class=\"part\"", -1)).hasSize(4);
    assertThat(SvgReader.read(svg).trueSize()).isTrue();
  }

  /** Where images and rectangles come to lie, in points from the lower left corner. */
  private static final class Seen extends PDFGraphicsStreamEngine {
    private final java.util.List<java.awt.geom.Rectangle2D> boxes = new java.util.ArrayList<>();
    private final java.util.List<java.awt.geom.Rectangle2D> images = new java.util.ArrayList<>();

    Seen(PDPage page) throws IOException {
      super(page);
      processPage(page);
    }

    @Override
    public void appendRectangle(
        java.awt.geom.Point2D a,
        java.awt.geom.Point2D b,
        java.awt.geom.Point2D c,
        java.awt.geom.Point2D d) {
      java.awt.geom.Rectangle2D box = new java.awt.geom.Rectangle2D.Double();
      box.setFrameFromDiagonal(a, c);
      boxes.add(box);
    }

    @Override
    public void drawImage(PDImage image) {
      var m = getGraphicsState().getCurrentTransformationMatrix();
      java.awt.geom.Rectangle2D box = new java.awt.geom.Rectangle2D.Double();
      box.setFrameFromDiagonal(
          m.getTranslateX(),
          m.getTranslateY(),
          m.getTranslateX() + m.getScaleX(),
          m.getTranslateY() + m.getScaleY());
      images.add(box);
    }

    @Override
    public void clip(int windingRule) {}

    @Override
    public void moveTo(float x, float y) {}

    @Override
    public void lineTo(float x, float y) {}

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {}

    @Override
    public java.awt.geom.Point2D getCurrentPoint() {
      return new java.awt.geom.Point2D.Float();
    }

    @Override
    public void closePath() {}

    @Override
    public void endPath() {}

    @Override
    public void strokePath() {}

    @Override
    public void fillPath(int windingRule) {}

    @Override
    public void fillAndStrokePath(int windingRule) {}

    @Override
    public void shadingFill(COSName shadingName) {}
  }

  @Test
  void anEnlargedImageIsPrintedAtTrueSizeOverItsPages() throws IOException {
    byte[] pdf = get("/api/pieces/wardrobe/lays/chart-left/pages?paper=A4").raw().body();
    double mm = 72 / 25.4;
    try (PDDocument read = Loader.loadPDF(pdf)) {
      // the map of the pages and the square, then two by two pages
      assertThat(read.getNumberOfPages()).isEqualTo(5);
      assertThat(new PDFTextStripper().getText(read)).contains("Page A1", "Page B2", "50 mm");
      Seen first = new Seen(read.getPage(0));
      assertThat(first.boxes.getFirst().getWidth()).isCloseTo(50 * mm, within(0.2 * mm));
      assertThat(first.boxes.getFirst().getHeight()).isCloseTo(50 * mm, within(0.2 * mm));
      Seen a1 = new Seen(read.getPage(1));
      Seen a2 = new Seen(read.getPage(2));
      assertThat(a1.images.getFirst().getWidth()).isCloseTo(420 * mm, within(0.2 * mm));
      // the second page shows what lies a page less its overlap further to the right
      assertThat(a1.images.getFirst().getX() - a2.images.getFirst().getX())
          .isCloseTo((277 - 10) * mm, within(0.2 * mm));
    }
    Answer none = get("/api/pieces/wardrobe/lays/marsh/pages");
    assertThat(none.status()).isEqualTo(422);
    assertThat(none.detail()).contains("is no image over pages");
  }
}
