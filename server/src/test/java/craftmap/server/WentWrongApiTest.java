package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** "Not like this": what went wrong at the bench, what is done about it, and what that takes. */
class WentWrongApiTest extends BenchServerTest {
  private List<JsonNode> ahead(Begun of) {
    return get(of.path() + "/work/ahead").body().valueStream().toList();
  }

  private JsonNode step(Begun of, String key) {
    return ahead(of).stream()
        .filter(s -> s.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static Optional<JsonNode> trouble(JsonNode step, String trouble) {
    return step.path("troubles")
        .valueStream()
        .filter(t -> t.path("trouble").asString().equals(trouble))
        .findFirst();
  }

  private ObjectNode wrong(JsonNode step, String trouble, String remedy, double share) {
    return telling(step.path("key").asString(), "WRONG", Instant.now())
        .put("minutes", step.path("minutes").asDouble())
        .put("trouble", trouble)
        .put("remedy", remedy)
        .put("share", share);
  }

  private List<JsonNode> mends(Begun of) {
    return ahead(of).stream().filter(s -> s.path("key").asString().startsWith("mend:")).toList();
  }

  /** The plan as it is saved. */
  private JsonNode document(Begun of) {
    return get(of.path()).body().path("document");
  }

  private double needMl(Begun of) {
    return need(of).path("needMl").asDouble();
  }

  /** A piece of which all is done up to a coat of its own paint, which is before the bench. */
  private JsonNode upToACoat(Begun of) {
    Map<String, Double> takes = takes(of);
    for (JsonNode step : ahead(of)) {
      if (takes.get(step.path("key").asString()) > 0) {
        return step;
      }
      taken(of, done(step.path("key").asString(), Instant.now(), 11.5));
    }
    throw new AssertionError("no coat of its own");
  }

  /**
   * Whatever goes wrong with whatever step, and whatever is done about it: the piece asks for what
   * it asked for less what was tried and with what mends it, the pot is emptied by the same, and
   * once it is said to have been right after all, all is as it was.
   */
  @Test
  void whatMendsItIsAskedForBookedAndGivenBack() {
    Random dice = new Random(6_007);
    Begun of = begun("All goes wrong", 733.9);
    Map<String, Double> takes = takes(of);
    int mended = 0;
    for (JsonNode step : ahead(of)) {
      String key = step.path("key").asString();
      for (JsonNode trouble : step.path("troubles")) {
        for (JsonNode help : trouble.path("remedies")) {
          String remedy = help.path("remedy").asString();
          double share = 0.013 + 0.98 * dice.nextDouble();
          double before = needMl(of);
          double level = potLevel(of.potId());
          JsonNode plan = document(of);
          JsonNode fresh = step(of, key);
          taken(of, wrong(fresh, trouble.path("trouble").asString(), remedy, share));

          List<JsonNode> mends = mends(of);
          assertThat(mends.isEmpty()).as("%s, %s", key, help).isEqualTo(remedy.equals("LEAVE"));
          double again =
              mends.stream()
                  .filter(m -> m.at("/pot/name").asString().equals(of.potName()))
                  .mapToDouble(m -> m.at("/pot/ml").asDouble())
                  .sum();
          double tried = takes.get(key);
          assertThat(needMl(of))
              .as("%s, %s", key, help)
              .isCloseTo(before - tried + again, within(1e-6));
          double spent =
              trouble.path("trouble").asString().equals("RAN_OUT") ? tried * (1 - share) : tried;
          assertThat(potLevel(of.potId())).isCloseTo(level - spent, within(ROUNDED_ML));
          if (!mends.isEmpty()) {
            mended++;
            String mend = mends.getLast().path("key").asString();
            taken(of, done(mend, Instant.now(), 4.5));
            double own =
                mends.getLast().at("/pot/name").asString().equals(of.potName())
                    ? mends.getLast().at("/pot/ml").asDouble()
                    : 0;
            assertThat(potLevel(of.potId())).isCloseTo(level - spent - own, within(2 * ROUNDED_ML));
            assertThat(needMl(of)).isCloseTo(before - tried + again - own, within(1e-6));
            taken(of, telling(mend, "RIGHT", Instant.now()));
          } else {
            undone(of);
          }
          assertThat(mends(of)).isEmpty();
          taken(of, telling(key, "TAKEN_BACK", Instant.now()));
          assertThat(document(of)).as("%s, %s", key, help).isEqualTo(plan);
          assertThat(needMl(of)).isCloseTo(before, within(1e-6));
          assertThat(potLevel(of.potId())).isCloseTo(level, within(1e-9));
        }
      }
    }
    assertThat(mended).isGreaterThan(10);
  }

  /** One step back in the history. */
  private void undone(Begun of) {
    long version = get(of.path()).body().path("version").asLong();
    assertThat(change("POST", of.path() + "/undo", null, version).status()).isEqualTo(200);
  }

  /** What ran out: the pot is empty, the rest is short, and what was put on is booked. */
  @Test
  void whatRanOutIsEmptyAndTheRestIsShort() {
    Begun of = begun("Ran out", 911.3, 0.55, "611.7");
    JsonNode coat = upToACoat(of);
    double planned = coat.at("/pot/ml").asDouble();
    double before = needMl(of);

    taken(of, wrong(coat, "RAN_OUT", "THE_REST", 0.37).put("levelMl", 0));

    assertThat(potLevel(of.potId())).isZero();
    assertThat(ledger(of.potId()).toString()).contains("− 612 ml");
    JsonNode rest = mends(of).getFirst();
    assertThat(rest.path("title").asString()).startsWith("The rest");
    JsonNode need = need(of);
    assertThat(need.path("enough").asBoolean()).isFalse();
    assertThat(need.path("needMl").asDouble())
        .isCloseTo(before - planned + 0.37 * planned, within(1e-6));
    assertThat(get(of.path() + "/gather").body().path("complete").asBoolean()).isFalse();
    // what was cut short says nothing of how far the paint goes, nor how fast it is put on
    assertThat(get("/api/learned").body().toString()).doesNotContain(of.potName());
  }

  /** The same tap sent twelve times at once went wrong once, and is mended once. */
  @Test
  void itWentWrongOnceHoweverOftenItIsSent() throws Exception {
    Begun of = begun("Sent often", 517.7);
    JsonNode coat = upToACoat(of);
    double level = potLevel(of.potId());
    double before = needMl(of);
    double planned = coat.at("/pot/ml").asDouble();
    ObjectNode told = wrong(coat, "RUNS", "SAND_AND_AGAIN", 0.271);
    List<Thread> many = new ArrayList<>();
    for (int n = 0; n < 12; n++) {
      many.add(Thread.startVirtualThread(() -> tell(of, told)));
    }
    for (Thread each : many) {
      each.join();
    }
    taken(of, told);
    assertThat(mends(of)).hasSize(1);
    assertThat(potLevel(of.potId())).isCloseTo(level - planned, within(ROUNDED_ML));
    assertThat(needMl(of)).isCloseTo(before - planned + 0.271 * planned, within(1e-6));
    assertThat(wrongsInTheLogbook(of)).isEqualTo(1);
  }

  private long wrongsInTheLogbook(Begun of) {
    return get("/api/logbook?piece=" + of.piece().path("id").asString())
        .body()
        .path("days")
        .valueStream()
        .flatMap(d -> d.path("lines").valueStream())
        .filter(l -> l.path("kind").asString().equals("WRONG"))
        .peek(l -> assertThat(l.path("wrong").asString()).startsWith("Went wrong: "))
        .count();
  }

  /** Back in the history it did not go wrong, and forward it did: the logbook says the same. */
  @Test
  void theLogbookFollowsTheHistory() {
    Begun of = begun("Back and forth", 613.1);
    JsonNode coat = upToACoat(of);
    taken(of, wrong(coat, "WRONG_COLOUR", "OVER_AGAIN", 0.63).put("note", "The other green"));
    assertThat(wrongsInTheLogbook(of)).isEqualTo(1);
    undone(of);
    assertThat(wrongsInTheLogbook(of)).isZero();
    assertThat(mends(of)).isEmpty();
    long version = get(of.path()).body().path("version").asLong();
    assertThat(change("POST", of.path() + "/redo", null, version).status()).isEqualTo(200);
    assertThat(wrongsInTheLogbook(of)).isEqualTo(1);
    assertThat(mends(of)).hasSize(1);
    String csv = new String(get("/api/logbook/table?find=The+other+green").raw().body());
    assertThat(csv).contains("Once more over it");
  }

  /** What a remedy is said to take, and when the piece is said to be ready with it, is so. */
  @Test
  void whatARemedyIsSaidToTakeItTakes() {
    Begun of = begun("Set apart", 877.3);
    JsonNode coat = upToACoat(of);
    for (JsonNode trouble : coat.path("troubles")) {
      String what = trouble.path("trouble").asString();
      JsonNode told =
          get(of.path()
                  + "/work/remedies?step="
                  + encoded(coat.path("key").asString())
                  + "&trouble="
                  + what
                  + "&share=0.43")
              .body();
      assertThat(told).hasSameSizeAs(trouble.path("remedies"));
      for (JsonNode help : told) {
        taken(
            of,
            wrong(
                step(of, coat.path("key").asString()), what, help.path("remedy").asString(), 0.43));
        int minutes = mends(of).stream().mapToInt(m -> m.path("minutes").asInt()).sum();
        String takes = help.path("takesText").asString();
        if (minutes == 0) {
          assertThat(takes).isEmpty();
          assertThat(help.path("laterText").asString()).isEmpty();
        } else {
          assertThat(takes).as(help.toString()).startsWith(minutes + " min");
        }
        for (JsonNode mend : mends(of)) {
          if (mend.has("pot")) {
            assertThat(takes).contains("ml of " + mend.at("/pot/name").asString());
          }
        }
        String title = get(of.path() + "/work").body().path("title").asString();
        String ready = help.path("readyText").asString().replace("ready ", "");
        assertThat(title).as(help.toString()).contains(ready);
        undone(of);
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "LIFTED_EDGE,STICK_DOWN,0.3,What went wrong (LIFTED_EDGE)",
    "RUNS,TOUCH_UP,0.3,What is done about it (TOUCH_UP)",
    "RUNS,BRUSH_OUT,0,0",
    "RUNS,BRUSH_OUT,1.27,1.3",
    "RUNS,,0.3,is missing",
    ",BRUSH_OUT,0.3,is missing",
  })
  void whatMakesNoSenseIsToldAndChangesNothing(
      String trouble, String remedy, double share, String problem) {
    Begun of = begun("Makes no sense " + problem, 300 + 77.7 * share);
    JsonNode coat = upToACoat(of);
    JsonNode plan = document(of);
    ObjectNode told = wrong(coat, trouble, remedy, share);
    Answer answer = tell(of, told);
    assertThat(answer.body().at("/0/problem").asString()).contains(problem);
    assertThat(document(of)).isEqualTo(plan);
    assertThat(wrongsInTheLogbook(of)).isZero();
    Answer unknown = tell(of, wrong(coat, "ATE_IT", "LEAVE", 0.5));
    assertThat(unknown.status()).isEqualTo(400);
    assertThat(unknown.detail()).contains("ATE_IT").contains("RUNS");
  }

  /** What is spoiled is needed once more, in whole sheets, and used up once it is mended. */
  @Test
  void whatIsTornIsNeededOnceMore() {
    JsonNode chest = newChest("Torn transfer");
    JsonNode laid = layDesign(chest.path("document"), "front", "sea-holly");
    String seal = newPot("clear-satin", "900");
    Answer saved = save(chest, outOf(seal, laid.path("document")), "Laid", null);
    Begun of = new Begun(begun(saved.body(), "2027-02-01T09:00"), seal, "Of our own");
    JsonNode before = find(get(of.path() + "/gather").body().path("designs"), "sea-holly");
    double stock = sheetsOf("sea-holly");
    JsonNode lay = null;
    for (JsonNode step : ahead(of)) {
      if (trouble(step, "TORN").isPresent() && step.path("key").asString().startsWith("lay:")) {
        lay = step;
        break;
      }
      taken(of, done(step.path("key").asString(), Instant.now(), 7.5));
    }
    assertThat(lay).isNotNull();
    taken(of, wrong(lay, "TORN", "ONCE_MORE", 0.41));
    JsonNode after = find(get(of.path() + "/gather").body().path("designs"), "sea-holly");
    assertThat(after.path("needText").asString()).isNotEqualTo(before.path("needText").asString());
    assertThat(sheetsOf("sea-holly")).isEqualTo(stock);
    String mend = mends(of).getFirst().path("key").asString();
    taken(of, done(mend, Instant.now(), 21.5));
    assertThat(sheetsOf("sea-holly")).isEqualTo(stock - 1);
    taken(of, telling(mend, "RIGHT", Instant.now()));
    assertThat(sheetsOf("sea-holly")).isEqualTo(stock);
    JsonNode back = find(get(of.path() + "/gather").body().path("designs"), "sea-holly");
    assertThat(back.path("needText")).isEqualTo(before.path("needText"));
    archived(of.piece());
  }

  private double sheetsOf(String designId) {
    return get("/api/designs/" + designId)
        .body()
        .path("holdings")
        .valueStream()
        .mapToDouble(h -> h.at("/holding/level").asDouble())
        .sum();
  }
}
