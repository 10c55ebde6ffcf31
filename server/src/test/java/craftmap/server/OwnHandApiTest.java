package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Parts of pictures, zones, what reaches over an edge, and rights, through the doors people use.
 */
class OwnHandApiTest extends ServerTest {
  private static JsonNode piece(Answer edited) {
    assertThat(edited.status()).as(edited.detail()).isEqualTo(200);
    return edited.body().path("piece");
  }

  private static JsonNode lay(JsonNode piece, String id) {
    return piece
        .at("/reading/faces")
        .valueStream()
        .flatMap(f -> f.path("lays").valueStream())
        .filter(l -> l.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private ObjectNode laid(String id, String design) {
    return of("LAY_DESIGN").put("id", id).put("faceId", "front").put("designId", design);
  }

  private ObjectNode part(String layId, String name, double borderMm, String edge) {
    ObjectNode edit = of("USE_PART").put("layId", layId);
    edit.putObject("part").put("name", name).put("borderMm", borderMm).put("edge", edge);
    return edit;
  }

  private ObjectNode measured(String layId, String key, double value) {
    ObjectNode edit = of("MEASURE_LAY").put("layId", layId);
    edit.putObject("measures").put(key, value);
    return edit;
  }

  private ObjectNode chosen(String layId, String key, String choice) {
    ObjectNode edit = of("MEASURE_LAY").put("layId", layId);
    edit.putObject("choices").put(key, choice);
    return edit;
  }

  /** Over seeded numbers of gulls: as many napkins as there are fours of them, and no fewer do. */
  @Test
  void asManyNapkinsAreToldAsTheGullsNeedPictures() {
    Random random = new Random(20_261_205);
    for (int k = 0; k < 6; k++) {
      int gulls = 1 + random.nextInt(17);
      double border = Math.round(random.nextDouble() * 900) / 100.0;
      JsonNode saved =
          piece(
              edit(
                  newChest("Gulls " + k),
                  laid("g", "gull-grasses"),
                  part("g", "the gull", border, "CUT"),
                  of("OTHER_RULE").put("layId", "g").put("rule", "SCATTER"),
                  chosen("g", "amount", "COUNT"),
                  measured("g", "count", gulls),
                  measured("g", "gap", 3.7)));
      JsonNode lay = lay(saved, "g");
      assertThat(lay.at("/laid/positions").asInt()).isEqualTo(gulls);
      JsonNode takes =
          lay.at("/laid/takes")
              .valueStream()
              .filter(t -> t.path("name").asString().equals("Napkins"))
              .findFirst()
              .orElseThrow();
      int napkins = Math.ceilDiv(gulls, 4);
      assertThat(takes.path("text").asString()).isEqualTo("" + napkins);
      assertThat(takes.path("note").asString())
          .isEqualTo(napkins + " is the least possible laid like this");
      // what each shows on the sheet is its box with that border
      JsonNode art = lay.at("/laid/arts/0");
      JsonNode bare =
          lay(piece(edit(saved, part("g", "the gull", 0, "CUT"))), "g").at("/laid/arts/0");
      assertThat(art.at("/print/widthMm").asDouble())
          .isCloseTo(bare.at("/print/widthMm").asDouble() + 2 * border, within(1e-6));
    }
  }

  @Test
  void aPartThatThePictureHasNotIsRefusedWithItsNamesAndNothingChanges() {
    JsonNode chest = piece(edit(newChest("No heron"), laid("g", "gull-grasses")));
    Answer refused = edit(chest, part("g", "the heron", 4, "TORN"));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("the heron", "the gull, the small gull");
    Answer wide = edit(chest, part("g", "the gull", 999, "CUT"));
    assertThat(wide.detail()).startsWith("Border round the part");
    String path = "/api/pieces/" + chest.path("id").asString();
    assertThat(get(path).body().path("version")).isEqualTo(chest.path("version"));
  }

  @Test
  void aLayGoesWithItsZoneAndIsToldWhenTheZoneIsGone() {
    JsonNode zoned =
        piece(
            edit(
                newChest("Writing box"),
                of("ADD_MARK")
                    .put("id", "leather")
                    .put("faceId", "front")
                    .put("mark", "ZONE")
                    .put("xMm", 300.3)
                    .put("yMm", 200.9),
                laid("s", "gull"),
                of("AIM_AT").put("layId", "s").put("zoneId", "leather"),
                of("OTHER_RULE").put("layId", "s").put("rule", "SINGLE")));
    ObjectNode zone = (ObjectNode) zoned.at("/document/faces/0/zones/0").deepCopy();
    zone.putObject("area")
        .put("kind", "UPRIGHT")
        .put("leftMm", 211.7)
        .put("topMm", 63.1)
        .put("widthMm", 301.9)
        .put("heightMm", 222.7);
    ObjectNode put = of("PUT_ZONE").put("faceId", "front");
    put.set("zone", zone);
    JsonNode moved = piece(edit(zoned, put));
    JsonNode item = lay(moved, "s").at("/laid/items/0");
    assertThat(item.path("xMm").asDouble()).isCloseTo(211.7 + 301.9 / 2, within(1e-9));
    assertThat(item.path("yMm").asDouble()).isCloseTo(63.1 + 222.7 / 2, within(1e-9));
    assertThat(lay(moved, "s").at("/zone/at/xMm").asDouble()).isEqualTo(211.7);

    JsonNode gone =
        piece(edit(moved, of("TAKE_MARK_AWAY").put("faceId", "front").put("markId", "leather")));
    assertThat(lay(gone, "s").has("laid")).isFalse();
    assertThat(lay(gone, "s").at("/notes/0/text").asString()).contains("is not on this face");
  }

  /** Over seeded distances: a band near an edge is laid, and says by how much it reaches over. */
  @Test
  void aBandOverTheEdgeIsLaidAndItsOverhangTold() {
    Random random = new Random(20_261_206);
    put("/api/studio/tape", Map.of("division", "MM_1"));
    try {
      for (int k = 0; k < 5; k++) {
        double distance = Math.round(random.nextDouble() * 2800) / 100.0;
        JsonNode read =
            post(
                    "/api/readings",
                    withFernBand(newChest("Over " + k).path("document"), "band", distance))
                .body();
        JsonNode lay = read.at("/faces/0/lays/0");
        double tall =
            get("/api/stencils")
                .body()
                .valueStream()
                .filter(s -> s.path("id").asString().equals("fern-band"))
                .findFirst()
                .orElseThrow()
                .at("/printHeight/mm")
                .asDouble();
        assertThat(lay.at("/laid/items/0/share").asDouble())
            .isCloseTo((distance + tall / 2) / tall, within(1e-6));
        assertThat(texts(lay.path("notes"), "text"))
            .contains(
                "It reaches %d mm over the top edge: that much of it is lost, or turned round the edge."
                    .formatted(Math.round(tall / 2 - distance)));
      }
    } finally {
      put("/api/studio/tape", Map.of("division", "INCH_16"));
    }
  }

  @Test
  void wordsInSeveralLinesAreCalledInOneAndPrinted() {
    JsonNode words =
        piece(
            edit(
                newChest("Tea box"),
                of("LAY_WORDS")
                    .put("id", "w")
                    .put("faceId", "front")
                    .put("text", "Tea\nMarsh mint\n\nSalt")));
    assertThat(lay(words, "w").path("designName").asString()).isEqualTo("Tea Marsh mint Salt");
    String path = "/api/pieces/" + words.path("id").asString();
    assertThat(get(path + "/faces/front/print?paper=A4").status()).isEqualTo(200);
    assertThat(get(path + "/map.svg").status()).isEqualTo(200);
    assertThat(get(path + "/mats").status()).isEqualTo(200);
    assertThat(get(path + "/gather").status()).isEqualTo(200);
  }

  @Test
  void rightsCountOnceThePieceIsForSale() {
    JsonNode mine = piece(edit(newChest("For the fair"), laid("g", "gull-grasses")));
    assertThat(texts(lay(mine, "g").path("notes"), "rule")).doesNotContain("rights");
    JsonNode sold = piece(edit(mine, of("PIECE_FOR_SALE").put("forSale", true)));
    assertThat(sold.at("/document/forSale").asBoolean()).isTrue();
    assertThat(texts(lay(sold, "g").path("notes"), "text"))
        .contains("Gull and grasses: own use only. This piece is for sale, so get leave first.");
    JsonNode again = piece(edit(sold, of("PIECE_FOR_SALE").put("forSale", false)));
    assertThat(again.path("document").has("forSale")).isFalse();
    assertThat(again.path("undo").asString()).isEqualTo("Marked it as not for sale");
  }

  @Test
  void whatAPlanSaysByHandComesBackFromItsFile() {
    JsonNode saved =
        piece(
            edit(
                newChest("Out and in"),
                laid("g", "gull-grasses"),
                part("g", "the small gull", 6.3, "TORN"),
                of("PIECE_FOR_SALE").put("forSale", true)));
    byte[] file = get("/api/pieces/" + saved.path("id").asString() + "/export").raw().body();
    String id = upload("/api/pieces/import", file).body().path("id").asString();
    assertThat(get("/api/pieces/" + id).body().path("document")).isEqualTo(saved.path("document"));
  }
}
