package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What lays are put on with, through the doors people use. */
class LayPotTest extends ServerTest {

  @ParameterizedTest
  @CsvSource({
    "sea-holly, CLEAR_COAT, 2",
    "gull-grasses, DECOUPAGE_MEDIUM, 3",
    "lattice-shells, DECOUPAGE_MEDIUM, 3",
    "pale-gold-foil, SIZE, 1",
    "scallop-casting, CLAY, 1",
    "fern-band, PAINT, 2"
  })
  void aDesignIsLaidWithWhatIsUsualForIt(String design, String role, int coats) {
    JsonNode lay = layDesign(newChest("Usual").path("document"), "front", design);
    JsonNode laid = lay.at("/document/lays/0");
    assertThat(laid.path("coats").asInt()).isEqualTo(coats);
    String pot = laid.path("potId").asString();
    JsonNode named =
        get("/api/pots")
            .body()
            .valueStream()
            .filter(p -> p.path("id").asString().equals(pot))
            .findFirst()
            .orElseThrow();
    assertThat(named.path("roles").valueStream().map(JsonNode::asString)).contains(role);
  }

  @Test
  void withoutAPotNothingIsSaidToBeComplete() {
    JsonNode chest = newChest("Glueless");
    JsonNode laid = layDesign(chest.path("document"), "front", "lattice-shells");
    ObjectNode bare = (ObjectNode) laid.path("document").deepCopy();
    ((ObjectNode) bare.at("/lays/0")).remove("potId");
    JsonNode saved = save(chest, bare, "laid", null).body();
    JsonNode lay = saved.at("/reading/faces/0/lays/0");
    assertThat(texts(lay.path("notes"), "rule")).contains("pot-unnamed");
    assertThat(lay.at("/laid/potMl").asDouble()).isPositive();
    String base = "/api/pieces/" + chest.path("id").asString();
    JsonNode gathered = get(base + "/gather").body();
    assertThat(gathered.path("complete").asBoolean()).isFalse();
    assertThat(gathered.at("/unnamed/0/needText").asString())
        .isEqualTo(lay.at("/laid/potText").asString());
    assertThat(get(base + "/route").body().path("next").asString()).isEqualTo("LAY_OUT");
  }

  @ParameterizedTest
  @CsvSource({
    "lattice-shells, chalky-paint, pot-other",
    "fern-band, wood-glue, pot-other",
    "sea-holly, oil-varnish, transfer-seal"
  })
  void whatWillNotDoIsTold(String design, String generic, String rule) {
    JsonNode laid = layDesign(newChest("Wrong pot").path("document"), "front", design);
    JsonNode read =
        post("/api/readings", outOf(newPot(generic, "4000"), laid.path("document"))).body();
    assertThat(texts(read.at("/faces/0/lays/0/notes"), "rule")).contains(rule);
  }

  /** Over seeded chests with bands out of one pot: enough is said where there is enough of it. */
  @Test
  void thereIsEnoughOfAPotExactlyWhereItsLevelCoversAllThatIsTakenOfIt() {
    Random random = new Random(20_261_128);
    for (int k = 0; k < 6; k++) {
      double level = Math.round((0.7 + 9.3 * random.nextDouble()) * 1000) / 1000.0;
      String pot = newPot("chalky-paint", "" + level);
      JsonNode chest = newChest("Enough " + k);
      JsonNode plan = chest.path("document");
      int bands = 1 + random.nextInt(3);
      for (int b = 0; b < bands; b++) {
        plan = withFernBand(plan, "band" + b, 61.7 + 83.3 * b);
      }
      JsonNode saved = save(chest, outOf(pot, plan), "laid", null).body();
      JsonNode lays = saved.at("/reading/faces/0/lays");
      double wanted = lays.valueStream().mapToDouble(l -> l.at("/laid/potMl").asDouble()).sum();
      for (JsonNode lay : lays) {
        assertThat(texts(lay.path("notes"), "rule"))
            .as("%s ml against %s", wanted, level)
            .contains(wanted <= level ? "pot-enough" : "pot-short");
      }
      String base = "/api/pieces/" + chest.path("id").asString();
      JsonNode gathered = get(base + "/gather").body();
      JsonNode need =
          gathered
              .path("needs")
              .valueStream()
              .filter(n -> n.path("potId").asString().equals(pot))
              .findFirst()
              .orElseThrow();
      assertThat(need.path("enough").asBoolean()).isEqualTo(wanted <= level);
      assertThat(need.path("needMl").asDouble()).isCloseTo(wanted, within(1e-6));
      // all that is needed is never there where a pot of it is short
      assertThat(gathered.path("complete").asBoolean() && wanted > level).isFalse();
      if (wanted <= level) {
        doneIsNotAskedForAgain(base, wanted, lays);
      }
    }
  }

  private void doneIsNotAskedForAgain(String base, double wanted, JsonNode lays) {
    put(base + "/lays/band0/done", null);
    double first = lays.at("/0/laid/potMl").asDouble();
    JsonNode gathered = get(base + "/gather").body();
    JsonNode need =
        gathered
            .path("needs")
            .valueStream()
            .filter(n -> n.at("/uses/0/layId").asString().equals("band0"))
            .findFirst()
            .orElseThrow();
    assertThat(need.path("needMl").asDouble()).isCloseTo(wanted - first, within(1e-6));
    assertThat(need.path("enough").asBoolean()).isTrue();
    assertThat(need.at("/uses/0/done").asBoolean()).isTrue();
    JsonNode read = get(base).body().at("/reading/faces/0/lays/0");
    assertThat(texts(read.path("notes"), "rule")).doesNotContain("pot-enough", "pot-short");
  }
}
