package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class PrintTest extends ServerTest {
  @ParameterizedTest
  @CsvSource({"A4, 595.28, 841.89", "LETTER, 612, 792"})
  void aFaceOnPaperHasItsMarksPassesAndPaint(String paper, double width, double height)
      throws IOException {
    Answer answer = get("/api/pieces/sea-chest/faces/front/print?paper=" + paper);
    assertThat(answer.header("Content-Type")).startsWith("application/pdf");
    JsonNode lays = get("/api/pieces/sea-chest").body().at("/reading/faces/0/lays");
    try (PDDocument pdf = Loader.loadPDF(answer.raw().body())) {
      assertThat(pdf.getNumberOfPages()).isLessThanOrEqualTo(2);
      assertThat((double) pdf.getPage(0).getMediaBox().getWidth()).isCloseTo(width, within(0.1));
      assertThat((double) pdf.getPage(0).getMediaBox().getHeight()).isCloseTo(height, within(0.1));
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text).contains("Front, 34 1/4\" × 16 9/16\"").contains("Drawn 1 : ");
      for (JsonNode lay : lays) {
        assertThat(text).contains(lay.path("title").asString());
        assertThat(text).contains(lay.at("/laid/positionsText").asString());
        if (lay.path("painted").asBoolean()) {
          assertThat(text).contains(lay.at("/laid/potText").asString());
        }
        for (JsonNode setOut : lay.at("/laid/setOuts")) {
          for (JsonNode mark : setOut.path("marks")) {
            assertThat(text).contains(mark.path("text").asString());
          }
        }
      }
      assertThat(text).contains("Pass 1: positions 1, 3, 5, 7").doesNotContain("?");
    }
  }

  @ParameterizedTest
  @CsvSource({"roof, A4, 404", "front, PAPYRUS, 400"})
  void aFaceOrPaperThatIsNotThereIsRefused(String face, String paper, int status) {
    assertThat(get("/api/pieces/sea-chest/faces/" + face + "/print?paper=" + paper).status())
        .isEqualTo(status);
  }

  private String textOf(String path) throws IOException {
    Answer answer = get(path);
    assertThat(answer.header("Content-Type")).startsWith("application/pdf");
    try (PDDocument pdf = Loader.loadPDF(answer.raw().body())) {
      return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }
  }

  private static String plain(String text) {
    return text.replaceAll("\\s+", " ").strip();
  }

  /** Every band of every group with what it takes, and whatever is still open. */
  @ParameterizedTest
  @CsvSource({
    "sea-chest, A4",
    "folding-screen, LETTER",
    "tapered-planter, A4",
    "wardrobe, LETTER",
  })
  void theCoatsOnPaperLeaveNothingOut(String piece, String paper) throws IOException {
    JsonNode coats = get("/api/pieces/" + piece + "/coats").body();
    String text = textOf("/api/pieces/" + piece + "/coats/print?paper=" + paper);
    int bands = 0;
    for (JsonNode group : coats.path("groups")) {
      assertThat(text).contains(plain(group.path("name").asString()));
      for (JsonNode band : group.path("bands")) {
        bands++;
        assertThat(text).contains(plain(band.path("title").asString()));
        assertThat(text).contains(plain(band.path("takesText").asString()));
        for (JsonNode hint : band.path("hints")) {
          assertThat(text).contains(plain(hint.asString()));
        }
      }
      for (JsonNode finding : group.path("findings")) {
        if (!finding.has("note")) {
          assertThat(text).contains(plain(finding.path("what").asString()));
        }
      }
    }
    assertThat(bands).isGreaterThan(5);
    assertThat(text).doesNotContain("?");
  }

  @ParameterizedTest
  @CsvSource({"faces/front/print", "print/map"})
  void aFaceAndTheMapTellTheBuildUp(String sheet) throws IOException {
    String text = textOf("/api/pieces/sea-chest/" + sheet + "?paper=A4");
    assertThat(text).contains("from the surface up");
    JsonNode group =
        get("/api/pieces/sea-chest/coats")
            .body()
            .path("groups")
            .valueStream()
            .filter(
                g ->
                    g.path("places")
                        .valueStream()
                        .anyMatch(p -> p.at("/place/faceId").asString().equals("front")))
            .findFirst()
            .orElseThrow();
    for (JsonNode band : group.path("bands")) {
      assertThat(text).contains(plain(band.path("title").asString()));
    }
  }
}
