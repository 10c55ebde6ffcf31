package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The shelf as lists, in and out. */
class ShelfListsTest extends ServerTest {

  private Answer send(String csv) {
    return upload("/api/shelf/lists", csv.getBytes(StandardCharsets.UTF_8));
  }

  private JsonNode finished(String id) {
    return until(
        "/api/shelf/lists/" + id,
        list -> list.path("state").asString().matches("READY|DONE|FAILED"));
  }

  private JsonNode dryRun(String csv) {
    return finished(send(csv).body().path("id").asString());
  }

  private JsonNode take(JsonNode job) {
    String id = job.path("id").asString();
    post("/api/shelf/lists/" + id + "/import", null);
    return finished(id);
  }

  private static JsonNode line(JsonNode job, int number) {
    for (JsonNode l : job.path("lines")) {
      if (l.path("line").asInt() == number) {
        return l;
      }
    }
    throw new AssertionError("no line " + number + " in " + job);
  }

  @Test
  void aDryRunSaysWhatEachRowWouldDoAndChangesNothing() {
    int before = get("/api/shelf").body().size();
    JsonNode job =
        dryRun(
            """
            quantity;name;what;width;height;holds;spread;colour;repeatx;repeaty
            5;List napkin;napkin;330 mm;330 mm;;;;;
            2;Gull and grasses;NAPKIN;;;;;;;
            ;List paint;chalky-paint;;;118;11,5;#9FB8AE;;
            500;Too full;chalky-paint;;;118;;;;
            1;"A sofa; red";SOFA;;;;;;;
            3;Half a repeat;PAPER;500 mm;700 mm;;;;100 mm;0 mm
            x;No number;TRANSFER;;;;;;;
            """);
    assertThat(job.path("state").asString()).isEqualTo("READY");
    assertThat(job.path("fresh").asInt()).isEqualTo(2);
    assertThat(job.path("adding").asInt()).isEqualTo(1);
    assertThat(job.path("errors").asInt()).isEqualTo(4);
    assertThat(line(job, 2).path("text").asString()).isEqualTo("new: napkin, 5");
    assertThat(line(job, 3).path("effect").asString()).isEqualTo("ADDS");
    assertThat(line(job, 5).path("text").asString()).contains("at most 118 ml");
    assertThat(line(job, 6).path("text").asString()).contains("what (SOFA)");
    assertThat(line(job, 7).path("text").asString()).contains("Repeat down");
    assertThat(line(job, 8).path("text").asString()).startsWith("quantity (x)");
    assertThat(get("/api/shelf").body()).hasSize(before);

    JsonNode done = take(job);
    assertThat(done.path("state").asString()).isEqualTo("DONE");
    assertThat(get("/api/shelf?words=List").body().findValuesAsString("name"))
        .contains("List napkin", "List paint");
    JsonNode pot = get("/api/shelf?words=List%20paint").body().path(0);
    JsonNode medium = get("/api/media/" + pot.path("mediumId").asString()).body();
    assertThat(medium.at("/given/label/numbers/spread").asDouble()).isEqualTo(11.5);
    assertThat(post("/api/shelf/lists/" + job.path("id").asString() + "/import", null).status())
        .isEqualTo(422);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "what,name,sofa | column sofa",
        "name,quantity,place | no column what",
        "what,name,name | is there twice",
        "'' | names of the columns",
      })
  void aFileThatIsNoListIsRefusedSayingWhy(String text, String why) {
    Answer refused = send(text + "\nNAPKIN,One,1\n");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains(why);
  }

  @Test
  void aQuoteThatNeverEndsOrCellsWithoutAColumnAreRefused() {
    assertThat(send("what,name\nNAPKIN,\"never ends\n").status()).isEqualTo(422);
    assertThat(send("what,name\nNAPKIN,One,1,2\n").detail()).contains("more cells");
    assertThat(upload("/api/shelf/lists", new byte[] {'w', (byte) 0xFF, (byte) 0xFE, 0}).status())
        .isEqualTo(422);
  }

  @Test
  void tenThousandRowsAreTakenWhole() {
    StringBuilder csv = new StringBuilder("what,name,quantity,width,height,holds,place\n");
    for (int i = 0; i < 10_000; i++) {
      if (i % 4 == 3) {
        csv.append("craft-acrylic,Bulk pot ").append(i).append(",40,,,59,Crate\n");
      } else {
        csv.append("TRANSFER,Bulk sheet ").append(i).append(",2,300 mm,200 mm,,Crate\n");
      }
    }
    JsonNode job = dryRun(csv.toString());
    assertThat(job.path("fresh").asInt()).isEqualTo(10_000);
    assertThat(job.path("lines")).hasSize(500);
    JsonNode done = take(job);
    assertThat(done.path("state").asString()).isEqualTo("DONE");
    assertThat(done.path("done").asInt()).isEqualTo(10_000);
    assertThat(get("/api/shelf?words=bulk").body()).hasSize(10_000);
    assertThat(get("/api/shelf?words=bulk%20sheet%2042").body()).isNotEmpty();
  }

  @Test
  void whatGoesOutAsCsvComesBackInAsTheSameDesigns() {
    String csv = new String(get("/api/shelf/list.csv").raw().body(), StandardCharsets.UTF_8);
    assertThat(csv).startsWith("what,name,motif");
    JsonNode job = dryRun(csv);
    assertThat(job.path("errors").asInt()).as("%s", job.path("lines").path(0)).isZero();
    assertThat(job.path("adding").asInt()).isGreaterThan(20);
  }

  @Test
  void theShelfComesBackFromItsJsonFileWithPicturesAndLevels() {
    byte[] file = get("/api/shelf/file").raw().body();
    JsonNode shelf = json.readTree(file);
    JsonNode one = null;
    for (JsonNode d : shelf.path("designs")) {
      if (d.at("/design/name").asString().equals("Sea holly and moths")) {
        one = d;
      }
    }
    assertThat(one).isNotNull();
    assertThat(one.path("artwork").asString()).isNotBlank();
    var small = json.createObjectNode().put("format", "craft-map-shelf").put("version", 1);
    var copy = (tools.jackson.databind.node.ObjectNode) one.deepCopy();
    ((tools.jackson.databind.node.ObjectNode) copy.path("design")).put("name", "Came back");
    small.putArray("designs").add(copy);
    small.putArray("media");
    small.putArray("tools");
    Answer read = upload("/api/shelf/file", json.writeValueAsBytes(small));
    assertThat(read.status()).as(read.detail()).isEqualTo(201);
    JsonNode card = get("/api/shelf?words=Came%20back&things=DESIGN").body().path(0);
    JsonNode back = get("/api/designs/" + card.path("id").asString()).body();
    assertThat(back.at("/reading/sheetWidthMm").asDouble()).isEqualTo(420);
    assertThat(back.at("/given/motifs")).hasSize(3);
    assertThat(back.at("/holdings/0/holding/level").asDouble()).isEqualTo(1);

    small.put("version", 9);
    assertThat(upload("/api/shelf/file", json.writeValueAsBytes(small)).detail())
        .contains("up to version 1");
    assertThat(upload("/api/shelf/file", "{\"format\":".getBytes()).detail()).contains("line 1");
  }

  @Test
  void labelsCarryNamesPlacesAndCodes() throws IOException {
    String code = get("/api/holdings/deep-estuary").body().at("/holding/code").asString();
    Answer pdf = get("/api/shelf/labels.pdf?holdings=deep-estuary,bone-white&paper=LETTER");
    assertThat(pdf.header("Content-Type")).isEqualTo("application/pdf");
    try (PDDocument document = Loader.loadPDF(pdf.raw().body())) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
      assertThat(new PDFTextStripper().getText(document))
          .contains("Deep estuary", "Bone white", "Paint shelf", code);
    }
    assertThat(get("/api/shelf/labels.pdf?holdings=nothing").status()).isEqualTo(404);
  }

  /** A pot that is empty, or was taken back, is a pot of the shelf like any other. */
  @Test
  void aShelfWithEmptyPotsComesBackIn() {
    ObjectNode file = json.createObjectNode().put("format", "craft-map-shelf").put("version", 1);
    file.putArray("designs");
    file.putArray("tools");
    String name = "Came back " + UUID.randomUUID();
    for (String which : List.of(" one", " two")) {
      ObjectNode medium = file.withArray("media").addObject();
      medium.putObject("medium").put("name", name + which).put("generic", "chalky-paint");
      for (String level : List.of("87.5", "0")) {
        medium
            .withArray("stock")
            .addObject()
            .put("form", "POT")
            .put("unit", "ML")
            .put("level", new BigDecimal(level))
            .put("holds", 118)
            .put("place", "");
      }
    }
    Answer in = upload("/api/shelf/file", json.writeValueAsBytes(file));
    assertThat(in.status()).as(in.detail()).isLessThan(300);
    List<String> ids =
        get("/api/shelf?things=POT&find=" + name.replace(" ", "%20"))
            .body()
            .findValuesAsString("mediumId");
    assertThat(ids).hasSizeGreaterThanOrEqualTo(2);
    for (String id : new TreeSet<>(ids)) {
      JsonNode medium = get("/api/media/" + id).body();
      if (medium.at("/given/name").asString().startsWith(name)) {
        assertThat(medium.path("pots").valueStream().map(p -> p.path("level").asDouble()))
            .containsExactlyInAnyOrder(87.5, 0.0);
      }
    }
  }
}
