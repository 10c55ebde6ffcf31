package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is told at the bench, and what is booked for it. */
class BenchBookingApiTest extends BenchServerTest {
  /**
   * In whatever order steps are done, taken back, told anew, undone and done again in the history:
   * the pot holds what it held less what the steps took that are done now, and the piece still asks
   * for the rest.
   */
  @Test
  void thePotHoldsWhatTheStepsLeftThatAreDone() {
    Begun of = begun("Booked", 947.3);
    Map<String, Double> takes = takes(of);
    List<String> keys = takes.keySet().stream().sorted().toList();
    double all = takes.values().stream().mapToDouble(d -> d).sum();
    assertThat(takes.values().stream().filter(ml -> ml > 0).count()).isGreaterThan(1);
    assertThat(need(of).path("needMl").asDouble()).isCloseTo(all, within(1e-6));
    Random dice = new Random(40_127);
    Map<String, Double> used = new HashMap<>();
    for (int n = 0; n < 60; n++) {
      String key = keys.get(dice.nextInt(keys.size()));
      Instant at = Instant.now();
      int what = dice.nextInt(8);
      if (what < 4) {
        taken(of, done(key, at, 1.5 + dice.nextInt(40)));
        used.put(key, takes.get(key));
      } else if (what < 5 && takes.get(key) > 0) {
        double ml = Math.round(dice.nextDouble() * 977.7) / 10.0;
        taken(of, done(key, at, 7).put("usedMl", ml));
        used.put(key, ml);
      } else if (what < 7) {
        taken(of, telling(key, "TAKEN_BACK", at));
        if (used.containsKey(key)) {
          used.remove(key);
        }
      } else {
        // the order says the same as the bench
        ObjectNode edit = of("STEP_DONE").put("step", key);
        if (!used.containsKey(key)) {
          edit.putObject("done").put("at", at.toString()).put("minutes", 12.5);
          used.put(key, takes.get(key));
        } else {
          used.remove(key);
        }
        edited(get(of.path()).body(), edit);
      }
      double gone = used.values().stream().mapToDouble(d -> d).sum();
      assertThat(potLevel(of.potId()))
          .as("after %d", n)
          .isCloseTo(FULL_ML - gone, within(ROUNDED_ML * keys.size()));
      double left = keys.stream().filter(k -> !used.containsKey(k)).mapToDouble(takes::get).sum();
      assertThat(need(of).path("needMl").asDouble()).isCloseTo(left, within(1e-6));
    }
  }

  /** Going back in the history takes back what was booked; going forward books it again. */
  @Test
  void theLedgerFollowsTheHistory() {
    Begun of = begun("Undone", 613.9);
    Map<String, Double> takes = takes(of);
    String key =
        takes.entrySet().stream().filter(e -> e.getValue() > 0).findFirst().orElseThrow().getKey();
    // not as planned: what was told of it comes back with it
    taken(of, done(key, Instant.now(), 9).put("usedMl", 23.7));
    double after = potLevel(of.potId());
    assertThat(after).isCloseTo(FULL_ML - 23.7, within(ROUNDED_ML));
    long version = get(of.path()).body().path("version").asLong();
    assertThat(change("POST", of.path() + "/undo", null, version).status()).isEqualTo(200);
    assertThat(potLevel(of.potId())).isCloseTo(FULL_ML, within(1e-9));
    version = get(of.path()).body().path("version").asLong();
    assertThat(change("POST", of.path() + "/redo", null, version).status()).isEqualTo(200);
    assertThat(potLevel(of.potId())).isCloseTo(after, within(1e-9));
  }

  /**
   * Everything that was tapped arrives twice, in disorder, from many at once: of each step counts
   * what was tapped last, once.
   */
  @Test
  void whatArrivesTwiceAndInDisorderCountsOnceAndAsItWasTapped() throws Exception {
    Begun of = begun("Tapped twice", 1377.1);
    Map<String, Double> takes = takes(of);
    List<String> keys = takes.keySet().stream().sorted().toList();
    Random dice = new Random(77_003);
    Instant at = Instant.now().minus(Duration.ofHours(9)).truncatedTo(ChronoUnit.MILLIS);
    Map<String, Boolean> last = new HashMap<>();
    List<ObjectNode> tapped = new ArrayList<>();
    for (int n = 0; n < 200; n++) {
      String key = keys.get(dice.nextInt(keys.size()));
      at = at.plusMillis(1 + dice.nextInt(90_000));
      boolean done = dice.nextInt(3) > 0;
      tapped.add(done ? done(key, at, 3.3) : telling(key, "TAKEN_BACK", at));
      last.put(key, done);
    }
    List<ObjectNode> sent = new ArrayList<>(tapped);
    sent.addAll(tapped);
    Collections.shuffle(sent, dice);
    int writers = 8;
    List<Answer> all =
        atOnce(
            writers,
            w -> {
              List<ObjectNode> mine = new ArrayList<>();
              for (int i = w; i < sent.size(); i += writers) {
                mine.add(sent.get(i));
              }
              return tell(of, mine);
            });
    all.forEach(a -> assertThat(a.status()).as(a.detail()).isEqualTo(200));
    // a step that was never done cannot be taken back when that arrives first, and need not be
    double gone =
        keys.stream().filter(k -> last.getOrDefault(k, false)).mapToDouble(takes::get).sum();
    assertThat(potLevel(of.potId())).isCloseTo(FULL_ML - gone, within(ROUNDED_ML * keys.size()));
    for (JsonNode step : steps(order(of.piece()))) {
      assertThat(step.path("done").asBoolean())
          .as(step.path("key").asString())
          .isEqualTo(last.getOrDefault(step.path("key").asString(), false));
    }
    long booked = entries(of.potId(), "USED");
    long back = entries(of.potId(), "CORRECTED");
    assertThat(booked - back)
        .isEqualTo(
            keys.stream().filter(k -> takes.get(k) > 0 && last.getOrDefault(k, false)).count());
  }

  private long entries(String potId, String kind) {
    return ledger(potId).stream().filter(e -> e.path("kind").asString().equals(kind)).count();
  }

  /** What is left in the pot, seen or weighed, tells what was used. */
  @Test
  void aLevelTellsWhatWasUsed() {
    Begun of = begun("Looked at", 1010.3);
    Map<String, Double> takes = takes(of);
    List<String> wet = takes.keySet().stream().filter(k -> takes.get(k) > 0).sorted().toList();
    taken(of, done(wet.get(0), Instant.now(), 8).put("levelMl", 3871.6));
    assertThat(potLevel(of.potId())).isCloseTo(3871.6, within(ROUNDED_ML));
    assertThat(entries(of.potId(), "USED")).isEqualTo(1);
    // told anew as planned
    taken(of, done(wet.get(0), Instant.now(), 8));
    assertThat(potLevel(of.potId())).isCloseTo(FULL_ML - takes.get(wet.get(0)), within(ROUNDED_ML));
    // more is left than was ever known: used as planned, and the level is as it was seen
    taken(of, done(wet.get(1), Instant.now(), 8).put("levelMl", 4412.9));
    assertThat(potLevel(of.potId())).isCloseTo(4412.9, within(1e-6));
    assertThat(ledger(of.potId()).toString()).contains("Looked at after a step");
  }

  /** Nobody at the bench is stopped by a ledger that had too little. */
  @Test
  void whatWasPouredWasThere() {
    Begun of = begun("Nearly empty", 1450.7, 0.5, "3");
    String pot = of.potId();
    Map<String, Double> takes = takes(of);
    String key =
        takes.entrySet().stream().filter(e -> e.getValue() > 3).findFirst().orElseThrow().getKey();
    taken(of, done(key, Instant.now(), 8));
    assertThat(potLevel(pot)).isZero();
    assertThat(ledger(pot).toString()).contains("There was more in it than was known");
    taken(of, telling(key, "TAKEN_BACK", Instant.now()));
    assertThat(potLevel(pot)).isCloseTo(takes.get(key), within(ROUNDED_ML));
  }

  /** What is wrong is said beside what is taken, and changes nothing. */
  @Test
  void whatCannotBeTakenDoesNotHoldUpTheRest() {
    Begun of = begun("Half wrong", 511.7);
    Map<String, Double> takes = takes(of);
    String key = takes.keySet().stream().filter(k -> takes.get(k) > 0).findFirst().orElseThrow();
    Answer answer =
        tell(
            of,
            done("nowhere:ground:9", Instant.now(), 4),
            done(key, Instant.now(), -4),
            done(key, Instant.now(), 4).put("levelMl", 5321.5),
            done(key, Instant.now(), 4).put("weighsG", 300.0),
            telling(key, "NOTE", Instant.now()),
            telling(key, "NOTE", Instant.now()).put("note", "x".repeat(601)),
            telling(key, "NOTE", Instant.now()).put("note", "The roller left lint."),
            done(key, Instant.now(), 4.25));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    List<JsonNode> all = answer.body().valueStream().toList();
    assertThat(all).hasSize(8);
    assertThat(all.get(0).path("problem").asString()).contains("is no step of this piece now");
    assertThat(all.get(1).path("problem").asString()).contains("-4").contains("min");
    assertThat(all.get(2).path("problem").asString()).contains("does not fit its container");
    assertThat(all.get(3).path("problem").asString()).contains("tare");
    assertThat(all.get(4).path("problem").asString()).contains("a few words");
    assertThat(all.get(5).path("problem").asString()).contains("600");
    assertThat(all.get(6).has("problem")).isFalse();
    assertThat(all.get(7).has("problem")).isFalse();
    assertThat(potLevel(of.potId())).isCloseTo(FULL_ML - takes.get(key), within(ROUNDED_ML));
    JsonNode last = get(of.path() + "/work").body().path("last");
    assertThat(last.path("key").asString()).isEqualTo(key);
  }

  /** Booked by hand as a whole, nothing of it is booked again step by step. */
  @Test
  void whatWasBookedAsAWholeIsNotBookedAgain() {
    Begun of = begun("By hand", 701.1);
    Map<String, Double> takes = takes(of);
    List<String> wet = takes.keySet().stream().filter(k -> takes.get(k) > 0).sorted().toList();
    taken(of, done(wet.get(0), Instant.now(), 8));
    JsonNode use = need(of).at("/uses/0");
    assertThat(use.path("done").asBoolean()).isFalse();
    assertThat(use.path("benchText").asString())
        .startsWith("1 of %d steps done at the bench".formatted(wet.size()));
    Answer rest = put(of.path() + "/lays/" + encoded(use.path("layId").asString()) + "/done", null);
    assertThat(rest.status()).as(rest.detail()).isEqualTo(200);
    double all = takes.values().stream().mapToDouble(d -> d).sum();
    assertThat(potLevel(of.potId())).isCloseTo(FULL_ML - all, within(ROUNDED_ML * 2));
    taken(of, done(wet.get(1), Instant.now(), 8));
    assertThat(potLevel(of.potId())).isCloseTo(FULL_ML - all, within(ROUNDED_ML * 2));
    assertThat(need(of).path("needMl").asDouble()).isZero();
    assertThat(need(of).at("/uses/0/byHand").asBoolean()).isTrue();
  }
}
