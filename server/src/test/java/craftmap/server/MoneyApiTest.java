package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a piece costs, what would make it cost less, and what it should be sold for. */
class MoneyApiTest extends OrderServerTest {
  private JsonNode ratesBefore;

  @BeforeEach
  void rates() {
    ratesBefore = get("/api/money").body();
    say(15, 20, 18, "MARGIN");
  }

  @AfterEach
  void ratesAsTheyWere() {
    ObjectNode was = ((ObjectNode) ratesBefore).deepCopy();
    was.put("version", 0);
    put("/api/money", was, get("/api/money").body().path("version").asLong());
  }

  private Answer put(String path, Object body, long version) {
    return change("PUT", path, body, version);
  }

  private Answer say(double hourly, int margin, double wage, String way) {
    ObjectNode doc =
        json.createObjectNode()
            .put("version", 0)
            .put("currency", "EUR")
            .put("hourly", String.format(Locale.ROOT, "%.2f", hourly))
            .put("margin", margin)
            .put("wage", String.format(Locale.ROOT, "%.2f", wage))
            .put("way", way);
    return put("/api/money", doc, get("/api/money").body().path("version").asLong());
  }

  private JsonNode money(JsonNode piece) {
    Answer answer = get(path(piece) + "/money");
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  private static double figure(JsonNode text) {
    return figure(text.asString());
  }

  private static double figure(String text) {
    return Double.parseDouble(text.replaceAll("[^0-9.]", ""));
  }

  /** Other tests ask for wash and varnish too. */
  @BeforeEach
  void enoughOfWhatIsNotLookedAt() {
    plentyToPrepareWith();
  }

  /** A pot of so much for so much, of its own colour. */
  private String pot(String colour, String ml, String price) {
    ObjectNode pot = json.createObjectNode().put("holds", ml);
    pot.putObject("stock").put("price", price).put("currency", "EUR");
    ObjectNode medium = pot.putObject("medium").put("name", "Priced " + colour);
    medium
        .put("generic", "chalky-paint")
        .putArray("packs")
        .addObject()
        .put("holds", 118)
        .putObject("price")
        .put("minor", 930)
        .put("currency", "EUR");
    ObjectNode label = medium.putObject("label");
    label.putObject("numbers").put("oneCoatHides", 80);
    label.putObject("choices").put("colour", colour);
    Answer made = post("/api/media", pot);
    assertThat(made.status()).as(made.detail()).isIn(200, 201);
    return made.body().at("/pots/0/id").asString();
  }

  private JsonNode painted(String name, double mm, String pot) {
    JsonNode piece = board(name, mm);
    return edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
  }

  private static JsonNode line(JsonNode money, String name) {
    for (JsonNode line : money.path("lines")) {
      if (line.path("name").asString().equals(name)) {
        return line;
      }
    }
    throw new AssertionError(name + " in " + money.path("lines"));
  }

  /** What was paid for a pot is what its millilitres are worth; hours are those of the order. */
  @Test
  void whatItUsesIsWorthWhatWasPaidForIt() {
    Random dice = new Random(1_907);
    for (int round = 0; round < 4; round++) {
      double level = 900.3 + 400 * dice.nextDouble();
      double price = Math.round((7 + 20 * dice.nextDouble()) * 100) / 100.0;
      String colour = List.of("#31525B", "#8C2F39", "#DDE5D7", "#B98D3E").get(round);
      String pot =
          pot(
              colour,
              String.format(Locale.ROOT, "%.1f", level),
              String.format(Locale.ROOT, "%.2f", price));
      JsonNode piece = painted("Worth " + round, 611.3 + 200 * dice.nextDouble(), pot);
      JsonNode money = money(piece);
      JsonNode line = line(money, "Priced " + colour);
      double ml = 0;
      for (JsonNode need : get(path(piece) + "/gather").body().path("needs")) {
        if (need.path("potId").asString().equals(pot)) {
          ml = figure(need.path("needText"));
        }
      }
      assertThat(ml).isPositive();
      assertThat(figure(line.path("worthText")))
          .isCloseTo(ml * price / level, within(0.01 + 0.51 * price / level));
    }
  }

  @Test
  void bothSchoolsComeToAPriceThatBringsWhatWasAsked() {
    String pot = pot("#41627B", "1400", "21.30");
    JsonNode piece = painted("Priced", 1_207.9, pot);
    say(13.70, 35, 19.40, "WAGE");
    Answer said =
        put(
            path(piece) + "/money",
            Map.of("paid", "27.50", "budget", "12.00", "asked", "240"),
            money(piece).path("version").asLong());
    assertThat(said.status()).as(said.detail()).isEqualTo(200);
    JsonNode money = said.body();

    double supplies = figure(money.path("suppliesText"));
    double hours = 0;
    for (JsonNode step : steps(order(piece))) {
      hours += Math.ceil(step.path("minutes").asDouble()) / 60;
    }
    double cost = 27.50 + supplies + hours * 13.70;
    assertThat(figure(money.path("costText"))).isCloseTo(cost, within(0.35));
    JsonNode margin = money.at("/proposals/0");
    JsonNode wage = money.at("/proposals/1");
    assertThat(margin.path("way").asString()).isEqualTo("MARGIN");
    assertThat(figure(margin.path("priceText"))).isBetween(cost * 1.35 - 0.5, cost * 1.35 + 1.5);
    assertThat(wage.path("chosen").asBoolean()).isTrue();
    assertThat(figure(wage.path("priceText")))
        .isBetween(27.50 + supplies + hours * 19.40 - 0.5, 27.50 + supplies + hours * 19.40 + 1.5);
    assertThat(money.path("askedText").asString()).contains("240").contains("hour");
  }

  /** Of two who say something else at once, one is told of the other; nothing is lost unseen. */
  @Test
  void manyWhoSayItAtOnceAreToldOfEachOther() throws Exception {
    JsonNode piece = painted("Said at once", 700.7, pot("#55717A", "900", "9.90"));
    List<Answer> answers =
        atOnce(10, i -> put(path(piece) + "/money", Map.of("paid", (10 + i) + ".00"), 0L));

    assertThat(answers).filteredOn(a -> a.status() == 200).hasSize(1);
    assertThat(answers).filteredOn(a -> a.status() == 409).hasSize(9);
    assertThat(money(piece).path("version").asLong()).isEqualTo(1);

    List<Answer> rates = atOnce(8, i -> say(10 + i, 10, 20, "MARGIN"));
    assertThat(rates).allMatch(a -> a.status() == 200 || a.status() == 409);
    assertThat(rates).anyMatch(a -> a.status() == 200);
  }

  @Test
  void sumsThatAreNoneAreRefusedInWordsAndNothingIsChanged() {
    JsonNode piece = painted("Refused", 650.3, pot("#66808A", "900", "9.90"));
    put(path(piece) + "/money", Map.of("paid", "12.50"), 0L);
    Answer wrong = put(path(piece) + "/money", Map.of("paid", "twelve"), 1L);
    assertThat(wrong.status()).isEqualTo(422);
    assertThat(wrong.detail()).contains("twelve");
    assertThat(money(piece).at("/purse/paid").asString()).isEqualTo("12.50");
    assertThat(say(15, 901, 20, "MARGIN").status()).isEqualTo(422);
    assertThat(get("/api/pieces/no-such/money").status()).isEqualTo(404);
  }

  /** Every way that is told saves what it says, once it is taken. */
  @Test
  void whatIsToldToCostLessDoesOnceItIsTaken() {
    Random dice = new Random(733);
    int ways = 0;
    for (int round = 0; round < 3; round++) {
      String dear =
          pot(
              List.of("#2E4E57", "#94303A", "#C69A3F").get(round),
              String.format(Locale.ROOT, "%.1f", 3 + 4 * dice.nextDouble()),
              "14.90");
      pot(List.of("#2F5058", "#95323B", "#C79B41").get(round), "4000", "31.00");
      JsonNode piece = painted("Dear " + round, 903.1 + 300 * dice.nextDouble(), dear);
      double before = figure(money(piece).path("stillText"));
      JsonNode told = get(path(piece) + "/money/cheaper").body();
      assertThat(told).isNotEmpty();
      double last = 0;
      for (JsonNode way : told) {
        double then = figure(way.path("thenText"));
        assertThat(then).isGreaterThanOrEqualTo(last);
        assertThat(figure(way.path("savesText"))).isCloseTo(before - then, within(0.011));
        last = then;
        ways++;
      }
      double limit = figure(told.get(0).path("thenText")) + dice.nextDouble() * 0.9;
      boolean isOver = before > limit;
      put(
          path(piece) + "/money",
          Map.of("budget", String.format(Locale.ROOT, "%.2f", limit)),
          money(piece).path("version").asLong());
      assertThat(money(piece).path("unsold")).isEmpty();
      assertThat(money(piece).path("over").asBoolean()).isEqualTo(isOver);
      for (JsonNode way : get(path(piece) + "/money/cheaper").body()) {
        boolean within = figure(way.path("thenText")) <= Math.round(limit * 100) / 100.0;
        assertThat(way.path("mends").asBoolean()).as(way.toString()).isEqualTo(isOver && within);
      }
      JsonNode best = taken(piece, told.get(0).path("edits"));
      assertThat(money(best).path("over").asBoolean()).isFalse();
      assertThat(figure(money(best).path("stillText")))
          .isCloseTo(figure(told.get(0).path("thenText")), within(0.011));
    }
    assertThat(ways).isGreaterThanOrEqualTo(3);
  }

  private JsonNode taken(JsonNode piece, JsonNode edits) {
    ObjectNode body = json.createObjectNode();
    body.set("edits", edits);
    Answer answer = change("POST", path(piece) + "/edits", body, piece.path("version").asLong());
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body().path("piece");
  }

  /** Whether it says so or not: what it says of the changes is so once they are taken. */
  @Test
  void fromWhatIsOwnedOnlyItGoesOrSaysWhereItStops() {
    Random dice = new Random(40_127);
    int goes = 0;
    for (int round = 0; round < 6; round++) {
      String colour = String.format("#%02X2E%02X", 90 + dice.nextInt(60), 60 + dice.nextInt(60));
      String little =
          pot(colour, String.format(Locale.ROOT, "%.1f", 2 + 30 * dice.nextDouble()), "8.10");
      if (round % 2 == 0) {
        pot(nearly(colour), "3000", "25.00");
      }
      JsonNode piece = painted("Own only " + round, 411.9 + 700 * dice.nextDouble(), little);
      JsonNode own = get(path(piece) + "/money/own-only").body();
      JsonNode then = own.path("edits").isEmpty() ? piece : taken(piece, own.path("edits"));
      JsonNode gather = get(path(then) + "/gather").body();
      assertThat(own.path("complete").asBoolean())
          .as("%s: %s", own, gather)
          .isEqualTo(gather.path("complete").asBoolean());
      if (own.path("complete").asBoolean()) {
        assertThat(figure(money(then).path("stillText"))).isZero();
        goes++;
      } else {
        assertThat(own.path("stops")).isNotEmpty();
      }
    }
    assertThat(goes).isBetween(2, 5);
  }

  /** A colour that nobody tells apart from another. */
  private static String nearly(String colour) {
    int last = Integer.parseInt(colour.substring(5), 16);
    return colour.substring(0, 5) + String.format("%02X", last + 1);
  }

  /** Fewer coats, or a wash, that let what is under them show say so. */
  @Test
  void whatIsNotAsGoodIsTold() {
    JsonNode piece = painted("Thinner", 1905.3, pot("#1B2E4B", "3.7", "9.10"));
    int risky = 0;
    for (JsonNode way : get(path(piece) + "/money/cheaper").body()) {
      JsonNode copy = post(path(piece) + "/copy", null).body();
      JsonNode there = copy.has("piece") ? copy.path("piece") : copy;
      long before = risks(there);
      long after = risks(taken(there, way.path("edits")));
      assertThat(way.path("risks").isEmpty()).as(way.toString()).isEqualTo(after <= before);
      risky += way.path("risks").isEmpty() ? 0 : 1;
    }
    assertThat(risky).isPositive();
  }

  private long risks(JsonNode piece) {
    return coats(piece)
        .at("/groups/0/findings")
        .valueStream()
        .filter(f -> f.path("level").asString().equals("RISK"))
        .count();
  }

  /** Sheets that were cut are worth what they were before: they are used, not gone. */
  @Test
  void whatWasCutKeepsItsWorth() {
    JsonNode chest = newChest("Cut and worth it");
    String base = path(chest);
    JsonNode laid = layDesign(chest.path("document"), "front", "sea-holly");
    save(chest, outOf(newPot("clear-satin", "900"), laid.path("document")), "Laid", null);
    String name = get(base + "/cuts").body().at("/designs/0/name").asString();
    JsonNode before = get(base + "/money").body();
    double worth = figure(line(before, name).path("worthText"));
    assertThat(worth).isPositive();

    put(base + "/cuts/sea-holly", json.createObjectNode());
    JsonNode after = get(base + "/money").body();
    assertThat(figure(line(after, name).path("worthText"))).isEqualTo(worth);
    assertThat(after.path("suppliesText")).isEqualTo(before.path("suppliesText"));
    assertThat(figure(after.path("usedText")))
        .isCloseTo(figure(before.path("usedText")) + worth, within(0.011));

    delete(base + "/cuts/sea-holly");
    assertThat(get(base + "/money").body().path("usedText")).isEqualTo(before.path("usedText"));
    archived(chest);
  }

  /** Nothing is converted: what was said in one currency is none of another. */
  @Test
  void sumsInAnotherCurrencyAreToldAndNotCounted() {
    JsonNode piece = painted("Two currencies", 655.1, pot("#4C6A2E", "900", "9.90"));
    put(path(piece) + "/money", Map.of("paid", "27.50", "asked", "90"), 0L);
    double cost = figure(money(piece).path("costText"));
    ObjectNode dollars = ((ObjectNode) get("/api/money").body()).deepCopy().put("currency", "USD");
    assertThat(put("/api/money", dollars, dollars.path("version").asLong()).status())
        .isEqualTo(200);

    JsonNode money = money(piece);

    assertThat(money.at("/purse").has("paid")).isFalse();
    assertThat(money.path("saidOtherwise").asString()).contains("27.50 EUR", "90.00 EUR");
    assertThat(money.path("askedText").asString()).isEmpty();
    assertThat(money.path("costText").asString()).endsWith("USD");
    assertThat(figure(money.path("costText"))).isLessThan(cost - 27);
  }

  /** What is done counts as it was told, be it more than planned. */
  @Test
  void hoursThatWereToldCountAsTheyWere() {
    JsonNode piece = painted("Hours", 751.3, pot("#5B6C2D", "1200", "12.00"));
    double before = hours(money(piece).path("hoursText").asString());
    JsonNode first = steps(order(piece)).getFirst();
    ObjectNode told = json.createObjectNode();
    told.putArray("told")
        .addObject()
        .put("id", UUID.randomUUID().toString())
        .put("step", first.path("key").asString())
        .put("kind", "DONE")
        .put("toldAt", Instant.now().toString())
        .put("minutes", first.path("minutes").asDouble() + 95);
    assertThat(post(path(piece) + "/work/told", told).status()).isEqualTo(200);

    assertThat(hours(money(piece).path("hoursText").asString()) - before)
        .isCloseTo(95, within(1.5));
    assertThat(money(piece).path("doneText").asString()).isNotEmpty();
  }

  /** Minutes of {@code 4 h 40}. */
  private static double hours(String text) {
    Matcher hours = Pattern.compile("(\\d+) h(?: (\\d+))?").matcher(text);
    if (hours.find()) {
      return 60 * Double.parseDouble(hours.group(1))
          + (hours.group(2) == null ? 0 : Double.parseDouble(hours.group(2)));
    }
    return figure(text);
  }
}
