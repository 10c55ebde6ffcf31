package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Build-ups that are kept as schemes, used elsewhere, and set side by side. */
class ComparedApiTest extends CoatsServerTest {
  @BeforeEach
  void onlyPaintIsShort() {
    plentyToPrepareWith();
  }

  @Test
  void manyWhoKeepASchemeUnderOneNameKeepOneAndNobodyIsSentAway() throws Exception {
    String name = "Of all of us";
    List<Answer> kept =
        atOnce(
            12,
            i -> {
              ObjectNode scheme = json.createObjectNode().put("name", name);
              ArrayNode coats = scheme.putObject("wishes").putArray("coats");
              coats.addObject().put("band", "ground").put("times", 1 + i % 12);
              return post("/api/schemes", scheme);
            });
    assertThat(kept).allSatisfy(a -> assertThat(a.status()).as(a.detail()).isEqualTo(201));
    List<JsonNode> there =
        get("/api/schemes")
            .body()
            .valueStream()
            .filter(s -> s.path("name").asString().equals(name))
            .toList();
    assertThat(there).hasSize(1);
    assertThat(there.getFirst().at("/wishes/coats/0/times").asInt()).isBetween(1, 12);
  }

  @Test
  void coatsAreKeptAsASchemeAndUsedOnAnotherPieceAndCarriedByItsFile() {
    JsonNode piece = board("Kept", 455.1);
    String teal = paint("chalky-paint", "#215F63", 0.8, "3000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), teal));
    piece = edited(piece, withProduct(inGroup("ADD_COAT", piece).put("id", "d"), "dark-wax"));
    JsonNode kept = group(piece);
    ObjectNode scheme = json.createObjectNode().put("name", "Estuary, " + teal.substring(0, 8));
    scheme.set("wishes", kept.path("wishes"));
    Answer made = post("/api/schemes", scheme);
    assertThat(made.status()).as(made.detail()).isEqualTo(201);
    assertThat(texts(get("/api/schemes").body(), "name")).contains(scheme.path("name").asString());
    JsonNode other = board("Another", 699.9);
    ObjectNode use = inGroup("USE_SCHEME", other).put("name", "Estuary");
    use.set("scheme", made.body().path("wishes"));
    JsonNode used = edited(other, use);
    assertThat(keys(group(used))).isEqualTo(keys(kept));
    assertThat(used.at("/document/faces/0/ground").asString()).isEqualTo("#215F63");
    byte[] file = get("/api/pieces/" + used.path("id").asString() + "/export").raw().body();
    Answer in = upload("/api/pieces/import", file);
    assertThat(in.status()).as(in.detail()).isLessThan(300);
    JsonNode back = get("/api/pieces/" + in.body().path("id").asString()).body();
    assertThat(back.at("/document/coats/groups/0/wishes/coats")).hasSize(2);
    delete("/api/schemes/" + made.body().path("id").asString());
    assertThat(get("/api/schemes").body().findValuesAsString("id"))
        .doesNotContain(made.body().path("id").asString());
  }

  /** What is compared is what one gets: each is taken and comes to what was told of it. */
  @Test
  void whatIsComparedIsWhatOneGets() {
    JsonNode piece = board("Compared", 733.1);
    String teal = paint("chalky-paint", "#1F4650", 0.8, "4000");
    String red = paint("chalky-paint", "#B3202A", 0.6, "4000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), red));
    JsonNode kept =
        post(
                "/api/schemes",
                Map.of("name", "Red " + piece.path("id"), "wishes", group(piece).path("wishes")))
            .body();
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), teal));
    String base =
        "/api/pieces/"
            + piece.path("id").asString()
            + "/coats/"
            + group(piece).path("id").asString()
            + "/compared";
    List<JsonNode> compared = get(base).body().valueStream().toList();
    JsonNode now = compared.getFirst();
    assertThat(now.path("key").asString()).isEqualTo("now");
    assertThat(now.path("totalText")).isEqualTo(group(piece).path("totalText"));
    JsonNode scheme =
        compared.stream()
            .filter(c -> c.path("key").asString().equals("scheme:" + kept.path("id").asString()))
            .findFirst()
            .orElseThrow();
    ObjectNode use = inGroup("USE_SCHEME", piece).put("name", "Red");
    use.set("scheme", kept.path("wishes"));
    JsonNode taken = group(edited(piece, use));
    assertThat(taken.path("totalText")).isEqualTo(scheme.path("totalText"));
    assertThat(taken.path("handsOnText")).isEqualTo(scheme.path("handsOnText"));
    assertThat(taken.path("swatches")).isEqualTo(scheme.path("swatches"));
    assertThat(scheme.path("coats").asInt()).isGreaterThan(now.path("coats").asInt());
    assertThat(get(base.replace("/compared", "x/compared")).status()).isEqualTo(404);
  }

  /**
   * What is told to be spent on the piece is the least that the packs on the label come to: no
   * other counts of them hold what is missing for less.
   */
  @Test
  void whatIsToBeSpentIsTheLeastThatThePacksComeTo() {
    Random dice = new Random(90417);
    for (int i = 0; i < 8; i++) {
      JsonNode piece = board("Cash " + i, 611.7 + dice.nextDouble() * 2300);
      double level = 7 + dice.nextInt(60) + 0.3;
      int smallMl = 41 + dice.nextInt(90);
      int largeMl = smallMl + 60 + dice.nextInt(400);
      int smallCents = 311 + dice.nextInt(300);
      int largeCents = smallCents + dice.nextInt(1500);
      String pot = sold("Sold " + i, level, smallMl, smallCents, largeMl, largeCents);
      piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
      String base = "/api/pieces/" + piece.path("id").asString();
      JsonNode need =
          get(base + "/gather")
              .body()
              .path("needs")
              .valueStream()
              .filter(n -> n.path("potId").asString().equals(pot))
              .findFirst()
              .orElseThrow();
      double missing = need.path("needMl").asDouble() - level;
      long least = Long.MAX_VALUE;
      for (int large = 0; large < 60; large++) {
        double left = missing - large * (double) largeMl;
        long small = left <= 0 ? 0 : (long) Math.ceil(left / smallMl);
        least = Math.min(least, large * (long) largeCents + small * smallCents);
      }
      JsonNode now =
          get(base + "/coats/" + group(piece).path("id").asString() + "/compared").body().get(0);
      assertThat(now.path("cashText").asString())
          .as(
              "%.2f ml of %d ml at %d, %d ml at %d",
              missing, smallMl, smallCents, largeMl, largeCents)
          .isEqualTo(missing <= 0.5 ? "" : BigDecimal.valueOf(least, 2) + " EUR");
    }
  }

  private String sold(String name, double level, int ml, int cents, int largeMl, int largeCents) {
    ObjectNode pot = json.createObjectNode().put("holds", "5000").put("level", "" + level);
    ObjectNode medium =
        pot.putObject("medium").put("name", name).put("generic", "furniture-enamel");
    ArrayNode packs = medium.putArray("packs");
    pack(packs, ml, cents);
    pack(packs, largeMl, largeCents);
    medium.putObject("label").putObject("choices").put("colour", "#8A6F4D");
    return post("/api/media", pot).body().at("/pots/0/id").asString();
  }

  private static void pack(ArrayNode packs, int ml, int cents) {
    ObjectNode pack = packs.addObject().put("holds", ml);
    pack.putObject("price").put("minor", cents).put("currency", "EUR");
  }

  /** What the supplier sells of a kind has its price; what nobody sells in that colour is named. */
  @Test
  void whatIsNotOwnedIsPricedByTheSuppliersListOrNamed() {
    JsonNode piece = board("Not owned", 433.1);
    piece = edited(piece, withProduct(inGroup("PAINT_GROUND", piece), "grey-primer"));
    String compared =
        "/api/pieces/"
            + piece.path("id").asString()
            + "/coats/"
            + group(piece).path("id").asString()
            + "/compared";
    // the same as the page that tells what the piece costs, with what sending it costs
    String cash = get(compared).body().get(0).path("cashText").asString();
    assertThat(cash)
        .isEqualTo(
            get("/api/pieces/" + piece.path("id").asString() + "/money")
                .body()
                .path("stillText")
                .asString());
    assertThat(Double.parseDouble(cash.replace(" EUR", ""))).isGreaterThanOrEqualTo(12.90);
    ObjectNode asIf = inGroup("PAINT_GROUND", piece);
    asIf.putObject("product").put("asIf", "#13F70B");
    edited(piece, asIf);
    assertThat(get(compared).body().get(0).path("cashText").asString())
        .startsWith("no price known for ");
  }
}
