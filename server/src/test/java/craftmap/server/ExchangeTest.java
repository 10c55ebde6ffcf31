package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.SvgReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Pieces out into files and in from them, and their photos. */
class ExchangeTest extends ServerTest {
  private String file(String path) {
    return new String(get(path).raw().body(), StandardCharsets.UTF_8);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "sea-chest",
        "folding-screen",
        "wardrobe",
        "wall-clock",
        "tapered-planter",
        "step-stool",
        "biscuit-tin"
      })
  void everyDemoPieceComesBackFromItsFileAsItWas(String id) {
    byte[] out = get("/api/pieces/" + id + "/export").raw().body();
    Answer in = upload("/api/pieces/import", out);
    assertThat(in.status()).isEqualTo(201);
    JsonNode again = get("/api/pieces/" + in.body().path("id").asString()).body();
    JsonNode first = get("/api/pieces/" + id).body();
    assertThat(again.path("document")).isEqualTo(first.path("document"));
    assertThat(withoutTheShelf(again.path("reading")))
        .isEqualTo(withoutTheShelf(first.path("reading")));
  }

  /** What the copy may count on is what the first piece has not asked for already. */
  private static String withoutTheShelf(JsonNode reading) {
    return reading
        .toString()
        .replaceAll(",?\\{[^{}]*\"text\":\"The shelf has[^{}]*}", "")
        .replaceAll(",?\\{[^{}]*\"rule\":\"pot-(?:enough|short)\"[^{}]*}", "");
  }

  @Test
  void aPlanOfTheFirstVersionIsBroughtUpToThisOne() {
    String old =
        """
        {"format": "craft-map-piece", "version": 1, "photos": [], "plan":
         {"schema": 1, "name": "Old chest",
          "form": {"kind": "CHEST", "widthMm": 870, "heightMm": 420, "depthMm": 450},
          "faces": [
            {"id": "front", "makeUp": "PAINTED", "ground": "#1F4650",
             "keepOuts": [{"id": "k", "name": "Lock", "leftMm": 400, "topMm": 0,
                           "widthMm": 50, "heightMm": 40}],
             "blemishes": [{"id": "b", "number": 1, "kind": "chip", "xMm": 5, "yMm": 6,
                            "diameterMm": 7}]},
            {"id": "lid", "makeUp": "BARE_WOOD", "ground": "#D9CFBC", "keepOuts": [],
             "blemishes": []}],
          "lays": []}}""";
    Answer in = upload("/api/pieces/import", old.getBytes(StandardCharsets.UTF_8));
    JsonNode piece = get("/api/pieces/" + in.body().path("id").asString()).body();
    assertThat(piece.at("/document/schema").asInt()).isEqualTo(6);
    JsonNode front = piece.at("/reading/faces/0");
    assertThat(front.path("makeUpText").asString()).isEqualTo("wood, painted");
    assertThat(front.at("/width/mm").asDouble()).isEqualTo(870);
    assertThat(front.at("/keepOuts/0/area/leftMm").asDouble()).isEqualTo(400);
    assertThat(front.at("/blemishes/0/kind").asString()).isEqualTo("chip");
  }

  @Test
  void aBrokenOrHostileFileIsRefusedWithPlaceAndReasonAndNothingChanges() {
    String good = file("/api/pieces/wall-clock/export");
    int before = get("/api/pieces").body().size();
    Map<String, String> broken =
        Map.of(
            good.substring(0, good.length() / 2),
            "Piece file (line ",
            "[1, 2]",
            "Piece file (no format)",
            good.replace("\"version\" : 1", "\"version\" : 9"),
            "Piece file (version 9)",
            good.replace("\"WOOD\"", "\"CHEESE\""),
            "Piece file (plan.faces[",
            good.replace("\"plan\" :", "\"plan\" : 3, \"x\" :"),
            "Plan (no object)",
            good.replaceFirst("\"xMm\" : [0-9.]+", "\"xMm\" : 1e9"),
            "Place of the ",
            good.replace(
                "\"photos\" : [ ]",
                "\"photos\" : [{\"id\": \"a\", \"stage\": \"BEFORE\", \"jpeg\": \"!!\"}]"),
            "Piece file (photo 1) is not Base64");
    broken.forEach(
        (text, said) -> {
          Answer refused = upload("/api/pieces/import", text.getBytes(StandardCharsets.UTF_8));
          assertThat(refused.status()).as(said).isEqualTo(422);
          assertThat(refused.detail()).startsWith(said);
        });
    assertThat(get("/api/pieces").body().size()).isEqualTo(before);
  }

  @Test
  void theMapAndTheTemplatesAreSvgInMillimetresWithNamedGroups() {
    String map = file("/api/pieces/wardrobe/map.svg");
    assertThat(map).contains("<g id=\"face-door-1\"").contains("<title>Left door</title>");
    assertThat(map).contains("class=\"lay\"").contains("class=\"hole\"");
    String templates = file("/api/pieces/tapered-planter/templates.svg");
    String path = templates.replaceAll("(?s).*class=\"outline\" d=\"([^\"]*)\".*", "$1");
    String alone =
        "<svg xmlns='http://www.w3.org/2000/svg' width='900mm' height='900mm'"
            + " viewBox='0 0 900 900'><path d='"
            + path
            + "'/></svg>";
    assertThat(SvgReader.read(alone).openings().areaMm2()).isCloseTo(151_685, within(1.0));
  }

  @Test
  void theTemplatesAreDxfWithTrueArcs() {
    String dxf = file("/api/pieces/tapered-planter/templates.dxf");
    assertThat(dxf).startsWith("0\r\nSECTION").endsWith("0\r\nEOF\r\n").contains("AC1009");
    assertThat(dxf.split("0\r\nARC\r\n", -1)).hasSize(3); // the two rims
    assertThat(dxf).contains("40\r\n917.5661").contains("40\r\n687.5661");
    String clock = file("/api/pieces/wall-clock/templates.dxf");
    assertThat(clock).contains("0\r\nCIRCLE\r\n8\r\nDIAL\r\n").contains("DIAL_HOLES");
  }

  @Test
  void theMapAndTheLabelsArePrinted() throws IOException {
    assertThat(text("/api/pieces/wardrobe/print/map?paper=LETTER", 612))
        .contains("Wardrobe with two doors", "Left door: 19 7/8", "Parts that come off", "knob: 1");
    assertThat(text("/api/pieces/wardrobe/print/labels?paper=A4", 595))
        .contains("Left door", "Bag of Drawer 1", "knobs: 2");
    assertThat(text("/api/pieces/tapered-planter/print/labels", 595))
        .contains("Nothing comes off this piece");
  }

  private String text(String path, int widthPt) throws IOException {
    try (PDDocument read = Loader.loadPDF(get(path).raw().body())) {
      assertThat(Math.round(read.getPage(0).getMediaBox().getWidth())).isEqualTo(widthPt);
      return new PDFTextStripper().getText(read);
    }
  }

  @Test
  void aPhotoIsKeptUprightSmallEnoughAndWithoutWhereItWasTaken() throws IOException {
    byte[] sideways = SamplePictures.jpegTakenSideways(3000, 1200);
    assertThat(new String(sideways, StandardCharsets.ISO_8859_1)).contains("Saltmarsh quay");
    Answer added = upload("/api/pieces/sea-chest/photos?stage=BEFORE&caption=The%20lid", sideways);
    assertThat(added.status()).isEqualTo(201);
    byte[] kept = get(added.body().path("address").asString()).raw().body();
    assertThat(new String(kept, StandardCharsets.ISO_8859_1))
        .doesNotContain("Exif")
        .doesNotContain("Saltmarsh quay");
    var image = ImageIO.read(new java.io.ByteArrayInputStream(kept));
    assertThat(image.getWidth()).isEqualTo(960);
    assertThat(image.getHeight()).isEqualTo(2400);
    // the red left edge of the picture as it was held turns to the top
    assertThat(image.getRGB(480, 20) >> 16 & 0xff).isGreaterThan(200);
    assertThat(image.getRGB(480, 2380) & 0xff).isGreaterThan(200);
    delete("/api/photos/" + added.body().path("id").asString());
    assertThat(get(added.body().path("address").asString()).status()).isEqualTo(404);
  }

  @Test
  void picturesOfOtherKindsAreReadByTheirContentAndOthersRefused() {
    assertThat(
            upload("/api/pieces/sea-chest/photos?stage=AFTER", SamplePictures.png(40, 30)).status())
        .isEqualTo(201);
    assertThat(upload("/api/pieces/sea-chest/photos?stage=AFTER", SamplePictures.webp()).status())
        .isEqualTo(201);
    byte[] script = "<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8);
    assertThat(upload("/api/pieces/sea-chest/photos?stage=AFTER", script).detail())
        .startsWith("Photo (the file) is no picture of a kind that is read here");
    byte[] cut = java.util.Arrays.copyOf(SamplePictures.png(400, 300), 60);
    assertThat(upload("/api/pieces/sea-chest/photos?stage=AFTER", cut).detail())
        .startsWith("Photo (PNG) is broken");
    assertThat(
            upload(
                    "/api/pieces/sea-chest/photos?stage=AFTER",
                    SamplePictures.pngClaiming(60_000, 60_000))
                .detail())
        .startsWith("Photo (60000 × 60000 pixels) is too large");
    assertThat(upload("/api/pieces/no-such/photos?stage=AFTER", SamplePictures.png(4, 4)).status())
        .isEqualTo(404);
  }

  @Test
  void photosAndTheBlemishesThatPointToThemTravelWithThePiece() {
    JsonNode piece = newChest("Travels");
    String photo =
        upload(
                "/api/pieces/" + piece.path("id").asString() + "/photos?stage=DURING",
                SamplePictures.png(8, 8))
            .body()
            .path("id")
            .asString();
    ObjectNode plan = (ObjectNode) piece.path("document").deepCopy();
    ObjectNode face = plan.withArray("faces").addObject();
    face.put("id", "front").put("makeUp", "WOOD").put("ground", "#FFFFFF").put("ownMarks", false);
    face.withArray("blemishes")
        .addObject()
        .put("id", "b")
        .put("number", 1)
        .put("kind", "chip")
        .put("xMm", 3)
        .put("yMm", 4)
        .put("diameterMm", 5)
        .put("photoId", photo);
    assertThat(save(piece, plan, "chip", null).status()).isEqualTo(200);
    byte[] out = get("/api/pieces/" + piece.path("id").asString() + "/export").raw().body();
    String id = upload("/api/pieces/import", out).body().path("id").asString();
    JsonNode photos = get("/api/pieces/" + id + "/photos").body();
    assertThat(photos).hasSize(1);
    assertThat(photos.path(0).path("id").asString()).isNotEqualTo(photo);
    assertThat(get("/api/pieces/" + id).body().at("/reading/faces/0/blemishes/0/photoId"))
        .isEqualTo(photos.path(0).path("id"));
  }

  /** A map has another order at every start of a server; a file has not. */
  @Test
  void keysStandInOneOrderInEveryFile() {
    for (String file : new String[] {"/api/pieces/sea-chest/export", "/api/shelf/file"}) {
      Answer answer = get(file);
      assertThat(answer.status()).as(file).isEqualTo(200);
      int maps = 0;
      for (String name : new String[] {"measures", "choices", "numbers"}) {
        for (JsonNode map : answer.body().findValues(name)) {
          List<String> keys = map.propertyStream().map(Map.Entry::getKey).toList();
          assertThat(keys).as("%s of %s", name, file).isSorted();
          maps += keys.size() > 1 ? 1 : 0;
        }
      }
      assertThat(maps).as(file).isGreaterThan(3);
    }
  }
}
