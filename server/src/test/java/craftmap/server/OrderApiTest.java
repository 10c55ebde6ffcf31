package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The stop Order, and the bench, through the door people use. */
class OrderApiTest extends OrderServerTest {
  /** All pieces of the demo: every coat of every group has its steps, and they can be worked. */
  @Test
  void everyPieceOfTheDemoIsPutIntoDays() {
    // as they stand: a copy would ask for what other tests count on
    for (String id :
        List.of(
            "sea-chest",
            "folding-screen",
            "wardrobe",
            "wall-clock",
            "tapered-planter",
            "step-stool",
            "biscuit-tin")) {
      JsonNode piece = get("/api/pieces/" + id).body();
      String name = piece.at("/document/name").asString();
      JsonNode order = order(piece);
      assertThat(order.path("possible").asBoolean()).as(name).isTrue();
      canBeWorked(name, order);
      for (JsonNode group : coats(piece).path("groups")) {
        fromTheBottomUp(name, group, steps(order));
      }
    }
  }

  /** Every coat of every band has its step, and what lies over something comes after it. */
  private void fromTheBottomUp(String what, JsonNode group, List<JsonNode> steps) {
    int before = 0;
    for (JsonNode band : group.path("bands")) {
      String key = band.path("key").asString();
      String prefix =
          (key.startsWith("lay:") ? key : group.path("id").asString() + ":" + key) + ":";
      List<JsonNode> of =
          steps.stream()
              .filter(s -> (s.path("key").asString() + ":").startsWith(prefix))
              .sorted((a, b) -> a.path("from").asInt() - b.path("from").asInt())
              .toList();
      int times = band.at("/coat/times").asInt(0);
      if (times > 0) {
        assertThat(of.stream().map(s -> s.path("key").asString()).distinct())
            .as("%s: %s", what, prefix)
            .hasSize(times);
      }
      if (!of.isEmpty()) {
        assertThat(of.getFirst().path("from").asInt())
            .as("%s: %s comes after what is under it", what, prefix)
            .isGreaterThanOrEqualTo(before);
        before = of.getLast().path("to").asInt();
      }
    }
  }

  @Test
  void aPieceThatNothingIsPutOnHasNothingToDo() {
    JsonNode order = order(board("Bare", 377.3));
    assertThat(order.path("title").asString()).isEqualTo("Nothing to do");
    assertThat(steps(order)).isEmpty();
  }

  /** A colder night puts the next coat off; what the night does is told. */
  @Test
  void aColderNightPutsTheNextCoatOff() {
    JsonNode piece = painted("Night");
    bench(21, 50, 20, 50, 1);
    int warm = finish(order(piece));
    bench(15, 70, 7, 84, 1);
    JsonNode cold = order(piece);
    canBeWorked("cold", cold);
    assertThat(finish(cold)).isGreaterThan(warm);
    assertThat(cold.path("findings").valueStream().map(f -> f.path("rule").asString()))
        .contains("SLOW_TO_DRY");
    bench(3, 50, 3, 50, 1);
    // below what the labels allow nothing is put on at all
    assertThat(order(piece).path("possible").asBoolean()).isFalse();
  }

  /**
   * Where the page says that nothing can be sooner, no order of the steps of two woven pieces ends
   * sooner: every way to put the one between the other is tried, each step as early as it goes.
   */
  @Test
  void whatCannotBeSoonerIsTheLeastOverAllOrders() {
    Random dice = new Random(48271);
    int proven = 0;
    for (int i = 0; i < 4; i++) {
      double celsius = 17.3 + dice.nextDouble() * 5;
      double damp = 41 + dice.nextInt(20);
      bench(celsius, damp, celsius, damp, 1);
      JsonNode one = painted("Least one " + i, 500.3 + dice.nextInt(900));
      JsonNode two = painted("Least two " + i, 400.9 + dice.nextInt(900));
      one =
          edited(
              one, of("WORK_WITH").put("pieceId", two.path("id").asString()).put("together", true));
      JsonNode order = order(one);
      canBeWorked("least", order);
      if (!order.path("proofText").asString().equals("Nothing can be sooner.")) {
        continue;
      }
      proven++;
      List<List<JsonNode>> rows = new ArrayList<>();
      order.path("rows").forEach(r -> rows.add(r.path("steps").valueStream().toList()));
      assertThat(rows).as("each board is one chain").hasSize(2);
      int[] best = {Integer.MAX_VALUE};
      merge(order, rows, new int[2], new int[2], 0, best);
      assertThat(finish(order)).isEqualTo(best[0]);
    }
    assertThat(proven).isPositive();
  }

  /**
   * Goes on with either chain.
   *
   * @param at how far each of them is
   * @param ripe when the next step of each may be begun
   */
  private void merge(
      JsonNode order, List<List<JsonNode>> rows, int[] at, int[] ripe, int hands, int[] best) {
    if (hands >= best[0]) {
      return;
    }
    if (at[0] == rows.get(0).size() && at[1] == rows.get(1).size()) {
      best[0] = hands;
      return;
    }
    for (int r = 0; r < 2; r++) {
      if (at[r] == rows.get(r).size()) {
        continue;
      }
      JsonNode step = rows.get(r).get(at[r]);
      int length = step.path("to").asInt() - step.path("from").asInt();
      int begin = open(order, Math.max(hands, ripe[r]), length);
      int[] next = at.clone();
      int[] then = ripe.clone();
      next[r]++;
      then[r] = begin + length;
      for (JsonNode wait : step.path("waits")) {
        // the climate never changes: a wait is as long whenever it begins
        int takes = wait.path("ripe").asInt() - step.path("to").asInt();
        boolean isNext =
            next[r] < rows.get(r).size()
                && rows.get(r).get(next[r]).path("id").equals(wait.path("toStep"));
        then[r] = isNext ? Math.max(then[r], begin + length + takes) : then[r];
      }
      merge(order, rows, next, then, begin + length, best);
    }
  }

  /** The first minute of the hours from one on at which so much goes in one stretch. */
  private static int open(JsonNode order, int from, int length) {
    for (int day = 0; day < 60; day++) {
      LocalDateTime midnight = time(order, 0).toLocalDate().plusDays(day).atStartOfDay();
      if (midnight.getDayOfWeek().getValue() > 5) {
        continue;
      }
      for (int[] hours : new int[][] {{9, 12}, {13, 17}}) {
        int opens =
            (int) Duration.between(time(order, 0), midnight.plusHours(hours[0])).toMinutes();
        int closes = opens + (hours[1] - hours[0]) * 60;
        int begin = Math.max(from, opens);
        if (begin + length <= closes) {
          return begin;
        }
      }
    }
    throw new AssertionError("no hours for " + length + " min");
  }

  /** What is told of each other way to do it is what comes of it when it is taken. */
  @Test
  void whatIsToldOfAnotherWayIsWhatComesOfIt() {
    JsonNode piece = painted("Otherwise");
    int before = finish(order(piece));
    int tried = 0;
    for (JsonNode other :
        get("/api/pieces/" + piece.path("id").asString() + "/order/otherwise").body()) {
      tried++;
      int told = other.path("minutes").asInt();
      if (other.has("bench")) {
        ObjectNode was = (ObjectNode) get("/api/bench").body().path("bench");
        assertThat(putBench((ObjectNode) other.path("bench")).status()).isEqualTo(200);
        assertThat(finish(order(piece)) - before).as(other.path("key").asString()).isEqualTo(told);
        assertThat(putBench(was).status()).isEqualTo(200);
      } else {
        JsonNode then = edited(piece, (ObjectNode) other.path("edit"));
        JsonNode order = order(then);
        long later = Duration.between(time(order(then), 0), time(order, finish(order))).toMinutes();
        int begins = other.path("key").asString().equals("TOMORROW") ? 24 * 60 : 0;
        assertThat(later + begins - before).as(other.path("key").asString()).isEqualTo(told);
        piece =
            change(
                    "POST",
                    "/api/pieces/" + piece.path("id").asString() + "/undo",
                    null,
                    then.path("version").asLong())
                .body();
      }
    }
    assertThat(tried).isGreaterThan(4);
  }

  /** What is done stays where it was, and what is left is planned from when it is said. */
  @Test
  void whatIsDoneStaysAndTheRestIsPlannedFromThen() {
    JsonNode piece = painted("Half done");
    JsonNode order = order(piece);
    JsonNode first =
        steps(order).stream()
            .min((a, b) -> a.path("from").asInt() - b.path("from").asInt())
            .orElseThrow();
    ObjectNode done = of("STEP_DONE").put("step", first.path("key").asString());
    done.putObject("done").put("at", "2027-02-01T10:17:00Z").put("minutes", 23.5);
    piece = edited(piece, done, of("BEGIN_ON").put("at", "2027-02-02T13:00"));
    JsonNode then = order(piece);
    canBeWorked("half done", then);
    JsonNode was =
        steps(then).stream()
            .filter(s -> s.path("id").equals(first.path("id")))
            .findFirst()
            .orElseThrow();
    assertThat(was.path("done").asBoolean()).isTrue();
    assertThat(time(then, was.path("to").asInt())).isEqualTo("2027-02-01T10:17");
    steps(then).stream()
        .filter(s -> !s.path("done").asBoolean())
        .forEach(
            s ->
                assertThat(time(then, s.path("from").asInt()))
                    .isAfterOrEqualTo(LocalDateTime.parse("2027-02-02T13:00")));
    // a copy is another piece: what takes how long is known of it, and nothing of it is done
    piece =
        edited(
            piece, of("STEP_TAKES").put("step", first.path("key").asString()).put("minutes", 47));
    JsonNode copy = post("/api/pieces/" + piece.path("id").asString() + "/copy", null).body();
    JsonNode again = order(copy);
    assertThat(steps(again)).noneMatch(s -> s.path("done").asBoolean());
    assertThat(
            steps(again).stream()
                .filter(s -> s.path("key").equals(first.path("key")))
                .map(s -> s.path("minutes").asDouble()))
        .containsExactly(47.0);
    ObjectNode takes = of("STEP_TAKES").put("step", first.path("key").asString());
    assertThat(edit(piece, takes.put("minutes", -3)).status()).isEqualTo(422);
    assertThat(edit(piece, of("BEGIN_ON").put("at", "0001-01-01T09:00")).detail())
        .contains("2000")
        .contains("2199");
    assertThat(edit(piece, of("BEGIN_ON").put("at", "tomorrow")).detail())
        .contains("tomorrow")
        .contains("2027-02-01T09:00");
  }

  /** Two pieces are woven: each is worked on while the other dries. */
  @Test
  void twoPiecesWovenEndSoonerThanOneAfterTheOther() {
    JsonNode one = painted("Woven one");
    JsonNode two = painted("Woven two");
    int alone = finish(order(one));
    one =
        edited(
            one, of("WORK_WITH").put("pieceId", two.path("id").asString()).put("together", true));
    JsonNode woven = order(one);
    canBeWorked("woven", woven);
    assertThat(steps(woven)).hasSize(steps(order(two)).size() * 2);
    assertThat(woven.path("rows").valueStream().filter(r -> !r.path("own").asBoolean()))
        .isNotEmpty();
    assertThat(finish(woven)).isLessThan(2 * alone);
    // who is gone is worked on no more, and nothing breaks
    one = edited(one, of("WORK_WITH").put("pieceId", "nobody").put("together", true));
    assertThat(steps(order(one))).hasSize(steps(woven).size());
  }

  /** The calendar is read by other hands than wrote it. */
  @Test
  void theCalendarHasTheVisits() {
    JsonNode piece = painted("Calendar");
    JsonNode order = order(piece);
    String base = "/api/pieces/" + piece.path("id").asString() + "/order";
    ICalendar calendar = Biweekly.parse(get(base + "/calendar").text()).first();
    List<VEvent> visits =
        calendar.getEvents().stream()
            .filter(e -> e.getSummary().getValue().contains("at the bench"))
            .toList();
    assertThat(visits).hasSize(order.path("visits").size());
    for (int i = 0; i < visits.size(); i++) {
      Instant from = visits.get(i).getDateStart().getValue().toInstant();
      assertThat(LocalDateTime.ofInstant(from, ZONE))
          .isEqualTo(time(order, order.path("visits").get(i).path("from").asInt()));
    }
    assertThat(calendar.getEvents().stream().map(e -> e.getUid().getValue()).distinct())
        .hasSameSizeAs(calendar.getEvents());
    List<String> lines = get(base + "/csv").text().lines().toList();
    assertThat(lines).hasSize(steps(order).size() + 1);
    assertThat(lines.getFirst()).isEqualTo("begins,ends,piece,on,step,minutes,who,state");
    assertThat(get(base + "/print?paper=LETTER").status()).isEqualTo(200);
  }

  @Test
  void whatCanBeDoneInSomeMinutesFitsIntoThem() {
    JsonNode piece = painted("Minutes");
    String base = "/api/pieces/" + piece.path("id").asString() + "/order/now?minutes=";
    assertThat(get(base + 0).status()).isEqualTo(422);
    Random dice = new Random(5);
    for (int i = 0; i < 5; i++) {
      int minutes = 3 + dice.nextInt(90);
      JsonNode now = get(base + minutes).body();
      for (JsonNode step : now.path("steps")) {
        JsonNode of =
            steps(order(piece)).stream()
                .filter(s -> s.path("id").equals(step.path("stepId")))
                .findFirst()
                .orElseThrow();
        assertThat(of.path("minutes").asDouble()).isLessThanOrEqualTo(minutes);
      }
      assertThat(now.path("steps").isEmpty() ? now.has("nextText") : true).isTrue();
    }
  }

  @Test
  void whatABenchCannotBeIsRefusedByName() {
    ObjectNode bench = bench(21, 50, 18, 60, 2);
    ObjectNode cold = bench.deepCopy();
    ((ObjectNode) cold.at("/rooms/0/climate/7")).put("damp", 140);
    assertThat(putBench(cold).detail()).contains("damp").contains("140").contains("100");
    ObjectNode late = bench.deepCopy();
    ((ObjectNode) late.at("/people/0/week/MONDAY/0")).put("to", "08:00");
    assertThat(putBench(late).detail()).contains("09:00 to 08:00");
    ObjectNode zone = bench.deepCopy();
    assertThat(putBench(zone.put("zone", "Marsh/Nowhere")).detail()).contains("Marsh/Nowhere");
    ObjectNode nobody = bench.deepCopy();
    nobody.putArray("people");
    assertThat(putBench(nobody).status()).isEqualTo(422);
    assertThat(get("/api/bench").body().path("bench").path("people")).hasSize(2);
  }

  /** Of many who change the bench at once, on what they all looked at, one is first. */
  @Test
  void ofManyWhoChangeTheBenchAtOnceOneIsFirst() throws Exception {
    ObjectNode bench = bench(21, 50, 18, 60, 1);
    long version = get("/api/bench").body().path("version").asLong();
    List<Answer> told =
        atOnce(
            8, i -> change("PUT", "/api/bench", bench.deepCopy().put("places", 10 + i), version));
    assertThat(told.stream().filter(a -> a.status() == 200)).hasSize(1);
    assertThat(told.stream().filter(a -> a.status() == 409)).hasSize(7);
    Answer first = told.stream().filter(a -> a.status() == 200).findFirst().orElseThrow();
    assertThat(get("/api/bench").body().at("/bench/places"))
        .isEqualTo(first.body().at("/bench/places"));
  }
}
