package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plan.Plan;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.document.PlanDocument;
import craftmap.server.piece.document.PlanMapper;
import craftmap.server.studio.Studios;
import java.util.Arrays;
import java.util.Map;
import java.util.function.IntConsumer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How long the server takes for a face with 40 bands and over 2,000 items. Run it with {@code mvn
 * -Pbench -pl core,web,server -am test}; the figures go into docs/benchmarks.md by hand.
 */
@Tag("bench")
class ReadingBench extends ServerTest {
  private static final int WARM_UP = 60;

  /** Bands on one face: over 3,000 copies together. */
  private static final int LAYS = 60;

  private static final int RUNS = 200;

  @Autowired private PlanViews views;
  @Autowired private Studios studios;

  @Test
  void fortyBandsOnOneFace() {
    ObjectNode chest = (ObjectNode) get("/api/pieces/sea-chest").body().path("document").deepCopy();
    ((ObjectNode) chest.path("form").path("measures")).put("width", 5600).put("height", 3900);
    chest.putArray("lays");
    for (int i = 0; i < LAYS; i++) {
      ObjectNode band = withFernBand(chest, "band-" + i, 40 + i * 64);
      ObjectNode run = (ObjectNode) band.path("lays").path(i).at("/rule/measures");
      run.put("gap", 4).put("margin", 2);
      chest = band;
    }
    String body = json.writeValueAsString(chest);
    Plan document = PlanMapper.toPlan(json.readValue(body, PlanDocument.class));
    JsonNode reading = post("/api/readings", body).body();
    int items = 0;
    for (JsonNode lay : reading.at("/faces/0/lays")) {
      items += lay.at("/laid/items").size();
    }
    assertThat(items).isGreaterThan(3_000);

    var studio = studios.first();
    measure(
        "answer inside the server, " + items + " items",
        i -> views.view(studio, document.named("Full " + i), PlanViews.NO_PIECE));
    measure(
        "whole request over HTTP, " + items + " items",
        i ->
            post(
                "/api/readings",
                json.writeValueAsString(PlanMapper.doc(document.named("Sent " + i)))));
    allOver();
    JsonNode piece = newChest("Dragged");
    save(piece, chest, "Bands", null);
    ObjectNode question =
        json.createObjectNode().put("layId", "band-7").put("pieceId", piece.path("id").asString());
    ObjectNode edit = json.createObjectNode().put("kind", "MEASURE_LAY").put("layId", "band-7");
    edit.putObject("measures").put("distance", 47.3);
    question.putArray("edits").add(edit);
    String dragged = json.writeValueAsString(question);
    measure("one dragged band over HTTP", i -> post("/api/readings/lay", dragged));
  }

  /** A wall of small fans: every position, and the passes they are painted in. */
  private void allOver() {
    ObjectNode chest = (ObjectNode) get("/api/pieces/sea-chest").body().path("document").deepCopy();
    ((ObjectNode) chest.path("form").path("measures")).put("width", 5200).put("height", 5400);
    chest.putArray("lays");
    ObjectNode fans =
        lay(
            "fans",
            "front",
            "GRID",
            Map.of("gap", 0.5, "down", 20.0, "change", 0.0),
            Map.of("pattern", "HALF_DROP"));
    fans.put("designId", "fan-shell").put("potId", "bone-white");
    ObjectNode plan = withLay(chest, fans);
    JsonNode laid = post("/api/readings", plan).body().at("/faces/0/lays/0/laid");
    int positions = laid.path("positions").asInt();
    System.out.println("BENCH all-over: " + laid.path("positionsText").asString());
    assertThat(positions).isGreaterThan(3_000);
    Plan document =
        PlanMapper.toPlan(json.readValue(json.writeValueAsString(plan), PlanDocument.class));
    measure(
        "all-over with its passes, " + positions + " positions",
        i -> views.view(studios.first(), document.named("Wall " + i), PlanViews.NO_PIECE));
  }

  private static void measure(String what, IntConsumer run) {
    for (int i = 0; i < WARM_UP; i++) {
      run.accept(-1 - i);
    }
    double[] ms = new double[RUNS];
    for (int i = 0; i < RUNS; i++) {
      long start = System.nanoTime();
      run.accept(i);
      ms[i] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(ms);
    System.out.printf(
        "BENCH %-50s median %6.1f ms   95 %% under %6.1f ms%n",
        what, ms[RUNS / 2], ms[RUNS * 95 / 100]);
  }
}
