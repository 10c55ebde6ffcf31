package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What an artist decides about the order, and what comes of it. */
class OwnOrderApiTest extends OrderServerTest {
  private static JsonNode step(JsonNode order, String key) {
    return steps(order).stream()
        .filter(s -> s.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no step " + key));
  }

  private static JsonNode first(JsonNode order, String doing) {
    return steps(order).stream()
        .filter(s -> s.path("doing").asString().equals(doing))
        .min((a, b) -> a.path("from").asInt() - b.path("from").asInt())
        .orElseThrow();
  }

  private static List<String> found(JsonNode order) {
    return texts(order.path("findings"), "rule");
  }

  private static JsonNode finding(JsonNode order, String rule) {
    return order
        .path("findings")
        .valueStream()
        .filter(f -> f.path("rule").asString().equals(rule))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no " + rule + " in " + found(order)));
  }

  private static List<String> stops(JsonNode order) {
    return order
        .path("findings")
        .valueStream()
        .filter(f -> f.path("level").asString().equals("STOP"))
        .map(f -> f.path("rule").asString() + " " + f.path("stepId").asString())
        .toList();
  }

  /**
   * Wherever a step is dragged: what is answered is where it comes to stand, it is when it was
   * asked for where that is said, and what is left can be worked.
   */
  @Test
  void aStepStandsWhereTheAnswerSaysAndTheRestCanBeWorked() {
    Random dice = new Random(20811);
    JsonNode piece = painted("Dragged", 903.3);
    String path = "/api/pieces/" + piece.path("id").asString() + "/order/begin";
    int kept = 0;
    for (int i = 0; i < 12; i++) {
      JsonNode order = order(piece);
      JsonNode step = steps(order).get(dice.nextInt(steps(order).size()));
      String key = step.path("key").asString();
      int minute = Math.max(0, step.path("from").asInt() - 300 + dice.nextInt(2400));
      Answer answer = get(path + "?step=" + encoded(key) + "&minute=" + minute);
      assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
      JsonNode told = answer.body();
      assertThat(told.path("text").asString()).isNotBlank();
      assertThat(told.path("readyText").asString()).startsWith("Ready on");
      piece =
          edited(piece, of("STEP_BEGINS").put("step", key).put("at", told.path("at").asString()));
      JsonNode then = order(piece);
      canBeWorked("dragged " + i, then);
      assertThat(step(then, key).path("at").asString())
          .as("case %d, %s", i, told)
          .isEqualTo(told.path("at").asString());
      assertThat(step(then, key).path("fixed").asBoolean()).isTrue();
      if (told.path("kept").asBoolean()) {
        assertThat(LocalDateTime.parse(told.path("at").asString())).isEqualTo(time(order, minute));
        kept++;
      }
      // and left open again, so that the next is dragged in a plan of its own
      piece = edited(piece, of("STEP_BEGINS").put("step", key));
    }
    assertThat(kept).isBetween(1, 11);
    assertThat(get(path + "?step=nothing&minute=5").detail()).contains("nothing");
    assertThat(get(path + "?step=nothing&minute=5").status()).isEqualTo(422);
    String any = steps(order(piece)).getFirst().path("key").asString();
    assertThat(get(path + "?step=" + encoded(any) + "&minute=-4").detail()).contains("-4");
  }

  /** Fixed onto wet paint it stops; what is offered ends that, and stops nothing else. */
  @Test
  void whatIsFixedOntoWetPaintIsMovedWithOneClick() {
    JsonNode piece = painted("Too soon", 811.9);
    JsonNode second =
        steps(order(piece)).stream()
            .filter(s -> s.path("title").asString().contains("coat 2"))
            .findFirst()
            .orElseThrow();
    String key = second.path("key").asString();
    LocalDateTime soon = LocalDateTime.parse(second.path("at").asString()).minusMinutes(45);
    piece = edited(piece, of("STEP_BEGINS").put("step", key).put("at", soon.toString()));
    JsonNode order = order(piece);
    canBeWorked("too soon", order);
    JsonNode finding = finding(order, "FIXED_TOO_SOON");
    assertThat(finding.path("level").asString()).isEqualTo("STOP");
    assertThat(finding.path("mends").size()).isEqualTo(2);
    for (JsonNode mend : finding.path("mends")) {
      JsonNode mended = order(edited(get(path(piece)).body(), (ObjectNode) mend.path("edit")));
      assertThat(found(mended)).as(mend.path("text").asString()).doesNotContain("FIXED_TOO_SOON");
      assertThat(stops(mended)).isSubsetOf(stops(order));
      canBeWorked("mended", mended);
    }
  }

  @Test
  void aStepOfOnesOwnIsWovenInAndWhatComesAfterItWaits() {
    JsonNode piece = painted("Own step", 702.7);
    JsonNode coat = first(order(piece), "COAT");
    int before = finish(order(piece));
    ObjectNode put = of("PUT_OWN_STEP").put("key", "own:putty");
    put.putObject("own")
        .put("name", "Putty the holes")
        .put("minutes", 33.5)
        .put("group", order(piece).at("/groups/0/id").asString())
        .put("restHours", 2.5);
    piece =
        edited(
            piece,
            put,
            of("PUT_FIRST")
                .put("first", "own:putty")
                .put("next", coat.path("wholeKey").asString())
                .put("barred", true));
    JsonNode order = order(piece);
    canBeWorked("own step", order);
    JsonNode own = step(order, "own:putty");
    assertThat(own.path("title").asString()).startsWith("Putty the holes");
    JsonNode then = step(order, coat.path("key").asString());
    assertThat(then.path("from").asInt()).isGreaterThanOrEqualTo(own.path("to").asInt() + 150);
    assertThat(texts(then.path("firsts"), "key")).containsExactly("own:putty");
    assertThat(finish(order)).isGreaterThan(before);
    piece = edited(piece, of("TAKE_OWN_STEP").put("key", "own:putty"));
    assertThat(finish(order(piece))).isEqualTo(before);
    assertThat(piece.at("/document/order").has("first")).isFalse();
  }

  @Test
  void whatAStepCannotBeIsRefusedByName() {
    JsonNode piece = painted("Refused steps", 655.5);
    ObjectNode nameless = of("PUT_OWN_STEP");
    nameless.putObject("own").put("name", "  ").put("minutes", 5);
    assertThat(edit(piece, nameless).status()).isEqualTo(422);
    for (String key : List.of("of:face:sand", "own:", "own:a~1", "own:a/1")) {
      ObjectNode like = of("PUT_OWN_STEP").put("key", key);
      like.putObject("own").put("name", "Like another").put("minutes", 5);
      assertThat(edit(piece, like).detail()).contains(key).contains("own:");
    }
    ObjectNode endless = of("PUT_OWN_STEP");
    endless.putObject("own").put("name", "Wait").put("minutes", 5).put("restHours", 99_999);
    assertThat(edit(piece, endless).detail()).contains("99999").contains("1440 h");
    assertThat(edit(piece, of("STEP_IN_PARTS").put("step", "a").put("parts", 77)).detail())
        .contains("77")
        .contains("12");
    assertThat(
            edit(piece, of("PUT_FIRST").put("first", "a").put("next", "a").put("barred", true))
                .status())
        .isEqualTo(422);
    assertThat(edit(piece, of("STEP_BEGINS").put("step", "a").put("at", "soon")).detail())
        .contains("soon");
    assertThat(edit(piece, of("PROMISE").put("day", "the fair")).detail()).contains("the fair");
    // and nothing of it was kept
    assertThat(get(path(piece)).body().path("version").asLong())
        .isEqualTo(piece.path("version").asLong());
  }

  @Test
  void aStepInPartsIsDoneInAsManyGoes() {
    JsonNode piece = painted("In parts", 1403.1);
    JsonNode coat = first(order(piece), "COAT");
    String whole = coat.path("wholeKey").asString();
    piece = edited(piece, of("STEP_IN_PARTS").put("step", whole).put("parts", 3));
    JsonNode order = order(piece);
    canBeWorked("in parts", order);
    List<JsonNode> parts =
        steps(order).stream().filter(s -> s.path("wholeKey").asString().equals(whole)).toList();
    assertThat(parts).hasSize(3);
    double minutes = parts.stream().mapToDouble(p -> p.path("minutes").asDouble()).sum();
    assertThat(minutes)
        .isCloseTo(coat.path("minutes").asDouble(), org.assertj.core.api.Assertions.within(0.1));
  }

  /** Fixed to a day in half a year, it is there; the rest goes before it and after it. */
  @Test
  void whatIsFixedToAFarDayIsThere() {
    JsonNode piece = painted("Far off", 688.1);
    JsonNode last =
        steps(order(piece)).stream()
            .max((a, b) -> a.path("to").asInt() - b.path("to").asInt())
            .orElseThrow();
    String key = last.path("key").asString();
    piece = edited(piece, of("STEP_BEGINS").put("step", key).put("at", "2027-07-28T10:25"));
    JsonNode order = order(piece);
    assertThat(order.path("possible").asBoolean()).isTrue();
    canBeWorked("far off", order);
    assertThat(step(order, key).path("at").asString()).isEqualTo("2027-07-28T10:25");
  }

  /** What was done before its turn, hours ago, is kept; the rest goes on from there. */
  @Test
  void whatIsDoneOutOfTurnIsKept() {
    JsonNode piece = painted("Out of turn", 717.3);
    List<JsonNode> all = steps(order(piece));
    for (JsonNode step : all) {
      ObjectNode done = of("STEP_DONE").put("step", step.path("key").asString());
      done.putObject("done").put("at", "2027-01-31T23:47:00Z").put("minutes", 9);
      JsonNode then = order(edited(get(path(piece)).body(), done));
      JsonNode kept = step(then, step.path("key").asString());
      assertThat(kept.path("done").asBoolean()).as(step.path("title").asString()).isTrue();
      assertThat(kept.path("to").asInt() - kept.path("from").asInt()).isEqualTo(9);
      assertThat(steps(then)).hasSize(all.size());
      assertThat(get(path(piece) + "/order/now?minutes=20").status()).isEqualTo(200);
      if (step == all.getLast()) {
        assertThat(get(path(piece) + "/order/otherwise").status()).isEqualTo(200);
        assertThat(get("/api/week").status()).isEqualTo(200);
      }
      edited(get(path(piece)).body(), of("STEP_DONE").put("step", step.path("key").asString()));
    }
  }

  /** Whatever is offered to come before a step can: none of it ends as an order that cannot be. */
  @Test
  void whatDoesNotWaitForAStepMayBePutBeforeIt() {
    JsonNode piece = painted("What may be first", 733.9);
    ObjectNode own = of("PUT_OWN_STEP").put("key", "own:photos");
    own.putObject("own").put("name", "Take photos").put("minutes", 7.3);
    List<JsonNode> all = steps(order(edited(piece, own)));
    int unkept = 0;
    for (JsonNode step : all) {
      List<String> waiting = step.path("waiting").valueStream().map(JsonNode::asString).toList();
      for (JsonNode other : all) {
        if (other == step) {
          continue;
        }
        ObjectNode first =
            of("PUT_FIRST")
                .put("first", other.path("wholeKey").asString())
                .put("next", step.path("wholeKey").asString());
        JsonNode then =
            order(edited(get(path(piece)).body(), first.deepCopy().put("barred", true)));
        boolean waits = waiting.contains(other.path("wholeKey").asString());
        assertThat(found(then).contains("ORDER_UNKEPT"))
            .as("%s before %s", other.path("title"), step.path("title"))
            .isEqualTo(waits);
        unkept += waits ? 1 : 0;
        edited(get(path(piece)).body(), first.put("barred", false));
      }
    }
    assertThat(unkept).isBetween(10, all.size() * (all.size() - 1) - 10);
  }

  /** An order that what lies under it forbids is told, and ends with what is offered. */
  @Test
  void anOrderThatCannotBeIsTold() {
    JsonNode piece = painted("Upside down", 644.4);
    List<JsonNode> coats =
        steps(order(piece)).stream()
            .filter(s -> s.path("doing").asString().equals("COAT"))
            .sorted((a, b) -> a.path("from").asInt() - b.path("from").asInt())
            .toList();
    piece =
        edited(
            piece,
            of("PUT_FIRST")
                .put("first", coats.getLast().path("wholeKey").asString())
                .put("next", coats.getFirst().path("wholeKey").asString())
                .put("barred", true));
    JsonNode order = order(piece);
    canBeWorked("upside down", order);
    JsonNode mend = finding(order, "ORDER_UNKEPT").at("/mends/0/edit");
    assertThat(found(order(edited(piece, (ObjectNode) mend)))).doesNotContain("ORDER_UNKEPT");
  }

  /** Wanted before it is ready it stops; before it has cured it is a risk; later it is neither. */
  @Test
  void theDayOnWhichItIsWantedIsHeldAgainstWhenItIsReadyAndCured() {
    JsonNode piece = painted("Promised", 777.7);
    JsonNode order = order(piece);
    LocalDate ready = time(order, finish(order)).toLocalDate();
    assertThat(found(order)).doesNotContain("AFTER_PROMISE", "CURE_BEFORE_USE");
    piece = edited(piece, of("PROMISE").put("day", ready.toString()));
    assertThat(found(order(piece))).contains("AFTER_PROMISE").doesNotContain("CURE_BEFORE_USE");
    piece = edited(piece, of("PROMISE").put("day", ready.plusDays(1).toString()));
    assertThat(found(order(piece))).contains("CURE_BEFORE_USE").doesNotContain("AFTER_PROMISE");
    assertThat(order(piece).path("curedText").asString()).startsWith("Cured");
    piece = edited(piece, of("PROMISE").put("day", ready.plusDays(300).toString()));
    assertThat(found(order(piece))).doesNotContain("AFTER_PROMISE", "CURE_BEFORE_USE");
    piece = edited(piece, of("PROMISE"));
    assertThat(piece.at("/document/order").has("promised")).isFalse();
  }

  /**
   * Every step that is left of what is woven is on one day of one week, nobody does two things at
   * once, and what is told as next is the first of them.
   */
  @Test
  void theWeeksHaveEveryStepOnce() {
    JsonNode soon = painted("Week one", 501.3);
    JsonNode other = painted("Week two", 612.9);
    // those that are wanted first are woven, whatever else is in the studio
    edited(soon, of("PROMISE").put("day", "2027-02-09"));
    edited(other, of("PROMISE").put("day", "2027-02-10"));
    JsonNode week = get("/api/week?from=2027-01-25").body();
    assertThat(week.path("possible").asBoolean()).as(week.path("title").asString()).isTrue();
    List<String> pieces = texts(week.path("pieces"), "pieceId");
    assertThat(pieces)
        .contains(soon.path("id").asString(), other.path("id").asString())
        .hasSizeLessThanOrEqualTo(20);
    LocalDate last = LocalDate.parse(week.path("lastDay").asString());
    Set<String> seen = new HashSet<>();
    List<String> firstOf = new ArrayList<>();
    int days = 0;
    LocalDate from = LocalDate.parse("2026-11-20");
    for (LocalDate day = from; !day.isAfter(last); day = day.plusDays(7)) {
      JsonNode seven = get("/api/week?from=" + day).body();
      assertThat(seven.path("days").size()).isEqualTo(7);
      for (JsonNode date : seven.path("days")) {
        days +=
            date.path("stints")
                    .valueStream()
                    .flatMap(t -> t.path("steps").valueStream())
                    .anyMatch(s -> !s.path("done").asBoolean())
                ? 1
                : 0;
        int[] until = new int[8];
        for (JsonNode stint : date.path("stints")) {
          int person = stint.path("person").asInt();
          assertThat(stint.path("from").asInt()).isGreaterThanOrEqualTo(until[person]);
          until[person] = stint.path("to").asInt();
          for (JsonNode s : stint.path("steps")) {
            assertThat(seen.add(s.path("id").asString())).as(s.toString()).isTrue();
            boolean ofSoon = s.path("id").asString().startsWith(soon.path("id").asString());
            if (ofSoon) {
              firstOf.add(s.path("title").asString());
            }
          }
        }
      }
    }
    for (JsonNode piece : List.of(soon, other)) {
      for (JsonNode s : steps(order(piece))) {
        // a step that nobody works as long as in one go is torn into parts
        assertThat(seen)
            .anyMatch(id -> id.startsWith(s.path("id").asString().replaceFirst("/\\d+$", "")));
      }
    }
    JsonNode next =
        get("/api/week/next")
            .body()
            .valueStream()
            .filter(p -> p.path("pieceId").equals(soon.path("id")))
            .findFirst()
            .orElseThrow();
    assertThat(next.path("nextText").asString()).startsWith(firstOf.getFirst());
    assertThat(get("/api/week?from=someday").detail()).contains("someday");
    // another library reads as many visits out of the calendar as there are days with work
    List<VEvent> visits =
        Biweekly.parse(get("/api/week/calendar").text()).first().getEvents().stream()
            .filter(e -> e.getSummary().getValue().equals("At the bench"))
            .toList();
    assertThat(visits).hasSize(days);
  }

  /** A search never makes it worse; many at once leave the best that any of them found. */
  @Test
  void aSearchForABetterOrderLeavesTheBest() throws Exception {
    JsonNode main = painted("Search", 498.1);
    List<ObjectNode> with = new ArrayList<>();
    for (int i = 0; i < 15; i++) {
      JsonNode other = painted("Searched with " + i, 399.3 + 57.7 * i);
      with.add(of("WORK_WITH").put("pieceId", other.path("id").asString()).put("together", true));
    }
    main = edited(main, with.toArray(ObjectNode[]::new));
    JsonNode before = order(main);
    assertThat(steps(before).size()).isGreaterThan(120);
    canBeWorked("many", before);
    String searches = path(main) + "/order/searches";
    List<Answer> begun = atOnce(2, i -> post(searches, null));
    for (Answer each : begun) {
      assertThat(finished(each).path("state").asString()).isEqualTo("DONE");
    }
    JsonNode after = order(main);
    canBeWorked("searched", after);
    assertThat(finish(after)).isLessThanOrEqualTo(finish(before));
    // asked again it is the same
    assertThat(steps(order(main))).isEqualTo(steps(after));
    // what is stopped leaves what it found, and nothing worse
    Answer stopped = post(searches, null);
    String job = "/api/jobs/" + stopped.body().path("id").asString();
    delete(job);
    finished(stopped);
    assertThat(finish(order(main))).isLessThanOrEqualTo(finish(after));
  }
}
