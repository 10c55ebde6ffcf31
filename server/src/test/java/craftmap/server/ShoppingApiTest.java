package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What several pieces lack together, bought for the least, ticked off and booked once. */
class ShoppingApiTest extends CoatsServerTest {
  @BeforeEach
  void nothingIsOnTheListAndEverythingElseIsThere() {
    lines().forEach(l -> delete("/api/shopping/" + l.path("id").asString()));
    plentyToPrepareWith();
  }

  private List<JsonNode> lines() {
    return lines(get("/api/shopping").body());
  }

  private static List<JsonNode> lines(JsonNode list) {
    return list.path("shops")
        .valueStream()
        .flatMap(s -> s.path("shelves").valueStream())
        .flatMap(s -> s.path("lines").valueStream())
        .toList();
  }

  private JsonNode missing(JsonNode... pieces) {
    Answer told = get("/api/shopping/missing?pieces=" + ids(pieces));
    assertThat(told.status()).as(told.detail()).isEqualTo(200);
    return told.body();
  }

  private JsonNode putOnList(JsonNode... pieces) {
    Answer told = post("/api/shopping/missing?pieces=" + ids(pieces), null);
    assertThat(told.status()).as(told.detail()).isEqualTo(200);
    return told.body();
  }

  private static String ids(JsonNode... pieces) {
    return String.join(
        ",", Stream.of(pieces).map(p -> p.path("id").asString()).toArray(String[]::new));
  }

  private static JsonNode supply(JsonNode missing, String name) {
    return missing
        .path("supplies")
        .valueStream()
        .filter(s -> s.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no " + name + " in " + missing));
  }

  private static String bought(JsonNode supply) {
    return supply
        .path("buys")
        .valueStream()
        .map(b -> b.path("text").asString() + " from " + b.path("shop").asString())
        .reduce((a, b) -> a + " and " + b)
        .orElse("nothing");
  }

  private record Sold(int ml, int cents) {}

  /** A pot whose label tells what it is sold in. */
  private String pot(String name, String level, Sold... packs) {
    ObjectNode pot = json.createObjectNode().put("holds", "5000").put("level", level);
    ObjectNode medium =
        pot.putObject("medium").put("name", name).put("generic", "furniture-enamel");
    ArrayNode sold = medium.putArray("packs");
    for (Sold s : packs) {
      ObjectNode pack = sold.addObject().put("holds", s.ml());
      pack.putObject("price").put("minor", s.cents()).put("currency", "EUR");
    }
    medium.putObject("label").putObject("choices").put("colour", "#4D6F8A");
    return post("/api/media", pot).body().at("/pots/0/id").asString();
  }

  private JsonNode painted(String name, double mm, String pot) {
    JsonNode piece = board(name, mm);
    return edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
  }

  private double needs(JsonNode piece, String pot) {
    return get("/api/pieces/" + piece.path("id").asString() + "/gather")
        .body()
        .path("needs")
        .valueStream()
        .filter(n -> n.path("potId").asString().equals(pot))
        .findFirst()
        .orElseThrow()
        .path("needMl")
        .asDouble();
  }

  private static String own(String name) {
    return name + " " + UUID.randomUUID().toString().substring(0, 8);
  }

  /** No other counts of the packs hold what two pieces lack together for less. */
  @Test
  void whatTwoPiecesLackTogetherIsBoughtForTheLeast() {
    Random dice = new Random(71);
    for (int i = 0; i < 7; i++) {
      double level = 3 + dice.nextInt(40) + 0.7;
      Sold small = new Sold(37 + dice.nextInt(80), 211 + dice.nextInt(400));
      Sold large =
          new Sold(small.ml() + 41 + dice.nextInt(300), small.cents() + dice.nextInt(1300));
      String name = own("Together " + i);
      String pot = pot(name, "" + level, small, large);
      JsonNode one = painted("First " + i, 433.7 + dice.nextDouble() * 900, pot);
      JsonNode other = painted("Second " + i, 391.3 + dice.nextDouble() * 700, pot);
      double lacking = needs(one, pot) + needs(other, pot) - level;
      JsonNode told = missing(one, other);
      JsonNode supply = supply(told, name);
      assertThat(supply.path("enough").asBoolean()).as(supply.toString()).isEqualTo(lacking <= 0.5);
      if (lacking <= 0.5) {
        continue;
      }
      long least = least(lacking, small, large);
      assertThat(cents(supply)).as("%.2f of %s, %s", lacking, small, large).isEqualTo(least);
      JsonNode list = putOnList(one, other);
      long listed =
          lines(list).stream()
              .filter(l -> l.path("name").asString().equals(name))
              .mapToLong(l -> cents(l.path("totalText").asString()))
              .sum();
      assertThat(listed).isEqualTo(least);
      assertThat(missing(one, other).path("listed").asBoolean()).isTrue();
    }
  }

  /** Each takes its turn at the pot whether it is asked about alone or among all others. */
  @Test
  void whatOneOfManyLacksIsWhatItLacksByItself() {
    Random dice = new Random(2_027);
    String name = own("Shared");
    String pot = pot(name, "97.3", new Sold(59, 413));
    List<JsonNode> pieces = new ArrayList<>();
    for (int i = 0; i < 7; i++) {
      pieces.add(painted("Turn " + i, 391.3 + dice.nextDouble() * 700, pot));
    }
    Map<String, String> together = lacking(missing(pieces.toArray(JsonNode[]::new)), name);
    Map<String, String> alone = new TreeMap<>();
    for (JsonNode piece : pieces) {
      alone.putAll(lacking(missing(piece), name));
    }
    assertThat(together).isEqualTo(alone).hasSize(7);
    // some come before the pot is empty, some after
    assertThat(together.values()).contains("").anyMatch(text -> !text.isEmpty());
  }

  /** What each piece takes of it and cannot have; nothing where it has all. */
  private static Map<String, String> lacking(JsonNode told, String name) {
    Map<String, String> lacking = new TreeMap<>();
    for (JsonNode of : supply(told, name).path("pieces")) {
      lacking.put(of.path("pieceId").asString(), of.path("missingText").asString(""));
    }
    return lacking;
  }

  private static long least(double lacking, Sold small, Sold large) {
    long least = Long.MAX_VALUE;
    for (int l = 0; l < 40; l++) {
      double left = lacking - l * (double) large.ml();
      long s = left <= 0 ? 0 : (long) Math.ceil(left / small.ml());
      least = Math.min(least, l * (long) large.cents() + s * small.cents());
    }
    return least;
  }

  private static long cents(JsonNode supply) {
    return supply
        .path("buys")
        .valueStream()
        .mapToLong(b -> cents(b.path("priceText").asString()))
        .sum();
  }

  private static long cents(String price) {
    return new BigDecimal(price.replace(" EUR", "")).movePointRight(2).longValueExact();
  }

  /**
   * Of the lists that ship, one sends for a charge and one is round the corner: which of them is
   * cheaper for a basket is what trying both comes to.
   */
  @Test
  void deliveryIsCountedWhereAShopCharges() {
    Random dice = new Random(1013);
    List<JsonNode> lists = get("/api/supplier").body().valueStream().toList();
    long charge = cents(lists.get(0).path("deliveryText").asString());
    for (int i = 0; i < 4; i++) {
      List<JsonNode> pieces = new ArrayList<>();
      List<Double> lacking = new ArrayList<>();
      List<String> names = List.of("Rust tide", "Deep estuary", "Sand drift").subList(0, 1 + i % 3);
      for (String name : names) {
        String pot = namedAsSold(name);
        JsonNode piece = painted(name + i, 317.9 + dice.nextDouble() * 1900, pot);
        pieces.add(piece);
        lacking.add(needs(piece, pot) - 0.2);
      }
      long near = 0;
      long both = charge;
      for (int k = 0; k < names.size(); k++) {
        BigDecimal need = BigDecimal.valueOf(lacking.get(k)).setScale(2, RoundingMode.UP);
        List<Sold> quay = packs(lists.get(1), names.get(k));
        near += cheapest(need.doubleValue(), quay, 0);
        both +=
            cheapest(
                need.doubleValue(),
                Stream.concat(packs(lists.get(0), names.get(k)).stream(), quay.stream()).toList(),
                0);
      }
      JsonNode told = missing(pieces.toArray(JsonNode[]::new));
      long total =
          told.path("supplies")
              .valueStream()
              .filter(s -> names.contains(s.path("name").asString()))
              .mapToLong(ShoppingApiTest::cents)
              .sum();
      boolean sent = told.path("shops").valueStream().anyMatch(s -> s.has("deliveryText"));
      assertThat(told.path("supplies").valueStream().filter(s -> !s.path("enough").asBoolean()))
          .as("only what this is about is short")
          .allSatisfy(s -> assertThat(names).contains(s.path("name").asString()));
      assertThat(total + (sent ? charge : 0))
          .as("%s of %s", lacking, names)
          .isEqualTo(Math.min(near, both));
      assertThat(cents(told.path("totalText").asString())).isEqualTo(Math.min(near, both));
    }
  }

  /** A pot with a last drop of something that the lists sell by its name. */
  private String namedAsSold(String name) {
    ObjectNode pot = json.createObjectNode().put("holds", "473").put("level", "0.2");
    ObjectNode medium = pot.putObject("medium").put("name", name).put("generic", "chalky-paint");
    medium.putArray("packs");
    medium.putObject("label").putObject("choices").put("colour", "#6A7F42");
    return post("/api/media", pot).body().at("/pots/0/id").asString();
  }

  private static List<Sold> packs(JsonNode list, String name) {
    return list.path("items")
        .valueStream()
        .filter(i -> i.path("name").asString().equals(name))
        .flatMap(i -> i.path("packs").valueStream())
        .map(
            p ->
                new Sold(
                    Integer.parseInt(p.path("text").asString().replace(" ml", "")),
                    (int) cents(p.path("priceText").asString())))
        .toList();
  }

  private static long cheapest(double open, List<Sold> packs, int from) {
    if (open <= 0) {
      return 0;
    }
    long best = Integer.MAX_VALUE;
    for (int p = from; p < packs.size(); p++) {
      best = Math.min(best, packs.get(p).cents() + cheapest(open - packs.get(p).ml(), packs, p));
    }
    return best;
  }

  @Test
  void aTripIsTickedOffBookedAndEverythingIsThereThen() {
    String name = own("Trip");
    String pot = pot(name, "2.3", new Sold(118, 640), new Sold(473, 1650));
    JsonNode piece = painted("A trip", 911.3, pot);
    assertThat(supply(missing(piece), name).path("enough").asBoolean()).isFalse();
    JsonNode list = putOnList(piece);
    JsonNode line =
        lines(list).stream()
            .filter(l -> l.path("name").asString().equals(name))
            .findFirst()
            .orElseThrow();
    assertThat(line.path("reason").asString()).isEqualTo("for A trip");
    String at = "/api/shopping/" + line.path("id").asString();
    assertThat(post("/api/shopping/bought", null).body().path("lately").toString())
        .as("nothing is booked that is not ticked off")
        .doesNotContain(name);

    assertThat(put(at + "/tick", Map.of("done", true)).body().path("ticked").asInt()).isEqualTo(1);
    JsonNode booked = post("/api/shopping/bought", null).body();
    assertThat(booked.at("/lately/0/text").asString()).contains(name);
    assertThat(lines(booked)).noneMatch(l -> l.path("name").asString().equals(name));
    JsonNode now = supply(missing(piece), name);
    assertThat(now.path("enough").asBoolean()).as(now.toString()).isTrue();
    assertThat(now.path("verdictText").asString()).contains("another pot of it has enough");

    JsonNode undone = delete(at + "/bought").body();
    assertThat(lines(undone)).anyMatch(l -> l.path("name").asString().equals(name));
    assertThat(supply(missing(piece), name).path("verdictText").asString())
        .as("it is on the list, ticked off, and counts as coming")
        .contains("on the list");
    assertThat(delete(at + "/bought").status()).as("taken back once").isEqualTo(200);
    assertThat(delete(at).status()).isEqualTo(204);
    assertThat(supply(missing(piece), name).path("enough").asBoolean()).isFalse();
  }

  /** What is only tried on is told by its colour, and bought as what a shop sells in it. */
  @Test
  void aColourThatIsTriedOnIsBoughtAsWhatIsSoldInIt() {
    JsonNode piece = board("Tried on", 391.7);
    ObjectNode tried = inGroup("PAINT_GROUND", piece);
    tried.putObject("product").put("asIf", "#2F6B70");
    JsonNode told = missing(edited(piece, tried));
    JsonNode teal = supply(told, "Chalky paint, teal");
    assertThat(bought(teal)).contains(" ml from Tidewater Supplies");
    assertThat(teal.at("/buys/0/standsIn").asString()).isEqualTo("Undertow");
    ObjectNode other = inGroup("PAINT_GROUND", piece);
    other.putObject("product").put("asIf", "#E9C7BD");
    JsonNode pale = supply(missing(edited(get(piece), other)), "Chalky paint, pale pink");
    assertThat(bought(pale)).as("nobody sells that").isEqualTo("nothing");
  }

  @Test
  void whatWasUsedMeanwhileIsNotTakenBack() {
    String name = own("Used meanwhile");
    String pot = pot(name, "0.9", new Sold(87, 310));
    JsonNode piece = painted("Used meanwhile", 301.7, pot);
    String line = lines(putOnList(piece)).getFirst().path("id").asString();
    put("/api/shopping/" + line + "/tick", Map.of("done", true));
    post("/api/shopping/bought", null);
    String medium = get("/api/holdings/" + pot).body().path("mediumId").asString();
    String fresh =
        get("/api/media/" + medium)
            .body()
            .path("pots")
            .valueStream()
            .map(p -> p.at("/holding/id").asString(p.path("id").asString()))
            .filter(id -> !id.equals(pot))
            .findFirst()
            .orElseThrow();
    post("/api/holdings/" + fresh + "/entries", Map.of("kind", "USED", "quantity", "3.1"));
    Answer back = delete("/api/shopping/" + line + "/bought");
    assertThat(back.status()).isEqualTo(422);
    assertThat(back.detail()).contains("is more than there is");
    assertThat(get("/api/shopping").body().at("/lately/0/text").asString()).contains(name);
  }

  /** Whoever presses at the same time, everything is listed once and booked once. */
  @Test
  void manyAtOnceListOnceAndBookOnce() throws Exception {
    List<String> names = new ArrayList<>();
    List<JsonNode> pieces = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      names.add(own("Of many " + i));
      String pot = pot(names.get(i), "1." + i, new Sold(61 + i, 307 + i), new Sold(310, 990));
      pieces.add(painted("Of many " + i, 577.3 + 61 * i, pot));
    }
    JsonNode[] all = pieces.toArray(JsonNode[]::new);
    String path = "/api/shopping/missing?pieces=" + ids(all);
    List<Answer> listed = atOnce(12, i -> post(path, null));
    assertThat(listed).allSatisfy(a -> assertThat(a.status()).as(a.detail()).isEqualTo(200));
    List<JsonNode> lines =
        lines().stream().filter(l -> names.contains(l.path("name").asString())).toList();
    assertThat(lines.stream().map(l -> l.path("name").asString() + l.path("pack").asString()))
        .doesNotHaveDuplicates();
    assertThat(missing(all).path("listed").asBoolean()).isTrue();

    lines.forEach(
        l -> put("/api/shopping/" + l.path("id").asString() + "/tick", Map.of("done", true)));
    List<Answer> bought =
        atOnce(
            12,
            i ->
                i % 3 == 0
                    ? put(
                        "/api/shopping/"
                            + lines.get(i % lines.size()).path("id").asString()
                            + "/quantity",
                        Map.of("quantity", lines.get(i % lines.size()).path("quantity").asInt()))
                    : post("/api/shopping/bought", null));
    assertThat(bought).allSatisfy(a -> assertThat(a.status()).as(a.detail()).isEqualTo(200));
    for (String name : names) {
      double listedMl =
          lines.stream()
              .filter(l -> l.path("name").asString().equals(name))
              .mapToDouble(
                  l ->
                      l.path("quantity").asInt()
                          * Double.parseDouble(l.path("pack").asString().replace(" ml", "")))
              .sum();
      String there = supply(missing(all), name).path("thereText").asString();
      double first = 1 + names.indexOf(name) / 10.0;
      assertThat(millilitres(there)).as(there).isCloseTo(listedMl + first, within(0.6));
    }
  }

  private static org.assertj.core.data.Offset<Double> within(double ml) {
    return org.assertj.core.data.Offset.offset(ml);
  }

  private static double millilitres(String text) {
    return Double.parseDouble(text.substring(0, text.indexOf(" ml")));
  }

  @Test
  void planningAnewKeepsWhatIsTickedOffAndWhatWasWrittenByHand() {
    String name = own("Anew");
    String pot = pot(name, "0.4", new Sold(90, 410));
    JsonNode piece = painted("Anew", 689.1, pot);
    JsonNode byHand = post("/api/shopping", Map.of("name", "A new sponge", "quantity", 2)).body();
    assertThat(lines(byHand).getFirst().path("booked").asBoolean()).isFalse();
    JsonNode planned =
        lines(putOnList(piece)).stream()
            .filter(l -> l.path("name").asString().equals(name))
            .findFirst()
            .orElseThrow();
    put("/api/shopping/" + planned.path("id").asString() + "/tick", Map.of("done", true));
    List<JsonNode> anew = lines(putOnList(piece));
    assertThat(anew.stream().map(l -> l.path("name").asString()))
        .containsExactlyInAnyOrder("A new sponge", name);
    assertThat(bought(supply(missing(piece), name))).isEqualTo("nothing");
  }

  @Test
  void whatIsWrittenWronglyIsRefusedAndNothingIsLost() {
    post("/api/shopping", Map.of("name", "Lint-free cloths", "quantity", 1));
    String id = lines().getFirst().path("id").asString();
    assertThat(post("/api/shopping", Map.of("name", " ", "quantity", 1)).detail())
        .contains("Name (empty)");
    assertThat(post("/api/shopping", Map.of("name", "x".repeat(81), "quantity", 1)).status())
        .isEqualTo(422);
    assertThat(put("/api/shopping/" + id + "/quantity", Map.of("quantity", 0)).detail())
        .contains("Quantity (0)")
        .contains("1 to 99");
    assertThat(put("/api/shopping/nothing/tick", Map.of("done", true)).status()).isEqualTo(404);
    assertThat(post("/api/shopping", Map.of("sku", "CP-01", "pack", 9, "quantity", 1)).status())
        .isEqualTo(422);
    assertThat(get("/api/shopping/missing?pieces=nothing").status()).isEqualTo(404);
    assertThat(lines()).hasSize(1);
  }

  @Test
  void theListIsTakenAlongByShopAndShelf() throws IOException {
    post("/api/shopping", Map.of("sku", "CP-01", "pack", 1, "quantity", 2));
    post("/api/shopping", Map.of("sku", "GQ-21", "pack", 0, "quantity", 1));
    post("/api/shopping", Map.of("name", "=Sponges", "quantity", 3));
    String csv = new String(get("/api/shopping/table").raw().body(), StandardCharsets.UTF_8);
    assertThat(csv.lines())
        .contains(
            "Tidewater Supplies,Paints,Low tide,2,473 ml,16.50,33.00,EUR,,no",
            "\"\",,'=Sponges,3,,,,,,no");
    for (String paper : List.of("A4", "LETTER")) {
      try (PDDocument pdf =
          Loader.loadPDF(get("/api/shopping/sheet?paper=" + paper).raw().body())) {
        String text = new PDFTextStripper().getText(pdf);
        assertThat(text)
            .contains("Gannet Quay Crafts", "Front room, primers", "1 × 250 ml of Stain blocker")
            .contains("Tidewater Supplies", "Sends it for 4.90 EUR", "33.00 EUR")
            .contains("3 lines, 45.60 EUR still to pay");
        assertThat(text.indexOf("Gannet")).isLessThan(text.indexOf("Tidewater"));
      }
    }
  }
}
