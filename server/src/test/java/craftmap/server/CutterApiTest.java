package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Lines for the cutter: as files, read back by a reader of the test's own, and sent. */
class CutterApiTest extends ServerTest {
  private static final String LETTERING = "/api/pieces/sea-chest/lays/name-front/mats";
  private static final double STEP_MM = 1.0 / 40;

  /** Closed lines as lists of x, y in mm from the mat's top left corner. */
  private static List<List<double[]>> plotted(String file, double matLengthMm) {
    List<List<double[]>> lines = new ArrayList<>();
    Matcher m = Pattern.compile("PU(-?\\d+),(-?\\d+);PD([-\\d,]+);").matcher(file);
    while (m.find()) {
      List<double[]> line = new ArrayList<>();
      String[] n = (m.group(1) + "," + m.group(2) + "," + m.group(3)).split(",");
      for (int i = 0; i < n.length; i += 2) {
        line.add(
            new double[] {
              Integer.parseInt(n[i]) * STEP_MM, matLengthMm - Integer.parseInt(n[i + 1]) * STEP_MM
            });
      }
      lines.add(line);
    }
    return lines;
  }

  private static List<List<double[]>> drawn(String svg) {
    List<List<double[]>> lines = new ArrayList<>();
    Matcher m = Pattern.compile("<path d=\"M([^\"]+)Z\"/>").matcher(svg);
    while (m.find()) {
      List<double[]> line = new ArrayList<>();
      for (String point : m.group(1).split("L")) {
        String[] xy = point.split(" ");
        line.add(new double[] {Double.parseDouble(xy[0]), Double.parseDouble(xy[1])});
      }
      line.add(line.getFirst());
      lines.add(line);
    }
    return lines;
  }

  private static double length(List<double[]> line) {
    double length = 0;
    for (int i = 1; i < line.size(); i++) {
      length +=
          Math.hypot(line.get(i)[0] - line.get(i - 1)[0], line.get(i)[1] - line.get(i - 1)[1]);
    }
    return length;
  }

  private String text(String path) {
    Answer answer = get(path);
    assertThat(answer.status()).as(path).isEqualTo(200);
    return new String(answer.raw().body(), StandardCharsets.UTF_8);
  }

  @Test
  void bothFilesHoldTheSameLinesInTheirOrder() {
    JsonNode mats = get(LETTERING + "?matWidthMm=600&matLengthMm=600").body();
    assertThat(mats.path("mats")).hasSize(1);
    JsonNode lines = mats.at("/mats/0/lines");
    String query = "?matWidthMm=600&matLengthMm=600";
    List<List<double[]>> plotted = plotted(text(LETTERING + "/1/lines.plt" + query), 600);
    String svg = text(LETTERING + "/1/lines.svg" + query);
    List<List<double[]>> drawn = drawn(svg);
    assertThat(svg).contains("width=\"600mm\" height=\"600mm\" viewBox=\"0 0 600 600\"");
    assertThat(plotted).hasSameSizeAs(drawn).hasSize(lines.size());
    for (int i = 0; i < drawn.size(); i++) {
      assertThat(plotted.get(i).getFirst()).isEqualTo(plotted.get(i).getLast());
      assertThat(length(plotted.get(i))).isCloseTo(length(drawn.get(i)), within(1.0));
      assertThat(plotted.get(i).getFirst()[0])
          .isCloseTo(drawn.get(i).getFirst()[0], within(STEP_MM));
      assertThat(plotted.get(i).getFirst()[1])
          .isCloseTo(drawn.get(i).getFirst()[1], within(STEP_MM));
    }
    // the edge of the stencil comes last, after all that is cut out of it
    assertThat(length(drawn.getLast()))
        .isEqualTo(drawn.stream().mapToDouble(CutterApiTest::length).max().orElseThrow());
    // and is as long as the stencil's sheet on the pattern of the lay is round
    Matcher sheet =
        Pattern.compile("<svg[^>]* width=\"([\\d.]+)mm\" height=\"([\\d.]+)mm\"")
            .matcher(text("/api/pieces/sea-chest/lays/name-front/cut.svg"));
    assertThat(sheet.find()).isTrue();
    assertThat(length(drawn.getLast()))
        .isCloseTo(
            2 * (Double.parseDouble(sheet.group(1)) + Double.parseDouble(sheet.group(2))),
            within(0.1));
  }

  @Test
  void whatIsLargerThanTheMatIsTiledAndEveryTileStaysOnIt() {
    JsonNode mats = get(LETTERING + "?matWidthMm=150&matLengthMm=150").body();
    assertThat(mats.path("mats").size()).isGreaterThan(1);
    assertThat(mats.path("text").asString()).contains("tiles that meet edge to edge");
    for (JsonNode mat : mats.path("mats")) {
      String svg =
          text(
              LETTERING
                  + "/"
                  + mat.path("number").asInt()
                  + "/lines.svg?matWidthMm=150&matLengthMm=150");
      for (List<double[]> line : drawn(svg)) {
        for (double[] p : line) {
          assertThat(p[0]).isBetween(4.9, 145.1);
          assertThat(p[1]).isBetween(4.9, 145.1);
        }
      }
    }
    assertThat(get(LETTERING + "/99/lines.svg").detail()).contains("Load (99)");
    assertThat(get(LETTERING + "?matWidthMm=12").detail()).contains("is too small");
    assertThat(get("/api/pieces/sea-chest/lays/fern-top/mats").detail())
        .contains("has nothing to cut");
  }

  @Test
  void weedingLinesAreAddedToLettersOfVinylOnly() {
    JsonNode chest = newChest("In vinyl");
    ObjectNode lay =
        lay("v", "front", "LETTERING", Map.of("width", 200.0), Map.of("film", "VINYL"));
    ((ObjectNode) lay.path("rule")).put("text", "Oats");
    JsonNode saved = save(chest, withLay(chest.path("document"), lay), "Words", null).body();
    String base = "/api/pieces/" + saved.path("id").asString() + "/lays/v/mats";
    assertThat(
            get("/api/pieces/" + saved.path("id").asString() + "/mats")
                .body()
                .at("/0/weeded")
                .asBoolean())
        .isTrue();
    int plain = get(base).body().at("/mats/0/lines").size();
    int weeded = get(base + "?weeding=true").body().at("/mats/0/lines").size();
    assertThat(weeded).isGreaterThan(plain);
  }

  @Test
  void aFileIsCutAndHowItWentIsTold() {
    JsonNode cutter = get("/api/cutter").body();
    String query =
        "?matWidthMm=%s&matLengthMm=%s"
            .formatted(cutter.at("/matWidth/mm").asDouble(), cutter.at("/matLength/mm").asDouble());
    JsonNode mat = get(LETTERING + query).body().at("/mats/0");
    JsonNode job = finished(post(LETTERING + "/1/cuts" + query, null));
    assertThat(job.path("state").asString()).as(job.toString()).isEqualTo("DONE");
    JsonNode run = get("/api/cutter/cuts/" + job.path("id").asString()).body();
    assertThat(run.path("lifts").asInt())
        .isEqualTo(mat.path("lines").size())
        .isEqualTo(run.path("strokes").size());
    double before = 0;
    double cut = 0;
    for (JsonNode stroke : run.path("strokes")) {
      assertThat(stroke.path("fromSeconds").asDouble()).isGreaterThan(before);
      before = stroke.path("untilSeconds").asDouble();
      cut += before - stroke.path("fromSeconds").asDouble();
    }
    assertThat(run.path("seconds").asDouble()).isGreaterThan(before).isGreaterThan(cut);
    // it cut where the file said
    assertThat(run.at("/strokes/0/points/0/xMm").asDouble())
        .isCloseTo(mat.at("/lines/0/startXMm").asDouble(), within(STEP_MM));
    assertThat(run.at("/strokes/0/points/0/yMm").asDouble())
        .isCloseTo(mat.at("/lines/0/startYMm").asDouble(), within(STEP_MM));
  }

  @Test
  void aFileForALargerMatIsRefused() {
    String query = "?matWidthMm=600&matLengthMm=600";
    JsonNode job = finished(post(LETTERING + "/1/cuts" + query, null));
    assertThat(job.path("state").asString()).isEqualTo("FAILED");
    assertThat(job.path("failure").asString())
        .matches("File \\(line \\d+\\) runs [\\d.]+ mm off the bed; nothing was cut\\. Give .*");
    assertThat(get("/api/cutter/cuts/" + job.path("id").asString()).status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "IN;PU400,400;PD800,400,800,800;PU0,0;|line 1|its ends are 14.1 mm apart",
        "IN;PU400,400;PD400,400;PU0,0;|line 1|has no length",
        "IN;PU10,10;PD20,10,20,20,10,10;PU400,400;PD;PU;|line 2|has no length",
        "IN;PA-40,0;PD400,0,400,400,-40,0;PU;|line 1|runs 1 mm off the bed",
        "IN;PU0,0;SP0;|no lines|has nothing to cut",
        "IN;PU40,40;PD4x,40;|PD4x,40|is no instruction",
        "GIF89a|GIF89a|is no instruction",
      })
  void whatARealOneWouldRefuseIsRefused(String content, String where, String why) {
    JsonNode job =
        finished(
            post(
                "/api/cutter/cuts",
                json.createObjectNode().put("name", "own.plt").put("content", content)));
    assertThat(job.path("state").asString()).isEqualTo("FAILED");
    assertThat(job.path("failure").asString()).contains("File (" + where + ")").contains(why);
  }

  @Test
  void relativeMovesAndLinesInPiecesAreUnderstood() {
    String square = "IN;SP1;PU400,400;PR;PD400,0;PD0,400,-400,0;PD0,-400;PU;PA;PU0,0;";
    JsonNode job =
        finished(
            post(
                "/api/cutter/cuts",
                json.createObjectNode().put("name", "square.plt").put("content", square)));
    JsonNode run = get("/api/cutter/cuts/" + job.path("id").asString()).body();
    assertThat(run.path("lifts").asInt()).isEqualTo(1);
    assertThat(run.path("cutText").asString()).isEqualTo("0.04 m");
    assertThat(run.at("/strokes/0/data").asString()).isEqualTo("M10 410L20 410L20 400L10 400Z");
    Answer empty =
        post("/api/cutter/cuts", json.createObjectNode().put("name", "e.plt").put("content", " "));
    assertThat(empty.status()).isEqualTo(422);
    assertThat(empty.detail()).contains("File (e.plt) is empty");
  }
}
