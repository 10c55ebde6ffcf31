package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.Drawing;
import craftmap.core.artwork.SvgReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Lays of every rule, as a person gets them through the interface. */
class LayApiTest extends ServerTest {
  private JsonNode lay(JsonNode reading, String faceId, String layId) {
    for (JsonNode face : reading.path("faces")) {
      for (JsonNode lay : face.path("lays")) {
        if (face.path("id").asString().equals(faceId) && lay.path("id").asString().equals(layId)) {
          return lay;
        }
      }
    }
    throw new AssertionError("no lay " + layId + " on " + faceId);
  }

  private JsonNode read(JsonNode document) {
    return post("/api/readings", document).body();
  }

  @Test
  void aDesignIsLaidByTheRuleThatSuitsItAndTheFace() {
    JsonNode chest = newChest("Suits").path("document");
    Map<String, String> expected =
        Map.of(
            "fern-band", "RUN",
            "seaweed-scroll", "CORNERS",
            "bead-trim", "FRAME",
            "ripple-roller", "ROLLER",
            "starfish-casting", "SINGLE",
            "rust-dots", "SCATTER");
    expected.forEach(
        (design, rule) -> {
          JsonNode laid =
              wouldBe(chest, of("LAY_DESIGN").put("faceId", "front").put("designId", design))
                  .body();
          assertThat(laid.at("/document/lays/0/rule/kind").asString()).as(design).isEqualTo(rule);
          JsonNode view = lay(read(laid.path("document")), "front", laid.path("layId").asString());
          assertThat(view.path("laid").path("items")).as(design).isNotEmpty();
          assertThat(view.path("suits")).as(design).isNotEmpty();
        });
    JsonNode onRound = newPiece("Clock", "CLOCK", Map.of("width", 300.0)).path("document");
    JsonNode ring =
        wouldBe(onRound, of("LAY_DESIGN").put("faceId", "dial").put("designId", "fan-shell"))
            .body();
    assertThat(ring.at("/document/lays/0/rule/kind").asString()).isEqualTo("RING");
  }

  @Test
  void aRuleThatCannotBeIsRefusedByItsFieldAndNothingIsLost() {
    JsonNode chest = newChest("Bad rule");
    ObjectNode lay =
        lay("a", "front", "GRID", Map.of("gap", -3.0), Map.of()).put("designId", "fan-shell");
    Answer refused = save(chest, withLay(chest.path("document"), lay), "Grid", null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("Gap across (-0.118\") is below nothing");
    ObjectNode unknown = lay("a", "front", "SPIRAL", Map.of(), Map.of()).put("designId", "gull");
    assertThat(save(chest, withLay(chest.path("document"), unknown), "Spiral", null).status())
        .isBetween(400, 422);
    assertThat(get("/api/pieces/" + chest.path("id").asString()).body().at("/document/lays"))
        .isEmpty();
  }

  @Test
  void theOptionsOfALayComeWithTheirCopiesForPictures() {
    JsonNode chest = newChest("Options").path("document");
    ObjectNode grid =
        lay("g", "front", "GRID", Map.of("gap", 40.0, "down", 40.0), Map.of())
            .put("designId", "fan-shell");
    JsonNode document = withLay(chest, grid);
    ObjectNode question = json.createObjectNode().put("layId", "g");
    question.set("document", document);
    JsonNode options = post("/api/readings/options", question).body();
    JsonNode listed = lay(read(document), "front", "g").at("/laid/options");
    assertThat(options.size()).isGreaterThanOrEqualTo(4);
    for (int i = 0; i < options.size(); i++) {
      assertThat(options.path(i).path("way")).isEqualTo(listed.path(i).path("way"));
      assertThat(options.path(i).path("items")).isNotEmpty();
    }
  }

  @Test
  void aLayIsCopiedToFacesAlikeAndMirroredToThePair() {
    JsonNode chest = newChest("Pairs").path("document");
    ObjectNode put =
        lay(
                "p",
                "left",
                "SINGLE",
                Map.of("x", 100.0, "y", 150.0, "angle", 20.0),
                Map.of("placed", "YES"))
            .put("designId", "gull")
            .put("potId", "bone-white");
    JsonNode document = withLay(chest, put);
    JsonNode mirrored =
        wouldBe(
                document,
                of("COPY_LAY").put("layId", "p").put("faceId", "right").put("mirrored", true))
            .body();
    JsonNode rule = mirrored.at("/document/lays/1/rule");
    assertThat(rule.at("/measures/x").asDouble()).isEqualTo(350); // 450 wide
    assertThat(rule.at("/measures/angle").asDouble()).isEqualTo(-20);
    assertThat(rule.at("/choices/mirrored").asString()).isEqualTo("YES");
    JsonNode copied = wouldBe(document, of("COPY_TO_ALIKE").put("layId", "p")).body();
    assertThat(copied.at("/document/lays")).hasSize(2);
    assertThat(copied.at("/document/lays/1/faceId").asString()).isEqualTo("right");
  }

  /** Whoever carries it needs to know nothing of rules. */
  @Test
  void whatIsPutByHandIsPickedAsItsRuleHasIt() {
    JsonNode chest = newChest("By hand").path("document");
    JsonNode gull =
        withLay(chest, lay("g", "front", "SINGLE", Map.of(), Map.of()).put("designId", "gull"));
    assertThat(picks(gull)).containsExactly("STAND_PLACED");
    JsonNode words = withLay(chest, lay("w", "lid", "LETTERING", Map.of(), Map.of()));
    ((ObjectNode) words.at("/lays/0/rule")).put("text", "Lamp oil");
    assertThat(picks(words)).containsExactly("STAND_PLACED");
    JsonNode picture =
        withLay(
            chest,
            lay("t", "front", "ACROSS", Map.of(), Map.of()).put("designId", "moonrise-reeds"));
    assertThat(picks(picture)).containsExactly("ACROSS_PLACED");
  }

  private List<String> picks(JsonNode document) {
    return read(document)
        .path("faces")
        .valueStream()
        .flatMap(f -> f.path("lays").valueStream())
        .flatMap(l -> l.path("handles").valueStream())
        .filter(h -> !h.path("sets").isEmpty())
        .map(h -> h.at("/picks/way").asString())
        .toList();
  }

  @Test
  void aPickOfAWayThatNobodyKnowsIsRefused() {
    JsonNode chest = newChest("No such way");
    ObjectNode plan = withFernBand(chest.path("document"), "band", 97.3);
    ((ObjectNode) plan.at("/lays/0"))
        .putObject("pick")
        .put("way", "UPSIDE_DOWN")
        .put("count", 3)
        .put("across", 1);
    Answer refused = save(chest, plan, "picked", null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("(UPSIDE_DOWN) is not known here");
  }

  @Test
  void aGridGoesAroundWhatWasLaidBeforeIt() {
    JsonNode chest = newChest("Around").path("document");
    ObjectNode mandala =
        lay("m", "front", "SINGLE", Map.of(), Map.of()).put("designId", "tide-mandala");
    ObjectNode dots =
        lay("d", "front", "SCATTER", Map.of("gap", 20.0), Map.of()).put("designId", "rust-dots");
    int everywhere =
        lay(read(withLay(withLay(chest, mandala), dots)), "front", "d")
            .at("/laid/positions")
            .asInt();
    JsonNode around = read(withLay(withLay(chest, mandala), dots.put("clearMm", 15)));
    assertThat(lay(around, "front", "d").at("/laid/positions").asInt()).isLessThan(everywhere);
  }

  @Test
  void letteringComesOutAsLinesInMillimetresToBeCut() {
    JsonNode chest = newChest("Words");
    ObjectNode words =
        lay(
            "w",
            "front",
            "LETTERING",
            Map.of("size", 300.0, "least", 1.5),
            Map.of("style", "OLD_ROMAN", "film", "STENCIL_FILM"));
    ((ObjectNode) words.path("rule")).put("text", "Board & Oar");
    words.put("potId", "bone-white");
    JsonNode saved = save(chest, withLay(chest.path("document"), words), "Words", null).body();
    JsonNode view = lay(saved.path("reading"), "front", "w");
    assertThat(view.path("designName").asString()).isEqualTo("Board & Oar");
    assertThat(view.at("/notes").toString()).contains("islands are held by");

    String id = saved.path("id").asString();
    Answer file = get("/api/pieces/" + id + "/lays/w/cut.svg");
    assertThat(file.status()).isEqualTo(200);
    assertThat(file.header("Content-Disposition")).contains("to cut.svg");
    Drawing read = SvgReader.read(new String(file.raw().body(), StandardCharsets.UTF_8));
    double width = view.at("/laid/arts/0/print/widthMm").asDouble();
    assertThat(width).isCloseTo(300, within(2.0));
    assertThat(read.widthMm()).isCloseTo(width + 40, within(2.1)); // 20 mm of film on every side
    Answer none = get("/api/pieces/sea-chest/lays/fern-top/cut.svg");
    assertThat(none.detail()).contains("has nothing to cut");
  }

  @Test
  void whatIsUsedUpIsSetAgainstTheShelf() {
    JsonNode chest = newChest("Corners").path("document");
    ObjectNode corners =
        lay("c", "front", "CORNERS", Map.of("inset", 10.0), Map.of())
            .put("designId", "seaweed-scroll");
    JsonNode view = lay(read(withLay(chest, corners)), "front", "c");
    assertThat(view.at("/laid/options/0/way").asString()).isEqualTo("CORNERS_PAIRS");
    assertThat(view.at("/laid/takes").toString()).contains("4 pieces");
    assertThat(view.path("notes").toString()).contains("The shelf has");
    ObjectNode many =
        lay("m", "front", "GRID", Map.of("gap", 2.0, "down", 2.0), Map.of("cut", "LEFT_OUT"))
            .put("designId", "shell-rosette");
    assertThat(lay(read(withLay(chest, many)), "front", "m").path("notes").toString())
        .contains("which is not enough");
  }

  @Test
  void byEyeIsToldWithWhatEvenSpacingWouldBe() {
    JsonNode chest = newChest("By eye").path("document");
    ObjectNode document = withFernBand(chest, "f", 120);
    ObjectNode eye = ((ObjectNode) document.at("/lays/0")).putObject("eye");
    eye.put("wobbleMm", 3).put("wobbleDeg", 2).put("seed", 4);
    eye.putArray("held")
        .addObject()
        .put("item", 1)
        .put("xMm", 200)
        .put("yMm", 130)
        .put("turnDeg", 0);
    JsonNode view = lay(read(document), "front", "f");
    assertThat(view.at("/eye/text").asString())
        .contains("evenly spaced they would be")
        .contains("1 put by hand");
    assertThat(view.at("/laid/items/1/xMm").asDouble()).isEqualTo(200);
  }

  @Test
  void theDemoHasLaysOfEveryKindThatIsLaidByARuleAndAllOfThemFit() {
    java.util.Set<String> rules = new java.util.TreeSet<>();
    for (String piece :
        new String[] {
          "sea-chest",
          "folding-screen",
          "wall-clock",
          "tapered-planter",
          "step-stool",
          "biscuit-tin",
          "wardrobe"
        }) {
      for (JsonNode face : get("/api/pieces/" + piece).body().at("/reading/faces")) {
        for (JsonNode lay : face.path("lays")) {
          assertThat(lay.has("laid")).as("%s: %s", piece, lay.path("title").asString()).isTrue();
          rules.add(lay.path("rule").asString());
        }
      }
    }
    assertThat(rules)
        .contains(
            "RUN",
            "RING",
            "BORDER",
            "GRID",
            "SINGLE",
            "CORNERS",
            "SCATTER",
            "LETTERING",
            "ACROSS",
            "COVER",
            "WRAP",
            "COLLAGE",
            "STRIPS",
            "PAGES",
            "WHOLE_FACE");
  }
}
