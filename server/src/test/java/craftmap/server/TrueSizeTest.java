package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Prints at true size: their coordinates read back and measured. */
class TrueSizeTest extends ServerTest {
  /** What is promised. */
  private static final Offset<Double> TRUE = within(0.2);

  private static final double MARGIN_MM = 10;
  private static final double OVERLAP_MM = 10;

  private Answer begin(String pieceId, String what, String paper, String faceId) {
    ObjectNode wish = json.createObjectNode().put("what", what).put("paper", paper);
    if (faceId != null) {
      wish.put("faceId", faceId);
    }
    return post("/api/pieces/" + pieceId + "/prints", wish);
  }

  private PDDocument print(String pieceId, String what, String paper, String faceId)
      throws IOException {
    return Loader.loadPDF(file(finished(begin(pieceId, what, paper, faceId))));
  }

  private static List<Point2D> longest(List<List<Point2D>> paths) {
    return paths.stream()
        .filter(p -> p.size() > 2)
        .max(
            java.util.Comparator.comparingDouble(
                p -> {
                  double length = 0;
                  for (int i = 1; i < p.size(); i++) {
                    length += p.get(i).distance(p.get(i - 1));
                  }
                  return length;
                }))
        .orElseThrow();
  }

  private static Rectangle2D around(List<Point2D> path) {
    Rectangle2D box = new Rectangle2D.Double();
    box.setFrameFromDiagonal(path.getFirst(), path.getFirst());
    path.forEach(box::add);
    return box;
  }

  @ParameterizedTest
  @CsvSource({"A4, 210, 297", "LETTER, 215.9, 279.4"})
  void aTemplateIsTrueAcrossItsPages(String paper, double wide, double tall) throws IOException {
    JsonNode chest =
        newPiece(
            "Template " + paper, "CHEST", Map.of("width", 345.0, "height", 412.0, "depth", 90.0));
    try (PDDocument pdf = print(chest.path("id").asString(), "TEMPLATES", paper, "front")) {
      Rectangle2D check = DrawnPage.of(pdf.getPage(0)).boxes().getFirst();
      assertThat(check.getWidth()).isCloseTo(50, TRUE);
      assertThat(check.getHeight()).isCloseTo(50, TRUE);
      assertThat(new PDFTextStripper().getText(pdf)).contains("Print at 100 %").contains("page A1");
      // two pages across and two down, upright on either paper
      assertThat(pdf.getNumberOfPages()).isEqualTo(1 + 4);
      for (int page = 0; page < 4; page++) {
        Rectangle2D outline = around(longest(DrawnPage.of(pdf.getPage(1 + page)).paths()));
        assertThat(outline.getWidth()).isCloseTo(345, TRUE);
        assertThat(outline.getHeight()).isCloseTo(412, TRUE);
        double left = MARGIN_MM - (page % 2) * (wide - 2 * MARGIN_MM - OVERLAP_MM);
        double top = MARGIN_MM - (page / 2) * (tall - 2 * MARGIN_MM - OVERLAP_MM);
        assertThat(outline.getX()).isCloseTo(left, TRUE);
        assertThat(outline.getY()).isCloseTo(top, TRUE);
      }
    }
  }

  @Test
  void crossesOfNeighbouringPagesLieOnEachOther() throws IOException {
    JsonNode chest =
        newPiece("Crosses", "CHEST", Map.of("width", 345.0, "height", 200.0, "depth", 90.0));
    try (PDDocument pdf = print(chest.path("id").asString(), "TEMPLATES", "A4", "front")) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(3);
      double step =
          pdf.getPage(1).getMediaBox().getWidth() * 25.4 / 72 - 2 * MARGIN_MM - OVERLAP_MM;
      List<Point2D> first = crosses(DrawnPage.of(pdf.getPage(1)));
      List<Point2D> second = crosses(DrawnPage.of(pdf.getPage(2)));
      assertThat(first).hasSize(2).hasSameSizeAs(second);
      for (int i = 0; i < first.size(); i++) {
        assertThat(first.get(i).getX() - step).isCloseTo(second.get(i).getX(), TRUE);
        assertThat(first.get(i).getY()).isCloseTo(second.get(i).getY(), TRUE);
      }
    }
  }

  /** The middles of level lines of 8 mm. */
  private static List<Point2D> crosses(DrawnPage page) {
    return page.paths().stream()
        .filter(p -> p.size() == 2)
        .filter(p -> Math.abs(p.get(0).getY() - p.get(1).getY()) < 0.01)
        .filter(p -> Math.abs(p.get(0).distance(p.get(1)) - 8) < 0.01)
        .map(
            p ->
                (Point2D)
                    new Point2D.Double((p.get(0).getX() + p.get(1).getX()) / 2, p.get(0).getY()))
        .toList();
  }

  @Test
  void everyTickOfAStripIsWhereTheMarkBelongs() throws IOException {
    JsonNode chest = newChest("Strips");
    JsonNode saved =
        save(chest, withFernBand(chest.path("document"), "band", 40), "Ferns", null).body();
    List<Double> marks =
        saved
            .at("/reading/faces")
            .valueStream()
            .flatMap(f -> f.path("lays").valueStream())
            .flatMap(l -> l.at("/laid/setOuts/0/marks").valueStream())
            .map(m -> m.path("exactMm").asDouble())
            .toList();
    assertThat(marks).hasSizeGreaterThan(4);
    try (PDDocument pdf = print(saved.path("id").asString(), "STRIPS", "A4", null)) {
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text).contains("glued where the letters match").contains("row 4 of 4");
      DrawnPage page = DrawnPage.of(pdf.getPage(1));
      double row = pdf.getPage(1).getMediaBox().getWidth() * 25.4 / 72 - 2 * MARGIN_MM - 12;
      List<Double> ticks =
          page.paths().stream()
              .filter(p -> p.size() == 2)
              .filter(p -> Math.abs(p.get(0).getX() - p.get(1).getX()) < 0.01)
              .filter(p -> Math.abs(p.get(0).distance(p.get(1)) - 8) < 0.05)
              .map(
                  p ->
                      p.getFirst().getX()
                          - MARGIN_MM
                          + row * Math.round((p.getFirst().getY() - MARGIN_MM) / 27))
              .sorted()
              .toList();
      assertThat(ticks).hasSameSizeAs(marks);
      for (int i = 0; i < marks.size(); i++) {
        assertThat(ticks.get(i)).isCloseTo(marks.get(i), TRUE);
      }
    }
  }

  @Test
  void partsComeAtTheSizeTheyAreCut() throws IOException {
    List<JsonNode> parts =
        get("/api/pieces/biscuit-tin/cuts")
            .body()
            .path("designs")
            .valueStream()
            .flatMap(d -> d.path("sheets").valueStream())
            .flatMap(s -> s.path("pieces").valueStream())
            .map(p -> p.path("box"))
            .toList();
    try (PDDocument pdf = print("biscuit-tin", "PARTS", "A4", null)) {
      for (JsonNode part : parts) {
        double w = part.path("widthMm").asDouble();
        double h = part.path("heightMm").asDouble();
        boolean found = false;
        for (int page = 1; page < pdf.getNumberOfPages(); page++) {
          found |=
              DrawnPage.of(pdf.getPage(page)).boxes().stream()
                  .anyMatch(
                      b ->
                          Math.abs(b.getWidth() - w) < 0.2 && Math.abs(b.getHeight() - h) < 0.2
                              || Math.abs(b.getWidth() - h) < 0.2
                                  && Math.abs(b.getHeight() - w) < 0.2);
        }
        assertThat(found).as("a part of %s x %s mm", w, h).isTrue();
      }
    }
  }

  @Test
  void anEnlargedImageIsPrintedOverItsPages() throws IOException {
    try (PDDocument read = print("wardrobe", "IMAGES", "A4", null)) {
      // what there is and the square, then two by two pages
      assertThat(read.getNumberOfPages()).isEqualTo(5);
      assertThat(new PDFTextStripper().getText(read)).contains("page A1", "page B2", "50 mm");
      DrawnPage a1 = DrawnPage.of(read.getPage(1));
      DrawnPage a2 = DrawnPage.of(read.getPage(2));
      assertThat(a1.images().getFirst().getWidth()).isCloseTo(420, TRUE);
      // the second page shows what lies a page less its overlap further to the right
      assertThat(a1.images().getFirst().getX() - a2.images().getFirst().getX())
          .isCloseTo(277 - 10, TRUE);
    }
  }

  @Test
  void whatAPieceHasIsOfferedAndTheRestRefused() {
    List<String> possible =
        get("/api/pieces/sea-chest/prints?paper=LETTER")
            .body()
            .valueStream()
            .map(p -> p.path("what").asString())
            .toList();
    assertThat(possible).containsExactly("TEMPLATES", "STRIPS");
    Answer none = begin("sea-chest", "IMAGES", "A4", null);
    assertThat(none.status()).isEqualTo(422);
    assertThat(none.detail())
        .isEqualTo(
            "Print (enlarged images) has nothing on this piece. Give an enlarged image that is laid.");
    assertThat(begin("sea-chest", "TEMPLATES", "A4", "attic").status()).isEqualTo(422);
    assertThat(begin("sea-chest", null, "A4", null).status()).isEqualTo(422);
  }
}
