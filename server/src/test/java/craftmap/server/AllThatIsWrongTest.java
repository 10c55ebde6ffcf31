package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One answer tells everything that is wrong with what was sent, and nothing of it is kept. */
class AllThatIsWrongTest extends ServerTest {
  private static List<String> fields(Answer refused) {
    assertThat(refused.status()).as(refused.detail()).isEqualTo(422);
    return refused
        .body()
        .path("violations")
        .valueStream()
        .map(v -> v.path("field").asString())
        .toList();
  }

  @Test
  void aPlanWithBadFiguresOnItsFormItsFacesAndItsLaysIsToldAllOfThem() {
    JsonNode chest = newChest("Wrong all over");
    ObjectNode plan = withFernBand(chest.path("document"), "band", 61.3);
    ((ObjectNode) plan.at("/form/measures")).put("width", -871.3).put("depth", 0);
    ((ObjectNode) plan.at("/lays/0/rule/measures")).put("gap", -3.7).put("change", 900);
    ((ObjectNode) plan.at("/lays/0/rule/choices")).put("edge", "INSIDE");
    ObjectNode face = plan.withArray("faces").addObject().put("id", "front").put("makeUp", "WOOD");
    face.put("ground", "#D9CFBC")
        .put("finish", "BARE")
        .put("standing", "OF_THE_FORM")
        .put("ownMarks", false);
    for (String list : List.of("exposure", "keepOuts", "breaks", "blemishes", "zones")) {
      face.putArray(list);
    }
    for (String hole : List.of("upper", "lower")) {
      face.withArray("holes")
          .addObject()
          .put("id", hole)
          .put("name", hole + " pull")
          .put("xMm", 100.3)
          .put("yMm", 50.1)
          .put("diameterMm", -4.9)
          .put("count", 1)
          .put("spacingMm", 0)
          .put("upright", false);
    }
    Answer refused = save(chest, plan, "wrong", null);
    assertThat(fields(refused))
        .contains("Width", "Depth", "Diameter of the upper pull", "Diameter of the lower pull")
        .hasSize(7);
    assertThat(refused.detail()).contains("(-34.303\")").contains("(-0.146\")").contains("INSIDE");
    assertThat(get("/api/pieces/" + chest.path("id").asString()).body()).isEqualTo(chest);
  }

  @Test
  void everythingThatIsMissingIsNamedByItsPlace() {
    Answer refused = post("/api/pieces", "{\"form\":{\"measures\":{},\"choices\":{}}}");
    assertThat(fields(refused)).containsExactlyInAnyOrder("name", "form.kind");
  }

  @Test
  void everyWrongAnswerOnALabelIsTold() {
    ObjectNode pot = json.createObjectNode().put("holds", "250").put("level", "250");
    ObjectNode medium =
        pot.putObject("medium").put("name", "Wrong label").put("generic", "chalky-paint");
    medium.putArray("packs");
    ObjectNode label = medium.putObject("label");
    label.set("numbers", json.valueToTree(Map.of("spread", -2.0, "coats", 77.0, "touchDry", -1.0)));
    label.set("choices", json.valueToTree(Map.of("colour", "sea green")));
    assertThat(fields(post("/api/media", pot)))
        .hasSize(4)
        .contains("Coats, usually", "Colour when dry");
  }

  @Test
  void oneEditWithSeveralBadFiguresIsToldAllOfThem() {
    JsonNode chest = newChest("One edit");
    ObjectNode edit = of("MEASURE_PIECE");
    edit.putObject("measures").put("width", -1.3).put("height", -2.7);
    assertThat(fields(edit(chest, edit))).containsExactly("Width", "Height");
  }
}
