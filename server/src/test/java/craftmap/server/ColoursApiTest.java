package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.colour.MixSearch;
import craftmap.core.colour.PaintMix;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The few colours of a picture, the paints that come near them, and the other way round. */
class ColoursApiTest extends ServerTest {
  private String paint(String colour) {
    ObjectNode pot = json.createObjectNode().put("holds", "500").put("level", "300");
    ObjectNode medium = pot.putObject("medium").put("name", "Paint " + colour);
    medium.put("generic", "chalky-paint").putArray("packs");
    ObjectNode label = medium.putObject("label");
    label.putObject("numbers");
    label.putObject("choices").put("colour", colour);
    return post("/api/media", pot).body().at("/pots/0/id").asString();
  }

  /** A paper that is striped in some colours, each as wide as its share of 100. */
  private String striped(String name, Object... coloursAndShares) {
    StringBuilder svg =
        new StringBuilder(
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='60mm'"
                + " viewBox='0 0 100 60'>");
    int at = 0;
    for (int i = 0; i < coloursAndShares.length; i += 2) {
      int wide = (int) coloursAndShares[i + 1];
      svg.append(
          "<rect x='%d' y='0' width='%d' height='60' fill='%s'/>"
              .formatted(at, wide, coloursAndShares[i]));
      at += wide;
    }
    JsonNode art =
        upload("/api/artworks", svg.append("</svg>").toString().getBytes(StandardCharsets.UTF_8))
            .body();
    ObjectNode body = json.createObjectNode().put("quantity", "3");
    ObjectNode design = body.putObject("design").put("kind", "PAPER").put("name", name);
    design
        .put("motif", "")
        .put("note", "")
        .put("artworkId", art.path("id").asString())
        .put("rights", "MAY_BE_SOLD");
    design.putObject("answers").putObject("numbers");
    ((ObjectNode) design.path("answers")).putObject("choices");
    design.putArray("motifs");
    Answer added = post("/api/designs", body);
    assertThat(added.status()).as(added.detail()).isEqualTo(201);
    return added.body().path("id").asString();
  }

  private List<JsonNode> colours(String designId) {
    Answer read = get("/api/designs/" + designId + "/colours");
    assertThat(read.status()).as(read.detail()).isEqualTo(200);
    return read.body().valueStream().toList();
  }

  private static double apart(String hex, String other) {
    return new Colour(hex).lab().ciede2000From(new Colour(other).lab());
  }

  @Test
  void aPictureIsToldByItsFewColoursWithWhatComesNearestToEach() {
    List<String> hexes = List.of("#1F4650", "#F1EADA", "#B3202A", "#C8962A");
    List<PaintMix.Paint> paints =
        hexes.stream().map(h -> new PaintMix.Paint(paint(h), new Colour(h))).toList();
    String design = striped("Stripes", "#E7C9A8", 61, "#23505C", 27, "#7C8F5A", 12);
    List<JsonNode> found = colours(design);
    assertThat(found).hasSize(3);
    assertThat(found.getFirst().path("shareText").asString()).startsWith("61");
    for (JsonNode colour : found) {
      String hex = colour.path("hex").asString();
      JsonNode nearest = colour.path("nearest");
      // others of the shelf may come nearer than these four, never farther
      double mine = hexes.stream().mapToDouble(h -> apart(h, hex)).min().orElseThrow();
      assertThat(apart(nearest.path("colour").asString(), hex)).isLessThanOrEqualTo(mine + 1e-9);
      double mixed = MixSearch.nearest(new Colour(hex).lab(), paints, 1).getFirst().differs();
      JsonNode best = get("/api/colours/mixes?ml=63.7&hex=%23" + hex.substring(1)).body().path(0);
      assertThat(apart(best.path("colour").asString(), hex)).isLessThan(mixed + 0.5);
      assertThat(best.path("parts")).hasSizeBetween(2, 3);
    }
  }

  /** Every design that has the colour or one like it is found, whatever either is called. */
  @Test
  void aDesignIsFoundByWhateverComesNearOneOfItsColours() {
    Random random = new Random(17);
    List<String> ids = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      ids.add(striped("Random " + i, hex(random), 50, hex(random), 30, hex(random), 20));
    }
    int near = 0;
    for (int i = 0; i < 40; i++) {
      // half of them are near one there is, so that being found is tried as often as not
      String asked =
          i % 2 == 0
              ? hex(random)
              : nudged(
                  colours(ids.get(random.nextInt(6))).getFirst().path("hex").asString(), random);
      List<JsonNode> found =
          get("/api/colours/designs?hex=%23" + asked.substring(1)).body().valueStream().toList();
      for (String id : ids) {
        double least =
            colours(id).stream()
                .mapToDouble(c -> apart(c.path("hex").asString(), asked))
                .min()
                .orElseThrow();
        List<JsonNode> here =
            found.stream().filter(f -> f.path("id").asString().equals(id)).toList();
        if (least > 10) {
          assertThat(here).isEmpty();
        } else if (found.size() < 12) {
          near++;
          assertThat(here).as("%s for %s, %.2f off", id, asked, least).hasSize(1);
          assertThat(apart(here.getFirst().path("hex").asString(), asked))
              .isCloseTo(least, within(1e-9));
        }
      }
    }
    assertThat(near).isGreaterThan(5);
  }

  private static String hex(Random random) {
    return String.format(Locale.ROOT, "#%06X", random.nextInt(0x1000000));
  }

  private static String nudged(String hex, Random random) {
    int rgb = Integer.parseInt(hex.substring(1), 16);
    int out = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      out |= Math.clamp((rgb >> shift & 0xFF) + random.nextInt(13) - 6, 0, 255) << shift;
    }
    return String.format(Locale.ROOT, "#%06X", out);
  }

  @Test
  void aDesignThatIsNotThereAndAColourThatIsNoneAreRefused() {
    assertThat(get("/api/designs/none/colours").status()).isEqualTo(404);
    Answer none = get("/api/colours/designs?hex=teal");
    assertThat(none.status()).isEqualTo(422);
    assertThat(none.detail()).contains("teal");
  }
}
