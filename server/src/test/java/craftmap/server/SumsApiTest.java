package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class SumsApiTest extends ServerTest {
  @AfterEach
  void backToInches() {
    put("/api/studio/tape", Map.of("division", "INCH_16"));
  }

  private void metric() {
    put("/api/studio/tape", Map.of("division", "MM_1"));
  }

  private Answer sum(String kind, Map<String, String> texts) {
    return sum(kind, texts, 0);
  }

  private Answer sum(String kind, Map<String, String> texts, int way) {
    return post("/api/sums/" + kind, Map.of("texts", texts, "way", way));
  }

  private static String line(JsonNode sum, String label) {
    for (JsonNode line : sum.path("lines")) {
      if (line.path("label").asString().equals(label)) {
        return line.path("text").asString();
      }
    }
    throw new AssertionError(label + " is not among " + sum.path("lines"));
  }

  @Test
  void everySumAsksInOneLineAndIsAnsweredAtOnce() {
    metric();
    JsonNode all = get("/api/sums").body();
    assertThat(all).hasSize(17);
    for (JsonNode sum : all) {
      String kind = sum.path("kind").asString();
      Set<String> keys = new HashSet<>();
      sum.path("fields").forEach(f -> keys.add(f.path("key").asString()));
      List<String> inLine = new ArrayList<>();
      sum.path("line").forEach(p -> inLine.add(p.path("key").asString("")));
      inLine.removeIf(String::isEmpty);
      assertThat(keys).as(kind).containsAll(inLine);
      assertThat(inLine).as(kind).doesNotHaveDuplicates().hasSizeGreaterThanOrEqualTo(3);
      assertThat(sum.path("answer").asString()).as(kind).isNotBlank();
      assertThat(sum.at("/sketch/shapes")).as(kind).isNotEmpty();
      assertThat(sum.path("why")).as(kind).isNotEmpty();
      assertThat(sum.path("text").asString())
          .as(kind)
          .startsWith(sum.path("title").asString())
          .contains("= " + sum.path("answer").asString())
          .doesNotContain("[");
    }
  }

  @Test
  void aRunSaysHowManyAndWhereToTick() {
    Map<String, String> asked =
        Map.of("length", "870mm", "motif", "96 mm", "gap", "24mm", "ends", "10mm");
    JsonNode inches = sum("RUN", asked).body();
    assertThat(inches.path("answer").asString()).startsWith("7 whole, motif on centre");
    assertThat(inches.path("marks")).hasSize(7);
    assertThat(inches.at("/marks/0/text").asString()).isEqualTo("2 15/16\"");
    assertThat(inches.at("/ways/1/reason").asString()).startsWith("Behind the best: ");
    metric();
    JsonNode other = sum("RUN", asked, 1).body();
    assertThat(other.path("way").asInt()).isEqualTo(1);
    assertThat(other.path("answer").asString())
        .isEqualTo(
            other.at("/ways/1/title").asString() + " · " + other.at("/ways/1/detail").asString());
    assertThat(other.path("marks").size()).isEqualTo(other.at("/ways/1/count").asInt());
    assertThat(sum("RUN", asked, 9000).body().path("way").asInt())
        .as("the last there is")
        .isEqualTo(other.path("ways").size() - 1);
  }

  /** A sum that is sent what it shows anyway has the same answer, on whatever tape. */
  @ParameterizedTest
  @ValueSource(strings = {"INCH_16", "INCH_8", "MM_1", "CM_TENTH"})
  void whatIsShownIsWhatIsReckonedWith(String tape) {
    put("/api/studio/tape", Map.of("division", tape));
    for (JsonNode usual : get("/api/sums").body()) {
      Map<String, String> shown = new HashMap<>();
      for (JsonNode field : usual.path("fields")) {
        String text =
            field
                .at("/length/text")
                .asString(
                    field
                        .at("/figure/text")
                        .asString(
                            field
                                .path("choice")
                                .asString(
                                    field
                                        .path("colour")
                                        .asString(field.path("count").asString("")))));
        shown.put(field.path("key").asString(), text);
      }
      JsonNode told = sum(usual.path("kind").asString(), shown).body();
      assertThat(told.path("answer"))
          .as(usual.path("kind").asString())
          .isEqualTo(usual.path("answer"));
      assertThat(told.path("lines")).isEqualTo(usual.path("lines"));
    }
  }

  @Test
  void whatUsuallyStandsThereFollowsWhatWasTyped() {
    metric();
    JsonNode narrow = sum("STRIPS", Map.of("roll", "6", "width", "90", "height", "70")).body();
    assertThat(field(narrow, "overlap").at("/length/mm").asDouble())
        .as("nobody typed an overlap of more than the strip")
        .isLessThanOrEqualTo(3);
    assertThat(sum("SHEETS", Map.of("wide", "60", "tall", "60", "overlap", "90")).status())
        .as("sheets that lie over each other whole")
        .isIn(200, 422);
  }

  @Test
  void whatDoesNotFitSaysWhatIsMissing() {
    JsonNode none = sum("RUN", Map.of("length", "90mm", "motif", "96mm", "ends", "10mm")).body();
    assertThat(none.path("answer").asString()).isEqualTo("not one fits: it is 1\" too short");
    assertThat(none.path("ways")).isEmpty();
    assertThat(none.path("marks")).isEmpty();
    assertThat(
            sum("RING", Map.of("around", "30mm", "motif", "41mm")).body().path("answer").asString())
        .startsWith("not one fits");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "RUN|motif|96 furlongs|Width of the motif (96 furlongs) is not a length.",
        "RUN|gap|-3|Gap you would like (-0.118\") is below nothing.",
        "COATS|coats|2.5|Coats (2.5) is not a number that is possible here. Give a whole number from 1 to 12.",
        "COATS|tool|RAKE|Tool (RAKE) is not one of the ways.",
        "HIDES|paint|reddish|Colour of the paint (REDDISH) is not a colour.",
        "DRYING|damp|140|Damp (140 %) is too large.",
        "PRICE|hours|a while|Hours of work (a while) is not a figure.",
        "BATCHES|pace|0.1|Laid in a minute (0.1 ml/min) makes more batches than anybody mixes."
      })
  void whatCannotBeIsRefusedInASentence(String kind, String key, String text, String sentence) {
    Answer refused = sum(kind, Map.of(key, text.equals("-3") ? "-3mm" : text));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).startsWith(sentence);
  }

  @Test
  void allThatIsWrongIsToldAtOnceAndEmptyFieldsAreAsUsual() {
    assertThat(sum("RUN", Map.of("length", "long", "motif", "wide", "gap", "")).detail())
        .contains("Length of the line (long)")
        .contains("Width of the motif (wide)");
    assertThat(sum("RUN", Map.of("length", " ", "stranger", "1")).body().path("answer"))
        .isEqualTo(get("/api/sums").body().path(0).path("answer"));
    assertThat(post("/api/sums/NONSENSE", Map.of("texts", Map.of(), "way", 0)).status())
        .isBetween(400, 422);
  }

  @Test
  void whatIsAskedHangsOnWhatIsChosen() {
    JsonNode weighed = sum("MIX", Map.of("by", "weight", "all", "310", "a", "2", "b", "1")).body();
    assertThat(weighed.path("answer").asString())
        .isEqualTo("207 g of the first, 103 g of the second");
    JsonNode cured = sum("DRYING", Map.of("until", "CURED")).body();
    List<String> keys = new ArrayList<>();
    cured.path("fields").forEach(f -> keys.add(f.path("key").asString()));
    assertThat(keys).as("a fan cures nothing").doesNotContain("fan");
  }

  @Test
  void theAirAndTheHourlyRateAreTheStudios() {
    JsonNode rates = get("/api/money").body();
    JsonNode price = null;
    JsonNode drying = null;
    for (JsonNode sum : get("/api/sums").body()) {
      price = sum.path("kind").asString().equals("PRICE") ? sum : price;
      drying = sum.path("kind").asString().equals("DRYING") ? sum : drying;
    }
    assertThat(field(price, "hourly").at("/figure/value").asDouble())
        .isEqualTo(Double.parseDouble(rates.path("hourly").asString()));
    assertThat(field(price, "hourly").at("/figure/unit").asString())
        .isEqualTo(rates.path("currency").asString());
    List<Double> warm = new ArrayList<>();
    get("/api/bench").body().findValues("celsius").forEach(c -> warm.add(c.asDouble()));
    assertThat(warm).contains(field(drying, "celsius").at("/figure/value").asDouble());
  }

  private static JsonNode field(JsonNode sum, String key) {
    for (JsonNode field : sum.path("fields")) {
      if (field.path("key").asString().equals(key)) {
        return field;
      }
    }
    throw new AssertionError(key);
  }

  /**
   * What is called square is taped so; with one corner out by more than a tape's mark it is not.
   */
  @ParameterizedTest
  @ValueSource(longs = {17, 431, 90_001})
  void whatIsCalledSquareIsTapedSo(long seed) {
    metric();
    Random random = new Random(seed);
    for (int i = 0; i < 15; i++) {
      double w = 311.3 + random.nextDouble() * 900;
      double h = 311.3 + random.nextDouble() * 900;
      String answer = squareAnswer(w, h, 0);
      assertThat(answer).as("%s by %s", w, h).isEqualTo("it is square, as near as a tape can tell");
      double out = (random.nextBoolean() ? 1 : -1) * (3.6 + random.nextDouble() * 20);
      assertThat(squareAnswer(w, h, out)).as("%s by %s, %s out", w, h, out).contains("°");
    }
  }

  /** A rectangle whose lower right corner is out to the right, taped to the millimetre. */
  private String squareAnswer(double w, double h, double out) {
    Map<String, String> taped =
        Map.of(
            "top", Math.round(w) + " mm",
            "right", Math.round(Math.hypot(out, h)) + " mm",
            "bottom", Math.round(w + out) + " mm",
            "left", Math.round(h) + " mm",
            "diagonal", Math.round(Math.hypot(w + out, h)) + " mm",
            "check", "0");
    return sum("SQUARE", taped).body().path("answer").asString();
  }

  /** What is told adds up, whatever is asked. */
  @ParameterizedTest
  @ValueSource(longs = {5, 97, 6133})
  void whatIsToldHoldsForUglyFigures(long seed) {
    metric();
    Random random = new Random(seed);
    for (int i = 0; i < 12; i++) {
      double length = 120 + random.nextDouble() * 2100.3;
      double motif = 9.7 + random.nextDouble() * 88.1;
      JsonNode ring =
          sum("RING", Map.of("around", length + "mm", "motif", motif + " mm", "gap", "13,7"))
              .body();
      if (!ring.path("ways").isEmpty()) {
        int count = ring.at("/ways/0/count").asInt();
        assertThat(ring.path("marks")).hasSize(count);
        double step =
            ring.at("/marks/1/exactMm").asDouble() - ring.at("/marks/0/exactMm").asDouble();
        assertThat(step * count).isCloseTo(length, within(1e-4));
        assertThat(step).as("no two lie on each other").isGreaterThanOrEqualTo(motif - 1e-6);
      }
      double area = 0.03 + random.nextDouble() * 7;
      int coats = 1 + random.nextInt(5);
      String answer =
          sum(
                  "COATS",
                  Map.of(
                      "area", "%.3f".formatted(area),
                      "coats", "" + coats,
                      "spread", "9.3",
                      "tool", "ROLLER",
                      "bare", "NO"))
              .body()
              .path("answer")
              .asString();
      double ml = Math.round(area * 1000) / 1000.0 * coats / 9.3 * 1000 * 1.1;
      assertThat(Double.parseDouble(answer.replace(" ml", "")))
          .isCloseTo(ml, within(ml < 10 ? 0.006 : ml < 100 ? 0.06 : 0.6));
      double piece = 41.3 + random.nextInt(600);
      int pieces = 2 + random.nextInt(9);
      JsonNode stock =
          sum(
                  "STOCK",
                  Map.of(
                      "stock", "1033.7",
                      "saw", "3",
                      "piece1", "" + piece,
                      "count1", "" + pieces,
                      "count2", "0",
                      "count3", "0",
                      "count4", "0"))
              .body();
      int inOne = (int) ((1033.7 + 3) / (piece + 3));
      int least = (pieces + inOne - 1) / inOne;
      assertThat(stock.path("answer").asString())
          .as("%d of %s mm".formatted(pieces, piece))
          .isEqualTo(
              least == 1 ? "one length is enough" : least + " lengths, and no plan needs fewer");
      assertThat(line(stock, "Longest left over")).endsWith(" mm");
    }
  }
}
