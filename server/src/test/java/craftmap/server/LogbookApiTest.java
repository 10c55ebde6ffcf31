package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the logbook tells of what happened at the bench. */
class LogbookApiTest extends OrderServerTest {
  private Answer tell(JsonNode piece, ObjectNode telling) {
    ObjectNode body = json.createObjectNode();
    body.putArray("told").add(telling);
    Answer answer = post(path(piece) + "/work/told", body);
    assertThat(answer.body().at("/0").has("problem")).as(answer.text()).isFalse();
    return answer;
  }

  private ObjectNode telling(String step, String kind, Instant at) {
    return json.createObjectNode()
        .put("id", UUID.randomUUID().toString())
        .put("step", step)
        .put("kind", kind)
        .put("toldAt", at.toString());
  }

  private JsonNode log(JsonNode piece, String find) {
    Answer answer =
        get("/api/logbook?piece=" + piece.path("id").asString() + "&find=" + encoded(find));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  private static List<JsonNode> lines(JsonNode log) {
    List<JsonNode> all = new ArrayList<>();
    log.path("days").forEach(d -> d.path("lines").forEach(all::add));
    return all;
  }

  /** Every step once, on its day and in its order, with what it took against the plan. */
  @Test
  void whatWasDoneStandsInItOnceWithWhatItTook() throws IOException {
    JsonNode piece = painted("Logged", 883.9);
    List<String> keys =
        steps(order(piece)).stream().map(s -> s.path("key").asString()).sorted().toList();
    List<Double> planned = new ArrayList<>();
    List<Double> took = new ArrayList<>();
    Random dice = new Random(2_203);
    Instant at = Instant.now().minus(Duration.ofDays(4)).truncatedTo(ChronoUnit.MINUTES);
    for (String key : keys) {
      at = at.plus(Duration.ofMinutes(61 + dice.nextInt(500)));
      // the bench says whole minutes
      planned.add(
          Math.ceil(
              steps(order(piece)).stream()
                  .filter(s -> s.path("key").asString().equals(key))
                  .findFirst()
                  .orElseThrow()
                  .path("minutes")
                  .asDouble()));
      took.add(1 + dice.nextInt(700) / 10.0);
      tell(piece, telling(key, "DONE", at).put("minutes", took.getLast()));
    }
    tell(
        piece,
        telling(keys.getFirst(), "NOTE", at).put("note", "A brush hair at 50 % of the way_up"));
    JsonNode log = log(piece, "");
    List<JsonNode> all = lines(log);
    assertThat(all).hasSize(keys.size() + 1);
    assertThat(all.stream().filter(l -> l.path("kind").asString().equals("DONE")))
        .hasSize(keys.size())
        .allMatch(l -> l.path("took").asString().startsWith("took "))
        .allMatch(l -> l.path("climate").asString().contains("°C"));
    List<String> days = log.path("days").valueStream().map(d -> d.path("date").asString()).toList();
    assertThat(days).doesNotHaveDuplicates().isSortedAccordingTo((a, b) -> b.compareTo(a));
    JsonNode sum = log.at("/pieces/0");
    assertThat(sum.path("tookMinutes").asDouble())
        .isCloseTo(took.stream().mapToDouble(d -> d).sum(), within(0.1));
    assertThat(sum.path("plannedMinutes").asDouble())
        .isCloseTo(planned.stream().mapToDouble(d -> d).sum(), within(0.1 * keys.size()));

    // found by any of its words, whatever their case; signs stand for themselves
    assertThat(lines(log(piece, "BRUSH HAIR"))).hasSize(1);
    assertThat(lines(log(piece, "50 % of"))).hasSize(1);
    assertThat(lines(log(piece, "50%of"))).isEmpty();
    assertThat(lines(log(piece, "way_up"))).hasSize(1);
    assertThat(lines(log(piece, "wayxup"))).isEmpty();
    assertThat(lines(log(piece, "plannedMinutes"))).isEmpty();
    // and up to a day
    JsonNode early =
        get("/api/logbook?piece=" + piece.path("id").asString() + "&until=" + days.getLast())
            .body();
    assertThat(lines(early)).isNotEmpty().hasSizeLessThan(all.size());
    assertThat(early.path("days")).hasSize(1);

    String table = get("/api/logbook/table?piece=" + piece.path("id").asString()).text().strip();
    assertThat(table.lines()).hasSize(keys.size() + 2);
    assertThat(table).contains("A brush hair at 50 % of the way_up").startsWith("finished,piece,");
    try (PDDocument pdf =
        Loader.loadPDF(
            get("/api/logbook/sheet?paper=LETTER&piece=" + piece.path("id").asString())
                .raw()
                .body())) {
      String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
      for (JsonNode line : all) {
        assertThat(text).contains(line.path("title").asString());
      }
      assertThat(text).contains("A brush hair at 50 % of the way_up");
    }
  }

  /** What was used is what the ledger booked; a photo stands beside its step. */
  @Test
  void whatWasUsedIsWhatTheLedgerSays() {
    JsonNode piece = painted("Used", 741.3);
    JsonNode wet = null;
    for (JsonNode s : steps(order(piece))) {
      JsonNode step =
          get(path(piece) + "/work?step=" + encoded(s.path("id").asString())).body().path("step");
      wet = step.has("pot") && step.at("/pot/ml").asDouble() > 5 ? step : wet;
    }
    String key = wet.path("key").asString();
    tell(piece, telling(key, "DONE", Instant.now()).put("minutes", 11).put("usedMl", 37.4));
    Answer photo =
        upload(
            path(piece) + "/photos?stage=DURING&caption=wet&step=" + encoded(key),
            SamplePictures.jpegTakenSideways(60, 40));
    assertThat(photo.status()).as(photo.detail()).isEqualTo(201);
    JsonNode line = lines(log(piece, "")).getFirst();
    assertThat(line.path("used").asString())
        .isEqualTo("37.4 ml of " + wet.at("/pot/name").asString());
    assertThat(line.at("/photos/0").asString())
        .isEqualTo("/api/photos/" + photo.body().path("id").asString());
    // taken back, it is no more what happened
    tell(piece, telling(key, "TAKEN_BACK", Instant.now()));
    assertThat(lines(log(piece, ""))).isEmpty();
  }

  /** It outlives the piece: the studio remembers. */
  @Test
  void itOutlivesThePiece() {
    JsonNode piece = painted("Given away", 467.7);
    String key = steps(order(piece)).getFirst().path("key").asString();
    tell(piece, telling(key, "DONE", Instant.now()).put("minutes", 3.5));
    assertThat(post(path(piece) + "/archive", null).status()).isEqualTo(200);
    assertThat(lines(log(piece, "")).getFirst().has("pieceId")).isTrue();
    assertThat(delete(path(piece)).status()).isEqualTo(204);
    JsonNode line = lines(log(piece, "")).getFirst();
    assertThat(line.has("pieceId")).isFalse();
    assertThat(line.path("pieceName").asString()).isEqualTo("Given away");
  }

  @Test
  void whatCannotBeAskedIsSaid() {
    Answer noDay = get("/api/logbook?until=yesterday");
    assertThat(noDay.status()).isEqualTo(422);
    assertThat(noDay.detail()).contains("yesterday").contains("a day such as");
    assertThat(get("/api/logbook?find=" + "x".repeat(81)).status()).isEqualTo(422);
  }
}
