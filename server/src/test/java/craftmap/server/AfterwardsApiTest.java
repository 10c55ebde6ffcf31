package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is told of a piece once it is done: to its makers, and to its buyer. */
class AfterwardsApiTest extends OrderServerTest {
  private void tell(JsonNode piece, JsonNode step, double minutes, Double usedMl, String note) {
    ObjectNode told = json.createObjectNode();
    ObjectNode one =
        told.putArray("told")
            .addObject()
            .put("id", UUID.randomUUID().toString())
            .put("step", step.path("key").asString())
            .put("kind", "DONE")
            .put("toldAt", Instant.now().minus(2, ChronoUnit.MINUTES).toString())
            .put("minutes", minutes)
            .put("note", note);
    if (usedMl != null) {
      one.put("usedMl", usedMl);
    }
    Answer answer = post(path(piece) + "/work/told", told);
    assertThat(answer.body().at("/0").has("problem")).as(answer.text()).isFalse();
  }

  private JsonNode back(JsonNode piece) {
    Answer answer = get(path(piece) + "/afterwards");
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  private static JsonNode row(JsonNode rows, String title) {
    for (JsonNode row : rows) {
      if (row.path("title").asString().equals(title)) {
        return row;
      }
    }
    throw new AssertionError(title + " in " + rows);
  }

  /** Sums are those of what was told, whatever was planned; what differs much is said first. */
  @Test
  void whatItTookStandsAgainstWhatWasPlanned() {
    JsonNode piece = painted("Looked back at", 1_113.3);
    assertThat(back(piece).path("complete").asBoolean()).isFalse();
    Random dice = new Random(91);
    double planned = 0;
    double took = 0;
    List<JsonNode> steps = steps(order(piece));
    for (JsonNode step : steps) {
      double minutes = Math.ceil(step.path("minutes").asDouble());
      boolean sanding = step.path("doing").asString().equals("SAND");
      double real = Math.round(sanding ? minutes * 2.6 : minutes * (0.9 + 0.2 * dice.nextDouble()));
      tell(piece, step, Math.max(1, real), null, sanding ? "Old varnish in the corners" : "");
      planned += minutes;
      took += Math.max(1, real);
    }
    JsonNode view = back(piece);

    assertThat(view.path("complete").asBoolean()).isTrue();
    assertThat(view.path("stateText").asString()).contains(String.valueOf(steps.size()));
    double sum = 0;
    double plan = 0;
    for (JsonNode row : view.path("work")) {
      sum += row.path("took").asDouble();
      plan += row.path("planned").asDouble();
    }
    assertThat(Math.abs(sum - took)).isLessThan(0.5);
    assertThat(Math.abs(plan - planned)).isLessThan(0.5);
    assertThat(view.at("/work/0/title").asString()).isEqualTo("Sanding");
    assertThat(row(view.path("work"), "Sanding").path("moreText").asString()).contains("more");
    assertThat(view.path("otherwise").toString()).contains("Sanding");
    assertThat(view.at("/notes/0/text").asString()).isEqualTo("Old varnish in the corners");
  }

  /** What was poured beyond the plan is told by pot, and its worth with it. */
  @Test
  void whatWasUsedStandsAgainstThePlanByPot() {
    JsonNode piece = painted("Poured", 1_203.7);
    String name = "Paint #B3202A";
    for (JsonNode step : steps(order(piece))) {
      Double used = null;
      for (JsonNode s : get(path(piece) + "/work/ahead").body()) {
        if (s.path("key").asString().equals(step.path("key").asString())
            && s.at("/pot/name").asString("").equals(name)) {
          used = s.at("/pot/ml").asDouble() * 1.5;
        }
      }
      tell(piece, step, Math.max(1, Math.ceil(step.path("minutes").asDouble())), used, "");
    }
    JsonNode row = row(back(piece).path("supplies"), name);
    assertThat(row.path("took").asDouble() / row.path("planned").asDouble()).isBetween(1.47, 1.53);
    assertThat(back(piece).path("otherwise").toString()).contains(name);
  }

  /** The buyer reads how to treat it, and the price only where it is wished for; never a cost. */
  @Test
  void theBuyerIsToldHowToTreatItAndNothingOfWhatItCost() throws IOException {
    JsonNode piece = painted("For the fair", 1_001.3);
    change("PUT", path(piece) + "/money", Map.of("paid", "31.70", "asked", "287.00"), 0L);

    String without = text(get(path(piece) + "/afterwards/buyer?paper=LETTER"));
    String with = text(get(path(piece) + "/afterwards/buyer?price=true"));

    assertThat(without)
        .contains("For the fair", "How to treat it", "curing", "labels")
        .doesNotContain("287", "31.70");
    assertThat(with).contains("287").doesNotContain("31.70");
    assertThat(back(piece).path("care")).hasSizeGreaterThan(3);
    assertThat(get("/api/pieces/no-such/afterwards").status()).isEqualTo(404);
  }

  private static String text(Answer answer) throws IOException {
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    try (PDDocument document = Loader.loadPDF(answer.raw().body())) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }
}
