package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plan.Plan;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.document.PlanDocument;
import craftmap.server.piece.document.PlanMapper;
import craftmap.server.studio.Studios;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;
import java.util.function.ObjIntConsumer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How long the server takes for a face with 60 bands and over 3,000 items: as it is seen first, and
 * after one of them was changed. Run it with {@code mvn -Pbench -pl core,web,server -am test}; the
 * figures go into docs/benchmarks.md by hand.
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
  void sixtyBandsOnOneFace() {
    ObjectNode chest = (ObjectNode) get("/api/pieces/sea-chest").body().path("document").deepCopy();
    ((ObjectNode) chest.path("form").path("measures")).put("width", 5600).put("height", 3900);
    chest.putArray("lays");
    for (int i = 0; i < LAYS; i++) {
      ObjectNode band = withFernBand(chest, "band-" + i, 40 + i * 64);
      ObjectNode run = (ObjectNode) band.path("lays").path(i).at("/rule/measures");
      run.put("gap", 4).put("margin", 2);
      chest = band;
    }
    JsonNode reading = post("/api/readings", chest).body();
    int items = 0;
    for (JsonNode lay : reading.at("/faces/0/lays")) {
      items += lay.at("/laid/items").size();
    }
    assertThat(items).isGreaterThan(3_000);

    var studio = studios.first();
    List<Plan> unseen =
        plans(chest, (c, i) -> ((ObjectNode) c.at("/form/measures")).put("width", 5600 + i * 0.37));
    List<Plan> others = plans(chest, (c, i) -> rule(c, i % LAYS).put("gap", 4 + (i + 1) * 0.0137));
    measure(
        "answer inside the server, " + items + " items", i -> views.view(studio, unseen.get(i)));
    measure("the same with one band changed", i -> views.view(studio, others.get(i)));
    List<Plan> more = plans(chest, (c, i) -> rule(c, i % LAYS).put("gap", 4 + (i + 1) * 0.0173));
    measure(
        "whole request over HTTP with one band changed",
        i -> post("/api/readings", json.writeValueAsString(PlanMapper.doc(more.get(i)))));
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

  private static ObjectNode rule(ObjectNode chest, int band) {
    return (ObjectNode) chest.path("lays").path(band).at("/rule/measures");
  }

  /** Another plan for each run, so that none was seen before. */
  private List<Plan> plans(ObjectNode chest, ObjIntConsumer<ObjectNode> change) {
    List<Plan> all = new ArrayList<>();
    for (int i = 0; i < WARM_UP + RUNS; i++) {
      ObjectNode other = chest.deepCopy();
      change.accept(other, i);
      all.add(PlanMapper.toPlan(json.treeToValue(other, PlanDocument.class)));
    }
    return all;
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
    List<Plan> unseen =
        plans(
            plan, (c, i) -> ((ObjectNode) c.at("/form/measures")).put("width", 5200 + i * 0.0037));
    measure(
        "all-over with its passes, " + positions + " positions",
        i -> views.view(studios.first(), unseen.get(i)));
  }

  private static void measure(String what, IntConsumer run) {
    for (int i = 0; i < WARM_UP; i++) {
      run.accept(RUNS + i);
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
