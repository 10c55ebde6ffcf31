package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.measure.TapeDivision;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Leftovers save the day: the last front is made of two, and prints begin where there is room. */
class LeftoversApiTest extends ServerTest {
  private String paper(String name, Map<String, Double> numbers, int sheets) {
    ObjectNode given = json.createObjectNode();
    given.put("kind", "PAPER").put("name", name).put("motif", "").put("note", "");
    given.put("rights", "MAY_BE_SOLD").putArray("motifs");
    ObjectNode answers = given.putObject("answers");
    answers.set("numbers", json.valueToTree(numbers));
    answers.putObject("choices");
    ObjectNode body = json.createObjectNode().put("quantity", "" + sheets);
    body.set("design", given);
    Answer added = post("/api/designs", body);
    assertThat(added.status()).as(added.detail()).isEqualTo(201);
    return added.body().path("id").asString();
  }

  private void leftover(String designId, double left, double w, double h) {
    ObjectNode offcut = json.createObjectNode().put("place", "").put("note", "");
    double[][] points = {{left, 0}, {left + w, 0}, {left + w, h}, {left, h}};
    for (double[] p : points) {
      offcut.withArray("outline").addObject().put("xMm", p[0]).put("yMm", p[1]);
    }
    Answer kept = post("/api/designs/" + designId + "/offcuts", offcut);
    assertThat(kept.status()).as(kept.detail()).isLessThan(300);
  }

  /** A chest of so many drawers of one width, papered over all fronts. */
  private JsonNode papered(String paper, int drawers, double width, double front, String meets) {
    JsonNode piece =
        newPiece(
            "Leftovers",
            "DRAWER_CHEST",
            Map.of("width", width, "height", drawers * (front + 4) + 74, "rows", 0.0 + drawers));
    ObjectNode lay =
        lay(
            "p",
            "drawer-1",
            "COVER",
            Map.of("bleed", 0.0, "overlap", 6.3),
            Map.of("meets", meets, "join", "OVERLAPPING"));
    lay.put("designId", paper);
    for (int i = 2; i <= drawers; i++) {
      lay.withArray("alsoOn").add("drawer-" + i);
    }
    Answer saved = save(piece, withLay(piece.path("document"), lay), "Papered", null);
    assertThat(saved.status()).as(saved.detail()).isEqualTo(200);
    return saved.body();
  }

  private JsonNode cuts(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString() + "/cuts").body().at("/designs/0");
  }

  private static ObjectNode[] edits(JsonNode way) {
    return way.path("edits").valueStream().map(ObjectNode.class::cast).toArray(ObjectNode[]::new);
  }

  private JsonNode way(JsonNode piece, String paper, String says) {
    return get("/api/pieces/" + piece.path("id").asString() + "/cuts/" + paper + "/remedies")
        .body()
        .valueStream()
        .filter(w -> w.path("text").asString().contains(says))
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void theLastDrawerIsMadeOfTwoLeftovers(long seed) {
    Dice dice = new Dice(seed);
    double width = 403.7 + dice.next() * 300;
    String paper =
        paper(
            "Marsh stripe " + seed,
            Map.of("width", width + 11.1, "height", 480.0, "repeatX", 91.3, "repeatY", 240.0),
            1);
    JsonNode piece = papered(paper, 4, width, 143, "NOWHERE");
    JsonNode before = cuts(piece);
    double tall = before.at("/sheets/0/pieces/0/box/heightMm").asDouble();
    double wide = before.at("/sheets/0/pieces/0/box/widthMm").asDouble();
    assertThat(before.path("shortText").asString())
        .as(before.toString())
        .contains("One part has no sheet");
    double first = wide * (0.4 + dice.next() * 0.2);
    leftover(paper, 1.7, first, tall + 0.3);
    leftover(paper, 0, wide - first + 6.3 + 0.4, tall + 2.2);
    JsonNode offered = way(piece, paper, "One seam more");
    assertThat(offered.path("isEnough").asBoolean()).as(offered.toString()).isTrue();
    Answer taken = edit(piece, edits(offered));
    assertThat(taken.status()).as(taken.detail()).isEqualTo(200);
    JsonNode after = cuts(piece);
    assertThat(after.has("shortText")).as(after.toString()).isFalse();
    assertThat(after.path("sheets").valueStream().filter(s -> s.path("isLeftover").asBoolean()))
        .hasSize(2);
    // each part is measured on the leftover that lies there, one of which began further in
    int inner = 0;
    for (JsonNode sheet : after.path("sheets")) {
      inner += MeasuredInHand.check(sheet, TapeDivision.INCH_16);
    }
    assertThat(inner).isPositive();
    // and it is laid like this: two parts on one of the drawers, nothing bare
    JsonNode reading = get("/api/pieces/" + piece.path("id").asString()).body().path("reading");
    int parts =
        reading
            .path("faces")
            .valueStream()
            .flatMap(f -> f.path("lays").valueStream())
            .filter(l -> l.path("lead").asBoolean())
            .flatMap(l -> l.at("/laid/sheets").valueStream())
            .mapToInt(sheet -> sheet.path("parts").size())
            .sum();
    assertThat(parts).isEqualTo(5);
    assertThat(texts(reading, "text")).noneMatch(t -> t.contains("stays bare"));
  }

  @Test
  void threeFrontsComeFromOneSheetWhereThePrintNeedNotMeet() {
    String paper =
        paper(
            "Far apart",
            Map.of("width", 620.0, "height", 440.0, "repeatX", 90.0, "repeatY", 320.0),
            5);
    JsonNode meeting = papered(paper, 3, 600, 143, "EVERYWHERE");
    assertThat(cuts(meeting).path("sheetsText").asString()).startsWith("2 sheets");
    JsonNode free = papered(paper, 3, 600, 143, "NOWHERE");
    assertThat(cuts(free).path("sheetsText").asString())
        .isEqualTo("1 sheet, 1 is the least possible for parts laid like this");
  }
}
